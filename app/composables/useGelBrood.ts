import { computed, type Ref } from 'vue'
import { tankLoad, type TankLoad } from '@renatus/core/fry/tankLoad'
import type { LadderDay } from '@renatus/core/fry/ladder'
import { dietChanges, dietOn, type DietChange, type DietOn } from '@renatus/core/gel/dietCourse'
import { faceNeeded, grazeEdgeMm, handyEdge, GEL_G_PER_ML } from '@renatus/core/gel/portion'
import { gelMeal, type GelMeal } from '@renatus/core/planning/gelMeal'
import type { GelMix } from '@renatus/core/records/records'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import type { BroodState } from '@renatus/core/stock/broodState'
import { GEL_ID, gelDryMg, mixFor } from '@renatus/core/stock/gelNeed'
import { addDays, type LocalDate } from '@renatus/core/time/localDate'
import { useRoomStore } from '~/stores/room'

/** How far ahead the next change of a diet is looked for, days. */
const LOOK_AHEAD = 90

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

export function gelBrood(
  room: ReturnType<typeof useRoomStore>,
  brood: BroodState,
): GelBrood | null {
  const state = room.state!
  if (!brood.species || !brood.tank || brood.day < 0) return null
  const day = broodLadder(brood, state.room, brood.day, 1)[0]
  if (!day) return null
  const mix = mixFor(state.gel.mixes, brood.id)
  const dryMg = gelDryMg(brood, state.room, state.today)
  const meal = mix && dryMg > 0 ? gelMeal(state, brood.tank, state.today) : null
  const { guild, marine } = brood.species
  // The weeks ahead are worked out for those only that eat of it.
  const next =
    dryMg > 0
      ? (dietChanges(broodLadder(brood, state.room, brood.day, LOOK_AHEAD), guild, mix?.job)[0] ??
        null)
      : null
  const wetMl = dryMg / 1000 / (meal?.box.dry ?? 0.2) / GEL_G_PER_ML
  const job = mix?.job ?? (guild === 'grazer' ? 'graze' : 'pick')
  const mates = state.broods.filter(b => b.tank?.id === brood.tank!.id && b.day >= 0)
  const perDay = mates.reduce(
    (s, b) => s + (broodLadder(b, state.room, b.day, 1)[0]?.tanMgL ?? 0),
    0,
  )
  return {
    brood,
    day,
    mix,
    share: day.share[GEL_ID] ?? 0,
    dryMg,
    meal,
    diet: dietOn(day, guild, mix?.job),
    next: next && { ...next, on: addDays(brood.freeOn, next.day) },
    edgeMm:
      job === 'graze' && dryMg > 0 && faceNeeded(day.fry, day.lengthMm) > 0
        ? handyEdge(grazeEdgeMm(wetMl, day.fry, day.lengthMm))
        : null,
    load: tankLoad(perDay, {
      changePerDay: brood.tank.changePerDay,
      filter: brood.tank.filter,
      pH: brood.tank.pH ?? (marine ? 8.2 : (state.room.water.pH ?? 7.5)),
      temperatureC: brood.temperature(state.today),
      marine,
    }),
  }
}

/** Every brood that feeds, with its gel. */
export function useGelBroods(): Ref<GelBrood[]> {
  const room = useRoomStore()
  return computed(() => (room.state ? room.state.broods.flatMap(b => gelBrood(room, b) ?? []) : []))
}
