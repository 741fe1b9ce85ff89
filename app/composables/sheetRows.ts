import { roundLines, type RoundLine } from '@renatus/core/round/roundLines'
import { droppedStarts, startStates } from '@renatus/core/planning/plan/keptPlan'
import { orders } from '@renatus/core/stock/orders'
import { addHours, instantOf, type Instant } from '@renatus/core/time/localDate'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Round } from '@renatus/core/round/round'
import { foodInText } from '~/words/foods'
import { plural } from '~/words/round'

/** Something for a calendar: under a name of its own that stays while it is moved. */
export interface CalendarItem {
  uid: string
  title: string
  text: string
  at: Instant
  minutes: number
  /** Grows with every change, so that a calendar takes the newer. */ sequence: number
  cancelled: boolean
}

/** Lines of the round that is on now, for paper and tables. */
export const sheetLines = (round: Round, state: RoomState): RoundLine[] =>
  roundLines(round.stops, state, round.pace.factor)

const START_MIN = 20
const HATCH_MIN = 10
const ORDER_MIN = 5

/** So many hatches of a vessel that are not planned any more are taken out of a calendar that had them. */
const CANCELLED = 4
const PULLS = 2

/**
 * Hatches and their pulls, each under the number it will have in its vessel: put off, the same one moves;
 * those that fell away are cancelled.
 */
function hatchItems(round: Round, state: RoomState, host: string): CalendarItem[] {
  const sequence = Math.floor(Date.parse(state.now) / 60_000) % 100_000_000
  const items: CalendarItem[] = []
  const add = (uid: string, title: string, text: string, at: Instant, cancelled: boolean) =>
    items.push({ uid: `${uid}@${host}`, title, text, at, minutes: HATCH_MIN, sequence, cancelled })
  for (const { id, name } of state.hatchVessels) {
    const here = state.hatches.filter(h => h.vesselId === id).length
    const done = here + (state.settled.hatches[id] ?? 0)
    const planned = round.reckoning.hatch.hatches.filter(h => h.vessel.id === id)
    for (let i = 0; i < planned.length + CANCELLED; i++) {
      const hatch = planned[i]
      const of = `${id}-${done + i + 1}`
      const at = hatch?.startAt ?? state.now
      const what = hatch ? `${hatch.cystsG} g cysts, ${Math.round(hatch.saltG)} g salt.` : ''
      add(`hatch-${of}`, `Start ${name}`, what, at, !hatch)
      for (let n = 0; n < PULLS; n++) {
        const pull = hatch?.pulls[n]
        const brings = pull ? `About ${Math.round(pull.nauplii)} nauplii.` : ''
        add(`pull-${of}-${n + 1}`, `Harvest ${name}`, brings, pull?.at ?? at, !pull)
      }
    }
  }
  return items
}

/**
 * What lies ahead, for a calendar: kept starts and orders, hatches and their pulls, waits that run. Starts that were given up are cancelled.
 * Everything falls on a round of the room.
 */
export function calendarItems(round: Round, state: RoomState): CalendarItem[] {
  const host = `${state.room.id}.renatus`
  const at = (date: string) =>
    instantOf(
      date,
      state.room.rounds.find(r => !r.feedingOnly)?.at ?? state.room.rounds[0]!.at,
      state.room.timeZone,
    )
  const brood = (id: string) => state.broods.find(b => b.id === id)?.name ?? 'the stock'
  const items: CalendarItem[] = []
  for (const s of startStates(state.entries, state.cultureStates)) {
    if (s.left === 0) continue
    const what = `${plural(s.left, 'vessel')} of ${foodInText(s.food)}`
    items.push({
      uid: `${s.id}@${host}`,
      title: `Start ${what}`,
      text: `For ${brood(s.forBrood)} on ${s.neededOn}. ${s.why}`,
      at: at(s.on),
      minutes: START_MIN,
      sequence: s.changed,
      cancelled: false,
    })
    if (s.orderBy !== null && !orders(state.entries).some(o => o.startId === s.id))
      items.push({
        uid: `order-${s.id}@${host}`,
        title: `Order a starter of ${foodInText(s.food)}`,
        text: `To start on ${s.on}.`,
        at: at(s.orderBy),
        minutes: ORDER_MIN,
        sequence: s.changed,
        cancelled: false,
      })
  }
  for (const s of droppedStarts(state.entries))
    items.push({
      uid: `${s.id}@${host}`,
      title: `Start of ${foodInText(s.food)}`,
      text: 'Not needed any more.',
      at: at(s.on),
      minutes: START_MIN,
      sequence: 99,
      cancelled: true,
    })
  items.push(...hatchItems(round, state, host))
  for (const c of state.clocks)
    items.push({
      uid: `clock-${c.id}@${host}`,
      title: c.label,
      text: 'A wait that runs.',
      at: addHours(c.endsAt, 0),
      minutes: 5,
      sequence: 0,
      cancelled: false,
    })
  return items.sort((a, b) => (a.at < b.at ? -1 : 1))
}
