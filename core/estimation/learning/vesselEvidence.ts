import type { Food } from '../../foods/contract'
import { roomLogShifts } from '../../foods/roomLogShifts'
import type { Sign } from '../../dynamics/contract'
import { weightsOf, type Cloud } from '../cloud'
import { leanOf, type LeanBelief } from '../observer'
import type { Observation } from '../observation'
import { replay } from '../replay'
import { roomLogSd, type Subject } from '../subject'
import { evidenceOf, type Evidence } from './pool'

/** What a vessel taught: by parameter, against the book; and whether it was ever of use. */
export interface VesselEvidence {
  /** What it was worked out from; the same gives the same. */
  key: string
  parameters: Record<string, Evidence>
  /** Chance that it was ready at some time, and that it is lost. */
  wasReady: number
  failed: number
  /** What it taught of who looked at it. */
  lean: LeanBelief
}

const TELLS = ['look', 'count', 'density', 'yield', 'refused']

const signsSeen = (observations: readonly Observation[]): ReadonlySet<Sign> =>
  new Set(observations.flatMap(o => (o.kind === 'look' ? (Object.keys(o.signs) as Sign[]) : [])))

/** Belief about the logarithm of a parameter before anything was seen, against the book's median. */
export const beforehand = (food: Food, subject: Pick<Subject, 'priors'>, key: string) => ({
  mean: subject.priors?.[key]?.logShift ?? roomLogShifts(food)[key] ?? 0,
  sd: subject.priors?.[key]?.logSd ?? roomLogSd(food.parameters[key]!),
})

function posterior(cloud: Cloud, w: Float64Array, key: string, base: number) {
  let mean = 0
  cloud.forEach((p, i) => {
    mean += w[i]! * Math.log(p.culture.params[key]! / base)
  })
  let v = 0
  cloud.forEach((p, i) => {
    v += w[i]! * (Math.log(p.culture.params[key]! / base) - mean) ** 2
  })
  return { mean, sd: Math.sqrt(Math.max(v, 1e-8)) }
}

/**
 * Reads a vessel up to the last thing that was seen of it, and says what it taught about some of its parameters.
 * Null while nothing was seen of it.
 * @param keys parameters of interest; those that the food knows exactly are passed over
 */
export function vesselEvidence(
  subject: Subject,
  observations: readonly Observation[],
  keys: readonly string[],
  cached: VesselEvidence | undefined,
): VesselEvidence | null {
  const last = observations.findLast(o => TELLS.includes(o.kind))
  if (!last) return null
  const { food, method, setup, temperatureC, priors, known } = subject
  const key = JSON.stringify([
    food.profile.id,
    method.id,
    setup,
    temperatureC,
    priors,
    known,
    observations,
  ])
  if (cached?.key === key) return cached
  const { cloud } = replay({ ...subject, mishaps: false }, observations, last.h)
  const w = weightsOf(cloud)
  const parameters: Record<string, Evidence> = {}
  for (const parameter of keys) {
    const before = beforehand(food, subject, parameter)
    if (before.sd <= 0) continue
    const base =
      (method.sets?.[parameter] ??
        food.kinds.find(k => k.id === setup.kind)?.parameters[parameter] ??
        food.parameters[parameter]!.median) * (method.factors?.[parameter] ?? 1)
    const e = evidenceOf(before, posterior(cloud, w, parameter, base))
    if (e) parameters[parameter] = e
  }
  const share = (test: (p: Cloud[number]) => boolean) =>
    cloud.reduce((s, p, i) => s + (test(p) ? w[i]! : 0), 0)
  return {
    key,
    parameters,
    wasReady: share(p => p.readyH !== null),
    lean: leanOf(
      cloud.map(p => p.lean),
      w,
      signsSeen(observations),
    ),
    failed: share(({ culture: c }) => c.family.readiness(c.state, c.params) === 'failed'),
  }
}
