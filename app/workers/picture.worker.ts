import { expose, transfer } from 'comlink'
import { countPicture, type PictureCount } from '@renatus/core/estimation/picture/countPicture'
import { greyOf } from '@renatus/core/estimation/picture/picture'

/** Longer pictures are made smaller first: animals stay many pixels long, and a phone has no memory to waste. */
const LONGEST_SIDE = 1600
/** Larger files and pictures are refused before they fill the memory, bytes and pixels. */
const MOST_BYTES = 80 * 1024 * 1024
const MOST_PIXELS = 120_000_000

export type OpenedPicture =
  | { ok: true; width: number; height: number; preview: ImageBitmap }
  | { ok: false; why: 'no-picture' | 'huge' }

let pixels: ImageData | null = null

/** Opens, shrinks and counts pictures off the page. The last picture is kept here for counting and reading colours. */
const eye = {
  async open(file: Blob): Promise<OpenedPicture> {
    pixels = null
    if (file.size > MOST_BYTES) return { ok: false, why: 'huge' }
    let full: ImageBitmap
    try {
      full = await createImageBitmap(file)
    } catch {
      return { ok: false, why: 'no-picture' }
    }
    if (full.width * full.height > MOST_PIXELS) return { ok: false, why: 'huge' }
    const scale = Math.min(1, LONGEST_SIDE / Math.max(full.width, full.height))
    const [width, height] = [
      Math.max(1, Math.round(full.width * scale)),
      Math.max(1, Math.round(full.height * scale)),
    ]
    const canvas = new OffscreenCanvas(width, height)
    const context = canvas.getContext('2d', { willReadFrequently: true })!
    context.imageSmoothingQuality = 'high'
    context.drawImage(full, 0, 0, width, height)
    full.close()
    pixels = context.getImageData(0, 0, width, height)
    const preview = canvas.transferToImageBitmap()
    return transfer({ ok: true, width, height, preview }, [preview])
  },

  count: (): PictureCount =>
    pixels
      ? countPicture(greyOf(pixels.width, pixels.height, pixels.data))
      : { ok: false, why: 'blank' },

  /** Mean grey of a small square around a point; 0 black to 255 white. */
  grey(x: number, y: number): number | null {
    if (!pixels) return null
    const half = Math.max(2, Math.round(Math.max(pixels.width, pixels.height) / 120))
    const [x0, y0] = [Math.max(0, Math.round(x) - half), Math.max(0, Math.round(y) - half)]
    const [x1, y1] = [
      Math.min(pixels.width, Math.round(x) + half + 1),
      Math.min(pixels.height, Math.round(y) + half + 1),
    ]
    let [sum, n] = [0, 0]
    for (let j = y0; j < y1; j++) {
      for (let i = x0; i < x1; i++) {
        const at = 4 * (j * pixels.width + i)
        sum +=
          0.299 * pixels.data[at]! + 0.587 * pixels.data[at + 1]! + 0.114 * pixels.data[at + 2]!
        n++
      }
    }
    return n > 0 ? sum / n : null
  },
}

export type Eye = typeof eye
expose(eye)
