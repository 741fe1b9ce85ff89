/** A picture in grey, row by row, 0 black to 255 white. */
export interface GreyPicture {
  width: number
  height: number
  data: Uint8Array
}

/** Grey of a picture as browsers hand it out (red, green, blue, alpha), by luma (ITU-R BT.601). */
export function greyOf(width: number, height: number, rgba: Uint8ClampedArray): GreyPicture {
  const data = new Uint8Array(width * height)
  for (let i = 0, j = 0; i < data.length; i++, j += 4)
    data[i] = 0.299 * rgba[j]! + 0.587 * rgba[j + 1]! + 0.114 * rgba[j + 2]!
  return { width, height, data }
}
