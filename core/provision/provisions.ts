import { materialOf } from '../foods/materials'
import type { MaterialId } from '../records/vocabulary'
import { onTheWay, orders } from '../stock/orders'
import type { RoomState } from '../stock/roomState'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import { burnDown, lastsSurely, TOLD_D, usedAtMost } from './burnDown'
import { cystUse } from './cystUse'
import { lots } from './kinds/lots'
import { materials } from './kinds/materials'
import { powders } from './kinds/powders'
import { stores } from './kinds/stores'
import { materialUse } from './materialUse'
import { useAfter } from './useAfter'
import { meanUse, type Horizon, type Provision, type Told } from './provision'

/** What is used and kept nowhere: nobody has said how much there is. */
export interface Untold {
  of: MaterialId
  name: string
  unit: string
  perDay: number
}

export interface Provisions {
  items: Provision[]
  untold: Untold[]
}

/** What is ordered of a thing and has not come. */
function comingOf(state: RoomState, t: Told): Provision['coming'] {
  const mine = onTheWay(orders(state.entries), state.today).filter(o =>
    t.kind === 'lot' ? o.what === 'cysts' : o.materialId === t.id,
  )
  const [first] = mine
  if (!first) return null
  return { amount: mine.reduce((sum, o) => sum + (o.amount ?? 0), 0), on: first.comesOn }
}

function provisionOf(t: Told, { state, days, certainty }: Horizon): Provision {
  const { least, staleOn: best, before, ...told } = t
  const coming = comingOf(state, t)
  const use = useAfter(t.use, before)
  const lasts = t.left === null ? null : burnDown(before + t.left, t.use, t.doubt)
  const stands = before + (t.left ?? 0) + (coming?.amount ?? 0)
  const surely = lasts
    ? lastsSurely(Math.max(0, stands - least), t.use, certainty, t.doubt)
    : Infinity
  const shortIn = Math.floor(surely)
  const orderIn = Math.max(0, shortIn - t.leadDays)
  const usedUp = lasts ? addDays(state.today, Math.min(TOLD_D, Math.ceil(lasts.p50))) : null
  return {
    ...told,
    use,
    perDay: meanUse(use),
    lasts,
    orderOn: t.pack !== null && shortIn <= days ? addDays(state.today, orderIn) : null,
    stale: best !== null && (usedUp === null || best < usedUp) ? best : null,
    coming,
  }
}

/**
 * Everything that is kept: how much is left, how long that lasts by what is planned, and by when the next is to be ordered.
 * @param days how far ahead is looked
 * @param certainty with which nothing is to run short
 */
export function provisions(state: RoomState, days: number, certainty: number): Provisions {
  const horizon = { state, days, certainty }
  const cysts = cystUse(state, days)
  const uses = materialUse(state, cysts)
  const told = [
    ...lots(horizon, cysts),
    ...materials(horizon, uses),
    ...stores(horizon),
    ...powders(horizon),
  ]
  const kept = new Set(state.materials.map(m => m.record.of))
  const untold = [...uses]
    .filter(([of, { byDay }]) => !kept.has(of) && byDay.some(u => u > 0))
    .map(([of, { byDay }]) => ({
      of,
      name: materialOf(of).name,
      unit: materialOf(of).unit,
      perDay: meanUse(byDay),
    }))
  return { items: told.map(t => provisionOf(t, horizon)), untold }
}

/** What must come so that nothing is short up to the end of the days, in its unit; 0 where there is enough. */
export function wantedOf(p: Provision, days: number, certainty: number): number {
  if (p.left === null) return 0
  const expected =
    p.use.length >= days ? p.use.slice(0, days).reduce((a, b) => a + b, 0) : p.perDay * days
  return Math.max(0, usedAtMost(expected, certainty, p.doubt) - p.left - (p.coming?.amount ?? 0))
}

/** Days from today to the day something is to be ordered. */
export const dueIn = (p: Pick<Provision, 'orderOn'>, today: LocalDate): number =>
  p.orderOn === null ? Infinity : daysBetween(today, p.orderOn)
