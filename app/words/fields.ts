import { numberText } from '@renatus/core/units/numberText'
import * as z from 'zod'
import { parseAmount } from '@renatus/core/units/parseAmount'
import { fahrenheitToCelsius, ML_PER_US_GALLON } from '@renatus/core/units/convert'
import { formatLitres, formatTemperature } from '@renatus/core/units/format'
import type { HandUnit } from '@renatus/core/records/vocabulary'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'

/**
 * Form fields: text in, a number in core's units out, and a message that names the field, the value and the remedy.
 * All wording of refused input stands here.
 */
export interface NumberRule {
  label: string
  min: number
  max: number
  unit?: string
  whole?: boolean
  above?: boolean
  hint?: string
}

const said = (text: string) => (text.trim() === '' ? 'is empty' : `cannot be “${text.trim()}”`)
const plain = (n: number) => numberText(n, { decimals: 3 })

function refuse(ctx: z.RefinementCtx, message: string) {
  ctx.addIssue({ code: 'custom', message })
  return z.NEVER
}

/** "Hatch share cannot be “0”: enter 1 to 100 %." */
function rangeMessage(rule: NumberRule, text: string): string {
  const unit = rule.unit ? ` ${rule.unit}` : ''
  const range = rule.above
    ? `more than ${plain(rule.min)}, up to ${plain(rule.max)}${unit}`
    : `${plain(rule.min)} to ${plain(rule.max)}${unit}`
  return `${rule.label} ${said(text)}: enter ${rule.whole ? 'a whole number, ' : ''}${range}.${rule.hint ? ` ${rule.hint}` : ''}`
}

const outside = (rule: NumberRule, n: number) =>
  !Number.isFinite(n) ||
  n > rule.max ||
  (rule.above ? n <= rule.min : n < rule.min) ||
  (rule.whole === true && !Number.isInteger(n))

/** A plain number of a text, for what is worked out while somebody types; null where there is none. */
export function numberOf(text: string): number | null {
  const n = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'))
  return Number.isFinite(n) ? n : null
}

/** A plain number; a decimal comma is read too. */
export const numberField = (rule: NumberRule) =>
  z.coerce.string().transform((text, ctx) => {
    const n = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.').replace(/\s/g, ''))
    return outside(rule, n) ? refuse(ctx, rangeMessage(rule, text)) : n
  })

/** As numberField, but may stay empty: null then. */
export const optionalNumber = (rule: NumberRule) =>
  z.coerce.string().transform((text, ctx) => {
    if (text.trim() === '') return null
    const n = Number(text.trim().replace(',', '.'))
    return outside(rule, n) ? refuse(ctx, rangeMessage(rule, text)) : n
  })

const priceMessage = (label: string, text: string) =>
  `${label} cannot be “${text.trim()}”: enter what was paid, such as 3.50, or nothing.`

/** What somebody paid: a decimal comma and a sign of money are read too; null where nobody knows. */
export const priceField = (label: string) =>
  z.coerce.string().transform((text, ctx): number | null => {
    if (text.trim() === '') return null
    const bare = text
      .trim()
      .replace(/^(\p{Sc}|[A-Za-z]{1,3}\.?)\s*|\s*(\p{Sc}|[A-Za-z]{1,3}\.?)$/gu, '')
    // "1.234,50" and "1,234.50": a mark before three digits and another mark groups thousands.
    const n = Number(bare.replace(/[.,'\s](?=\d{3}[.,])/g, '').replace(',', '.'))
    const fits = bare !== '' && Number.isFinite(n) && n >= 0 && n <= 1e6
    return fits ? n : refuse(ctx, priceMessage(label, text))
  })

/** A volume in litres from "2", "500 mL", "half a gallon"; a bare number is in the room's unit. */
export const volumeField = (rule: NumberRule, measures: MeasureSystem) =>
  z.coerce.string().transform((text, ctx) => {
    const bare = /^[\d.,\s]+$/.test(text.trim())
    const found = parseAmount(text, 'volume', { measures })
    const litres = found.ok
      ? found.value * (bare && measures === 'us' ? ML_PER_US_GALLON / 1000 : 1)
      : NaN
    if (!outside(rule, litres)) return litres
    const example = measures === 'us' ? '“0.5 gal” or “2 cups”' : '“2 L” or “500 mL”'
    const range = `${rule.above ? `more than ${plain(rule.min)}, up to ` : `${formatLitres(rule.min, measures)} to `}${formatLitres(rule.max, measures)}`
    return refuse(ctx, `${rule.label} ${said(text)}: enter ${range}, such as ${example}.`)
  })

/** An amount in the unit that a hand measures it in, from "12", "1½", "2 tsp", "half a cup"; a bare number is in that unit. */
export const handField = (rule: NumberRule, unit: HandUnit, measures: MeasureSystem) =>
  z.coerce.string().transform((text, ctx) => {
    const bare = /^[\d.,/½¼⅛¾\s]+$/.test(text.trim())
    const volume = unit === 'mL' && !bare
    const found = parseAmount(text, volume ? 'volume' : 'mass', { measures })
    const value = found.ok ? found.value * (volume ? 1000 : 1) : NaN
    const readable = bare || unit === 'mL' || unit === 'g'
    return readable && !outside(rule, value) ? value : refuse(ctx, rangeMessage(rule, text))
  })

/** Grams from "52", "52 g", "2 tbsp + 1 tsp" of a powder of known density. */
export const massField = (rule: NumberRule, measures: MeasureSystem, gPerMl?: number) =>
  z.coerce.string().transform((text, ctx) => {
    const found = parseAmount(text, 'mass', { measures, gPerMl })
    return !found.ok || outside(rule, found.value)
      ? refuse(
          ctx,
          `${rangeMessage({ ...rule, unit: 'g' }, text)}${gPerMl ? ' Spoons work too: “2 tbsp + 1 tsp”.' : ''}`,
        )
      : found.value
  })

/** Degrees C from the room's unit. */
export const temperatureField = (rule: NumberRule, measures: MeasureSystem) =>
  z.coerce.string().transform((text, ctx) => {
    const n = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'))
    const c = measures === 'us' ? fahrenheitToCelsius(n) : n
    if (!outside(rule, c)) return c
    return refuse(
      ctx,
      `${rule.label} ${said(text)}: enter ${formatTemperature(rule.min, measures)} to ${formatTemperature(rule.max, measures)}.${rule.hint ? ` ${rule.hint}` : ''}`,
    )
  })

export const textField = (label: string, max = 60) =>
  z.coerce.string().transform((text, ctx) => {
    const t = text.trim()
    return t.length === 0 || t.length > max
      ? refuse(
          ctx,
          `${label} ${t === '' ? 'is empty' : `is ${t.length} letters long`}: enter 1 to ${max} letters.`,
        )
      : t
  })

export const clockField = (label: string) =>
  z.coerce
    .string()
    .transform((text, ctx) =>
      /^([01]\d|2[0-3]):[0-5]\d$/.test(text.trim())
        ? text.trim()
        : refuse(ctx, `${label} ${said(text)}: enter a time such as 06:30.`),
    )

/** The address at which other devices reach the app; may stay empty. */
export const addressField = z.coerce.string().transform((text, ctx) => {
  const t = text.trim().replace(/\/+$/, '')
  if (t === '') return ''
  const url = URL.canParse(t) ? new URL(t) : null
  return url && /^https?:$/.test(url.protocol) && t.length <= 200
    ? t
    : refuse(
        ctx,
        `Address for phones ${said(text)}: enter one such as http://192.168.1.20:3000, with http at its start.`,
      )
})

export const dateField = (label: string) =>
  z.coerce
    .string()
    .transform((text, ctx) =>
      z.iso.date().safeParse(text.trim()).success
        ? text.trim()
        : refuse(ctx, `${label} ${said(text)}: enter a date such as 2026-03-23.`),
    )

/** A date that may be left empty: null. */
export const optionalDate = (label: string) =>
  z.coerce.string().transform((text, ctx) => {
    if (text.trim() === '') return null
    const date = z.iso.date().safeParse(text.trim())
    return date.success
      ? date.data
      : refuse(ctx, `${label} ${said(text)}: enter a date such as 2026-03-23, or leave it empty.`)
  })

/** Rules that several forms share. */
export const RULES = {
  vesselLitres: { label: 'Hatch vessel', min: 0, max: 200, above: true },
  vesselTemperature: {
    label: 'Temperature of the hatch vessel',
    min: 15,
    max: 34,
    hint: 'Nothing hatches at 14 °C and below, little survives above 34 °C: warm or cool the vessel first.',
  },
  tankLitres: { label: 'Tank', min: 0, max: 20_000, above: true },
  tankTemperature: { label: 'Temperature of the tank', min: 8, max: 36 },
  fry: { label: 'Number of fry', min: 1, max: 100_000, whole: true },
  hatchPercent: {
    label: 'Share that hatches',
    min: 1,
    max: 100,
    unit: '%',
    hint: 'A lot that hatches nothing belongs in the bin.',
  },
  cystGrams: { label: 'Cysts', min: 0, max: 2000, above: true, unit: 'g' },
  gramsLeft: { label: 'Grams left', min: 0, max: 100_000, unit: 'g' },
  saltGrams: { label: 'Salt', min: 0, max: 20_000, unit: 'g' },
  saltTarget: { label: 'Salt wanted', min: 3, max: 60, unit: 'g/L' },
  saltDensity: {
    label: 'Grams per mL of the salt',
    min: 0.3,
    max: 2.5,
    unit: 'g/mL',
    hint: 'Weigh ten level teaspoons (50 mL) and divide by 50.',
  },
  pH: { label: 'pH of the water', min: 3, max: 11 },
  price: { label: 'Price', min: 0, max: 1_000_000 },
} as const satisfies Record<string, NumberRule>

/** A field that may stay empty and then holds what is usual. */
export const orElse = (text: string, usual: number, rule: NumberRule) =>
  text.trim() === '' ? { success: true as const, data: usual } : numberField(rule).safeParse(text)
