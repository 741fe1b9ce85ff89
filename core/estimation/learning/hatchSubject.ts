import { meansOf } from '../../instruments/meansOf'
import { hatchFood as food } from '../../foods/hatchFood'
import { ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { Lot } from '../../records/records'
import type { HatchCulture } from '../../stock/hatchCultures'
import { hoursBetween } from '../../time/localDate'
import type { Observation } from '../observation'
import type { Subject } from '../subject'

/** Error of one count beyond chance: mixing, dilution, the drop itself. */
export const COUNT_LOG_SD = 0.15

/** A bottle of cysts as a vessel to be read. */
export function hatchSubject(
  hatch: HatchCulture,
  lot: Pick<Lot, 'cystsPerG'>,
  pH: number,
): Subject {
  const { waterL, cystsG, saltG, lit, decapsulated, temperatureC } = hatch.setup
  return {
    food,
    method: food.methods[0]!,
    setup: { volumeL: waterL },
    temperatureC,
    seed: 5,
    known: {
      cystsGL: cystsG / waterL,
      saltGL: saltG / waterL,
      pH,
      lit: lit ? 1 : 0,
      decapsulated: decapsulated ? 1 : 0,
      cystsPerG: lot.cystsPerG,
    },
  }
}

/**
 * What the log tells of a bottle. A pull takes all that swims; what was counted of it is what swam.
 * How a harvest looked, without a count, says nothing of the lot: it is written down in passing.
 */
export function hatchObservations(
  hatch: HatchCulture,
  entries: readonly Entry[],
): { observations: Observation[]; counts: number } {
  const h = (at: string) => Math.max(0, hoursBetween(hatch.startedAt, at))
  const observations: Observation[] = []
  let counts = 0
  const density = (at: string, nauplii: number, animals: number) => {
    observations.push({
      h: h(at),
      kind: 'density',
      perMl: nauplii / (hatch.setup.waterL * 1000),
      logSd: Math.sqrt(COUNT_LOG_SD ** 2 + 1 / Math.max(1, animals)),
    })
    counts++
  }
  for (const e of ofKind(entries, 'culture.temperature'))
    if (e.data.cultureId === hatch.id)
      observations.push({ h: h(e.at), kind: 'temperature', c: e.data.temperatureC })
  for (const e of ofKind(entries, 'culture.course'))
    if (e.data.cultureId === hatch.id)
      for (const { at, c } of meansOf(e.data.points))
        observations.push({ h: h(at), kind: 'temperature', c })
  for (const e of ofKind(entries, 'sample.counted')) {
    if (e.data.of?.id !== hatch.id) continue
    const animals = e.data.counts.reduce((a, b) => a + b, 0)
    density(
      e.at,
      (animals / (e.data.counts.length * e.data.dropMl)) * hatch.setup.waterL * 1000,
      animals,
    )
  }
  for (const e of ofKind(entries, 'culture.harvested')) {
    if (e.data.cultureId !== hatch.id) continue
    if (e.data.count) density(e.at, e.data.organisms ?? 0, e.data.count.animals)
    observations.push({
      h: h(e.at),
      kind: 'action',
      action: { kind: 'takeOut', amount: e.data.share, unit: 'share' },
    })
  }
  return { observations, counts }
}
