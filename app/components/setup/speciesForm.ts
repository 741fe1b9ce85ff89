import * as z from 'zod'
import type { Species } from '@renatus/core/fry/species/species'
import { SPECIES } from '@renatus/core/fry/species/index'
import { numberField, textField } from '~/words/fields'
import type { RecordFormDefinition } from './recordForm'

const label = (id: string) => {
  const s = SPECIES.find(x => x.id === id)
  if (!s) return id
  return s.latin.length > 0 ? `${s.names[0]} (${s.latin.join(', ')})` : s.names[0]!
}
/** The choice of the form that says where a fish feeds: two at the most, the surface first. */
function zoneChoice(zones: Species['zones']): string {
  if (zones.length > 1 && zones.includes('bottom')) return 'bottom,column'
  return [...zones].sort((a, b) => Number(b === 'surface') - Number(a === 'surface')).join(',')
}
const ZONES = [
  ['surface', 'surface'],
  ['surface,column', 'surface and midwater'],
  ['column', 'midwater'],
  ['bottom,column', 'bottom and midwater'],
  ['bottom', 'bottom'],
] as const
const size = (name: string, min: number, max: number) =>
  numberField({ label: name, min, max, unit: 'mm' })
/** Stages vary by about a quarter where the user gave one number. */
const VARY = 0.25
const span = (days: number) => [days, days * (1 - VARY), days * (1 + VARY)]
const first = (list: unknown) => (Array.isArray(list) ? String(list[0]) : undefined)

/** What a fish of the catalogue brings to a copy of it. */
const copied = (id: string) => {
  const s = SPECIES.find(x => x.id === id) ?? SPECIES[0]!
  return {
    guild: s.guild,
    zones: zoneChoice(s.zones),
    birth: s.birth,
    hatchDays: String(s.hatchDays[0]),
    swimDays: String(s.swimDays[0]),
    firstFeedingMm: String(s.firstFeedingMm),
    gapePerLength: String(s.gapePerLength),
    length14Mm: String(s.length14Mm),
    length30Mm: String(s.length30Mm),
    adultMm: String(s.adultMm),
    referenceC: String(s.referenceC),
    marine: s.marine,
  }
}

/** A fish of the user's own: copied from one of the catalogue, then changed. */
export const speciesForm: RecordFormDefinition = {
  title: 'My fish',
  copies: { field: 'basedOn', values: copied },
  fields: () => [
    {
      name: 'basedOn',
      label: 'Copy of',
      options: SPECIES.map(s => ({ value: s.id, label: label(s.id) })),
      hint: 'The nearest fish; then change what you know better',
    },
    { name: 'name', label: 'Name' },
    { name: 'latin', label: 'Latin name', hint: 'Optional' },
    {
      name: 'guild',
      label: 'Eats',
      options: [
        { value: 'carnivore', label: 'animals' },
        { value: 'omnivore', label: 'both' },
        { value: 'grazer', label: 'growth and plants' },
      ],
    },
    {
      name: 'zones',
      label: 'Fry feed at',
      options: ZONES.map(([value, text]) => ({ value, label: text })),
    },
    {
      name: 'birth',
      label: 'Young come from',
      options: [
        { value: 'eggs', label: 'eggs' },
        { value: 'mouth', label: 'a mouth' },
        { value: 'live', label: 'a live birth' },
        { value: 'diapause', label: 'eggs kept dry' },
      ],
    },
    { name: 'hatchDays', label: 'Spawning to hatch', unit: 'days', numeric: true },
    { name: 'swimDays', label: 'Hatch to free swimming', unit: 'days', numeric: true },
    { name: 'referenceC', label: 'At temperature', unit: '°C', numeric: true },
    { name: 'firstFeedingMm', label: 'Length at first feeding', unit: 'mm', numeric: true },
    {
      name: 'gapePerLength',
      label: 'Gape over length',
      numeric: true,
      hint: '0.045 to 0.11 for most',
    },
    { name: 'length14Mm', label: 'Length at day 14', unit: 'mm', numeric: true },
    { name: 'length30Mm', label: 'Length at day 30', unit: 'mm', numeric: true },
    { name: 'adultMm', label: 'Adult length', unit: 'mm', numeric: true },
    { name: 'marine', label: 'Lives in salt water', check: true },
  ],
  schema: () =>
    z
      .object({
        basedOn: z.string(),
        name: textField('Name of the fish'),
        latin: z.coerce.string(),
        guild: z.string(),
        zones: z.string(),
        birth: z.string(),
        hatchDays: numberField({ label: 'Spawning to hatch', min: 0, max: 300, unit: 'days' }),
        swimDays: numberField({ label: 'Hatch to free swimming', min: 0, max: 60, unit: 'days' }),
        referenceC: numberField({
          label: 'Temperature of these values',
          min: 10,
          max: 34,
          unit: '°C',
        }),
        firstFeedingMm: size('Length at first feeding', 1.5, 15),
        gapePerLength: numberField({
          label: 'Gape over length',
          min: 0.03,
          max: 0.15,
          hint: 'Most fry lie between 0.045 and 0.11.',
        }),
        length14Mm: size('Length at day 14', 2, 40),
        length30Mm: size('Length at day 30', 2, 80),
        adultMm: size('Adult length', 8, 1000),
        marine: z.boolean(),
      })
      .refine(
        o =>
          o.firstFeedingMm < o.length14Mm &&
          o.length14Mm < o.length30Mm &&
          o.length30Mm < o.adultMm,
        {
          path: ['length14Mm'],
          error:
            'The lengths must grow: first feeding, day 14, day 30, adult. Correct the one that is out of order.',
        },
      ),
  initial: r => {
    const base = copied(String(r?.basedOn ?? 'medium'))
    if (!r) return { basedOn: 'medium', name: '', latin: '', ...base }
    const own = Object.fromEntries(
      Object.keys(base).map(k => [k, typeof r[k] === 'number' ? String(r[k]) : r[k]]),
    )
    return {
      basedOn: r.basedOn,
      name: r.name,
      latin: r.latin,
      ...own,
      zones: (r.zones as string[]).join(','),
      hatchDays: first(r.hatchDays),
      swimDays: first(r.swimDays),
    }
  },
  toRecord: v => ({
    ...v,
    latin: String(v.latin).trim(),
    zones: String(v.zones).split(','),
    hatchDays: span(Number(v.hatchDays)),
    swimDays: span(Number(v.swimDays)),
  }),
}
