import type { Stop } from './stop'
import type { StopKind } from './stopKind'
import { askStops } from './stops/ask/index'
import { beginStops } from './stops/begin/index'
import { cleanStops } from './stops/clean/index'
import { clearStops } from './stops/clear/index'
import { cookStops } from './stops/cook/index'
import { coolStops } from './stops/cool/index'
import { harvestStops } from './stops/harvest/index'
import { hatchStops } from './stops/hatch/index'
import { looksStops } from './stops/looks/index'
import { orderStops } from './stops/order/index'
import { provideStops } from './stops/provide/index'
import { tankStops } from './stops/tank/index'
import { tubStops } from './stops/tub/index'
import { vesselStops } from './stops/vessel/index'

type AnyKind = StopKind<Stop, unknown>

/**
 * Every kind of stop, listed by hand in the order of doing at one and the same place:
 * what is spent goes first, then food is drawn, then vessels are cleaned and filled again.
 */
export const STOP_KINDS: readonly AnyKind[] = [
  provideStops,
  orderStops,
  askStops,
  tubStops,
  clearStops,
  coolStops,
  looksStops,
  vesselStops,
  harvestStops,
  cleanStops,
  hatchStops,
  beginStops,
  tankStops,
  cookStops,
] as unknown as readonly AnyKind[]

/** The kind that a stop is of. */
export const kindOf = (stop: Stop): AnyKind => STOP_KINDS.find(k => k.kind === stop.kind)!
