import { temperatureOn } from '../stock/tankTemperature'
import type { LadderDay } from '../fry/ladder'
import { tankLoad, type TankLoad } from '../fry/tankLoad'
import { dietChanges, dietOn, type DietChange, type DietOn } from '../gel/dietCourse'
import { faceNeeded, grazeEdgeMm, handyEdge, GEL_G_PER_ML } from '../gel/portion'
import { gelMeal, type GelMeal } from './gelMeal'
import type { GelMix, Tank } from '../records/records'
import { addDays, type LocalDate } from '../time/localDate'
import { broodLadder } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import { GEL_ID, gelDryMg, mixFor } from '../stock/gelNeed'
import type { RoomState } from '../stock/roomState'

/** How far ahead the next change of a diet is looked for, days. */
const LOOK_AHEAD = 90
/** Dry share of a gel of which no box was weighed (working estimate). */
const USUAL_DRY = 0.2
const USUAL_PH = { marine: 8.2, fresh: 7.5 }

/** What a brood eats of gel today, and how its diet goes on. */
export interface GelBrood {
  brood: BroodState
  day: LadderDay
  mix: GelMix | null
  /** Share of gel in the day, dry gel offered, mg. */
  share: number
  dryMg: number
  meal: GelMeal | null
  diet: DietOn
  next: (DietChange & { on: LocalDate }) | null
  /** Edge of a cube that leaves face for all, mm; for grazers with a mix. */
  edgeMm: number | null
  load: TankLoad
}

/** A brood that feeds in a tank, with its gel; null before it feeds, and for a fish that is not known. */
export function gelBrood(state: RoomState, brood: BroodState): GelBrood | null {
  const { species, tank } = brood
  if (!species || !tank || brood.day < 0) return null
  const day = broodLadder(brood, state.room, brood.day, 1)[0]
  if (!day) return null
  const mix = mixFor(state.gel.mixes, brood.id)
  const dryMg = gelDryMg(brood, state.room, state.today)
  const meal = mix && dryMg > 0 ? gelMeal(state, tank, state.today) : null
  return {
    brood,
    day,
    mix,
    share: day.share[GEL_ID] ?? 0,
    dryMg,
    meal,
    diet: dietOn(day, species.guild, mix?.job),
    next: dryMg > 0 ? nextChange(state, brood, mix) : null,
    edgeMm: edgeFor(day, mix?.job ?? (species.guild === 'grazer' ? 'graze' : 'pick'), dryMg, meal),
    load: loadOf(state, brood, tank, species.marine),
  }
}

/** Every brood that feeds, with its gel. */
export const gelBroods = (state: RoomState): GelBrood[] =>
  state.broods.flatMap(b => gelBrood(state, b) ?? [])

/** The weeks ahead are worked out for those only that eat of it. */
function nextChange(state: RoomState, brood: BroodState, mix: GelMix | null): GelBrood['next'] {
  const ahead = broodLadder(brood, state.room, brood.day, LOOK_AHEAD)
  const next = dietChanges(ahead, brood.species!.guild, mix?.job)[0]
  return next ? { ...next, on: addDays(brood.freeOn, next.day) } : null
}

function edgeFor(
  day: LadderDay,
  job: GelMix['job'],
  dryMg: number,
  meal: GelMeal | null,
): number | null {
  if (job !== 'graze' || dryMg <= 0 || faceNeeded(day.fry, day.lengthMm) <= 0) return null
  const wetMl = dryMg / 1000 / (meal?.box.dry ?? USUAL_DRY) / GEL_G_PER_ML
  return handyEdge(grazeEdgeMm(wetMl, day.fry, day.lengthMm))
}

/** Load of all that is fed into a tank, by every brood in it. */
function loadOf(state: RoomState, brood: BroodState, tank: Tank, marine: boolean): TankLoad {
  const perDay = state.broods
    .filter(b => b.tank?.id === tank.id && b.day >= 0)
    .reduce((s, b) => s + (broodLadder(b, state.room, b.day, 1)[0]?.tanMgL ?? 0), 0)
  const ofRoom = marine ? USUAL_PH.marine : (state.room.water.pH ?? USUAL_PH.fresh)
  return tankLoad(perDay, {
    changePerDay: tank.changePerDay,
    filter: tank.filter,
    pH: tank.pH ?? ofRoom,
    temperatureC: temperatureOn(brood.water, state.today),
    marine,
  })
}
