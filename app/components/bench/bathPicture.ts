import { DECAPSULATION_C } from '@renatus/core/water/decapsulation'
import type { DecapsulationCourse } from '@renatus/core/water/decapsulationCourse'

/** Where readings of a bath are drawn: 320 by 150, from 10 to 42 degrees, the last ten of them at most. */
const BOX = { left: 40, right: 305, top: 14, bottom: 140 } as const
const C = { from: 10, to: 42 } as const
const SHOWN = 10

const y = (c: number) => {
  const share = (Math.min(C.to, Math.max(C.from, c)) - C.from) / (C.to - C.from)
  return BOX.bottom - share * (BOX.bottom - BOX.top)
}

/** The readings of a bath against its limits, as points of a drawing. */
export function bathPicture({ readings }: Pick<DecapsulationCourse, 'readings'>) {
  const last = readings.slice(-SHOWN)
  const step = (BOX.right - BOX.left) / Math.max(1, last.length - 1)
  const points = last.map((r, i) => ({ x: BOX.left + i * step, y: y(r.c) }))
  const newest = last.at(-1)
  return {
    points,
    line: points.map(p => `${p.x},${p.y}`).join(' '),
    limits: [
      { c: DECAPSULATION_C.ice, text: 'ice' },
      { c: DECAPSULATION_C.most, text: 'limit' },
      { c: DECAPSULATION_C.kills, text: 'kills' },
    ].map(l => ({ ...l, y: y(l.c) })),
    ticks: [10, 20, 30, 40].map(c => ({ c, y: y(c), text: `${c}` })),
    label: newest ? `${last.length} readings of the bath, the last ${newest.c.toFixed(1)} °C` : '',
  }
}
