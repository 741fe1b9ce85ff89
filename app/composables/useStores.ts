import { buyingOf, STORE_LEAD_D } from '@renatus/core/foods/buying'
import { foodOf } from '@renatus/core/foods/index'
import type { RecordDraft } from '@renatus/core/records/draft'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import { storeStands } from '@renatus/core/stock/storeStands'
import type { Store } from '@renatus/core/stock/stores'
import { addDays } from '@renatus/core/time/localDate'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { foodInText, foodName } from '~/words/foods'
import { useUndo } from './useUndo'

/** Nauplii that a cube of the usual tray holds (working estimate). */
const NAUPLII_PER_CUBE = 2000

/** What is kept and what is ordered, written to the log. */
export function useStores() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(
    drafts: readonly Draft[],
    said: string,
    records: readonly RecordDraft[] = [],
  ) {
    const result = await room.write(drafts, null, records)
    if (result.ok) undo.offer(result.act, said)
  }

  /** A tin, bag or jar of a food that does not grow stands in the room from now on, and is offered. */
  const fill = (foodId: string) =>
    write(
      [storeStands(foodId, newId())],
      `${foodName(foodId)} stands in the room.`,
      keepingFoods(room.state!, [foodId]),
    )

  function order(foodId: string) {
    const orderId = newId()
    const food = foodOf(foodId)
    const days = food ? buyingOf(food).leadDays : STORE_LEAD_D
    const comesOn = addDays(room.state!.today, days)
    return write(
      [
        {
          kind: 'order.placed',
          subject: { type: 'order', id: orderId },
          data: { orderId, what: food ? 'starter' : 'food', foodId, startId: null, comesOn },
        },
      ],
      `${food ? 'A starter of ' : ''}${foodInText(foodId)} is ordered: it is asked for on its day.`,
    )
  }

  const discard = (s: Store) =>
    write(
      [
        {
          kind: 'store.discarded',
          subject: { type: 'store', id: s.id },
          data: { storeId: s.id, name: s.name, amount: null, reason: 'poured away' },
        },
      ],
      `${s.name} is poured away.`,
    )

  /** What is left of a chilled cup goes into the freezer as cubes. */
  function freeze(s: Store) {
    const storeId = newId()
    const organisms = s.organisms ?? 0
    const cubes = Math.max(1, Math.round(organisms / NAUPLII_PER_CUBE))
    return write(
      [
        {
          kind: 'store.discarded',
          subject: { type: 'store', id: s.id },
          data: { storeId: s.id, name: s.name, amount: null, reason: 'frozen' },
        },
        {
          kind: 'store.filled',
          subject: { type: 'store', id: storeId },
          data: {
            storeId,
            name: `Cubes of ${s.name}`.slice(0, 60),
            foodId: 'frozen-nauplii',
            keep: 'freezer',
            unit: 'cube',
            amount: cubes,
            organisms,
            energy: s.energy,
            fromId: s.fromId,
            useBy: null,
          },
        },
      ],
      `${s.name} is frozen as ${cubes} ${cubes === 1 ? 'cube' : 'cubes'}.`,
    )
  }

  return { fill, order, discard, freeze }
}
