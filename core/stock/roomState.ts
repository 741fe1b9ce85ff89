import { NAUPLII } from '../foods/hatchProfile'
import { LOT_DEFAULTS } from '../dynamics/hatch/parameters'
import type { PreySize } from '../fry/edibles'
import { effectiveEntries } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type {
  AnyRecord,
  CultureRecord,
  GelIngredientRecord,
  GelMix,
  GelTray,
  Place,
  Room,
  SaltRecord,
  SpeciesRecord,
  Tank,
  Tool,
  TrialRecord,
  Vessel,
} from '../records/records'
import { localDateOf, type Instant, type LocalDate } from '../time/localDate'
import { broodState, type BroodState } from './broodState'
import { clocks, type Clock } from './clocks'
import { cultureStates, type CultureState } from './cultures'
import { gelBoxes, holdsGel, type GelBox } from './gelBoxes'
import { hatchCultures, modelOfHatch, type HatchCulture } from './hatchCultures'
import { movedPulls } from './movedPulls'
import { NOTHING_LEARNED, type Learned } from './learned'
import { liveTrials } from './liveTrials'
import { nextLot, type LotInUse } from './lotInUse'
import { lotState } from './lotState'
import { materialStocks, type MaterialStock } from './materialStock'
import { NOTHING_SETTLED, type Settled } from './settled'
import { rollingSets, type Rolling } from './rollingSets'
import { storeMoves, storesNow, type Store } from './stores'

/** pH assumed while nobody has tested the water: salt brine with soda stays here (Lavens & Sorgeloos 1996). */
export const ASSUMED_PH = 8.2

/** pH the hatch water will have: as tested, lifted to 8 by the soda that Renatus then asks for. */
export const hatchWaterPH = (room: Room | null) => Math.max(8, room?.water.pH ?? ASSUMED_PH)

/** A vessel in which cysts are hatched: warmed by itself. */
export type HatchVessel = Vessel & { temperatureC: number }
const isHatchVessel = (v: Vessel): v is HatchVessel => v.hatching && v.temperatureC !== null

/** Everything that is known of a room at an instant: records as they are, and what the log makes of them. */
export interface RoomState {
  now: Instant
  room: Room
  places: Place[]
  /** Everything that cultures stand in, one after the other. */
  vessels: Vessel[]
  /** Those in which cysts are hatched. */
  hatchVessels: HatchVessel[]
  salts: SaltRecord[]
  lots: LotInUse[]
  tanks: Tank[]
  /** The user's own fish. */
  species: SpeciesRecord[]
  /** Broods that have not ended, as they are known today. */
  broods: BroodState[]
  today: LocalDate
  /** Effective entries in order of time. */
  entries: readonly Entry[]
  /** Cultures that hatch, with those that have ended. */
  hatches: HatchCulture[]
  stores: Store[]
  clocks: Clock[]
  hatchPH: number
  tools: Tool[]
  /** Every culture that was started, with those that have ended. */
  cultures: CultureRecord[]
  cultureStates: CultureState[]
  rolling: Rolling[]
  learned: Learned
  /** What is kept and used up beside food. */
  materials: MaterialStock[]
  trials: TrialRecord[]
  /** Figures of what is not among the entries any more. */
  settled: Settled
  /** Gel diets, what they are made of and poured into, and the boxes that still hold a piece, the first to use first. */
  gel: {
    mixes: GelMix[]
    ingredients: GelIngredientRecord[]
    trays: GelTray[]
    boxes: GelBox[]
    /** Empty ones too. */ made: GelBox[]
  }
}

/**
 * Projects records and log to the state at `now`. Entries later than now (a clock that was set back) are kept:
 * they happened. Null while the room has not been set up.
 * @param learned what the room has taught of its lots and tools; without it the tins are believed
 * @param settled figures of what was left out of records and log, where they are a working log
 */
export function roomState(
  records: readonly AnyRecord[],
  log: readonly Entry[],
  now: Instant,
  learned: Learned = NOTHING_LEARNED,
  settled: Settled = NOTHING_SETTLED,
): RoomState | null {
  const live = records.filter(r => r.removedAt === null)
  const all = <T extends AnyRecord['type']>(type: T) =>
    live
      .filter((r): r is Extract<AnyRecord, { type: T }> => r.type === type)
      .sort((a, b) => (a.id < b.id ? -1 : 1))
  const room = all('room')[0]
  if (!room) return null
  const entries = effectiveEntries(log)
  const moves = storeMoves(entries)
  const stores = storesNow(entries, now, moves)
  const cultures = cultureStates(all('culture'), entries)
  const hatches = hatchCultures(cultures, entries)
  const hatchPH = hatchWaterPH(room)
  const tanks = all('tank')
  const species = all('species')
  const today = localDateOf(now, room.timeZone)
  const lots = all('lot').map(lot => ({
    lot,
    state: lotState(lot, {
      entries,
      hatches,
      now,
      timeZone: room.timeZone,
      learned: learned.lots[lot.id],
      settled,
    }),
  }))
  const open = nextLot(lots, room.lotOrder)
  const um = open && learned.lots[open.lot.id]?.naupliiUm
  const preySize: PreySize = um && um.from > 0 ? { [NAUPLII]: um.value / um.book } : {}
  const mixes = all('gel-mix')
  const made = gelBoxes(entries, mixes, moves, settled)
  const broods = all('brood').flatMap(
    b => broodState(b, { tanks, species, entries, timeZone: room.timeZone, today, preySize }) ?? [],
  )
  return {
    now,
    today,
    room,
    entries,
    hatches,
    broods,
    species,
    tanks,
    hatchPH,
    learned,
    settled,
    tools: all('tool'),
    cultures: cultures.map(c => c.record),
    cultureStates: cultures,
    rolling: rollingSets(all('rolling-set'), cultures),
    places: all('place'),
    vessels: all('vessel'),
    hatchVessels: all('vessel').filter(isHatchVessel),
    salts: all('salt'),
    lots,
    stores,
    trials: liveTrials(all('trial'), new Set(cultures.map(c => c.id)), entries),
    materials: materialStocks(
      all('material'),
      cultures.map(c => c.record),
      entries,
      settled,
    ),
    gel: {
      mixes,
      ingredients: all('gel-ingredient'),
      trays: all('gel-tray'),
      boxes: made.filter(holdsGel),
      made,
    },
    clocks: clocks(
      entries,
      now,
      new Set(stores.map(s => s.id)),
      clockMoves(hatches, lots, hatchPH),
    ),
  }
}

/** By how many hours the next pull of each hatch is later than it was meant: its clock goes with it. */
function clockMoves(
  hatches: readonly HatchCulture[],
  lots: readonly LotInUse[],
  pH: number,
): ReadonlyMap<string, number> {
  const measured = hatches.filter(h => h.endedAt === null && typeof h.temperature !== 'number')
  return new Map(
    measured.map(h => {
      const lot = lotOfHatch({ lots }, h)
      const moved = movedPulls(h, modelOfHatch(h, lot, pH), lot, pH)
      return [h.id, moved[h.pulls.length]?.byH ?? 0]
    }),
  )
}

export const saltInUse = (state: RoomState): SaltRecord | null => state.salts[0] ?? null

/** The lot of a hatch as it is believed now; a removed lot falls back on the household figures. */
export function lotOfHatch(
  state: { lots: readonly LotInUse[] },
  culture: Pick<HatchCulture, 'setup'>,
): { hatch: number; cystsPerG: number; speed: number; spread: number } {
  const found = state.lots.find(l => l.lot.id === culture.setup.lotId)
  return found
    ? {
        hatch: found.state.hatch,
        cystsPerG: found.lot.cystsPerG,
        speed: found.state.speed,
        spread: found.state.spread,
      }
    : LOT_DEFAULTS
}
