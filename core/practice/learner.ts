import { READINESS, type Readiness } from '../dynamics/contract'
import { compare } from '../math/compare'
import { SURE } from './decision'
import { judgementOf, type Judgement } from './judgement'
import type { PlayedGame } from './playedGame'
import { scenarioFor } from './scenarioFor'
import { scenarioOf, scenarios } from './scenarios/index'

/** What is practised. */
export const SKILLS = ['stage', 'trouble', 'timing', 'hands'] as const
export type Skill = (typeof SKILLS)[number]

/** How often somebody is right in a skill, with an 80 % interval; of games: what was reached of what the app reaches. */
export interface SkillStand {
  skill: Skill
  share: number
  low: number
  high: number
  from: number
}
export interface Confusion {
  truth: Readiness
  saw: Readiness
  times: number
}
export interface LearnerStand {
  skills: SkillStand[]
  judgement: Judgement | null
  /** What was taken for what, the most frequent first; what is long ago counts less. */
  confusions: Confusion[]
  /** All sayings: how often each stage (row) was taken for each (column), in the order of READINESS. */
  taken: number[][]
  /** For each step of being sure: what it says, how often that came true, of how many. */
  came: { said: number; share: number; from: number }[]
  /** What to practise next, and why. */
  next: { scenario: string; why: 'confused' | 'new' | 'weakest'; confusion: Confusion | null }
}

const Z80 = 1.2816
/** Interval of a share that does not leave 0 to 1 (Wilson 1927). */
function standOf(skill: Skill, right: number, from: number): SkillStand {
  const p = from > 0 ? right / from : 0
  const middle = (p + Z80 ** 2 / (2 * Math.max(1, from))) / (1 + Z80 ** 2 / Math.max(1, from))
  const half =
    (Z80 * Math.sqrt((p * (1 - p)) / Math.max(1, from) + Z80 ** 2 / (4 * Math.max(1, from) ** 2))) /
    (1 + Z80 ** 2 / Math.max(1, from))
  return {
    skill,
    share: p,
    low: Math.max(0, middle - half),
    high: Math.min(1, middle + half),
    from,
  }
}

const TROUBLE: readonly Readiness[] = ['failing', 'failed']
/** Confusions count half after so many games. */
const FADES_OVER = 6
/** From so many times on it is what to practise. */
const CONFUSED_FROM = 2

type Said = { saw: Readiness; truth: Readiness; sure: number; weight: number }

function sayingsOf(games: readonly PlayedGame[]): Said[] {
  return games
    .toReversed()
    .flatMap((g, i) =>
      (g.result?.sayings ?? []).map(s => ({ ...s, weight: 0.5 ** (i / FADES_OVER) })),
    )
}

function confusionsOf(sayings: readonly Said[]): Confusion[] {
  const times = new Map<string, Confusion>()
  for (const { saw, truth, weight } of sayings) {
    if (saw === truth) continue
    const key = `${truth} ${saw}`
    times.set(key, { truth, saw, times: (times.get(key)?.times ?? 0) + weight })
  }
  return [...times.values()].sort((a, b) => b.times - a.times)
}

/** Kinds of exercises in which a skill is practised. */
const KINDS: Readonly<Record<Skill, readonly string[]>> = {
  stage: ['look'],
  trouble: ['look'],
  timing: ['jar', 'brood', 'season'],
  hands: ['hands'],
}

function nextOf(
  games: readonly PlayedGame[],
  skills: readonly SkillStand[],
  [worst]: readonly Confusion[],
): LearnerStand['next'] {
  const played = new Map(games.map(g => [g.scenario, g.startedAt]))
  // What was played longest ago comes first, what never was before all.
  const oldest = (kinds: readonly string[]) =>
    scenarios
      .filter(s => kinds.includes(s.kind))
      .toSorted((a, b) => compare(played.get(a.id) ?? '', played.get(b.id) ?? ''))[0]!
  if (games.length === 0) return { scenario: oldest(['look']).id, why: 'new', confusion: null }
  if (worst && worst.times >= CONFUSED_FROM) {
    const where = games.findLast(
      g =>
        scenarioOf(g.scenario) &&
        g.result?.sayings.some(s => s.truth === worst.truth && s.saw === worst.saw),
    )
    return { scenario: where?.scenario ?? oldest(['look']).id, why: 'confused', confusion: worst }
  }
  const fresh = skills.find(s => s.from === 0)
  const weakest = skills.toSorted((a, b) => a.share - b.share)[0]!
  const skill = fresh ?? weakest
  const scenario = oldest(KINDS[skill.skill]).id
  return { scenario, why: fresh ? 'new' : 'weakest', confusion: null }
}

/**
 * Where a learner stands, by the games that were ended.
 * @param games of this learner, in order of time
 */
export function learnerStand(games: readonly PlayedGame[]): LearnerStand {
  const ended = games.filter(g => g.result !== null)
  const sayings = sayingsOf(ended)
  const right = sayings.filter(s => s.saw === s.truth)
  const troubled = sayings.filter(s => TROUBLE.includes(s.truth))
  const seen = troubled.filter(s => TROUBLE.includes(s.saw))
  const reached = (kinds: readonly string[]) =>
    ended
      .filter(g => kinds.includes(scenarioFor(g)?.kind ?? ''))
      .map(g => Math.min(1, g.result!.goal / Math.max(0.01, g.result!.advice)))
  const sum = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0)
  const [timing, hands] = [reached(KINDS.timing), reached(KINDS.hands)]
  const skills = [
    standOf('stage', right.length, sayings.length),
    standOf('trouble', seen.length, troubled.length),
    standOf('timing', sum(timing), timing.length),
    standOf('hands', sum(hands), hands.length),
  ]
  const confusions = confusionsOf(sayings)
  return {
    skills,
    judgement: judgementOf(
      sayings.map(s => ({ said: SURE[s.sure - 1]!, right: s.saw === s.truth })),
    ),
    confusions,
    taken: READINESS.map(truth =>
      READINESS.map(saw => sayings.filter(s => s.truth === truth && s.saw === saw).length),
    ),
    came: SURE.flatMap((said, i) => {
      const mine = sayings.filter(s => s.sure === i + 1)
      const share = mine.filter(s => s.saw === s.truth).length / Math.max(1, mine.length)
      return mine.length > 0 ? [{ said, share, from: mine.length }] : []
    }),
    next: nextOf(ended, skills, confusions),
  }
}
