import type { Readings } from '../../../planning/reckoning/sourcesAt'
import { unprovided } from '../../../planning/firstFood'
import { entriesOf } from '../../../records/entriesOf'
import type { Caution } from '../../../foods/contract'
import { NAUPLII } from '../../../foods/hatchProfile'
import { edible } from '../../../fry/edibles'
import type { LadderDay } from '../../../fry/ladder'
import { nextChange, ON_TABLE } from '../../../fry/ladderReading'
import { ofKind } from '../../../records/effectiveEntries'
import { broodLadder } from '../../../stock/broodLadder'
import type { BroodState } from '../../../stock/broodState'
import type { RoomState } from '../../../stock/roomState'
import { tubOf } from '../../../stock/gelBoxes'
import { TEST_MEALS } from '../../../stock/weaning'
import { daysBetween, hoursBetween, localDateOf } from '../../../time/localDate'
import { removeAfter } from '../../../planning/gelMeal'
import { formatDuration } from '../../../units/format'

/** Something to do at a tank besides feeding. `id` is what is logged. */
export interface TankTask {
  id: string
  broodId: string | null
  text: string
  cautions: readonly Caution[]
  /** Harm is done where it waits. */
  must: boolean
}

/** A look at bellies that is due, after a food. */
export interface BellyAsk {
  brood: BroodState
  foodId: string
  foodName: string
  preyUm: number
  orange: boolean
  weaning: boolean
  meal: number
}

/** A weaning test that is worth starting, or that has been looked at twice and wants a decision. */
export interface WeaningAsk {
  brood: BroodState
  foodId: string
  foodName: string
  step: 'offer' | 'decide'
  good: boolean
}

/** Days after free swimming while bellies are looked at daily. */
const LOOK_DAYS = 40
/** Days before a change of food on which the new one is offered on trial. */
const TRIAL_AHEAD_DAYS = 2

const tasksOf = (state: RoomState, tankId: string) =>
  ofKind(entriesOf(state.entries, 'tankId', tankId), 'tank.task')

const doneToday = (state: RoomState, tankId: string, broodId: string | null, task: string) =>
  tasksOf(state, tankId).some(
    e => e.data.broodId === broodId && e.data.task === task && e.data.on === state.today,
  )
const doneEver = (state: RoomState, broodId: string, task: string) =>
  ofKind(entriesOf(state.entries, 'broodId', broodId), 'tank.task').some(e => e.data.task === task)

/** Ladder of the coming days, for what is about to change. */
export const comingDays = (state: RoomState, brood: BroodState, days = 8): LadderDay[] =>
  broodLadder(brood, state.room, brood.day, days)

const CANNOT_WAIT: readonly string[] = ['wet', 'first-food']

/** Tasks of the egg stage, by how the young come into the world. */
function eggTasks(state: RoomState, brood: BroodState, readings: Readings): TankTask[] {
  const tasks: TankTask[] = []
  // Eggs and larvae on yolk bear a round; the wetting of dry eggs and a first food do not.
  const add = (id: string, text: string) =>
    tasks.push({ id, broodId: brood.id, text, cautions: [], must: CANNOT_WAIT.includes(id) })
  const until = daysBetween(state.today, brood.freeOn)
  const birth = brood.species?.birth ?? 'eggs'
  if (brood.stage === 'eggs' && birth === 'eggs')
    add(
      'fungus',
      `Look through the eggs of ${brood.name}: take out the white ones before they spread fungus.`,
    )
  if (brood.stage === 'eggs' && birth === 'diapause' && until <= 2)
    add('wet', `Wet the eggs of ${brood.name}: shallow, cool water; they hatch within hours.`)
  if (brood.stage === 'yolk' && birth === 'eggs')
    add(
      'move-larvae',
      `Move the larvae of ${brood.name} to their rearing water, or take the parents out. No food yet: they live on yolk.`,
    )
  if (until >= 0 && until <= 1 && hasFirstFood(state, brood, readings)) {
    const first = firstFoods(state, brood)
    const none = `No food of this room fits the first mouth of ${brood.name}: see its sheet for what would.`
    // On its day the gap itself says so, with ways to close it.
    if (first.length > 0)
      add(
        'first-food',
        `Check that the first food of ${brood.name} is ready: ${first.join(' or ')}.`,
      )
    else if (until > 0) add('first-food', none)
  }
  return tasks.filter(t => (t.id === 'move-larvae' ? !doneEver(state, brood.id, t.id) : true))
}

/** One for which nothing is there has a stop of its own. */
const hasFirstFood = (state: RoomState, brood: BroodState, readings: Readings) =>
  brood.species !== null &&
  !doneEver(state, brood.id, 'first-food') &&
  !unprovided(state, readings).some(u => u.brood.id === brood.id)

const nameOf = (id: string) => edible(id)?.name.toLowerCase() ?? id

function firstFoods(state: RoomState, brood: BroodState): string[] {
  const day = broodLadder(brood, state.room, 0, 1)[0]
  return day
    ? Object.keys(day.share)
        .filter(id => day.share[id]! >= 0.2)
        .map(nameOf)
    : []
}

/** What lasts was given so long ago that its rest must come out. */
function leftOver(state: RoomState, tankId: string): TankTask | null {
  const tank = state.tanks.find(t => t.id === tankId)
  const given = ofKind(entriesOf(state.entries, 'tankId', tankId), 'tank.fed').findLast(e =>
    e.data.portions.some(f => f.organisms > 0 && edible(f.foodId)?.lasting),
  )
  if (!tank || !given) return null
  const out = tasksOf(state, tankId).some(e => e.data.task === 'gel-out' && e.at > given.at)
  const box = state.gel.made.find(
    b =>
      b.id ===
      tubOf(state.entries, localDateOf(given.at, state.room.timeZone)).find(
        t => t.tankId === tankId,
      )?.boxId,
  )
  const food = edible(given.data.portions.find(f => edible(f.foodId)?.lasting)!.foodId)!
  const after = box ? removeAfter(state, tank, box) : food.aliveInTankH
  const hours = hoursBetween(given.at, state.now)
  // A round is early by some minutes now and then.
  if (out || hours < Math.min(after, DAY_H) - EARLY_H || hours > after + FORGET_H) return null
  const stands =
    after > DAY_H
      ? 'What a day did not eat only fouls the water.'
      : `${after} h is what it stands here.`
  return {
    id: 'gel-out',
    broodId: null,
    text: `Take out what is left of the ${food.name.toLowerCase()}: it has lain for ${formatDuration(Math.round(hours))}. ${stands}`,
    cautions: [],
    must: true,
  }
}
/** Hours before its time at which the rest may come out already; hours after which nobody asks any more. */
const EARLY_H = 2
const DAY_H = 24
const FORGET_H = 72

/** Everything to do at a tank today besides giving food: egg stage, siphon, a smaller box, second-stage nauplii. */
export function tankTasks(
  state: RoomState,
  tankId: string,
  today: (brood: BroodState) => LadderDay | null,
  readings: Readings,
): TankTask[] {
  const broods = state.broods.filter(b => b.tank?.id === tankId)
  const tasks = broods.flatMap(b => eggTasks(state, b, readings))
  const feeding = broods.filter(b => b.stage === 'feeding')
  for (const brood of feeding) {
    const day = today(brood)
    if (day?.smallerBox && !doneEver(state, brood.id, 'box'))
      tasks.push({
        id: 'box',
        broodId: brood.id,
        text: `Move ${brood.name} to a smaller rearing box: the tank is too large for so few to find their food.`,
        cautions: [],
        must: false,
      })
    if (brood.species?.marine && (day?.share[NAUPLII] ?? 0) >= ON_TABLE) {
      tasks.push({
        id: 'second-stage',
        broodId: brood.id,
        text: `For ${brood.name} hold nauplii 8 h at 28 °C, 10 h at 25 °C, until the second stage, then enrich them before they are fed.`,
        cautions: [],
        must: false,
      })
    }
  }
  const left = leftOver(state, tankId)
  if (left) tasks.push(left)
  if (feeding.some(b => b.day >= 1))
    tasks.push({
      id: 'siphon',
      broodId: null,
      text: 'Siphon what lies at the bottom, and count the dead.',
      cautions: [],
      must: false,
    })
  return tasks.filter(t => !doneToday(state, tankId, t.broodId, t.id))
}

/** Looks at bellies that are due today: once a day, and at every meal of a weaning test. */
export function bellyAsks(
  state: RoomState,
  tankId: string,
  today: (brood: BroodState) => LadderDay | null,
  mealFood: string | null,
): BellyAsk[] {
  return state.broods
    .filter(b => b.tank?.id === tankId && b.stage === 'feeding')
    .flatMap((brood): BellyAsk[] => {
      const day = today(brood)
      if (!day) return []
      const { test } = brood.weaning
      const seenToday = brood.looks.some(l => l.on === state.today)
      if (test ? test.looks.length >= TEST_MEALS : seenToday || brood.day > LOOK_DAYS) return []
      const foodId =
        test?.foodId ??
        mealFood ??
        Object.keys(day.share).reduce<string | null>(
          (best, id) => (day.share[id]! > (best === null ? 0 : day.share[best]!) ? id : best),
          null,
        )
      const food = foodId === null ? null : edible(foodId)
      if (!food) return []
      const preyUm = day.suitability[food.id]?.size.widthUm ?? food.criticalWidthUm
      return [
        {
          brood,
          foodId: food.id,
          foodName: food.name,
          preyUm,
          orange: food.id === NAUPLII,
          weaning: test !== null,
          meal: (test?.looks.length ?? 0) + 1,
        },
      ]
    })
}

/** Weaning tests to offer or to decide at a tank. */
export function weaningAsks(state: RoomState, tankId: string): WeaningAsk[] {
  return state.broods
    .filter(b => b.tank?.id === tankId && b.stage === 'feeding')
    .flatMap((brood): WeaningAsk[] => {
      const { test, taken, waiting } = brood.weaning
      if (test) {
        if (test.looks.length < TEST_MEALS) return []
        const good =
          test.looks.slice(-TEST_MEALS).filter(l => l.bellies !== 'empty').length === TEST_MEALS
        return [
          {
            brood,
            foodId: test.foodId,
            foodName: edible(test.foodId)?.name ?? test.foodId,
            step: 'decide',
            good,
          },
        ]
      }
      const change = nextChange(comingDays(state, brood), brood.day)
      if (
        !change ||
        change.day - brood.day > TRIAL_AHEAD_DAYS ||
        taken.includes(change.food) ||
        waiting.includes(change.food)
      )
        return []
      return [
        {
          brood,
          foodId: change.food,
          foodName: edible(change.food)?.name ?? change.food,
          step: 'offer',
          good: true,
        },
      ]
    })
}
