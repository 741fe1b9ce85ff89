import type { Food, FoodMethod } from '../foods/contract'
import { starterRatio, usualStarterMl } from './starter'
import type { RecordDraft } from '../records/draft'
import type { Level, VesselKind } from '../records/vocabulary'
import { addHours, type Instant } from '../time/localDate'
import { newCultures, nextNames, type CultureDraft } from '../stock/newCultures'
import { running } from '../stock/cultures'
import type { RoomState } from '../stock/roomState'

/** What somebody chose for vessels that are started alike. */
export interface StartChoice {
  name: string
  vessels: number
  /** A vessel of the room, or empty for another one. */ vesselId: string
  vesselKind: VesselKind | ''
  kind: string
  placeId: string
  level: Level
  warmth: 'place' | 'own'
  temperatureC: number
  litres: number
  /** Of the liquid, cm; null for the usual vessel of the school. */ depthCm: number | null
  widthCm: number | null
  /** Starter against the usual one. */ starter: number
  daysAgo: number
  mother: boolean
  /** The vessel is kept in the list, as what it looks like. */ keepAs: VesselKind | null
}

type VesselDraft = Extract<RecordDraft, { type: 'vessel' }> & { id: string }

/** Records of a start: the cultures, and the vessels that are kept in the list with them. */
export function startCultures(
  state: RoomState,
  food: Food,
  method: FoodMethod,
  x: StartChoice,
  now: Instant,
  newId: () => string,
): { cultures: CultureDraft[]; vessels: VesselDraft[] } {
  const used = new Set(running(state.cultureStates).map(c => c.record.name))
  const names = [x.name, ...nextNames(x.name, x.vessels - 1, used)]
  const vessels = names.flatMap(name => keptVessel(x, name, newId) ?? [])
  const kindOf = state.vessels.find(v => v.id === x.vesselId)?.kind ?? null
  const cultures = newCultures(
    state,
    names.map((name, i) => ({
      name,
      foodId: food.profile.id,
      methodId: method.id,
      kind: x.kind || null,
      placeId: x.placeId || null,
      level: x.level,
      vesselId: x.vesselId || (vessels[i]?.id ?? null),
      vesselKind: x.vesselKind || kindOf,
      startedAt: addHours(now, -24 * x.daysAgo),
      litres: x.litres as never,
      depthCm: x.depthCm,
      widthCm: x.widthCm,
      starter: x.starter,
      temperatureC: x.temperatureC as never,
      warmth: x.warmth,
      setId: null,
      mother: x.mother,
    })),
    newId,
  )
  return { cultures, vessels }
}

function keptVessel(x: StartChoice, name: string, newId: () => string): VesselDraft | null {
  if (x.keepAs === null || x.vesselId !== '') return null
  return {
    id: newId(),
    type: 'vessel',
    temperatureC: null,
    lit: false,
    hatching: false,
    name,
    kind: x.keepAs,
    placeId: x.placeId || null,
    litres: x.litres as never,
  }
}

/** What a record keeps of it. */
const LEAST = 0.001
const MOST = 10_000

/**
 * Starter against the usual one: by the animals in it where the mother is known, else by its volume.
 * Where a school needs none, a cup of an own vessel comes on top of what the water brings.
 * @param eachMl starter for each vessel
 * @param mother litres it holds, and organisms in it where they are known
 */
export function starterAgainstUsual(
  food: Food,
  method: FoodMethod,
  vesselL: number,
  eachMl: number,
  mother: { litres: number; organisms: number } | null,
): number {
  const organisms = mother ? (eachMl / (mother.litres * 1000)) * mother.organisms : 0
  const brought = starterRatio(food, method, vesselL, organisms)
  // What swims in the water by itself is there besides.
  if (method.starterShare <= 0) return organisms > 0 ? Math.min(MOST, 1 + brought) : 1
  const ratio = mother ? brought : eachMl / usualStarterMl(method, vesselL)
  return Math.min(MOST, Math.max(LEAST, ratio))
}
