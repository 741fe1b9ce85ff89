import * as z from 'zod'
import { materialOf, materials } from '@renatus/core/foods/materials'
import { MATERIAL_UNITS, MATERIALS, type MaterialId } from '@renatus/core/records/vocabulary'
import type { RecordFormDefinition } from '~/components/setup/recordForm'
import { numberField, optionalNumber, priceField, textField } from '~/words/fields'

const OWN = 'own'
const isOwn = (v: Record<string, unknown>) => v.of === OWN
/** What the catalogue knows of a material; of one's own: nothing. */
const known = (of: unknown) =>
  of === OWN || of === undefined ? null : materialOf(of as MaterialId)
const UNIT_NAMES = { g: 'grams', mL: 'millilitres', each: 'pieces' } as const

/** A new one, as the catalogue has it. */
function asBook(of: unknown): Record<string, string> {
  const book = known(of)
  const { name = '', unit = 'g', pack = '' } = book ?? {}
  return {
    ...{ of: OWN, name, unit, packSize: String(pack), packPrice: '', from: '' },
    ...{ leadDays: '2', least: '0', saltGL: '' },
  }
}
/** What is known of one that is changed, as text. */
const asKept = (r: Record<string, unknown>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(r).flatMap(([k, v]) => (v === null || v === undefined ? [] : [[k, String(v)]])),
  )

/** Something that is kept and used up. */
export const materialForm: RecordFormDefinition = {
  title: 'Materials',
  fields: () => [
    {
      name: 'of',
      label: 'It is',
      options: [
        { value: OWN, label: 'something of your own' },
        ...materials.map(m => ({ value: m.id, label: m.name })),
      ],
    },
    { name: 'name', label: 'Name', hint: 'As you call it' },
    {
      name: 'unit',
      label: 'Measured in',
      options: MATERIAL_UNITS.map(u => ({ value: u, label: UNIT_NAMES[u] })),
      when: isOwn,
    },
    { name: 'packSize', label: 'A pack holds', numeric: true, hint: 'In that unit' },
    { name: 'packPrice', label: 'A pack costs', hint: 'Optional' },
    { name: 'from', label: 'From where', hint: 'Optional' },
    { name: 'leadDays', label: 'Days it takes to come', numeric: true },
    { name: 'least', label: 'Always to stand here', numeric: true, hint: '0: none' },
    {
      name: 'saltGL',
      label: 'Its salt',
      unit: 'g/L',
      numeric: true,
      when: v => v.of === 'stock-brine',
    },
  ],
  schema: () =>
    z.object({
      of: z.enum([OWN, ...MATERIALS]),
      name: textField('Name'),
      unit: z.enum(MATERIAL_UNITS),
      packSize: optionalNumber({ label: 'A pack', min: 0, max: 1_000_000, above: true }),
      packPrice: priceField('Price of a pack'),
      from: z.string().trim().max(60, 'From where: at most 60 signs.'),
      leadDays: numberField({ label: 'Days it takes to come', min: 0, max: 90, whole: true }),
      least: numberField({ label: 'What is always to stand here', min: 0, max: 1_000_000 }),
      saltGL: optionalNumber({ label: 'Salt of the brine', min: 1, max: 400, unit: 'g/L' }),
    }),
  initial: r => ({ ...asBook(r?.of), ...asKept(r ?? {}) }),
  toRecord: ({ of, unit, ...v }, r) => ({
    ...v,
    of: of === OWN ? null : of,
    unit: known(of)?.unit ?? unit,
    keepsDays: r?.keepsDays ?? null,
    saltGL: of === 'stock-brine' ? v.saltGL : null,
  }),
  copies: {
    field: 'of',
    values: chosen => {
      const book = known(chosen)
      return book ? { name: book.name, unit: book.unit, packSize: String(book.pack) } : {}
    },
  },
}
