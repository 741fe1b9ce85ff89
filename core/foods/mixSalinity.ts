import type { FoodMethod } from './contract'

/** Salt of what a card mixes, g per litre of all that is poured in; 0 where nothing brings any. */
export function mixSalinity({ measures }: Pick<FoodMethod, 'measures'>): number {
  const salt = measures.reduce((g, m) => g + m.perL * (m.saltG ?? 0), 0)
  const litres = measures.reduce((l, m) => l + (m.unit === 'mL' ? m.perL / 1000 : 0), 0)
  return litres > 0 ? salt / litres : 0
}
