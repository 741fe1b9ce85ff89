<script setup lang="ts">
import { computed } from 'vue'
import * as z from 'zod'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import FormField from '~/components/shared/FormField.vue'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { newId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { numberField, optionalNumber, temperatureField, textField, volumeField } from '~/words/fields'

/** Starts one vessel of a method, or several alike from one starter. */
const props = defineProps<{ food: Food, method: FoodMethod, litres: number }>()
const emit = defineEmits<{ saved: [], cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const needsStarter = props.method.starterShare > 0
const usualMl = (litres: number) => props.method.starterShare * litres * 1000
const same = computed(() => room.state!.cultures.filter(c => c.foodId === props.food.profile.id).length)
const places = computed(() => room.state!.places.map(p => ({ value: p.id, label: p.name })))
const schema = z.object({
  name: textField('Name', 50), placeId: z.string(), kind: z.string(),
  litres: volumeField({ label: 'Vessel', min: 0, max: 2000, above: true }, units.measures.value),
  temperatureC: temperatureField({ label: 'Temperature where it stands', min: 0, max: 40 }, units.measures.value),
  starterMl: needsStarter ? optionalNumber({ label: 'Starter', min: 0, max: 100_000, above: true, unit: 'mL' }) : z.unknown().transform(() => null),
  vessels: numberField({ label: 'Vessels alike', min: 1, max: 20, whole: true }),
})
const { handleSubmit } = useZodForm(() => schema, {
  name: `${props.food.profile.name} ${same.value + 1}`, placeId: places.value[0]?.value ?? '', kind: props.food.kinds[0]?.id ?? '', litres: String(units.toVolumeUnit(props.litres)),
  temperatureC: String(units.toTemperatureUnit(Math.round((props.food.rangeC[0] + props.food.rangeC[1]) / 2))), starterMl: '', vessels: '1',
})
const save = handleSubmit(async (v) => {
  const startedAt = new Date().toISOString()
  const drafts = Array.from({ length: v.vessels }, (_, i): RecordDraft => ({
    id: newId(), type: 'culture', name: i === 0 ? v.name : `${v.name.replace(/ \d+$/, '')} ${same.value + 1 + i}`, foodId: props.food.profile.id, methodId: props.method.id, kind: v.kind || null, placeId: v.placeId || null,
    startedAt, litres: v.litres, depthCm: null, widthCm: null, starter: v.starterMl === null ? 1 : v.starterMl / v.vessels / usualMl(v.litres), matterGPerL: null, temperatureC: v.temperatureC,
  } as RecordDraft))
  const result = await room.write([{ kind: 'note', subject: { type: 'culture', id: (drafts[0] as { id: string }).id }, data: { text: `${v.name} started${v.vessels > 1 ? `, ${v.vessels} alike` : ''}: ${props.food.profile.name}, ${props.method.name}` } }], null, drafts)
  if (!result.ok) return
  undo.last.value = null
  emit('saved')
})
</script>

<template>
  <form class="border-2 border-ink bg-paper p-4 grid gap-4" @submit="save">
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <FormField name="name" label="Name" hint="As on its tape" />
      <FormField v-if="places.length" name="placeId" label="Place" :options="places" />
      <FormField v-if="food.kinds.length" name="kind" label="Kind" :options="food.kinds.map(k => ({ value: k.id, label: k.name }))" />
      <FormField name="litres" label="Vessel holds" :unit="units.volumeUnit.value" numeric />
      <FormField name="temperatureC" label="Temperature where it stands" :unit="units.temperatureUnit.value" numeric />
      <FormField v-if="needsStarter" name="starterMl" label="Starter in all" unit="mL" numeric :hint="`Empty: the usual ${units.ml(usualMl(litres))} a vessel`" />
      <FormField name="vessels" label="Vessels alike" numeric hint="Two of a line: one accident does not end it" />
    </div>
    <div class="flex gap-2"><button class="btn btn-main">It is started</button><button type="button" class="btn btn-quiet" @click="emit('cancel')">Cancel</button></div>
  </form>
</template>
