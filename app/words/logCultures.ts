import type { Entry, EntryData, HatchSetup } from '@renatus/core/records/entries'
import { foodOf } from '@renatus/core/foods/index'
import type { AnyRecord } from '@renatus/core/records/records'
import { formatCount, formatGrams, formatMillilitres } from '@renatus/core/units/format'
import { CLEAN_WORDS, LEVEL_WORDS, REFUSED } from './tending'

type CultureEntry = Extract<Entry, { kind: `culture.${string}` | 'place.temperature' }>

const ACTION_WORDS: Record<EntryData<'culture.did'>['action'], string> = {
  feed: 'fed',
  dose: 'dosed',
  stir: 'stirred',
  topUp: 'topped up',
  waterChange: 'water changed',
  takeOut: 'taken out',
  split: 'split',
  renew: 'renewed',
  poison: 'something harmful got in',
}
const ORIGIN_WORDS = {
  bought: 'bought',
  wild: 'caught outdoors',
  cultures: 'from',
  unknown: '',
} as const

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

/** An entry about a culture, as a sentence. */
export function cultureSentence(
  e: CultureEntry,
  records: readonly AnyRecord[],
  name: (id: string) => string,
): string {
  switch (e.kind) {
    case 'culture.looked': {
      const culture = records.find(r => r.id === e.data.cultureId)
      const signs = (culture?.type === 'culture' && foodOf(culture.foodId)?.signs) || {}
      const seen = Object.entries(e.data.signs).map(
        ([sign, grade]) =>
          signs[sign as keyof typeof signs]?.[Math.round(grade)] ?? `${sign} ${grade}`,
      )
      return `${name(e.data.cultureId)}: ${seen.filter(w => w !== 'none').join(', ') || (seen.length ? 'nothing to see' : 'nothing graded')}`
    }
    case 'culture.did':
      return `${name(e.data.cultureId)}: ${all([ACTION_WORDS[e.data.action], e.data.amount === null || (e.data.what && e.data.unit !== 'share') ? '' : unitText(e.data.amount, e.data.unit), e.data.what, e.data.proposed === null || e.data.proposed === undefined ? '' : 'not as proposed', although(e.data.despite)])}`
    case 'culture.temperature':
      return `${name(e.data.cultureId)}: ${e.data.temperatureC.toFixed(1)} °C`
    case 'culture.harvested':
      return `${name(e.data.cultureId)}: ${all([`${Math.round(e.data.share * 1000) / 10} % taken`, e.data.ml ? formatMillilitres(e.data.ml) : '', e.data.organisms ? `about ${formatCount(e.data.organisms)}` : '', e.data.portions.length ? `for ${e.data.portions.map(p => name(p.tankId)).join(' and ')}` : '', e.data.count ? `counted (${e.data.count.animals} in ${e.data.count.samples} × ${e.data.count.sampleMl} mL)` : (e.data.seen ?? ''), although(e.data.despite)])}`
    case 'culture.refused':
      return name(e.data.cultureId)
    case 'culture.ended':
      return `${name(e.data.cultureId)}: ${all([e.data.how, e.data.cleaner ? `cleaned with ${e.data.cleaner}` : '', although(e.data.despite)])}`
    case 'culture.started':
      if (e.data.hatch) return `${name(e.data.cultureId)}: ${hatchText(e.data.hatch, name)}`
      return `${name(e.data.cultureId)}: ${all([`${ORIGIN_WORDS[e.data.origin]} ${e.data.parentIds.map(name).join(' and ')}`.trim(), e.data.starterMl ? `${formatMillilitres(e.data.starterMl)} of starter` : '', although(e.data.despite)]) || 'set up'}`
    case 'culture.moved':
      return `${name(e.data.cultureId)}: to ${e.data.placeId ? name(e.data.placeId) : 'nowhere in particular'}, ${LEVEL_WORDS[e.data.level]}`
    case 'culture.quarantined':
      return `${name(e.data.cultureId)}: ${e.data.apart ? all(['set apart', e.data.reason]) : 'let back'}`
    case 'culture.crossed':
      return `${name(e.data.cultureId)}: ${CLEAN_WORDS[e.data.rule]}`
    case 'place.temperature':
      return `${name(e.data.placeId)}: ${all([e.data.topC === null ? '' : `${e.data.topC.toFixed(1)} °C at the top`, e.data.bottomC === null ? '' : `${e.data.bottomC.toFixed(1)} °C at the bottom`])}`
  }
}
