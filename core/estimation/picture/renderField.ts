import { randomStream } from '../../math/random'
import type { GreyPicture } from './picture'

/** What swims in a rendered field: a body some pixels long and wide. */
export const FIELD_KINDS = {
  nauplii: { length: 26, width: 10 },
  ciliates: { length: 12, width: 7 },
  daphnids: { length: 34, width: 22 },
} as const
export type FieldKind = keyof typeof FIELD_KINDS

/** Prime, so that rows do not line up. */
const STRIP = 7919

export interface Field {
  picture: GreyPicture
  truth: number
}

/**
 * A field as a lens would show it, with a number of animals that is known: an uneven lamp, grain, some dirt, bodies that lie
 * anywhere and sometimes touch. For practice and for tests; the same seed gives the same field.
 * @param animals how many, or null to let the seed choose from 5 to 200
 */
export function renderField(
  seed: number,
  kind: FieldKind = 'nauplii',
  animals: number | null = null,
  width = 800,
  height = 600,
): Field {
  const chance = randomStream(seed)
  const { length, width: girth } = FIELD_KINDS[kind]
  const truth = animals ?? Math.round(5 * 40 ** chance.next())
  const light = 150 + 60 * chance.next()
  const tilt = [chance.normal(0, 20), chance.normal(0, 20)] as const
  const contrast = 45 + 55 * chance.next()
  const grain = 2 + 3 * chance.next()
  const shade = new Float32Array(width * height)
  for (let i = 0; i < truth; i++)
    body(
      shade,
      width,
      height,
      chance.next() * width,
      chance.next() * height,
      length * Math.exp(chance.normal(0, 0.15)),
      girth * Math.exp(chance.normal(0, 0.15)),
      Math.PI * chance.next(),
      contrast * Math.exp(chance.normal(0, 0.2)),
      chance.next() < 0.15 ? 0.12 : 0.35,
    )
  const dirt = chance.integer(0, 14)
  for (let i = 0; i < dirt; i++)
    body(
      shade,
      width,
      height,
      chance.next() * width,
      chance.next() * height,
      3 + 3 * chance.next(),
      2 + 2 * chance.next(),
      Math.PI * chance.next(),
      contrast * 0.8,
      0.35,
    )
  // Air bubbles: a dark rim around a bright middle.
  const bubbles = chance.integer(0, 2)
  for (let i = 0; i < bubbles; i++)
    bubble(
      shade,
      width,
      height,
      chance.next() * width,
      chance.next() * height,
      8 + 14 * chance.next(),
      contrast * 0.7,
    )
  const data = new Uint8Array(width * height)
  // A draw for each pixel would take longer than all the rest: every row starts somewhere else in a strip of grain.
  const strip = Float32Array.from({ length: STRIP }, () => chance.normal(0, grain))
  for (let y = 0; y < height; y++) {
    const from = chance.integer(0, STRIP)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x / width - 0.5, y / height - 0.5]
      const ground = light + tilt[0] * u + tilt[1] * v - 25 * (u * u + v * v)
      data[y * width + x] = Math.max(
        0,
        Math.min(255, Math.round(ground - shade[y * width + x]! + strip[(from + x) % STRIP]!)),
      )
    }
  }
  return { picture: { width, height, data }, truth }
}

/** An oval; `sharp` is how fast its edge falls off, low for what swims out of focus; bodies that overlap are not darker than one. Those at the rim are pushed inside. */
function body(
  shade: Float32Array,
  width: number,
  height: number,
  cx: number,
  cy: number,
  length: number,
  girth: number,
  angle: number,
  dark: number,
  sharp: number,
): void {
  const margin = length / 2 + 1
  const x0 = Math.min(width - margin, Math.max(margin, cx))
  const y0 = Math.min(height - margin, Math.max(margin, cy))
  const [c, s] = [Math.cos(angle), Math.sin(angle)]
  for (let y = Math.floor(y0 - margin); y <= y0 + margin; y++) {
    for (let x = Math.floor(x0 - margin); x <= x0 + margin; x++) {
      if (x < 0 || y < 0 || x >= width || y >= height) continue
      const along = ((x - x0) * c + (y - y0) * s) / (length / 2)
      const across = (-(x - x0) * s + (y - y0) * c) / (girth / 2)
      const inside = 1 - Math.sqrt(along * along + across * across)
      const value = dark * Math.max(0, Math.min(1, 0.5 + inside * girth * sharp))
      const at = y * width + x
      if (value > shade[at]!) shade[at] = value
    }
  }
}

function bubble(
  shade: Float32Array,
  width: number,
  height: number,
  cx: number,
  cy: number,
  radius: number,
  dark: number,
): void {
  for (let y = Math.max(0, Math.floor(cy - radius)); y < Math.min(height, cy + radius); y++) {
    for (let x = Math.max(0, Math.floor(cx - radius)); x < Math.min(width, cx + radius); x++) {
      const r = Math.hypot(x - cx, y - cy)
      if (r <= radius)
        shade[y * width + x] =
          r > radius - 2.5
            ? Math.max(shade[y * width + x]!, dark)
            : Math.min(shade[y * width + x]!, -dark / 2)
    }
  }
}
