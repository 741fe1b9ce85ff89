import { READINESS, type Readiness, type Sign, type Stage } from '../dynamics/contract'
import { bandOf, weightsOf, type Band, type Cloud } from './cloud'
import { diagnose, isCold, type Cause } from './diagnosis'
import { lookAhead } from './lookAhead'
import { nextLook, type NextLook } from './nextLook'
import type { Observation } from './observation'
import { leanOf, type LeanBelief } from './observer'
import { replay, type Move, type Remark, type ReplayMemory } from './replay'
import { strangersSeen } from './strangers'
import type { Subject } from './subject'
import { temperatureOf } from './temperatureOf'

/** A calibrated statement about a vessel. Bands are of 80 %. */
export interface Estimate {
  /** Per mL, or per cm2 where it lives on a surface. */
  density: Band
  per: 'mL' | 'cm2'
  organisms: Band
  surplusPerDay: Band
  stages: Partial<Record<Stage, number>>
  readiness: Record<Readiness, number>
  /** Hours since the start at which it is, or was, first ready; null when most of the courses never are. */
  readyH: Band | null
  pFailed: number
  pCrash3d: number
  nextLook: NextLook | null
  /** What the observations did to it, in order of time. */
  moves: readonly Move[]
  remarks: readonly Remark[]
  /** How who looked at it leans, by sign that was looked at. */
  lean: LeanBelief
  /** Likely causes of what was seen, against nothing being wrong, the likeliest first; empty while nothing points to trouble. */
  causes: readonly Cause[]
}

const signsSeen = (observations: readonly Observation[]): ReadonlySet<Sign> =>
  new Set(observations.flatMap(o => (o.kind === 'look' ? (Object.keys(o.signs) as Sign[]) : [])))

/** From this chance of being past its best or lost on, causes are looked for. */
const TROUBLED = 0.2

/**
 * Reads a vessel from what was seen of it. Deterministic: the same subject and observations give the same answer, with a memory or without.
 * @param observations in any order
 * @param atH hours since the start for which the estimate is wanted
 * @param causes whether causes are looked for where something seems wrong: a seventh of the work
 * @param memory what an earlier reading of the same vessel returned; only what is new is worked out
 */
export function estimate(
  subject: Subject,
  observations: readonly Observation[],
  atH: number,
  memory?: ReplayMemory,
  causes = true,
): { estimate: Estimate; memory: ReplayMemory; cloud: Cloud } {
  const r = replay(subject, observations, Math.max(0, atH), memory)
  const temperature = temperatureOf(r.observations, subject.temperatureC)
  const w = weightsOf(r.cloud)
  const readiness = Object.fromEntries(READINESS.map(x => [x, 0])) as Record<Readiness, number>
  const stages: Partial<Record<Stage, number>> = {}
  const environment = { temperatureC: temperature(atH / 24) }
  const stocks = r.cloud.map((p, n) => {
    const { family, state, params } = p.culture
    readiness[family.readiness(state, params)] += w[n]!
    const stage = family.stage(state, params)
    // Weights sum to one but for the last bit.
    stages[stage] = Math.min(1, (stages[stage] ?? 0) + w[n]!)
    return family.stock(state, params)
  })
  const courses = lookAhead(r.cloud, w, temperature, subject.seed + 31)
  const ready = courses.flatMap(c => c.readyH ?? [])
  const share = (test: (c: (typeof courses)[number]) => boolean) =>
    courses.filter(test).length / courses.length
  const unwell = readiness.tiring + readiness.failing + readiness.failed
  const pFailed = share(c => c.failed)
  const troubled =
    unwell > TROUBLED ||
    pFailed > TROUBLED ||
    r.remarks.some(x => x.code === 'surprising') ||
    strangersSeen(subject.food, r.observations.slice(r.weekAgo?.from ?? 0)).length > 0 ||
    isCold(subject.food, environment.temperatureC)
  return {
    memory: r.memory,
    cloud: r.cloud,
    estimate: {
      per: stocks[0]!.perCm2 === null ? 'mL' : 'cm2',
      density: bandOf(
        stocks.map(s => s.perCm2 ?? s.perMl ?? 0),
        w,
      ),
      organisms: bandOf(
        stocks.map(s => s.organisms),
        w,
      ),
      surplusPerDay: bandOf(
        r.cloud.map(p =>
          p.culture.family.surplusPerDay(p.culture.state, p.culture.params, {
            temperatureC: environment.temperatureC + p.culture.warmerC,
          }),
        ),
        w,
      ),
      stages,
      readiness,
      readyH:
        ready.length >= courses.length / 2
          ? bandOf(
              ready,
              ready.map(() => 1),
            )
          : null,
      pFailed,
      pCrash3d: share(c => c.crashed),
      nextLook: nextLook(r.cloud, w, subject.food),
      moves: r.moves,
      remarks: r.remarks,
      lean: leanOf(
        r.cloud.map(p => p.lean),
        w,
        signsSeen(r.observations),
      ),
      causes:
        causes && troubled && r.weekAgo
          ? diagnose(subject, r.weekAgo.cloud, r.observations.slice(r.weekAgo.from), temperature)
          : [],
    },
  }
}
