import highsLoader from 'highs'
import { largeRoom } from './bench/planning'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike } from '@renatus/core/planning/plan/solver'
const solver = highsSolver(await highsLoader() as unknown as HighsLike)
const { state, readings } = largeRoom(12, 30)
for (const k of [1, 2]) {
const t = performance.now(); let inSolve = 0
const plan = planRoom(planRequest({ state, readings, days: 60 }), { solve: (...a) => { const t0 = performance.now(); const r = solver.solve(...a); inSolve += performance.now() - t0; return r } })
console.log(k, (performance.now() - t).toFixed(0), 'solve', inSolve.toFixed(0), plan.status)
}
