import { hatch, type Hatch } from '../dynamics/hatch/hatch'
import type { TemperatureCourse } from '../dynamics/hatch/temperature'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import type { Lot } from '../records/records'
import { hoursBetween, type Instant } from '../time/localDate'
import { gramsPerLitre } from '../units/quantity'

export interface Pull {
  at: Instant
  h: number
  nauplii: number
  seen: 'good' | 'thin' | 'failed'
}

/** One bottle from start to empty, as the log tells it. */
export interface HatchRun {
  id: string
  setup: EntryData<'hatch.started'>
  startedAt: Instant
  startEntryId: string
  act: string
  /** Hours since start and degrees: the set temperature, then what was read. */
  temperature: TemperatureCourse
  pulls: Pull[]
  /** When the vessel was emptied or fully harvested; null while it runs. */
  endedAt: Instant | null
}

/** All hatches of the log, oldest first. Expects effective entries in order of time. */
export function hatchRuns(entries: readonly Entry[]): HatchRun[] {
  const runs = new Map<string, HatchRun>()
  for (const e of ofKind(entries, 'hatch.started')) {
    runs.set(e.data.hatchId, {
      id: e.data.hatchId,
      setup: e.data,
      startedAt: e.at,
      startEntryId: e.id,
      act: e.act,
      temperature: e.data.temperatureC,
      pulls: [],
      endedAt: null,
    })
  }
  for (const e of ofKind(entries, 'hatch.temperature')) {
    const run = runs.get(e.data.hatchId)
    if (!run) continue
    const before =
      typeof run.temperature === 'number' ? [{ h: 0, c: run.temperature }] : run.temperature
    run.temperature = [
      ...before,
      { h: Math.max(0, hoursBetween(run.startedAt, e.at)), c: e.data.temperatureC },
    ]
  }
  for (const e of ofKind(entries, 'hatch.harvested')) {
    const run = runs.get(e.data.hatchId)
    if (!run) continue
    run.pulls.push({
      at: e.at,
      h: hoursBetween(run.startedAt, e.at),
      nauplii: e.data.nauplii,
      seen: e.data.seen,
    })
    if (e.data.finished) run.endedAt ??= e.at
  }
  for (const e of ofKind(entries, 'hatch.emptied')) {
    const run = runs.get(e.data.hatchId)
    if (run) run.endedAt ??= e.at
  }
  return [...runs.values()]
}

/** The model of a run: what it should do, given what is known of its lot and its temperature. */
export function modelOfRun(
  run: HatchRun,
  lot: Pick<Lot, 'cystsPerG' | 'speed' | 'spread'> & { hatch: number },
  pH: number,
): Hatch {
  const { waterL, saltG, cystsG, lit, decapsulated } = run.setup
  return hatch({
    vesselL: waterL,
    cystsG,
    saltGL: gramsPerLitre(saltG / waterL),
    pH,
    lit,
    decapsulated,
    temperature: run.temperature,
    lot: { hatch: lot.hatch, cystsPerG: lot.cystsPerG, speed: lot.speed, spread: lot.spread },
  })
}

/** Hours at which earlier pulls were made: a pull takes all that has hatched. */
export const lastPullH = (run: HatchRun) => run.pulls.reduce((h, p) => Math.max(h, p.h), 0)
