import { hatch, type Hatch } from '../dynamics/hatch/hatch'
import type { Reading } from '../instruments/reading'
import type { TemperatureCourse } from '../dynamics/hatch/temperature'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, HatchSetup } from '../records/entries'
import type { Lot } from '../records/records'
import type { HarvestGrade } from '../records/vocabulary'
import { hoursBetween, type Instant } from '../time/localDate'
import { saltFromGravity } from '../water/gravity'
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
  /** The school it is run by. */
  school: string
  placeId: string | null
  setup: HatchSetup
  startedAt: Instant
  /** Hours since start and degrees: the set temperature, then what was read. */
  temperature: TemperatureCourse
  /** As its water was tested last; null where nobody has. */
  pH: number | null
  /** Specific gravity of its water (25/25 C) as it was read last; null where nobody has. */
  sg: number | null
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
      school: c.record.methodId,
      placeId: c.placeId,
      setup: c.hatch,
      startedAt: c.startedAt,
      temperature: c.hatch.temperatureC,
      pH: null,
      sg: null,
      pulls: [],
      endedAt: c.ended?.at ?? null,
    })
  }
  readInstruments(found, entries)
  for (const e of ofKind(entries, 'culture.harvested')) {
    const { cultureId, organisms, seen } = e.data
    const culture = found.get(cultureId)
    const h = culture ? hoursBetween(culture.startedAt, e.at) : 0
    culture?.pulls.push({ at: e.at, h, nauplii: organisms ?? 0, seen })
  }
  return [...found.values()].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
}

/** What thermometers and tests of the water said of each. */
function readInstruments(found: ReadonlyMap<string, HatchCulture>, entries: readonly Entry[]) {
  for (const e of ofKind(entries, 'culture.temperature')) {
    const culture = found.get(e.data.cultureId)
    if (!culture) continue
    const set = culture.temperature
    const before = typeof set === 'number' ? [{ h: 0, c: set }] : set
    const h = Math.max(0, hoursBetween(culture.startedAt, e.at))
    culture.temperature = [...before, { h, c: e.data.temperatureC }]
  }
  for (const e of ofKind(entries, 'culture.course')) {
    const culture = found.get(e.data.cultureId)
    if (culture) culture.temperature = withCourse(culture, e.data.points)
  }
  for (const e of ofKind(entries, 'culture.tested')) {
    const culture = found.get(e.data.cultureId)
    if (culture) culture.pH = e.data.pH
  }
  for (const e of ofKind(entries, 'culture.gravity')) {
    const culture = found.get(e.data.cultureId)
    if (culture) culture.sg = e.data.sg
  }
}

/** The course of a bottle with what an instrument showed: until its first reading it was as warm as was set or read before. */
function withCourse(
  { temperature, startedAt }: HatchCulture,
  points: readonly Reading[],
): TemperatureCourse {
  const read = points.map(p => ({ h: hoursBetween(startedAt, p.at), c: p.c })).filter(p => p.h >= 0)
  const first = read[0]?.h ?? 0
  if (read.length === 0) return temperature
  const known = typeof temperature === 'number' ? [{ h: 0, c: temperature }] : temperature
  const within = (h: number) => h > first && h < read.at(-1)!.h
  return [...known.filter(p => !within(p.h)), ...read].sort((a, b) => a.h - b.h)
}

/** The model of a hatch: what it should do, given what is known of its lot and its temperature. */
export function modelOfHatch(
  culture: Pick<HatchCulture, 'setup' | 'temperature' | 'pH' | 'sg'>,
  lot: Pick<Lot, 'cystsPerG' | 'speed' | 'spread'> & { hatch: number },
  pH: number,
): Hatch {
  const { waterL, saltG, cystsG, lit, decapsulated } = culture.setup
  return hatch({
    vesselL: waterL,
    cystsG,
    saltGL:
      culture.sg === null ? gramsPerLitre(saltG / waterL) : saltFromGravity(culture.sg, 'fine'),
    pH: culture.pH ?? pH,
    lit,
    decapsulated,
    temperature: culture.temperature,
    lot: { hatch: lot.hatch, cystsPerG: lot.cystsPerG, speed: lot.speed, spread: lot.spread },
  })
}

/** Hours at which earlier pulls were made: a pull takes all that has hatched. */
export const lastPullH = (culture: Pick<HatchCulture, 'pulls'>) =>
  culture.pulls.reduce((h, p) => Math.max(h, p.h), 0)
