<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Readiness } from '@renatus/core/dynamics/contract'
import type { Decision } from '@renatus/core/practice/decision'
import { lookQuestion } from '@renatus/core/practice/lookGame'
import type { LookScenario } from '@renatus/core/practice/scenario'
import PracticeVessel from './PracticeVessel.vue'
import SayForm from './SayForm.vue'

/** A series of single looks: what is it, and how sure. */
const props = defineProps<{
  scenario: LookScenario
  seed: number
  decisions: readonly Decision[]
}>()
const emit = defineEmits<{ decided: [of: Partial<Decision>[]] }>()
const number = computed(() => props.decisions.length)
const question = computed(() => lookQuestion(props.scenario, props.seed, number.value))
const saw = ref<Readiness | null>(null)
const sure = ref(3)
function say() {
  if (saw.value === null) return
  emit('decided', [{ day: number.value, look: true, saw: saw.value, sure: sure.value }])
  saw.value = null
  sure.value = 3
}
</script>

<template>
  <form class="grid gap-5" @submit.prevent="say">
    <p class="font-semibold num">Vessel {{ number + 1 }} of {{ scenario.looks }}</p>
    <PracticeVessel
      :food-id="question.foodId"
      :method-id="question.methodId"
      :litres="question.litres"
      :temperature-c="question.temperatureC"
      :day="question.day"
      :signs="question.signs"
      :seed="number"
    />
    <SayForm v-model:saw="saw" v-model:sure="sure" name="it" />
    <p><button class="btn btn-main px-8" :disabled="saw === null">That is what it is</button></p>
  </form>
</template>
