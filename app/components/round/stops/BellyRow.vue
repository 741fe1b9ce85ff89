<script setup lang="ts">
import type { Bellies } from '@renatus/core/fry/gapeFit'
import type { BellyAsk } from '@renatus/core/round/stops/tank/tasks'
import { useBroodLooks } from '~/composables/useBroodLooks'
import { foodInText } from '~/words/foods'

/** One look at bellies, answered with one tap. */
const props = defineProps<{
  ask: BellyAsk
  /** When they tell. */ from?: string
}>()
const actions = useBroodLooks()
const WORDS: readonly [Bellies, string][] = [
  ['empty', 'Empty'],
  ['some', 'Some'],
  ['full', 'Full'],
  ['orange', 'Orange'],
]
const choices = WORDS.filter(([id]) =>
  id === 'orange' ? props.ask.orange : id !== 'full' || !props.ask.orange,
)
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-x-3 gap-y-1"
    role="group"
    :aria-label="`Bellies of ${ask.brood.name}, a quarter of an hour after ${foodInText(ask.foodId)}`"
  >
    <p>
      Bellies of <strong class="font-semibold">{{ ask.brood.name }}</strong>{{
        ask.weaning ? `, trial meal ${ask.meal} of 2` : ''
      }}{{ from ? `, from ${from}` : '' }}:
    </p>
    <div class="flex flex-wrap gap-2">
      <button v-for="[id, word] in choices" :key="id" class="btn" @click="actions.look(ask, id)">
        <svg viewBox="0 0 24 24" class="size-6" aria-hidden="true">
          <path
            d="M2 12 C6 5 15 5 18 12 C15 19 6 19 2 12 Z M18 12 L23 7.5 V16.5 Z"
            fill="none"
            stroke="currentColor"
            stroke-width="1.6"
            stroke-linejoin="round"
          />
          <circle
            v-if="id !== 'empty'"
            cx="10"
            cy="13"
            :r="id === 'some' ? 1.8 : 3.8"
            :fill="id === 'orange' ? 'var(--nauplius)' : 'currentColor'"
          />
        </svg>
        {{ word }}
      </button>
    </div>
  </div>
</template>
