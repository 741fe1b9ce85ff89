import type { Look, Sign } from '@renatus/core/dynamics/contract'
import type { Food } from '@renatus/core/foods/contract'
import type { Observation } from '@renatus/core/estimation/observation'
import type { Subject } from '@renatus/core/estimation/subject'
import { copyCulture, runCulture, startCulture, type Culture } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { simulate } from '@renatus/core/foods/simulate'
import { randomStream, type RandomStream } from '@renatus/core/math/random'

/** Room temperature of the method card, and how far rooms lie from it, degC. */
const CARD_C: Record<string, number> = { 'brine-shrimp': 25, 'mosquito-larva': 24 }
const ROOM_SPREAD_C = 5
const STEP_H = 2

/** What the method card says of any vessel: ready on this day, late after that one. */
export function fixedDayRule(
  foodId: string,
  methodId: string,
): { readyDay: number; lateDay: number; cardC: number } {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  const cardC = CARD_C[foodId] ?? 23
  const readyDay = simulate({
    food,
    method,
    setup: { volumeL: method.vessel.volumeL },
    temperature: () => cardC,
    days: 80,
    actions: [],
    seed: 1,
    runs: 1,
  }).readyDay!.p50
  return {
    readyDay,
    lateDay: readyDay * Math.exp(1.2816 * Math.max(0.2, food.reliability.readyLogSd)),
    cardC,
  }
}

/** A room that does not keep to the book, and who looks at it: none of it is told to the filter. */
export interface World {
  /** Factor on growth, and degrees by which vessels are warmer than the thermometer says. */
  growth: number
  warmerC: number
  /** Grades by which everything is seen too well; factor on the noise of the eye; looks are had on one day in so many. */
  rosy: number
  noise: number
  everyDays: number
}
export const BOOK: World = { growth: 1, warmerC: 0, rosy: 0, noise: 1, everyDays: 1 }
export const UNLIKE: World = { ...BOOK, growth: 0.8, warmerC: -1.5 }
export const WORLDS: Readonly<Record<string, World>> = {
  'book': BOOK,
  'unlike': UNLIKE,
  'unlike, sloppy': { ...UNLIKE, noise: 2, everyDays: 3 },
  'rosy': { ...BOOK, rosy: 1 },
  'rosy, unlike': { ...UNLIKE, rosy: 1 },
}
/** What grows faster in each family. */
const GROWTH: Readonly<Record<string, string>> = {
  logistic: 'rOpt',
  consumer: 'iMax',
  phototroph: 'muMax',
  succession: 'mu',
  hatch: 'speed',
}
/** Signs of which more is better; of all others less is. */
const GOOD: readonly Sign[] = ['movers', 'climbing', 'gathering', 'tint']

/** What somebody writes down of a look; not every sign is looked at every time. */
function sloppyGrades(food: Food, look: Look, chance: RandomStream, world: World) {
  const signs: Partial<Record<Sign, number>> = {}
  for (const [sign, { grade, sd }] of Object.entries(look) as [Sign, Look[Sign] & object][]) {
    if (chance.next() < 0.25) continue
    const most = (food.signs[sign]?.length ?? 4) - 1
    const lean = GOOD.includes(sign) ? world.rosy : -world.rosy
    const seen = Math.round(grade + lean + chance.normal(0, sd * world.noise))
    signs[sign] = Math.max(0, Math.min(most, seen))
  }
  return signs
}

/** Factors on the parameters of a food that grows otherwise in a world. */
function growthIn(world: World, food: Food): Record<string, number> {
  const grows = GROWTH[food.profile.family]
  return grows && world.growth !== 1 ? { [grows]: world.growth } : {}
}

/** A culture whose truth the filter does not see, looked at every day or two (a hatch every few hours) by somebody whose grades are sloppy. */
export function sloppyCulture(
  foodId: string,
  methodId: string,
  days: number,
  seed: number,
  happens: (at: { culture: Culture; h: number }) => void = () => {},
  factors: Record<string, number> = {},
  world: World = BOOK,
) {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  const { cardC } = fixedDayRule(foodId, methodId)
  const chance = randomStream(seed)
  const roomC = cardC + ROOM_SPREAD_C * (2 * chance.next() - 1)
  const setup = { volumeL: method.vessel.volumeL }
  const truthC = roomC + world.warmerC
  const slower = growthIn(world, food)
  const truth = startCulture(
    food,
    { ...method, factors: { ...method.factors, ...factors, ...slower } },
    setup,
    chance,
  )
  const observations: Observation[] = []
  let readyH: number | null = null
  const isReady = (k: typeof truth) => k.family.readiness(k.state, k.params) === 'ready'
  const everyH = food.profile.family === 'hatch' ? 6 : 24 * world.everyDays
  for (let h = STEP_H; h <= days * 24; h += STEP_H) {
    happens({ culture: truth, h: h - STEP_H })
    runCulture(truth, STEP_H, () => truthC, chance)
    if (readyH === null && isReady(truth)) readyH = h - STEP_H / 2
    if (h % everyH !== 0 || chance.next() < 0.3) continue
    const look = truth.family.look(truth.state, truth.params)
    observations.push({ h, kind: 'look', signs: sloppyGrades(food, look, chance, world) })
  }
  const future = copyCulture(truth)
  for (let h = days * 24 + STEP_H; readyH === null && h <= (60 + days) * 24; h += STEP_H) {
    runCulture(future, STEP_H, () => truthC, chance)
    if (isReady(future)) readyH = h - STEP_H / 2
  }
  const stock = truth.family.stock(truth.state, truth.params)
  const subject: Subject = { food, method, setup, temperatureC: roomC, seed: 9 }
  return {
    subject,
    observations,
    atH: days * 24,
    density: stock.perCm2 ?? stock.perMl ?? 0,
    readiness: truth.family.readiness(truth.state, truth.params),
    readyH,
  }
}
