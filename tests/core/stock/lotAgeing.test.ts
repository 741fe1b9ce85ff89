import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { AnyRecord } from '@renatus/core/records/records'
import { LOT_KEEPS } from '@renatus/core/records/vocabulary'
import { hatchLeft, lossADay } from '@renatus/core/stock/lotAgeing'
import { roomState } from '@renatus/core/stock/roomState'
import { lotInUse } from '@renatus/core/stock/lotInUse'
import { addDays } from '@renatus/core/time/localDate'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { NAMED, records, started, stateAt, uid } from '../room'

const OPENED = '2026-01-01'
const NOW = '2027-01-01T12:00:00Z'
type Lot = Extract<AnyRecord, { type: 'lot' }>

describe('cysts as they are kept', () => {
  it('half of them are lost in five years frozen, three cool, nine months warm, a third of a year damp', () => {
    const days = {
      freezer: 5 * 365.25,
      fridge: 3 * 365.25,
      room: 0.75 * 365.25,
      humid: 0.3 * 365.25,
    }
    for (const kept of LOT_KEEPS)
      expect(
        hatchLeft({ openedOn: OPENED, kept }, addDays(OPENED, Math.round(days[kept]))),
      ).toBeCloseTo(0.5, 2)
    expect(hatchLeft({ openedOn: null, kept: 'humid' }, '2030-01-01')).toBe(1)
    expect(hatchLeft({ openedOn: '2026-05-01', kept: 'humid' }, '2026-03-01')).toBe(1)
  })

  it('never gets better by waiting, and a day costs what the course says', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LOT_KEEPS),
        fc.integer({ min: 0, max: 3000 }),
        (kept, days) => {
          const at = (d: number) => hatchLeft({ openedOn: OPENED, kept }, addDays(OPENED, d))
          expect(at(days + 1) / at(days)).toBeCloseTo(1 - lossADay({ openedOn: OPENED, kept }), 9)
        },
      ),
      { seed: 5 },
    )
  })

  const lotOf = (name: string, more: Partial<Lot>): Lot =>
    ({ ...(records().find(r => r.type === 'lot') as Lot), id: uid(), name, ...more }) as Lot
  const stateOf = (lots: Lot[], room: Partial<Extract<AnyRecord, { type: 'room' }>> = {}) =>
    roomState(
      [
        ...records()
          .filter(r => r.type !== 'lot')
          .map(r => (r.type === 'room' ? { ...r, ...room } : r)),
        ...lots,
      ],
      [],
      NOW,
    )!
  const inUse = (...args: Parameters<typeof stateOf>) => lotInUse(stateOf(...args))?.lot.name

  it('what ages first is used first, what is sealed last, or the newest where the room has it so', () => {
    const cool = lotOf('cool', { openedOn: OPENED, kept: 'fridge' })
    const warm = lotOf('warm', { openedOn: OPENED, kept: 'room' })
    const sealed = lotOf('sealed', { kept: 'humid' })
    expect(inUse([cool, warm, sealed])).toBe('warm')
    expect(inUse([sealed, cool])).toBe('cool')
    expect(inUse([cool, warm, sealed], { lotOrder: 'newest-first' })).toBe('sealed')
    expect(inUse([{ ...warm, gramsAtStart: 0 as never }, cool])).toBe('cool')
    expect(inUse([])).toBeUndefined()
  })

  it('an old tin hatches less until counts say what it does; its first hatch opens it', () => {
    const warm = lotOf('warm', { id: NAMED.lot, openedOn: OPENED, kept: 'room' })
    expect(stateOf([warm]).lots[0]!.state.hatch).toBeCloseTo(0.8 * 0.5 ** (1 / 0.75), 2)
    const lots = { [NAMED.lot!]: counted(0.7) }
    const taught = roomState([...records().filter(r => r.type !== 'lot'), warm], [], NOW, {
      ...NOTHING_LEARNED,
      lots,
    })!
    expect(taught.lots[0]!.state.hatch).toBe(0.7)
    const begun = stateAt(NOW, [started('2026-07-01T06:00:00Z')])
    expect(begun.lots[0]!.state.openedOn).toBe('2026-07-01')
    expect(begun.lots[0]!.state.hatch).toBeLessThan(0.8)
  })
})

const value = (x: number) => ({ value: x, low: x, high: x, from: 3, book: x })
const counted = (hatch: number) => ({
  hatch: value(hatch),
  speed: value(1),
  spread: value(0.17),
  naupliiUm: value(430),
})
