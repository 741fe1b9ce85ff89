import type { Entry, EntryData, EntryKind, Portion } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { formatCount, formatGrams, formatMillilitres } from '@renatus/core/units/format'
import { handText } from '@renatus/core/round/handText'
import { edible } from '@renatus/core/fry/edibles'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import { cultureSentence } from './logCultures'

/** Names of the kinds of entries, as filters show them. */
export const KIND_NAMES: Record<EntryKind, string> = {
  'tank.fed': 'Tank fed',
  'store.filled': 'Put by',
  'store.counted': 'Store counted',
  'store.portioned': 'Taken out for the day',
  'store.discarded': 'Thrown out',
  'stop.answered': 'Stop answered',
  'order.placed': 'Ordered',
  'order.came': 'Order came',
  'brood.awaited': 'Not yet',
  'vessel.cleaned': 'Vessel cleaned',
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
  'tank.task': 'Task done',
  'culture.looked': 'Look',
  'culture.did': 'Culture tended',
  'culture.temperature': 'Temperature read',
  'culture.harvested': 'Drawn from',
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
  'note': 'Note',
  'undone': 'Undone',
}

/** Numbers of an entry that a person may correct. */
export const CORRECTABLE: Partial<
  Record<EntryKind, readonly { field: string; label: string; unit: string }[]>
> = {
  'culture.harvested': [
    { field: 'organisms', label: 'Animals', unit: '' },
    { field: 'cupMl', label: 'In the cup', unit: 'mL' },
  ],
  'store.filled': [
    { field: 'organisms', label: 'Animals', unit: '' },
    { field: 'amount', label: 'Amount', unit: '' },
  ],
  'store.counted': [{ field: 'amount', label: 'Left', unit: '' }],
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

const all = (parts: readonly string[]) => parts.filter(Boolean).join(': ')

/** A portion: how much of what, and from where. */
function portionText(p: Portion, measures: MeasureSystem, from: (id: string) => string): string {
  const food = edible(p.foodId)
  const animals = `${formatCount(p.organisms)} ${food?.units ?? p.foodId}`
  const amount = p.amount ? `${handText(p.amount, measures)} of ${foodName(p.foodId)}, ` : ''
  return `${amount}${animals}${p.source ? ` from ${from(p.source.id)}` : ''}`
}

function storeText(d: EntryData<'store.filled'>, measures: MeasureSystem): string {
  const animals = d.organisms === null ? '' : `${formatCount(d.organisms)} `
  const amount =
    d.amount === null ? '' : `, ${handText({ value: d.amount, unit: d.unit }, measures)}`
  return `${animals}${edible(d.foodId)?.units ?? d.foodId}${amount}, ${KEEP_WORDS[d.keep]}`
}

const KEEP_WORDS = { fridge: 'chilled', freezer: 'frozen', brine: 'in brine', dry: 'dry' } as const
const ANSWER_WORDS = { 'done': 'done', 'not-now': 'put off', 'enough': 'ended' } as const
/** What the kinds of stops are called when they are answered. */
const STOP_WORDS: Record<string, string> = {
  ask: 'a question',
  begin: 'a start',
  clean: 'a cleaning',
  clear: 'a clearing',
  cook: 'a batch',
  harvest: 'a harvest',
  hatch: 'a hatch start',
  looks: 'looks',
  order: 'an order',
  start: 'a hatch start',
  tank: 'a tank',
  tub: 'the tub',
  vessel: 'a vessel',
}
const answerText = (d: EntryData<'stop.answered'>) =>
  `${STOP_WORDS[d.key.split(':')[0] ?? ''] ?? 'a stop'}: ${ANSWER_WORDS[d.how]}`

function orderText(d: EntryData<'order.placed'>): string {
  if (d.what === 'cysts' || d.foodId === null) return 'cysts'
  return d.what === 'starter' ? `a starter of ${foodName(d.foodId)}` : foodName(d.foodId)
}

/** One entry as a sentence. */
export function entrySentence(
  e: Entry,
  records: readonly AnyRecord[],
  measures: MeasureSystem,
): string {
  const name = (id: string) => {
    const found = records.find(r => r.id === id)
    return found ? found.name : 'something removed'
  }
  const sourceName = (id: string) => records.find(r => r.id === id)?.name ?? 'what is kept'
  const placeOf = (of: { type: string; id: string } | null) =>
    of === null ? '' : `${name(of.id)}: `
  switch (e.kind) {
    case 'tank.fed':
      return `${name(e.data.tankId)}: ${e.data.portions.map(p => portionText(p, measures, sourceName)).join(', ')}`
    case 'store.filled':
      return `${e.data.name}: ${storeText(e.data, measures)}`
    case 'store.counted':
      return `${e.data.name || 'A store'}: ${e.data.amount.toLocaleString('en-GB')} left`
    case 'store.portioned':
      return `${e.data.name}: ${e.data.amount.toLocaleString('en-GB')} for ${e.data.tanks.map(t => `${name(t.tankId)} ${t.amount}`).join(', ')}`
    case 'store.discarded':
      return all([e.data.name, e.data.reason])
    case 'stop.answered':
      return answerText(e.data)
    case 'order.placed':
      return `${orderText(e.data)}, to come on ${e.data.comesOn}`
    case 'order.came':
      return e.data.came ? 'it is here' : 'not waited for any more'
    case 'brood.awaited':
      return `${name(e.data.broodId)}: not ${EVENT_WORDS[e.data.event]} on ${e.data.on}`
    case 'vessel.cleaned':
      return `${name(e.data.vesselId)}: with ${e.data.cleaner}`
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
    case 'note':
      return e.data.text
    case 'undone':
      return 'an earlier act was taken back'
  }
}
