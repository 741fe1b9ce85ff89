import { numberText } from './numberText'
import { significant } from '../math/significant'
import { celsiusToFahrenheit, litresToGallons, ML_PER_US_CUP } from './convert'
import type { MeasureSystem, SpoonCount } from './kitchenMeasures'

/**
 * Amounts as a person reads them: as precise as a spoon or a syringe, with the unit.
 * A thin no-break space binds number and unit.
 */
const GAP = '\u00A0'
const plain = (value: number, digits: number) =>
  numberText(significant(value, digits), { decimals: 6 })

/** 12 400, 980, 35. Two digits up to a thousand, three above: nobody counts nauplii finer. Tens of millions and more in words. */
export function formatCount(n: number): string {
  const size = Math.abs(n)
  if (size >= 1e9) return `${plain(n / 1e9, 3)} billion`
  return size >= 1e7 ? `${plain(n / 1e6, 3)} million` : plain(n, size >= 1000 ? 3 : 2)
}

/** A number of things that are counted one by one. */
export const formatWhole = (n: number) => numberText(Math.round(n))

export function formatGrams(g: number): string {
  if (g < 10) return `${plain(Math.round(g * 100) / 100, 2)}${GAP}g`
  return `${plain(g, g < 1000 ? 3 : 4)}${GAP}g`
}

export function formatLitres(l: number, measures: MeasureSystem): string {
  if (measures === 'us') {
    const gallons = litresToGallons(l)
    if (gallons >= 1) return `${plain(gallons, 3)}${GAP}gal`
    const cups = plain((l * 1000) / ML_PER_US_CUP, 2)
    return `${cups}${GAP}${cups === '1' ? 'cup' : 'cups'}`
  }
  return l >= 1 ? `${plain(l, 3)}${GAP}L` : `${plain(l * 1000, 3)}${GAP}mL`
}

/** Syringe volumes stay in mL in both systems: syringes and pipettes are marked so everywhere. */
export const formatMillilitres = (ml: number) => `${plain(ml, ml >= 100 ? 3 : 2)}${GAP}mL`

export function formatTemperature(c: number, measures: MeasureSystem): string {
  return measures === 'us'
    ? `${plain(Math.round(celsiusToFahrenheit(c)), 3)}${GAP}°F`
    : `${plain(Math.round(c * 10) / 10, 3)}${GAP}°C`
}

export const formatShare = (share: number) => `${Math.round(share * 100)}${GAP}%`

/** 7 h 40, 25 min, 2 d 3 h. */
export function formatDuration(hours: number): string {
  const minutes = Math.max(0, Math.round(hours * 60))
  if (minutes < 60) return `${minutes}${GAP}min`
  const h = Math.floor(minutes / 60)
  if (h < 48)
    return minutes % 60 === 0
      ? `${h}${GAP}h`
      : `${h}${GAP}h${GAP}${String(minutes % 60).padStart(2, '0')}`
  return h % 24 === 0 ? `${h / 24}${GAP}d` : `${Math.floor(h / 24)}${GAP}d${GAP}${h % 24}${GAP}h`
}

const SPOON_NAMES: Record<string, [one: string, many: string]> = {
  'cup': ['cup', 'cups'],
  'tbsp': ['tbsp', 'tbsp'],
  'tsp': ['tsp', 'tsp'],
  'half-tsp': ['½ tsp', '× ½ tsp'],
  'quarter-tsp': ['¼ tsp', '× ¼ tsp'],
  'eighth-tsp': ['⅛ tsp', '× ⅛ tsp'],
  'pinch': ['pinch', 'pinches'],
}

/** "2 tbsp + 1 tsp"; an empty list is "none". */
export function formatSpoons(spoons: readonly SpoonCount[]): string {
  if (spoons.length === 0) return 'none'
  return spoons
    .map(({ measure, count }) => {
      const [one, many] = SPOON_NAMES[measure] ?? [measure, measure]
      const fraction = one.includes('tsp') && one !== 'tsp'
      return (fraction && count === 1 ? one : `${count} ${count === 1 ? one : many}`).replaceAll(
        ' ',
        GAP,
      )
    })
    .join(' + ')
}
