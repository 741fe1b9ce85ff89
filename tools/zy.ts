import { before } from '@demo/livedLoft'
import { burnDown, daysUntil } from '@renatus/core/provision/burnDown'
import { provisions } from '@renatus/core/provision/provisions'
import { addDays, daysBetween, instantOf, localDateOf } from '@renatus/core/time/localDate'
import { materialUses } from '@renatus/core/stock/materialUses'
import { cultureUse, cultureUseBehind } from '@renatus/core/provision/cultureUse'
import { roomState } from '@renatus/core/stock/roomState'
import { demoAt } from './rooms/demoAt'
const ZONE='UTC', now='2026-03-24T05:34:00.000Z'
const file = demoAt(now, ZONE)
const whole = roomState(file.records, file.entries, now)!
for (const u of materialUses(whole.entries, whole.cultures, whole.materials.map(m=>m.record))) if (['spirulina','leaf','yeast','apple'].some(x=>u.of?.includes(x)) || false) console.log(u.at.slice(0,10), u.of, u.amount, whole.cultures.find(c=>c.id===u.cultureId)?.name, whole.cultures.find(c=>c.id===u.cultureId)?.foodId)
for (const days of [30,26,22,18,14]) {
  const from = addDays(localDateOf(now, ZONE), -days)
  const at = instantOf(from, '05:00', ZONE)
  const then = before(file, at)
  const state = roomState(then.records, then.entries, at)!
  const ahead = cultureUse(state, 28).feeds, behind = cultureUseBehind(state, addDays(from,-28), 28).feeds
  for (const p of provisions(state, 56, 0.95).items) {
    if (!['Spirulina powder','Dry leaf','Yeast, dry'].includes(p.name)) continue
    const byDay = new Array(days).fill(0)
    const add = (a: string, by: number) => { const d = daysBetween(from, localDateOf(a, ZONE)); if (d>=0 && d<days) byDay[d]+=by }
    for (const u of materialUses(whole.entries, whole.cultures, whole.materials.map(m=>m.record))) if (u.of===p.of||u.materialId===p.id) add(u.at,u.amount)
    const stands = p.use.slice(0,10).reduce((a,b)=>a+b,0)
    const l = burnDown(stands, p.use, p.doubt)
    const sum = byDay.reduce((a,b)=>a+b,0)
    const s = (xs: any[]) => xs.reduce((a,d)=>a+(d[p.of!]??0),0).toFixed(3)
    console.log(days, p.name, 'stands', stands.toFixed(3), JSON.stringify(p.doubt), l&&`${l.p10.toFixed(1)} ${l.p50.toFixed(1)} ${l.p90.toFixed(1)}`, 'took', sum>=stands?daysUntil(stands,byDay).toFixed(1):'>'+days, 'rawAhead', s(ahead), 'rawBehind', s(behind), 'use', p.use.slice(0,12).map(x=>x.toFixed(3)).join(' '))
  }
}
