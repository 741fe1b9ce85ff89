import { LOT_KEEPS } from '@renatus/core/records/vocabulary'
import { LOT_KEEP_WORDS } from '~/words/cysts'
import * as z from 'zod'
import type { Lot, Tank } from '@renatus/core/records/records'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { tinSpeed } from '@renatus/core/dynamics/hatch/tinSpeed'
import { celsius, hours } from '@renatus/core/units/quantity'
import {
  numberField,
  optionalDate,
  optionalNumber,
  RULES,
  temperatureField,
  textField,
  volumeField,
} from '~/words/fields'
import { VESSEL_KINDS } from '@renatus/core/records/vocabulary'
import { ingredientForm, powderForm, trayForm } from '~/components/gel/gelForms'
import { densityOf, SALT_CHOICES } from './salts'
import type { EditableType, FormContext, RecordFormDefinition } from './recordForm'
import { materialForm } from '~/components/stores/materialForm'
import { speciesForm } from './speciesForm'

const text = (value: unknown, fallback: string) =>
  value === undefined || value === null ? fallback : String(value)
const placeOptions = (c: FormContext) => c.places.map(p => ({ value: p.id, label: p.name }))
const volume = (c: FormContext, value: unknown, fallback: number) =>
  String(c.units.toVolumeUnit(typeof value === 'number' ? value : fallback))
const degrees = (c: FormContext, value: unknown) =>
  String(c.units.toTemperatureUnit(typeof value === 'number' ? value : 26))

const percentText = (share: unknown) =>
  String(typeof share === 'number' ? Math.round(share * 100) : 0)
/** Grown fish of a tank that is changed. */
const grownOf = (r: Record<string, unknown> | null): Tank['grown'] =>
  (r?.grown as Tank['grown'] | undefined) ?? null

/** Tins are tried at this warmth. */
const TIN_C = 28
const tinOf = (r: Record<string, unknown> | null) => (r?.tin as Lot['tin'] | undefined) ?? null
const tinHoursGiven = (v: Record<string, unknown>) => String(v.tinHours ?? '').trim() !== ''
/** Speed by the hours of the tin; as it was typed where the tin names none. */
function bySpeedOfTin(tinHours: unknown, tinC: unknown, typed: unknown) {
  if (tinHours === null) return { tin: null, speed: typed }
  const tin = { hours: Number(tinHours), temperatureC: Number(tinC) }
  return { tin, speed: tinSpeed(hours(tin.hours), celsius(tin.temperatureC)) }
}

/** What a heater takes, for those who count what warmth costs. */
const WATTS = { name: 'watts', label: 'Its heater', unit: 'W', numeric: true, hint: 'Optional' }
const WATTS_RULE = optionalNumber({ label: 'Heater', min: 0, max: 10_000, unit: 'W' })

/** What one use of a measure gives. */
export const TOOL_KINDS = {
  drop: 'one drop',
  pipette: 'one full pipette',
  spoon: 'one level spoon',
} as const

export const RECORD_FORMS: Record<EditableType, RecordFormDefinition> = {
  'hatch-vessel': {
    title: 'Hatch vessels',
    fields: c => [
      { name: 'name', label: 'Name', hint: 'As on its tape' },
      { name: 'placeId', label: 'Place', options: placeOptions(c) },
      {
        name: 'kind',
        label: 'Shape',
        options: [
          { value: 'cone', label: 'cone' },
          { value: 'bottle', label: 'bottle' },
        ],
      },
      { name: 'litres', label: 'Water it takes', unit: c.units.volumeUnit.value, numeric: true },
      {
        name: 'temperatureC',
        label: 'Temperature',
        unit: c.units.temperatureUnit.value,
        numeric: true,
      },
      WATTS,
      { name: 'lit', label: 'Lit in the first hours', check: true },
    ],
    schema: c =>
      z.object({
        name: textField('Name of the vessel'),
        placeId: z.string(),
        kind: z.enum(['cone', 'bottle']),
        litres: volumeField(RULES.vesselLitres, c.measures),
        temperatureC: temperatureField(RULES.vesselTemperature, c.measures),
        watts: WATTS_RULE,
        lit: z.boolean(),
      }),
    initial: (r, c) => ({
      name: text(r?.name, ''),
      watts: text(r?.watts, ''),
      placeId: text(r?.placeId, c.places[0]?.id ?? ''),
      kind: text(r?.kind, 'cone'),
      litres: volume(c, r?.litres, 2),
      temperatureC: degrees(c, r?.temperatureC),
      lit: r?.lit ?? true,
    }),
    toRecord: v => ({ ...v, hatching: true, watts: v.watts ?? 0 }),
  },
  'salt': {
    title: 'Salt',
    fields: () => [
      { name: 'name', label: 'Name' },
      { name: 'kind', label: 'Kind', options: SALT_CHOICES },
      {
        name: 'gPerMl',
        label: 'One mL weighs',
        unit: 'g',
        numeric: true,
        hint: 'Ten level teaspoons of 5 mL, weighed, over 50',
        when: v => v.kind === 'own',
      },
      { name: 'iodised', label: 'With iodine or anti-caking agent', check: true },
    ],
    schema: () =>
      z.object({
        name: textField('Name of the salt'),
        kind: z.enum(['fine', 'coarse', 'sea-mix', 'own']),
        gPerMl: optionalNumber(RULES.saltDensity),
        iodised: z.boolean(),
      }),
    initial: r => ({
      name: text(r?.name, ''),
      kind: text(r?.kind, 'fine'),
      gPerMl: text(r?.gPerMl, ''),
      iodised: r?.iodised ?? false,
    }),
    toRecord: v => ({ ...v, gPerMl: densityOf(String(v.kind), v.gPerMl as number | null) }),
  },
  'lot': {
    title: 'Cysts',
    fields: c => [
      { name: 'name', label: 'Name of the lot' },
      {
        name: 'hatchPercent',
        label: 'Share that hatches',
        unit: '%',
        numeric: true,
        hint: 'From the tin; your counts correct it',
      },
      {
        name: 'cystsPerG',
        label: 'Cysts per gram',
        numeric: true,
        hint: '270,000 for a medium strain',
      },
      {
        name: 'tinHours',
        label: 'The tin says: within',
        unit: 'h',
        numeric: true,
        hint: 'Empty where it says nothing of hours',
      },
      {
        name: 'tinC',
        label: 'The tin says: at',
        unit: c.units.temperatureUnit.value,
        numeric: true,
        when: v => tinHoursGiven(v),
      },
      {
        name: 'speed',
        label: 'Speed',
        numeric: true,
        hint: '1 is usual; fresh premium cysts 1.1 to 1.15',
        when: v => !tinHoursGiven(v),
      },
      { name: 'gramsAtStart', label: 'Grams when it came', unit: 'g', numeric: true },
      {
        name: 'openedOn',
        label: 'Opened on',
        type: 'date',
        hint: 'Empty: sealed, until the first hatch out of it',
      },
      {
        name: 'kept',
        label: 'Kept',
        options: LOT_KEEPS.map(value => ({ value, label: LOT_KEEP_WORDS[value] })),
      },
      { name: 'price', label: 'Price', numeric: true, hint: 'Optional, for these grams' },
    ],
    schema: c =>
      z.object({
        name: textField('Name of the lot'),
        tinHours: optionalNumber({ label: 'Hours of the tin', min: 10, max: 96, unit: 'h' }),
        tinC: temperatureField({ label: 'Temperature of the tin', min: 18, max: 32 }, c.measures),
        hatchPercent: numberField(RULES.hatchPercent),
        cystsPerG: numberField({ label: 'Cysts per gram', min: 100_000, max: 500_000 }),
        speed: numberField({ label: 'Speed', min: 0.5, max: 2 }),
        gramsAtStart: numberField(RULES.gramsLeft),
        openedOn: optionalDate('Opened on'),
        kept: z.enum(LOT_KEEPS),
        price: optionalNumber(RULES.price),
      }),
    initial: (r, c) => ({
      name: text(r?.name, ''),
      tinHours: text(tinOf(r)?.hours, ''),
      tinC: degrees(c, tinOf(r)?.temperatureC ?? TIN_C),
      hatchPercent: text(
        typeof r?.hatch === 'number' ? Math.round(r.hatch * 100) : undefined,
        '80',
      ),
      cystsPerG: text(r?.cystsPerG, String(LOT_DEFAULTS.cystsPerG)),
      speed: text(r?.speed, '1'),
      gramsAtStart: text(r?.gramsAtStart, '100'),
      openedOn: text(r?.openedOn, ''),
      kept: text(r?.kept, 'fridge'),
      price: text(r?.price, ''),
    }),
    toRecord: ({ hatchPercent, tinHours, tinC, ...v }, r) => ({
      ...v,
      hatch: Number(hatchPercent) / 100,
      ...bySpeedOfTin(tinHours, tinC, v.speed),
      spread: r?.spread ?? LOT_DEFAULTS.spread,
      priceGrams: v.price === null || v.gramsAtStart === 0 ? null : v.gramsAtStart,
    }),
  },
  'tank': {
    title: 'Tanks',
    fields: c => [
      { name: 'name', label: 'Name' },
      { name: 'litres', label: 'Volume', unit: c.units.volumeUnit.value, numeric: true },
      {
        name: 'temperatureC',
        label: 'Temperature',
        unit: c.units.temperatureUnit.value,
        numeric: true,
      },
      { name: 'pH', label: 'pH', numeric: true, hint: 'Leave empty if nobody tested it' },
      WATTS,
      { name: 'changePercent', label: 'Water changed a day', unit: '%', numeric: true },
      { name: 'filter', label: 'Has a mature filter', check: true },
      {
        name: 'matesPercent',
        label: 'Tank mates eat of a meal',
        unit: '%',
        numeric: true,
        hint: 'Shrimp, snails, other fish; 0 for none',
      },
      {
        name: 'filterPercent',
        label: 'The filter carries off',
        unit: '%',
        numeric: true,
        hint: 'Turn it off for the meal, or say how much is lost',
      },
      {
        name: 'grownFish',
        label: 'Grown fish that want live food',
        numeric: true,
        hint: 'Empty for none: they get what is over',
      },
      {
        name: 'grownMm',
        label: 'Their length',
        unit: 'mm',
        numeric: true,
        when: v => String(v.grownFish ?? '').trim() !== '',
      },
      {
        name: 'grownEvery',
        label: 'Live food every',
        unit: 'days',
        numeric: true,
        when: v => String(v.grownFish ?? '').trim() !== '',
      },
    ],
    schema: c =>
      z.object({
        name: textField('Name of the tank'),
        litres: volumeField(RULES.tankLitres, c.measures),
        temperatureC: temperatureField(RULES.tankTemperature, c.measures),
        pH: optionalNumber({ ...RULES.pH, label: 'pH of the tank' }),
        watts: WATTS_RULE,
        changePercent: numberField({ label: 'Water changed a day', min: 0, max: 100, unit: '%' }),
        filter: z.boolean(),
        matesPercent: numberField({ label: 'Tank mates eat', min: 0, max: 90, unit: '%' }),
        filterPercent: numberField({ label: 'The filter carries off', min: 0, max: 90, unit: '%' }),
        grownFish: optionalNumber({ label: 'Grown fish', min: 1, max: 10_000, whole: true }),
        grownMm: numberField({ label: 'Length of grown fish', min: 5, max: 1000, unit: 'mm' }),
        grownEvery: numberField({ label: 'Live food every', min: 0.5, max: 60, unit: 'days' }),
      }),
    initial: (r, c) => ({
      name: text(r?.name, ''),
      litres: volume(c, r?.litres, 20),
      temperatureC: degrees(c, r?.temperatureC),
      pH: text(r?.pH, ''),
      watts: text(r?.watts, ''),
      changePercent: text(
        typeof r?.changePerDay === 'number' ? Math.round(r.changePerDay * 100) : undefined,
        '10',
      ),
      filter: r?.filter ?? true,
      matesPercent: percentText(r?.matesShare),
      filterPercent: percentText(r?.filterShare),
      grownFish: text(grownOf(r)?.fish, ''),
      grownMm: text(grownOf(r)?.lengthMm, '40'),
      grownEvery: text(grownOf(r)?.everyDays, '2'),
    }),
    toRecord: (
      { changePercent, matesPercent, filterPercent, grownFish, grownMm, grownEvery, ...v },
      r,
    ) => ({
      ...v,
      watts: v.watts ?? 0,
      changePerDay: Number(changePercent) / 100,
      matesShare: Number(matesPercent) / 100,
      filterShare: Number(filterPercent) / 100,
      grown:
        grownFish === null
          ? null
          : { fish: Number(grownFish), lengthMm: Number(grownMm), everyDays: Number(grownEvery) },
      placeId: r?.placeId ?? null,
    }),
  },
  'species': speciesForm,
  'gel-tray': trayForm,
  'gel-mix': powderForm,
  'gel-ingredient': ingredientForm,
  'material': materialForm,
  'tool': {
    title: 'Pipettes and spoons',
    fields: () => [
      { name: 'name', label: 'Name', hint: 'As you call it' },
      {
        name: 'kind',
        label: 'What it gives',
        options: Object.entries(TOOL_KINDS).map(([value, label]) => ({ value, label })),
      },
      {
        name: 'ml',
        label: 'Volume',
        unit: 'mL',
        numeric: true,
        hint: 'As printed, or a guess: 0.05 for a drop',
      },
    ],
    schema: () =>
      z.object({
        name: textField('Name'),
        kind: z.enum(['drop', 'pipette', 'spoon']),
        ml: numberField({ label: 'Volume', min: 0.005, max: 500, unit: 'mL' }),
      }),
    initial: r => ({
      name: text(r?.name, ''),
      kind: text(r?.kind, 'drop'),
      ml: text(r?.ml, '0.05'),
    }),
    toRecord: v => v,
  },
  'place': {
    title: 'Places',
    fields: () => [{ name: 'name', label: 'Name', hint: 'Its thermometers are read on the Shelf' }],
    schema: () => z.object({ name: textField('Name of the place') }),
    initial: r => ({ name: text(r?.name, '') }),
    toRecord: (v, r) => ({ ...v, topC: r?.topC ?? null, bottomC: r?.bottomC ?? null }),
  },
  'vessel': {
    title: 'Culture vessels',
    fields: c => [
      { name: 'name', label: 'Name', hint: 'As on its tape' },
      { name: 'kind', label: 'It is a', options: VESSEL_KINDS.map(k => ({ value: k, label: k })) },
      { name: 'litres', label: 'Holds', unit: c.units.volumeUnit.value, numeric: true },
      {
        name: 'placeId',
        label: 'Place',
        options: [{ value: '', label: 'nowhere in particular' }, ...placeOptions(c)],
      },
    ],
    schema: c =>
      z.object({
        name: textField('Name of the vessel'),
        kind: z.enum(VESSEL_KINDS),
        litres: volumeField({ label: 'Vessel', min: 0, max: 2000, above: true }, c.measures),
        placeId: z.string(),
      }),
    initial: (r, c) => ({
      name: text(r?.name, ''),
      kind: text(r?.kind, 'jar'),
      litres: volume(c, r?.litres, 1),
      placeId: text(r?.placeId, ''),
    }),
    toRecord: v => ({
      ...v,
      placeId: v.placeId || null,
      temperatureC: null,
      lit: false,
      hatching: false,
    }),
  },
}
