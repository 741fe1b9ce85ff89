import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import {
  formatCount,
  formatGrams,
  formatLitres,
  formatMillilitres,
} from '@renatus/core/units/format'
import { edible } from '@renatus/core/fry/edibles'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import { cultureSentence } from './logCultures'

/** Names of the kinds of entries, as filters show them. */
export const KIND_NAMES: Record<EntryKind, string> = {
  'hatch.started': 'Hatch started',
  'hatch.temperature': 'Temperature read',
  'hatch.harvested': 'Harvest',
  'hatch.emptied': 'Vessel emptied',
  'tank.fed': 'Tank fed',
  'nauplii.stored': 'Nauplii put by',
  'store.discarded': 'Store poured away',
  'stop.postponed': 'Put off',
  'clock.started': 'Clock started',
  'clock.seen': 'Clock answered',
  'lot.weighed': 'Lot weighed',
  'brood.counted': 'Fry counted',
  'brood.event': 'Stage seen',
  'brood.left': 'Fry left',
  'brood.ended': 'Brood ended',
  'brood.measured': 'Length measured',
  'brood.bellies': 'Bellies seen',
  'weaning.started': 'Trial of a food',
  'weaning.decided': 'Trial decided',
  'tank.temperature': 'Tank temperature',
  'tank.given': 'Food given',
  'tank.task': 'Task done',
  'culture.looked': 'Look',
  'culture.did': 'Culture tended',
  'culture.temperature': 'Culture temperature',
  'culture.harvested': 'Culture harvested',
  'culture.refused': 'Not worth a harvest',
  'culture.ended': 'Culture ended',
  'culture.started': 'Culture started',
  'culture.moved': 'Culture moved',
  'culture.quarantined': 'Set apart',
  'culture.crossed': 'Line crossed',
  'place.temperature': 'Place temperature',
  'sample.counted': 'Drops counted',
  'water.read': 'Water read',
  'lot.measured': 'Nauplii measured',
  'tool.measured': 'Measure weighed',
  'learning.reset': 'Learning reset',
  'plan.kept': 'Plan kept',
  'sheet.ticked': 'Sheet ticked',
  'gel.cooked': 'Gel cooked',
  'gel.tubbed': 'Gel taken out',
  'gel.counted': 'Gel counted',
  'gel.discarded': 'Gel thrown out',
  'note': 'Note',
  'undone': 'Undone',
}

/** Numbers of an entry that a person may correct. */
export const CORRECTABLE: Partial<
  Record<EntryKind, readonly { field: string; label: string; unit: string }[]>
> = {
  'hatch.started': [
    { field: 'cystsG', label: 'Cysts', unit: 'g' },
    { field: 'saltG', label: 'Salt', unit: 'g' },
    { field: 'waterL', label: 'Water', unit: 'L' },
    { field: 'temperatureC', label: 'Temperature', unit: '°C' },
  ],
  'hatch.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'hatch.harvested': [
    { field: 'nauplii', label: 'Nauplii', unit: '' },
    { field: 'volumeMl', label: 'In the cup', unit: 'mL' },
  ],
  'tank.fed': [{ field: 'nauplii', label: 'Nauplii', unit: '' }],
  'nauplii.stored': [{ field: 'nauplii', label: 'Nauplii', unit: '' }],
  'lot.weighed': [{ field: 'grams', label: 'Grams left', unit: 'g' }],
  'brood.counted': [{ field: 'fry', label: 'Fry', unit: '' }],
  'brood.left': [{ field: 'fry', label: 'Fry', unit: '' }],
  'tank.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'culture.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'sample.counted': [{ field: 'dropMl', label: 'One drop', unit: 'mL' }],
  'gel.cooked': [
    { field: 'pieces', label: 'Pieces', unit: '' },
    { field: 'powderG', label: 'Powder', unit: 'g' },
    { field: 'waterMl', label: 'Water', unit: 'mL' },
  ],
  'gel.counted': [{ field: 'pieces', label: 'Pieces left', unit: '' }],
  'tool.measured': [
    { field: 'times', label: 'Fillings', unit: '' },
    { field: 'grams', label: 'Water', unit: 'g' },
  ],
}

const foodName = (id: string) => edible(id)?.name.toLowerCase() ?? id
export const EVENT_WORDS = {
  spawned: 'spawned',
  hatched: 'hatched',
  free: 'free swimming',
} as const
const TASK_WORDS: Record<string, string> = {
  'siphon': 'siphoned',
  'fungus': 'eggs looked through',
  'wet': 'eggs wetted',
  'move-larvae': 'larvae moved',
  'first-food': 'first food checked',
  'box': 'moved to a smaller box',
  'second-stage': 'second-stage nauplii, enriched',
  'gap': 'warned: nothing it can swallow',
  'gel-out': 'left-over gel taken out',
}

/** One entry as a sentence. */
export function entrySentence(
  e: Entry,
  records: readonly AnyRecord[],
  measures: MeasureSystem,
  hatchVessel: (hatchId: string) => string,
): string {
  const name = (id: string) => {
    const found = records.find(r => r.id === id)
    return found ? found.name : 'something removed'
  }
  const placeOf = (of: { type: string; id: string } | null) =>
    of === null ? '' : `${of.type === 'hatch' ? hatchVessel(of.id) : name(of.id)}: `
  switch (e.kind) {
    case 'hatch.started':
      return `${name(e.data.vesselId)}: ${formatLitres(e.data.waterL, measures)} water, ${formatGrams(e.data.saltG)} salt, ${formatGrams(e.data.cystsG)} cysts of ${name(e.data.lotId)}${e.data.proposed ? ` (proposed ${formatGrams(e.data.proposed.cystsG)})` : ''}`
    case 'hatch.temperature':
      return `${hatchVessel(e.data.hatchId)}: ${e.data.temperatureC.toFixed(1)} °C`
    case 'hatch.harvested':
      return `${hatchVessel(e.data.hatchId)}: ${formatCount(e.data.nauplii)} nauplii, ${e.data.count ? `counted (${e.data.count.animals} in ${e.data.count.samples} × ${e.data.count.sampleMl} mL)` : e.data.seen}`
    case 'hatch.emptied':
      return `${hatchVessel(e.data.hatchId)}: ${e.data.reason}`
    case 'tank.fed':
      return `${name(e.data.tankId)}: ${formatCount(e.data.nauplii)} nauplii${e.data.ml === null ? '' : `, ${formatMillilitres(e.data.ml)}`} from the ${e.data.source.kind}`
    case 'nauplii.stored':
      return `${formatCount(e.data.nauplii)} nauplii to the ${e.data.form}${e.data.cubes ? `, ${e.data.cubes} cubes` : ''}`
    case 'store.discarded':
      return e.data.reason
    case 'stop.postponed':
      return e.data.key.startsWith('start:')
        ? 'a hatch start'
        : e.data.key.startsWith('harvest:')
          ? 'a harvest'
          : e.data.key.startsWith('feed:')
            ? 'a meal'
            : 'a stop'
    case 'clock.started':
      return e.data.label
    case 'clock.seen':
      return 'seen'
    case 'lot.weighed':
      return `${name(e.data.lotId)}: ${formatGrams(e.data.grams)} left`
    case 'brood.counted':
      return `${name(e.data.broodId)}: ${e.data.fry.toLocaleString('en-GB')} fry`
    case 'brood.event':
      return `${name(e.data.broodId)}: ${EVENT_WORDS[e.data.event]} on ${e.data.on}`
    case 'brood.left':
      return `${name(e.data.broodId)}: ${e.data.fry.toLocaleString('en-GB')} ${e.data.how === 'split' ? `split off to ${e.data.toBroodId ? name(e.data.toBroodId) : 'another tank'}` : e.data.how}`
    case 'brood.ended':
      return `${name(e.data.broodId)}: ${e.data.reason}`
    case 'brood.measured':
      return `${name(e.data.broodId)}: ${e.data.lengthsMm.map(l => l.toFixed(1)).join(', ')} mm`
    case 'brood.bellies':
      return `${name(e.data.broodId)}: ${e.data.bellies} after ${foodName(e.data.foodId)}${e.data.weaning ? ', on trial' : ''}`
    case 'weaning.started':
      return `${name(e.data.broodId)}: ${foodName(e.data.foodId)} at two meals`
    case 'weaning.decided':
      return `${name(e.data.broodId)}: ${e.data.take ? 'takes' : 'does not take'} ${foodName(e.data.foodId)}${e.data.take ? '' : ' yet'}`
    case 'tank.temperature':
      return `${name(e.data.tankId)}: ${e.data.temperatureC.toFixed(1)} °C`
    case 'tank.given':
      return `${name(e.data.tankId)}: ${e.data.foods.map(f => `${formatCount(f.organisms)} ${edible(f.foodId)?.units ?? f.foodId}`).join(', ')}`
    case 'tank.task':
      return `${name(e.data.tankId)}: ${TASK_WORDS[e.data.task] ?? e.data.task}`
    case 'culture.looked':
    case 'culture.did':
    case 'culture.temperature':
    case 'culture.harvested':
    case 'culture.refused':
    case 'culture.ended':
    case 'culture.started':
    case 'culture.moved':
    case 'culture.quarantined':
    case 'culture.crossed':
    case 'place.temperature':
      return cultureSentence(e, records, name)
    case 'sample.counted': {
      const animals = e.data.counts.reduce((a, b) => a + b, 0)
      return `${placeOf(e.data.of)}${animals.toLocaleString('en-GB')} ${edible(e.data.foodId)?.units ?? e.data.foodId} in ${e.data.counts.length} × ${formatMillilitres(e.data.dropMl)}${e.data.how === 'picture' ? ', off a picture' : ''}`
    }
    case 'water.read':
      return `${placeOf(e.data.of)}${e.data.reading.by === 'secchi' ? `stick gone at ${e.data.reading.depthCm} cm` : `${Math.round((100 * e.data.reading.sample) / e.data.reading.white)} % of the white through ${e.data.reading.pathCm} cm`}`
    case 'lot.measured':
      return `${name(e.data.lotId)}: ${e.data.lengthsUm.map(Math.round).join(', ')} µm`
    case 'tool.measured':
      return `${name(e.data.toolId)}: ${formatGrams(e.data.grams)} of water in ${e.data.times} ${e.data.times === 1 ? 'filling' : 'fillings'}`
    case 'learning.reset':
      return e.data.of.type === 'food'
        ? (edible(e.data.of.id)?.name ?? e.data.of.id)
        : name(e.data.of.id)
    case 'plan.kept':
      return e.data.starts.length === 0
        ? 'nothing to start'
        : `${e.data.starts.length === 1 ? 'one start' : `${e.data.starts.length} starts`}, ${Math.round(e.data.certainty * 100)} % certainty: ${e.data.starts.map(s => `${s.vessels} ${foodName(s.food)} on ${s.on}`).join(', ')}`
    case 'sheet.ticked':
      return `${e.data.text} ${e.data.done ? 'Ticked' : 'Unticked'} by ${e.data.who}.`
    case 'gel.cooked':
      return `${e.data.boxName}: ${e.data.pieces.toLocaleString('en-GB')} ${e.data.pieces === 1 ? 'piece' : 'pieces'} of ${name(e.data.mixId)} from ${formatGrams(e.data.powderG)} powder and ${formatMillilitres(e.data.waterMl)} water`
    case 'gel.tubbed':
      return `${e.data.boxName}: ${e.data.pieces.toLocaleString('en-GB')} for ${e.data.tanks.map(t => `${name(t.tankId)} ${t.pieces}`).join(', ')}`
    case 'gel.counted':
      return `${e.data.boxName}: ${e.data.pieces.toLocaleString('en-GB')} left`
    case 'gel.discarded':
      return `${e.data.boxName}: ${e.data.pieces.toLocaleString('en-GB')}, ${e.data.reason}`
    case 'note':
      return e.data.text
    case 'undone':
      return 'an earlier act was taken back'
  }
}
