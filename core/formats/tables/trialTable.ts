import { ofKind } from '../../records/effectiveEntries'
import type { TrialRecord } from '../../records/records'
import { ASKS } from '../../trials/asks'
import { answerTo } from '../../trials/remembered'
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

function rowsOf(t: TrialRecord, s: TableSource): Cell[][] {
  const readings = ofKind(s.entries, 'trial.valued').filter(e => e.data.trialId === t.id)
  const losses = ofKind(s.entries, 'trial.lost').filter(e => e.data.trialId === t.id)
  const answer = answerTo(t.id, s.entries)
  return t.members.map(m => {
    const read = readings.findLast(e => e.data.memberId === m.id)?.data
    const lost = losses.findLast(e => e.data.memberId === m.id)?.data.reason
    const arm = answer?.arms.find(a => a.id === m.armId)
    return [
      t.startedAt,
      t.name,
      t.asks,
      ASKS[t.asks].unit,
      t.factor,
      t.planned,
      t.arms.find(a => a.id === m.armId)?.name ?? '',
      m.label,
      m.place,
      read?.values?.join(' ') ?? null,
      read?.hits?.hit ?? null,
      read?.hits?.of ?? null,
      lost ?? null,
      answer?.at ?? null,
      answer?.how ?? null,
      arm?.mean ?? null,
      arm?.p10 ?? null,
      arm?.p90 ?? null,
      arm?.best ?? null,
    ]
  })
}

/** Trials, a vessel a row: what was dealt, what was measured by hand, and what its arm came to. */
export const trials = (s: TableSource): Table => ({
  columns: COLUMNS,
  rows: s.records
    .filter(r => r.type === 'trial')
    .filter(t => t.removedAt === null)
    .flatMap(t => rowsOf(t, s)),
})
