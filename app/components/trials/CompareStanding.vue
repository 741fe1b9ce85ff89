<script setup lang="ts">
import { computed, ref } from 'vue'
import { navigateTo } from '#app/composables/router'
import { foods, foodOf } from '@renatus/core/foods/index'
import { compareStanding } from '@renatus/core/planning/startTrial'
import type { TrialAsk } from '@renatus/core/records/vocabulary'
import { factorOf, type FactorId } from '@renatus/core/trials/factors'
import { unplanned } from '@renatus/core/trials/unplanned'
import { nowInstant } from '~/composables/clock'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { ASK_WORDS } from '~/words/trials'

/** Jars that were never meant as a trial, compared by what they were made with. */
const room = useRoomStore()
const FACTORS = ['matter', 'school', 'water', 'medium'] as const satisfies readonly FactorId[]
const QUESTIONS = ['ready-day', 'density'] as const satisfies readonly TrialAsk[]
const ON_DAY = 14
const factor = ref<FactorId>('matter')
const asks = ref<TrialAsk>('ready-day')
const armsOf = (foodId: string) =>
  unplanned(
    room.state!,
    foodId,
    factor.value,
    id => foodOf(foodId)?.methods.find(m => m.id === id)?.name ?? id,
  )
/** Foods of which at least two ways stood. */
const choices = computed(() =>
  foods
    .filter(f => f.profile.family !== 'hatch')
    .map(f => ({ id: f.profile.id, name: f.profile.name, arms: armsOf(f.profile.id) }))
    .filter(f => f.arms.length > 1),
)
async function compare(foodId: string, name: string) {
  const design = {
    name: `${name}: which ${factorOf(factor.value).name} ${ASK_WORDS[asks.value].best}?`,
    asks: asks.value,
    factor: factor.value,
    foodId,
    onDay: asks.value === 'density' ? ON_DAY : null,
    untilDays: 1,
  }
  const made = compareStanding(design, armsOf(foodId), nowInstant(), newId)
  await room.save(made.records)
  await navigateTo(`/trials/${made.trialId}`)
}
</script>

<template>
  <div class="grid gap-3">
    <p class="max-w-prose">
      Jars that stood anyway tell something too. They were not dealt, so that what differs besides
      is not evened out: it is marked as not planned.
    </p>
    <div class="flex flex-wrap gap-4">
      <label class="font-semibold"
        >By their<select v-model="factor" class="field mt-1 block font-normal">
          <option v-for="f in FACTORS" :key="f" :value="f">{{ factorOf(f).name }}</option>
        </select></label
      >
      <label class="font-semibold"
        >Ask for<select v-model="asks" class="field mt-1 block font-normal">
          <option v-for="a in QUESTIONS" :key="a" :value="a">
            {{ ASK_WORDS[a].name }}{{ a === 'density' ? ` (day ${ON_DAY})` : '' }}
          </option>
        </select></label
      >
    </div>
    <p v-if="!choices.length" class="small">
      No food stood in two of them yet. Say what a culture is made with when you start it.
    </p>
    <ul v-else>
      <li v-for="f in choices" :key="f.id" class="rule py-1 flex flex-wrap items-center gap-x-4">
        <p class="grow">
          <strong>{{ f.name }}</strong>
          <span class="small ml-2">{{
            f.arms.map(a => `${a.name} (${a.cultures.length})`).join(', ')
          }}</span>
        </p>
        <button class="btn" :aria-label="`Compare ${f.name}`" @click="compare(f.id, f.name)">
          Compare
        </button>
      </li>
    </ul>
  </div>
</template>
