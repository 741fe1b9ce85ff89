<script setup lang="ts">
import { useField } from 'vee-validate'
import { useId } from 'vue'

/** One labelled field of a form: text, number as text, date, time or a choice. Its message names field, value and remedy. */
const props = withDefaults(
  defineProps<{
    name: string
    label: string
    unit?: string
    hint?: string
    type?: 'text' | 'date' | 'time'
    numeric?: boolean
    options?: readonly { value: string; label: string }[]
    dense?: boolean
  }>(),
  { type: 'text', unit: undefined, hint: undefined, options: undefined },
)
const id = useId()
const { value, errorMessage, handleBlur } = useField<string>(() => props.name, undefined, {
  validateOnValueUpdate: false,
})
</script>

<template>
  <div>
    <label :for="id" class="block font-semibold mb-1"
      >{{ label }}<span v-if="unit" class="font-normal text-ink2">, {{ unit }}</span></label
    >
    <select
      v-if="options"
      :id="id"
      v-model="value"
      class="field"
      :aria-describedby="hint || errorMessage ? `${id}-more` : undefined"
      @blur="handleBlur"
    >
      <option v-for="o in options" :key="o.value" :value="o.value">{{ o.label }}</option>
    </select>
    <input
      v-else
      :id="id"
      v-model="value"
      :type="type"
      class="field"
      autocomplete="off"
      :inputmode="numeric ? 'decimal' : undefined"
      :aria-invalid="errorMessage ? 'true' : undefined"
      :aria-describedby="hint || errorMessage ? `${id}-more` : undefined"
      @blur="handleBlur"
    />
    <p v-if="hint || errorMessage" :id="`${id}-more`" class="small mt-1">
      <strong v-if="errorMessage" class="text-harm block" role="alert">{{ errorMessage }}</strong>
      <template v-else>{{ hint }}</template>
    </p>
  </div>
</template>
