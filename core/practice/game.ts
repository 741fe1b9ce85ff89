import type { Readiness, Sign } from '../dynamics/contract'
import { SIGNS } from '../dynamics/contract'
import { systematic, weightsOf } from '../estimation/cloud'
import type { Observation } from '../estimation/observation'
import { leant } from '../estimation/observation'
import { drawLean, type Lean } from '../estimation/observer'
import { replay } from '../estimation/replay'
import {
  copyCulture,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
} from '../foods/culture'
import { randomStream, type RandomStream } from '../math/random'
import type { HarvestGrade } from '../records/vocabulary'
import { minutesOf, MOST_FEEDS, type Act, type Decision } from './decision'
import { coinsOf, costOf } from './prices'
import type { Befalls, VesselPlan, VesselScenario } from './scenario'
import { usualOf, type Usual } from './usual'
import { vesselSubject } from './vesselSubject'

/** All that a person does by hand: the vessel does none of it by itself. */
const BY_HAND = ['feed', 'dose', 'stir', 'topUp', 'waterChange', 'takeOut', 'renew', 'split']
const SLIP = 0.03
const GRADES = 3
const ROOM_SD_C = 1
const RENEW_KEEPS = 0.2
const CHANGE = 0.25
const THIN = 1 / 3
/** As the estimation takes people's words (core/estimation/observation.ts). */
const CUP_LOG_SD = 0.4
const GOOD_FROM = 0.75
const FAILED_BELOW = 0.2

/** A vessel of an exercise, as it really is and as it was handled. */
export interface GameVessel {
  usual: Usual
  temperatureC: number
  suits: readonly [number, number]
  /** Null until it is started. */
  culture: Culture | null
  /** A second one of the line, kept by its card. */
  spare: Culture | null
  startedDay: number
  /** What the learner saw and did, in hours since its start. */
  observations: Observation[]
  /** When each was done last. */
  last: Partial<Record<Act | 'look' | 'take', number>>
  starts: number
  /** Organisms that were drawn of it. */
  taken: number
}

/** What really happens, drawn once from the seed. */
interface Hidden {
  swimDay: number
  befalls: { day: number; vessel: number | null; what: Befalls['what'] }[]
  /** How far the room is from its thermometer. */
  offC: number
  lean: Lean
}

export interface Game {
  scenario: VesselScenario
  seed: number
  day: number
  hidden: Hidden
  vessels: GameVessel[]
  /** By day: share of what the mouths wanted that they got, and whether something foul was in it; null on days without mouths. */
  fed: (number | null)[]
  foul: number
  lost: number
  minutes: number
  /** Coins that starts, feeds and fresh media have cost. */
  coins: number
  decisions: Decision[]
}

/** What a look shows: grades, with the slips of an eye. */
export type SeenSigns = Partial<Record<Sign, number>>

const streamFor = (seed: number, what: number) => randomStream(Math.imul(seed, 7919) + what)

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

/** What was drawn last by what was seen of a vessel: a game is lived again at each of its days, and reading anew takes long. */
const drawnBy = new WeakMap<readonly Observation[], { at: string; culture: Culture }>()

/** A vessel that stood before the first day: as one of those that it may have been, by what was seen of it. */
function takeOver(
  g: Pick<Game, 'seed'>,
  v: GameVessel,
  index: number,
  { ageD, seen }: NonNullable<VesselPlan['before']>,
): void {
  const subject = vesselSubject(v)
  const { temperatureC, setup } = subject
  const at = JSON.stringify([g.seed, index, ageD, v.usual.method.id, temperatureC, setup])
  let drawn = drawnBy.get(seen)
  if (drawn?.at !== at) {
    const { cloud } = replay(subject, seen, ageD * 24)
    const [one] = systematic(weightsOf(cloud), 1, streamFor(g.seed, 1000 + index * 50).next())
    drawn = { at, culture: cloud[one!]!.culture }
    drawnBy.set(seen, drawn)
  }
  v.culture = copyCulture(drawn.culture)
  v.startedDay = -ageD
  v.observations = [...seen]
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
export const readinessOf = (c: Culture): Readiness => c.family.readiness(c.state, c.params)
export const hoursOf = (g: Game, v: GameVessel): number => (g.day - v.startedDay) * 24

/** What the mouths want of a vessel today, in its organisms; 0 on days on which they cannot or do not eat. */
export function wantOf(g: Game, v: GameVessel, swimDay = g.hidden.swimDay): number {
  const { mouths } = g.scenario
  const age = g.day - swimDay
  if (!mouths || age < 0 || age < v.suits[0] || age > v.suits[1]) return 0
  return v.usual.gives * mouths.wants * (1 + mouths.growth * age)
}

/** What a person sees who looks at a vessel today: the same whoever asks, and however often. */
export function lookAt(g: Game, index: number): SeenSigns | null {
  const c = g.vessels[index]?.culture
  if (!c) return null
  const chance = streamFor(g.seed, 500_000 + g.day * 31 + index)
  const expected = c.family.look(c.state, c.params)
  const signs: SeenSigns = {}
  for (const sign of SIGNS) {
    const e = expected[sign]
    const words = c.food.signs[sign]
    const noise = chance.normal(0, 1)
    const slip = chance.next()
    const other = chance.integer(0, GRADES)
    if (!e || !words) continue
    const seen = leant(sign, e.grade + e.sd * noise, g.hidden.lean)
    signs[sign] = Math.min(words.length - 1, Math.max(0, slip < SLIP ? other : seen))
  }
  return signs
}

/** How what was drawn looks in the cup: words of a person, who is not exact. */
export function cupOf(g: Pick<Game, 'seed' | 'day'>, index: number, ratio: number): HarvestGrade {
  const noise = streamFor(g.seed, 900_000 + g.day * 31 + index).normal(0, CUP_LOG_SD)
  const seen = Math.max(1e-6, ratio) * Math.exp(noise)
  if (seen >= GOOD_FROM) return 'good'
  return seen >= FAILED_BELOW ? 'thin' : 'failed'
}

/** What an act is to the model; null for what is not one of the vessel alone. */
function actionOf(c: Culture, act: Act, amount: number) {
  switch (act) {
    case 'feed': {
      const usual = c.family.usualFeed(c.params)
      return usual && { kind: 'feed' as const, amount: usual.amount * amount, unit: usual.unit }
    }
    case 'stir':
      return { kind: 'stir' as const }
    case 'change water':
      return { kind: 'waterChange' as const, amount: CHANGE, unit: 'share' as const }
    case 'thin out':
      return { kind: 'takeOut' as const, amount: THIN, unit: 'share' as const }
    case 'split':
      return { kind: 'takeOut' as const, amount: 0.5, unit: 'share' as const }
    case 'renew':
      return { kind: 'renew' as const, amount: RENEW_KEEPS, unit: 'share' as const }
    default:
      return null
  }
}

/** Does an act to a course; true where it changed it. Also what rollouts do. */
export function actOn(c: Culture, act: Act, amount = 1): boolean {
  const action = actionOf(c, act, amount)
  if (action) c.family.act(c.state, c.params, action)
  return action !== null
}

/** Draws a share; organisms that came. */
export function drawFrom(c: Culture, share: number): number {
  if (share <= 0) return 0
  const before = c.family.stock(c.state, c.params).organisms
  c.family.act(c.state, c.params, { kind: 'takeOut', amount: share, unit: 'share' })
  return Math.max(0, before - c.family.stock(c.state, c.params).organisms)
}

/** Looks that must not reach fry, as they really are. */
export function isFoul(c: Culture): boolean {
  const look = c.family.look(c.state, c.params)
  return (c.food.foul ?? []).some(f => (look[f.sign]?.grade ?? 0) >= f.from)
}

function replace(g: Game, v: GameVessel, index: number): void {
  g.lost++
  if (v.spare) {
    v.culture = withoutUpkeep(v.spare, BY_HAND)
    v.spare = null
    v.observations = v.observations.filter(o => o.h <= (v.last.split ?? 0))
    v.last = {}
  } else begin(g, v, index, g.day)
}

/** Whether there are coins left for an act. */
export const canPay = (g: Game, v: GameVessel, act: Act): boolean =>
  coinsOf(g.coins, costOf(v, act)) <= (g.scenario.budget?.coins ?? Infinity)

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

/** One decision at one vessel: the look, the draw, the act. Returns the share of the day's want that it brought. */
function decide(g: Game, d: Decision): number {
  const v = g.vessels[d.vessel]
  if (!v) return 0
  g.minutes += minutesOf(d)
  const h = hoursOf(g, v)
  if (v.culture && d.look) {
    v.observations.push({ h, kind: 'look', signs: lookAt(g, d.vessel)! })
    v.last.look = h
  }
  let brought = 0
  if (v.culture && d.take > 0) {
    const foul = isFoul(v.culture)
    const ratio = v.culture.family.yieldRatio(v.culture.state, v.culture.params)
    const want = wantOf(g, v)
    const came = drawFrom(v.culture, d.take)
    v.taken += came
    const action = { kind: 'takeOut' as const, amount: d.take, unit: 'share' as const }
    v.observations.push({ h, kind: 'action', action })
    v.last.take = h
    v.observations.push({ h, kind: 'yield', seen: cupOf(g, d.vessel, ratio) })
    if (foul && want > 0) g.foul++
    else if (want > 0) brought = came / want
  }
  payAndDo(g, v, d)
  return brought
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

/** What fits into the minutes of a day, in the order in which it was decided. */
function inTime(g: Game, decisions: readonly Decision[]): Decision[] {
  let left = g.scenario.budget?.minutes ?? Infinity
  return decisions.filter(d => {
    const fits = minutesOf(d) <= left
    if (fits) left -= minutesOf(d)
    return fits
  })
}

/** Ends a day with what was decided, and lives it through. What is decided for another day or a vessel that is not there is nothing. */
export function nextDay(g: Game, decisions: readonly Decision[]): void {
  const today = decisions.filter(d => d.day === g.day)
  const brought = inTime(g, today).reduce((sum, d) => sum + decide(g, d), 0)
  const wanted = g.vessels.some(v => wantOf(g, v) > 0) || hasMouths(g)
  g.fed.push(wanted ? Math.min(1, brought) : null)
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
