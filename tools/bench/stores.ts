import { before } from '@demo/before'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { demoAt } from '../rooms/demoAt'
import { burnDown, daysUntil } from '@renatus/core/provision/burnDown'
import type { Provision } from '@renatus/core/provision/provision'
import { provisions } from '@renatus/core/provision/provisions'
import type { Instant, LocalDate } from '@renatus/core/time/localDate'
import { addDays, daysBetween, instantOf, localDateOf } from '@renatus/core/time/localDate'
import { grams } from '@renatus/core/units/quantity'
import { materialUses } from '@renatus/core/stock/materialUses'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'

const ZONE = 'UTC'
const BACK = [14, 18, 22, 26, 30]
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
  const lasts = stands > 0 ? burnDown(stands, p.use, p.doubt) : null
  if (!lasts) return null
  const isGone = used.reduce((a, b) => a + b, 0) >= stands
  if (!isGone && lasts.p90 > used.length) return null
  const took = isGone ? daysUntil(stands, used) : Infinity
  return took >= lasts.p10 && took <= lasts.p90
}

/** Rooms: the lived loft with the habits of as many people. */
const PEOPLE = 12

/** How somebody keeps to what is said: what is left out, how much goes in, and how both wander from week to week. */
interface Habits {
  skips: number
  factor: number
  wanders: readonly number[]
}
const habitsOf = (chance: RandomStream, spread: number): Habits => {
  let wander = 0
  const wanders = Array.from({ length: 12 }, () => Math.exp((wander += chance.normal(0, 0.12))))
  return { skips: 0.4 * chance.next(), factor: Math.exp(chance.normal(0, spread)), wanders }
}

interface Log {
  records: AnyRecord[]
  entries: Entry[]
}

/** The same room in other hands: hatches and feeds are left out, larger or smaller, by habits that nobody tells the app. */
function inOtherHands({ records, entries }: Log, chance: RandomStream): Log {
  const begun = Date.parse(entries[0]!.at)
  const hatching = habitsOf(chance, 0.35)
  const feeding = new Map<string, Habits>()
  const of = (h: Habits, e: Entry) =>
    h.factor * h.wanders[Math.min(11, Math.floor((Date.parse(e.at) - begun) / (7 * 86_400_000)))]!
  const left = new Set<string>()
  const lived = entries.flatMap((e): Entry[] => {
    if (e.kind === 'culture.started' && chance.next() < hatching.skips) left.add(e.data.cultureId)
    if (e.kind === 'culture.started' && e.data.hatch) {
      const { hatch } = e.data
      const by = of(hatching, e)
      const more = { cystsG: grams(hatch.cystsG * by), saltG: grams(hatch.saltG * by) }
      return [{ ...e, data: { ...e.data, hatch: { ...hatch, ...more } } }]
    }
    if (e.kind !== 'culture.did' || e.data.amount === null) return [e]
    const kept = records.find(r => r.id === e.data.cultureId)
    const food = kept?.type === 'culture' ? kept.foodId : ''
    if (!feeding.has(food)) feeding.set(food, habitsOf(chance, 0.3))
    const habits = feeding.get(food)!
    if (chance.next() < habits.skips) return []
    return [{ ...e, data: { ...e.data, amount: e.data.amount * of(habits, e) } }]
  })
  const about = (e: Entry) => (e.data as { cultureId?: string }).cultureId ?? ''
  return {
    records: records.filter(r => !left.has(r.id)),
    entries: lived.filter(e => !left.has(about(e))),
  }
}

/** What was said on past days of a room, and whether it came true, by thing. */
function heldIn(room: Log, today: LocalDate, found: Map<string, boolean[]>): void {
  const whole = roomState(room.records, room.entries, instantOf(today, '05:00', ZONE))!
  for (const days of BACK) {
    const from = addDays(today, -days)
    const at = instantOf(from, '05:00', ZONE)
    const then = before(room, at)
    const state = roomState(then.records, then.entries, at)!
    for (const p of provisions(state, HORIZON_D, CERTAINTY).items) {
      if (p.kind !== 'lot' && p.kind !== 'material') continue
      const is = held(p, usedOf(p, whole, from, days))
      if (is !== null) found.set(p.name, [...(found.get(p.name) ?? []), is])
    }
  }
}

/** Whether what is said of how long stores last comes true: rooms of many habits, asked on days that are past. */
export function benchStores(now: Instant): void {
  const loft = demoAt(now, ZONE)
  const today = localDateOf(now, ZONE)
  const chance = randomStream(41)
  console.log('\nStores: 80 % intervals of how long something lasts (wanted 72 to 88 %)')
  const tell = (name: string, found: ReadonlyMap<string, boolean[]>) => {
    const all = [...found.values()].flat()
    const of = (is: readonly boolean[]) => `${is.filter(Boolean).length} of ${is.length}`
    const share = ((100 * all.filter(Boolean).length) / all.length).toFixed(0)
    console.log(`  ${name.padEnd(28)} ${of(all)} held: ${share} %`)
    console.log(`    ${[...found].map(([thing, is]) => `${thing} ${of(is)}`).join(', ')}`)
  }
  const own = new Map<string, boolean[]>()
  heldIn(loft, today, own)
  tell('the lived loft', own)
  const found = new Map<string, boolean[]>()
  for (let n = 0; n < PEOPLE; n++) heldIn(inOtherHands(loft, chance), today, found)
  tell(`${PEOPLE} rooms of other habits`, found)
}
