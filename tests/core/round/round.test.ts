import { describe, expect, it } from 'vitest'
import type { Reason } from '@renatus/core/reasons/reason'
import { broodMealWhy } from '@renatus/core/planning/meals'
import { buildRound } from '@renatus/core/round/round'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { roomState } from '@renatus/core/stock/roomState'
import { demoRoom } from '@demo/demoRoom'
import { harvested, log, NAMED, records, started, stateAt } from '../room'

const recompute = (why: Reason) =>
  Function(
    'ceil',
    ...why.inputs.map(i => i.key),
    `return ${why.formula}`,
  )(Math.ceil, ...why.inputs.map(i => i.value)) as number

describe('the round', () => {
  it('is the same for the same state', () => {
    const state = stateAt('2026-03-17T05:34:00Z')
    expect(JSON.stringify(buildRound(state))).toBe(JSON.stringify(buildRound(state)))
  })

  it('every reason recomputes to the number it explains', () => {
    const now = '2026-03-24T05:34:00Z'
    const demo = demoRoom(now, 'Europe/Berlin')
    const states = [
      roomState(demo.records, demo.entries, now)!,
      stateAt('2026-03-17T05:34:00Z', [], { freeSwimmingOn: '2026-03-18', fry: 30_000 }),
      stateAt('2026-03-17T05:34:00Z', [], { fry: 3 }),
    ]
    let checked = 0
    for (const state of states) {
      const round = buildRound(state)
      const reasons = [
        ...round.plan.hatches.flatMap(h => [
          h.why.salt,
          h.why.time,
          ...(h.soda ? [h.soda.why] : []),
        ]),
        ...round.plan.meals.flatMap(m => m.broods.map(b => broodMealWhy(b, m.round.date))),
        ...round.stops.flatMap(s =>
          s.type === 'tank'
            ? [...(s.feed ? [s.feed.why] : []), ...s.foods.flatMap(f => f.why)]
            : [],
        ),
        ...(round.plan.rotation ? [round.plan.rotation.why] : []),
      ]
      for (const why of reasons) expect(recompute(why)).toBeCloseTo(why.result.value, 6)
      for (const h of round.plan.hatches.filter(x => !x.why.cysts.rule.includes('eld to')))
        expect(
          Math.abs(Math.ceil(recompute(h.why.cysts) * 10 - 1e-3) / 10 - h.cystsG),
        ).toBeLessThan(0.101)
      checked += reasons.length
    }
    expect(checked).toBeGreaterThan(20)
  }, 30_000)

  it('a harvest that was missed is due now, and after the last call the bottle is only emptied', () => {
    const run = started('2026-03-16T06:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] })
    expect(buildRound(stateAt('2026-03-17T18:10:00Z', [run])).stops.map(s => s.type)).toContain(
      'harvest',
    )
    expect(
      buildRound(stateAt('2026-03-17T18:10:00Z', [run])).stops.find(s => s.type === 'harvest'),
    ).toMatchObject({ due: 'late' })
    const later = buildRound(stateAt('2026-03-20T05:40:00Z', [run])).stops
    expect(later.map(s => s.type)).toContain('empty')
    expect(later.map(s => s.type)).not.toContain('harvest')
  })

  it('two days without a round: they are counted, nothing is made up for', () => {
    const fed = log('2026-03-15T05:40:00Z', 'tank.fed', {
      tankId: NAMED.tank!,
      roundKey: '2026-03-15T06:30',
      nauplii: 5,
      ml: null,
      cubes: null,
      energy: 1,
      source: { kind: 'harvest', id: NAMED.hatch1! },
    })
    const round = buildRound(stateAt('2026-03-17T05:40:00Z', [fed]))
    expect(round.missedRounds).toBe(3)
    expect(round.plan.meals.every(m => m.at >= round.current.at)).toBe(true)
  })

  it('the fridge goes before the harvest, a part of a meal leaves the rest, and old nauplii are poured away', () => {
    const stored = log('2026-03-16T18:05:00Z', 'nauplii.stored', {
      storeId: NAMED.store1!,
      hatchId: NAMED.hatch2!,
      form: 'fridge',
      nauplii: 900,
      volumeMl: 90,
      cubes: null,
      energy: 1,
    })
    const running = started('2026-03-16T04:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] })
    const now = '2026-03-17T05:40:00Z'
    const before = buildRound(stateAt(now, [stored, running]))
    const tank = before.stops.find(s => s.type === 'tank')!
    expect(tank.type === 'tank' && tank.feed).toMatchObject({
      nauplii: 900,
      ml: 90,
      harvestFollows: true,
    })
    const whole = before.plan.meals[0]!.nauplii
    const after = buildRound(
      stateAt(now, [
        stored,
        running,
        log(now, 'tank.fed', {
          tankId: NAMED.tank!,
          roundKey: '2026-03-17T06:30',
          nauplii: 900,
          ml: 90,
          cubes: null,
          energy: 1,
          source: { kind: 'fridge', id: NAMED.store1! },
          partial: true,
        }),
      ]),
    )
    expect(after.plan.meals[0]!.nauplii).toBeCloseTo(whole - 900, 6)
    expect(buildRound(stateAt('2026-03-17T19:30:00Z', [stored])).stops.map(s => s.type)).toContain(
      'discard',
    )
  })

  it('what was put off is gone from this round and back at the next', () => {
    const run = started('2026-03-16T06:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] })
    const now = '2026-03-17T05:40:00Z'
    const put = log(now, 'stop.postponed', {
      key: `harvest:${NAMED.hatch1}:1`,
      roundKey: '2026-03-17T06:30',
    })
    expect(buildRound(stateAt(now, [run, put])).stops.some(s => s.type === 'harvest')).toBe(false)
    expect(
      buildRound(stateAt('2026-03-17T18:05:00Z', [run, put])).stops.some(s => s.type === 'harvest'),
    ).toBe(true)
  })

  it('iodised salt brings its caution to the start', () => {
    const list = records({ freeSwimmingOn: '2026-03-18' }).map(r =>
      r.type === 'salt' ? { ...r, iodised: true } : r,
    )
    const round = buildRound(roomState(list, [], '2026-03-17T05:34:00Z')!)
    const start = round.stops.find(s => s.type === 'start')!
    expect(start.cautions.map(c => c.id)).toContain('iodine')
    expect(new Set(start.cautions.map(c => c.id)).size).toBe(start.cautions.length)
  })

  it('a clock set back does not break it: entries of the future stand, nothing is negative', () => {
    const state = stateAt(
      '2026-03-10T05:34:00Z',
      effectiveEntries([
        started('2026-03-16T06:00:00Z', { pullsAt: ['2026-03-17T05:30:00Z'] }),
        harvested('2026-03-17T05:30:00Z', { finished: false }),
      ]),
    )
    const round = buildRound(state)
    expect(round.plan.pulls.every(p => p.nauplii >= 0 && Number.isFinite(p.useful))).toBe(true)
  })
})
