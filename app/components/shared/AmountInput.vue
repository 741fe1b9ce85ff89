<script setup lang="ts">
import { useId } from 'vue'
import { nextMark } from '@renatus/core/planning/reckoning/handAmount'
import type { HandUnit } from '@renatus/core/records/vocabulary'
import { numberOf } from '~/words/fields'
import ThumbInput from './ThumbInput.vue'

/** A labelled amount of a form that is filled in by thumb. */
defineProps<{
  label: string
  hint?: string
  unit: HandUnit
  /** Where the steps begin while nothing is typed. */ from: number
  placeholder?: string
  inputmode?: 'decimal' | 'numeric'
  problem?: string | null
}>()
const typed = defineModel<string>({ default: '' })
const id = useId()
</script>

<template>
  <div class="max-w-64">
    <label class="font-semibold" :for="id">{{ label }}</label>
    <ThumbInput
      :id="id"
      v-model="typed"
      class="mt-1"
      :from="from"
      :next="(value, way) => nextMark(unit, value, way)"
      :read="numberOf"
      :placeholder="placeholder"
      :inputmode="inputmode"
    />
    <strong v-if="problem" class="text-harm small block" role="alert">{{ problem }}</strong>
    <span v-if="hint" class="small block mt-1">{{ hint }}</span>
  </div>
</template>
