import type { Entry } from '../records/entries'
import type { CultureRecord, Place } from '../records/records'
import type { Learned } from '../stock/learned'
import { hoursBetween, type Instant } from '../time/localDate'
import { actWorth, type ActWorth } from './actWorth'
import { estimate, type Estimate } from './estimate'
import { forecast, type Forecast } from './forecast'
import { observerOf } from './learning/observers'
import { cultureSubject } from './learning/cultureSubject'
import { lookChoices, type LookChoice } from './lookChoices'
import { meanLook } from './meanLook'
import { observationsOf } from './observationsOf'
import type { ReplayMemory } from './replay'
import { temperatureOf } from './temperatureOf'
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
  /** What acts are worth over the coming week. */
  acts: ActWorth
  /** The days to come, where they were asked for. */
  ahead: Forecast | null
}

/** `places`: where it stands, for a vessel as warm as its place; `ahead`: also work out the days to come, and what may be wrong. */
export interface ReadOptions {
  places?: readonly Place[]
  ahead?: boolean
}

/** An entry so many hours after the hour for which is read belongs to the same round. */
const SAME_ROUND_H = 12

/** What lies further back tells nothing of a vessel today, h; three years. */
const REACH_H = 3 * 365 * 24

/** A vessel that stands longer is read as if it had been set up when the reach begins. */
function withinReach(c: CultureRecord, now: Instant): CultureRecord {
  if (hoursBetween(c.startedAt, now) <= REACH_H) return c
  return { ...c, startedAt: new Date(Date.parse(now) - REACH_H * 3_600_000).toISOString() }
}

/**
 * Reads a culture of the log with what the room has learned of its food; null for a food or method this version does not know.
 * @param entries effective, in order of time
 */
export function readCulture(
  culture: CultureRecord,
  entries: readonly Entry[],
  learned: Learned,
  now: Instant,
  memory?: ReplayMemory,
  options: ReadOptions = {},
): { reading: CultureReading; memory: ReplayMemory } | null {
  const c = withinReach(culture, now)
  const known = cultureSubject(c, learned.foods[c.foodId]?.priors)
  if (!known) return null
  const by = observerOf(entries)
  const subject = { ...known, observer: by === null ? undefined : learned.observers[by]?.lean }
  const observations = observationsOf(c, entries, learned, options.places)
  // What was done at a round counts at once, also where the round is reckoned at its hour.
  const sinceH = Math.max(0, hoursBetween(c.startedAt, now))
  const lastH = observations.reduce((h, o) => Math.max(h, o.h), 0)
  const atH = lastH > sinceH && lastH - sinceH <= SAME_ROUND_H ? lastH : sinceH
  const result = estimate(subject, observations, atH, memory, options.ahead ?? false)
  const why = whyOf(result.estimate.moves)
  const course = temperatureOf(observations, c.temperatureC)
  const temperatureC = course(atH / 24)
  return {
    memory: result.memory,
    reading: {
      id: c.id,
      estimate: result.estimate,
      look: meanLook(result.cloud),
      choices: lookChoices(result.cloud, subject.food, temperatureC),
      why,
      temperatureC,
      acts: actWorth(result.cloud, course, subject.seed + 71),
      ahead: options.ahead ? forecast(result.cloud, course, subject.seed + 53) : null,
      whyAt: why.map(w => new Date(Date.parse(c.startedAt) + w.h * 3_600_000).toISOString()),
    },
  }
}
