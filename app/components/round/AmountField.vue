<script setup lang="ts">
import { computed, useId } from 'vue'
import { nextMark } from '@renatus/core/planning/reckoning/handAmount'
import { tidy } from '@renatus/core/units/nextMultiple'
import type { HandUnit } from '@renatus/core/records/vocabulary'
import { handText } from '@renatus/core/round/handText'
import ThumbInput from '~/components/shared/ThumbInput.vue'
import { handField } from '~/words/fields'
import { useUnits } from '~/composables/useUnits'

/** What really was, where it was not as asked: by steps of the hand, by shares of what was asked, or typed in any unit. */
const props = defineProps<{
  label: string
  asked: number
  unit: HandUnit
  /** What was given the last time. */ last?: number | null
}>()
const typed = defineModel<string>({ default: '' })
const id = useId()
const units = useUnits()
const shown = (value: number) => String(Number(tidy(value).toPrecision(3)))
function read(text: string): number | null {
  if (text.trim() === '') return null
  const rule = { label: props.label, min: 0, max: 1e6 }
  const found = handField(rule, props.unit, units.measures.value).safeParse(text)
  return found.success ? found.data : null
}
const now = computed(() => read(typed.value) ?? props.asked)
const set = (value: number) => {
  typed.value = shown(Math.max(0, value))
}
const choices = computed(() => [
  { name: 'None', value: 0 },
  { name: 'Half', value: props.asked / 2 },
  { name: 'As asked', value: props.asked },
  ...(props.last
    ? [
        {
          name: `Last time: ${handText({ value: props.last, unit: props.unit }, units.measures.value)}`,
          value: props.last,
        },
      ]
    : []),
])
</script>

<template>
  <div class="grid gap-1 content-start">
    <label class="font-semibold" :for="id">{{ label }}</label>
    <ThumbInput
      :id="id"
      v-model="typed"
      :from="asked"
      :next="(value, way) => nextMark(unit, value, way)"
      :read="read"
      :placeholder="shown(asked)"
    />
    <div class="flex flex-wrap gap-x-2">
      <button
        v-for="c in choices"
        :key="c.name"
        type="button"
        class="link min-h-12 px-2"
        :aria-pressed="shown(c.value) === shown(now)"
        @click="set(c.value)"
      >
        {{ c.name }}
      </button>
    </div>
  </div>
</template>
