import type { EntryData, EntryKind, HatchSetup } from '@renatus/core/records/entries'
import { foodOf } from '@renatus/core/foods/index'
import { formatCount, formatGrams, formatMillilitres } from '@renatus/core/units/format'
import type { Sentences, SentenceWords } from './sentences'
import { CLEAN_WORDS, LEVEL_WORDS, REFUSED } from './tending'

type CultureKind = Extract<EntryKind, `culture.${string}` | `place.${string}`>

const ACTION_WORDS: Record<EntryData<'culture.did'>['action'], string> = {
  feed: 'fed',
  dose: 'dosed',
  stir: 'stirred',
  topUp: 'topped up',
  waterChange: 'water changed',
  takeOut: 'taken out',
  split: 'split',
  lower: 'level lowered',
  renew: 'renewed',
  poison: 'something harmful got in',
}
const ORIGIN_WORDS = {
  bought: 'bought',
  wild: 'caught outdoors',
  cultures: 'from',
  unknown: '',
} as const

const HOW_WORDS = {
  'typed': 'read',
  'min-max': 'lowest and highest',
  'file': 'from its file',
  'live': 'live',
} as const

/** What an instrument showed, from the coldest to the warmest. */
export function courseText(d: Pick<EntryData<'place.course'>, 'how' | 'points'>): string {
  const c = d.points.map(p => p.c)
  const [low, high] = [Math.min(...c), Math.max(...c)].map(x => x.toFixed(1))
  const span = low === high ? `${low} °C` : `${low} to ${high} °C`
  return `${span} (${HOW_WORDS[d.how]})`
}

const unitText = (amount: number, unit: EntryData<'culture.did'>['unit']) =>
  unit === 'share'
    ? `${Math.round(amount * 100)} %`
    : `${amount} ${unit === 'mgPerL' ? 'mg/L' : (unit ?? '')}`
const all = (parts: readonly string[]) => parts.filter(Boolean).join(', ')
/** What was done although it was refused. */
const although = (despite: EntryData<'culture.did'>['despite'] | undefined) =>
  despite?.length ? `although ${despite.map(r => REFUSED[r]).join(', ')}` : ''

/** What went in: "2 L water, 50 g salt, 1 g cysts of Tin 1". */
function hatchText(h: HatchSetup, name: (id: string) => string): string {
  const proposed = h.proposed ? ` (proposed ${formatGrams(h.proposed.cystsG)})` : ''
  return `${h.waterL} L water, ${formatGrams(h.saltG)} salt, ${formatGrams(h.cystsG)} cysts of ${name(h.lotId)}${proposed}`
}

function didParts(d: EntryData<'culture.did'>): string[] {
  const poured = d.what && d.unit !== 'share' ? null : d.amount
  return [
    ACTION_WORDS[d.action],
    poured === null ? '' : unitText(poured, d.unit),
    d.what,
    (d.proposed ?? null) === null ? '' : 'not as proposed',
    although(d.despite),
  ]
}

function harvestParts(d: EntryData<'culture.harvested'>, name: (id: string) => string): string[] {
  const tanks = d.portions.map(p => name(p.tankId)).join(' and ')
  const seen = d.count
    ? `counted (${d.count.animals} in ${d.count.samples} × ${d.count.sampleMl} mL)`
    : (d.seen ?? '')
  return [
    `${Math.round(d.share * 1000) / 10} % taken`,
    d.ml ? formatMillilitres(d.ml) : '',
    d.organisms ? `about ${formatCount(d.organisms)}` : '',
    tanks === '' ? '' : `for ${tanks}`,
    seen,
    although(d.despite),
  ]
}

/** What a vessel on trial was made with is looked up there, and not by whoever looks at it. */
const isOnTrial = (w: SentenceWords, cultureId: string) =>
  w.records.some(
    r => r.type === 'trial' && r.planned && r.members.some(m => m.of?.id === cultureId),
  )
function madeParts(d: EntryData<'culture.started'>, w: SentenceWords): string[] {
  if (!d.made) return []
  if (isOnTrial(w, d.cultureId)) return ['on trial']
  return [d.made.matter, d.made.water, d.made.medium, d.made.remark]
}
function startParts(d: EntryData<'culture.started'>, w: SentenceWords): string[] {
  const { name } = w
  return [
    `${ORIGIN_WORDS[d.origin]} ${d.parentIds.map(name).join(' and ')}`.trim(),
    d.starterMl ? `${formatMillilitres(d.starterMl)} of starter` : '',
    ...madeParts(d, w),
    although(d.despite),
  ]
}

/** Entries about a culture or its place, as sentences. */
export const CULTURE_SENTENCES: Sentences<CultureKind> = {
  'culture.looked': (d, w) => {
    const culture = w.records.find(r => r.id === d.cultureId)
    const signs = (culture?.type === 'culture' && foodOf(culture.foodId)?.signs) || {}
    const seen = Object.entries(d.signs).map(
      ([sign, grade]) =>
        signs[sign as keyof typeof signs]?.[Math.round(grade)] ?? `${sign} ${grade}`,
    )
    return `${w.name(d.cultureId)}: ${seen.filter(x => x !== 'none').join(', ') || (seen.length ? 'nothing to see' : 'nothing graded')}${d.strangers?.length ? `; in it: ${d.strangers.join(', ')}` : ''}`
  },
  'culture.did': (d, w) => `${w.name(d.cultureId)}: ${all(didParts(d))}`,
  'culture.temperature': (d, w) => `${w.name(d.cultureId)}: ${d.temperatureC.toFixed(1)} °C`,
  'culture.course': (d, w) => `${w.name(d.cultureId)}: ${courseText(d)}`,
  'place.course': (d, w) => `${w.name(d.placeId)}: ${courseText(d)}`,
  'culture.tested': (d, w) =>
    `${w.name(d.cultureId)}: pH ${d.pH.toFixed(1)}${d.sodaG > 0 ? ` with ${formatGrams(d.sodaG)} of soda` : ''}`,
  'culture.gravity': (d, w) => `${w.name(d.cultureId)}: ${d.sg.toFixed(3)}`,
  'culture.harvested': (d, w) => `${w.name(d.cultureId)}: ${all(harvestParts(d, w.name))}`,
  'culture.refused': (d, w) => w.name(d.cultureId),
  'culture.ended': (d, w) =>
    `${w.name(d.cultureId)}: ${all([d.how, d.cleaner ? `cleaned with ${d.cleaner}` : '', although(d.despite)])}`,
  'culture.started': (d, w) => {
    if (d.hatch) return `${w.name(d.cultureId)}: ${hatchText(d.hatch, w.name)}`
    return `${w.name(d.cultureId)}: ${all(startParts(d, w)) || 'set up'}`
  },
  'culture.moved': (d, w) =>
    `${w.name(d.cultureId)}: to ${d.placeId ? w.name(d.placeId) : 'nowhere in particular'}, ${LEVEL_WORDS[d.level]}`,
  'culture.quarantined': (d, w) =>
    `${w.name(d.cultureId)}: ${d.apart ? all(['set apart', d.reason]) : 'let back'}`,
  'culture.crossed': (d, w) => `${w.name(d.cultureId)}: ${CLEAN_WORDS[d.rule]}`,
  'place.temperature': (d, w) =>
    `${w.name(d.placeId)}: ${all([d.topC === null ? '' : `${d.topC.toFixed(1)} °C at the top`, d.bottomC === null ? '' : `${d.bottomC.toFixed(1)} °C at the bottom`])}`,
}
