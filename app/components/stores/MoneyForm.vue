<script setup lang="ts">
import { computed, ref } from 'vue'
import * as z from 'zod'
import type { RecordDraft } from '@renatus/core/records/draft'
import FormField from '~/components/shared/FormField.vue'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { priceField, temperatureField } from '~/words/fields'

/** What prices are in, and what a kilowatt hour costs. */
const emit = defineEmits<{ saved: []; cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const current = computed(() => room.state!.room)
const USUAL_AIR_C = 20
const schema = computed(() =>
  z.object({
    currency: z
      .string()
      .trim()
      .min(1, 'Prices are in: enter a sign or letters, such as € or kr.')
      .max(4, 'Prices are in: at most four signs.'),
    perKwh: priceField('A kilowatt hour'),
    airC: temperatureField({ label: 'Air of the room', min: -10, max: 40 }, units.measures.value),
  }),
)
const form = useZodForm(() => schema.value, {
  currency: current.value.currency ?? '€',
  perKwh: String(current.value.energy?.perKwh ?? ''),
  airC: String(units.toTemperatureUnit(current.value.energy?.airC ?? USUAL_AIR_C)),
})
const busy = ref(false)
const submit = form.handleSubmit(async ({ currency, perKwh, airC }) => {
  busy.value = true
  const energy = perKwh === null ? null : { perKwh, airC }
  await room.save([{ ...current.value, currency, energy } as unknown as RecordDraft])
  busy.value = false
  emit('saved')
})
</script>

<template>
  <form class="grid gap-3" novalidate :data-dirty="form.meta.value.dirty" @submit="submit">
    <div class="grid gap-4 sm:grid-cols-3 items-start">
      <FormField name="currency" label="Prices are in" />
      <FormField
        name="perKwh"
        label="A kilowatt hour costs"
        hint="Empty: warmth is not counted. Watts stand with tanks and hatch vessels in Setup"
      />
      <FormField
        name="airC"
        label="Air of the room"
        :unit="units.temperatureUnit.value"
        numeric
        hint="Where a place has no thermometer"
      />
    </div>
    <p class="flex gap-2">
      <button class="btn btn-main" :disabled="busy">Save</button
      ><button type="button" data-closes class="btn btn-quiet" @click="emit('cancel')">
        Cancel
      </button>
    </p>
  </form>
</template>
