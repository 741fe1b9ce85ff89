<script setup lang="ts">
import type { Act } from '@renatus/core/practice/decision'
import { MINUTES } from '@renatus/core/practice/decision'
import type { FryTank, tankLook } from '@renatus/core/practice/fryTank'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { TANK_ACT_WORDS, tankSeen, testWords } from '~/words/practice'

/** The tank of the mouths in an exercise: what is seen of it, a test of its water, and fresh water. */
defineProps<{ tank: FryTank; test: number; seen: ReturnType<typeof tankLook> }>()
const tested = defineModel<boolean>('tested', { required: true })
const act = defineModel<Act>('act', { required: true })
const units = useUnits()
</script>

<template>
  <section class="grid gap-4">
    <ShelfEdge name="Their tank" />
    <p class="max-w-prose num">
      {{ units.litres(tank.plan.litres) }}, {{ units.celsius(tank.plan.temperatureC) }},
      {{ tank.plan.filter ? 'filtered' : 'no filter' }}. {{ tankSeen(seen) }}
    </p>
    <p v-if="tested" class="num" data-testid="tank-test">{{ testWords(test, tank.plan) }}</p>
    <p v-else>
      <button type="button" class="btn" @click="tested = true">
        Test its water ({{ MINUTES.look }} min)
      </button>
    </p>
    <label class="font-semibold justify-self-start"
      >At the tank<select v-model="act" class="field mt-1 block font-normal">
        <option v-for="(words, a) in TANK_ACT_WORDS" :key="a" :value="a">{{ words }}</option>
      </select></label
    >
  </section>
</template>
