import highsLoader from 'highs'
import { demoAt } from './rooms/demoAt'
import { planRoom, type CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { makeId } from '@renatus/core/records/id'
import { anyRecord } from '@renatus/core/records/records'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { running } from '@renatus/core/stock/cultures'
import { roomState } from '@renatus/core/stock/roomState'
import { addDays } from '@renatus/core/time/localDate'
const NOW = '2026-03-24T05:34:00.000Z'
const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
function show(name: string, plan: CulturePlan, ms: number) {
  console.log("objective", plan.objective.toFixed(2), "gap", plan.gap.toFixed(4))
  const vessels = plan.starts.reduce((n, s) => n + s.vessels, 0)
  const ok = plan.cover.filter(c => c.probability >= 0.9).length
  const by: Record<string, number> = {}
  for (const s of plan.starts) by[s.food] = (by[s.food] ?? 0) + s.vessels
  console.log(`${name}: ${(ms / 1000).toFixed(1)} s ${plan.status}, ${plan.starts.length} starts, ${vessels} vessels ${JSON.stringify(by)}, hatches ${plan.hatches.length}, orders ${plan.starts.filter(s => (s as any).bought || (s as any).order).length}, cover>=90% on ${ok} of ${plan.cover.length} (${(100 * ok / plan.cover.length).toFixed(0)} %), gaps ${plan.gaps.length}`)
  for (const s of plan.starts) console.log('   ', s.on, s.vessels, s.food, s.method)
}
const which = process.argv[2] ?? 'both'
if (which !== 'new') {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const state = roomState(demo.records, demo.entries, NOW)!
  const of = entriesByCulture(effectiveEntries(demo.entries))
  const readings = new Map(running(state.cultureStates).flatMap(c => { const r = readCulture(c.record, of(c.id), NOTHING_LEARNED, NOW, undefined, { ahead: true, places: state.places }); return r ? [[c.id, r.reading] as const] : [] }))
  { const { buildProblem } = await import('@renatus/core/planning/plan/buildProblem'); const b = buildProblem(planRequest({ state, readings, days: 60 }), 60); console.log('minutes', b.problem.minutes.map(m => m.toFixed(0)).join(' ')); console.log(b.problem.running.map(r => r.food + ' ' + r.dayMinutes.toFixed(1) + ' ' + r.surplus.filter(x => x > 0).length).join('; ')); console.log([...new Set(b.starts.map(s => s.food + ' start ' + s.startMinutes + ' day ' + s.dayMinutes.toFixed(1)))].join('; ')) }
  for (const days of process.argv[3] ? [Number(process.argv[3])] : [60]) {
    const t = performance.now()
    show(`demo ${days} days`, planRoom(planRequest({ state, readings, days }), solver, undefined, p => { if (process.env.TRACE) console.log(p.solve, p.seconds.toFixed(1), p.gap.toFixed(4)); return true }), performance.now() - t)
  }
}
if (which !== 'demo') {
  let n = 0
  const id = () => makeId(3_000_000 + n++, new Uint8Array(10))
  const base = () => ({ id: id(), updatedAt: NOW, removedAt: null })
  const place = id(); const [ta, tb] = [id(), id()]
  const records = [
    { ...base(), type: 'room', name: 'New', timeZone: 'Europe/Berlin', rounds: [{ name: 'Morning', at: '06:30' }, { name: 'Evening', at: '19:00' }], measures: 'metric', water: { pH: null, soft: false }, hatchSaltGL: 25, foods: ['brine-shrimp', 'infusoria', 'vinegar-eel', 'microworm', 'first-powder'] },
    { ...base(), id: place, type: 'place', name: 'Rack' },
    { ...base(), type: 'vessel', placeId: place, name: 'Cone', kind: 'cone', hatching: true, litres: 2, temperatureC: 26, lit: true },
    { ...base(), type: 'lot', name: 'Tin', hatch: 0.8, cystsPerG: 270000, speed: 1, spread: 0.17, gramsAtStart: 100, price: 30, priceGrams: 100 },
    { ...base(), id: ta, type: 'tank', placeId: place, name: 'Tank 1', litres: 60, temperatureC: 26 },
    { ...base(), id: tb, type: 'tank', placeId: place, name: 'Tank 2', litres: 30, temperatureC: 25 },
    { ...base(), type: 'brood', name: 'Gouramis', speciesId: 'pearl-gourami', tankId: ta, anchor: { event: 'spawned', on: addDays('2026-03-24' as never, 10), kind: 'expected', spreadDays: 3 }, fry: 150, countedOn: '2026-03-24' },
    { ...base(), type: 'brood', name: 'Gudgeons', speciesId: 'peacock-gudgeon', tankId: tb, anchor: { event: 'free', on: addDays('2026-03-24' as never, 1), kind: 'seen', spreadDays: 0 }, fry: 60, countedOn: '2026-03-24' },
  ].map(r => anyRecord.parse(r))
  const state = roomState(records, [], NOW)!
  const t = performance.now()
  if (process.argv[3]) { const { planDemand } = await import('@renatus/core/planning/plan/demand'); for (const b of planDemand(state, state.today, 40)) console.log(b.day, b.brood.slice(-2), b.standby ?? '', b.foods.map(f => `${f.food} ${f.preferred.toFixed(2)}/${f.most.toFixed(2)} ${f.organisms.toFixed(0)} w${f.worth.toFixed(2)}`).join(', ')) }
  show('new room', planRoom(planRequest({ state, readings: new Map(), days: 60 }), solver), performance.now() - t)
}
if (process.argv[2] === 'new' && process.argv[3]) {
  const { planDemand } = await import('@renatus/core/planning/plan/demand')
  console.log('demand')
}
