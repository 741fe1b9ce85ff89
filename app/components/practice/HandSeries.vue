<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Decision } from '@renatus/core/practice/decision'
import { handQuestion } from '@renatus/core/practice/handGame'
import type { HandScenario } from '@renatus/core/practice/scenario'
import { numberField } from '~/words/fields'
import { handWords } from '~/words/practice'

/** Something to be counted, weighed or filled by hand. */
const props = defineProps<{
  scenario: HandScenario
  seed: number
  decisions: readonly Decision[]
}>()
const emit = defineEmits<{ decided: [of: Partial<Decision>[]] }>()
const number = computed(() => props.decisions.length)
const question = computed(() => handQuestion(props.scenario, props.seed, number.value))
const text = ref('')
const problem = ref<string | null>(null)
const rule = { label: 'The answer', min: 0, max: 1e9, above: true }
function answer() {
  const read = numberField(rule).safeParse(text.value)
  problem.value = read.success ? null : read.error.issues[0]!.message
  if (!read.success) return
  emit('decided', [{ day: number.value, amount: read.data }])
  text.value = ''
}
</script>

<template>
  <form class="grid gap-4" novalidate @submit.prevent="answer">
    <p class="font-semibold num">Question {{ number + 1 }} of {{ scenario.rounds }}</p>
    <p class="sentence max-w-prose">{{ handWords(question) }}</p>
    <label class="font-semibold"
      >Your answer<span class="font-normal text-ink2">, {{ question.unit }}</span
      ><input
        v-model="text"
        class="field mt-1 block max-w-48"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="problem ? 'true' : undefined"
        @input="problem = null"
    /></label>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p><button class="btn btn-main px-8">That is it</button></p>
  </form>
</template>
