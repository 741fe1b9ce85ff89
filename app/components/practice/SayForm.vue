<script setup lang="ts">
import { READINESS, type Readiness } from '@renatus/core/dynamics/contract'
import { useId } from 'vue'
import { STAGES } from '~/words/cultures'
import { SURE_WORDS } from '~/words/practice'

/** What somebody takes a vessel for, and how sure. */
const saw = defineModel<Readiness | null>('saw', { required: true })
const sure = defineModel<number>('sure', { required: true })
defineProps<{ name: string }>()
const id = useId()
</script>

<template>
  <div class="grid gap-3">
    <fieldset>
      <legend class="font-semibold">What is it?</legend>
      <div class="flex flex-wrap gap-2">
        <label
          v-for="r in READINESS"
          :key="r"
          class="btn cursor-pointer has-checked:bg-ink has-checked:text-on-ink focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-plan"
          ><input v-model="saw" type="radio" :name="`${id}-saw`" :value="r" class="sr-only" /><span
            ><span aria-hidden="true">{{ STAGES[r].mark }}</span> {{ STAGES[r].word }}</span
          ></label
        >
      </div>
    </fieldset>
    <label class="font-semibold"
      >How sure<select v-model.number="sure" class="field mt-1 block font-normal max-w-48">
        <option v-for="(w, i) in SURE_WORDS" :key="w" :value="i + 1">{{ w }}</option>
      </select></label
    >
  </div>
</template>
