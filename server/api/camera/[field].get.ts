import { encodePng, Image } from 'image-js'
import { renderField } from '@renatus/core/estimation/picture/renderField'
import { fieldOf } from '../../utils/field'

/** A camera to practise on: a field with a number of animals that it keeps to itself. */
export default defineEventHandler(event => {
  const { seed, kind } = fieldOf(event)
  const { width, height, data } = renderField(seed, kind).picture
  setHeader(event, 'content-type', 'image/png')
  return Buffer.from(encodePng(new Image(width, height, { data, colorModel: 'GREY' })))
})
