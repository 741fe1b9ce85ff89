import { describe, expect, it } from 'vitest'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import type { Observation } from '@renatus/core/estimation/observation'
import type { Entry } from '@renatus/core/records/entries'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { harvested, log, NAMED, records, started, uid, withHatches } from '../../room'
import { sloppyCulture } from '../sloppy'

const START = '2026-03-16T06:00:00Z'
const later = (h: number, from = START) => new Date(Date.parse(from) + h * 3_600_000).toISOString()
const learned = (log: readonly Entry[], rs: readonly AnyRecord[] = records()) =>
  learnRoom(withHatches(rs, log), log)!.learned

/** Bottles of a tin that says 80 % and of which 45 % hatch, each counted at the end. */
const bottles = [...Array(8).keys()].flatMap(i => {
  const hatchId = uid()
  return [
    started(later(48 * i), { hatchId }),
    harvested(later(48 * i + 40), {
      hatchId,
      nauplii: 270_000 * 0.45,
      count: { animals: 182, samples: 3, sampleMl: 0.1 },
    }),
  ]
})

describe('a lot of cysts', () => {
  const after = (k: number) =>
    roomState(
      withHatches(records(), bottles),
      bottles,
      '2026-04-20T00:00:00Z',
      learned(bottles.slice(0, 2 * k)),
    )!.lots[0]!.state
  it('learns its hatch from counts, towards the truth and surer with each; a good look teaches nothing', () => {
    // Five weeks after it was opened it is a little less than the tin says.
    expect(after(0)).toMatchObject({ hatch: expect.closeTo(0.78, 2) as never, counts: 0 })
    expect(Math.abs(after(8).hatch - 0.45)).toBeLessThan(0.05)
    expect(Math.abs(after(1).hatch - 0.45)).toBeGreaterThan(Math.abs(after(8).hatch - 0.45))
    expect(after(8).hatchHigh - after(8).hatchLow).toBeLessThan(
      after(1).hatchHigh - after(1).hatchLow,
    )
    expect(learned([started(START), harvested(later(40), { nauplii: 5 })]).lots).toEqual({})
  })
  it('learns its speed from a count on the way, and drops counted from the bottle teach as a harvest does', () => {
    const at = (perMl: number) => [
      started(START),
      log(later(20), 'sample.counted', {
        of: { type: 'culture', id: NAMED.hatch1! },
        foodId: 'brine-shrimp',
        counts: [Math.round(perMl * 0.5), Math.round(perMl * 0.5)],
        dropMl: 0.5,
        how: 'by eye',
      }),
    ]
    const lot = (perMl: number) => learned(at(perMl)).lots[NAMED.lot!]!
    expect(lot(10).speed.value).toBeLessThan(lot(90).speed.value)
    expect(lot(10).hatch.value).toBeLessThan(lot(90).hatch.value)
  })
  it('a count of a bottle that had hardly begun says next to nothing of the lot', () => {
    const early = learned([
      started(START),
      harvested(later(8), { nauplii: 10, count: { animals: 1, samples: 3, sampleMl: 0.1 } }),
    ])
    expect(Math.abs((early.lots[NAMED.lot!]?.hatch.value ?? 0.8) - 0.8)).toBeLessThan(0.08)
  })
  it('is measured in micrometres, shrunk towards the strain of the book', () => {
    const um = learned([
      log(START, 'lot.measured', { lotId: NAMED.lot!, lengthsUm: [430, 440, 425, 435] }),
    ]).lots[NAMED.lot!]!.naupliiUm
    expect(um.value).toBeGreaterThan(433)
    expect(um.value).toBeLessThan(486)
  })
})

describe('forgetting and remembering', () => {
  it('a reset counts only what begins later, and can be taken back as any act', () => {
    const reset = log(later(400), 'learning.reset', { of: { type: 'lot', id: NAMED.lot! } })
    expect(learned([...bottles, reset]).lots[NAMED.lot!]).toBeUndefined()
    expect(
      learned([...bottles, reset, log(later(401), 'undone', { act: reset.act })]).lots,
    ).toEqual(learned(bottles).lots)
  })
  it('a second reading takes from the cache what nothing new was written about', () => {
    const all = withHatches(records(), bottles)
    const first = learnRoom(all, bottles.slice(0, 14))!
    const second = learnRoom(all, bottles, first.cache)!
    expect(second.learned).toEqual(learned(bottles))
    const old = Object.keys(first.cache.lots)
    expect(old.every(id => second.cache.lots[id]!.belief === first.cache.lots[id]!.belief)).toBe(
      true,
    )
    expect(learnRoom(all, bottles, { lots: {}, vessels: {} }, () => false)).toBeNull()
  })
})

describe('cultures of a food', () => {
  /** Cultures of a room whose worms grow slower than the book, as the log tells them. */
  const room = (speed: number, n: number) => {
    const rs: AnyRecord[] = [...records()]
    const entries: Entry[] = []
    for (let i = 0; i < n; i++) {
      const k = sloppyCulture('microworm', 'oats', 14, 40 + i, () => {}, { rOpt: speed })
      const id = uid()
      rs.push(
        anyRecord.parse({
          id,
          type: 'culture',
          name: `Worms ${i}`,
          updatedAt: START,
          foodId: 'microworm',
          methodId: 'oats',
          startedAt: START,
          litres: k.subject.setup.volumeL,
          temperatureC: k.subject.temperatureC,
        }),
      )
      for (const o of k.observations as Extract<Observation, { kind: 'look' }>[])
        entries.push(log(later(o.h), 'culture.looked', { cultureId: id, signs: o.signs }))
    }
    return learned(entries, rs)
  }
  const slow = room(0.6, 12)
  const worms = (speed: number, n: number) => room(speed, n).foods.microworm!
  it('a slow room is found out, and partly believed: towards the book while there is little to go on', () => {
    const [one, ten] = [worms(0.6, 1), slow.foods.microworm!]
    expect(ten.growth!.value).toBeLessThan(0.9)
    // Who looks may lean: a vessel tells less of its room than it would to a trusted eye.
    expect(ten.growth!.from).toBeGreaterThan(3)
    expect(worms(1, 12).growth!.value).toBeGreaterThan(ten.growth!.value + 0.08)
    expect(ten.growth!.high / ten.growth!.low).toBeLessThan(
      (one.growth?.high ?? 2) / (one.growth?.low ?? 1),
    )
    expect(ten.priors.rOpt!.logShift).toBeCloseTo(Math.log(ten.growth!.value), 9)
  })
  it('what one food tells of growth is believed in part of those never kept here, and not twice of itself', () => {
    const own = slow.foods.microworm!.priors.rOpt!.logShift
    const other = slow.foods.moina!.priors.iMax!.logShift
    expect(other).toBeLessThan(-0.04)
    expect(other).toBeGreaterThan(own)
    expect(slow.foods.moina).toMatchObject({ growth: null, lag: null, failure: null })
    expect(slow.growth).toMatchObject({ from: 1 })
    // How fast cysts hatch is of their tin.
    expect(slow.foods['brine-shrimp']).toBeUndefined()
  })
  it('failures are shrunk towards the book', () => {
    const rs = records()
    const failed = [...Array(5).keys()].flatMap(i => {
      const hatchId = uid()
      return [
        started(later(48 * i), { hatchId }),
        harvested(later(48 * i + 40), { hatchId, nauplii: 0, seen: 'failed' }),
      ]
    })
    const f = learned(failed, rs).foods['brine-shrimp']!.failure!
    expect(f.value).toBeGreaterThan(f.book)
    expect(f.value).toBeLessThan(0.6)
  })
})

describe('measures and readings', () => {
  it('a pipette is believed by its fillings, more with each', () => {
    const id = uid()
    const tool = anyRecord.parse({
      id,
      type: 'tool',
      name: 'Long pipette',
      kind: 'pipette',
      ml: 3,
      updatedAt: START,
    })
    const ml = (times: number, grams: number) =>
      learned(
        [log(START, 'tool.measured', { toolId: id, times, grams: grams as never })],
        [...records(), tool],
      ).tools[id]!.ml
    expect(ml(10, 22).value).toBeCloseTo(2.2, 1)
    expect(ml(1, 2.2).value).toBeGreaterThan(ml(10, 22).value)
    expect(ml(10, 22).high - ml(10, 22).low).toBeLessThan(ml(1, 2.2).high - ml(1, 2.2).low)
  })
  it('a count of the same water calibrates the stick, a count of another day does not', () => {
    const read = (at: string) =>
      learned([
        log(START, 'water.read', {
          of: null,
          foodId: 'green-water',
          reading: { by: 'secchi', depthCm: 20 },
        }),
        log(at, 'sample.counted', {
          of: null,
          foodId: 'green-water',
          counts: [400],
          dropMl: 0.0005,
          how: 'by eye',
        }),
      ]).readings
    expect(read(later(2))['green-water secchi']!.value).toBeLessThan(1)
    expect(read(later(48))).toEqual({})
  })
})
