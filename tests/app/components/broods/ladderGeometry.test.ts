import { describe, expect, it } from 'vitest'
import { broodSheet, type Sheet } from '@renatus/core/fry/broodSheet'
import { EDIBLES } from '@renatus/core/fry/edibles'
import { SPECIES } from '@renatus/core/fry/species/index'
import { NO_WISHES } from '@renatus/core/fry/wishes'
import { foodBars, scalesOf, type Box } from '~/components/broods/ladderGeometry'

const sheet = (id: string, foods = EDIBLES.map(e => e.id)): Sheet =>
  broodSheet({
    id,
    species: SPECIES.find(s => s.id === id)!,
    growth: { factor: 1, sd: 0.25 },
    gape: { factor: 1, sd: 0.15 },
    temperatures: [26],
    fry: [100],
    tankL: 20,
    mealsPerDay: 3,
    wishes: NO_WISHES,
    foods,
    preySize: {},
    from: 0,
    days: 45,
    today: 5,
  })
const BOXES: Box[] = [
  { left: 62, right: 830, top: 26, bottom: 390 },
  { left: 50, right: 348, top: 26, bottom: 320 },
]

describe('the ladder picture', () => {
  it.each(SPECIES.map(s => s.id))(
    'of %s: no bar or label covers another, and all begin inside the frame',
    id => {
      for (const box of BOXES) {
        const s = sheet(id)
        const bars = foodBars(s, scalesOf(s, box), box)
        expect(bars.map(b => b.food).sort()).toEqual(s.spans.map(x => x.food).sort())
        const reach = bars.map(b => {
          const text = b.label.length * 7.6
          return {
            ...b,
            from: Math.min(b.x, b.anchor === 'end' ? b.labelX - text : b.x),
            to: Math.max(b.x + b.width, b.anchor === 'start' ? b.labelX + text : b.x),
          }
        })
        reach.forEach((a, i) =>
          reach.slice(i + 1).forEach(b => {
            expect(
              a.from < b.to && b.from < a.to && a.y < b.y + b.height && b.y < a.y + a.height,
              `${a.food} and ${b.food}`,
            ).toBe(false)
          }),
        )
        for (const b of bars) expect(b.x).toBeGreaterThanOrEqual(box.left - 0.01)
      }
    },
  )
  it('days run left to right, widths bottom to top', () => {
    const s = sheet('small')
    const scales = scalesOf(s, BOXES[0]!)
    expect(scales.x(10)).toBeGreaterThan(scales.x(3))
    expect(scales.y(0.2)).toBeLessThan(scales.y(0.05))
  })
})
