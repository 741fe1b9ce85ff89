import type { Stop } from './stop'
import type { StopTelling } from './stopKind'
import { askTelling } from './stops/ask/telling'
import { beginTelling } from './stops/begin/telling'
import { cleanTelling } from './stops/clean/telling'
import { clearTelling } from './stops/clear/telling'
import { cookTelling } from './stops/cook/telling'
import { coolTelling } from './stops/cool/telling'
import { harvestTelling } from './stops/harvest/telling'
import { hatchTelling } from './stops/hatch/telling'
import { looksTelling } from './stops/looks/telling'
import { orderTelling } from './stops/order/telling'
import { provideTelling } from './stops/provide/telling'
import { tankTelling } from './stops/tank/telling'
import { tubTelling } from './stops/tub/telling'
import { vesselTelling } from './stops/vessel/telling'

type AnyTelling = StopTelling<Stop>

/** Every kind of stop, as it is told. */
const STOP_TELLINGS: Record<Stop['kind'], AnyTelling> = {
  ask: askTelling,
  begin: beginTelling,
  clean: cleanTelling,
  clear: clearTelling,
  cook: cookTelling,
  cool: coolTelling,
  harvest: harvestTelling,
  hatch: hatchTelling,
  looks: looksTelling,
  order: orderTelling,
  provide: provideTelling,
  tank: tankTelling,
  tub: tubTelling,
  vessel: vesselTelling,
} as unknown as Record<Stop['kind'], AnyTelling>

/** How a stop is told. */
export const tellingOf = (stop: Stop): AnyTelling => STOP_TELLINGS[stop.kind]
