import { describe, expect, it } from 'vitest'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import type { Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { roomState } from '@renatus/core/stock/roomState'
import { workingLog } from '@renatus/core/stock/working/workingLog'
import { brineFor } from '@renatus/core/stock/fromMix'
import { log, NAMED, records, started, withHatches } from '../room'

const id = (n: number) => makeId(3_000_000 + n, new Uint8Array(10))
const base = { updatedAt: '2026-03-01T00:00:00Z', removedAt: null }
const material = (n: number, of: string | null, more: object = {}) =>
  anyRecord.parse({
    ...base,
    id: id(n),
    type: 'material',
    name: of ?? 'Own',
    of,
    unit: 'g',
    ...more,
  })
const [SALT, YEAST, BRINE] = [id(1), id(2), id(3)]
const JAR = id(9)
const jar = anyRecord.parse({
  ...base,
  id: JAR,
  type: 'culture',
  name: 'Fleas',
  foodId: 'moina',
  methodId: 'yeast',
  startedAt: '2026-03-03T08:00:00.000Z',
  litres: 5,
  temperatureC: 24,
  logged: true,
})
const SHELF: AnyRecord[] = [
  material(1, 'salt'),
  material(2, 'yeast'),
  material(3, 'stock-brine', { unit: 'mL', saltGL: 50 }),
  jar,
]
const bought = (at: string, materialId: string, amount: number, price: number | null = null) =>
  log(at, 'purchase.made', {
    purchaseId: id(50),
    of: { type: 'material', id: materialId },
    name: 'x',
    amount,
    unit: 'g',
    price,
  })
const counted = (at: string, materialId: string, amount: number) =>
  log(at, 'material.counted', { materialId, amount })
const jarStarted = log('2026-03-03T08:00:00Z', 'culture.started', {
  cultureId: JAR,
  origin: 'bought',
  parentIds: [],
  starterMl: null,
})
const fed = (at: string, amount: number) =>
  log(at, 'culture.did', { cultureId: JAR, action: 'feed', amount, unit: 'g' })
const NOW = '2026-03-20T08:00:00.000Z'
const stateOf = (...entries: Entry[]) =>
  roomState(withHatches([...records(), ...SHELF], entries), entries, NOW)!
const stockOf = (materialId: string, ...entries: Entry[]) =>
  stateOf(...entries).materials.find(m => m.record.id === materialId)!

describe('materials', () => {
  it('nobody knows how much there is until it is bought or counted', () => {
    expect(stockOf(SALT, started('2026-03-05T06:00:00Z')).left).toBeNull()
  })

  it('starts and feeds take by recipe, a count holds from then on, a price is per unit', () => {
    const log = [
      bought('2026-03-01T06:00:00Z', YEAST, 20, 4),
      jarStarted,
      fed('2026-03-06T08:00:00Z', 0.04),
      fed('2026-03-07T08:00:00Z', 0.04),
    ]
    // Five litres of ten milligrams each, and two feeds.
    expect(stockOf(YEAST, ...log).left).toBeCloseTo(20 - 0.05 - 0.08, 9)
    expect(stockOf(YEAST, ...log).pricePerUnit).toBeCloseTo(0.2, 9)
    expect(stockOf(YEAST, ...log, counted('2026-03-06T12:00:00Z', YEAST, 7)).left).toBeCloseTo(
      7 - 0.04,
      9,
    )
  })

  it('a hatch takes its salt; a purchase that is undone after use leaves less than nothing, to be counted', () => {
    const purchase = bought('2026-03-01T06:00:00Z', SALT, 1000)
    const hatch = started('2026-03-05T06:00:00Z')
    expect(stockOf(SALT, purchase, hatch).left).toBe(950)
    const small = bought('2026-03-02T06:00:00Z', SALT, 30)
    const undone = log('2026-03-06T06:00:00Z', 'undone', { act: purchase.act })
    const left = stockOf(SALT, purchase, small, hatch, undone)
    expect(left.left).toBe(0)
    expect(left.overdrawn).toBe(true)
    const again = counted('2026-03-07T06:00:00Z', SALT, 400)
    expect(stockOf(SALT, purchase, small, hatch, undone, again)).toMatchObject({
      left: 400,
      overdrawn: false,
    })
  })

  it('stock brine is mixed of salt, goes into the bottle instead of it, and is offered while it lasts', () => {
    const mixed = log('2026-03-02T06:00:00Z', 'material.mixed', {
      materialId: BRINE,
      amount: 3000,
      out: [{ materialId: SALT, amount: 150 }],
    })
    const salt = bought('2026-03-01T06:00:00Z', SALT, 1000)
    const hatch = started('2026-03-05T06:00:00Z')
    const fromBrine = log('2026-03-05T06:00:00Z', 'culture.started', {
      ...(hatch.data as object),
      taken: [{ materialId: BRINE, amount: 1000 }],
    })
    const state = stateOf(salt, mixed, fromBrine)
    const left = (m: string) => state.materials.find(x => x.record.id === m)!.left
    expect(left(SALT)).toBe(850)
    expect(left(BRINE)).toBe(2000)
    // Two litres of 25 g/L out of 50 g/L: one litre of it, one of water.
    expect(brineFor(state.materials, 2, 50)).toEqual({
      materialId: BRINE,
      name: 'stock-brine',
      ml: 1000,
      waterMl: 1000,
    })
    expect(brineFor(state.materials, 2, 120)).toBeNull()
    expect(brineFor(state.materials, 6, 150)).toBeNull()
  })

  it('what is settled of a log leaves the same amounts, wherever the border lies', () => {
    const entries = [
      bought('2026-03-01T06:00:00Z', YEAST, 20),
      bought('2026-03-01T06:10:00Z', SALT, 1000),
      jarStarted,
      fed('2026-03-06T08:00:00Z', 0.3),
      started('2026-03-07T06:00:00Z', { hatchId: NAMED.hatch1 }),
      log('2026-03-08T20:00:00Z', 'culture.ended', {
        cultureId: NAMED.hatch1!,
        how: 'discarded',
        reason: '',
      }),
      counted('2026-03-10T06:00:00Z', SALT, 600),
      log('2026-03-11T20:00:00Z', 'culture.ended', { cultureId: JAR, how: 'failed', reason: '' }),
      started('2026-03-13T06:00:00Z', { hatchId: NAMED.hatch2 }),
      log('2026-03-13T06:30:00Z', 'lot.boxed', {
        lotId: NAMED.lot!,
        grams: 5 as never,
        kept: 'room',
      }),
      bought('2026-03-15T06:00:00Z', YEAST, 5),
    ]
    const all = withHatches([...records(), ...SHELF], entries)
    const amounts = (s: ReturnType<typeof roomState>) =>
      s!.materials.map(m => [m.left === null ? null : Number(m.left.toPrecision(12)), m.overdrawn])
    const whole = roomState(all, entries, NOW)!
    for (let day = 2; day <= 19; day++) {
      const border = `2026-03-${String(day).padStart(2, '0')}T00:00:00.000Z`
      const w = workingLog(all, entries, border)
      const cut = roomState(w.records, w.entries, NOW, undefined, w.settled)!
      expect(amounts(cut), border).toEqual(amounts(whole))
      expect(cut.lots[0]!.state.box, border).toEqual(whole.lots[0]!.state.box)
    }
  })

  it('a working box is used first and ages as it is kept', () => {
    const box = log('2026-03-01T06:30:00Z', 'lot.boxed', {
      lotId: NAMED.lot!,
      grams: 3 as never,
      kept: 'humid',
    })
    const opened = started('2026-03-01T06:00:00Z')
    const used = started('2026-03-10T06:00:00Z', { hatchId: NAMED.hatch2 })
    const [before, after] = [stateOf(opened), stateOf(opened, box, used)]
    expect(after.lots[0]!.state.box).toMatchObject({ grams: 2, kept: 'humid' })
    expect(after.lots[0]!.state.gramsLeft).toBe(98)
    // Nineteen days of a half-life of 0.3 years against 3 years in the fridge.
    const ratio = after.lots[0]!.state.hatch / before.lots[0]!.state.hatch
    expect(ratio).toBeCloseTo(0.5 ** (19 / 365.25 / 0.3) / 0.5 ** (19 / 365.25 / 3), 6)
  })
})
