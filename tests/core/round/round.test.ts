import { describe, expect, it } from 'vitest'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { broodMealWhy } from '@renatus/core/planning/broodMealWhy'
import type { Reason } from '@renatus/core/reasons/reason'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { anyRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import { nothingToFeed } from '@renatus/core/round/nothingToFeed'
import { buildRound, roundState, type Round } from '@renatus/core/round/round'
import { clearDone } from '@renatus/core/round/stops/clear/answer'
import { demoAt } from '../../../tools/rooms/demoAt'
import { harvested, log, NAMED, records, roundFor, started, uid, withHatches } from '../room'

const recompute = (why: Reason) =>
  Function(
    'ceil',
    ...why.inputs.map(i => i.key),
    `return ${why.formula}`,
  )(Math.ceil, ...why.inputs.map(i => i.value)) as number
const kinds = (round: Round) => round.stops.map(s => s.kind)
const NOW = '2026-03-17T05:40:00Z'
const running = started('2026-03-16T04:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] })

/** A cup of chilled nauplii. */
const cup = (at: string, organisms: number, amount: number) =>
  log(at, 'store.filled', {
    ...{ storeId: NAMED.store1!, name: 'Cup', foodId: 'brine-shrimp', keep: 'fridge', unit: 'mL' },
    ...{ amount, organisms, energy: 1, fromId: NAMED.hatch2!, useBy: null },
  })

describe('the round', () => {
  it('every reason recomputes to the number it explains', () => {
    const now = '2026-03-24T05:34:00Z'
    const demo = demoAt(now, 'Europe/Berlin')
    const state = roundState(demo.records, demo.entries, now)!
    const rounds = [
      buildRound(state, readRoom(state)),
      roundFor(records({ freeSwimmingOn: '2026-03-18', fry: 30_000 }), [], NOW).round,
    ]
    // The demo's morning is one that a person can do.
    expect(rounds[0]!.stops.length).toBeLessThanOrEqual(12)
    expect(rounds[0]!.minutes).toBeLessThanOrEqual(30)
    let checked = 0
    for (const { reckoning } of rounds) {
      const { hatch } = reckoning
      const reasons = [
        ...hatch.hatches.flatMap(h => [h.why.salt, h.why.time, ...(h.soda ? [h.soda.why] : [])]),
        ...hatch.meals.flatMap(m => m.broods.map(broodMealWhy)),
        ...(hatch.rotation ? [hatch.rotation.why] : []),
      ]
      for (const why of reasons) expect(recompute(why)).toBeCloseTo(why.result.value, 6)
      for (const h of hatch.hatches.filter(x => !x.why.cysts.rule.includes('eld to')))
        expect(
          Math.abs(Math.ceil(recompute(h.why.cysts) * 10 - 1e-3) / 10 - h.cystsG),
        ).toBeLessThan(0.101)
      checked += reasons.length
    }
    expect(checked).toBeGreaterThan(20)
  }, 120_000)

  it('a pull that was missed is one stop, late; after the last call the bottle is only emptied', () => {
    const run = started('2026-03-16T06:00:00Z', {
      pullsAt: ['2026-03-17T05:30:00Z', '2026-03-17T11:30:00Z'],
    })
    const late = roundFor(records(), [run], '2026-03-17T18:10:00Z').round
    expect(kinds(late).filter(k => k === 'harvest')).toHaveLength(1)
    expect(late.stops.find(s => s.kind === 'harvest')).toMatchObject({ pull: { late: true } })
    const after = kinds(roundFor(records(), [run], '2026-03-20T05:40:00Z').round)
    expect(after).toContain('clear')
    expect(after).not.toContain('harvest')
  })

  it('cups past what they stand are poured away together, in one tap', () => {
    const storeIds = [NAMED.store1!, uid()]
    const two = storeIds.map((storeId, i) => {
      const one = cup('2026-03-14T05:40:00Z', 4000 - 1000 * i, 80)
      return { ...one, data: { ...one.data, storeId, name: `Cup ${i + 1}` } } as typeof one
    })
    const { round } = roundFor(records(), two, '2026-03-20T05:40:00Z')
    const [clear, ...others] = round.stops.filter(s => s.kind === 'clear')
    expect(others).toEqual([])
    const { entries } = clearDone(clear!, null)
    expect(entries.map(e => e.data)).toMatchObject(
      storeIds.map((storeId, i) => ({ storeId, name: `Cup ${i + 1}` })),
    )
  })

  it('rounds without a meal are counted, nothing is made up for', () => {
    const fed = log('2026-03-15T05:40:00Z', 'tank.fed', {
      tankId: NAMED.tank!,
      roundKey: '2026-03-15T06:30',
      portions: [{ foodId: 'brine-shrimp', organisms: 5, energy: 1, amount: null, source: null }],
    })
    const { round } = roundFor(records(), [fed], NOW)
    expect(round.missedRounds).toBe(3)
    // One tank waits, and nothing stands ready: nobody is told to feed for now.
    expect(nothingToFeed(round)).toBe(true)
    const { round: chilled } = roundFor(
      records(),
      [fed, cup('2026-03-16T18:05:00Z', 9000, 90)],
      NOW,
    )
    expect(nothingToFeed(chilled)).toBe(false)
    expect(nothingToFeed({ stops: [] })).toBe(false)
    expect(round.reckoning.hatch.meals.every(m => m.at >= round.current.at)).toBe(true)
  })

  it('the fridge goes before the harvest, and the pull brings what it lacks', () => {
    const { round } = roundFor(records(), [cup('2026-03-16T18:05:00Z', 9000, 90), running], NOW)
    const draws = round.reckoning.draws
    expect(draws[0]).toMatchObject({ source: { id: NAMED.store1 } })
    expect(draws[1]).toMatchObject({ source: { kind: 'culture', id: NAMED.hatch1 } })
    expect(round.reckoning.gaps).toEqual([])
    const harvest = kinds(round).indexOf('harvest')
    expect(harvest).toBeGreaterThanOrEqual(0)
    expect(harvest).toBeLessThan(kinds(round).indexOf('tank'))
  })

  it('a fridge an hour over its time is fed first; it is poured away when it has starved', () => {
    const old = (now: string) =>
      roundFor(records({ fry: 100 }), [cup('2026-03-16T04:40:00Z', 9000, 90)], now).round
    expect(old(NOW).reckoning.draws[0]?.source.id).toBe(NAMED.store1)
    expect(kinds(old(NOW))).not.toContain('clear')
    expect([...old('2026-03-20T05:40:00Z').stops].map(s => s.kind)).toContain('clear')
  })

  it('what was put off is gone from this round and back at the next', () => {
    const { state, round } = roundFor(records(), [running], NOW)
    const stop = round.stops.find(s => s.kind === 'harvest')!
    const { reckoning } = round
    const c = { state, roundKey: round.current.key, reckoning, now: NOW, newId: () => uid() }
    const answer = answerStop(stop, { how: 'not-now' }, c)
    if (!answer.ok) throw new Error(answer.message)
    const put = [running, ...answer.entries.map(e => log(NOW, e.kind, e.data as never))]
    expect(kinds(roundFor(records(), put, NOW).round)).not.toContain('harvest')
    expect(kinds(roundFor(records(), put, '2026-03-17T18:05:00Z').round)).toContain('harvest')
  })

  it('iodised salt brings its caution to the start of a hatch', () => {
    const list = records({ freeSwimmingOn: '2026-03-18' }).map(r =>
      r.type === 'salt' ? { ...r, iodised: true } : r,
    )
    const start = roundFor(list, [], NOW).round.stops.find(s => s.kind === 'hatch')!
    const ids = start.cautions.map(c => c.id)
    expect(ids).toContain('iodine')
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('a feeding-only round feeds, and starts and pulls nothing', () => {
    const rounds = [
      { name: 'Morning', at: '06:30' },
      { name: 'Noon', at: '12:30', feedingOnly: true },
      { name: 'Evening', at: '19:00' },
    ]
    const entries = [running, cup('2026-03-17T05:05:00Z', 50_000, 90)]
    const { round } = roundFor(records({ rounds }), entries, '2026-03-17T11:40:00Z')
    expect(round.current.feedingOnly).toBe(true)
    expect(new Set(kinds(round))).toEqual(new Set(['tank']))
  })

  it('several broods of a tank are one meal, and the smallest mouth is named', () => {
    const foods = ['brine-shrimp', 'infusoria']
    const list = records({ foods, fry: 200, species: 'small', freeSwimmingOn: '2026-03-02' })
    const brood = list.find(r => r.type === 'brood')!
    const other = anyRecord.parse({
      ...{ ...brood, id: '0'.repeat(25) + 'D', name: 'Big', speciesId: 'medium' },
    })
    const entries = [cup('2026-03-17T05:05:00Z', 500_000, 90)]
    const organisms = (l: typeof list) =>
      roundFor(l, entries, NOW).round.reckoning.draws.reduce((n, d) => n + d.organisms, 0)
    const stop = roundFor([...list, other], entries, NOW).round.stops.find(s => s.kind === 'tank')
    expect(stop?.kind === 'tank' && stop.smallest?.brood.id).toBe(NAMED.brood)
    expect(organisms([...list, other])).toBeGreaterThan(organisms(list))
  })

  it('a clock set back does not break it: entries of the future stand, nothing is negative', () => {
    const entries = effectiveEntries([
      started('2026-03-16T06:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] }),
      harvested('2026-03-17T05:30:00Z', { finished: false }),
    ])
    const now = '2026-03-10T05:34:00Z'
    const state = roundState(withHatches(records(), entries), entries, now)!
    const { pulls } = buildRound(state, readRoom(state)).reckoning.hatch
    expect(pulls.every(p => p.nauplii >= 0 && Number.isFinite(p.useful))).toBe(true)
  })
})
