<script setup lang="ts">
import { useField } from 'vee-validate'
import { useId, watch } from 'vue'
import { numberOf } from '~/words/fields'
import ThumbInput from './ThumbInput.vue'

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
    /** Words to choose from; others can be typed. */
    suggest?: readonly string[]
    /** The next mark above or below a value, for a number that is set by thumb. */
    next?: (value: number, way: 1 | -1) => number
  }>(),
  {
    type: 'text',
    unit: undefined,
    hint: undefined,
    options: undefined,
    suggest: undefined,
    next: undefined,
  },
)
const id = useId()
const { value, errorMessage, handleBlur, validate } = useField<string>(
  () => props.name,
  undefined,
  {
    validateOnValueUpdate: false,
  },
)
/** What was refused is looked at again with every letter, so that the message goes when the value is right. */
watch(value, () => errorMessage.value && void validate())
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
    <ThumbInput
      v-else-if="next"
      :id="id"
      v-model="value"
      :from="0"
      :next="next"
      :read="numberOf"
      :aria-invalid="errorMessage ? 'true' : undefined"
      :aria-describedby="hint || errorMessage ? `${id}-more` : undefined"
      @blur="handleBlur"
    />
    <input
      v-else
      :id="id"
      v-model="value"
      :type="type"
      class="field"
      autocomplete="off"
      :list="suggest?.length ? `${id}-words` : undefined"
      :inputmode="numeric ? 'decimal' : undefined"
      :aria-invalid="errorMessage ? 'true' : undefined"
      :aria-describedby="hint || errorMessage ? `${id}-more` : undefined"
      @blur="handleBlur"
    />
    <datalist v-if="suggest?.length" :id="`${id}-words`">
      <option v-for="word in suggest" :key="word" :value="word" />
    </datalist>
    <p v-if="hint || errorMessage" :id="`${id}-more`" class="small mt-1">
      <strong v-if="errorMessage" class="text-harm block" role="alert">{{ errorMessage }}</strong>
      <template v-else>{{ hint }}</template>
    </p>
  </div>
</template>
