import { GRAMS_PER_OUNCE, ML_PER_US_GALLON } from './convert'
import { measureMl, type MeasureSystem } from './kitchenMeasures'

export type AmountKind = 'volume' | 'mass'
export type ParsedAmount =
  | {
      ok: true
      /** L for a volume, g for a mass. */
      value: number
      /** Where a spoon was not level: the least and the most that it may have been. */
      between?: [least: number, most: number]
    }
  | { ok: false; code: 'empty' | 'unreadable' | 'wrong-kind' | 'needs-density'; text: string }

const WORDS: Record<string, number> = {
  'half': 0.5,
  'a': 1,
  'an': 1,
  'one': 1,
  'two': 2,
  'three': 3,
  'quarter': 0.25,
  '½': 0.5,
  '¼': 0.25,
  '⅛': 0.125,
  '¾': 0.75,
}
const ML: Record<string, number> = {
  ml: 1,
  l: 1000,
  litre: 1000,
  liter: 1000,
  gal: ML_PER_US_GALLON,
  gallon: ML_PER_US_GALLON,
}
const GRAMS: Record<string, number> = { g: 1, gram: 1, kg: 1000, mg: 0.001, oz: GRAMS_PER_OUNCE }
const SPOONS: Record<string, string> = {
  cup: 'cup',
  tbsp: 'tbsp',
  tablespoon: 'tbsp',
  tsp: 'tsp',
  teaspoon: 'tsp',
  pinch: 'pinch',
  pinches: 'pinch',
}

/** What a spoon that is not level holds of a level one, least and most (working estimates). */
const NOT_LEVEL: Record<string, readonly [number, number]> = {
  heaped: [1.5, 1.8],
  heaping: [1.5, 1.8],
  rounded: [1.2, 1.4],
}
const HEAP = new RegExp(`\\b(${Object.keys(NOT_LEVEL).join('|')})\\s+`)

const PART = /^((?:[\d.,/½¼⅛¾]+|half|quarter|a|an|one|two|three|of|\s)+)?\s*([a-z]+)?$/

/**
 * Reads what a person types: "52", "52 g", "half a tsp", "1 cup", "2 gal", "2 tbsp + 1 tsp", "1 heaping tbsp".
 * @param kind what the answer must be; a bare number is taken as litres or grams
 * @param gPerMl loose density of the powder, needed to weigh spoons
 * @example parseAmount('half a tsp', 'mass', { measures: 'metric', gPerMl: 1.2 }) // { ok: true, value: 3 }
 */
export function parseAmount(
  text: string,
  kind: AmountKind,
  options: { measures: MeasureSystem; gPerMl?: number },
): ParsedAmount {
  const parts = text
    .trim()
    .toLowerCase()
    .split(/\s*(?:\+|&|\band\b)\s*/)
  if (parts.length === 1 && parts[0] === '') return { ok: false, code: 'empty', text }
  let least = 0
  let most = 0
  for (const part of parts) {
    const heap = HEAP.exec(part)?.[1]
    const found = parsePart(part.replace(HEAP, ''), kind, options)
    if (typeof found === 'string') return { ok: false, code: found, text }
    const [lo, hi] = heap ? NOT_LEVEL[heap]! : [1, 1]
    least += lo * found
    most += hi * found
  }
  const value = (least + most) / 2
  return most > least ? { ok: true, value, between: [least, most] } : { ok: true, value }
}

function parsePart(
  part: string,
  kind: AmountKind,
  options: { measures: MeasureSystem; gPerMl?: number },
) {
  const [, digits, word = ''] = PART.exec(part) ?? []
  const unit = word.replace(/(?<=[a-z]{3})s$/, '')
  const number = digits === undefined ? 1 : readNumber(digits)
  if (number === null || (digits ?? unit) === '') return 'unreadable' as const
  if (unit === '') return number
  const grams = GRAMS[unit]
  if (grams !== undefined) return kind === 'mass' ? number * grams : ('wrong-kind' as const)
  const ml = unitMl(unit, options.measures)
  if (ml === null) return 'unreadable' as const
  if (kind === 'volume') return (number * ml) / 1000
  return options.gPerMl ? number * ml * options.gPerMl : ('needs-density' as const)
}

/** What a unit of volume or a spoon holds, mL; null for what is none. */
function unitMl(unit: string, measures: MeasureSystem): number | null {
  const spoon = SPOONS[unit]
  return ML[unit] ?? (spoon ? measureMl(spoon, measures) : null)
}

/** "1 1/2" adds, "half a" multiplies by one, "2,5" is read as a decimal comma. */
function readNumber(text: string): number | null {
  let sum: number | null = null
  for (const raw of text.trim().split(/\s+/)) {
    if (raw === 'of' || ((raw === 'a' || raw === 'an') && sum !== null)) continue
    const [top, bottom] = raw.split('/')
    const value =
      WORDS[raw] ??
      (bottom === undefined
        ? Number(raw.replace(',', '.').replace(/[½¼⅛¾]/, f => String(WORDS[f]).slice(1)))
        : Number(top) / Number(bottom))
    if (!Number.isFinite(value)) return null
    sum = (sum ?? 0) + value
  }
  return sum
}
