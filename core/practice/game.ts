import type { Readiness } from '../dynamics/contract'
import { drawLean } from '../estimation/observer'
import {
  copyCulture,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
} from '../foods/culture'
import type { RandomStream } from '../math/random'
import { actionOf, drawFrom } from './actOn'
import { minutesOf, MOST_FEEDS, type Decision } from './decision'
import { changeWater, eatFrom, newTank, TANK, testOf, type FryTank, type Meal } from './fryTank'
import { hoursOf, streamFor, wantOf, type Game, type GameVessel, type Hidden } from './gameState'
import { cupOf, isFoul, lookAt, readinessOf } from './looksOf'
import { coinsOf, costOf } from './prices'
import { canPay, inTime } from './purse'
import type { VesselPlan, VesselScenario } from './scenario'
import { takenOver } from './takenOver'
import { usualOf } from './usual'

/** All that a person does by hand: the vessel does none of it by itself. */
const BY_HAND = ['feed', 'dose', 'stir', 'topUp', 'waterChange', 'takeOut', 'renew', 'split']
const ROOM_SD_C = 1
function hiddenOf(s: VesselScenario, seed: number, readyDay: number): Hidden {
  const chance = streamFor(seed, 1)
  const off = chance.normal(0, ROOM_SD_C)
  const early = s.mouths ? chance.normal(0, s.mouths.spreadDays) : 0
  const swimDay = Math.max(0, Math.round((s.mouths?.from ?? readyDay + 1) + early))
  const befalls = s.befalls.flatMap(b => {
    const happens = chance.next() < b.chance
    const day = chance.integer(b.between[0], b.between[1])
    return happens ? [{ day, vessel: b.vessel, what: b.what }] : []
  })
  return { swimDay, befalls, offC: off, lean: drawLean(chance) }
}

/** A fresh culture of a vessel: the same for the same seed and the same number of its start. */
function begin(g: Pick<Game, 'seed'>, v: GameVessel, index: number, day: number): void {
  const { food, method, litres } = v.usual
  const chance = streamFor(g.seed, 1000 + index * 50 + v.starts)
  v.culture = withoutUpkeep(startCulture(food, method, { volumeL: litres }, chance), BY_HAND)
  v.startedDay = day
  v.observations = []
  v.last = {}
  v.starts++
}

/** Begins with a vessel that stood before the first day. */
function takeOver(
  g: Pick<Game, 'seed'>,
  v: GameVessel,
  index: number,
  before: NonNullable<VesselPlan['before']>,
): void {
  v.culture = takenOver(g.seed, v, index, before)
  v.startedDay = -before.ageD
  v.observations = [...before.seen]
  v.starts++
}

/** An exercise at its first morning. */
export function startGame(scenario: VesselScenario, seed: number): Game {
  const vessels = scenario.vessels.map((p): GameVessel => ({
    usual: usualOf(p),
    temperatureC: p.temperatureC,
    suits: p.suits ?? [0, Infinity],
    culture: null,
    spare: null,
    startedDay: 0,
    observations: [],
    last: {},
    starts: 0,
    taken: 0,
  }))
  const game: Game = {
    scenario,
    seed,
    day: 0,
    hidden: hiddenOf(scenario, seed, vessels[0]!.usual.readyDay),
    vessels,
    fed: [],
    foul: 0,
    tank: scenario.tank ? newTank(scenario.tank) : null,
    lost: 0,
    minutes: 0,
    coins: 0,
    decisions: [],
  }
  scenario.vessels.forEach((p, i) => {
    if (p.before) takeOver(game, vessels[i]!, i, p.before)
    else if (p.stands) begin(game, vessels[i]!, i, 0)
  })
  return game
}

export const isOver = (g: Game): boolean => g.day >= g.scenario.days
function replace(g: Game, v: GameVessel, index: number): void {
  g.lost++
  if (v.spare) {
    v.culture = withoutUpkeep(v.spare, BY_HAND)
    v.spare = null
    v.observations = v.observations.filter(o => o.h <= (v.last.split ?? 0))
    v.last = {}
  } else begin(g, v, index, g.day)
}

/** Does an act; false where there is nothing to do it to. */
function doAct(g: Game, v: GameVessel, d: Decision): boolean {
  if (d.act === 'start') {
    if (v.culture !== null) return false
    begin(g, v, d.vessel, g.day)
    return true
  }
  if (v.culture === null || d.act === 'wait') return false
  const h = hoursOf(g, v)
  if (d.act === 'give up') {
    replace(g, v, d.vessel)
    return true
  }
  const amount = Math.min(MOST_FEEDS, d.amount ?? 1)
  const action = actionOf(v.culture, d.act, amount)
  if (!action) return false
  v.culture.family.act(v.culture.state, v.culture.params, action)
  v.observations.push({ h, kind: 'action', action })
  v.last[d.act] = h
  if (d.act === 'split') v.spare = { ...copyCulture(v.culture), upkeep: v.culture.method.upkeep }
  return true
}

/** Does an act that can be paid; what was not done costs nothing. */
function payAndDo(g: Game, v: GameVessel, d: Decision): void {
  const cost = costOf(v, d.act)
  if (canPay(g, v, d.act) && doAct(g, v, d)) g.coins = coinsOf(g.coins, cost)
}

/** Draws a share for the mouths: what came, and what it is to them. */
function draw(g: Game, v: GameVessel, d: Decision, c: Culture): Meal {
  const h = hoursOf(g, v)
  const isBad = isFoul(c)
  const ratio = c.family.yieldRatio(c.state, c.params)
  const want = wantOf(g, v)
  const came = drawFrom(c, d.take)
  v.taken += came
  const action = { kind: 'takeOut' as const, amount: d.take, unit: 'share' as const }
  v.observations.push({ h, kind: 'action', action })
  v.last.take = h
  v.observations.push({ h, kind: 'yield', seen: cupOf(g, d.vessel, ratio) })
  if (isBad && want > 0) g.foul++
  const { dryUg, protein, uneatenShare } = v.usual.food.profile
  const worth = isBad || want <= 0 ? 0 : came / want
  return { worth, dryMg: (came * dryUg) / 1000, protein, uneatenShare }
}

/** One decision at one vessel: the look, the draw, the act. Returns what it brought the mouths. */
function decide(g: Game, v: GameVessel, d: Decision): Meal | null {
  if (v.culture && d.look) {
    v.observations.push({ h: hoursOf(g, v), kind: 'look', signs: lookAt(g, d.vessel)! })
    v.last.look = hoursOf(g, v)
  }
  const meal = v.culture && d.take > 0 ? draw(g, v, d, v.culture) : null
  payAndDo(g, v, d)
  return meal
}

/** What a test of the mouths' water says today, mg/L of ammonia nitrogen: the same however often. */
export const testToday = (g: Pick<Game, 'seed' | 'day'>, tank: FryTank): number =>
  testOf(tank, streamFor(g.seed, 1_500_000 + g.day))

/** What is done at the tank of the mouths: a test, fresh water. */
function tend(g: Game, tank: FryTank, d: Decision): void {
  if (d.look) tank.tests.push({ day: g.day, mgL: testToday(g, tank) })
  if (d.act === 'change water') changeWater(tank)
}

/** Does what was decided for a day; the meals that came of it. */
function doAll(g: Game, today: readonly Decision[]): Meal[] {
  return inTime(g, today).flatMap(d => {
    const v = g.vessels[d.vessel]
    const isTank = d.vessel === TANK && g.tank
    if (v || isTank) g.minutes += minutesOf(d)
    if (isTank) tend(g, isTank, d)
    return (v && decide(g, v, d)) ?? []
  })
}

/** The weather of a day: heat that befalls the room. */
function warmerC(g: Game, day: number): number {
  return g.hidden.befalls.reduce((c, b) => {
    if (typeof b.what === 'string') return c
    return day >= b.day && day < b.day + b.what.days ? c + b.what.warmerC : c
  }, 0)
}
export const temperatureAt = (g: Game, v: GameVessel, day: number): number =>
  v.temperatureC + g.hidden.offC + warmerC(g, day)

function live(g: Game, v: GameVessel, index: number, chance: RandomStream): void {
  const c = temperatureAt(g, v, g.day)
  for (const x of [v.culture, v.spare]) if (x) runCulture(x, 24, () => c, chance)
  for (const b of g.hidden.befalls) {
    const hits = b.vessel === null || b.vessel === index
    if (b.day === g.day && hits && v.culture && typeof b.what === 'string')
      v.culture.family.ail(v.culture.state, v.culture.params, b.what)
  }
}

/** Ends a day with what was decided, and lives it through. What is decided for another day or a vessel that is not there is nothing. */
export function nextDay(g: Game, decisions: readonly Decision[]): void {
  const today = decisions.filter(d => d.day === g.day)
  const meals = doAll(g, today)
  const brought = meals.reduce((sum, m) => sum + m.worth, 0)
  const eaten = g.tank ? eatFrom(g.tank, meals) : Math.min(1, brought)
  const wanted = g.vessels.some(v => wantOf(g, v) > 0) || hasMouths(g)
  g.fed.push(wanted ? eaten : null)
  g.decisions.push(...today)
  g.vessels.forEach((v, i) => live(g, v, i, streamFor(g.seed, 2_000_000 + g.day * 31 + i)))
  g.day++
}
const hasMouths = (g: Game) => g.scenario.mouths !== null && g.day >= g.hidden.swimDay

const ALIVE: Readonly<Record<Readiness, number>> = {
  resting: 0.8,
  building: 0.9,
  ready: 1,
  tiring: 0.8,
  failing: 0.3,
  failed: 0,
}
export const aliveOf = (c: Culture | null): number => (c ? ALIVE[readinessOf(c)] : 0)
/** A day on which something foul was fed costs as much as so many days without food. */
export const FOUL_COSTS = 2

/** What was reached, 0 to 1: days on which mouths were fed, less what was foul, and what lives. */
export function goalOf(g: Game): number {
  const days = g.fed.filter(f => f !== null)
  const fed = days.reduce((a, b) => a + b, 0) - FOUL_COSTS * g.foul
  const share = days.length > 0 ? Math.max(0, fed / days.length) : 1
  const alive =
    g.vessels.reduce((sum, v) => sum + Math.max(aliveOf(v.culture), aliveOf(v.spare)), 0) /
    g.vessels.length
  return (1 - g.scenario.keeps) * share + g.scenario.keeps * alive
}
