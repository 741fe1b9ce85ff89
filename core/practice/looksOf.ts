import type { Readiness, Sign } from '../dynamics/contract'
import { SIGNS } from '../dynamics/contract'
import { leant } from '../estimation/observation'
import type { Culture } from '../foods/culture'
import type { HarvestGrade } from '../records/vocabulary'
import { streamFor, type Game } from './gameState'

const SLIP = 0.03
const GRADES = 3
/** As the estimation takes people's words (core/estimation/observation.ts). */
const CUP_LOG_SD = 0.4
const GOOD_FROM = 0.75
const FAILED_BELOW = 0.2

/** What a look shows: grades, with the slips of an eye. */
export type SeenSigns = Partial<Record<Sign, number>>

export const readinessOf = (c: Culture): Readiness => c.family.readiness(c.state, c.params)

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

/** Looks that must not reach fry, as they really are. */
export function isFoul(c: Culture): boolean {
  const look = c.family.look(c.state, c.params)
  return (c.food.foul ?? []).some(f => (look[f.sign]?.grade ?? 0) >= f.from)
}
