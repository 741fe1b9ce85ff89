<script setup lang="ts">
import { computed } from 'vue'
import * as z from 'zod'
import type { CultureSalt } from '@renatus/core/planning/cultureSalt'
import type { CultureRecord } from '@renatus/core/records/records'
import { specificGravity } from '@renatus/core/water/salinity'
import FormField from '~/components/shared/FormField.vue'
import { useCultureActions } from '~/composables/useCultureActions'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { numberField } from '~/words/fields'
import { gravityWords } from '~/words/gravity'

/** Gravity of a salt-water vessel: what was read of it, what brings it back, and a field for the next reading. */
const props = defineProps<{ record: CultureRecord; salt: CultureSalt }>()
const units = useUnits()
const actions = useCultureActions()
const usualSg = computed(() => specificGravity(props.salt.wantedGL, 'sea-mix').toFixed(3))
const told = computed(() => {
  const { read } = props.salt
  if (!read) return ''
  const about = `Read ${read.sg.toFixed(3)} ${units.when(read.at)}: ${read.saltGL.toFixed(0)} g/L.`
  return `${about} ${gravityWords(read.mend, units.measures.value)}`
})
const { handleSubmit, resetForm } = useZodForm(
  () =>
    z.object({ sg: numberField({ label: 'Gravity', min: 1, max: 1.06, hint: '1.020 is usual.' }) }),
  { sg: '' },
)
const done = handleSubmit(async ({ sg }) => {
  if (await actions.gravity(props.record, sg)) resetForm()
})
</script>

<template>
  <article class="rule py-4 grid gap-3" aria-label="Salt">
    <p class="sentence">
      Salt: the card mixes {{ salt.wantedGL.toFixed(0) }} g/L, a gravity of {{ usualSg }}.
      {{ told }}
    </p>
    <form class="flex flex-wrap gap-3 items-end" @submit.prevent="done">
      <FormField name="sg" label="Gravity read, at 25 °C" numeric />
      <button class="btn">Gravity: done</button>
    </form>
  </article>
</template>
