import { AILMENTS, type Ailment } from '../dynamics/contract'
import type { Food } from '../foods/contract'
import { copyCulture } from '../foods/culture'
import { randomStream } from '../math/random'
import { advance } from './advance'
import { systematic, weightsOf, type Cloud, type Particle } from './cloud'
import { likelihood } from './likelihood'
import type { Observation } from './observation'
import { STRANGER_TELLS, strangersSeen } from './strangers'
import type { Subject } from './subject'

export type CauseId = Ailment | 'cold' | 'hot'

/** A cause that may lie behind what was seen, against a vessel in which nothing is wrong. */
export interface Cause {
  id: CauseId
  /** How much better it explains what was seen; 1 is no better. */
  ratio: number
  /** Share of belief among all causes and none. */
  probability: number
  /** True where it stands in the log, such as a cold that was read; else it would be hidden. */
  known: boolean
}

/** Beliefs before anything was seen (working estimates). */
const BEFORE: Record<CauseId, number> = {
  cold: 0.06,
  hot: 0.05,
  starved: 0.06,
  overfed: 0.05,
  dense: 0.04,
  contaminated: 0.05,
  poisoned: 0.03,
  old: 0.05,
}
const NOTHING = 1 - Object.values(BEFORE).reduce((a, b) => a + b, 0)
/** A cold or a heat that nobody read, degC off the set temperature. */
const HIDDEN_OFF = 5
/** So far below the middle of its range a food is cold, degC. */
const COLD_BELOW_MIDDLE = 4
/** So near to the top of its range a food is hot, degC. */
const HOT_BELOW_TOP = 1
const COURSES = 40

const saysSomething = (o: Observation) => o.kind !== 'action' && o.kind !== 'temperature'
const middleOf = (food: Food) => (food.rangeC[0] + food.rangeC[1]) / 2
/** True where a food is kept so cold that it shows. */
export const isCold = (food: Food, c: number) => c < middleOf(food) - COLD_BELOW_MIDDLE

/** True where a food is kept so warm that it suffers. */
export const isHot = (food: Food, c: number) => c > food.rangeC[1] - HOT_BELOW_TOP

/** Mean likelihood of what was seen since, when something happens at one moment in between. */
function evidence(
  courses: readonly Particle[],
  seen: readonly Observation[],
  temperature: (day: number) => number,
  seed: number,
  onsetH: number,
  wrong: ((p: Particle) => boolean) | null,
): number | null {
  const chance = randomStream(seed)
  const logs: number[] = []
  for (const from of courses) {
    const p: Particle = { ...from, culture: copyCulture(from.culture) }
    let log = 0
    let done = wrong === null
    for (const o of seen) {
      if (!done && o.h > onsetH) {
        advance(p, Math.max(p.culture.ageH, onsetH), temperature, chance)
        if (!wrong!(p)) return null
        done = true
      }
      advance(p, o.h, temperature, chance)
      if (o.kind === 'action') p.culture.family.act(p.culture.state, p.culture.params, o.action)
      else log += likelihood(o, p) ?? 0
    }
    logs.push(log)
  }
  const top = Math.max(...logs)
  return Math.log(logs.reduce((s, l) => s + Math.exp(l - top), 0) / logs.length) + top
}

/**
 * Likely causes, the likeliest first: the last week or two are run again with each thing that can go wrong,
 * and weighed by how well they then explain what was seen.
 * @param weekAgo the cloud before the window
 * @param seen observations in the window, in order
 */
export function diagnose(
  subject: Subject,
  weekAgo: Cloud,
  seen: readonly Observation[],
  temperature: (day: number) => number,
): Cause[] {
  if (!seen.some(saysSomething)) return []
  const picks = systematic(weightsOf(weekAgo), COURSES, 0.5)
  const courses = picks.map(i => weekAgo[i]!)
  const fromH = courses[0]!.culture.ageH
  const toH = seen.at(-1)!.h
  const run = (
    t: (day: number) => number,
    wrong: ((p: Particle) => boolean) | null,
    onsetH = fromH,
  ) => evidence(courses, seen, t, subject.seed + 17, onsetH, wrong)
  // Something may have gone wrong at the beginning, in the middle, or since the look before the last.
  const onsets = [
    ...new Set([fromH, (fromH + toH) / 2, seen.filter(saysSomething).at(-2)?.h ?? fromH]),
  ]
  const nothing = run(temperature, null)!
  const causes: { id: CauseId; log: number; base: number; known: boolean }[] = []

  const meanC = (temperature(fromH / 24) + temperature(toH / 24)) / 2
  const middle = middleOf(subject.food)
  const wasRead = seen.some(o => o.kind === 'temperature')
  const off: [id: 'cold' | 'hot', is: boolean, hidden: number][] = [
    ['cold', isCold(subject.food, meanC), -HIDDEN_OFF],
    ['hot', isHot(subject.food, meanC), HIDDEN_OFF],
  ]
  for (const [id, is, hidden] of off) {
    if (is) {
      const base = run(day => temperature(day) + (middle - meanC), null)!
      causes.push({ id, log: nothing, base, known: true })
    } else if (!wasRead)
      causes.push({
        id,
        log: run(day => temperature(day) + hidden, null)!,
        base: nothing,
        known: false,
      })
  }

  for (const id of AILMENTS) {
    const logs = onsets
      .map(onsetH =>
        run(temperature, p => p.culture.family.ail(p.culture.state, p.culture.params, id), onsetH),
      )
      .filter(l => l !== null)
    if (logs.length === 0) continue
    const top = Math.max(...logs)
    causes.push({
      id,
      log: Math.log(logs.reduce((s, l) => s + Math.exp(l - top), 0) / onsets.length) + top,
      base: nothing,
      known: false,
    })
  }
  const strangers = strangersSeen(subject.food, seen).length > 0 ? STRANGER_TELLS : 1
  const tells = (id: CauseId) => (id === 'contaminated' ? strangers : 1)
  const ratios = causes.map(
    c => tells(c.id) * Math.exp(Math.max(-40, Math.min(40, c.log - c.base))),
  )
  const total = NOTHING + causes.reduce((s, c, n) => s + BEFORE[c.id] * ratios[n]!, 0)
  return causes
    .map((c, n) => ({
      id: c.id,
      known: c.known,
      ratio: ratios[n]!,
      probability: (BEFORE[c.id] * ratios[n]!) / total,
    }))
    .sort((a, b) => b.probability - a.probability)
}
