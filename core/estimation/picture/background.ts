import type { GreyPicture } from './picture'

/** Blocks along the longer side of which the ground is taken. */
const BLOCKS = 8

/**
 * Difference of each pixel from the ground it lies on: the median of its block, joined smoothly to its neighbours,
 * so that a lamp on one side does not count as animals.
 */
export function fromBackground({ width, height, data }: GreyPicture): Float32Array {
  const size = Math.max(8, Math.ceil(Math.max(width, height) / BLOCKS))
  const nx = Math.ceil(width / size)
  const ny = Math.ceil(height / size)
  const ground = new Float32Array(nx * ny)
  const counts = new Uint32Array(256)
  for (let by = 0; by < ny; by++) {
    for (let bx = 0; bx < nx; bx++) {
      counts.fill(0)
      let n = 0
      for (let y = by * size; y < Math.min(height, (by + 1) * size); y++) {
        for (let x = bx * size; x < Math.min(width, (bx + 1) * size); x++) {
          counts[data[y * width + x]!]!++
          n++
        }
      }
      let sum = 0
      let grey = 0
      while (sum + counts[grey]! < n / 2) sum += counts[grey++]!
      // Where in the grey step the median lies: whole steps would show as noise.
      ground[by * nx + bx] = grey - 0.5 + (n / 2 - sum) / Math.max(1, counts[grey]!)
    }
  }
  const out = new Float32Array(width * height)
  for (let y = 0; y < height; y++) {
    const v = Math.min(ny - 1, Math.max(0, (y + 0.5) / size - 0.5))
    const y0 = Math.floor(v)
    const y1 = Math.min(ny - 1, y0 + 1)
    for (let x = 0; x < width; x++) {
      const u = Math.min(nx - 1, Math.max(0, (x + 0.5) / size - 0.5))
      const x0 = Math.floor(u)
      const x1 = Math.min(nx - 1, x0 + 1)
      const top = ground[y0 * nx + x0]! * (1 - u + x0) + ground[y0 * nx + x1]! * (u - x0)
      const bottom = ground[y1 * nx + x0]! * (1 - u + x0) + ground[y1 * nx + x1]! * (u - x0)
      out[y * width + x] = data[y * width + x]! - (top * (1 - v + y0) + bottom * (v - y0))
    }
  }
  return out
}
