import type { Readiness } from '../dynamics/contract'
import { randomStream, type RandomStream } from '../math/random'
import { advanceAll, WEEK_H } from './advance'
import {
  copyCloud,
  effectiveNumber,
  resample,
  valuesOf,
  weightsOf,
  type Cloud,
  type Particle,
} from './cloud'
import { likelihood, perMl } from './likelihood'
import type { Observation } from './observation'
import { drawBlur, drawLean } from './observer'
import { starter, type Subject } from './subject'
import { temperatureOf } from './temperatureOf'
import { thermometerSdC, warmerBy } from './thermometer'
import { looksFoul, withTrouble } from './trouble'

export const PARTICLES = 400
/** Below this share of effective particles the cloud is drawn anew. */
const RESAMPLE_BELOW = 0.5
/** A count beyond this many times the densest course is a slip of the pen. */
const IMPOSSIBLE = 300
/** A look whose signs are on the average less likely than this contradicts what was known. */
const SURPRISING = Math.log(0.12)

/** What an observation did to what is believed. */
export interface Move {
  /** Index among the observations given. */
  index: number
  h: number
  /** Geometric mean of density after over before. */
  density: number
  ready: [before: number, after: number]
  failed: [before: number, after: number]
}

export type Remark = {
  code: 'before-start' | 'after-now' | 'impossible-count' | 'surprising'
  index: number
  h: number
}

interface Checkpoint {
  done: number
  cloud: Cloud
  moves: Move[]
  remarks: Remark[]
}

/** What is kept of a vessel between two readings: the cloud at the last log position, and one from about a week before. */
export interface ReplayMemory {
  subject: string
  keys: string[]
  last: Checkpoint
  old: Checkpoint | null
}

export interface Replayed {
  cloud: Particle[]
  moves: readonly Move[]
  remarks: readonly Remark[]
  /** The cloud as it was a week ago, with the index of the first observation after it. */ weekAgo: {
    cloud: Cloud
    from: number
  } | null
  memory: ReplayMemory
  observations: readonly Observation[]
}

/** Below this a density is none, per mL. */
const LEAST_PER_ML = 1e-6
const readinessOf = (p: Particle): Readiness =>
  p.culture.family.readiness(p.culture.state, p.culture.params)

/** What is believed of a cloud under some weights, by what each course is like. */
function summary(logDensity: Float64Array, readiness: readonly Readiness[], w: Float64Array) {
  let [density, ready, failed] = [0, 0, 0]
  for (let i = 0; i < w.length; i++) {
    density += w[i]! * logDensity[i]!
    if (readiness[i] === 'ready') ready += w[i]!
    else if (readiness[i] === 'failing' || readiness[i] === 'failed') failed += w[i]!
  }
  return { density, ready, failed }
}

/** Observations from start to now, in order of time, each with its place in what was given; the others are remarked on. */
function inOrder(observations: readonly Observation[], atH: number) {
  const remarks: Remark[] = []
  const order = observations
    .map((o, index) => ({ o, index }))
    .filter(({ o, index }) => {
      if (o.h < 0) remarks.push({ code: 'before-start', index, h: o.h })
      if (o.h > atH) remarks.push({ code: 'after-now', index, h: o.h })
      return o.h >= 0 && o.h <= atH
    })
    .sort((a, b) => a.o.h - b.o.h || a.index - b.index)
  return { order, remarks }
}

/** All that a memory must share with a replay to be gone on from, besides the observations. */
const identityOf = (subject: Subject, list: readonly Observation[]): string =>
  JSON.stringify([
    subject.food.profile.id,
    subject.method.id,
    subject.setup,
    subject.temperatureC,
    subject.seed,
    subject.priors ?? {},
    subject.known ?? {},
    subject.observer ?? {},
    subject.mishaps ?? true,
    thermometerSdC(subject, list),
    [...new Set(list.flatMap(o => (o.kind === 'action' ? [o.action.kind] : [])))].sort(),
  ])

const NOTHING: { old: Checkpoint | null; at: Checkpoint | null } = { old: null, at: null }

/** Checkpoints of a memory that still hold, the older one and the one to go on from. */
function remembered(
  memory: ReplayMemory,
  keys: readonly string[],
  oldIndex: number,
): typeof NOTHING {
  const fits = (c: Checkpoint | null): c is Checkpoint =>
    !!c && c.done <= keys.length && keys.slice(0, c.done).every((k, i) => k === memory.keys[i])
  const old = fits(memory.old) && memory.old.done <= oldIndex ? memory.old : null
  const goesOn = fits(memory.last) && old?.done === oldIndex
  return { old, at: goesOn ? memory.last : old }
}

/** All courses at the start, before anything was seen. */
function beginning(subject: Subject, list: readonly Observation[]): Checkpoint {
  const chance = randomStream(subject.seed)
  const start = starter(subject, list)
  const sdC = thermometerSdC(subject, list)
  const begin = (n: number) => {
    const culture = start(chance)
    culture.warmerC = warmerBy(n, PARTICLES, sdC)
    return culture
  }
  const cloud = Array.from({ length: PARTICLES }, (_, n) => ({
    culture: begin(n),
    lean: drawLean(chance, subject.observer),
    blur: drawBlur(chance),
    logWeight: 0,
    readyH: null,
  }))
  return { done: 0, cloud, moves: [], remarks: [] }
}

/** A count that no course could give is a slip of the pen: it is remarked on and not believed. */
const impossible = (o: Observation, cloud: readonly Particle[]) =>
  o.kind === 'count' && o.animals / o.ml > IMPOSSIBLE * Math.max(1, ...cloud.map(perMl))

/** Weighs the courses by what was seen, and says how far that moved what is believed. */
function weigh(o: Observation, cloud: readonly Particle[]) {
  const before = weightsOf(cloud)
  const readiness = cloud.map(readinessOf)
  const logDensity = valuesOf(cloud, p => Math.log(Math.max(LEAST_PER_ML, perMl(p))))
  const was = summary(logDensity, readiness, before)
  let evidence = 0
  for (let n = 0; n < cloud.length; n++) {
    const log = likelihood(o, cloud[n]!) ?? 0
    cloud[n]!.logWeight += log
    evidence += before[n]! * Math.exp(log)
  }
  const signs = o.kind === 'look' ? Math.max(1, Object.keys(o.signs).length) : Infinity
  const weights = weightsOf(cloud)
  const is = summary(logDensity, readiness, weights)
  const move = {
    density: Math.exp(is.density - was.density),
    ready: [was.ready, is.ready] as [number, number],
    failed: [was.failed, is.failed] as [number, number],
  }
  return { move, weights, surprising: Math.log(evidence) / signs < SURPRISING }
}

const copyCheckpoint = (c: Checkpoint): Checkpoint => ({
  done: c.done,
  cloud: copyCloud(c.cloud),
  moves: [...c.moves],
  remarks: [...c.remarks],
})

/** Takes an observation into a cloud that has come to its hour. */
function observe(
  at: Checkpoint,
  o: Observation,
  index: number,
  chance: RandomStream,
  mishaps: { temperatureC: number } | null,
): void {
  if (o.kind === 'action')
    for (const { culture: c } of at.cloud) c.family.act(c.state, c.params, o.action)
  if (o.kind === 'action' || o.kind === 'temperature') return
  const about = { index, h: o.h }
  if (impossible(o, at.cloud)) {
    at.remarks.push({ code: 'impossible-count', ...about })
    return
  }
  if (mishaps && o.kind === 'look' && looksFoul(o.signs))
    at.cloud = withTrouble(at.cloud, mishaps.temperatureC, chance)
  const { move, weights, surprising } = weigh(o, at.cloud)
  if (surprising) at.remarks.push({ code: 'surprising', ...about })
  at.moves.push({ ...about, ...move })
  if (effectiveNumber(weights) < RESAMPLE_BELOW * at.cloud.length)
    at.cloud = resample(at.cloud, weights, chance)
}

/**
 * Replays setup and observations to a moment: every observation is one step of the filter.
 * Each step has a stream of chance of its own, so that going on from a memory gives what starting anew gives.
 * @param observations in any order; what lies before the start or after the moment is left out and remarked on
 */
export function replay(
  subject: Subject,
  observations: readonly Observation[],
  atH: number,
  memory?: ReplayMemory,
): Replayed {
  const { order, remarks } = inOrder(observations, atH)
  const list = order.map(x => x.o)
  const keys = order.map(x => `${x.index}${JSON.stringify(x.o)}`)
  const identity = identityOf(subject, list)
  const temperature = temperatureOf(list, subject.temperatureC)

  // Diagnosis starts one to two weeks back, at a whole week, so that it does not depend on what is remembered.
  const oldH = (Math.floor((list.at(-1)?.h ?? 0) / WEEK_H) - 1) * WEEK_H
  const oldIndex = list.findIndex(o => o.h > oldH)

  const known = memory?.subject === identity ? remembered(memory, keys, oldIndex) : NOTHING
  let old = known.old
  const last = copyCheckpoint(known.at ?? beginning(subject, list))
  for (const [i, { o, index }] of order.entries()) {
    if (i < last.done) continue
    if (i === oldIndex && old?.done !== i) old = copyCheckpoint(last)
    const chance = randomStream(subject.seed + 7919 * (i + 1))
    advanceAll(last.cloud, o.h, temperature, chance, subject.mishaps !== false)
    const befalls = subject.mishaps === false ? null : { temperatureC: temperature(o.h / 24) }
    observe(last, o, index, chance, befalls)
    last.done = i + 1
  }
  const chance = randomStream(subject.seed + 7919 * (list.length + 1))
  const now = copyCloud(last.cloud)
  advanceAll(now, atH, temperature, chance, false)
  return {
    cloud: now,
    moves: last.moves,
    remarks: [...remarks, ...last.remarks].sort((a, b) => a.h - b.h),
    weekAgo: old ? { cloud: old.cloud, from: old.done } : null,
    memory: { subject: identity, keys, last, old },
    observations: list,
  }
}
