import type { Purchase } from '@renatus/core/provision/shopping'
import { instantOf } from '@renatus/core/time/localDate'
import { planCalendar } from '~/composables/planCalendar'
import { packsText } from './stores'

/** A shopping list as CSV: one header with units, one line each. */
export async function shoppingTable(list: readonly Purchase[]): Promise<string> {
  const { default: papa } = await import('papaparse')
  return papa.unparse(
    list.map(p => ({
      order_by: p.by,
      comes: p.comes,
      what: p.name,
      packs: p.packs,
      pack: p.packSize,
      unit: p.unit,
      price: p.price ?? '',
      from: p.from,
    })),
    { newline: '\r\n', escapeFormulae: true },
  )
}

const ORDER_AT = '18:00'
/** The same as a calendar: an alarm on the evening of the day to order. */
export const shoppingCalendar = (
  list: readonly Purchase[],
  roomName: string,
  timeZone: string,
): Promise<string> =>
  planCalendar(
    list.map(p => ({
      uid: `order-${p.id}@renatus`,
      title: `Order ${p.name}`,
      text: `${packsText(p)}. It is here on ${p.comes} then.`,
      at: instantOf(p.by, ORDER_AT, timeZone),
      minutes: 10,
      sequence: 0,
      cancelled: false,
    })),
    roomName,
    timeZone,
  )
