import type { Entry } from '@renatus/core/records/entries'
import type { TrialRecord } from '@renatus/core/records/records'
import { trial } from '@renatus/core/records/trialRecord'
import type { TrialAsk } from '@renatus/core/records/vocabulary'
import { addHours, type Instant } from '@renatus/core/time/localDate'
import { randomStream } from '@renatus/core/math/random'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { deal } from '@renatus/core/trials/deal'
import { answerOf, trialState } from '@renatus/core/trials/trialState'
import { actOf } from './draft'

/** What the loft tried side by side: what was measured by hand of each, and on which day after the start. */
interface Tried {
  question: string
  asks: TrialAsk
  factor: string
  foodId: string | null
  methodId: string | null
  /** Days after the first of the log, and how long it ran; null while it runs. */
  on: number
  ran: number | null
  untilDays: number
  places: readonly string[]
  arms: readonly { name: string; measured: readonly (number | null)[] }[]
}
const TRIED: readonly Tried[] = [
  {
    question: 'Which leaf clears first?',
    asks: 'ready-day',
    factor: 'matter',
    foodId: 'infusoria',
    methodId: 'scalded-leaf',
    on: 5,
    ran: 14,
    untilDays: 16,
    places: ['Window shelf, top', 'Window shelf, middle', 'Window shelf, bottom'],
    arms: [
      { name: 'beech leaf', measured: [8.5, 9.5, 8] },
      { name: 'nettle', measured: [5, 5.5, 5] },
      { name: 'banana peel', measured: [7, 6.5, 8] },
    ],
  },
  {
    question: 'Does a wide sieve rinse nauplii faster?',
    asks: 'minutes',
    factor: 'way of doing it',
    foodId: null,
    methodId: null,
    on: 46,
    ran: null,
    untilDays: 20,
    places: [''],
    arms: [
      { name: 'wide sieve', measured: [2.1, 2.6, null, null] },
      { name: 'cloth over a cup', measured: [3.4, 2.9, 3.8, null] },
    ],
  },
]
const ARMS = 'ABCDEF'

function recordOf(t: Tried, n: number, at: Instant, id: (ms: number) => string): TrialRecord {
  const ms = Date.parse(at)
  const ids = t.arms.map((_, i) => ARMS[i]!)
  const dealt = deal(ids, t.arms[0]!.measured.length, t.places.length, randomStream(n))
  return trial.parse({
    id: id(ms),
    updatedAt: at,
    type: 'trial',
    name: t.question,
    asks: t.asks,
    factor: t.factor,
    foodId: t.foodId,
    methodId: t.methodId,
    onDay: null,
    untilDays: t.untilDays,
    startedAt: at,
    planned: true,
    arms: t.arms.map((a, i) => ({ id: ARMS[i]!, name: a.name })),
    members: dealt.map(d => ({
      id: id(ms),
      armId: d.armId,
      label: `T${n}-${d.number}`,
      place: t.places[d.spot]!,
      of: null,
    })),
  })
}

function measuredOf(t: Tried, record: TrialRecord, id: (ms: number) => string): Entry[] {
  const subject = { type: 'trial', id: record.id }
  return t.arms.flatMap((arm, i) => {
    const members = record.members.filter(m => m.armId === ARMS[i])
    return arm.measured.flatMap((value, n) => {
      if (value === null) return []
      const days = t.asks === 'ready-day' ? value : n + 1
      const data = { trialId: record.id, memberId: members[n]!.id, values: [value], hits: null }
      return actOf(
        addHours(record.startedAt, 24 * days),
        null,
        [{ kind: 'trial.valued', subject, data }],
        id,
      )
    })
  })
}

/** What a trial came to, worked out of what was measured. */
function endOf(record: TrialRecord, entries: Entry[], at: Instant, id: (ms: number) => string) {
  const nothing = { cultures: [], hatches: [], lots: [], places: [], materials: [] }
  const learned = NOTHING_LEARNED
  const room = { now: at, today: at.slice(0, 10), entries, learned, ...nothing }
  const data = answerOf(record, trialState(record, room))
  const subject = { type: 'trial', id: record.id }
  return actOf(at, null, [{ kind: 'trial.ended', subject, data }], id)
}

/** Trials of the loft: one that has ended, and one that runs. */
export function trialShelf(
  begun: Instant,
  id: (ms: number) => string,
): { records: TrialRecord[]; entries: Entry[] } {
  const shelf = TRIED.map((t, i) => {
    const record = recordOf(t, i + 1, addHours(begun, t.on * 24 + 3), id)
    const measured = measuredOf(t, record, id)
    const ended = t.ran === null ? [] : [addHours(record.startedAt, 24 * t.ran)]
    const entries = [...measured, ...ended.flatMap(at => endOf(record, measured, at, id))]
    return { record, entries }
  })
  return { records: shelf.map(s => s.record), entries: shelf.flatMap(s => s.entries) }
}
