import { buyingOf, CYST_LEAD_D } from '../../../foods/buying'
import { foodOf } from '../../../foods/index'
import { startsLeft, startStates, type StartState } from '../../../planning/plan/keptPlan'
import { startersFrom } from '../../../planning/plan/starterFrom'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { dueOrders, type Due } from '../../../provision/dueOrders'
import { materialOf } from '../../../foods/materials'
import type { MaterialUnit, OrderKind } from '../../../records/vocabulary'
import { onTheWay, orders } from '../../../stock/orders'
import { addDays, daysBetween } from '../../../time/localDate'
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

function starters(c: RoundContext): OrderStop[] {
  const today = c.round.date
  const { state } = c
  const coming = onTheWay(orders(state.entries), today)
  const starts = startsLeft(startStates(state.entries, state.cultureStates), today)
  // What has become of the room's own lines since the plan was kept decides, not what was thought then.
  const from = startersFrom(starts, state, c.readings)
  return starts.flatMap((start): OrderStop[] => {
    const food = foodOf(start.food)
    if (!food || from.get(start) !== 'post') return []
    if (daysBetween(today, start.on) > buyingOf(food).leadDays) return []
    const placed = orders(state.entries).some(o => o.startId === start.id && o.came !== null)
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

/** Asks for cysts while what is left, of all lots, may not last until a parcel comes. */
function cysts(c: RoundContext, due: Due['cysts']): OrderStop[] {
  if (!due) return []
  const { grams, days } = due
  return [
    {
      kind: 'order',
      key: stopKey('order', 'cysts', c.round.key),
      subject: { type: 'store', id: 'cysts', name: 'Cysts' },
      placeId: null,
      cautions: [],
      must: false,
      waitsH: Math.max(1, (days - CYST_LEAD_D) * 24),
      what: 'cysts',
      foodId: null,
      start: null,
      comesOn: addDays(c.round.date, CYST_LEAD_D),
      cysts: { grams, gramsPerDay: grams / Math.max(1, days), days },
      material: null,
    },
  ]
}

/** Salt, yeast and the like, once they last no longer than a parcel takes. */
const materials = (c: RoundContext, due: Due['materials']): OrderStop[] =>
  due.map(({ stock: { record }, days }) => ({
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
  const due = dueOrders(c.state)
  const all = [...starters(c), ...cysts(c, due.cysts), ...materials(c, due.materials)]
  return all.filter(s => !wasAnswered(c.state, c.round.key, 'order', nameOf(s)))
}
