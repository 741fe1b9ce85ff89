import { brineShrimp } from './brine-shrimp'
import type { Food } from './contract'

/** Every food Renatus knows, listed by hand: no file registers itself. */
export const foods: readonly Food[] = [brineShrimp]
