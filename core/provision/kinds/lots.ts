import { CYST_LEAD_D } from '../../foods/buying'
import { staleOn } from '../../stock/lotAgeing'
import { cystDoubt } from '../cystUse'
import type { Horizon, Told } from '../provision'

/** Lots one after the other: the later ones last until those before them are used up as well. */
export function lots({ state }: Horizon, use: readonly number[]): Told[] {
  const doubt = cystDoubt(state)
  const order = [...state.lots].filter(l => l.state.gramsLeft > 0.05)
  return order.map(({ lot, state: s }, i): Told => {
    const before = order.slice(0, i).reduce((g, l) => g + l.state.gramsLeft, 0)
    return {
      id: lot.id,
      kind: 'lot',
      name: lot.name,
      of: null,
      unit: 'g',
      left: s.gramsLeft,
      overdrawn: false,
      use,
      doubt,
      before,
      pack: lot.priceGrams ? { size: lot.priceGrams, price: lot.price, from: '' } : null,
      leadDays: CYST_LEAD_D,
      keepsDays: null,
      least: 0,
      staleOn: staleOn({ openedOn: s.openedOn, kept: lot.kept }),
      pricePerUnit: s.pricePerGram,
    }
  })
}
