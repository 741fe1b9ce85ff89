import { consumer } from './consumer/index'
import type { Family, FamilyId } from './contract'
import { hatchFamily } from './hatch/family'
import { logistic } from './logistic/index'
import { phototroph } from './phototroph/index'
import { stageClock } from './stageClock/index'
import { succession } from './succession/index'

/** A family whose parameters and state nobody looks into: foods bring matching parameters, the contract test holds them to it. */
export type AnyFamily = Family<Record<string, number>, object>

/** The six families, listed by hand. */
export const FAMILIES: Readonly<Record<FamilyId, AnyFamily>> = {
  'hatch': hatchFamily as unknown as AnyFamily,
  'succession': succession as unknown as AnyFamily,
  'logistic': logistic as unknown as AnyFamily,
  'consumer': consumer as unknown as AnyFamily,
  'phototroph': phototroph as unknown as AnyFamily,
  'stage-clock': stageClock as unknown as AnyFamily,
}
