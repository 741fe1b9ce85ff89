import type { VesselAct } from '../estimation/actWorth'
import type { TendingKind } from './tending'
import type { Tended } from './amounts'

/** What the models call an act that falls due. */
export const ACT: Partial<Record<TendingKind, VesselAct>> = {
  'thin out': 'thin',
  'feed': 'feed',
  'split': 'split',
  'renew': 'renew',
}

/** Expected gain of an act against leaving the vessel, as a share of what it gives in a week; 0 for what is no act of the models. */
export function gainOf({ reading }: Pick<Tended, 'reading'>, kind: TendingKind): number {
  const act = ACT[kind]
  const { worth } = reading.acts
  return act && worth.leave > 0 ? worth[act] / worth.leave - 1 : 0
}
