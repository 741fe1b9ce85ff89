<script setup lang="ts">
import type { WeaningAsk } from '@renatus/core/round/stops/tank/tasks'
import { useBroodLooks } from '~/composables/useBroodLooks'
import { foodInText } from '~/words/foods'

/** A new food: offered at two meals, looked at, then decided. */
defineProps<{ ask: WeaningAsk }>()
const actions = useBroodLooks()
</script>

<template>
  <div
    class="mt-3 border-l-[6px] border-plan pl-3"
    role="group"
    :aria-label="`Trial of ${ask.foodName} for ${ask.brood.name}`"
  >
    <template v-if="ask.step === 'offer'">
      <p>
        <strong>{{ ask.brood.name }} will soon take {{ foodInText(ask.foodId) }}.</strong> Offer a
        little of it first at two meals, look at the bellies, then decide.
      </p>
      <div class="flex flex-wrap gap-2 mt-1">
        <button class="btn" @click="actions.trial(ask, 'start')">Start the trial</button
        ><button class="btn btn-quiet" @click="actions.trial(ask, 'wait')">
          Not for three days
        </button>
      </div>
    </template>
    <template v-else>
      <p>
        <strong
          >{{ ask.brood.name }} was looked at after two meals of
          {{ foodInText(ask.foodId) }}.</strong
        >
        {{ ask.good ? 'They ate: move on.' : 'Not all ate: give it three more days.' }}
      </p>
      <div class="flex flex-wrap gap-2 mt-1">
        <button class="btn" :class="{ 'btn-main': ask.good }" @click="actions.trial(ask, 'take')">
          They take it</button
        ><button class="btn" :class="{ 'btn-main': !ask.good }" @click="actions.trial(ask, 'wait')">
          Wait three days
        </button>
      </div>
    </template>
  </div>
</template>
