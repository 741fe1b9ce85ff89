import type { FamilyId } from '@renatus/core/dynamics/contract'
import { contentsOf, FULL, type Grades, type Speck } from './contents'
import { shapeOf, type VesselShape } from './vesselShape'

/** What a vessel is drawn from. `fill` is the share that is full; `air` and `plug` are parts of its method. */
export interface VesselView {
  shape: VesselShape
  family: FamilyId
  grades: Grades
  seed: number
  fill?: number
  air?: boolean
  plug?: boolean
}

/** One stroke or area. `inside` is cut at the walls; colours may be variables of the theme. */
interface Part {
  name: string
  d: string
  fill?: string
  stroke?: string
  width?: number
  opacity?: number
  inside?: boolean
}
export interface VesselDrawn {
  width: number
  height: number
  outline: string
  parts: Part[]
}

const INK = '#1D2A26'
/** What swims in it, on the colour of its water. */
const ANIMALS: Partial<Record<FamilyId, string>> = { hatch: '#B44A0B' }

const box = (x: number, y: number, w: number, h: number) =>
  `M${x} ${y.toFixed(1)}h${w}v${h.toFixed(1)}h${-w}Z`
const line = (p: Speck) => {
  const [dx, dy] = [Math.cos(p.angle) * p.length, Math.sin(p.angle) * p.length]
  return `M${(p.x - dx / 2).toFixed(1)} ${(p.y - dy / 2).toFixed(1)}l${dx.toFixed(1)} ${dy.toFixed(1)}`
}

/** The one set of rules by which every vessel is drawn: on the shelf, in a look, on a label. */
export function drawVessel(v: VesselView): VesselDrawn {
  const s = shapeOf(v.shape)
  const fill = v.fill ?? FULL
  const c = contentsOf(v.shape, v.family, v.grades, v.seed, fill)
  const middle = s.width / 2
  const parts: Part[] = [{ name: 'glass', d: `${s.outline} Z`, fill: 'var(--glass, #F8FAF6)' }]
  const add = (part: Part | false) => part && parts.push(part)
  if (fill > 0) {
    add({ name: 'water', d: box(0, c.level, s.width, s.height), fill: c.colour, inside: true })
    add(
      c.haze > 0.01 && {
        name: 'haze',
        d: box(0, c.level, s.width, s.height),
        fill: '#F4F1E6',
        opacity: Number(c.haze.toFixed(3)),
        inside: true,
      },
    )
    add({
      name: 'sediment',
      d: box(0, s.floor - c.sediment, s.width, c.sediment + 4),
      fill: '#6A573B',
      opacity: 0.75,
      inside: true,
    })
    add(
      c.film > 0.4 && {
        name: 'film',
        d: box(0, c.level - c.film / 2, s.width, c.film),
        fill: '#8C8368',
        inside: true,
      },
    )
    add(
      v.plug === true && {
        name: 'plug',
        d: box(middle - 8, c.level - 3, 16, 11),
        fill: '#EDE6D2',
        stroke: '#8C8368',
        width: 1,
        inside: true,
      },
    )
    add(
      v.air === true && {
        name: 'bubbles',
        d: [0.3, 0.52, 0.7, 0.88]
          .map((at, i) => {
            const y = s.floor - (s.floor - c.level) * at
            return `M${(middle + (i % 2 ? 3 : -3) - 1.8).toFixed(1)} ${y.toFixed(1)}a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0 -3.6 0`
          })
          .join(''),
        stroke: '#FFFFFF',
        width: 1.1,
        fill: 'none',
        opacity: 0.9,
        inside: true,
      },
    )
    add(
      c.specks.length > 0 && {
        name: 'specks',
        d: c.specks.map(line).join(''),
        stroke: ANIMALS[v.family] ?? INK,
        width: 1.5,
        fill: 'none',
      },
    )
    add(
      c.climbers.length > 0 && {
        name: 'climbers',
        d: c.climbers.map(p => `M${p.x.toFixed(1)} ${p.y.toFixed(1)}h.01`).join(''),
        stroke: 'var(--ink, #1D2A26)',
        width: 1.9,
        fill: 'none',
      },
    )
    add(
      c.pupae.length > 0 && {
        name: 'pupae',
        d: c.pupae.map(x => `M${x.toFixed(1)} ${(c.level + 2).toFixed(1)}q4 0 3 5`).join(''),
        stroke: INK,
        width: 2,
        fill: 'none',
      },
    )
  }
  add({ name: 'walls', d: s.outline, stroke: 'var(--ink, #1D2A26)', width: 2.6, fill: 'none' })
  return { width: s.width, height: s.height, outline: s.outline, parts }
}

const attribute = (name: string, value: string | number | undefined) =>
  value === undefined ? '' : ` ${name}="${value}"`

/** The drawing as an image of its own: for a printed label, and for whoever looks at its pixels. */
export function vesselSvg(v: VesselView, scale = 1): string {
  const d = drawVessel(v)
  const parts = d.parts
    .map(
      p =>
        `<path data-part="${p.name}" d="${p.d}" fill="${p.fill ?? 'none'}"${attribute('stroke', p.stroke)}${attribute('stroke-width', p.width)}${attribute('opacity', p.opacity)} stroke-linecap="round" stroke-linejoin="round"${p.inside ? ' clip-path="url(#walls)"' : ''}/>`,
    )
    .join('')
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${d.width} ${d.height}" width="${d.width * scale}" height="${d.height * scale}"><clipPath id="walls"><path d="${d.outline} Z"/></clipPath>${parts}</svg>`
}
