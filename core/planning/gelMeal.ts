import type { FoodPortion } from '../feeds/contract'
import { shapeHours } from '../gel/binders'
import { LIT_HOURS } from '../fry/suitability'
import type { Reason } from '../reasons/reason'
import type { Tank } from '../records/records'
import { tubOf, type GelBox } from '../stock/gelBoxes'
import { gelDryMg, mixFor, piecesFor } from '../stock/gelNeed'
import type { RoomState } from '../stock/roomState'
import { tankTemperature, temperatureOn } from '../stock/tankTemperature'
import type { LocalDate } from '../time/localDate'
import { fullRounds, type RoundTime } from '../time/rounds'

/** Fry on a litre above which left-overs go off sooner (working estimate). */
export const CROWDED_PER_L = 10

/** Gel for a tank on a day. */
export interface GelMeal {
  pieces: number
  box: GelBox
  /** Hours after which what is left is taken out. */
  removeAfterH: number
  portion: FoodPortion
  why: Reason
}

const named = (box: GelBox) =>
  box.pieceMm === null ? box.name : `${box.name}, cubes of ${box.pieceMm} mm`

/** Hours a piece of this box may lie in a tank. */
export function removeAfter(state: RoomState, tank: Tank, box: GelBox): number {
  const temperatureC = temperatureOn(
    tankTemperature(tank, state.entries, state.room.timeZone),
    state.today,
  )
  const fry = state.broods
    .filter(b => b.tank?.id === tank.id && b.stage === 'feeding')
    .reduce((n, b) => n + b.fryNow, 0)
  return shapeHours(box.binder, { temperatureC, crowded: fry / tank.litres > CROWDED_PER_L })
}

/** Rounds of a day at which a lasting food is given: the first full one; all of them where it does not keep its shape until the next. */
export function lastingRounds(rounds: readonly RoundTime[], keepsH: number): readonly string[] {
  const all = [...rounds]
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .map(r => ({ key: r.at, name: r.name, date: '', at: '', feedingOnly: r.feedingOnly ?? false }))
  return keepsH < LIT_HOURS
    ? all.map(r => r.key)
    : fullRounds(all)
        .slice(0, 1)
        .map(r => r.key)
}

/** Out of the day's tub where it is made, else out of the boxes; null where no box holds a piece for this tank. */
export function gelMeal(state: RoomState, tank: Tank, on: LocalDate): GelMeal | null {
  const { boxes, mixes } = state.gel
  const tub = tubOf(state.entries, on).filter(t => t.tankId === tank.id && t.pieces > 0)
  const fromBoxes = () =>
    piecesFor({ broods: state.broods, room: state.room, mixes, boxes }, on)
      .filter(p => p.tankId === tank.id)
      .map(p => ({ boxId: p.box.id, pieces: p.pieces }))
  const all = tub.length > 0 || boxes.length === 0 ? tub : fromBoxes()
  const box = state.gel.made.find(b => all.some(p => p.boxId === b.id))
  if (!box) return null
  const removeAfterH = removeAfter(state, tank, box)
  const pieces = all.reduce((n, p) => n + p.pieces, 0)
  const broods = state.broods.filter(b => b.tank?.id === tank.id && mixFor(mixes, b.id) !== null)
  const dryMg = broods.reduce((s, b) => s + gelDryMg(b, state.room, on), 0)
  return {
    pieces,
    box,
    removeAfterH,
    portion: { unit: 'piece', perUnit: 1, of: named(box) },
    why: {
      result: {
        label: 'pieces for the day, before halves are rounded',
        value: dryMg / 1000 / box.dry / box.pieceG,
        unit: 'pieces',
      },
      rule: 'What they are offered dry of gel in a day, over the dry share of it, over what a piece weighs.',
      formula: 'dry / 1000 / fraction / piece',
      inputs: [
        {
          key: 'dry',
          label: `dry gel offered to ${broods.map(b => b.name).join(', ')}`,
          value: dryMg,
          unit: 'mg',
          from: 'ration, its share in the ladder, and a third more than they catch',
        },
        {
          key: 'fraction',
          label: 'dry share of the set gel',
          value: box.dry,
          unit: '',
          from: box.name,
        },
        {
          key: 'piece',
          label: 'one piece weighs',
          value: box.pieceG,
          unit: 'g',
          from: `${box.piecesMade} pieces made`,
        },
      ],
      source: 'Houde 1989; Bryant & Matty 1980; your batch',
    },
  }
}
