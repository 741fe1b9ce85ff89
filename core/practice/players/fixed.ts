import type { Decision } from '../decision'
import { hoursOf, type Game, type GameVessel } from '../gameState'
import { atTank, doing, type Player } from './player'

/** Days between feeds where the card names no days: what clears is fed daily, what thins weekly. */
const CLEARS_D = 1
const THINS_D = 7
/** Started so many days before its card says it is ready. */
const MARGIN_D = 1

const isDay = (age: number, every: number) => age > 0 && age % Math.max(1, Math.round(every)) === 0

function feedEvery({ usual: { method } }: GameVessel): number | null {
  if (!method.feed) return null
  if (method.feed.when === 'every') return method.feed.everyDays ?? 1
  return method.feed.when === 'clear' ? CLEARS_D : THINS_D
}

function actOf(v: GameVessel, age: number): Decision['act'] {
  const { method } = v.usual
  if (isDay(age, method.renewAfterDays)) return 'renew'
  const every = feedEvery(v)
  if (every !== null && isDay(age, every)) return 'feed'
  const other = method.upkeep.find(u => u.action === 'stir' || u.action === 'waterChange')
  if (other && isDay(age, other.everyH / 24))
    return other.action === 'stir' ? 'stir' : 'change water'
  return 'wait'
}

/** Who follows a card looks at nothing, but sees when the cup stays empty. */
const EMPTY_CUPS = 3
const isEmpty = (v: GameVessel): boolean => {
  const cups = v.observations.filter(o => o.kind === 'yield').slice(-EMPTY_CUPS)
  return cups.length === EMPTY_CUPS && cups.every(o => o.seen === 'failed')
}

/** On which day the card would start it: ready when the mouths are expected. */
const startDay = (g: Game, v: GameVessel): number => {
  const from = (g.scenario.mouths?.from ?? 0) + v.suits[0]
  return Math.max(0, from - v.usual.readyDay - MARGIN_D)
}

/** Half of the water every third day, from the day on which they are expected to feed. */
const WATER_EVERY_D = 3
function tank(g: Game) {
  const fed = g.day - (g.scenario.mouths?.from ?? 0)
  const act = isDay(fed, WATER_EVERY_D) ? ('change water' as const) : ('wait' as const)
  return g.tank ? [atTank(g, { act })] : []
}

/** The card, by fixed days, whatever it looks like. */
export const fixed: Player = {
  decide: g => [
    ...tank(g),
    ...g.vessels.map((v, i) => {
      if (!v.culture) return doing(g, i, { act: g.day >= startDay(g, v) ? 'start' : 'wait' })
      const age = Math.round(hoursOf(g, v) / 24)
      const wants = g.scenario.mouths?.wants ?? 0
      if (isEmpty(v)) return doing(g, i, { act: 'give up' })
      const take = age >= v.usual.readyDay ? wants * v.usual.share : 0
      const saw = age < v.usual.readyDay ? ('building' as const) : ('ready' as const)
      return doing(g, i, { take, act: actOf(v, age), saw, sure: 3 })
    }),
  ],
}
