import type { PreySize } from '../fry/edibles'
import { fryCourse, fryOn, type FryCourse, type FryEvent } from '../fry/fryCourse'
import { gapeFit, type BellyLook, type GapeFit } from '../fry/gapeFit'
import { growthDays, lengthAfter } from '../fry/growth'
import { growthFit, type GrowthFit, type Measured } from '../fry/growthFit'
import {
  lifeDates,
  lifeStage,
  type Anchor,
  type LifeDates,
  type LifeStage,
  type LifeEvent,
} from '../fry/life'
import type { Species } from '../fry/species/species'
import { speciesOf } from '../fry/species/speciesOf'
import { entriesOf } from '../records/entriesOf'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import type { Brood, SpeciesRecord, Tank } from '../records/records'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import {
  steadyAt,
  steadyC,
  tankTemperature,
  temperatureOn,
  type TankTemperature,
} from './tankTemperature'
import { weaningOf, type Weaning } from './weaning'

/** A brood as it is known today: record, and what the log makes of it. */
export interface BroodState {
  id: string
  name: string
  brood: Brood
  /** Null for a fish this version does not know. */
  species: Species | null
  tank: Tank | null
  water: TankTemperature
  dates: LifeDates
  freeOn: LocalDate
  stage: LifeStage
  /** Days since free swimming; negative before. */
  day: number
  numbers: FryCourse
  /** Fry expected today. */
  fryNow: number
  growth: GrowthFit
  gape: GapeFit
  measured: readonly { on: LocalDate; lengthMm: number }[]
  looks: readonly EntryData<'brood.bellies'>[]
  weaning: Weaning
  /** How large the foods of the room are against the book. */
  preySize: PreySize
}

interface Context {
  tanks: readonly Tank[]
  species: readonly SpeciesRecord[]
  entries: readonly Entry[]
  timeZone: string
  today: LocalDate
  preySize: PreySize
}

/** Growth behind a fish on a date, in days at its reference temperature. */
function grownBy(
  species: Species,
  freeOn: LocalDate,
  date: LocalDate,
  water: TankTemperature,
): number {
  const steady = steadyC(water)
  if (steady !== null) return Math.max(0, daysBetween(freeOn, date)) * growthDays(species, steady)
  let grown = 0
  for (let d = 0; d < daysBetween(freeOn, date); d++)
    grown += growthDays(species, temperatureOn(water, addDays(freeOn, d)))
  return grown
}

/** The day after the last on which somebody waited for an event in vain: it is not expected before. */
function notBefore(mine: readonly Entry[]): Partial<Record<LifeEvent, LocalDate>> {
  const found: Partial<Record<LifeEvent, LocalDate>> = {}
  for (const { data } of ofKind(mine, 'brood.awaited')) {
    const next = addDays(data.on, 1)
    if (next > (found[data.event] ?? '')) found[data.event] = next
  }
  return found
}

/** Projects one brood; null when it has ended or nothing is left of it. */
export function broodState(brood: Brood, c: Context): BroodState | null {
  const mine = entriesOf(c.entries, 'broodId', brood.id)
  if (mine.some(e => e.kind === 'brood.ended')) return null
  // A split that was undone takes its brood with it.
  if (
    brood.splitFrom !== null &&
    !ofKind(c.entries, 'brood.left').some(e => e.data.toBroodId === brood.id)
  )
    return null
  const species = speciesOf(brood.speciesId, c.species)
  const tank = c.tanks.find(t => t.id === brood.tankId) ?? null
  const water = tank
    ? tankTemperature(tank, c.entries, c.timeZone)
    : steadyAt(species?.referenceC ?? 25)
  const temperature = (date: LocalDate) => temperatureOn(water, date)
  const anchors: Anchor[] = [
    brood.anchor,
    ...ofKind(mine, 'brood.event').map(e => ({
      event: e.data.event,
      on: e.data.on,
      kind: 'seen' as const,
      spreadDays: 0,
    })),
  ]
  const dates = lifeDates(species ?? UNKNOWN, anchors, temperature, notBefore(mine))
  const freeOn = dates.free.on
  const events: FryEvent[] = [
    ...ofKind(mine, 'brood.counted').map(e => ({
      on: e.data.on,
      kind: 'counted' as const,
      fry: e.data.fry,
    })),
    ...ofKind(mine, 'brood.left').map(e => ({
      on: e.data.on,
      kind: 'left' as const,
      fry: e.data.fry,
    })),
  ]
  const numbers = fryCourse({ fry: brood.fry, on: brood.countedOn }, events, freeOn)
  const fryNow = fryOn(numbers, c.today)
  if (fryNow < 0.5) return null
  const measured = ofKind(mine, 'brood.measured').map(e => ({
    on: e.data.on,
    lengthMm: e.data.lengthsMm.reduce((a, b) => a + b, 0) / e.data.lengthsMm.length,
  }))
  const lengths: Measured[] = species
    ? measured.map(m => ({ days: grownBy(species, freeOn, m.on, water), lengthMm: m.lengthMm }))
    : []
  const growth = growthFit(species ?? UNKNOWN, lengths)
  const looks = ofKind(mine, 'brood.bellies').map(e => e.data)
  const bellyLooks: BellyLook[] = species
    ? looks.map(l => ({
        lengthMm: lengthAfter(species, grownBy(species, freeOn, l.on, water), growth.factor),
        preyUm: l.preyUm,
        bellies: l.bellies,
      }))
    : []
  return {
    id: brood.id,
    name: brood.name,
    brood,
    species,
    tank,
    water,
    dates,
    freeOn,
    stage: lifeStage(dates, c.today),
    day: daysBetween(freeOn, c.today),
    numbers,
    fryNow,
    growth,
    gape: gapeFit(species?.gapePerLength ?? UNKNOWN.gapePerLength, bellyLooks),
    measured,
    looks,
    weaning: weaningOf(mine, c.today),
    preySize: c.preySize,
  }
}

/** Stands in for the numbers of a fish nobody knows, so that its dates still read; it is fed nothing. */
const UNKNOWN = {
  hatchDays: [3, 1, 7],
  swimDays: [3, 1, 5],
  referenceC: 26,
  rangeC: [21, 30],
  firstFeedingMm: 4,
  adultMm: 45,
  length14Mm: 6.8,
  length30Mm: 11.5,
  gapePerLength: 0.065,
} as const
