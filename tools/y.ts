import { foodOf } from '@renatus/core/foods/index'
import { simulate } from '@renatus/core/foods/simulate'
const rate = (d: any[], a: number, b: number) => Math.log(d[b].organisms / d[a].organisms) / (b - a)
for (const [food, T, volumeL] of [['moina', 26, 10], ['daphnia-pulex', 20, 10], ['daphnia-magna', 20, 10]] as const)
  for (const method of ['yeast', 'green-water', 'yeast-and-spirulina', 'conditioned-water', 'pour-off', 'rolling-three']) {
    const f = foodOf(food)!
    const m = f.methods.find(x => x.id === method)!
    const base = { food: f, method: m, setup: { volumeL }, temperature: () => T, days: 60, seed: 1 }
    const one = simulate({ ...base, actions: [], runs: 1 })
    const alone = simulate({ ...base, actions: [], runs: 200 })
    const ready = Math.round(one.readyDay?.p50 ?? 99)
    const drawn = Array.from({ length: 60 }, (_, day) => day).filter(d => d > ready).map(day => ({ day, kind: 'takeOut' as const, amount: 0.15, unit: 'share' as const }))
    const tended = method === 'pour-off' ? alone : simulate({ ...base, actions: drawn, runs: 200 })
    const unfed = simulate({ ...base, actions: [{ day: 999, kind: 'feed' as const }], runs: 100 })
    console.log(food, method, 'r', rate(one.days, 2, 6).toFixed(2), 'ready', one.readyDay?.p50?.toFixed(1), alone.readyDay && `${alone.readyDay.p10.toFixed(0)}-${alone.readyDay.p90.toFixed(0)}`, 'alone', alone.failedShare, 'tended', tended.failedShare, 'unfed', unfed.failedShare, 'd60', one.days[60]!.organisms.toFixed(0), 'mg/d tended', (0).toFixed(0))
  }
