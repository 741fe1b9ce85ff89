import type { Meal } from '../planning/meals'
import type { PlannedHatch } from '../planning/plannedHatch'
import type { ExpectedPull } from '../planning/supply'
import type { HatchRun } from '../stock/hatchRuns'
import type { NaupliiStore } from '../stock/naupliiStores'
import type { CultureStop, LooksStop } from './cultureStops'
import type { GelStop } from './gelStops'
import type { BeginStop, OrderStop } from './planStops'
import type { RestockStop } from './restockStops'
import type { StopBase } from './stopBase'
import type { TankStop } from './tankStops'

export interface HarvestStop extends StopBase {
  type: 'harvest'
  pull: ExpectedPull
  meals: Meal[]
  due: 'now' | 'late'
}
export interface StartStop extends StopBase {
  type: 'start'
  planned: PlannedHatch
  /** The vessel still holds another hatch. */ after: HatchRun | null
}
export interface EmptyStop extends StopBase {
  type: 'empty'
  run: HatchRun
  hours: number
}
export interface DiscardStop extends StopBase {
  type: 'discard'
  store: NaupliiStore
}
export type Stop =
  | HarvestStop
  | StartStop
  | TankStop
  | EmptyStop
  | DiscardStop
  | CultureStop
  | LooksStop
  | BeginStop
  | OrderStop
  | GelStop
  | RestockStop
