import type { Readiness, Sign } from '../dynamics/contract'
import { randomStream } from '../math/random'
import { beliefOf, type BeliefMemory } from './belief'
import { MOST_FEEDS, SURE, type Act, type Decision } from './decision'
import { goalOf, isOver, nextDay, startGame } from './game'
import type { Game } from './gameState'
import { lookAt, readinessOf, type SeenSigns } from './looksOf'
import { TANK } from './fryTank'
import { handQuestion, handScore, type HandQuestion } from './handGame'
import { judgementOf, type Judgement, type Saying } from './judgement'
import { cardSays, likeliest, lookCloud, lookQuestion, readinessChances } from './lookGame'
import { advice } from './players/advice'
import { fixed } from './players/fixed'
import { perfect } from './players/perfect'
import { doing, sayingOf, type Player } from './players/player'
import { random } from './players/random'
import { valueOn } from './rollout'
import type { HandScenario, LookScenario, Scenario, VesselScenario } from './scenario'
import { tellingSign } from './tellingSign'
import { toldOfGame, type Told } from './told'
import { weigh, worthOf } from './weigh'

export const PLAYERS = { random, fixed, advice, perfect } as const
export type PlayerName = keyof typeof PLAYERS

/** A day of an exercise as it was seen, as it was, and as it was to be believed. */
export interface CourseDay {
  day: number
  vessel: number
  look: SeenSigns | null
  truth: { readiness: Readiness; organisms: number } | null
  belief: { readiness: Readiness; chance: number; organisms: number } | null
  /** Where it was taken for something else: the sign that would have told; null where it was not, or none would. */
  tells: Sign | null
}
/** A decision against what was knowable: the best there was, what was lost against it in days of food, and what was luck. */
export interface Judged {
  day: number
  vessel: number
  did: { act: Act; take: number }
  best: { act: Act; take: number }
  /** 0 where it was the best, below where another would have been worth more. */
  value: number
  /** What came of it beyond what could be expected. */
  luck: number
}
export interface Practised {
  course: CourseDay[]
  decisions: Judged[]
  outcome: Record<PlayerName | 'goal', number>
  /** Of what was fed, lost, worked and paid; null for looks and hands. */
  told: Told | null
  /** The same of those who are played beside it. */
  toldOf: Record<PlayerName, Told> | null
  judgement: Judgement | null
}

export type PractiseProblem = 'after-end' | 'no-such-vessel' | 'too-much' | 'twice'
/** Why decisions cannot be played; null where they can. */
export function problemOf(s: Scenario, decisions: readonly Decision[]): PractiseProblem | null {
  const days = lengthOf(s)
  const vessels = 'vessels' in s && s.kind !== 'look' ? s.vessels.length : 1
  const seen = new Set<string>()
  for (const d of decisions) {
    if (d.day >= days) return 'after-end'
    if (d.vessel >= vessels && !isTank(s, d)) return 'no-such-vessel'
    if (d.act === 'feed' && (d.amount ?? 1) > MOST_FEEDS) return 'too-much'
    if (seen.has(`${d.day} ${d.vessel}`)) return 'twice'
    seen.add(`${d.day} ${d.vessel}`)
  }
  return null
}

/** Whether a decision is one for the tank of the mouths, where an exercise has one. */
const isTank = (s: Scenario, d: Pick<Decision, 'vessel'>): boolean =>
  d.vessel === TANK && 'tank' in s && s.tank !== undefined

/** Days of an exercise, or its questions. */
export function lengthOf(s: Scenario): number {
  if (s.kind === 'look') return s.looks
  return s.kind === 'hands' ? s.rounds : s.days
}

/** How far an account is: days or questions done, of how many. */
export type Lived = (done: number, of: number) => void

const CHANCE = 99
/** An exercise played by somebody from its first day to its last. */
export function playThrough(s: VesselScenario, seed: number, player: Player): Game {
  const game = startGame(s, seed)
  const memory: BeliefMemory = new Map()
  const chance = randomStream(seed + CHANCE)
  while (!isOver(game)) nextDay(game, player.decide(game, memory, chance))
  return game
}

/** What decisions of a day are, for every vessel and the tank: where nothing was decided, nothing is done. */
export function decidedOn(g: Game, decisions: readonly Decision[]): Decision[] {
  const places = [...g.vessels.keys(), ...(g.tank ? [TANK] : [])]
  return places.map(i => decisions.find(d => d.day === g.day && d.vessel === i) ?? doing(g, i))
}

function courseDay(
  g: Game,
  { vessel: i, saw }: Pick<Decision, 'vessel' | 'saw'>,
  memory: BeliefMemory,
): CourseDay {
  const v = g.vessels[i]!
  const belief = beliefOf(g, v, memory)
  const c = v.culture
  const isMissed = c && belief && saw && saw !== readinessOf(c)
  return {
    day: g.day,
    vessel: i,
    look: lookAt(g, i),
    truth: c && {
      readiness: readinessOf(c),
      organisms: c.family.stock(c.state, c.params).organisms,
    },
    belief: belief && {
      readiness: belief.saw,
      chance: belief.sure,
      organisms: belief.reading.estimate.organisms.p50,
    },
    tells: isMissed ? tellingSign(belief.cloud, readinessOf(c), saw) : null,
  }
}

/** One decision against what was knowable on that day. */
export function judge(g: Game, d: Decision, memory: BeliefMemory): Judged | null {
  const v = g.vessels[d.vessel]!
  const belief = beliefOf(g, v, memory)
  if (!belief || !v.culture) return null
  const did = { act: d.act, take: d.take, amount: d.amount }
  const [best] = weigh(g, v, belief)
  const worth = worthOf(g, v, belief, did)
  const isBest = !best || best.value <= worth
  return {
    day: g.day,
    vessel: d.vessel,
    did: { act: d.act, take: d.take },
    best: isBest ? { act: d.act, take: d.take } : { act: best.act, take: best.take },
    value: isBest ? 0 : worth - best.value,
    luck: valueOn(g, v, [v.culture], did) - worth,
  }
}

const saidOf = (d: Decision, truth: Readiness): Saying | null =>
  d.saw && d.sure ? { said: SURE[d.sure - 1]!, right: d.saw === truth } : null

/** Who else plays the same exercise; who played it is not played again. */
function othersOf(s: VesselScenario, seed: number, mine: Game, by: PlayerName | null) {
  const games = Object.entries(PLAYERS).map(
    ([name, player]) => [name, name === by ? mine : playThrough(s, seed, player)] as const,
  )
  const each = <T>(of: (g: Game) => T) =>
    Object.fromEntries(games.map(([name, g]) => [name, of(g)])) as Record<PlayerName, T>
  return { outcome: { goal: goalOf(mine), ...each(goalOf) }, toldOf: each(toldOfGame) }
}

function practiseVessels(
  s: VesselScenario,
  seed: number,
  decide: (g: Game, memory: BeliefMemory) => Decision[],
  by: PlayerName | null,
  lived: Lived,
): Practised {
  const g = startGame(s, seed)
  const memory: BeliefMemory = new Map()
  const course: CourseDay[] = []
  const decisions: Judged[] = []
  const sayings: Saying[] = []
  while (!isOver(g)) {
    const today = decide(g, memory)
    for (const d of today.filter(x => x.vessel !== TANK)) {
      const day = courseDay(g, d, memory)
      course.push(day)
      const judged = judge(g, d, memory)
      if (judged) decisions.push(judged)
      const said = day.truth && saidOf(d, day.truth.readiness)
      if (said) sayings.push(said)
    }
    nextDay(g, today)
    lived(g.day, s.days)
  }
  return {
    course,
    decisions,
    ...othersOf(s, seed, g, by),
    told: toldOfGame(g),
    judgement: judgementOf(sayings),
  }
}

function practiseLooks(
  s: LookScenario,
  seed: number,
  given: readonly Decision[] | PlayerName,
  lived: Lived,
): Practised {
  const chance = randomStream(seed + CHANCE)
  const rows = Array.from({ length: s.looks }, (_, n) => {
    const q = lookQuestion(s, seed, n)
    const cloud = lookCloud(q)
    const belief = readinessChances(cloud)
    const [saw, p] = likeliest(belief)
    const sayings = {
      random: random.decide(anyVessel(n), new Map(), chance)[0]!.saw!,
      fixed: cardSays(q),
      advice: saw,
      perfect: q.truth,
    }
    const mine =
      typeof given === 'string'
        ? {
            saw: sayings[given],
            ...(given === 'advice' ? sayingOf({ saw, sure: p } as never) : {}),
          }
        : (given.find(d => d.day === n) ?? { saw: undefined, sure: undefined })
    const isMissed = mine.saw && mine.saw !== q.truth
    const tells = isMissed ? tellingSign(cloud, q.truth, mine.saw as Readiness) : null
    lived(n + 1, s.looks)
    return { q, belief, saw, p, sayings, mine, tells }
  })
  const share = (test: (r: (typeof rows)[number]) => boolean) => rows.filter(test).length / s.looks
  return {
    course: rows.map(({ q, saw, p, tells }) => ({
      tells,
      day: q.number,
      vessel: 0,
      look: q.signs,
      truth: { readiness: q.truth, organisms: q.organisms },
      belief: { readiness: saw, chance: p, organisms: 0 },
    })),
    decisions: rows.map(({ q, belief, saw, mine }) => ({
      day: q.number,
      vessel: 0,
      did: { act: 'wait' as const, take: 0 },
      best: { act: 'wait' as const, take: 0 },
      value: (mine.saw ? belief[mine.saw as Readiness] : 0) - belief[saw],
      luck: (mine.saw === q.truth ? 1 : 0) - (mine.saw ? belief[mine.saw as Readiness] : 0),
    })),
    outcome: {
      goal: share(r => r.mine.saw === r.q.truth),
      random: share(r => r.sayings.random === r.q.truth),
      fixed: share(r => r.sayings.fixed === r.q.truth),
      advice: share(r => r.sayings.advice === r.q.truth),
      perfect: 1,
    },
    told: null,
    toldOf: null,
    judgement: judgementOf(rows.flatMap(({ q, mine }) => saidOf(mine as Decision, q.truth) ?? [])),
  }
}
/** A day on which one vessel is asked about. */
const anyVessel = (day: number): Game => ({ day, vessels: [{}] }) as unknown as Game

function practiseHands(
  s: HandScenario,
  seed: number,
  given: readonly Decision[] | PlayerName,
): Practised {
  const chance = randomStream(seed + CHANCE)
  const answersOf = (q: HandQuestion) => ({
    random: q.truth * Math.exp(chance.normal(0, 0.7)),
    fixed: q.fixed,
    advice: q.advice,
    perfect: q.truth,
  })
  const rows = Array.from({ length: s.rounds }, (_, n) => {
    const q = handQuestion(s, seed, n)
    const answers = answersOf(q)
    const mine =
      typeof given === 'string' ? answers[given] : (given.find(d => d.day === n)?.amount ?? 0)
    return { q, answers, mine }
  })
  const mean = (of: (r: (typeof rows)[number]) => number) =>
    rows.reduce((sum, r) => sum + handScore(of(r), r.q.truth), 0) / s.rounds
  return {
    course: rows.map(({ q }) => ({
      tells: null,
      day: q.number,
      vessel: 0,
      look: null,
      truth: { readiness: 'ready', organisms: q.truth },
      belief: { readiness: 'ready', chance: 1, organisms: q.advice },
    })),
    decisions: rows.map(({ q, mine }) => ({
      day: q.number,
      vessel: 0,
      did: { act: 'wait', take: 0 },
      best: { act: 'wait', take: 0 },
      value: Math.min(0, handScore(mine, q.truth) - handScore(q.advice, q.truth)),
      luck: Math.max(0, handScore(mine, q.truth) - handScore(q.advice, q.truth)),
    })),
    outcome: {
      goal: mean(r => r.mine),
      random: mean(r => r.answers.random),
      fixed: mean(r => r.answers.fixed),
      advice: mean(r => r.answers.advice),
      perfect: 1,
    },
    told: null,
    toldOf: null,
    judgement: null,
  }
}

/**
 * An exercise from its first day to its account. The same scenario, seed and decisions give the same account.
 * @param given decisions (checked by problemOf), or who plays
 * @param lived called after each day or question that is accounted for
 */
export function practise(
  s: Scenario,
  seed: number,
  given: readonly Decision[] | PlayerName,
  lived: Lived = () => {},
): Practised {
  if (s.kind === 'look') return practiseLooks(s, seed, given, lived)
  if (s.kind === 'hands') return practiseHands(s, seed, given)
  const chance = randomStream(seed + CHANCE)
  const isPlayer = typeof given === 'string'
  return practiseVessels(
    s,
    seed,
    (g, memory) => (isPlayer ? PLAYERS[given].decide(g, memory, chance) : decidedOn(g, given)),
    isPlayer ? given : null,
    lived,
  )
}
