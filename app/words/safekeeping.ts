import type { Conflict } from '@renatus/core/formats/mergeRooms'
import type { Aside } from '@renatus/core/formats/setAside'
import type { RoomCheck } from '@renatus/core/formats/checkRoom'
import type { Took } from '~/db/takeFile'
import type { TieState } from '~/keep/tieState'
import { TYPE_NAMES } from './recordTypes'
import { plural } from './round'

const DAY_MS = 86_400_000
const YEAR_D = 365

/** "3 days ago"; what is minutes old is "just now". */
export function agoText(at: string, now: string): string {
  const ms = Date.parse(now) - Date.parse(at)
  const minutes = Math.floor(ms / 60_000)
  if (minutes < 2) return 'just now'
  if (minutes < 120) return `${minutes} minutes ago`
  if (ms < 2 * DAY_MS) return `${Math.floor(minutes / 60)} hours ago`
  const days = Math.floor(ms / DAY_MS)
  return days < YEAR_D ? `${days} days ago` : `${plural(Math.floor(days / YEAR_D), 'year')} ago`
}

/** A copy of the room that stands somewhere, and whether it outlives this browser. */
export interface CopyKnown {
  what: 'folder' | 'second copy' | 'snapshot' | 'file'
  at: string
}
const COPY_NAMES: Record<CopyKnown['what'], string> = {
  'folder': 'in the shared folder',
  'second copy': 'in the second copy',
  'snapshot': 'a snapshot in this browser',
  'file': 'in an exported file',
}
/** Older than this a copy outside of the browser is to be made anew, days. */
const COPY_EVERY_D = 7

export interface DataState {
  /** The demo room starts afresh every day: nothing of it needs to be kept. */
  demo: boolean
  room: string | null
  device: string
  entries: number
  copies: readonly CopyKnown[]
  /** The age of the room's log, days. */
  days: number
  now: string
}

/** Two lines: where the data is; how old its copies are and what to do. */
export function dataLines(s: DataState): { where: string; copies: string; due: boolean } {
  const newest = [...s.copies].sort((a, b) => (a.at < b.at ? 1 : -1))
  const outside = newest.find(c => c.what !== 'snapshot')
  const alone = outside ? 'on no server' : 'and nowhere else'
  const held = s.room
    ? `“${s.room}” with ${plural(s.entries, 'entry', 'entries')} is in this browser on “${s.device}”, ${alone}.`
    : `There is no room in this browser on “${s.device}”.`
  const age = outside ? (Date.parse(s.now) - Date.parse(outside.at)) / DAY_MS : s.days
  const due = s.room !== null && !s.demo && age >= COPY_EVERY_D
  if (!s.room) return { where: held, copies: 'Import one, or tie a folder that holds one.', due }
  if (s.demo) return { where: held, copies: 'It starts afresh every day: nothing to keep.', due }
  const list = newest.map(c => `${COPY_NAMES[c.what]} (${agoText(c.at, s.now)})`).join(', ')
  const said = list === '' ? 'No copy stands yet' : `Copies: ${list}`
  const kept = outside ? TO_DO.outside : TO_DO.alone
  const advice = due ? kept.due : kept.fresh
  return { where: held, copies: `${said}. ${advice}`, due }
}

/** By whether a copy outlives this browser, and whether a new one is due. */
const TO_DO = {
  outside: { due: 'Export it this week.', fresh: 'Nothing to do.' },
  alone: {
    due: 'If this device breaks, the room is gone: export it now.',
    fresh: 'Export it once something is worth keeping.',
  },
} as const

/** What stands behind a tie that is not on. */
export function tieText(state: TieState, name: string, why: string): string {
  if (state === 'gone')
    return `“${name}” is not where it was: moved, renamed, or its disk is not plugged in. Nothing is lost here; pick it again, or it goes on when it is back.`
  if (state === 'ask') return `The browser asks again before it may write to “${name}”.`
  return why
}

const ASIDE_WHY: Record<Aside['why'], string> = {
  'ahead': 'lies more than a year ahead',
  'no-tank': 'is in a tank that is not in the file',
  'no-subject': 'is about something that is not in the file',
}
const asideText = (a: Aside): string => `${a.what} “${a.name}” ${ASIDE_WHY[a.why]}`

/** Two devices changed one thing, and neither knew. */
export const apartText = (c: Conflict): string =>
  `${c.type === 'entry' ? 'An entry' : TYPE_NAMES[c.type]} “${c.name}” was changed on two devices. The later stands; Setup, Data shows the other.`

/** So many things that were left out are named. */
const NAMED = 5

/** What an import brought, the first line first. */
export function tookLines(took: Took, now: string): string[] {
  const { added, changed, conflicts, twice, aside, unknownFish, exportedAt } = took
  const brought = [
    plural(added.records, 'new record'),
    plural(added.entries, 'new entry', 'new entries'),
    plural(changed, 'changed record'),
    plural(conflicts.length, 'conflict'),
  ]
  const lines = [`Merged: ${brought.join(', ')}.`]
  if (Date.parse(now) - Date.parse(exportedAt) > YEAR_D * DAY_MS)
    lines.push(
      `The file was written ${agoText(exportedAt, now)}: what was done since is not in it.`,
    )
  if (twice > 0)
    lines.push(
      `${plural(twice, 'answer')} had been given on both devices: the first of each counts.`,
    )
  for (const brood of unknownFish)
    lines.push(`“${brood}” is of a fish that is not known here: it stands, and asks for its fish.`)
  if (aside.length > 0) {
    const left = `cannot be true and ${aside.length === 1 ? 'was' : 'were'} left out`
    const named = [
      ...aside.slice(0, NAMED).map(asideText),
      ...(aside.length > NAMED ? ['and more'] : []),
    ]
    lines.push(
      `${plural(aside.length, 'thing')} ${left}: ${named.join('; ')}. They are still in the file.`,
    )
  }
  return lines
}

/** What a check found, a line for each matter; the first says whether all is well. */
export function checkLines(
  check: RoomCheck & { copies: { snapshots: number; read: number; broken: string[] } },
): { well: boolean; lines: string[] } {
  const { unreadable, aside, conflicts, twice, dangling, folds, copies } = check
  const harm = [
    unreadable.length > 0 &&
      `${plural(unreadable.length, 'row')} cannot be read: ${unreadable
        .slice(0, 3)
        .map(u => `${u.table} ${u.id} at “${u.path}” (${u.message})`)
        .join('; ')}. Export what can be read, then set them aside.`,
    aside.length > 0 && `Cannot be true: ${aside.slice(0, 5).map(asideText).join('; ')}.`,
    folds === 'differs' &&
      'The shortened log says something else of today than the whole one: export the room, it is made anew at the next visit.',
    copies.broken.length > 0 && `${plural(copies.broken.length, 'snapshot')} cannot be read.`,
  ]
  const told = [
    conflicts.length > 0 &&
      `Changed on two devices apart: ${conflicts.map(c => `${c.type} “${c.name}”`).join(', ')}. Save it again, or bring the other version back below.`,
    twice.length > 0 && `${plural(twice.length, 'answer')} given twice; the first of each counts.`,
    dangling.length > 0 &&
      `${plural(dangling.length, 'entry', 'entries')} take back or correct something that is not in the log.`,
  ]
  const isText = (x: string | false): x is string => x !== false
  const wrong = harm.filter(isText)
  const read = [
    `${plural(check.records, 'record')} and ${plural(check.entries, 'entry', 'entries')} were read`,
    folds === 'agree' && 'the shortened log agrees with the whole one',
    `snapshots opened: ${copies.read} of ${copies.snapshots}`,
  ]
  const summary = `${read.filter(isText).join(', ')}.`
  const verdict = wrong.length === 0 ? 'All is well.' : 'Something is wrong.'
  return {
    well: wrong.length === 0,
    lines: [`${verdict} ${summary}`, ...wrong, ...told.filter(isText)],
  }
}
