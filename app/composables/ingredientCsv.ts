import { numberText } from '@renatus/core/units/numberText'
import { labelFault } from '@renatus/core/gel/composition'
import {
  INGREDIENT_ROLES,
  MILLINGS,
  type IngredientRole,
  type Milling,
} from '@renatus/core/records/vocabulary'
import type { KitchenIngredient } from '@renatus/core/stock/gelKitchen'

/** Columns of the ingredient table, in the order of the file: one row an ingredient, percent as bought. */
const REQUIRED = ['name', 'protein', 'fat', 'fibre', 'ash', 'moisture'] as const
const OPTIONAL = [
  'price_per_kg',
  'calcium',
  'phosphorus',
  'grain_um',
  'made_fine_by',
  'g_per_ml',
  'is',
  'most_percent',
  'at_hand',
] as const
const COLUMNS = [...REQUIRED, ...OPTIONAL]
type Column = (typeof COLUMNS)[number]
/** Longest file that is read, characters. */
const MOST = 2_000_000
/** Problems that are told at once. */
const TOLD = 6

export interface IngredientRow {
  name: string
  label: KitchenIngredient['label']
  costPerKg: number | null
  calcium: number | null
  phosphorus: number | null
  particleUm: number | null
  milling: Milling | null
  gPerMl: number | null
  role: IngredientRole | null
  most: number | null
  /** Null where the table says nothing of it: it stays as it is. */
  atHand: boolean | null
}
export type ReadIngredients =
  { ok: true; rows: IngredientRow[] } | { ok: false; problems: string[] }

export async function writeIngredients(list: readonly KitchenIngredient[]): Promise<string> {
  const { default: papa } = await import('papaparse')
  const rows = list.map((i): Record<Column, string | number> => ({
    name: i.name,
    ...i.label,
    price_per_kg: i.costPerKg,
    calcium: i.calcium ?? '',
    phosphorus: i.phosphorus ?? '',
    grain_um: i.particleUm ?? '',
    made_fine_by: i.milling,
    g_per_ml: i.gPerMl,
    is: i.role,
    most_percent: Math.round(i.most * 1000) / 10,
    at_hand: i.atHand ? 'yes' : 'no',
  }))
  return papa.unparse(rows, { columns: [...COLUMNS], newline: '\r\n', escapeFormulae: true })
}

/**
 * Reads a table: comma, semicolon or tab between columns, point or comma in decimals, with or without a byte-order mark, columns in any order.
 * All or nothing: what cannot be understood is named by line and column.
 */
export async function readIngredients(text: string): Promise<ReadIngredients> {
  if (text.length > MOST)
    return {
      ok: false,
      problems: [
        'The file is larger than 2 MB. A table of ingredients is far smaller: choose another file.',
      ],
    }
  const { default: papa } = await import('papaparse')
  const clean = text.replace(/^\uFEFF/, '')
  if (clean.trim() === '')
    return {
      ok: false,
      problems: ['The file is empty. Its first line holds the names of the columns.'],
    }
  const { data, errors } = papa.parse<string[]>(clean, { delimitersToGuess: [',', ';', '\t', '|'] })
  const quote = errors.find(e => e.type === 'Quotes')
  if (quote)
    return {
      ok: false,
      problems: [`Line ${(quote.row ?? 0) + 1}: a quotation mark is opened and never closed.`],
    }
  const head = data[0]!.map(h =>
    h
      .trim()
      .toLowerCase()
      .replace(/[\s-]+/g, '_'),
  )
  const missing = REQUIRED.filter(c => !head.includes(c))
  if (missing.length > 0)
    return {
      ok: false,
      problems: [
        `Line 1: ${missing.map(m => `“${m}”`).join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing among the columns (${head.filter(h => h !== '').join(', ') || 'none'}). Wanted are ${REQUIRED.join(', ')}; the others may be left out.`,
      ],
    }
  const twice = COLUMNS.find(c => head.filter(h => h === c).length > 1)
  if (twice) return { ok: false, problems: [`Line 1: the column “${twice}” stands twice.`] }
  const problems: string[] = []
  const rows: IngredientRow[] = []
  data.slice(1).forEach((cells, i) => {
    if (cells.every(c => c.trim() === '')) return
    const line = i + 2
    if (cells.length > head.length)
      problems.push(
        `Line ${line} has ${cells.length} columns, the first line ${head.length}: decimal commas need semicolons between the columns, or quotation marks.`,
      )
    else rows.push(readRow(cells, head, line, problems))
  })
  const names = rows.map(r => r.name.toLowerCase())
  const double = names.find((n, i) => n !== '' && names.indexOf(n) !== i)
  if (double !== undefined)
    problems.push(`“${double}” stands twice in the file: leave one of the lines.`)
  if (rows.length === 0 && problems.length === 0)
    problems.push('The file holds columns and no ingredient.')
  return problems.length > 0
    ? {
        ok: false,
        problems: [
          ...problems.slice(0, TOLD),
          ...(problems.length > TOLD ? [`And ${problems.length - TOLD} more.`] : []),
        ],
      }
    : { ok: true, rows }
}

/** Three digits after a comma: thousands to some, a fraction to others. */
const AMBIGUOUS = /^[1-9]\d{0,2},\d{3}$/
/** What was written so that no spreadsheet takes it for a formula. */
const ESCAPED = /^'(?=[=+\-@\t\r])/
const yesOrNo = (said: string | null): boolean | null =>
  said === null ? null : /yes|true|1/.test(said)

function readRow(
  cells: readonly string[],
  head: readonly string[],
  line: number,
  problems: string[],
): IngredientRow {
  const at = (c: Column) => (cells[head.indexOf(c)] ?? '').trim().replace(ESCAPED, '')
  const number = (c: Column, most: number): number | null => {
    const raw = at(c)
    if (raw === '') return null
    if (AMBIGUOUS.test(raw)) {
      const [point, comma] = [raw.replace(',', ''), raw.replace(',', '.')]
      problems.push(
        `Line ${line}, column “${c}”: “${raw}” may mean ${point} or ${comma}. Write it without the comma, or with a point.`,
      )
      return null
    }
    const n = Number(raw.replace(/\s|%$/g, '').replace(',', '.'))
    if (Number.isFinite(n) && n >= 0 && n <= most) return n
    problems.push(
      `Line ${line}, column “${c}”: “${raw}” is no number from 0 to ${numberText(most)}.`,
    )
    return null
  }
  const word = <T extends string>(c: Column, words: readonly T[]): T | null => {
    const raw = at(c).toLowerCase()
    if (raw === '') return null
    const found = words.find(w => w === raw)
    if (!found)
      problems.push(`Line ${line}, column “${c}”: “${raw}” is none of ${words.join(', ')}.`)
    return found ?? null
  }
  const before = problems.length
  const need = (c: 'protein' | 'fat' | 'fibre' | 'ash' | 'moisture') => {
    if (at(c) === '') problems.push(`Line ${line}, column “${c}”: it is empty.`)
    return number(c, 100) ?? 0
  }
  const name = at('name')
  if (name === '' || name.length > 60)
    problems.push(
      `Line ${line}, column “name”: ${name === '' ? 'it is empty' : 'it is longer than 60 letters'}.`,
    )
  const label = {
    protein: need('protein'),
    fat: need('fat'),
    fibre: need('fibre'),
    ash: need('ash'),
    moisture: need('moisture'),
  }
  const fault = problems.length === before ? labelFault(label) : null
  if (fault)
    problems.push(
      fault.nutrient === 'sum'
        ? `Line ${line}: protein, fat, fibre, ash and moisture add up to ${Math.round(fault.value * 10) / 10} %, more than the whole.`
        : `Line ${line}, column “${fault.nutrient}”: ${fault.value} % leaves nothing dry.`,
    )
  const density = number('g_per_ml', 3)
  if (density !== null && density < 0.05)
    problems.push(
      `Line ${line}, column “g_per_ml”: “${at('g_per_ml')}” is lighter than any powder.`,
    )
  const most = number('most_percent', 100)
  return {
    name,
    label,
    costPerKg: number('price_per_kg', 1_000_000),
    calcium: number('calcium', 100),
    phosphorus: number('phosphorus', 100),
    particleUm: number('grain_um', 50_000) || null,
    milling: word('made_fine_by', MILLINGS),
    gPerMl: density,
    role: word('is', INGREDIENT_ROLES),
    most: most === null ? null : most / 100,
    atHand: yesOrNo(word('at_hand', ['yes', 'no', 'true', 'false', '1', '0'] as const)),
  }
}
