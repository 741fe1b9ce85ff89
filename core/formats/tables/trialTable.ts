import { ofKind } from '../../records/effectiveEntries'
import type { EntryData, EntryKind } from '../../records/entries'
import type { TrialRecord } from '../../records/records'
import { ASKS } from '../../trials/asks'
import { answerTo } from '../../trials/remembered'
import type { TrialAnswer } from '../../trials/trialState'
import type { Cell, Table, TableSource } from './table'

const COLUMNS = [
  'started',
  'question',
  'asks',
  'unit',
  'differs_in',
  'planned',
  'arm',
  'label',
  'place',
  'measured',
  'hit',
  'of',
  'lost',
  'ended',
  'how',
  'arm_mean',
  'arm_p10',
  'arm_p90',
  'arm_best',
] as const

type Of<K extends EntryKind> = EntryData<K> | undefined
const read = (d: Of<'trial.valued'>): Cell[] =>
  d ? [d.values?.join(' ') ?? null, d.hits?.hit ?? null, d.hits?.of ?? null] : [null, null, null]
/** What the arm of a vessel came to. */
function came(answer: TrialAnswer | null, armId: string): Cell[] {
  if (!answer) return [null, null, null, null, null, null]
  const arm = answer.arms.find(a => a.id === armId)
  const numbers = arm ? [arm.mean, arm.p10, arm.p90, arm.best] : [null, null, null, null]
  return [answer.at, answer.how, ...numbers]
}

function rowsOf(t: TrialRecord, s: TableSource): Cell[][] {
  const readings = ofKind(s.entries, 'trial.valued').filter(e => e.data.trialId === t.id)
  const losses = ofKind(s.entries, 'trial.lost').filter(e => e.data.trialId === t.id)
  const answer = answerTo(t.id, s.entries)
  const armNames = new Map(t.arms.map(a => [a.id, a.name]))
  return t.members.map(m => [
    t.startedAt,
    t.name,
    t.asks,
    ASKS[t.asks].unit,
    t.factor,
    t.planned,
    armNames.get(m.armId)!,
    m.label,
    m.place,
    ...read(readings.findLast(e => e.data.memberId === m.id)?.data),
    losses.findLast(e => e.data.memberId === m.id)?.data.reason ?? null,
    ...came(answer, m.armId),
  ])
}

/** Trials, a vessel a row: what was dealt, what was measured by hand, and what its arm came to. */
export const trials = (s: TableSource): Table => ({
  columns: COLUMNS,
  rows: s.records
    .filter(r => r.type === 'trial')
    .filter(t => t.removedAt === null)
    .flatMap(t => rowsOf(t, s)),
})
