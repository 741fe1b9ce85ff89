import type { VesselAct } from '../estimation/actWorth'
import type { Tended } from './amounts'

/** Expected gain of an act against leaving the vessel, as a share of what it gives in a week. */
export function gainOf({ reading }: Pick<Tended, 'reading'>, act: VesselAct): number {
  const { worth } = reading.acts
  return worth.leave > 0 ? worth[act] / worth.leave - 1 : 0
}
