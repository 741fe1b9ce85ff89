import { LOT_DEFAULTS } from '../../dynamics/hatch/parameters'
import { NAUPLII } from '../../foods/hatchProfile'
import { vessel as vesselRecord } from '../../records/roomRecords'
import { lot as lotRecord } from '../../records/storeRecords'
import { lotState } from '../../stock/lotState'
import type { HatchVessel, RoomState } from '../../stock/roomState'
import { lotInUse, type LotInUse } from '../../stock/lotInUse'
import { NOTHING_SETTLED } from '../../stock/settled'
import { STORE_LEAD_D } from '../../foods/buying'

const ID = '00000000000000000000000000'
const base = { id: ID, updatedAt: '2000-01-01T00:00:00Z', removedAt: null }
/** What anybody finds at home: a soft drink's bottle with an air line, in a room's warm corner. */
const BOTTLE = vesselRecord.parse({
  ...base,
  type: 'vessel',
  name: 'a bottle',
  kind: 'bottle',
  hatching: true,
  litres: 1,
  temperatureC: 26,
  lit: true,
}) as HatchVessel
/** A tin as the trade sells most (working estimate). */
const TIN = lotRecord.parse({
  ...base,
  type: 'lot',
  name: 'a new tin',
  ...LOT_DEFAULTS,
  gramsAtStart: 100,
  price: null,
  priceGrams: null,
})

/** What a hatch takes and a room may lack. */
export type BenchPart = 'vessel' | 'cysts' | 'salt'

/** What a room that keeps nauplii lacks to hatch them; nothing where they are no food of it. */
export function benchLacks(state: RoomState): BenchPart[] {
  if (!state.room.foods.includes(NAUPLII)) return []
  const lacks: [BenchPart, boolean][] = [
    ['vessel', state.hatchVessels.length === 0],
    ['cysts', lotInUse(state) === null],
    ['salt', state.salts.length === 0],
  ]
  return lacks.filter(([, is]) => is).map(([part]) => part)
}

const tin = (state: RoomState): LotInUse => ({
  lot: TIN,
  state: lotState(TIN, {
    entries: [],
    hatches: [],
    learned: undefined,
    now: state.now,
    timeZone: state.room.timeZone,
    settled: NOTHING_SETTLED,
  }),
})

/** A room that never hatched, as it would be with a bottle and a tin: what it lacks is bought within days. */
export function withBench(state: RoomState): { state: RoomState; fromDay: number } {
  const lacks = benchLacks(state)
  // A tin that is used up is ordered by the round: who has hatched knows how.
  if (lacks.length === 0 || state.lots.length > 0) return { state, fromDay: 0 }
  const hatchVessels = lacks.includes('vessel') ? [BOTTLE] : state.hatchVessels
  return { state: { ...state, hatchVessels, lots: [tin(state)] }, fromDay: STORE_LEAD_D }
}
