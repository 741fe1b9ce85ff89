import { brineShrimp } from '../foods/brine-shrimp'
import type { LadderDay } from '../fry/ladder'
import type { HatchPlan } from '../planning/hatchPlan'
import { ladderDays, type Meal } from '../planning/meals'
import { otherFoods, smallestMouth, tipsFor, type TankFood } from '../planning/tankMeals'
import type { Reason } from '../reasons/reason'
import { ofKind } from '../records/effectiveEntries'
import type { Tank } from '../records/records'
import type { BroodState } from '../stock/broodState'
import type { NaupliiStore } from '../stock/naupliiStores'
import type { RoomState } from '../stock/roomState'
import { toMs } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import { portionWhy } from './portionWhy'
import type { StopBase } from './stopBase'
import {
  bellyAsks,
  tankTasks,
  weaningAsks,
  type BellyAsk,
  type TankTask,
  type WeaningAsk,
} from './tankTasks'

/** Nauplii for a tank out of the fridge or the freezer. */
export interface FeedPart {
  meal: Meal
  store: NaupliiStore
  nauplii: number
  ml: number | null
  cubes: number | null
  /** Share of the meal this covers. */
  share: number
  /** A harvest of this round brings the rest. */
  harvestFollows: boolean
  tips: string[]
  why: Reason
}

/** Everything for one tank in one pass: siphon and look, nauplii, other foods, trials. */
export interface TankStop extends StopBase {
  type: 'tank'
  tank: Tank
  feed: FeedPart | null
  foods: TankFood[]
  tasks: TankTask[]
  looks: BellyAsk[]
  weaning: WeaningAsk[]
  /** The brood whose mouth decides what must be there, where several share the tank. */
  smallest: { brood: BroodState; gapeUm: number } | null
}

/** One stop for each tank that wants something at the round, in the order of the tanks. */
export function tankStops(state: RoomState, plan: HatchPlan, current: RoundOccurrence): TankStop[] {
  const feeds = feedParts(state, plan, current)
  const dayOf = ladderDays(state, [current.date])
  const today = (b: BroodState): LadderDay | null => dayOf(b, current.date)
  return state.tanks.flatMap((tank): TankStop[] => {
    if (!state.broods.some(b => b.tank?.id === tank.id)) return []
    const feed = feeds.find(f => f.meal.tank.id === tank.id) ?? null
    const foods = otherFoods(state, tank, current, dayOf)
    const tasks = tankTasks(state, tank.id, today)
    const looks = bellyAsks(state, tank.id, today)
    const weaning = weaningAsks(state, tank.id)
    if (!feed && foods.length + tasks.length + looks.length + weaning.length === 0) return []
    // Each answer counts up: what is left of the stop is a proposal of its own.
    const answered = [
      ...ofKind(state.entries, 'tank.fed'),
      ...ofKind(state.entries, 'tank.given'),
    ].filter(e => e.data.tankId === tank.id && e.data.roundKey === current.key).length
    return [
      {
        type: 'tank',
        key: `tank:${tank.id}:${current.key}:${answered}`,
        placeId: tank.placeId,
        cautions: [],
        tank,
        feed,
        foods,
        tasks,
        looks,
        weaning,
        smallest: smallestMouth(state, tank, current, dayOf),
      },
    ]
  })
}

/**
 * Tanks that are fed from the fridge, which spoils, or from the freezer. Where a harvest stands in this round the fridge still goes first,
 * the harvest brings the rest, and the freezer stays shut.
 */
function feedParts(state: RoomState, plan: HatchPlan, current: RoundOccurrence): FeedPart[] {
  const harvest = plan.pulls.some(p => p.round.key === current.key)
  const usable = state.stores
    .filter(s => (s.useBy === null ? !harvest : toMs(s.useBy) >= toMs(state.now)))
    .map(s => ({ ...s, left: s.nauplii }))
  usable.sort((a, b) =>
    a.form === b.form ? toMs(a.storedAt) - toMs(b.storedAt) : a.form === 'fridge' ? -1 : 1,
  )
  const parts: FeedPart[] = []
  for (const meal of plan.meals.filter(m => m.round.key === current.key)) {
    const store = usable.find(s => s.left >= 1)
    if (!store) continue
    // Tired nauplii feed less: more of them make the same meal.
    const want = meal.nauplii / store.energy
    const nauplii = Math.min(want, store.left)
    store.left -= nauplii
    parts.push({
      meal,
      store,
      nauplii,
      share: nauplii / want,
      harvestFollows: harvest,
      tips: tipsFor(
        brineShrimp.profile,
        meal.broods.map(b => b.brood),
      ),
      ml: store.naupliiPerMl ? nauplii / store.naupliiPerMl : null,
      cubes: store.naupliiPerCube ? nauplii / store.naupliiPerCube : null,
      why: portionWhy(meal, {
        density: store.naupliiPerMl ?? store.naupliiPerCube!,
        unit: store.naupliiPerMl ? 'mL' : 'cubes',
        energy: store.energy,
        energyFrom: store.form === 'fridge' ? 'hours at 4 °C' : 'as frozen',
        left: store.nauplii,
        share: nauplii / want,
      }),
    })
  }
  return parts
}
