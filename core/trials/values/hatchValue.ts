import { ofKind } from '../../records/effectiveEntries'
import type { TrialRecord } from '../../records/records'
import { hoursBetween } from '../../time/localDate'
import type { Hits, Valued } from '../arms'
import type { TrialRoom } from '../member'

/** Of one bottle: animals that were counted in the drops, and what all of it holds by them. */
function countsOf(id: string, waterMl: number, room: TrialRoom) {
  const drops = ofKind(room.entries, 'sample.counted')
    .filter(e => e.data.of?.id === id)
    .map(({ data }) => {
      const animals = data.counts.reduce((a, b) => a + b, 0)
      return { animals, nauplii: (animals / (data.counts.length * data.dropMl)) * waterMl }
    })
  const pulls = ofKind(room.entries, 'culture.harvested').flatMap(({ data }) =>
    data.cultureId === id && data.count && data.organisms !== null
      ? [{ animals: data.count.animals, nauplii: data.organisms }]
      : [],
  )
  return { drops, pulls }
}

/** A bottle out of which cysts hatch: what share of them, as sure as what was counted; or the hours to its pull. */
export function hatchValue(trial: TrialRecord, id: string, room: TrialRoom): Hits | Valued | null {
  const bottle = room.hatches.find(h => h.id === id)
  if (!bottle) return null
  if (trial.asks === 'pull-hours') {
    const last = bottle.pulls.at(-1)
    return last ? { value: Math.max(0.1, hoursBetween(bottle.startedAt, last.at)), logSd: 0 } : null
  }
  const { drops, pulls } = countsOf(id, bottle.setup.waterL * 1000, room)
  // What was pulled and counted is all of it; else the fullest count of the bottle.
  const fullest = drops.toSorted((a, b) => b.nauplii - a.nauplii).slice(0, 1)
  const parts = pulls.length > 0 ? pulls : fullest
  const nauplii = parts.reduce((sum, p) => sum + p.nauplii, 0)
  const animals = parts.reduce((sum, p) => sum + p.animals, 0)
  const lot = room.lots.find(l => l.lot.id === bottle.setup.lotId)?.lot
  if (!lot || animals === 0) return null
  const share = Math.min(1, nauplii / (bottle.setup.cystsG * lot.cystsPerG))
  // So many seen of so many: as sure as the drops, and no surer.
  return { hit: animals, of: Math.max(animals, Math.round(animals / share)) }
}
