<script setup lang="ts">
import { computed } from 'vue'
import * as z from 'zod'
import { SPECIES } from '@renatus/core/fry/species'
import type { Brood } from '@renatus/core/records/records'
import { addDays, daysBetween, localDateOf } from '@renatus/core/time/localDate'
import FormField from '~/components/shared/FormField.vue'
import { newId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { dateField, numberField, RULES, temperatureField, textField, volumeField } from '~/words/fields'

const props = withDefaults(defineProps<{ brood?: Brood | null }>(), { brood: null })
const emit = defineEmits<{ saved: [], cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const today = computed(() => localDateOf(room.now, room.timeZone))
const NEW_TANK = 'new'
const OWN = 'own'
const tanks = computed(() => room.state?.tanks ?? [])
const tank = tanks.value.find(t => t.id === props.brood?.tankId)
const size = (label: string, min: number, max: number) => numberField({ label, min, max, unit: 'mm' })

const schemaOf = (values: Record<string, unknown>) => {
  const own = values.speciesId === OWN
  const newTank = values.tankId === NEW_TANK
  const unused = z.unknown().transform(() => null)
  return z.object({
    speciesId: z.string(), dateKind: z.enum(['seen', 'expected']), tankId: z.string(),
    freeSwimmingOn: dateField('Free-swimming date').refine(d => Math.abs(daysBetween(d, today.value)) <= 200, { error: issue => `Free-swimming date cannot be “${String(issue.input)}”: enter a day within 200 days of today.` }),
    fry: numberField(RULES.fry), name: z.string(),
    tankName: newTank ? textField('Name of the tank') : unused, tankLitres: newTank ? volumeField(RULES.tankLitres, units.measures.value) : unused,
    tankTemperature: newTank ? temperatureField(RULES.tankTemperature, units.measures.value) : unused,
    own: own
      ? z.object({ name: textField('Name of the fish'), firstFeedingMm: size('Length at first feeding', 1.5, 15), gapePerLength: numberField({ label: 'Gape over length', min: 0.03, max: 0.15, hint: 'Most fry lie between 0.045 and 0.11.' }), length14Mm: size('Length at day 14', 2, 40), length30Mm: size('Length at day 30', 2, 80), adultMm: size('Adult length', 8, 1000), referenceC: numberField({ label: 'Temperature of these lengths', min: 10, max: 34, unit: '°C' }) })
          .refine(o => o.firstFeedingMm < o.length14Mm && o.length14Mm < o.length30Mm && o.length30Mm < o.adultMm, { path: ['length14Mm'], error: 'The lengths must grow: first feeding, day 14, day 30, adult. Correct the one that is out of order.' })
      : unused,
  })
}
const initial = {
  speciesId: props.brood?.own ? OWN : props.brood?.speciesId ?? 'medium', dateKind: props.brood?.dateKind ?? 'seen', freeSwimmingOn: props.brood?.freeSwimmingOn ?? today.value,
  fry: props.brood ? String(props.brood.fry) : '100', name: props.brood?.name ?? '', tankId: tank?.id ?? tanks.value[0]?.id ?? NEW_TANK,
  tankName: `Tank ${tanks.value.length + 1}`, tankLitres: String(units.toVolumeUnit(units.measures.value === 'us' ? 37.85 : 20)), tankTemperature: String(units.toTemperatureUnit(26)),
  own: props.brood?.own ? Object.fromEntries(Object.entries(props.brood.own).map(([k, v]) => [k, String(v)])) : { name: '', firstFeedingMm: '4', gapePerLength: '0.065', length14Mm: '6.8', length30Mm: '11.5', adultMm: '45', referenceC: '26' },
}
const form = useZodForm(schemaOf, initial)

const submit = form.handleSubmit(async (v) => {
  const newTank = v.tankId === NEW_TANK
  const tankId = newTank ? newId() : v.tankId
  const fish = v.speciesId === OWN ? v.own?.name : SPECIES.find(s => s.id === v.speciesId)?.name
  const fryChanged = props.brood?.fry !== v.fry
  const drafts = [
    ...(newTank ? [{ type: 'tank', id: tankId, placeId: null, name: v.tankName, litres: v.tankLitres, temperatureC: v.tankTemperature }] : []),
    {
      type: 'brood', id: props.brood?.id, name: v.name.trim() || fish || 'Brood', speciesId: v.speciesId, own: v.own, tankId, freeSwimmingOn: v.freeSwimmingOn, dateKind: v.dateKind, fry: v.fry,
      countedOn: props.brood && !fryChanged ? props.brood.countedOn : v.freeSwimmingOn > today.value ? v.freeSwimmingOn : today.value,
    },
  ] as unknown as RecordDraft[]
  await room.save(drafts)
  emit('saved')
})

const SPECIES_OPTIONS = [...SPECIES.map(s => ({ value: s.id, label: s.latin ? `${s.name} (${s.latin})` : s.name })), { value: OWN, label: 'My own values' }]
const chosen = computed(() => SPECIES.find(s => s.id === form.values.speciesId))
const shift = (days: number) => form.setFieldValue('freeSwimmingOn', addDays(String(form.values.freeSwimmingOn), days))
</script>

<template>
  <form class="grid gap-5 border-2 border-ink bg-paper p-4" novalidate :data-dirty="form.meta.value.dirty" @submit="submit">
    <h2 class="text-xl">{{ brood ? `Change ${brood.name}` : 'New brood' }}</h2>
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <FormField name="speciesId" label="Fish" :options="SPECIES_OPTIONS" :hint="chosen ? `${chosen.firstFeedingMm} mm at first feeding. ${chosen.source}.` : undefined" />
      <FormField name="fry" label="Number of fry" numeric hint="A guess will do; count later" />
      <FormField name="name" label="Name" hint="Optional; else the fish’s name" />
      <div>
        <FormField name="freeSwimmingOn" label="Free swimming on" type="date" />
        <div class="flex gap-2 mt-2"><button type="button" class="btn" @click="shift(-1)">1 day earlier</button><button type="button" class="btn" @click="shift(1)">1 day later</button></div>
      </div>
      <FormField name="dateKind" label="That date is" :options="[{ value: 'seen', label: 'seen' }, { value: 'expected', label: 'expected' }]" />
      <FormField name="tankId" label="Tank" :options="[...tanks.map(t => ({ value: t.id, label: t.name })), { value: NEW_TANK, label: 'A new tank' }]" />
      <template v-if="form.values.tankId === NEW_TANK">
        <FormField name="tankName" label="Name of the tank" />
        <FormField name="tankLitres" label="Tank" :unit="units.volumeUnit.value" numeric />
        <FormField name="tankTemperature" label="Temperature" :unit="units.temperatureUnit.value" numeric />
      </template>
      <template v-if="form.values.speciesId === OWN">
        <FormField name="own.name" label="Name of the fish" />
        <FormField name="own.firstFeedingMm" label="Length at first feeding" unit="mm" numeric />
        <FormField name="own.gapePerLength" label="Gape over length" numeric hint="0.045 to 0.11 for most" />
        <FormField name="own.length14Mm" label="Length at day 14" unit="mm" numeric />
        <FormField name="own.length30Mm" label="Length at day 30" unit="mm" numeric />
        <FormField name="own.adultMm" label="Adult length" unit="mm" numeric />
        <FormField name="own.referenceC" label="At temperature" unit="°C" numeric />
      </template>
    </div>
    <div class="flex gap-2"><button class="btn btn-main px-8" :disabled="form.isSubmitting.value">Save the brood</button><button type="button" class="btn btn-quiet" @click="emit('cancel')">Cancel</button></div>
  </form>
</template>
