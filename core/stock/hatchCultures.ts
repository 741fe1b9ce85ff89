import { hatch, type Hatch } from '../dynamics/hatch/hatch'
import type { TemperatureCourse } from '../dynamics/hatch/temperature'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, HatchSetup } from '../records/entries'
import type { Lot } from '../records/records'
import type { HarvestGrade } from '../records/vocabulary'
import { hoursBetween, type Instant } from '../time/localDate'
import { gramsPerLitre } from '../units/quantity'
import type { CultureState } from './cultures'

export interface Pull {
  at: Instant
  h: number
  nauplii: number
  seen: HarvestGrade | null
}

/** A culture of cysts from start to empty, as the log tells it. */
export interface HatchCulture {
  id: string
  /** What its vessel is called. */
  name: string
  vesselId: string | null
  placeId: string | null
  setup: HatchSetup
  startedAt: Instant
  /** Hours since start and degrees: the set temperature, then what was read. */
  temperature: TemperatureCourse
  pulls: Pull[]
  /** When the vessel was emptied or fully harvested; null while it runs. */
  endedAt: Instant | null
}

/** All cultures that hatch, oldest first. Expects effective entries in order of time. */
export function hatchCultures(
  states: readonly CultureState[],
  entries: readonly Entry[],
): HatchCulture[] {
  const found = new Map<string, HatchCulture>()
  for (const c of states) {
    if (!c.hatch) continue
    found.set(c.id, {
      id: c.id,
      name: c.record.name,
      vesselId: c.record.vesselId,
      placeId: c.placeId,
      setup: c.hatch,
      startedAt: c.startedAt,
      temperature: c.hatch.temperatureC,
      pulls: [],
      endedAt: c.ended?.at ?? null,
    })
  }
  for (const e of ofKind(entries, 'culture.temperature')) {
    const culture = found.get(e.data.cultureId)
    if (!culture) continue
    const set = culture.temperature
    const before = typeof set === 'number' ? [{ h: 0, c: set }] : set
    const h = Math.max(0, hoursBetween(culture.startedAt, e.at))
    culture.temperature = [...before, { h, c: e.data.temperatureC }]
  }
  for (const e of ofKind(entries, 'culture.harvested')) {
    const { cultureId, organisms, seen } = e.data
    const culture = found.get(cultureId)
    const h = culture ? hoursBetween(culture.startedAt, e.at) : 0
    culture?.pulls.push({ at: e.at, h, nauplii: organisms ?? 0, seen })
  }
  return [...found.values()].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
}

/** The model of a hatch: what it should do, given what is known of its lot and its temperature. */
export function modelOfHatch(
  culture: Pick<HatchCulture, 'setup' | 'temperature'>,
  lot: Pick<Lot, 'cystsPerG' | 'speed' | 'spread'> & { hatch: number },
  pH: number,
): Hatch {
  const { waterL, saltG, cystsG, lit, decapsulated } = culture.setup
  return hatch({
    vesselL: waterL,
    cystsG,
    saltGL: gramsPerLitre(saltG / waterL),
    pH,
    lit,
    decapsulated,
    temperature: culture.temperature,
    lot: { hatch: lot.hatch, cystsPerG: lot.cystsPerG, speed: lot.speed, spread: lot.spread },
  })
}

/** Hours at which earlier pulls were made: a pull takes all that has hatched. */
export const lastPullH = (culture: Pick<HatchCulture, 'pulls'>) =>
  culture.pulls.reduce((h, p) => Math.max(h, p.h), 0)
