<script setup lang="ts">
import { computed } from 'vue'
import * as z from 'zod'
import { decapsulation } from '@renatus/core/water/decapsulation'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import FormField from '~/components/shared/FormField.vue'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { BLEACH_KINDS, BLEACH_REFUSED, exactMl, NOT_PLAIN } from '~/words/decapsulation'
import { numberField, optionalNumber } from '~/words/fields'

/** From the label of the bottle to amounts for these cysts. */
const props = defineProps<{ grams: number | null }>()
const emit = defineEmits<{
  begin: [
    amounts: {
      lotId: string
      cystsG: number
      bleachMl: number
      waterMl: number
      hydrateMl: number
      dipMl: number
      thiosulphateG: number
    },
  ]
}>()
const room = useRoomStore()
const lots = computed(() => room.state!.lots.filter(l => l.state.gramsLeft > 0))
const schema = z.object({
  lotId: z.string(),
  cysts: numberField({ label: 'Cysts', min: 0, max: 1000, above: true, unit: 'g' }),
  percent: numberField({
    label: 'Strength',
    min: 0,
    max: 100,
    above: true,
    unit: '%',
    hint: 'It stands on the label.',
  }),
  says: z.enum(['available-chlorine', 'sodium-hypochlorite']),
  by: z.enum(['mass', 'volume']),
  kind: z.string(),
  density: optionalNumber({ label: 'Density', min: 0.9, max: 1.5, unit: 'g/mL' }),
  weeks: numberField({ label: 'Open since', min: 0, max: 520, unit: 'weeks' }),
})
const form = useZodForm(() => schema, {
  lotId: lots.value[0]?.lot.id ?? '',
  cysts: String(props.grams ?? 2),
  percent: '5',
  says: 'sodium-hypochlorite',
  by: 'mass',
  kind: 'plain',
  density: '',
  weeks: '0',
})
const by = (step: number) => (value: number, way: 1 | -1) => nextMultiple(step, value, way)
const found = computed(() => {
  const parsed = schema.safeParse(form.values)
  if (!parsed.success) return null
  const v = parsed.data
  return decapsulation(v.cysts, {
    percent: v.percent,
    as: v.says,
    by: v.by,
    weeksOpen: v.weeks,
    ...(v.density === null ? {} : { densityGPerMl: v.density }),
  })
})
const plain = computed(() => form.values.kind === 'plain')
const refused = computed(() => {
  if (!plain.value) return NOT_PLAIN
  return found.value && found.value.status !== 'ok' ? BLEACH_REFUSED[found.value.status] : null
})
const submit = form.handleSubmit(v => {
  const is = found.value
  if (!is || is.status !== 'ok' || refused.value) return
  emit('begin', {
    lotId: v.lotId,
    cystsG: v.cysts,
    bleachMl: is.bleachMl!,
    waterMl: is.waterMl!,
    hydrateMl: is.hydrateMl!,
    dipMl: is.dipMl!,
    thiosulphateG: is.thiosulphateG!,
  })
})
</script>

<template>
  <form class="grid gap-4" novalidate :data-dirty="form.meta.value.dirty" @submit="submit">
    <div class="grid gap-4 sm:grid-cols-3 items-start">
      <FormField
        v-if="lots.length > 1"
        name="lotId"
        label="Lot"
        :options="lots.map(l => ({ value: l.lot.id, label: l.lot.name }))"
      />
      <FormField name="cysts" label="Cysts" unit="g" :next="by(0.5)" />
      <FormField name="kind" label="The bottle is" :options="BLEACH_KINDS" />
      <FormField name="percent" label="Strength on the label" unit="%" :next="by(0.25)" />
      <FormField
        name="says"
        label="of"
        :options="[
          { value: 'sodium-hypochlorite', label: 'sodium hypochlorite' },
          { value: 'available-chlorine', label: 'available (active) chlorine' },
        ]"
      />
      <FormField
        name="by"
        label="by"
        :options="[
          { value: 'mass', label: 'weight (% w/w, or nothing said)' },
          { value: 'volume', label: 'volume (% w/v, g in 100 mL)' },
        ]"
      />
      <FormField name="weeks" label="Open since" unit="weeks" :next="by(1)" />
      <FormField name="density" label="Density, if printed" unit="g/mL" numeric />
    </div>
    <p v-if="refused" role="alert" class="border-l-4 border-harm pl-3 font-semibold text-harm">
      {{ refused }}
    </p>
    <template v-else-if="found">
      <p class="sentence" role="status">
        <span class="amount" data-testid="bleach-ml">{{ exactMl(found.bleachMl!) }}</span> of this
        bleach and
        <span class="amount" data-testid="water-ml">{{ exactMl(found.waterMl!) }}</span> of cold
        water.
      </p>
      <p class="small max-w-prose">
        {{ found.activeChlorineG.toFixed(2) }} g of active chlorine, half a gram for each gram of
        cysts; this bottle holds {{ found.gPerMl.toFixed(4) }} g in a mL today. Solution in all 14
        mL for each gram.
      </p>
      <p class="small max-w-prose">
        Lye and calcium hypochlorite are for trained people only: household bleach holds enough lye
        by itself.
      </p>
    </template>
    <p>
      <button class="btn btn-main" :disabled="refused !== null || found === null">
        Begin: cysts into water
      </button>
    </p>
  </form>
</template>
