import type { Entry } from '../records/entries'
import type { CultureRecord } from '../records/records'
import type { Learned } from '../stock/learned'
import { hoursBetween, type Instant } from '../time/localDate'
import { estimate, type Estimate } from './estimate'
import { cultureSubject } from './learning/cultureSubject'
import { lookChoices, type LookChoice } from './lookChoices'
import { meanLook } from './meanLook'
import { observationsOf } from './observationsOf'
import { temperatureOf, type ReplayMemory } from './replay'
import { whyOf, type Why } from './why'
import type { Sign } from '../dynamics/contract'

/** A culture as it is believed now, with everything a screen says of it. Plain data. */
export interface CultureReading {
  id: string
  estimate: Estimate
  /** Mean grades: what it should look like. */
  look: Partial<Record<Sign, number>>
  choices: LookChoice[]
  why: Why[]
  /** When each observation that a why names was made. */
  whyAt: Instant[]
  temperatureC: number
}

/**
 * Reads a culture of the log with what the room has learned of its food; null for a food or method this version does not know.
 * @param entries effective, in order of time
 */
export function readCulture(c: CultureRecord, entries: readonly Entry[], learned: Learned, now: Instant, memory?: ReplayMemory): { reading: CultureReading, memory: ReplayMemory } | null {
  const subject = cultureSubject(c, learned.foods[c.foodId]?.priors)
  if (!subject) return null
  const observations = observationsOf(c, entries, learned)
  const atH = Math.max(0, hoursBetween(c.startedAt, now))
  const result = estimate(subject, observations, atH, memory)
  const why = whyOf(result.estimate.moves)
  const temperatureC = temperatureOf(observations, c.temperatureC)(atH / 24)
  return {
    memory: result.memory,
    reading: {
      id: c.id, estimate: result.estimate, look: meanLook(result.cloud), choices: lookChoices(result.cloud, subject.food, temperatureC), why, temperatureC,
      whyAt: why.map(w => new Date(Date.parse(c.startedAt) + w.h * 3_600_000).toISOString()),
    },
  }
}
