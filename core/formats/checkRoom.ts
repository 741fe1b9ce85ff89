import type { Entry } from '../records/entries'
import { roomState } from '../stock/roomState'
import { NOTHING_SETTLED } from '../stock/settled'
import { toldOf } from '../stock/toldOf'
import { workingLog } from '../stock/working/workingLog'
import { addHours, type Instant } from '../time/localDate'
import { mergeRooms, type Conflict } from './mergeRooms'
import { salvage, type RawRoom, type Unreadable } from './salvage'
import { setAside, type Aside } from './setAside'

/** What a room was found to be, when everything that is stored of it was looked at. */
export interface RoomCheck {
  records: number
  entries: number
  unreadable: Unreadable[]
  /** What reads well and cannot be true. */
  aside: Aside[]
  conflicts: Conflict[]
  /** Acts that repeat the answer of an earlier one; they do not count. */
  twice: string[]
  /** Undos and corrections of something that is not in the log. */
  dangling: { id: string; kind: Entry['kind'] }[]
  /** `differs`: the shortened log says something else of today than the whole one. `no-room`: there is nothing to fold. */
  folds: 'agree' | 'differs' | 'no-room'
}

/** What is younger is never folded. */
const AT_HAND_D = 60

function danglingOf(entries: readonly Entry[]): RoomCheck['dangling'] {
  const acts = new Set(entries.map(e => e.act))
  const ids = new Set(entries.map(e => e.id))
  const undoes = (e: Entry) => e.kind === 'undone' && !acts.has(e.data.act)
  const corrects = (e: Entry) => e.supersedes !== null && !ids.has(e.supersedes)
  return entries.filter(e => undoes(e) || corrects(e)).map(({ id, kind }) => ({ id, kind }))
}

function foldsOf(sound: ReturnType<typeof salvage>, now: Instant): RoomCheck['folds'] {
  const { records, entries } = sound
  const whole = roomState(records, entries, now, undefined, NOTHING_SETTLED)
  if (!whole) return 'no-room'
  const folded = workingLog(records, entries, addHours(now, -24 * AT_HAND_D))
  const { over } = folded
  const left = records.filter(r => !over.includes(r.id))
  const state = roomState(left, folded.entries, now, undefined, folded.settled)
  return state && toldOf(state) === toldOf(whole) ? 'agree' : 'differs'
}

/** Looks at everything that is stored of a room: rows, references, what was changed apart, and that folding changes nothing. */
export function checkRoom(raw: RawRoom, now: Instant): RoomCheck {
  const sound = salvage(raw)
  const { aside } = setAside(sound, now)
  const all = mergeRooms(sound, { records: [], entries: [], kept: [] })
  return {
    records: raw.records.length,
    entries: raw.entries.length,
    unreadable: sound.unreadable,
    aside,
    conflicts: all.conflicts,
    twice: all.twice,
    dangling: danglingOf(sound.entries),
    folds: foldsOf(sound, now),
  }
}
