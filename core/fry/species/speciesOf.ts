import type { SpeciesRecord } from '../../records/records'
import { SPECIES } from './index'
import { ESTIMATE, fish, type Species } from './species'

const own = new WeakMap<SpeciesRecord, Species>()

/** A user's own fish as the models see it. The same record gives the same object. */
export function ownSpecies(record: SpeciesRecord): Species {
  let species = own.get(record)
  if (!species) {
    const {
      id,
      name,
      latin,
      guild,
      zones,
      birth,
      hatchDays,
      swimDays,
      firstFeedingMm,
      gapePerLength,
      length14Mm,
      length30Mm,
      adultMm,
      referenceC,
      marine,
      basedOn,
    } = record
    const base = SPECIES.find(s => s.id === basedOn)
    species = fish({
      id,
      names: [name],
      latin: latin ? [latin] : [],
      guild,
      zones,
      birth,
      hatchDays,
      swimDays,
      firstFeedingMm,
      gapePerLength,
      length14Mm,
      length30Mm,
      adultMm,
      referenceC,
      marine,
      firstFood: base?.firstFood ?? '',
      timing: ESTIMATE,
    })
    const source = `your own values, copied from ${base?.names[0] ?? 'another fish'}`
    species = {
      ...species,
      shape: base?.shape ?? 1,
      shapeFromMm: base?.shapeFromMm ?? 0,
      shapeToMm: base?.shapeToMm ?? Infinity,
      sources: Object.fromEntries(
        Object.keys(species.sources).map(k => [k, source]),
      ) as Species['sources'],
    }
    own.set(record, species)
  }
  return species
}

/** The catalogue's entry or the user's own fish; null for an id nobody knows. */
export function speciesOf(speciesId: string, records: readonly SpeciesRecord[]): Species | null {
  const record = records.find(r => r.id === speciesId)
  return record ? ownSpecies(record) : (SPECIES.find(s => s.id === speciesId) ?? null)
}
