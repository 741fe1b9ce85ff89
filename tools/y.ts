import { SPECIES } from '@renatus/core/fry/species/index'
import { ladder } from '@renatus/core/fry/ladder'
import { EDIBLES } from '@renatus/core/fry/edibles'
import { NO_WISHES } from '@renatus/core/fry/wishes'
import { dryMg, shapeAt } from '@renatus/core/fry/mass'
import { lengthAfter, growthDays } from '@renatus/core/fry/growth'
const dry = (s: any, d: number, T: number) => { const l = lengthAfter(s, d * growthDays(s, T)); return dryMg(l, s.firstFeedingMm, shapeAt(s, l)) }
for (const s of SPECIES) {
  const T = s.referenceC
  const days = ladder({ species: s, growthFactor: 1, gapeFactor: 1, temperatureC: () => T, fry: () => 100, tankL: 40, mealsPerDay: null, wishes: NO_WISHES }, EDIBLES, 0, 60)
  const first = days.find(d => (d.share['brine-shrimp'] ?? 0) >= 0.2)?.day
  const eff = [0, 7, 14, 21, 28, 42, 56].map(w => { let g = 0, r = 0; for (let d = w; d < w + 7 && d < 60; d++) { g += dry(s, d + 1, T) - dry(s, d, T); r += days[d]!.dryRationMg } return (g / r).toFixed(2) })
  const g0 = ((dry(s, 1, T) - dry(s, 0, T)) / dry(s, 0, T)).toFixed(2)
  const share0 = (days[0]!.share['brine-shrimp'] ?? 0).toFixed(2)
  console.log(s.id.padEnd(26), 'first', String(first).padEnd(5), 'd0', share0, 'g0', g0, 'eff', eff.join(' '), '|', s.firstFood.slice(0, 48))
}
