import { SPECIES } from '@renatus/core/fry/species/index'
import { ladder } from '@renatus/core/fry/ladder'
import { EDIBLES } from '@renatus/core/fry/edibles'
import { NO_WISHES } from '@renatus/core/fry/wishes'
import { dryMg, shapeAt } from '@renatus/core/fry/mass'
import { lengthAfter, growthDays } from '@renatus/core/fry/growth'
import { rationEaten } from '@renatus/core/fry/ration'
const dry = (s: any, g: number) => { const l = lengthAfter(s, g); return dryMg(l, s.firstFeedingMm, shapeAt(s, l)) }
const rates = (s: any, T: number) => { let g = 0; return Array.from({ length: 60 }, () => { const gd = growthDays(s, T); const a = dry(s, g); const b = dry(s, g + gd); const l = lengthAfter(s, g); g += gd; return { g: (b - a) / a, t: rationEaten(l, T) } }) }
const weeks = (r: any[]) => [0,7,14,21,28,35,42,49].map(w => { let x = 0; let y = 0; for (const q of r.slice(w, w + 7)) { x += q.g; y += Math.max(q.t, q.g / 0.4) } return x / y })
const first = (s: any) => ladder({ species: s, growthFactor: 1, gapeFactor: 1, temperatureC: () => s.referenceC, fry: () => 100, tankL: 40, mealsPerDay: null, wishes: NO_WISHES }, EDIBLES, 0, 40).find(d => (d.share['brine-shrimp'] ?? 0) >= 0.2)?.day ?? 99
const target: Record<string, number> = { 'neon-tetra': 6, 'cardinal-tetra': 6, 'small-tetras': 6, 'harlequin-rasbora': 9, 'pearl-gourami': 9, 'dwarf-gourami': 9, 'scarlet-badis': 12, betta: 3, medaka: 4, zebrafish: 4, 'celestial-pearl-danio': 8, 'tiger-barb': 3, 'cherry-barb': 7, 'black-tetra': 3, 'blue-eyes': 6 }
const gRange = (s: any, T: number) => Math.min(...weeks(rates(s, T)))
for (const s0 of SPECIES) {
  let s: any = { ...s0 }
  const out: string[] = []
  // too fast
  let f = 1
  const scaled = (f: number) => ({ ...s0, length14Mm: s0.firstFeedingMm * (s0.length14Mm / s0.firstFeedingMm) ** f, length30Mm: s0.firstFeedingMm * (s0.length30Mm / s0.firstFeedingMm) ** f })
  while (Math.max(...rates(s, s.referenceC).map(r => r.g)) > 0.238) { f -= 0.01; s = scaled(f) }
  const temps = [s0.rangeC[0], s0.referenceC, s0.rangeC[1]]
  while (f >= 1 && f < 1.4 && Math.min(...temps.map(T => gRange(s, T))) < 0.203) { f += 0.01; s = scaled(f) }
  if (f !== 1) { s = { ...s, length14Mm: +s.length14Mm.toFixed(1), length30Mm: +s.length30Mm.toFixed(1) }; out.push(`f ${f.toFixed(2)} L14 ${s0.length14Mm}->${s.length14Mm} L30 ${s0.length30Mm}->${s.length30Mm} min ${Math.min(...temps.map(T => gRange(s, T))).toFixed(3)} max ${Math.max(...rates(s, s.referenceC).map(r => r.g)).toFixed(3)}`) }
  const want = target[s0.id]
  if (want !== undefined) {
    let lo = 0.03, hi = 0.15
    for (let i = 0; i < 30; i++) { const m = (lo + hi) / 2; if (first({ ...s, gapePerLength: m }) <= want) hi = m; else lo = m }
    const g = Math.ceil(hi * 1000) / 1000
    out.push(`gape ${s0.gapePerLength}->${g} first ${first(s)}->${first({ ...s, gapePerLength: g })}`)
  } else out.push(`first ${first(s)}`)
  console.log(s0.id.padEnd(24), out.join(' | '))
}
for (const id of ['celestial-pearl-danio', 'scarlet-badis'])
  for (const adult of [1, 1.1, 1.2])
  for (const f of [1, 0.97, 0.94, 0.9, 0.86]) {
    const s0 = SPECIES.find(x => x.id === id)!
    const s: any = { ...s0, adultMm: s0.adultMm * adult, length14Mm: s0.firstFeedingMm * (s0.length14Mm / s0.firstFeedingMm) ** f, length30Mm: s0.firstFeedingMm * (s0.length30Mm / s0.firstFeedingMm) ** f }
    console.log(id, adult, f, s.length14Mm.toFixed(1), s.length30Mm.toFixed(1), [s0.rangeC[0], s0.referenceC, s0.rangeC[1]].map(T => weeks(rates(s, T)).map(x => x.toFixed(2)).join(' ')).join(' | '))
  }
