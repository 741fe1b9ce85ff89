import { ofKind } from '../../records/effectiveEntries'
import { addHours } from '../../time/localDate'
import { BEHIND_D } from '../cystUse'
import type { Horizon, Told } from '../provision'

/** Powders of gel, by what was cooked of late. */
export function powders({ state }: Horizon): Told[] {
  const since = addHours(state.now, -BEHIND_D * 24)
  const cooked = ofKind(state.entries, 'gel.cooked').filter(e => e.at >= since)
  return state.gel.mixes
    .filter(m => m.grams !== null)
    .map((m): Told => {
      const after = (at: string) => m.weighedAt === null || at > m.weighedAt
      const mine = cooked.filter(e => e.data.mixId === m.id)
      const cookedG = mine.reduce((g, e) => g + e.data.powderG, 0)
      const gone = ofKind(state.entries, 'gel.cooked')
        .filter(e => e.data.mixId === m.id && after(e.at))
        .reduce((g, e) => g + e.data.powderG, 0)
      return {
        id: m.id,
        kind: 'gel-mix',
        name: m.name,
        of: null,
        unit: 'g',
        left: Math.max(0, m.grams! - gone),
        overdrawn: m.grams! < gone,
        before: 0,
        use: [cookedG / BEHIND_D],
        doubt: { times: mine.length, each: cookedG / Math.max(1, mine.length) },
        pack: { size: 1000, price: m.costPerKg, from: '' },
        leadDays: 2,
        keepsDays: null,
        least: 0,
        staleOn: null,
        pricePerUnit: m.costPerKg / 1000,
      }
    })
}
