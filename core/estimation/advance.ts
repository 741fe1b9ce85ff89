import type { Upkeep } from '../foods/contract'
import {
  courseSteps,
  joinedSteps,
  runSteps,
  temperatureIn,
  type CourseStep,
  type Culture,
} from '../foods/culture'
import type { RandomStream } from '../math/random'
import type { Cloud, Particle } from './cloud'
import { stepUntilReady } from './runUntilReady'

/** A week, h. */
export const WEEK_H = 7 * 24
/** Share of vessels a week to which something happens that no hazard of the model stands for (working estimate). */
const MISHAP_PER_WEEK = 0.03
/** Log spread of a population's growth over a day that no model knows of (working estimate). */
export const NOISE_PER_DAY = 0.05

/** Steps of a vessel to an age, and what is left of them for a course that was ready by then: shared by its cloud. */
interface Way {
  steps: readonly CourseStep[]
  rest: (readonly CourseStep[] | undefined)[]
}

/** The way of a vessel to an age: the same for all courses of its age, so that it is worked out once for a cloud. */
const wayTo = (
  upkeep: readonly Upkeep[],
  fromH: number,
  toH: number,
  temperature: (day: number) => number,
): Way => ({ steps: courseSteps(upkeep, fromH, toH - fromH, temperature), rest: [] })

/** Ways of the courses of one vessel: those that are as warm go the same. */
function waysTo(first: Culture, toH: number, temperature: (day: number) => number) {
  // As it is now: it goes itself before the others do.
  const { upkeep, ageH } = first
  const ways = new Map<number, Way>()
  return (p: Particle): Way => {
    const { warmerC } = p.culture
    const known = ways.get(warmerC)
    if (known) return known
    const way = wayTo(upkeep, ageH, toH, temperatureIn(p.culture, temperature))
    ways.set(warmerC, way)
    return way
  }
}

const restOf = (way: Way, from: number): readonly CourseStep[] =>
  (way.rest[from] ??= joinedSteps(way.steps.slice(from)))

/** Moves a particle along a way that begins at its age; at the end of each step it is seen whether it is ready. */
function follow(p: Particle, way: Way, chance: RandomStream): void {
  const { steps } = way
  let at = 0
  for (; p.readyH === null && at < steps.length; at++)
    p.readyH = stepUntilReady(p.culture, steps[at]!, chance)
  if (at < steps.length) runSteps(p.culture, restOf(way, at), chance)
}

/** Moves a particle on and notes when it is first ready. */
export function advance(
  p: Particle,
  toH: number,
  temperature: (day: number) => number,
  chance: RandomStream,
): void {
  const here = temperatureIn(p.culture, temperature)
  follow(p, wayTo(p.culture.upkeep, p.culture.ageH, toH, here), chance)
}

/** Moves all courses of a vessel to an age. */
export function advanceAll(
  cloud: Cloud,
  toH: number,
  temperature: (day: number) => number,
  chance: RandomStream,
  mishaps: boolean,
): void {
  const [first] = cloud
  if (!first) return
  const fromH = first.culture.ageH
  const wayOf = waysTo(first.culture, toH, temperature)
  const noise = NOISE_PER_DAY * Math.sqrt(Math.max(0, toH - fromH) / 24)
  const mishap = 1 - (1 - MISHAP_PER_WEEK) ** ((toH - fromH) / WEEK_H)
  for (const p of cloud) {
    if (mishaps && chance.next() < mishap) goWrong(p, toH, temperature, chance)
    else follow(p, wayOf(p), chance)
    if (noise > 0) p.culture.family.nudge(p.culture.state, Math.exp(chance.normal(0, noise)))
  }
}

/** Now and then something goes wrong that nobody wrote down. Without it a jar that was good could never be found spoilt. */
function goWrong(
  p: Particle,
  toH: number,
  temperature: (day: number) => number,
  chance: RandomStream,
): void {
  const fromH = p.culture.ageH
  advance(p, fromH + chance.next() * (toH - fromH), temperature, chance)
  const { family, state, params } = p.culture
  family.ail(state, params, chance.next() < 0.5 ? 'contaminated' : 'poisoned')
  advance(p, toH, temperature, chance)
}
