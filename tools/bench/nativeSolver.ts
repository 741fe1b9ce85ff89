import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import highsLoader from 'highs'
import {
  highsOptions,
  highsSolver,
  type HighsLike,
  type SolveLimits,
  type Solver,
} from '@renatus/core/math/solver'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { largeRoom } from './largeRoom'

const PYTHON = process.env.PYTHON ?? 'python3'
const SCRIPT = new URL('./native_solver.py', import.meta.url).pathname
/** The same plan so many times; the quickest solve of each programme counts, here and there. */
const RUNS = 3

interface Programme {
  text: string
  limits: SolveLimits
  /** Quickest solve, s. */ seconds: number
  objective: number
}

/** The programmes of one plan, in their order, each with its quickest solve of some runs. */
function programmesOf(solver: Solver, broods: number, cultures: number, days: number) {
  const programmes: Programme[] = []
  for (let run = 0; run < RUNS; run++) {
    let n = 0
    const watched: Solver = {
      solve: (text, limits, progress) => {
        const from = performance.now()
        const solved = solver.solve(text, limits, progress)
        const seconds = (performance.now() - from) / 1000
        const known = programmes[n]
        programmes[n++] = {
          text,
          limits,
          seconds: Math.min(seconds, known?.seconds ?? Infinity),
          objective: solved.objective,
        }
        return solved
      },
    }
    const { state, readings } = largeRoom(broods, cultures)
    planRoom(planRequest({ state, readings, days }), watched)
  }
  return programmes
}

/** Seconds and objectives of native HiGHS; null where there is none. */
function solvedNatively(programmes: readonly Programme[]) {
  const folder = mkdtempSync(join(tmpdir(), 'programmes-'))
  const paths = programmes.map((p, i) => {
    const path = join(folder, `${i}`)
    writeFileSync(`${path}.lp`, p.text)
    writeFileSync(`${path}.json`, JSON.stringify(highsOptions(p.limits)))
    return path
  })
  const runs = Array.from({ length: RUNS }, () => {
    const { status, stdout } = spawnSync(PYTHON, [SCRIPT, ...paths], { encoding: 'utf8' })
    return status === 0
      ? stdout
          .trim()
          .split('\n')
          .map(line => line.split(' ').map(Number))
      : null
  })
  if (runs.some(r => r === null)) return null
  return programmes.map((_, i) => ({
    seconds: Math.min(...runs.map(r => r![i]![0]!)),
    objective: runs[0]![i]![1]!,
  }))
}

/** What the page's solver costs against native HiGHS on the same programmes, where PYTHON has highspy. */
export async function benchNativeSolver(): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  for (const [broods, cultures, days] of [
    [6, 15, 60],
    [12, 30, 60],
    [24, 50, 60],
    [40, 80, 90],
  ] as const) {
    const ours = programmesOf(solver, broods, cultures, days)
    const native = solvedNatively(ours)
    if (native === null) {
      console.log(`native solver: not here (${PYTHON} with highspy is needed)`)
      return
    }
    const sum = (of: readonly { seconds: number }[]) => of.reduce((s, p) => s + p.seconds, 0)
    const apart = Math.max(...ours.map((p, i) => Math.abs(p.objective - native[i]!.objective)))
    console.log(
      `solves of ${broods} broods, ${cultures} cultures, ${days} days`.padEnd(44),
      `${sum(ours).toFixed(2)} s here, ${sum(native).toFixed(2)} s native: ${(sum(ours) / sum(native)).toFixed(2)} times in ${ours.length} programmes, at most ${Math.max(...ours.map((p, i) => p.seconds / native[i]!.seconds)).toFixed(2)}; objectives apart by at most ${apart.toFixed(2)}`,
    )
  }
}
