import { buyingOf } from '../../../foods/buying'
import { foodOf } from '../../../foods/index'
import { startStates, type StartState } from '../../../planning/plan/keptPlan'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { dueMaterials } from '../../../provision/dueMaterials'
import { materialOf } from '../../../foods/materials'
import type { MaterialUnit, OrderKind } from '../../../records/vocabulary'
import { onTheWay, orders } from '../../../stock/orders'
import { addDays } from '../../../time/localDate'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Something that must be ordered now: a starter of the plan, or cysts. */
export interface OrderStop extends StopBase {
  kind: 'order'
  what: OrderKind
  foodId: string | null
  start: StartState | null
  comesOn: string
  /** Of cysts: what is left, and how long it lasts. */
  cysts: { grams: number; gramsPerDay: number; days: number } | null
  /** A material that runs short, and how much of it a pack brings. */
  material: { id: string; days: number; pack: number; unit: MaterialUnit } | null
}

/** Days a parcel takes, and some to try the new lot in (working estimate). */
export const RESTOCK_DAYS = 10
const PARCEL_DAYS = 5

function starters(c: RoundContext): OrderStop[] {
  const today = c.round.date
  const coming = onTheWay(orders(c.state.entries), today)
  return startStates(c.state.entries, c.state.cultureStates).flatMap((start): OrderStop[] => {
    const food = foodOf(start.food)
    if (!food || start.left <= 0 || start.orderBy === null || start.orderBy > today) return []
    const placed = orders(c.state.entries).some(o => o.startId === start.id && o.came !== null)
    if (placed || coming.some(o => o.startId === start.id)) return []
    return [
      {
        kind: 'order',
        key: stopKey('order', start.id, c.round.key),
        subject: { type: 'food', id: start.food, name: food.profile.name },
        placeId: null,
        cautions: [],
        must: true,
        waitsH: 0,
        what: 'starter',
        foodId: start.food,
        start,
        comesOn: addDays(today, buyingOf(food).leadDays),
        cysts: null,
        material: null,
      },
    ]
  })
}

/** Asks for cysts while what is left, of all lots, lasts less than a parcel takes. */
function cysts(c: RoundContext): OrderStop[] {
  const open = c.state.lots.filter(l => l.state.gramsLeft > 0 || l.state.gramsPerDay !== null)
  const grams = open.reduce((g, l) => g + l.state.gramsLeft, 0)
  const gramsPerDay = open.reduce((g, l) => g + (l.state.gramsPerDay ?? 0), 0)
  const days = gramsPerDay > 0 ? grams / gramsPerDay : Infinity
  const coming = onTheWay(orders(c.state.entries), c.round.date).some(o => o.what === 'cysts')
  if (days >= RESTOCK_DAYS || coming) return []
  return [
    {
      kind: 'order',
      key: stopKey('order', 'cysts', c.round.key),
      subject: { type: 'store', id: 'cysts', name: 'Cysts' },
      placeId: null,
      cautions: [],
      must: false,
      waitsH: Math.max(1, (days - PARCEL_DAYS) * 24),
      what: 'cysts',
      foodId: null,
      start: null,
      comesOn: addDays(c.round.date, PARCEL_DAYS),
      cysts: { grams, gramsPerDay, days },
      material: null,
    },
  ]
}

/** Salt, yeast and the like, once they last no longer than a parcel takes. */
const materials = (c: RoundContext): OrderStop[] =>
  dueMaterials(c.state).map(({ stock: { record }, days }) => ({
    kind: 'order',
    key: stopKey('order', record.id, c.round.key),
    subject: { type: 'material', id: record.id, name: record.name },
    placeId: null,
    cautions: [],
    must: false,
    waitsH: Math.max(1, (days - record.leadDays) * 24),
    what: 'material',
    foodId: null,
    start: null,
    comesOn: addDays(c.round.date, record.leadDays),
    cysts: null,
    material: {
      id: record.id,
      days,
      pack: record.packSize ?? (record.of ? materialOf(record.of).pack : 1),
      unit: record.unit,
    },
  }))

/** What an order is answered by. */
const nameOf = (s: OrderStop): string => s.start?.id ?? s.material?.id ?? 'cysts'

export function findOrders(c: RoundContext): OrderStop[] {
  if (c.round.feedingOnly) return []
  return [...starters(c), ...cysts(c), ...materials(c)].filter(
    s => !wasAnswered(c.state, c.round.key, 'order', nameOf(s)),
  )
}
