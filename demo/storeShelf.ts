import type { Entry } from '@renatus/core/records/entries'
import type { MaterialRecord } from '@renatus/core/records/records'
import { material } from '@renatus/core/records/storeRecords'
import { materialOf } from '@renatus/core/foods/materials'
import type { MaterialId } from '@renatus/core/records/vocabulary'
import { addHours, type Instant } from '@renatus/core/time/localDate'
import { actOf } from './draft'

/** What stands on the loft's shelf of stores: how it is bought, and on which days of the eight weeks. */
interface Kept {
  of: MaterialId
  pack: number
  price: number
  from: string
  /** Days after the first of the log. */
  on: readonly number[]
  packs?: number
  least?: number
}
const SHELF: readonly Kept[] = [
  { of: 'salt', pack: 1000, price: 0.9, from: 'corner shop', on: [0, 30], packs: 2 },
  { of: 'soda', pack: 250, price: 1.2, from: 'corner shop', on: [0] },
  { of: 'sea-salt', pack: 2000, price: 11.5, from: 'by post', on: [1] },
  { of: 'yeast', pack: 42, price: 1.6, from: 'corner shop', on: [0] },
  { of: 'spirulina', pack: 50, price: 6.4, from: 'by post', on: [2] },
  { of: 'oatmeal', pack: 500, price: 1.1, from: 'corner shop', on: [0] },
  { of: 'apple', pack: 300, price: 1, from: 'market', on: [0, 28] },
  { of: 'algae-paste', pack: 60, price: 9.8, from: 'by post', on: [4], least: 10 },
  { of: 'cider-vinegar', pack: 750, price: 2.3, from: 'corner shop', on: [0] },
  { of: 'plant-food', pack: 20, price: 4.9, from: 'garden shop', on: [3] },
  { of: 'dry-leaf', pack: 40, price: 3.5, from: 'by post', on: [6] },
]

const recordOf = (k: Kept, id: string, at: Instant): MaterialRecord => {
  const { name, unit } = materialOf(k.of)
  return material.parse({
    id,
    updatedAt: at,
    type: 'material',
    name,
    of: k.of,
    unit,
    packSize: k.pack,
    packPrice: k.price,
    from: k.from,
    least: k.least ?? 0,
  })
}

/** The stores of the loft, and what was bought of them. */
export function storeShelf(
  begun: Instant,
  id: (ms: number) => string,
): { records: MaterialRecord[]; entries: Entry[] } {
  const ms = Date.parse(begun)
  const records = SHELF.map(k => recordOf(k, id(ms), begun))
  const entries = SHELF.flatMap((k, i) =>
    k.on.flatMap(day => {
      const { id: materialId, name, unit } = records[i]!
      const packs = k.packs ?? 1
      const at = addHours(begun, day * 24 + 4)
      return actOf(
        at,
        null,
        [
          {
            kind: 'purchase.made',
            subject: { type: 'material', id: materialId },
            data: {
              purchaseId: id(Date.parse(at)),
              of: { type: 'material', id: materialId },
              name,
              amount: packs * k.pack,
              unit,
              price: packs * k.price,
              months: null,
            },
          },
        ],
        id,
      )
    }),
  )
  return { records, entries }
}
