import { energyLeft } from '../dynamics/hatch/energyLoss'
import { HATCH } from '../dynamics/hatch/parameters'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'

/** Nauplii put by: chilled alive in the fridge, or frozen as cubes. */
export interface NaupliiStore {
  id: string
  hatchId: string
  form: 'fridge' | 'freezer'
  storedAt: Instant
  /** Left after what was fed from it. */
  nauplii: number
  volumeMl: number | null
  cubes: number | null
  naupliiPerCube: number | null
  naupliiPerMl: number | null
  /** Energy of one nauplius now, full yolk = 1. Frozen ones keep what they had. */
  energy: number
  /** When the fridge ends being useful; null in the freezer. */
  useBy: Instant | null
}

/** Stores that still hold something, oldest first. */
export function naupliiStores(entries: readonly Entry[], now: Instant): NaupliiStore[] {
  const gone = new Set(ofKind(entries, 'store.discarded').map(e => e.data.storeId))
  const fed = new Map<string, number>()
  for (const { data } of ofKind(entries, 'tank.fed')) {
    if (data.source.kind !== 'harvest')
      fed.set(data.source.id, (fed.get(data.source.id) ?? 0) + data.nauplii)
  }
  return ofKind(entries, 'nauplii.stored')
    .filter(e => !gone.has(e.data.storeId))
    .map(({ at, data }): NaupliiStore => {
      const left = Math.max(0, data.nauplii - (fed.get(data.storeId) ?? 0))
      const share = data.nauplii > 0 ? left / data.nauplii : 0
      const chilled = data.form === 'fridge'
      return {
        id: data.storeId,
        hatchId: data.hatchId,
        form: data.form,
        storedAt: at,
        nauplii: left,
        volumeMl: data.volumeMl === null ? null : data.volumeMl * share,
        cubes: data.cubes === null ? null : data.cubes * share,
        naupliiPerCube: data.cubes ? data.nauplii / data.cubes : null,
        naupliiPerMl: data.volumeMl ? data.nauplii / data.volumeMl : null,
        energy: chilled
          ? data.energy * energyLeft(HATCH.fridgeC, hoursBetween(at, now))
          : data.energy,
        useBy: chilled ? addHours(at, HATCH.fridgeHoldH) : null,
      }
    })
    .filter(s => s.nauplii >= 1)
    .sort((a, b) => toMs(a.storedAt) - toMs(b.storedAt))
}
