import { describe, expect, it } from 'vitest'
import type { Lane, Mouth } from '@renatus/core/planning/plan/aheadPicture'
import { WAYS, type Way } from '@renatus/core/planning/plan/closing'
import { comesLate, type Decision } from '@renatus/core/planning/plan/decisions'
import type { PlannedStart } from '@renatus/core/planning/plan/explainStart'
import type { FactChange } from '@renatus/core/planning/plan/planFacts'
import type { PlanChange } from '@renatus/core/planning/plan/planDifference'
import { URGENCIES } from '@renatus/core/stock/urgency'
import { roomState } from '@renatus/core/stock/roomState'
import * as words from '~/words/ahead'
import { feedWords, laneWords, mouthWords } from '~/words/aheadPicture'
import { dateDoubt, stageLine, urgencyLine } from '~/words/broods'
import { lostWords, standing } from '~/words/cultures'
import { demoAt } from '../../../tools/rooms/demoAt'
import { NUMBERS, slipsIn, withNumbers } from './slipsIn'

const NOW = '2026-03-24T05:34:00.000Z'
const date = () => 'Tue 24 Mar'
const NAMES = { brood: () => 'Badis', date }
const FROM = '2026-03-24'
const LATER = '2026-03-31'

const START = {
  food: 'microworm',
  on: FROM,
  vessels: 2,
  forBrood: 'b',
  neededOn: LATER,
  readyBy: LATER,
} as PlannedStart
const WAY: Way = {
  kind: 'start',
  food: 'moina',
  helpsFrom: LATER,
  closes: 0.4,
  likely: 0.8,
  cost: 2,
  leadDays: 2,
  apartDays: 2,
  warmerC: 2,
}
const GAP = { brood: 'b', from: FROM, to: LATER, days: 7, share: 0.3, ways: [WAY] }
const GET = { food: 'frozen-nauplii', by: FROM, comes: LATER, forBrood: 'b', neededOn: LATER }
const DECISIONS: Decision[] = [
  { kind: 'get', on: FROM, get: { ...GET, parts: null } },
  { kind: 'get', on: FROM, get: { ...GET, parts: ['vessel', 'cysts', 'salt'] } },
  { kind: 'order', on: FROM, start: START },
  { kind: 'start', on: FROM, start: START, slack: 2, late: false },
  { kind: 'gap', on: FROM, gap: GAP },
  { kind: 'gap', on: FROM, gap: { ...GAP, ways: [] } },
  { kind: 'doubt', on: FROM, brood: 'b', to: LATER, probability: 0.7, way: null },
  { kind: 'doubt', on: FROM, brood: 'b', to: LATER, probability: 0.7, way: WAY },
  {
    kind: 'hatch',
    on: FROM,
    hatch: {
      vesselId: 'v',
      vessel: 'Cone 1',
      startAt: NOW,
      startRound: 'morning',
      pullsAt: [],
      cystsG: 1,
      nauplii: 9,
    },
  },
]
const brood = { brood: 'b', name: 'Badis' }
const FACTS: FactChange[] = [
  { kind: 'brood-new', ...brood },
  { kind: 'brood-gone', ...brood },
  { kind: 'date', ...brood, days: 2 },
  { kind: 'fry', ...brood, was: 40, is: 60 },
  { kind: 'wishes', ...brood },
  { kind: 'culture-new', food: 'moina', name: 'Moina A' },
  { kind: 'culture-gone', food: 'moina', name: 'Moina A' },
  { kind: 'culture-state', food: 'moina', name: 'Moina A', is: 'lost' },
  { kind: 'rounds' },
  { kind: 'foods' },
  { kind: 'warmth' },
]
const was = { food: 'moina', on: FROM, vessels: 1 } as never
const CHANGES: PlanChange[] = [
  { kind: 'new', was: null, is: START, because: [] },
  { kind: 'dropped', was, is: null, because: FACTS.slice(0, 1) },
  { kind: 'moved', was, is: { ...START, on: LATER }, because: [] },
  { kind: 'more', was, is: START, because: [] },
  { kind: 'fewer', was, is: START, because: [] },
]

function* sentencesOfPlans(): Generator<string> {
  for (const n of NUMBERS) {
    for (const d of DECISIONS)
      yield Object.values(words.decisionWords(withNumbers(d, n), NAMES)).join(' ')
    for (const kind of WAYS) yield words.wayWords({ ...withNumbers(WAY, n), kind }, date)
    for (const c of CHANGES)
      yield Object.values(words.changeWords(withNumbers(c, n), date)).join(' ')
    for (const f of FACTS) yield words.becauseWords([withNumbers(f, n)])
    yield words.becauseWords(withNumbers(FACTS, n).slice(0, 3 + Math.round(n)))
    for (const from of [FROM, '2026-04-09']) {
      const last = { food: 'moina', brood: 'b', on: FROM, neededOn: LATER, likely: n }
      yield words.lastStartWords(last, 'Badis', from, date)
    }
    yield words.sureWords([{ day: FROM, planned: n, probability: Math.min(1, n / 2) }], date)
  }
}

function* sentencesOfPicture(): Generator<string> {
  for (const n of NUMBERS) {
    const mouth: Mouth = {
      brood: 'b',
      free: { early: 1, day: 2 },
      bands: [{ food: 'moina', from: 2, to: 5, row: 0 }],
      gaps: [{ from: 5, to: 9 }],
    }
    yield mouthWords(withNumbers(mouth, n), date)
    const bar = {
      id: 'x',
      name: 'Moina A',
      from: 0,
      ready: 2,
      to: 9,
      vessels: n,
      row: 0,
      order: null,
    }
    const lane: Lane = {
      food: 'moina',
      bars: [
        { ...bar, kind: 'stands', ready: 0 },
        { ...bar, kind: 'stands' },
        { ...bar, kind: 'kept' },
      ],
      rows: 1,
      wanted: Array.from({ length: Math.ceil(n) }, () => 4),
      supply: { p10: [1, 1], p50: [2, 2], p90: [4, 4] },
    }
    yield laneWords(lane, date)
    const feed = { culture: 'c', name: 'Moina A', food: 'green-water', fromDay: 0, toDay: 9 }
    for (const from of [null, 'g'])
      yield feedWords({ ...feed, litres: n, from }, () => 'Green water 1')
  }
}

const demo = demoAt(NOW, 'Europe/Berlin')
const { broods } = roomState(demo.records, demo.entries, NOW)!
const sheet = (closers: string[]) => ({
  gaps: [{ from: 0, to: 4, closers }] as never,
  next: { food: 'moina', day: 9 } as never,
  spans: [{ food: 'microworm', from: 0, to: 9, most: 0.5 }] as never,
})

function* sentencesOfBroods(): Generator<string> {
  for (const n of NUMBERS) {
    for (const b of broods)
      for (const stage of ['hoped', 'eggs', 'yolk', 'feeding'] as const) {
        yield stageLine({ ...withNumbers(b, n), stage, day: -Math.round(n) } as never, date)
        yield `Free swimming ${dateDoubt({ seen: false, spreadDays: n })}.`
      }
    for (const code of URGENCIES)
      for (const known of [null, sheet([]), sheet(['moina', 'rotifer', 'vinegar-eel'])])
        yield urgencyLine({ code, rank: 1, inDays: Math.round(n) }, known)
  }
}

describe('no sentence slips', () => {
  it.each([
    ['of plans', sentencesOfPlans, 100],
    ['of the picture of a plan', sentencesOfPicture, 8],
    ['of broods', sentencesOfBroods, 100],
  ] as const)('%s, with 0, 1, 2 and 1.5 of everything', (_, sentences, least) => {
    const all = [...sentences()]
    expect(all.length).toBeGreaterThanOrEqual(least)
    const slips = all.flatMap(text => slipsIn(text).map(slip => `${slip}: ${text}`))
    expect([...new Set(slips)]).toEqual([])
  })
})

describe('no sentence says against another', () => {
  it('calls no brood certain above a gap', () => {
    const sure = { day: FROM, planned: 1, probability: 1 }
    const short = { day: LATER, planned: 0, probability: 0 }
    expect(words.sureWords([sure], date)).toBe('Every day is as good as certain.')
    expect(words.sureWords([sure, short], date)).toContain('that are not short')
    expect(words.sureWords([short], date)).toBe('No day is covered.')
  })

  it('calls a start late only where it cannot be sooner and mouths miss it', () => {
    const start = {
      ...START,
      on: FROM,
      orderBy: null,
      neededOn: '2026-03-28',
      readyBy: '2026-03-30',
    }
    const doubt = { from: '2026-03-29', to: '2026-04-02', days: 5, share: 0.3, ways: [] }
    const plan = { from: FROM, gaps: [], doubts: [{ ...doubt, brood: start.forBrood }] }
    expect(comesLate(plan, start)).toBe(true)
    expect(comesLate({ ...plan, doubts: [] }, start)).toBe(false)
    expect(comesLate({ ...plan, doubts: [{ ...doubt, brood: 'another' }] }, start)).toBe(false)
    expect(comesLate(plan, { ...start, on: '2026-03-25' })).toBe(false)
    expect(comesLate(plan, { ...start, on: '2026-03-27', orderBy: FROM })).toBe(true)
    expect(comesLate(plan, { ...start, readyBy: '2026-03-28' })).toBe(false)
    expect(words.slackWords(-2, true)).toMatch(/^It is late: it may come only 2 days after/)
    expect(words.slackWords(-2, false)).toMatch(/^It may come up to 2 days late: the plan counts/)
    expect(words.slackWords(3, false)).toBe('3 days to spare.')
  })

  it('does not call a vessel lost that is building: it may come to nothing', () => {
    const readiness = { resting: 0, building: 1, ready: 0, tiring: 0, failing: 0, failed: 0 }
    expect(lostWords({ readiness, pFailed: 0.42 })).toBe('Lost: 0 %. Never ready: 42 %.')
    const certain = { stage: 'building', sure: 'almost certain (100 %)' }
    expect(standing({ readiness, moves: [] })).toEqual(certain)
  })

  it('gives no small chance of a stage that is said for want of certainty', () => {
    const readiness = { resting: 0, building: 0.35, ready: 0.65, tiring: 0, failing: 0, failed: 0 }
    const perhaps = { stage: 'building', sure: 'perhaps ready (65 %)' }
    expect(standing({ readiness, moves: [] })).toEqual(perhaps)
    // What is past it is not about to become ready.
    const past = { ...readiness, building: 0, tiring: 0.35 }
    const still = { stage: 'tiring', sure: 'perhaps still good (65 %)' }
    expect(standing({ readiness: past, moves: [] })).toEqual(still)
  })
})
