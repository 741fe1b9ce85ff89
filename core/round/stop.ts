import type { AskStop } from './stops/ask/find'
import type { BeginStop } from './stops/begin/find'
import type { CleanStop } from './stops/clean/find'
import type { ClearStop } from './stops/clear/find'
import type { CookStop } from './stops/cook/find'
import type { CoolStop } from './stops/cool/find'
import type { HarvestStop } from './stops/harvest/find'
import type { HatchStop } from './stops/hatch/find'
import type { LooksStop } from './stops/looks/find'
import type { OrderStop } from './stops/order/find'
import type { ProvideStop } from './stops/provide/find'
import type { TankStop } from './stops/tank/find'
import type { TubStop } from './stops/tub/find'
import type { VesselStop } from './stops/vessel/find'

/** Everything a round can ask. Its kind names its folder under stops/. */
export type Stop =
  | AskStop
  | BeginStop
  | CleanStop
  | ClearStop
  | CookStop
  | CoolStop
  | HarvestStop
  | HatchStop
  | LooksStop
  | OrderStop
  | ProvideStop
  | TankStop
  | TubStop
  | VesselStop
export type StopKindId = Stop['kind']
export type StopOf<K extends StopKindId> = Extract<Stop, { kind: K }>
