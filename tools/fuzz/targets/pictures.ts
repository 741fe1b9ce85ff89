import { decode, encodePng, Image } from 'image-js'
import { countPicture } from '@renatus/core/estimation/picture/countPicture'
import { renderField } from '@renatus/core/estimation/picture/renderField'
import { mutateBytes } from '../mutate'
import type { Target } from '../target'

/** Of the picture, px: enough for some animals, and a hundred a second. */
const HEIGHT = 300

/** Pictures to count in: a file that no longer opens, and pixels that are no animals. */
export function pictures(): Target {
  const { width, data } = renderField(7, 'nauplii').picture
  const small = data.slice(0, width * HEIGHT)
  const file = encodePng(new Image(width, HEIGHT, { data: small, colorModel: 'GREY' }))
  return {
    name: 'pictures',
    try(chance) {
      const whole = chance.next() < 0.5
      const bytes = mutateBytes(chance, whole ? file : small)
      const input = Buffer.from(bytes.subarray(0, 60)).toString('hex')
      const pixels = whole ? opened(bytes) : bytes
      if (!pixels) return { outcome: 'refused', fault: null, input }
      const height = Math.floor(pixels.length / width)
      if (height < 1) return { outcome: 'refused', fault: null, input }
      const count = countPicture({ width, height, data: pixels.slice(0, height * width) })
      const fault = count.ok && !(count.animals >= 0) ? `${count.animals} animals` : null
      return { outcome: count.ok ? 'taken' : 'refused', fault, input }
    },
  }
}

/** The grey of a file that opens; the browser does this in the app, and says no in the same places. */
function opened(bytes: Uint8Array): Uint8Array | null {
  try {
    return new Uint8Array(decode(bytes).getRawImage().data)
  } catch {
    return null
  }
}
