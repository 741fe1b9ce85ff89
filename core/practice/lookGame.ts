import { AILMENTS, READINESS, type Readiness } from '../dynamics/contract'
import type { Cloud } from '../estimation/cloud'
import { weightsOf } from '../estimation/cloud'
import { drawLean } from '../estimation/observer'
import { replay } from '../estimation/replay'
import { runCulture, startCulture, type Culture } from '../foods/culture'
import { randomStream } from '../math/random'
import { lookAt, readinessOf, type SeenSigns } from './looksOf'
import type { LookScenario } from './scenario'
import { schoolOf } from './usual'

/** One question of a series: a vessel as somebody sees it, its age and its warmth. */
export interface LookQuestion {
  number: number
  foodId: string
  methodId: string
  litres: number
  temperatureC: number
  day: number
  signs: SeenSigns
  truth: Readiness
  organisms: number
  seed: number
}

const SHOWS_AFTER_D = 2
const STREAM = 40_000

function truthOf(s: LookScenario, seed: number, number: number) {
  const chance = randomStream(Math.imul(seed, 7919) + STREAM + number)
  const plan = s.vessels[chance.integer(0, s.vessels.length - 1)]!
  const day = chance.integer(s.between[0], s.between[1])
  const { food, method } = schoolOf(plan)
  const litres = plan.litres ?? method.vessel.volumeL
  const c = startCulture(food, method, { volumeL: litres }, chance)
  const temperatureC = plan.temperatureC + chance.normal(0, 1)
  const isTroubled = chance.next() < s.troubled && day > SHOWS_AFTER_D
  const before = isTroubled ? day - SHOWS_AFTER_D : day
  runCulture(c, before * 24, () => temperatureC, chance)
  if (isTroubled) {
    c.family.ail(c.state, c.params, AILMENTS[chance.integer(0, AILMENTS.length - 1)]!)
    runCulture(c, (day - before) * 24, () => temperatureC, chance)
  }
  return { plan, day, litres, c, lean: drawLean(chance) }
}

/** The look of a single vessel, by the same rule as in all exercises. */
function seen(c: Culture, seed: number, number: number, lean: ReturnType<typeof drawLean>) {
  return lookAt(
    {
      seed: seed + number,
      day: number,
      hidden: { lean },
      vessels: [{ culture: c }],
    } as unknown as Parameters<typeof lookAt>[0],
    0,
  )!
}

/** A question: the same for the same scenario, seed and number. */
export function lookQuestion(s: LookScenario, seed: number, number: number): LookQuestion {
  const { plan, day, litres, c, lean } = truthOf(s, seed, number)
  return {
    number,
    foodId: plan.foodId,
    methodId: plan.methodId,
    litres,
    temperatureC: plan.temperatureC,
    day,
    signs: seen(c, seed, number, lean),
    truth: readinessOf(c),
    organisms: c.family.stock(c.state, c.params).organisms,
    seed,
  }
}

/** What is to be believed of it by this one look. */
export function lookCloud(q: LookQuestion): Cloud {
  const { food, method } = schoolOf(q)
  const subject = {
    food,
    method,
    setup: { volumeL: q.litres },
    temperatureC: q.temperatureC,
    seed: 17,
  }
  const h = q.day * 24
  return replay(subject, [{ h, kind: 'look', signs: q.signs }], h).cloud
}

/** Chances of each readiness by a belief. */
export function readinessChances(cloud: Cloud): Record<Readiness, number> {
  const chances = Object.fromEntries(READINESS.map(r => [r, 0])) as Record<Readiness, number>
  const w = weightsOf(cloud)
  cloud.forEach((p, i) => (chances[readinessOf(p.culture)] += w[i]!))
  return chances
}

/** What its card says of a vessel of that age, whatever it looks like. */
export function cardSays(q: LookQuestion): Readiness {
  const { food, method } = schoolOf(q)
  const c = startCulture(food, method, { volumeL: q.litres }, null)
  runCulture(c, q.day * 24, () => q.temperatureC, null)
  return readinessOf(c)
}
export const likeliest = (chances: Record<Readiness, number>): [Readiness, number] =>
  (Object.entries(chances) as [Readiness, number][]).reduce((a, b) => (b[1] > a[1] ? b : a))
