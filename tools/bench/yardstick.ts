import { execFileSync, spawnSync } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ConsumerParams } from '@renatus/core/dynamics/consumer/parameters'
import type { ConsumerState } from '@renatus/core/dynamics/consumer/step'
import type { LogisticParams } from '@renatus/core/dynamics/logistic/parameters'
import type { LogisticState } from '@renatus/core/dynamics/logistic/state'
import type { SuccessionParams } from '@renatus/core/dynamics/succession/parameters'
import type { SuccessionState } from '@renatus/core/dynamics/succession/step'
import { cappedQ10 } from '@renatus/core/dynamics/thermal'
import { runSteps, startCulture, type Culture } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { ctmi } from '@renatus/core/math/ctmi'

const T = 24
const ENVIRONMENT = { temperatureC: T }
const HOURS = 6
/** Steps in one go: two days, as between two looks. */
const GO = 8
/** Steps after which a course begins anew, so that it is the living course that is timed. */
const ANEW = 240
const RUNS = 5

interface Measured {
  food: string
  steps: number
  /** Numbers as yardstick.c takes them. */
  numbers: (c: Culture) => number[]
  /** Puts a state to its beginning. */
  anew: (c: Culture) => void
  /** What lives in it, summed by both. */
  lives: (c: Culture) => number
}

const worms: Measured = {
  food: 'microworm',
  steps: 4_000_000,
  numbers: c => {
    const p = c.params as unknown as LogisticParams
    const q10 = p.qT ** ((T - p.tRef) / 10)
    return [
      p.rOpt * ctmi(T, p.tMin, p.tOpt, p.tMax),
      p.rOpt * ctmi(p.tRef, p.tMin, p.tOpt, p.tMax),
      p.death * q10,
      q10 / p.tau,
      p.lag,
      Math.min(0.9, p.x0),
    ]
  },
  anew: c => {
    const s = c.state as LogisticState
    const p = c.params as unknown as LogisticParams
    s.x = Math.min(0.9, p.x0)
    s.q = 1
    s.ageD = s.peak = 0
    s.lagLeft = p.lag
    s.crashed = false
  },
  lives: c => {
    const s = c.state as LogisticState
    return s.x + (s.crashed ? 1 : 0)
  },
}

const fleas: Measured = {
  food: 'moina',
  steps: 300_000,
  numbers: c => {
    const p = c.params as unknown as ConsumerParams
    const q = cappedQ10(T, p.q10, p.tRef, p.tCap, p.tMax)
    const rot = p.q10 ** ((Math.min(T, p.tMax) - p.tRef) / 10)
    const { kf, assimilation, settling, tanLoss, dose } = p
    return [
      p.iMax * q,
      p.rho * q,
      p.rotting * rot,
      kf,
      assimilation,
      settling,
      tanLoss,
      p.n0 * p.dryMg,
      dose,
    ]
  },
  anew: c => {
    const s = c.state as ConsumerState
    const p = c.params as unknown as ConsumerParams
    s.f = p.dose
    s.x = s.peak = p.n0 * p.dryMg
    s.d = s.a = s.ageD = s.settledD = s.overfedD = s.lost = 0
    s.crashed = false
  },
  lives: c => {
    const s = c.state as ConsumerState
    return s.x + s.a
  },
}

const jars: Measured = {
  food: 'infusoria',
  steps: 200_000,
  numbers: c => {
    const p = c.params as unknown as SuccessionParams
    const s = c.state as SuccessionState
    const f = 2 ** ((T - 22) / 10)
    const fCiliates = p.qCiliates ** ((T - 22) / 10)
    return [
      (f * p.mu) / p.yield,
      fCiliates * p.graze,
      f * p.deathB,
      fCiliates * (p.deathC + s.loss),
      f * p.hydrolysis,
      p.ks,
      p.kb,
      p.yield,
      p.growthShare,
      p.recycled,
      s.m,
      s.s,
      s.b,
      s.c,
    ]
  },
  anew: c => Object.assign(c.state, c.family.start(c.params as never, c.setup, null)),
  lives: c => {
    const s = c.state as SuccessionState
    return s.b + s.c
  },
}

function run({ steps, anew, lives }: Measured, c: Culture): { sum: number; seconds: number } {
  const from = performance.now()
  let sum = 0
  const go = { due: [], environment: ENVIRONMENT, hours: HOURS, times: GO, endH: 0 }
  for (let i = 0; i < steps; i += GO) {
    if (i % ANEW === 0) anew(c)
    runSteps(c, [go], null)
    sum += lives(c)
  }
  return { sum, seconds: (performance.now() - from) / 1000 }
}

/** Steps of core against the same arithmetic in C, both the best of some runs; the sums must agree. Left out where gcc is not there. */
export function benchYardstick(): void {
  if (spawnSync('gcc', ['--version']).status !== 0)
    return console.log('yardstick: no gcc here, left out')
  const program = join(mkdtempSync(join(tmpdir(), 'yardstick-')), 'yardstick')
  execFileSync('gcc', ['-O2', '-o', program, 'tools/bench/yardstick.c', '-lm'])
  for (const m of [worms, fleas, jars]) {
    const food = foodOf(m.food)!
    const c = startCulture(food, { ...food.methods[0]!, upkeep: [] }, { volumeL: 5 }, null)
    const given = [c.family.id, String(m.steps), ...m.numbers(c).map(String)]
    const inC = Array.from({ length: RUNS }, () => {
      const [sum, seconds] = execFileSync(program, given, { encoding: 'utf8' })
        .split(' ')
        .map(Number)
      return { sum: sum!, seconds: seconds! }
    })
    const inCore = Array.from({ length: RUNS }, () => run(m, c))
    const best = (all: { seconds: number }[]) => Math.min(...all.map(x => x.seconds))
    const apart = Math.abs(inCore[0]!.sum / inC[0]!.sum - 1)
    const ratio = best(inCore) / best(inC)
    const ns = (s: number) => ((s / m.steps) * 1e9).toFixed(0)
    console.log(
      `yardstick ${c.family.id.padEnd(11)} ${ns(best(inCore))} ns a step of 6 h, in C ${ns(best(inC))} ns: ${ratio.toFixed(2)} times; sums ${apart < 1e-9 ? 'agree' : `differ by ${apart.toExponential(1)}`}`,
    )
  }
}
