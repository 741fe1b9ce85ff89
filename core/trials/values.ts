import type { Entry } from '../records/entries'
import { ofKind } from '../records/effectiveEntries'
import type { TrialRecord } from '../records/records'
import type { Valued } from './arms'
import { ASKS } from './asks'
import type { Member, MemberRead, TrialRoom, Value } from './member'
import { broodValue } from './values/broodValue'
import { cultureValue } from './values/cultureValue'
import { hatchValue } from './values/hatchValue'

/** Several readings of one vessel: their middle, and how far they scatter. */
function middleOf(values: readonly number[]): Valued {
  const logs = values.map(Math.log)
  const mean = logs.reduce((a, b) => a + b, 0) / logs.length
  const squares = logs.reduce((sum, x) => sum + (x - mean) ** 2, 0)
  const logSd = logs.length > 1 ? Math.sqrt(squares / (logs.length - 1) / logs.length) : 0
  return { value: Math.exp(mean), logSd }
}

function readValue(trial: TrialRecord, member: Member, room: TrialRoom): Value | null {
  if (member.of === null) return null
  switch (ASKS[trial.asks].from) {
    case 'culture':
      return cultureValue(trial, member.of.id, room)
    case 'hatch':
      return hatchValue(trial, member.of.id, room)
    case 'brood':
      return broodValue(trial, member.of.id, room.entries)
    case null:
      return null
  }
}

type Told = { data: { trialId: string; memberId: string } }

const tells = (e: Entry, id: string) =>
  (e.kind === 'culture.looked' && e.data.cultureId === id) ||
  (e.kind === 'sample.counted' && e.data.of?.id === id) ||
  (e.kind === 'culture.harvested' && e.data.cultureId === id) ||
  ((e.kind === 'brood.measured' || e.kind === 'brood.counted') && e.data.broodId === id)

/** What every vessel of a trial says so far, in the order of their labels. */
export function memberValues(trial: TrialRecord, room: TrialRoom): MemberRead[] {
  const mine = <T extends Told>(entries: readonly T[], id: string) =>
    entries.findLast(e => e.data.trialId === trial.id && e.data.memberId === id)?.data as
      T['data'] | undefined
  const losses = ofKind(room.entries, 'trial.lost')
  const readings = ofKind(room.entries, 'trial.valued')
  return trial.members.map(m => {
    const lost = mine(losses, m.id)?.reason ?? null
    const hand = mine(readings, m.id)
    const typed = hand ? (hand.hits ?? middleOf(hand.values!)) : null
    return {
      id: m.id,
      armId: m.armId,
      value: typed ?? (lost === null ? readValue(trial, m, room) : null),
      byHand: typed !== null,
      lost,
      seen: m.of === null ? 0 : room.entries.filter(e => tells(e, m.of!.id)).length,
    }
  })
}
