import type { LadderDay } from '../../../fry/ladder'
import { hatchProfile, NAUPLII } from '../../../foods/hatchProfile'
import { waysNow, type FirstFoodWay } from '../../../planning/firstFood'
import { gelMeal, lastingRounds, type GelMeal } from '../../../planning/gelMeal'
import { ladderDays } from '../../../planning/ladderDays'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { Draw, MealGap } from '../../../planning/reckoning/draw'
import type { OtherDraw } from '../../../planning/reckoning/eaters'
import { eatingAt, fedAt } from '../../../planning/reckoning/want'
import { tipsFor } from '../../../planning/tips'
import type { Tank } from '../../../records/records'
import { GEL_ID } from '../../../stock/gelNeed'
import type { BroodState } from '../../../stock/broodState'
import { timeOf } from '../../../time/rounds'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'
import {
  bellyAsks,
  tankTasks,
  weaningAsks,
  type BellyAsk,
  type TankTask,
  type WeaningAsk,
} from './tasks'

/** A meal that cannot be given, with what would close the gap. */
export interface TankGap {
  share: number
  /** What comes first of what is under way here, and days until it can be fed; null where nothing does. */
  late: { foodId: string; days: number } | null
  /** The soonest first; none that would come after what is under way. */
  ways: FirstFoodWay[]
}

/** Everything for one tank in one pass: its meal, siphon and looks, trials. */
export interface TankStop extends StopBase {
  kind: 'tank'
  tank: Tank
  draws: readonly Draw[]
  gap: TankGap | null
  /** Pieces of gel, where this is the round for them. */
  gel: GelMeal | null
  grown: OtherDraw | null
  tasks: readonly TankTask[]
  looks: readonly BellyAsk[]
  weaning: readonly WeaningAsk[]
  tips: readonly string[]
  /** The brood whose mouth decides what must be there, where several share the tank. */
  smallest: { brood: BroodState; gapeUm: number } | null
}

/** Hours that a tank may wait whose fish have had their meal. */
const MAY_WAIT_H = 12

function smallestOf(c: RoundContext, tank: Tank): TankStop['smallest'] {
  const eating = eatingAt(c.state, tank, c.round, ladderDays(c.state, [c.round.date]))
  if (eating.length < 2) return null
  const least = eating.reduce((a, b) => (b.day.gapeUm < a.day.gapeUm ? b : a))
  return { brood: least.brood, gapeUm: least.day.gapeUm }
}

/** What would close a gap: of what does not stand here or hatch already, what can be fed the soonest. */
function closing(c: RoundContext, gap: MealGap): Pick<TankGap, 'late' | 'ways'> {
  const here = new Set(c.reckoning.sources.filter(s => s.ready).map(s => s.foodId))
  // What hatches, or is started at this round, closes it by itself.
  const { hatches } = c.reckoning.hatch
  const hatching = c.state.hatches.some(h => h.endedAt === null)
  if (hatching || hatches.some(h => h.startRound.key === c.round.key)) here.add(NAUPLII)
  return waysNow(c.state, c.readings, gap.want.eating, here)
}

/** Gel for a tank at this round, where it is given now and has not been given yet. */
function gelFor(c: RoundContext, tank: Tank): GelMeal | null {
  const meal = gelMeal(c.state, tank, c.round.date)
  if (!meal || meal.pieces <= 0) return null
  const times = lastingRounds(c.state.room.rounds, meal.removeAfterH)
  if (!times.includes(timeOf(c.round))) return null
  const given = fedAt(c.state, tank.id, c.round.key).some(e =>
    e.data.portions.some(p => p.foodId === GEL_ID),
  )
  return given ? null : { ...meal, pieces: meal.pieces / times.length }
}

/** Looks at bellies: who gets nothing has nothing to show; what is offered on trial comes from a hand. */
function bellyLooks(
  { state }: RoundContext,
  tank: Tank,
  draws: readonly Draw[],
  today: (b: BroodState) => LadderDay | null,
  otherwise: boolean,
): BellyAsk[] {
  const fed = draws.length > 0 || otherwise
  const asks = bellyAsks(state, tank.id, today, draws[0]?.foodId ?? null)
  return asks.filter(a => a.weaning || fed)
}

function tankStop(
  c: RoundContext,
  tank: Tank,
  today: (b: BroodState) => LadderDay | null,
): TankStop | null {
  const { state, reckoning } = c
  const draws = reckoning.draws.filter(d => d.tank.id === tank.id)
  const grown = c.others.find(o => o.eater.kind === 'grown' && o.eater.tank.id === tank.id) ?? null
  const meal = reckoning.gaps.find(g => g.tank.id === tank.id)
  const gap = meal ? { share: meal.share, ...closing(c, meal) } : null
  const gel = gelFor(c, tank)
  const isFed = (broodId: string | null) =>
    draws.some(d => d.wanted.eating.some(e => e.brood.id === broodId))
  // Whether its first food is ready is said by the gap already, or by the meal itself.
  const tasks = tankTasks(state, tank.id, today, c.readings).filter(
    t => t.id !== 'first-food' || (gap === null && !isFed(t.broodId)),
  )
  const looks = bellyLooks(c, tank, draws, today, gel !== null || gap === null)
  const weaning = weaningAsks(state, tank.id)
  const wants = draws.length + tasks.length + looks.length + weaning.length
  if (wants === 0 && !gap && !gel && !grown) return null
  const must = draws.length > 0 || gap !== null || gel !== null || tasks.some(t => t.must)
  const broods = draws.flatMap(d => d.wanted.eating.map(e => e.brood))
  const nauplii = draws.some(d => d.foodId === NAUPLII)
  return {
    kind: 'tank',
    key: stopKey('tank', tank.id, c.round.key),
    subject: { type: 'tank', id: tank.id, name: tank.name },
    placeId: tank.placeId,
    cautions: tasks.flatMap(t => t.cautions),
    must,
    waitsH: must ? 0 : MAY_WAIT_H,
    tank,
    draws,
    gap,
    gel,
    grown,
    tasks,
    looks,
    weaning,
    tips: nauplii
      ? tipsFor(hatchProfile, broods)
      : draws.flatMap(d => tipsFor(d.wanted.food, broods)),
    smallest: smallestOf(c, tank),
  }
}

/** One stop for each tank that wants something at the round, in the order of the tanks. */
export function findTanks(c: RoundContext): TankStop[] {
  const { state, round } = c
  const dayOf = ladderDays(state, [round.date])
  const today = (b: BroodState) => dayOf(b, round.date)
  return state.tanks.flatMap(tank => {
    const lives = tank.grown !== null || state.broods.some(b => b.tank?.id === tank.id)
    if (!lives || wasAnswered(state, round.key, 'tank', tank.id)) return []
    return tankStop(c, tank, today) ?? []
  })
}
