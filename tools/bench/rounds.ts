import { demoAt } from '../rooms/demoAt'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { roundMinutes } from '@renatus/core/round/minutes'
import { buildRound, roundState, type Round } from '@renatus/core/round/round'
import { addDays, instantOf } from '@renatus/core/time/localDate'
import { wordsOf } from '@renatus/core/round/roundLines'
import { answered, knownRound, type KnownRoom } from '../rooms/knownRoom'
import { largeRoom } from '../rooms/manyRooms'

const DEMO_DAYS = 10
const SEEDS = [1, 2, 3, 4, 5, 6]

const sizeOf = (round: Round) => {
  const must = round.stops.filter(s => s.must)
  return `${round.stops.length} stops, ${round.minutes} min; must ${must.length}, ${roundMinutes(must, round.pace.factor)} min; ${round.waiting.length} wait`
}

/** A round done stop by stop as it says: how many of the stops that were still to be done said something else meanwhile. */
function workedThrough(room: KnownRoom, now: string): string {
  let here = room
  let before = new Map<string, string>()
  let [stops, changed] = [0, 0]
  for (;;) {
    const { state, round } = knownRound(here, now)
    const texts = new Map(round.stops.map(s => [s.key, JSON.stringify(wordsOf(s, state))]))
    for (const [key, text] of texts) if ((before.get(key) ?? text) !== text) changed++
    if (stops > 0) for (const key of texts.keys()) if (!before.has(key)) changed++
    const [first] = round.stops
    if (!first) return `${stops} stops done, ${changed} changed or came meanwhile`
    before = texts
    stops++
    here = answered(here, first, { how: 'done' }, state, round, now).room
  }
}

/** How large rounds are: mornings of the demo room over a year, and the room that a careful person can still keep. */
export function benchRounds(): void {
  for (let i = 0; i < DEMO_DAYS; i++) {
    const now = instantOf(addDays('2026-01-05', i * 36), '06:34', 'Europe/Berlin')
    const { records, entries } = demoAt(now, 'Europe/Berlin')
    const { learned } = learnRoom(records, entries)!
    const state = roundState(records, entries, now, learned)!
    console.log(`demo morning, ${now.slice(0, 10)}: ${sizeOf(buildRound(state, readRoom(state)))}`)
  }
  const now = '2026-03-24T05:34:00.000Z'
  for (const seed of SEEDS) {
    const room = largeRoom(now, seed)
    console.log(
      `25 broods, 40 cultures, 12 cones, room ${seed}: ${sizeOf(knownRound(room, now).round)}; ${workedThrough(room, now)}`,
    )
  }
}
