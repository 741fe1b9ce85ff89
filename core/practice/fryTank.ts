import { TAN, tanPerDay, unionisedShare, type Offered } from '../fry/tankLoad'
import type { RandomStream } from '../math/random'
import type { FryTankPlan } from './scenario'

/** Number under which the tank of the mouths is decided for, after all the vessels there may be. */
export const TANK = 20
/** Share of its water that a change replaces. */
export const TANK_CHANGE = 0.5
/** Steps of a colour chart for ammonia nitrogen, mg/L, and how far an eye reads beside them. */
const CHART = [0, 0.25, 0.5, 1, 2, 4, 8] as const
const CHART_LOG_SD = 0.2
/** From which share on leftovers are seen on the floor, and much of them. */
const SOME_FROM = 0.25
const MUCH_FROM = 0.6

/** What comes out of one vessel into the tank. */
export interface Meal extends Offered {
  /** Days of food that it is; 0 of what is foul or what they cannot eat. */
  worth: number
}

/** The water in which the mouths live: what they eat fouls it, and what they leave fouls it more. */
export interface FryTank {
  plan: FryTankPlan
  /** Ammonia nitrogen, mg/L. */
  tanMgL: number
  /** Share of the last day's food that was not eaten; 0 where there was none. */
  left: number
  tests: { day: number; mgL: number }[]
  /** Days on which there was more in it than fry stand for long. */
  badDays: number
}

export const newTank = (plan: FryTankPlan): FryTank => ({
  plan,
  tanMgL: 0,
  left: 0,
  tests: [],
  badDays: 0,
})

/** Un-ionised ammonia nitrogen of so much in all, mg/L. */
export const unionisedOf = ({ pH, temperatureC }: FryTankPlan, tanMgL: number): number =>
  tanMgL * unionisedShare(pH, temperatureC)

/** Ammonia nitrogen in all that they stand for long, mg/L. */
export const standsMgL = (plan: FryTankPlan): number => TAN.longTermMgL / unionisedOf(plan, 1)

/** Share of its appetite that a brood keeps in its water: all of it in what it stands for long, none where feeding stops. */
export function appetiteIn({ plan, tanMgL }: Pick<FryTank, 'plan' | 'tanMgL'>): number {
  const beyond = unionisedOf(plan, tanMgL) - TAN.longTermMgL
  return Math.min(1, Math.max(0, 1 - beyond / (TAN.stopMgL - TAN.longTermMgL)))
}

export function changeWater(t: FryTank): void {
  t.tanMgL *= 1 - TANK_CHANGE
}

/** What a colour chart says of the water. */
export function testOf({ tanMgL }: Pick<FryTank, 'tanMgL'>, chance: RandomStream): number {
  const seen = tanMgL * Math.exp(chance.normal(0, CHART_LOG_SD))
  return CHART.reduce((a, b) => (Math.abs(b - seen) < Math.abs(a - seen) ? b : a))
}

/** A day's meals are eaten, as far as they are wanted, and foul the water. Returns days of food that were eaten, 0 to 1. */
export function eatFrom(t: FryTank, meals: readonly Meal[]): number {
  const worth = meals.reduce((sum, m) => sum + m.worth, 0)
  const eaten = Math.min(1, worth) * appetiteIn(t)
  const share = worth > 0 ? eaten / worth : 0
  const offered = meals.map(m => ({
    dryMg: m.dryMg,
    protein: m.protein,
    uneatenShare: m.worth > 0 ? 1 - share * (1 - m.uneatenShare) : 1,
  }))
  const all = offered.reduce((sum, o) => sum + o.dryMg, 0)
  const lies = offered.reduce((sum, o) => sum + o.dryMg * o.uneatenShare, 0)
  t.left = all > 0 ? lies / all : 0
  if (unionisedOf(t.plan, t.tanMgL) > TAN.longTermMgL) t.badDays++
  const filtered = t.plan.filter ? Math.exp(-TAN.filterPerDay) : 1
  t.tanMgL = (t.tanMgL + tanPerDay(offered, t.plan.litres)) * filtered
  return eaten
}

/** What anybody sees of a tank: how much lies on its floor, and whether they breathe fast. */
export function tankLook(t: FryTank): { floor: 'clean' | 'some' | 'much'; isGasping: boolean } {
  const littered = t.left >= MUCH_FROM ? 'much' : 'some'
  return { floor: t.left < SOME_FROM ? 'clean' : littered, isGasping: appetiteIn(t) < 1 }
}
