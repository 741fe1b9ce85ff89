import type { Provision } from '@renatus/core/provision/provision'
import type { MaterialUnit } from '@renatus/core/records/vocabulary'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { InlineWay } from '~/components/shared/inlineWay'
import { purchaseOf } from '~/composables/useMaterials'
import { numberField, priceField } from '~/words/fields'

const message = (r: { error?: { issues: { message: string }[] } }) => r.error!.issues[0]!.message
const withUnit = (label: string, unit: string) => (unit === 'each' ? label : `${label}, ${unit}`)
const amountRule = (label: string, unit: string, above: boolean) => ({
  label,
  min: 0,
  max: 1_000_000,
  above,
  ...(unit === 'each' ? {} : { unit }),
})

/** What is left, counted. */
function counting(
  p: Provision,
  write: (amount: number) => ReturnType<InlineWay['read']>,
): InlineWay {
  return {
    name: 'Count',
    fields: [{ label: withUnit('Left now', p.unit) }],
    read([text = '']) {
      const n = numberField(amountRule('What is left', p.unit, false)).safeParse(text)
      return n.success ? write(n.data) : message(n)
    },
  }
}

function buying(p: Provision, currency: string): InlineWay {
  const unit = p.unit as MaterialUnit
  return {
    name: 'Bought',
    fields: [
      { label: withUnit('How much', unit), initial: p.pack ? String(p.pack.size) : '' },
      {
        label: `For how much, ${currency}`,
        hint: 'All of it; may stay empty',
        initial: p.pack?.price ? String(p.pack.price) : '',
      },
    ],
    read([amount = '', price = '']) {
      const n = numberField(amountRule('What was bought', unit, true)).safeParse(amount)
      const paid = priceField('Price').safeParse(price)
      if (!n.success) return message(n)
      if (!paid.success) return message(paid)
      return [purchaseOf({ type: 'material', id: p.id, name: p.name }, n.data, unit, paid.data)]
    },
  }
}

/** The user's own things: nothing in the log tells of their use. */
function taking(p: Provision): InlineWay {
  return {
    name: 'Take',
    fields: [{ label: withUnit('Taken', p.unit) }, { label: 'For what' }],
    read([amount = '', what = '']) {
      const n = numberField(amountRule('What was taken', p.unit, true)).safeParse(amount)
      if (!n.success) return message(n)
      return [
        {
          kind: 'material.taken',
          subject: { type: 'material', id: p.id },
          data: { materialId: p.id, amount: n.data, what: what.trim().slice(0, 120) },
        },
      ]
    },
  }
}

/** What can be written down of a thing that is kept. */
export function waysOf(p: Provision, state: RoomState): InlineWay[] {
  switch (p.kind) {
    case 'lot':
      return [
        counting(p, grams => [
          {
            kind: 'lot.weighed',
            subject: { type: 'lot', id: p.id },
            data: { lotId: p.id, grams: grams as never },
          },
        ]),
      ]
    case 'store':
      return [
        counting(p, amount => [
          {
            kind: 'store.counted',
            subject: { type: 'store', id: p.id },
            data: { storeId: p.id, name: p.name, amount },
          },
        ]),
      ]
    case 'material': {
      const count = counting(p, amount => [
        {
          kind: 'material.counted',
          subject: { type: 'material', id: p.id },
          data: { materialId: p.id, amount },
        },
      ])
      const buy = buying(p, state.room.currency ?? '€')
      return p.of === null ? [count, buy, taking(p)] : [count, buy]
    }
    default:
      return []
  }
}
