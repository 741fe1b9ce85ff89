import { READINESS, type Readiness, type Sign, type Stage } from '../dynamics/contract'
import type { Food, FoodMethod } from '../foods/contract'
import { copyCulture, runCulture, startCulture, type Culture, type CultureSetup } from '../foods/culture'
import { randomStream, type RandomStream } from '../math/random'
import { countLikelihood, gradeChance, lookLikelihood, type Observation } from './observation'

export const PARTICLES = 400
/** Below this share of effective particles the cloud is drawn anew. */
const RESAMPLE_BELOW = 0.5
/** Log spread of the nudge of parameters and population that keeps copies of one particle apart. */
const JITTER = 0.03
const STATE_JITTER = 0.1
/** Days looked ahead for readiness. */
const AHEAD_D = 60
const CRASH_D = 3

export interface EstimateInput {
  food: Food
  method: FoodMethod
  setup: CultureSetup
  /** Temperature where none was read. */
  temperatureC: number
  observations: readonly Observation[]
  /** Hours since the start for which the estimate is wanted. */
  atH: number
  seed: number
}

export interface Band { p10: number, p50: number, p90: number }

export interface Estimate {
  /** Per mL, or per cm2 where it lives on a surface. */
  density: Band
  organisms: Band
  stages: Partial<Record<Stage, number>>
  readiness: Record<Readiness, number>
  /** Hours since the start at which it is, or was, first ready; null when most of the cloud never is. */
  readyH: Band | null
  pFailed: number
  pCrash3d: number
  /** The look that would tell most, and by how much it is expected to lessen the doubt, bits. */
  nextLook: { sign: Sign, gain: number } | null
}

interface Particle { culture: Culture, logWeight: number, readyH: number | null }

/** Weighted quantiles of some values. */
function band(values: readonly { x: number, w: number }[]): Band {
  const sorted = [...values].sort((a, b) => a.x - b.x)
  const total = sorted.reduce((s, v) => s + v.w, 0)
  const at = (share: number) => {
    let sum = 0
    for (const v of sorted) {
      sum += v.w
      if (sum >= share * total) return v.x
    }
    return sorted.at(-1)?.x ?? 0
  }
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) }
}

function weights(cloud: readonly Particle[]): number[] {
  const top = Math.max(...cloud.map(p => p.logWeight))
  const raw = cloud.map(p => Math.exp(p.logWeight - top))
  const sum = raw.reduce((a, b) => a + b, 0)
  return raw.map(w => w / sum)
}

/** Systematic resampling (Kitagawa 1996) with a small nudge of the parameters, so that copies do not stay one. */
function resample(cloud: Particle[], w: readonly number[], chance: RandomStream): Particle[] {
  const step = 1 / cloud.length
  let at = chance.next() * step
  let sum = w[0]!
  let i = 0
  return cloud.map(() => {
    while (sum < at && i < cloud.length - 1) sum += w[++i]!
    at += step
    const from = cloud[i]!
    const culture = copyCulture(from.culture)
    const params = { ...culture.params }
    for (const [key, p] of Object.entries(culture.food.parameters)) if (p.logSd > 0) params[key] = params[key]! * Math.exp(chance.normal(0, JITTER))
    culture.family.nudge(culture.state, Math.exp(chance.normal(0, STATE_JITTER)))
    return { culture: { ...culture, params }, logWeight: 0, readyH: from.readyH }
  })
}

/** Reads a vessel from what was seen of it: a cloud of possible courses, weighed by every observation, replayed with a fixed seed. */
export function estimate(i: EstimateInput): Estimate {
  const chance = randomStream(i.seed)
  const temperatures = i.observations.filter(o => o.kind === 'temperature').sort((a, b) => a.h - b.h)
  const temperature = (day: number) => temperatures.findLast(t => t.h <= day * 24 + 1e-9)?.c ?? i.temperatureC
  let cloud: Particle[] = Array.from({ length: PARTICLES }, () => ({ culture: startCulture(i.food, i.method, i.setup, chance), logWeight: 0, readyH: null }))
  const advance = (p: Particle, toH: number) => {
    while (p.culture.ageH < toH - 1e-6) {
      runCulture(p.culture, Math.min(6, toH - p.culture.ageH), temperature, chance)
      if (p.readyH === null && p.culture.family.readiness(p.culture.state, p.culture.params) === 'ready') p.readyH = p.culture.ageH
    }
  }
  // What lies before the start or after the moment asked for is left out: it cannot have been this vessel, or is not known yet.
  for (const o of [...i.observations].filter(x => x.h >= 0 && x.h <= i.atH).sort((a, b) => a.h - b.h)) {
    for (const p of cloud) {
      const { culture: c } = p
      advance(p, o.h)
      if (o.kind === 'action') c.family.act(c.state, c.params, o.action)
      else if (o.kind === 'look') p.logWeight += lookLikelihood(o.signs, c.family.look(c.state, c.params))
      else if (o.kind === 'count') p.logWeight += countLikelihood(o.animals, o.ml, c.family.stock(c.state, c.params).organisms / (c.setup.volumeL * 1000))
    }
    const w = weights(cloud)
    if (1 / w.reduce((s, x) => s + x * x, 0) < RESAMPLE_BELOW * PARTICLES) cloud = resample(cloud, w, chance)
  }
  for (const p of cloud) advance(p, i.atH)
  return read(cloud, weights(cloud), temperature, chance, i)
}

function read(cloud: readonly Particle[], w: readonly number[], temperature: (day: number) => number, chance: RandomStream, i: EstimateInput): Estimate {
  const readiness = Object.fromEntries(READINESS.map(r => [r, 0])) as Record<Readiness, number>
  const stages: Partial<Record<Stage, number>> = {}
  const density: { x: number, w: number }[] = []
  const organisms: { x: number, w: number }[] = []
  const ready: { x: number, w: number }[] = []
  let pFailed = 0
  let pCrash3d = 0
  cloud.forEach((p, n) => {
    const { culture: c } = p
    const weight = w[n]!
    const state = c.family.readiness(c.state, c.params)
    const stage = c.family.stage(c.state, c.params)
    readiness[state] += weight
    stages[stage] = (stages[stage] ?? 0) + weight
    const stock = c.family.stock(c.state, c.params)
    density.push({ x: stock.perCm2 ?? stock.perMl ?? 0, w: weight })
    organisms.push({ x: stock.organisms, w: weight })
    const ahead = copyCulture(c)
    let readyH = p.readyH
    let crashed = stage === 'crashed'
    for (let h = 0; h < AHEAD_D * 24 && (readyH === null || h < CRASH_D * 24); h += 6) {
      runCulture(ahead, 6, temperature, chance)
      if (readyH === null && ahead.family.readiness(ahead.state, ahead.params) === 'ready') readyH = ahead.ageH
      if (h < CRASH_D * 24 && ahead.family.stage(ahead.state, ahead.params) === 'crashed') crashed = true
      if (crashed && h >= CRASH_D * 24) break
    }
    if (readyH !== null) ready.push({ x: readyH, w: weight })
    // It failed when it is gone, or when it never will be of use.
    if (state === 'failed' || (readyH === null && state !== 'resting')) pFailed += weight
    if (crashed) pCrash3d += weight
  })
  const everReady = ready.reduce((s, r) => s + r.w, 0)
  return { density: band(density), organisms: band(organisms), stages, readiness, readyH: everReady >= 0.5 ? band(ready) : null, pFailed, pCrash3d, nextLook: nextLook(cloud, w, readiness, i.food) }
}

const entropy = (p: readonly number[]) => p.reduce((s, x) => (x > 0 ? s - x * Math.log2(x) : s), 0)

/** The sign whose grade is expected to lessen the doubt about readiness most. */
function nextLook(cloud: readonly Particle[], w: readonly number[], prior: Record<Readiness, number>, food: Food): Estimate['nextLook'] {
  const before = entropy(Object.values(prior))
  const looks = cloud.map(p => p.culture.family.look(p.culture.state, p.culture.params))
  const states = cloud.map(p => READINESS.indexOf(p.culture.family.readiness(p.culture.state, p.culture.params)))
  let best: Estimate['nextLook'] = null
  for (const sign of Object.keys(food.signs) as Sign[]) {
    let after = 0
    for (let grade = 0; grade < food.signs[sign]!.length; grade++) {
      const posterior = READINESS.map(() => 0)
      looks.forEach((look, n) => {
        const e = look[sign]
        if (e) posterior[states[n]!]! += w[n]! * gradeChance(grade, e.grade, e.sd)
      })
      const p = posterior.reduce((a, b) => a + b, 0)
      if (p > 0) after += p * entropy(posterior.map(x => x / p))
    }
    const gain = before - after
    if (best === null || gain > best.gain) best = { sign, gain }
  }
  return best && best.gain > 0.01 ? best : null
}
