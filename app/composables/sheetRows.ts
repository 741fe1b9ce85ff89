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
  roundLines(round.stops, state)

const START_MIN = 20
const HATCH_MIN = 10
const ORDER_MIN = 5

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
  for (const h of round.reckoning.hatch.hatches) {
    items.push({
      uid: `hatch-${h.vessel.id}-${h.startRound.key.replace(/\W/g, '')}@${host}`,
      title: `Start ${h.vessel.name}`,
      text: `${h.cystsG} g cysts, ${Math.round(h.saltG)} g salt.`,
      at: h.startAt,
      minutes: HATCH_MIN,
      sequence: 0,
      cancelled: false,
    })
    h.pulls.forEach((p, i) =>
      items.push({
        uid: `pull-${h.vessel.id}-${h.startRound.key.replace(/\W/g, '')}-${i + 1}@${host}`,
        title: `Harvest ${h.vessel.name}`,
        text: `About ${Math.round(p.nauplii)} nauplii.`,
        at: p.at,
        minutes: HATCH_MIN,
        sequence: 0,
        cancelled: false,
      }),
    )
  }
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
