import { before } from '@demo/livedLoft'
import { burnDown, daysUntil } from '@renatus/core/provision/burnDown'
import type { Provision } from '@renatus/core/provision/provision'
import { provisions } from '@renatus/core/provision/provisions'
import type { Instant } from '@renatus/core/time/localDate'
import { addDays, daysBetween, instantOf, localDateOf } from '@renatus/core/time/localDate'
import { materialUses } from '@renatus/core/stock/materialUses'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { demoAt } from '../rooms/demoAt'

const ZONE = 'Europe/Berlin'
const BACK = [12, 14, 16, 18, 20, 22, 24, 26, 28]
/** As much of each thing as should last so long is taken to stand there, days. */
const STANDS_D = 10
const HORIZON_D = 56
const CERTAINTY = 0.95

/** What was really used of a thing, by day from a date on. */
function usedOf(p: Provision, whole: RoomState, from: string, days: number): number[] {
  const byDay = new Array<number>(days).fill(0)
  const add = (at: Instant, by: number) => {
    const day = daysBetween(from, localDateOf(at, ZONE))
    if (day >= 0 && day < days) byDay[day]! += by
  }
  if (p.kind === 'lot')
    for (const h of whole.hatches) if (h.setup.lotId === p.id) add(h.startedAt, h.setup.cystsG)
  const records = whole.materials.map(m => m.record)
  for (const u of p.kind === 'lot' ? [] : materialUses(whole.entries, whole.cultures, records))
    if (u.of === p.of || u.materialId === p.id) add(u.at, u.amount)
  return byDay
}

/** How often a thing of the lived loft lasted as long as was said four times in five; null where its end was not seen. */
function held(p: Provision, used: readonly number[]): boolean | null {
  const stands = p.use.slice(0, STANDS_D).reduce((a, b) => a + b, 0)
  const lasts = stands > 0 ? burnDown(stands, p.use) : null
  if (!lasts) return null
  const isGone = used.reduce((a, b) => a + b, 0) >= stands
  if (!isGone && lasts.p90 > used.length) return null
  const took = isGone ? daysUntil(stands, used) : Infinity
  return took >= lasts.p10 && took <= lasts.p90
}

/** Whether what is said of how long stores last comes true: the lived loft, asked on days that are past. */
export function benchStores(now: Instant): void {
  const file = demoAt(now, ZONE)
  const whole = roomState(file.records, file.entries, now)!
  const found = new Map<string, boolean[]>()
  for (const days of BACK) {
    const from = addDays(localDateOf(now, ZONE), -days)
    const at = instantOf(from, '05:00', ZONE)
    const then = before(file, at)
    const state = roomState(then.records, then.entries, at)!
    for (const p of provisions(state, HORIZON_D, CERTAINTY).items) {
      if (p.kind !== 'lot' && p.kind !== 'material') continue
      const is = held(p, usedOf(p, whole, from, days))
      if (is !== null) found.set(p.name, [...(found.get(p.name) ?? []), is])
    }
  }
  const all = [...found.values()].flat()
  console.log('\nStores: 80 % intervals of how long something lasts, the lived loft')
  for (const [name, is] of found)
    console.log(`  ${name.padEnd(28)} ${is.filter(Boolean).length} of ${is.length} held`)
  console.log(`  all ${all.filter(Boolean).length} of ${all.length} (wanted 72 to 88 %)`)
}
