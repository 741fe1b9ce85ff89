import { addDays, localDateOf, type Instant } from '../time/localDate'
import type { RoomState } from '../stock/roomState'
import { comingLines, type ComingLines } from './comingLines'
import type { Round } from './round'

/** A moment of the day on the line beside the round. */
export interface DayMark {
  key: string
  /** Null for what happens some time in the day. */
  at: Instant | null
  kind: 'now' | 'round' | 'clock' | 'use-by' | 'brood'
  text: string
  /** What a coming round will hold. */
  lines: ComingLines['lines']
}

const mark = (m: Omit<DayMark, 'lines'>): DayMark => ({ ...m, lines: [] })

/** Broods that are expected to hatch or swim free on a day. */
function broodMarks({ broods, today }: RoomState): DayMark[] {
  return broods
    .filter(b => b.freeOn === today)
    .map(b => mark({ key: b.id, at: null, kind: 'brood', text: `${b.name} swims free` }))
}

/** Clocks that run and stores that should be fed out, up to an instant. */
function waits({ clocks, stores }: RoomState, until: Instant): DayMark[] {
  const ends = clocks
    .filter(c => !c.ended && c.endsAt <= until && c.about.type !== 'store')
    .map(c => mark({ key: c.id, at: c.endsAt, kind: 'clock', text: c.label }))
  const spoils = stores.flatMap(s =>
    s.useBy !== null && s.useBy <= until
      ? [mark({ key: s.id, at: s.useBy, kind: 'use-by', text: `${s.name}: feed it by then` })]
      : [],
  )
  return [...ends, ...spoils]
}

/**
 * The rest of the day: this round, what runs out or ends, and the rounds to come with what they will hold,
 * up to the first round of tomorrow.
 */
export function dayLine(round: Round, state: RoomState, now: Instant): DayMark[] {
  const { timeZone } = state.room
  const dayOf = (at: Instant) => localDateOf(at, timeZone)
  const today = dayOf(now)
  const rounds = round.reckoning.rounds.slice(1)
  const tomorrow = rounds.findIndex(r => dayOf(r.at) >= addDays(today, 1))
  const shown = rounds.slice(0, tomorrow < 0 ? rounds.length : tomorrow + 1)
  const until = shown.at(-1)?.at ?? now
  const lines = new Map(comingLines(round.reckoning, state).map(c => [c.round.key, c.lines]))
  const { current } = round
  return [
    ...broodMarks(state),
    mark({ key: current.key, at: current.at, kind: 'now', text: current.name }),
    ...[
      ...waits(state, until).filter(m => m.at! > now),
      ...shown.map((r): DayMark => ({
        key: r.key,
        at: r.at,
        kind: 'round',
        text: r.name,
        lines: lines.get(r.key) ?? [],
      })),
    ].sort((a, b) => a.at!.localeCompare(b.at!)),
  ]
}
