import { describe, expect, it } from 'vitest'
import {
  acceptChange,
  planDifference,
  refuseChange,
} from '@renatus/core/planning/plan/planDifference'
import {
  asKept,
  droppedStarts,
  keptPlan,
  startsLeft,
  startStates,
  type KeptPlan,
} from '@renatus/core/planning/plan/keptPlan'
import { factChanges, planFacts } from '@renatus/core/planning/plan/planFacts'
import { pinsLeft } from '@renatus/core/planning/plan/question'
import type { PlannedStart } from '@renatus/core/planning/plan/explainStart'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import { cultureStates } from '@renatus/core/stock/cultures'
import { cultureOf } from '../../cultureRoom'
import { log, NAMED } from '../../room'
import { smallRoom } from './small'

const start = (food: string, on: string, vessels = 2, forBrood = NAMED.brood!): PlannedStart => ({
  food,
  method: 'oats',
  on,
  vessels,
  placeId: null,
  vessel: 'jar',
  litres: 1,
  bought: false,
  orderBy: null,
  forBrood,
  neededOn: '2026-04-01',
  readyBy: '2026-03-30',
  chances: { failure: 0.1, readyDays: 5, readyLogSd: 0.2 },
  why: {
    result: { label: 'x', value: 1, unit: '' },
    rule: 'because',
    formula: '1',
    inputs: [],
    source: 's',
  },
})
const FACTS = { broods: [], cultures: [], rounds: '', foods: '', warmth: '' }
const kept = (at: string, starts: KeptPlan['starts'], more: Partial<KeptPlan> = {}) =>
  log(at, 'plan.kept', {
    from: at.slice(0, 10),
    days: 60,
    certainty: 0.95,
    starts,
    facts: FACTS,
    ...more,
  })
const named = (list: readonly PlannedStart[]) =>
  list.reduce<KeptPlan['starts']>((all, s) => [...all, asKept(s, new Set(all.map(x => x.id)))], [])

describe('the plan that is kept', () => {
  const plan = named([
    start('microworm', '2026-03-12'),
    start('microworm', '2026-03-20', 1),
    start('infusoria', '2026-03-14', 3),
  ])
  it('new vessels of the food count for the earliest start; what is late is made today', () => {
    const worms = [
      cultureOf('microworm', '2026-03-12T06:00:00Z'),
      cultureOf('microworm', '2026-03-12T06:10:00Z'),
      cultureOf('microworm', '2026-02-01T06:00:00Z'),
    ]
    const entries = [kept('2026-03-10T06:00:00Z', plan)]
    const states = startStates(entries, cultureStates(worms, entries))
    expect(states.map(s => [s.food, s.started, s.left])).toEqual([
      ['microworm', 2, 0],
      ['infusoria', 0, 3],
      ['microworm', 0, 1],
    ])
    expect(startsLeft(states, '2026-03-16').map(s => [s.food, s.on, s.vessels])).toEqual([
      ['infusoria', '2026-03-16', 3],
      ['microworm', '2026-03-20', 1],
    ])
    expect(keptPlan(entries)!.plan.starts).toHaveLength(3)
    expect(startStates([], [])).toEqual([])
  })
  it('a vessel that is written down as older than the plan counts where the plan did not know it', () => {
    const worms = [
      cultureOf('microworm', '2026-03-12T05:59:20Z'),
      cultureOf('microworm', '2026-03-12T05:00:00Z'),
    ]
    const of = (known: readonly { id: string }[]) => {
      const cultures = known.map(({ id }) => ({
        id,
        name: 'Tub',
        food: 'microworm',
        state: 'well' as const,
      }))
      const facts = { ...FACTS, cultures }
      const entries = [kept('2026-03-12T06:00:00Z', plan, { facts })]
      return startStates(entries, cultureStates(worms, entries))[0]!.started
    }
    expect(of([])).toBe(2)
    expect(of(worms.slice(1))).toBe(1)
    expect(of(worms)).toBe(0)
  })
  it('a pin holds a start until it is made: what was made is not started again, what is late is pinned to today', () => {
    const pins = [
      { food: 'microworm', method: 'oats', on: '2026-03-12', vessels: 2 },
      { food: 'infusoria', method: 'oats', on: '2026-03-14', vessels: 3 },
    ]
    const entries = [kept('2026-03-10T06:00:00Z', plan, { pins })]
    const left = (worms: number, today: string) =>
      startsLeft(
        startStates(
          entries,
          cultureStates(
            Array.from({ length: worms }, () => cultureOf('microworm', '2026-03-12T06:00:00Z')),
            entries,
          ),
        ),
        today,
      )
    expect(
      pinsLeft(pins, left(0, '2026-03-12'), '2026-03-12').map(p => [p.food, p.vessels]),
    ).toEqual([
      ['microworm', 2],
      ['infusoria', 3],
    ])
    expect(pinsLeft(pins, left(1, '2026-03-12'), '2026-03-12')[0]!.vessels).toBe(1)
    expect(pinsLeft(pins, left(2, '2026-03-12'), '2026-03-12').map(p => p.food)).toEqual([
      'infusoria',
    ])
    expect(pinsLeft(pins, left(2, '2026-03-16'), '2026-03-16')).toEqual([
      { ...pins[1], on: '2026-03-16' },
    ])
  })
  it('an undo takes a plan back, a later one replaces it, and what fell out is known by its name', () => {
    const first = kept('2026-03-10T06:00:00Z', plan)
    const second = kept('2026-03-11T06:00:00Z', [{ ...plan[0]!, on: '2026-03-13' }])
    const undo: Entry = log('2026-03-11T07:00:00Z', 'undone', { act: second.act })
    expect(keptPlan(effectiveEntries([first, second]))!.plan.starts[0]!.on).toBe('2026-03-13')
    expect(keptPlan(effectiveEntries([first, second, undo]))!.plan.starts).toHaveLength(3)
    expect(
      droppedStarts([first, second])
        .map(s => s.id)
        .sort(),
    ).toEqual([plan[1]!.id, plan[2]!.id].sort())
    expect(startStates([first, second], [])[0]).toMatchObject({ id: plan[0]!.id, changed: 1 })
    expect(
      new Set(named([start('a', '2026-03-12'), start('a', '2026-03-12')]).map(s => s.id)).size,
    ).toBe(2)
  })
})

describe('what a new plan does otherwise', () => {
  const entries = [
    kept(
      '2026-03-10T06:00:00Z',
      named([start('microworm', '2026-03-12'), start('infusoria', '2026-03-14', 3)]),
    ),
  ]
  const left = startsLeft(startStates(entries, []), '2026-03-10')
  const empty = { starts: keptPlan(entries)!.plan.starts, pins: [], refused: [] }
  it('nothing, when it is the same; a move keeps its name; more, fewer, new, dropped are told apart', () => {
    const same = [start('microworm', '2026-03-12'), start('infusoria', '2026-03-14', 3)]
    expect(planDifference(left, same, [])).toEqual([])
    const other = [
      start('microworm', '2026-03-16'),
      start('infusoria', '2026-03-14', 4),
      start('paramecium', '2026-03-15', 1),
    ]
    const changes = planDifference(left, other, [])
    expect(changes.map(c => c.kind).sort()).toEqual(['more', 'moved', 'new'])
    expect(planDifference(left, [same[0]!], []).map(c => c.kind)).toEqual(['dropped'])
    expect(
      planDifference(left, [same[0]!, start('infusoria', '2026-03-14', 1)], []).map(c => c.kind),
    ).toEqual(['fewer'])
    const taken = changes.reduce(acceptChange, empty)
    expect(taken.starts).toHaveLength(3)
    expect(taken.starts.find(s => s.food === 'microworm')).toMatchObject({
      id: empty.starts.find(s => s.food === 'microworm')!.id,
      on: '2026-03-16',
    })
    const after = startsLeft(
      startStates([kept('2026-03-10T07:00:00Z', taken.starts)], []),
      '2026-03-10',
    )
    expect(planDifference(after, other, [])).toEqual([])
  })
  it('what is late and made beside what is due is no change', () => {
    const late = left.filter(l => l.food === 'microworm').map(l => ({ ...l, vessels: 1 }))
    const due = left.filter(l => l.food === 'microworm')
    const both = [...late, ...due]
    expect(planDifference(both, [start('microworm', due[0]!.on, 3)], [])).toEqual([])
    expect(planDifference(both, [start('microworm', due[0]!.on, 2)], [])).not.toEqual([])
  })
  it('a refused line is pinned where it was, a refused start stays away', () => {
    const [moved] = planDifference(
      left,
      [start('microworm', '2026-03-16'), start('infusoria', '2026-03-14', 3)],
      [],
    )
    expect(refuseChange(empty, moved!).pins).toEqual([
      { food: 'microworm', method: 'oats', on: '2026-03-12', vessels: 2 },
    ])
    const news = planDifference(
      left,
      [
        start('microworm', '2026-03-12'),
        start('infusoria', '2026-03-14', 3),
        start('moina', '2026-03-15', 1),
      ],
      [],
    )
    const { refused } = refuseChange(empty, news[0]!)
    expect(
      planDifference(
        left,
        [
          start('microworm', '2026-03-12'),
          start('infusoria', '2026-03-14', 3),
          start('moina', '2026-03-16', 1),
        ],
        [],
        refused,
      ),
    ).toEqual([])
  })
  it('a line names the facts that bear on it', () => {
    const changes = [
      { kind: 'date' as const, brood: NAMED.brood!, name: 'Angels', days: -4 },
      { kind: 'culture-gone' as const, food: 'moina', name: 'Oar bucket' },
    ]
    const [moved] = planDifference(
      left,
      [start('microworm', '2026-03-11'), start('infusoria', '2026-03-14', 3)],
      changes,
    )
    expect(moved!.because).toEqual([changes[0]])
  })
})

describe('facts a plan hangs on', () => {
  const facts = (o: Parameters<typeof smallRoom>[0]) => {
    const { state, readings } = smallRoom(o)
    return planFacts(state, readings)
  }
  it('nothing has changed in the same room; dates, fry, cultures, foods are told when they have', () => {
    const worm = cultureOf('microworm', '2026-03-01T06:00:00Z')
    const base = facts({ cultures: [worm] })
    expect(factChanges(base, facts({ cultures: [worm] }))).toEqual([])
    expect(factChanges(base, facts({ cultures: [worm], freeOn: '2026-03-28' }))).toMatchObject([
      { kind: 'date', days: -4 },
    ])
    expect(factChanges(base, facts({ cultures: [worm], fry: 57 }))).toEqual([])
    expect(factChanges(base, facts({ cultures: [worm], fry: 30 }))).toMatchObject([
      { kind: 'fry', was: 60, is: 30 },
    ])
    expect(factChanges(base, facts({}))).toMatchObject([
      { kind: 'culture-gone', food: 'microworm' },
    ])
    expect(factChanges(facts({}), base)).toMatchObject([{ kind: 'culture-new' }])
    expect(
      factChanges(base, facts({ cultures: [worm], foods: ['infusoria'] })).map(c => c.kind),
    ).toEqual(['foods'])
    const heater = log('2026-03-09T06:00:00Z', 'place.temperature', {
      placeId: NAMED.place!,
      topC: 15 as never,
      bottomC: 15 as never,
      was: null,
    })
    expect(
      factChanges(base, facts({ cultures: [worm], entries: [heater] })).map(c => c.kind),
    ).toEqual(['warmth'])
  })
})
