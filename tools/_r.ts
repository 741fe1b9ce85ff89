import { demoRoom } from '@demo/demoRoom'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { roomState } from '@renatus/core/stock/roomState'
import { theSolver } from '../tests/core/planning/plan/small'
const s0 = await theSolver(); const NOW = '2026-03-24T05:34:00.000Z'; const f = demoRoom(NOW, 'Europe/Berlin')
const l = learnRoom(f.records, f.entries)!.learned
const st = roomState(f.records, f.entries, NOW, l)!
const readings = readRoom(st)
const t = performance.now()
const a = planRoom(planRequest({ state: st, readings }), s0)
console.log('first', (performance.now() - t).toFixed(0), a.objective, a.starts.length)
const b = planRoom(planRequest({ state: st, readings, begun: a.starts }), s0)
console.log('again', b.objective, JSON.stringify(b.starts.map(s => [s.food, s.on, s.vessels])) === JSON.stringify(a.starts.map(s => [s.food, s.on, s.vessels])))
const later = '2026-03-24T08:04:00.000Z'; const st2 = roomState(f.records, f.entries, later, l)!
const c = planRoom(planRequest({ state: st2, readings: readRoom(st2), begun: a.starts }), s0)
console.log('hours later', c.objective, JSON.stringify(c.starts.map(s => [s.food, s.on, s.vessels])) === JSON.stringify(a.starts.map(s => [s.food, s.on, s.vessels])))
const tom = '2026-03-25T05:34:00.000Z'; const st3 = roomState(f.records, f.entries, tom, l)!
const d = planRoom(planRequest({ state: st3, readings: readRoom(st3), begun: a.starts.map(s => ({ ...s, on: s.on < '2026-03-25' ? '2026-03-25' : s.on })) }), s0)
const key = (x: typeof a) => new Set(x.starts.map(s => [s.food, s.on < '2026-03-25' ? '2026-03-25' : s.on, s.vessels].join(' ')))
console.log('a day later', [...key(d)].filter(x => !key(a).has(x)), [...key(a)].filter(x => !key(d).has(x)))
