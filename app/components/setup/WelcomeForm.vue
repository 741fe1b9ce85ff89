<script setup lang="ts">
import { ref } from 'vue'
import * as z from 'zod'
import { deviceZone } from '~/composables/deviceZone'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { HATCH_SALT } from '@renatus/core/water/salinity'
import { celsiusToFahrenheit } from '@renatus/core/units/convert'
import { newId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { askToKeep } from '~/composables/persistence'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import {
  clockField,
  numberField,
  optionalNumber,
  RULES,
  temperatureField,
  textField,
  volumeField,
} from '~/words/fields'
import FormCheck from '~/components/shared/FormCheck.vue'
import FormField from '~/components/shared/FormField.vue'
import { densityOf, SALT_CHOICES, saltName } from './salts'

const room = useRoomStore()
const zones = Intl.supportedValuesOf('timeZone')
const here = deviceZone()
const zoneOptions = [...new Set([here, 'UTC', ...zones])].map(z => ({
  value: z,
  label: z.replaceAll('_', ' '),
}))
const measures = ref<'metric' | 'us'>('metric')

const schemaOf = () =>
  z.object({
    roomName: textField('Name of the room'),
    timeZone: z.string(),
    morning: clockField('Morning round'),
    evening: clockField('Evening round'),
    placeName: textField('Place'),
    vesselName: textField('Name of the vessel'),
    vesselLitres: volumeField(RULES.vesselLitres, measures.value),
    vesselTemperature: temperatureField(RULES.vesselTemperature, measures.value),
    secondLitres: z.string().transform((v, ctx) => {
      if (v.trim() === '') return null
      const r = volumeField(
        { ...RULES.vesselLitres, label: 'Second hatch vessel' },
        measures.value,
      ).safeParse(v)
      if (r.success) return r.data
      ctx.addIssue({ code: 'custom', message: r.error.issues[0]!.message })
      return z.NEVER
    }),
    saltKind: z.enum(['fine', 'coarse', 'sea-mix', 'own']),
    saltDensity: optionalNumber(RULES.saltDensity),
    iodised: z.boolean(),
    soft: z.boolean(),
    lotName: textField('Name of the lot'),
    hatchPercent: numberField(RULES.hatchPercent),
    gramsLeft: numberField(RULES.gramsLeft),
    price: optionalNumber(RULES.price),
  })

const form = useZodForm(schemaOf, {
  roomName: 'My fishroom',
  timeZone: here,
  morning: '06:30',
  evening: '19:00',
  placeName: 'Hatch bench',
  vesselName: 'Cone 1',
  vesselLitres: '2',
  vesselTemperature: '26',
  secondLitres: '',
  saltKind: 'fine',
  saltDensity: '',
  iodised: false,
  soft: false,
  lotName: 'Tin 1',
  hatchPercent: String(LOT_DEFAULTS.hatch * 100),
  gramsLeft: '100',
  price: '',
})

function choose(system: 'metric' | 'us') {
  if (system === measures.value) return
  measures.value = system
  // What stands in the form is turned over with the measures, so that 2 L does not become 2 gallons.
  form.setFieldValue('vesselLitres', system === 'us' ? '0.5' : '2')
  form.setFieldValue(
    'vesselTemperature',
    system === 'us' ? String(Math.round(celsiusToFahrenheit(26))) : '26',
  )
}

const submit = form.handleSubmit(async v => {
  const placeId = newId()
  const vessel = (name: string, litres: number): RecordDraft =>
    ({
      type: 'vessel',
      placeId,
      name,
      kind: 'cone',
      hatching: true,
      litres,
      temperatureC: v.vesselTemperature,
      lit: true,
    }) as RecordDraft
  const drafts = [
    {
      type: 'room',
      name: v.roomName,
      timeZone: v.timeZone,
      measures: measures.value,
      rounds: [
        { name: 'Morning round', at: v.morning },
        { name: 'Evening round', at: v.evening },
      ].sort((a, b) => (a.at < b.at ? -1 : 1)),
      water: { pH: null, soft: v.soft },
      hatchSaltGL: HATCH_SALT.bestGL,
    },
    { type: 'place', id: placeId, name: v.placeName },
    vessel(v.vesselName, v.vesselLitres),
    ...(v.secondLitres === null ? [] : [vessel(nextName(v.vesselName), v.secondLitres)]),
    {
      type: 'salt',
      name: saltName(v.saltKind),
      kind: v.saltKind,
      gPerMl: densityOf(v.saltKind, v.saltDensity),
      iodised: v.iodised,
    },
    {
      type: 'lot',
      name: v.lotName,
      hatch: v.hatchPercent / 100,
      cystsPerG: LOT_DEFAULTS.cystsPerG,
      speed: LOT_DEFAULTS.speed,
      spread: LOT_DEFAULTS.spread,
      gramsAtStart: v.gramsLeft,
      price: v.price,
      priceGrams: v.price === null || v.gramsLeft === 0 ? null : v.gramsLeft,
    },
  ] as RecordDraft[]
  await room.save(drafts)
  await askToKeep(await room.database())
})

const nextName = (name: string) =>
  /\d+$/.test(name) ? name.replace(/\d+$/, n => String(Number(n) + 1)) : `${name} 2`
</script>

<template>
  <form class="grid grid-cols-1 gap-6 max-w-4xl" novalidate data-dirty="true" @submit="submit">
    <div>
      <h1>Set up your room</h1>
      <p class="small mt-1">Everything has a sensible default and can be changed later.</p>
    </div>
    <fieldset class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
      <legend class="flex items-center gap-3 w-full mb-3 font-bold text-base">
        <span>Room</span><span class="edge" />
      </legend>
      <FormField name="roomName" label="Name of the room" />
      <FormField name="timeZone" label="Time zone" :options="zoneOptions" hint="From this device" />
      <FormField name="morning" label="Morning round" type="time" />
      <FormField name="evening" label="Evening round" type="time" />
      <div
        class="sm:col-span-2 desk:col-span-4 flex flex-wrap items-center gap-3"
        role="radiogroup"
        aria-label="Measures"
      >
        <button
          v-for="m in ['metric', 'us'] as const"
          :key="m"
          type="button"
          role="radio"
          class="btn"
          :class="{ 'btn-main': measures === m }"
          :aria-checked="measures === m"
          @click="choose(m)"
        >
          {{
            m === 'metric' ? 'Litres, spoons of 5 and 15 mL, °C' : 'US gallons, cups and spoons, °F'
          }}
        </button>
      </div>
    </fieldset>
    <fieldset class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
      <legend class="flex items-center gap-3 w-full mb-3 font-bold text-base">
        <span>Hatch vessels</span><span class="edge" />
      </legend>
      <FormField name="placeName" label="Place" hint="Where they stand" />
      <FormField name="vesselName" label="Name of the vessel" hint="As on its tape" />
      <FormField
        name="vesselLitres"
        label="Water it takes"
        :unit="measures === 'us' ? 'gal' : 'L'"
        numeric
      />
      <FormField
        name="vesselTemperature"
        label="Temperature"
        :unit="measures === 'us' ? '°F' : '°C'"
        numeric
        :hint="measures === 'us' ? 'Best 77 to 86 °F' : 'Best 25 to 30 °C'"
      />
      <FormField
        name="secondLitres"
        label="A second one"
        :unit="measures === 'us' ? 'gal' : 'L'"
        numeric
        hint="Leave empty if there is none"
      />
    </fieldset>
    <fieldset class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
      <legend class="flex items-center gap-3 w-full mb-3 font-bold text-base">
        <span>Salt and cysts</span><span class="edge" />
      </legend>
      <FormField name="saltKind" label="Salt in the bag" :options="SALT_CHOICES" />
      <FormField
        v-if="form.values.saltKind === 'own'"
        name="saltDensity"
        label="One mL of it weighs"
        unit="g"
        numeric
        hint="Ten level teaspoons of 5 mL, weighed, over 50"
      />
      <FormField name="lotName" label="Name of the lot" hint="Tin and year, say" />
      <FormField
        name="hatchPercent"
        label="Share that hatches"
        unit="%"
        numeric
        hint="From the tin; 80 % is a usual A grade. Your counts correct it."
      />
      <FormField
        name="gramsLeft"
        label="Grams left"
        unit="g"
        numeric
        hint="100 g is a small tin; weigh yours when there is time"
      />
      <FormField
        name="price"
        label="Price of these grams"
        numeric
        hint="Your currency. Empty: no cost is shown"
      />
      <FormCheck
        name="iodised"
        label="The salt has iodine or anti-caking agent"
        class="desk:col-span-2"
      />
      <FormCheck name="soft" label="My water is soft (under 3 °dKH)" class="desk:col-span-2" />
    </fieldset>
    <div class="flex gap-3">
      <button type="submit" class="btn btn-main px-8" :disabled="form.isSubmitting.value">
        Open the room
      </button>
    </div>
  </form>
</template>
