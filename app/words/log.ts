import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { formatCount, formatGrams, formatLitres, formatMillilitres } from '@renatus/core/units/format'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'

/** Names of the kinds of entries, as filters show them. */
export const KIND_NAMES: Record<EntryKind, string> = {
  'hatch.started': 'Hatch started', 'hatch.temperature': 'Temperature read', 'hatch.harvested': 'Harvest', 'hatch.emptied': 'Vessel emptied', 'tank.fed': 'Tank fed',
  'nauplii.stored': 'Nauplii put by', 'store.discarded': 'Store poured away', 'stop.postponed': 'Put off', 'clock.started': 'Clock started', 'clock.seen': 'Clock answered',
  'lot.weighed': 'Lot weighed', 'brood.counted': 'Fry counted', 'note': 'Note', 'undone': 'Undone',
}

/** Numbers of an entry that a person may correct. */
export const CORRECTABLE: Partial<Record<EntryKind, readonly { field: string, label: string, unit: string }[]>> = {
  'hatch.started': [{ field: 'cystsG', label: 'Cysts', unit: 'g' }, { field: 'saltG', label: 'Salt', unit: 'g' }, { field: 'waterL', label: 'Water', unit: 'L' }, { field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'hatch.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'hatch.harvested': [{ field: 'nauplii', label: 'Nauplii', unit: '' }, { field: 'volumeMl', label: 'In the cup', unit: 'mL' }],
  'tank.fed': [{ field: 'nauplii', label: 'Nauplii', unit: '' }],
  'nauplii.stored': [{ field: 'nauplii', label: 'Nauplii', unit: '' }],
  'lot.weighed': [{ field: 'grams', label: 'Grams left', unit: 'g' }],
  'brood.counted': [{ field: 'fry', label: 'Fry', unit: '' }],
}

/** One entry as a sentence. */
export function entrySentence(e: Entry, records: readonly AnyRecord[], measures: MeasureSystem, hatchVessel: (hatchId: string) => string): string {
  const name = (id: string) => {
    const found = records.find(r => r.id === id)
    return found ? found.name : 'something removed'
  }
  switch (e.kind) {
    case 'hatch.started': return `${name(e.data.vesselId)}: ${formatLitres(e.data.waterL, measures)} water, ${formatGrams(e.data.saltG)} salt, ${formatGrams(e.data.cystsG)} cysts of ${name(e.data.lotId)}${e.data.proposed ? ` (proposed ${formatGrams(e.data.proposed.cystsG)})` : ''}`
    case 'hatch.temperature': return `${hatchVessel(e.data.hatchId)}: ${e.data.temperatureC.toFixed(1)} °C`
    case 'hatch.harvested': return `${hatchVessel(e.data.hatchId)}: ${formatCount(e.data.nauplii)} nauplii, ${e.data.count ? `counted (${e.data.count.animals} in ${e.data.count.samples} × ${e.data.count.sampleMl} mL)` : e.data.seen}`
    case 'hatch.emptied': return `${hatchVessel(e.data.hatchId)}: ${e.data.reason}`
    case 'tank.fed': return `${name(e.data.tankId)}: ${formatCount(e.data.nauplii)} nauplii${e.data.ml === null ? '' : `, ${formatMillilitres(e.data.ml)}`} from the ${e.data.source.kind}`
    case 'nauplii.stored': return `${formatCount(e.data.nauplii)} nauplii to the ${e.data.form}${e.data.cubes ? `, ${e.data.cubes} cubes` : ''}`
    case 'store.discarded': return e.data.reason
    case 'stop.postponed': return e.data.key.startsWith('start:') ? 'a hatch start' : e.data.key.startsWith('harvest:') ? 'a harvest' : e.data.key.startsWith('feed:') ? 'a meal' : 'a stop'
    case 'clock.started': return e.data.label
    case 'clock.seen': return 'seen'
    case 'lot.weighed': return `${name(e.data.lotId)}: ${formatGrams(e.data.grams)} left`
    case 'brood.counted': return `${name(e.data.broodId)}: ${e.data.fry.toLocaleString('en-GB')} fry`
    case 'note': return e.data.text
    case 'undone': return 'an earlier act was taken back'
  }
}
