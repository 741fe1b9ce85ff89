import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { cultureSalt } from '@renatus/core/planning/cultureSalt'
import type { CultureState } from '@renatus/core/stock/cultures'
import { specificGravity } from '@renatus/core/water/salinity'

const rotifer = foodOf('rotifer')!.methods[0]!
const vessel = (litres: number, sg: number | null) =>
  ({
    record: { litres },
    gravity: sg === null ? null : { at: '2026-03-24T06:00:00.000Z', sg },
  }) as unknown as CultureState

describe('the salt of a vessel', () => {
  it('is no matter of one in fresh water', () => {
    const method = foodOf('microworm')!.methods[0]!
    expect(cultureSalt({ culture: vessel(1, 1.01), method })).toBeNull()
  })
  it('asks for nothing before it was read, nor while it is as mixed', () => {
    const unread = cultureSalt({ culture: vessel(5, null), method: rotifer })!
    expect(unread.off).toBe(false)
    const sg = specificGravity(unread.wantedGL, 'sea-mix')
    expect(cultureSalt({ culture: vessel(5, sg), method: rotifer })!.off).toBe(false)
  })
  it('is as the card mixes it once what is advised was poured in', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 200, noNaN: true }),
        fc.double({ min: 1.001, max: 1.06, noNaN: true }),
        (volume, sg) => {
          const { wantedGL, read } = cultureSalt({ culture: vessel(volume, sg), method: rotifer })!
          const held = volume * read!.saltGL
          const { mend } = read!
          if (mend.kind === 'fits') return
          const after = {
            fresh: (l: number) => held / (volume + l),
            exchange: (l: number) => (held * (volume - l)) / volume / volume,
            salt: (g: number) => (held + g) / volume,
          }[mend.kind](mend.kind === 'salt' ? mend.grams : mend.litres)
          if (mend.kind === 'fresh') expect(mend.litres).toBeLessThanOrEqual(0.2 * volume + 1e-9)
          expect(after).toBeCloseTo(wantedGL, 6)
        },
      ),
    )
  })
})
