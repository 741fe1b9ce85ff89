import { encodePng, Image } from 'image-js'
import { renderField } from '@renatus/core/estimation/picture/renderField'
import { fieldOf } from '../../utils/field'
import { OneAtATime } from '../../utils/oneAtATime'

const pictures = new OneAtATime(4)

/** A camera to practise on: a field with a number of animals that it keeps to itself. */
export default defineEventHandler(event => {
  const { seed, kind } = fieldOf(event)
  return pictures.run(event, async () => {
    // Lets other requests in before the picture is drawn.
    await new Promise(resolve => setImmediate(resolve))
    const { width, height, data } = renderField(seed, kind).picture
    setHeader(event, 'content-type', 'image/png')
    return Buffer.from(encodePng(new Image(width, height, { data, colorModel: 'GREY' })))
  })
})
