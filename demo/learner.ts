import { randomStream, type RandomStream } from '@renatus/core/math/random'
import { decision, type Decision } from '@renatus/core/practice/decision'
import { READINESS, type Readiness } from '@renatus/core/dynamics/contract'
import {
  likeliest,
  lookCloud,
  lookQuestion,
  readinessChances,
} from '@renatus/core/practice/lookGame'
import { PRACTICE_VERSION, type PlayedGame } from '@renatus/core/practice/playedGame'
import { practise } from '@renatus/core/practice/practise'
import { scenarioOf } from '@renatus/core/practice/scenarios/index'
import type { LookScenario } from '@renatus/core/practice/scenario'
import { addDays, addHours, instantOf, type LocalDate } from '@renatus/core/time/localDate'

/** Who practises in the loft. */
const WHO = 'Late shift'
const AT = '20:15'
/** Exercises of two weeks: so many days ago, and how often the eye was right by then. */
const EVENINGS = [
  { ago: 14, scenario: 'milky-or-clear', right: 0.4 },
  { ago: 12, scenario: 'worms-on-the-wall', right: 0.45 },
  { ago: 9, scenario: 'larvae-bucket', right: 0.5 },
  { ago: 7, scenario: 'gel-tray', right: 0.6 },
  { ago: 5, scenario: 'milky-or-clear', right: 0.65 },
  { ago: 2, scenario: 'bucket-or-crash', right: 0.75 },
] as const

/** Somebody who is right so often, and else takes a stage for its neighbour. */
function saying(truth: Readiness, right: number, chance: RandomStream): Partial<Decision> {
  const at = READINESS.indexOf(truth)
  const isRight = chance.next() < right
  const off = chance.next() < 0.5 ? -1 : 1
  const saw = READINESS[Math.min(READINESS.length - 1, Math.max(0, at + (isRight ? 0 : off)))]!
  return { saw, sure: chance.integer(2, 5), look: true }
}

function looksOf(s: LookScenario, seed: number, right: number, chance: RandomStream): Decision[] {
  return Array.from({ length: s.looks }, (_, day) => {
    const [truth] = likeliest(readinessChances(lookCloud(lookQuestion(s, seed, day))))
    return decision.parse({ day, ...saying(truth, right, chance) })
  })
}
/** Draws from the sixth day on, and fills trays with as much water as they hold. */
function otherOf(scenario: string): Decision[] {
  if (scenario === 'gel-tray')
    return [300, 120, 420, 250, 160].map((amount, day) => decision.parse({ day, amount }))
  return Array.from({ length: 20 }, (_, day) =>
    decision.parse({ day, look: day > 3, take: day > 5 ? 0.2 : 0 }),
  )
}

/** Two weeks of practice of the loft's person, each with the account that was made of it. */
export function learnedGames(
  today: LocalDate,
  timeZone: string,
  seed: number,
  id: (ms: number) => string,
): PlayedGame[] {
  const chance = randomStream(seed)
  return EVENINGS.map(({ ago, scenario, right }, n): PlayedGame => {
    const s = scenarioOf(scenario)!
    const decisions = s.kind === 'look' ? looksOf(s, n, right, chance) : otherOf(scenario)
    const { outcome, course } = practise(s, n, decisions)
    const startedAt = instantOf(addDays(today, -ago), AT, timeZone)
    const sayings = decisions.flatMap(d => {
      const truth = course.find(c => c.day === d.day)?.truth
      return d.saw && d.sure && truth && s.kind === 'look'
        ? [{ saw: d.saw, truth: truth.readiness, sure: d.sure }]
        : []
    })
    const { goal, fixed, advice } = outcome
    return {
      id: id(Date.parse(startedAt)),
      version: PRACTICE_VERSION,
      scenario,
      seed: n,
      learner: WHO,
      startedAt,
      endedAt: addHours(startedAt, 0.2),
      decisions,
      result: { goal, fixed, advice, sayings },
    }
  })
}
