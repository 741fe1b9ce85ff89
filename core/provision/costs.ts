import { compare } from '../math/compare'
import { ofKind } from '../records/effectiveEntries'
import type { EntryData } from '../records/entries'
import { materialUses, type MaterialUse } from '../stock/materialUses'
import type { RoomState } from '../stock/roomState'
import {
  addDays,
  addHours,
  hoursBetween,
  localDateOf,
  type Instant,
  type LocalDate,
} from '../time/localDate'
import { BEHIND_D } from './cystUse'
import { energyPerDay } from './energy'
import { prices } from '../stock/prices'

export const COST_KINDS = ['cysts', 'materials', 'food', 'starters', 'things'] as const
export type CostKind = (typeof COST_KINDS)[number]
export type CostByKind = Record<CostKind, number>

export interface Costs {
  /** Of a thousand nauplii that hatch out of each lot that has a price. */
  perThousandHatched: { lot: string; name: string; cost: number; low: number; high: number }[]
  /** Of what went in over the last four weeks, a day, energy included. */
  perDay: number
  energyPerDay: number
  /** What was bought, by month; a thing is written down over its months. */
  byMonth: { month: string; cost: number; kinds: CostByKind }[]
  /** Of what was fed to each brood that lives, since the log at hand begins. */
  byBrood: { brood: string; name: string; cost: number; perFry: number }[]
}

/** What a thousand nauplii cost that hatch out of a tin of this price. */
export const perThousand = (pricePerGram: number, cystsPerG: number, hatch: number): number =>
  (pricePerGram * 1000) / (cystsPerG * hatch)

function ofLots(state: RoomState): Costs['perThousandHatched'] {
  return state.lots.flatMap(({ lot, state: s }) =>
    s.pricePerGram === null || s.hatch <= 0
      ? []
      : [
          {
            lot: lot.id,
            name: lot.name,
            cost: perThousand(s.pricePerGram, lot.cystsPerG, s.hatch),
            low: perThousand(s.pricePerGram, lot.cystsPerG, Math.max(0.01, s.hatchHigh)),
            high: perThousand(s.pricePerGram, lot.cystsPerG, Math.max(0.01, s.hatchLow)),
          },
        ],
  )
}

const kindOf = (d: EntryData<'purchase.made'>): CostKind => {
  if (d.months !== null) return 'things'
  switch (d.of.type) {
    case 'lot':
      return 'cysts'
    case 'store':
      return 'food'
    case 'food':
      return 'starters'
    default:
      return 'materials'
  }
}
const none = (): CostByKind => ({ cysts: 0, materials: 0, food: 0, starters: 0, things: 0 })
const nextMonth = (month: string): string => addDays(`${month}-28`, 4).slice(0, 7)

/** Months over which a purchase counts, with its share in each, up to a month. */
function* monthsOf(from: string, months: number | null, until: string): Generator<string> {
  let month = from
  for (let i = 0; i < (months ?? 1) && month <= until; i++, month = nextMonth(month)) yield month
}

function byMonth(state: RoomState): Costs['byMonth'] {
  const found = new Map<string, CostByKind>()
  const until = state.today.slice(0, 7)
  const add = (on: LocalDate, price: number, kind: CostKind, months: number | null) => {
    for (const month of monthsOf(on.slice(0, 7), months, until)) {
      const kinds = found.get(month) ?? none()
      kinds[kind] += price / (months ?? 1)
      found.set(month, kinds)
    }
  }
  const bought = ofKind(state.entries, 'purchase.made')
  for (const { at, data } of bought)
    if (data.price !== null)
      add(localDateOf(at, state.room.timeZone), data.price, kindOf(data), data.months)
  const told = new Set(bought.map(e => e.data.of.id))
  // A tin that was written down with its price counts in the month in which it was opened.
  for (const { lot, state: s } of state.lots)
    if (!told.has(lot.id) && s.pricePerGram !== null && s.openedOn !== null)
      add(s.openedOn, s.pricePerGram * lot.gramsAtStart, 'cysts', null)
  return [...found]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([month, kinds]) => ({
      month,
      kinds,
      cost: Object.values(kinds).reduce((a, b) => a + b, 0),
    }))
}

/** Something was put into a culture, or part of it went over to a child. */
type Flow = { at: Instant; to: string } & ({ cost: number } | { from: string; share: number })

/** Starters as they went from one culture into another: with their share of what the mother cost until then. */
function starters(state: RoomState): Flow[] {
  const litres = new Map(state.cultures.map(c => [c.id, c.litres]))
  return ofKind(state.entries, 'culture.started').flatMap(({ at, data }): Flow[] => {
    const { cultureId, parentIds, starterMl } = data
    if (starterMl === null || parentIds.length === 0) return []
    const eachMl = starterMl / parentIds.length
    return parentIds.flatMap(from => {
      const holds = litres.get(from)
      const share = holds ? Math.min(1, eachMl / (holds * 1000)) : 0
      return share > 0 ? [{ at, to: cultureId, from, share }] : []
    })
  })
}

/** What went into each culture so far, by its id; a starter takes its share of the mother along. */
function intoCultures(state: RoomState, uses: readonly MaterialUse[]): Map<string, number> {
  const price = prices(state)
  const flows: Flow[] = [
    ...uses.flatMap(u =>
      u.cultureId === null ? [] : [{ at: u.at, to: u.cultureId, cost: price.ofUse(u) }],
    ),
    ...state.hatches.map(h => ({
      at: h.startedAt,
      to: h.id,
      cost: h.setup.cystsG * price.perGramOfLot(h.setup.lotId),
    })),
    ...starters(state),
  ]
  const cost = new Map<string, number>()
  const add = (id: string, by: number) => cost.set(id, (cost.get(id) ?? 0) + by)
  for (const f of flows.toSorted((x, y) => compare(x.at, y.at))) {
    const by = 'cost' in f ? f.cost : f.share * (cost.get(f.from) ?? 0)
    add(f.to, by)
    if ('from' in f) add(f.from, -by)
  }
  return cost
}

/** What was fed, each portion with what it cost: all that went into its source is borne by what was fed out of it. */
function fedCosts(state: RoomState, into: ReadonlyMap<string, number>) {
  const price = prices(state)
  const fed = ofKind(state.entries, 'tank.fed')
  // What was chilled or frozen came out of a culture.
  const from = new Map(
    ofKind(state.entries, 'store.filled').flatMap(e =>
      e.data.fromId === null ? [] : [[e.data.storeId, e.data.fromId] as const],
    ),
  )
  const sourceOf = (id: string) => from.get(id) ?? id
  const out = new Map<string, number>()
  const add = (id: string, n: number) => out.set(id, (out.get(id) ?? 0) + n)
  for (const e of fed)
    for (const p of e.data.portions) if (p.source) add(sourceOf(p.source.id), p.organisms)
  const costOf = (p: (typeof fed)[number]['data']['portions'][number]): number => {
    if (!p.source) return 0
    const id = sourceOf(p.source.id)
    const bought = price.perUnitOfStore(id)
    if (bought > 0) return (p.amount?.value ?? 0) * bought
    const all = out.get(id) ?? 0
    return all > 0 ? ((into.get(id) ?? 0) * p.organisms) / all : 0
  }
  return fed.map(e => ({
    tankId: e.data.tankId,
    on: localDateOf(e.at, state.room.timeZone),
    cost: e.data.portions.reduce((sum, p) => sum + costOf(p), 0),
  }))
}

function byBrood(state: RoomState, into: ReadonlyMap<string, number>): Costs['byBrood'] {
  const fed = fedCosts(state, into)
  const cost = new Map<string, number>()
  for (const f of fed) {
    const here = state.broods.filter(b => b.brood.tankId === f.tankId && b.freeOn <= f.on)
    const fry = here.reduce((n, b) => n + b.fryNow, 0)
    for (const b of here)
      cost.set(b.id, (cost.get(b.id) ?? 0) + (f.cost * b.fryNow) / Math.max(1e-9, fry))
  }
  return state.broods
    .filter(b => cost.has(b.id))
    .map(b => ({
      brood: b.id,
      name: b.name,
      cost: cost.get(b.id)!,
      perFry: cost.get(b.id)! / Math.max(1, b.fryNow),
    }))
}

/** What went in over the last weeks, a day; a younger room counts from its first entry on. */
function perDay(state: RoomState, uses: readonly MaterialUse[]): number {
  const price = prices(state)
  const since = addHours(state.now, -BEHIND_D * 24)
  const first = state.entries[0]?.at ?? state.now
  const days = Math.min(BEHIND_D, Math.max(1, hoursBetween(first, state.now) / 24))
  const used = uses.filter(u => u.at >= since).reduce((sum, u) => sum + price.ofUse(u), 0)
  const cysts = state.hatches
    .filter(h => h.startedAt >= since)
    .reduce((sum, h) => sum + h.setup.cystsG * price.perGramOfLot(h.setup.lotId), 0)
  return (used + cysts) / days
}

/** What things cost in this room, in its currency. */
export function costs(state: RoomState): Costs {
  const records = state.materials.map(m => m.record)
  const uses = materialUses(state.entries, state.cultures, records)
  const energy = energyPerDay(state)
  return {
    perThousandHatched: ofLots(state),
    perDay: perDay(state, uses) + energy,
    energyPerDay: energy,
    byMonth: byMonth(state),
    byBrood: byBrood(state, intoCultures(state, uses)),
  }
}
