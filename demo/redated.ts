import { idTime, makeId } from '@renatus/core/records/id'
import { addDays, toMs } from '@renatus/core/time/localDate'

/** How far a room is moved. */
export interface Move {
  /** Dates, and rounds, which are named by date and clock time. */ days: number
  /** Instants, ms: some days, and what zones and the turns of their clocks make of them. */ ms: number
}

const DATES = /\d{4}-\d\d-\d\d(T\d\d:\d\d:\d\d(\.\d+)?Z)?/g
const IDS = /\b[0-7][0-9A-HJKMNP-TV-Z]{25}\b/g
const TIME_LETTERS = 10
const NO_CHANCE = new Uint8Array(10)

/** Most of what is written is written often: each is worked out once. */
function once(work: (text: string) => string): (text: string) => string {
  const known = new Map<string, string>()
  return text => {
    const found = known.get(text) ?? work(text)
    known.set(text, found)
    return found
  }
}

/**
 * The text of a room moved to another day and zone: instants keep the hours that lie between them, so that all that was
 * believed of them holds there too; dates their distance from today, ids the time they were made at.
 */
export function redated(text: string, { days, ms }: Move): string {
  const instant = once(at => new Date(toMs(at) + ms).toISOString())
  const date = once(on => addDays(on, days))
  const time = once(letters => makeId(idTime(letters) + ms, NO_CHANCE).slice(0, TIME_LETTERS))
  return text
    .replace(DATES, (found, clock) => (clock ? instant(found) : date(found)))
    .replace(IDS, id => time(id.slice(0, TIME_LETTERS)) + id.slice(TIME_LETTERS))
}
