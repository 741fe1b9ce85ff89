<script setup lang="ts">
import { thingText, type Thing } from '@renatus/core/round/thing'
import { useUnits } from '~/composables/useUnits'
import { plural } from '~/words/round'

/** Before the first stop: what the round takes, so that nobody walks twice. */
defineProps<{ name: string; things: readonly Thing[]; stops: number; minutes: number }>()
const emit = defineEmits<{ ready: [] }>()
const units = useUnits()
</script>

<template>
  <article class="walk-card" aria-label="Have at hand">
    <div class="walk-words" tabindex="0">
      <h1 tabindex="-1" data-lead>{{ name }}</h1>
      <p class="sentence">
        {{ plural(stops, 'stop') }}, about {{ plural(Math.ceil(minutes), 'minute') }}. Have at hand:
      </p>
      <ul class="walk-things">
        <li v-for="t in things" :key="t.id" class="rule py-1.5 sentence first-letter:uppercase">
          {{ thingText(t, units.measures.value) }}
        </li>
      </ul>
    </div>
    <div class="stop-answers">
      <button class="btn btn-main" @click="emit('ready')">I have it all</button>
    </div>
  </article>
</template>
