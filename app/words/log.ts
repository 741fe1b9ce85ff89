import { LOT_KEEP_WORDS } from './cysts'
import { amountOf } from './stores'
import { numberText } from '@renatus/core/units/numberText'
import type { Entry, EntryData, EntryKind, Portion } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { formatGrams, formatMillilitres } from '@renatus/core/units/format'
import { handText } from '@renatus/core/round/handText'
import { edible } from '@renatus/core/fry/edibles'
import { dayText } from '@renatus/core/time/dayText'
import { animalsText } from '@renatus/core/units/countable'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import { courseText, CULTURE_SENTENCES } from './logCultures'
import type { Sentences, SentenceWords } from './sentences'

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
  'lot.boxed': 'Box filled',
  'purchase.made': 'Bought',
  'material.counted': 'Counted',
  'material.taken': 'Taken',
  'material.mixed': 'Mixed',
  'trial.valued': 'Measured on trial',
  'trial.lost': 'Lost on trial',
  'trial.opened': 'Labels looked up',
  'trial.ended': 'Trial of vessels ended',
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
  'culture.course': 'Thermometer',
  'culture.tested': 'Water tested',
  'place.course': 'Thermometer of a place',
  'tank.course': 'Thermometer of a tank',
  'lot.decapsulated': 'Shells taken off',
  'culture.gravity': 'Gravity read',
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
  'purchase.made': [
    { field: 'amount', label: 'Amount', unit: '' },
    { field: 'price', label: 'Price', unit: '' },
  ],
  'material.counted': [{ field: 'amount', label: 'Left', unit: '' }],
  'lot.weighed': [{ field: 'grams', label: 'Grams left', unit: 'g' }],
  'brood.counted': [{ field: 'fry', label: 'Fry', unit: '' }],
  'brood.left': [{ field: 'fry', label: 'Fry', unit: '' }],
  'tank.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'culture.temperature': [{ field: 'temperatureC', label: 'Temperature', unit: '°C' }],
  'culture.gravity': [{ field: 'sg', label: 'Gravity', unit: '' }],
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

const NAKED_WORDS = {
  hatch: 'to hatch',
  feed: 'to feed as they are',
  store: 'stored in brine',
  lost: 'lost',
} as const
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

/** What came of one source is one portion to a reader, however it was shared out. */
function together(portions: readonly Portion[]): Portion[] {
  const found = new Map<string, Portion>()
  for (const p of portions) {
    const key = `${p.foodId} ${p.source?.id ?? ''} ${p.amount?.unit ?? ''}`
    const known = found.get(key)
    const value = (known?.amount?.value ?? 0) + (p.amount?.value ?? 0)
    const amount = p.amount && { ...p.amount, value }
    found.set(key, { ...p, organisms: (known?.organisms ?? 0) + p.organisms, amount })
  }
  return [...found.values()]
}

/** A portion: how much of what, and from where. */
function portionText(p: Portion, measures: MeasureSystem, from: (id: string) => string): string {
  const food = edible(p.foodId)
  const animals = animalsText(p.organisms, food?.units ?? p.foodId)
  const amount = p.amount ? `${handText(p.amount, measures)} of ${foodName(p.foodId)}, ` : ''
  return `${amount}${animals}${p.source ? ` from ${from(p.source.id)}` : ''}`
}

function storeText(d: EntryData<'store.filled'>, measures: MeasureSystem): string {
  const units = edible(d.foodId)?.units ?? d.foodId
  const animals = d.organisms === null ? units : animalsText(d.organisms, units)
  const amount =
    d.amount === null ? '' : `, ${handText({ value: d.amount, unit: d.unit }, measures)}`
  return `${animals}${amount}, ${KEEP_WORDS[d.keep]}`
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
  cool: 'a move to the cool',
  harvest: 'a harvest',
  hatch: 'a hatch start',
  looks: 'looks',
  order: 'an order',
  provide: 'a first food',
  start: 'a hatch start',
  tank: 'a tank',
  tub: 'the tub',
  vessel: 'a vessel',
}
const answerText = (d: EntryData<'stop.answered'>) =>
  `${STOP_WORDS[d.key.split(':')[0] ?? ''] ?? 'a stop'}: ${ANSWER_WORDS[d.how]}`

function orderText(d: EntryData<'order.placed'>, name: (id: string) => string): string {
  if (d.what === 'material') return d.materialId ? name(d.materialId) : 'a material'
  if (d.what === 'cysts' || d.foodId === null) return 'cysts'
  return d.what === 'starter' ? `a starter of ${foodName(d.foodId)}` : foodName(d.foodId)
}

function readingText(r: EntryData<'water.read'>['reading']): string {
  if (r.by === 'secchi') return `stick gone at ${r.depthCm} cm`
  return `${Math.round((100 * r.sample) / r.white)} % of the white through ${r.pathCm} cm`
}
function leftText(d: EntryData<'brood.left'>, name: (id: string) => string): string {
  if (d.how !== 'split') return d.how
  return `split off to ${d.toBroodId ? name(d.toBroodId) : 'another tank'}`
}
function planText(d: EntryData<'plan.kept'>): string {
  if (d.starts.length === 0) return 'nothing to start'
  const starts = d.starts
    .map(s => `${s.vessels} ${foodName(s.food)} on ${dayText(s.on)}`)
    .join(', ')
  const sure = `${Math.round(d.certainty * 100)} % certainty`
  return `${d.starts.length === 1 ? 'one start' : `${d.starts.length} starts`}, ${sure}: ${starts}`
}

const placeOf = (w: SentenceWords, of: { type: string; id: string } | null) =>
  of === null ? '' : `${w.name(of.id)}: `

const TRIAL_ENDED = {
  settled: 'It is settled.',
  alike: 'They are alike.',
  stopped: 'Stopped unsettled.',
} as const
/** The label of a vessel on trial. */
function memberOf(w: SentenceWords, d: { trialId: string; memberId: string }): string {
  const trial = w.records.find(r => r.id === d.trialId)
  const found = trial?.type === 'trial' && trial.members.find(m => m.id === d.memberId)
  return found ? found.label : 'a vessel'
}

const SENTENCES: Sentences<EntryKind> = {
  ...CULTURE_SENTENCES,
  'tank.fed': (d, w) =>
    `${w.name(d.tankId)}: ${together(d.portions)
      .map(p => portionText(p, w.measures, w.source))
      .join(', ')}`,
  'store.filled': (d, w) => `${d.name}: ${storeText(d, w.measures)}`,
  'store.counted': d => `${d.name || 'A store'}: ${numberText(d.amount)} left`,
  'store.portioned': (d, w) =>
    `${d.name}: ${numberText(d.amount)} for ${d.tanks.map(t => `${w.name(t.tankId)} ${t.amount}`).join(', ')}`,
  'store.discarded': d => all([d.name, d.reason]),
  'stop.answered': d => answerText(d),
  'order.placed': (d, w) => `${orderText(d, w.name)}, to come on ${d.comesOn}`,
  'order.came': d => (d.came ? 'it is here' : 'not waited for any more'),
  'brood.awaited': (d, w) =>
    `${w.name(d.broodId)}: not ${EVENT_WORDS[d.event]} on ${dayText(d.on)}`,
  'vessel.cleaned': (d, w) => `${w.name(d.vesselId)}: with ${d.cleaner}`,
  'clock.started': d => d.label,
  'clock.seen': () => 'seen',
  'lot.boxed': (d, w) =>
    `${w.name(d.lotId)}: ${formatGrams(d.grams)} into a box, ${LOT_KEEP_WORDS[d.kept]}`,
  'purchase.made': d =>
    `${d.name}: ${amountOf(d.amount, d.unit)}${d.price === null ? '' : ` for ${numberText(d.price, { decimals: 2 })}`}`,
  'material.counted': (d, w) => `${w.name(d.materialId)}: ${numberText(d.amount)} left`,
  'material.taken': (d, w) =>
    all([`${w.name(d.materialId)}: ${numberText(d.amount)} taken`, d.what]),
  'material.mixed': (d, w) => `${w.name(d.materialId)}: ${amountOf(d.amount, 'mL')} mixed`,
  'trial.valued': (d, w) =>
    `${w.name(d.trialId)} ${memberOf(w, d)}: ${d.hits ? `${d.hits.hit} of ${d.hits.of}` : d.values!.map(v => numberText(v, { digits: 4 })).join(', ')}`,
  'trial.lost': (d, w) => all([`${w.name(d.trialId)} ${memberOf(w, d)}`, d.reason]),
  'trial.opened': (d, w) => w.name(d.trialId),
  'trial.ended': (d, w) => `${w.name(d.trialId)} ${TRIAL_ENDED[d.how]}`,
  'lot.weighed': (d, w) => `${w.name(d.lotId)}: ${formatGrams(d.grams)} left`,
  'lot.decapsulated': (d, w) =>
    `${formatGrams(d.grams)} of ${w.name(d.lotId)}: ${NAKED_WORDS[d.outcome]}`,
  'brood.counted': (d, w) => `${w.name(d.broodId)}: ${numberText(d.fry)} fry`,
  'brood.event': (d, w) => `${w.name(d.broodId)}: ${EVENT_WORDS[d.event]} on ${dayText(d.on)}`,
  'brood.left': (d, w) => `${w.name(d.broodId)}: ${numberText(d.fry)} ${leftText(d, w.name)}`,
  'brood.ended': (d, w) => `${w.name(d.broodId)}: ${d.reason}`,
  'brood.measured': (d, w) =>
    `${w.name(d.broodId)}: ${d.lengthsMm.map(l => l.toFixed(1)).join(', ')} mm`,
  'brood.bellies': (d, w) =>
    `${w.name(d.broodId)}: ${d.bellies} after ${foodName(d.foodId)}${d.weaning ? ', on trial' : ''}`,
  'weaning.started': (d, w) => `${w.name(d.broodId)}: ${foodName(d.foodId)} at two meals`,
  'weaning.decided': (d, w) =>
    `${w.name(d.broodId)}: ${d.take ? 'takes' : 'does not take'} ${foodName(d.foodId)}${d.take ? '' : ' yet'}`,
  'tank.temperature': (d, w) => `${w.name(d.tankId)}: ${d.temperatureC.toFixed(1)} °C`,
  'tank.course': (d, w) => `${w.name(d.tankId)}: ${courseText(d)}`,
  'tank.task': (d, w) => `${w.name(d.tankId)}: ${TASK_WORDS[d.task] ?? d.task}`,
  'sample.counted': (d, w) => {
    const animals = d.counts.reduce((a, b) => a + b, 0)
    const drops = `${d.counts.length} × ${formatMillilitres(d.dropMl)}`
    const how = d.how === 'picture' ? ', off a picture' : ''
    const units = edible(d.foodId)?.units ?? d.foodId
    return `${placeOf(w, d.of)}${numberText(animals)} ${units} in ${drops}${how}`
  },
  'water.read': (d, w) => `${placeOf(w, d.of)}${readingText(d.reading)}`,
  'lot.measured': (d, w) => `${w.name(d.lotId)}: ${d.lengthsUm.map(Math.round).join(', ')} µm`,
  'tool.measured': (d, w) =>
    `${w.name(d.toolId)}: ${formatGrams(d.grams)} of water in ${d.times} ${d.times === 1 ? 'filling' : 'fillings'}`,
  'learning.reset': (d, w) =>
    d.of.type === 'food' ? (edible(d.of.id)?.name ?? d.of.id) : w.name(d.of.id),
  'plan.kept': d => planText(d),
  'sheet.ticked': d => `${d.text} ${d.done ? 'Ticked' : 'Unticked'} by ${d.who}.`,
  'gel.cooked': (d, w) =>
    `${d.boxName}: ${numberText(d.pieces)} ${d.pieces === 1 ? 'piece' : 'pieces'} of ${w.name(d.mixId)} from ${formatGrams(d.powderG)} powder and ${formatMillilitres(d.waterMl)} water`,
  'note': d => d.text,
  'undone': () => 'an earlier act was taken back',
}

const named = new WeakMap<readonly AnyRecord[], ReadonlyMap<string, string>>()
/** Names by id: a log asks for them line by line. */
function namesOf(records: readonly AnyRecord[]): ReadonlyMap<string, string> {
  const known = named.get(records)
  if (known) return known
  const names = new Map(records.map(r => [r.id, r.name]))
  named.set(records, names)
  return names
}

/** One entry as a sentence. */
export function entrySentence(
  e: Entry,
  records: readonly AnyRecord[],
  measures: MeasureSystem,
): string {
  const nameOf = (id: string) => namesOf(records).get(id)
  const sentence = SENTENCES[e.kind] as (data: Entry['data'], w: SentenceWords) => string
  return sentence(e.data, {
    records,
    measures,
    name: id => nameOf(id) ?? 'something removed',
    source: id => nameOf(id) ?? 'what is kept',
  })
}
