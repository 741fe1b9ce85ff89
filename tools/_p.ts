import highsLoader from 'highs'
import { demoRoom } from '@demo/demoRoom'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike } from '@renatus/core/planning/plan/solver'
import { running } from '@renatus/core/stock/cultures'
import { roomState } from '@renatus/core/stock/roomState'
(globalThis as never as Record<string,boolean>).HLOG = process.env.HLOG === "1"
const NOW = '2026-03-24T05:34:00.000Z'
const file = demoRoom(NOW, 'Europe/Berlin')
const learned = learnRoom(file.records, file.entries)!.learned
const state = roomState(file.records, file.entries, NOW, learned)!
let t = performance.now()
const readings = new Map(running(state.cultureStates).map(c => [c.id, readCulture(c.record, state.entries, learned, NOW, undefined, { places: state.places, ahead: true })!.reading]))
console.log('read', readings.size, (performance.now() - t).toFixed(0))
const solver = highsSolver(await highsLoader() as unknown as HighsLike)
import { writeFileSync } from 'node:fs'
let nn = 0
const wrapped = { solve: (...a: Parameters<typeof solver.solve>) => { writeFileSync(`/tmp/lp${nn++}.lp`, a[0]); const t0 = performance.now(); const r = solver.solve(...a); console.log('  solve', (performance.now() - t0).toFixed(0), r.status, r.objective.toFixed(3), r.bound.toFixed(3), 'text', a[0].length, 'ints', (a[0].split('General')[1] ?? '').split('\n').length); return r } }
t = performance.now()
const days = Number(process.argv[2] ?? 60)
const plan = planRoom(planRequest({ state, readings, days }), wrapped)
console.log('plan', (performance.now() - t).toFixed(0), plan.status, plan.objective.toFixed(2), plan.gap.toFixed(4))
for (const c of running(state.cultureStates)) console.log('  run', c.record.name, c.record.foodId, readings.get(c.id)!.ahead!.days.filter((_, i) => i % 4 === 0).map(d => d.gives.p50.toExponential(1)).join(' '), 'lost', readings.get(c.id)!.ahead!.days.at(-1)!.lost)
for (const s of plan.starts) console.log(s.on, s.vessels, s.food, s.method, s.vessel, s.bought ? `bought, order by ${s.orderBy}` : '', '|', s.why.rule)
for (const h of plan.hatches.slice(0, 12)) console.log('  hatch', h.vessel, h.startAt, h.pullsAt.join(' '), h.cystsG)
console.log('hatches', plan.hatches.length, 'grams', plan.hatches.reduce((g, h) => g + h.cystsG, 0))
for (const l of plan.lastStarts) console.log('  last', state.broods.find(b => b.id === l.brood)!.name, l.food, l.on, 'need', l.neededOn, l.likely.toFixed(2))
for (const g of plan.gaps) { console.log('GAP', state.broods.find(b => b.id === g.brood)!.name, g.from, g.to, g.share.toFixed(2)); for (const w of g.ways.slice(0, 6)) console.log('    ', w.kind, w.food, w.helpsFrom, w.closes.toFixed(2), w.likely.toFixed(2), w.cost) }
for (const b of state.broods) { const c = plan.cover.filter(x => x.brood === b.id); console.log(b.name, b.freeOn, c.map(x => Math.round(x.probability * 100)).join(' ')) }
