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

/** What somebody writes down of a look; not every sign is looked at every time. */
function sloppyGrades(food: Food, look: Look, chance: RandomStream) {
  const signs: Partial<Record<Sign, number>> = {}
  for (const [sign, { grade, sd }] of Object.entries(look) as [Sign, Look[Sign] & object][]) {
    if (chance.next() < 0.25) continue
    const most = (food.signs[sign]?.length ?? 4) - 1
    signs[sign] = Math.max(0, Math.min(most, Math.round(grade + chance.normal(0, sd))))
  }
  return signs
}

/** A culture whose truth the filter does not see, looked at every day or two (a hatch every few hours) by somebody whose grades are sloppy. */
export function sloppyCulture(
  foodId: string,
  methodId: string,
  days: number,
  seed: number,
  happens: (at: { culture: Culture; h: number }) => void = () => {},
  factors: Record<string, number> = {},
) {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  const { cardC } = fixedDayRule(foodId, methodId)
  const chance = randomStream(seed)
  const roomC = cardC + ROOM_SPREAD_C * (2 * chance.next() - 1)
  const setup = { volumeL: method.vessel.volumeL }
  const truth = startCulture(
    food,
    { ...method, factors: { ...method.factors, ...factors } },
    setup,
    chance,
  )
  const observations: Observation[] = []
  let readyH: number | null = null
  const isReady = (k: typeof truth) => k.family.readiness(k.state, k.params) === 'ready'
  const everyH = food.profile.family === 'hatch' ? 6 : 24
  for (let h = STEP_H; h <= days * 24; h += STEP_H) {
    happens({ culture: truth, h: h - STEP_H })
    runCulture(truth, STEP_H, () => roomC, chance)
    if (readyH === null && isReady(truth)) readyH = h - STEP_H / 2
    if (h % everyH !== 0 || chance.next() < 0.3) continue
    const look = truth.family.look(truth.state, truth.params)
    observations.push({ h, kind: 'look', signs: sloppyGrades(food, look, chance) })
  }
  const future = copyCulture(truth)
  for (let h = days * 24 + STEP_H; readyH === null && h <= (60 + days) * 24; h += STEP_H) {
    runCulture(future, STEP_H, () => roomC, chance)
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
