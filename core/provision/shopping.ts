import { compare } from '../math/compare'
import { buyingOf } from '../foods/buying'
import { foodOf } from '../foods/index'
import { startsLeft, startStates } from '../planning/plan/keptPlan'
import { onTheWay, orders } from '../stock/orders'
import type { RoomState } from '../stock/roomState'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import type { Provision } from './provision'
import { wantedOf } from './provisions'

/** Something to buy, by when, and when it is here then. */
export interface Purchase {
  /** The thing it is for; of a starter: the start of the plan. */
  id: string
  what: 'cysts' | 'material' | 'food' | 'powder' | 'starter'
  name: string
  /** Of a starter or a food: what it is. */
  foodId: string | null
  amount: number
  unit: string
  packs: number
  /** What one pack holds, and its price where that is known. */
  packSize: number
  price: number | null
  from: string
  by: LocalDate
  comes: LocalDate
  /** The order is late: it runs short before it comes. */
  late: boolean
}

const WHAT = {
  'lot': 'cysts',
  'material': 'material',
  'store': 'food',
  'gel-mix': 'powder',
} as const
/** Cysts where no tin says how much it holds, g. */
const USUAL_TIN_G = 100

const priceOf = ({ pack }: Provision, packs: number): number | null =>
  pack === null || pack.price === null ? null : pack.price * packs

function ofProvision(state: RoomState, p: Provision, days: number, certainty: number): Purchase[] {
  const { today } = state
  if (p.orderOn === null || daysBetween(today, p.orderOn) > days) return []
  const wanted = Math.min(wantedOf(p, days, certainty), keepsGood(p))
  if (wanted <= 0) return []
  const packSize = p.pack?.size ?? (p.kind === 'lot' ? USUAL_TIN_G : wanted)
  const packs = Math.max(1, Math.ceil(wanted / packSize - 1e-9))
  const by = p.orderOn < today ? today : p.orderOn
  const comes = addDays(by, p.leadDays)
  return [
    {
      id: p.id,
      what: WHAT[p.kind],
      name: p.name,
      foodId: state.stores.find(x => x.id === p.id)?.foodId ?? null,
      amount: packs * packSize,
      unit: p.unit,
      packs,
      packSize,
      price: priceOf(p, packs),
      from: p.pack?.from ?? '',
      by,
      comes,
      late: p.lasts !== null && daysBetween(today, comes) > p.lasts.p50,
    },
  ]
}

/** What is used before a fresh pack is past its best: more of it would be thrown away. */
const keepsGood = (p: Provision): number =>
  p.keepsDays === null ? Infinity : Math.max(p.perDay * p.keepsDays, p.pack?.size ?? 0)

/** Starters that the kept plan wants and that nobody has ordered. */
function starters(state: RoomState, days: number): Purchase[] {
  const coming = new Set(onTheWay(orders(state.entries), state.today).map(o => o.startId))
  const came = new Set(orders(state.entries).flatMap(o => (o.came === null ? [] : o.startId)))
  const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  return left.flatMap((s): Purchase[] => {
    const food = foodOf(s.food)
    if (!food || s.orderBy === null || coming.has(s.id) || came.has(s.id)) return []
    const by = s.orderBy < state.today ? state.today : s.orderBy
    if (daysBetween(state.today, by) > days) return []
    const { leadDays, price } = buyingOf(food)
    const comes = addDays(by, leadDays)
    return [
      {
        id: s.id,
        what: 'starter',
        name: `Starter of ${food.profile.name}`,
        foodId: s.food,
        amount: 1,
        unit: 'each',
        packs: 1,
        packSize: 1,
        price,
        from: '',
        by,
        comes,
        late: comes > s.on,
      },
    ]
  })
}

/** What is to be bought within the days so that nothing planned is short with a certainty, what is first first. */
export function shoppingList(
  state: RoomState,
  items: readonly Provision[],
  days: number,
  certainty: number,
): Purchase[] {
  // Of cysts the last lot alone speaks: those before it are followed by it.
  const lots = items.filter(p => p.kind === 'lot')
  const rest = items.filter(p => p.kind !== 'lot')
  const list = [...lots.slice(-1), ...rest].flatMap(p => ofProvision(state, p, days, certainty))
  return [...list, ...starters(state, days)].sort((a, b) => compare(a.by, b.by))
}
