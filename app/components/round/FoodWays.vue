<script setup lang="ts">
import type { FirstFoodWay } from '@renatus/core/planning/firstFood'
import { addDays, type LocalDate } from '@renatus/core/time/localDate'
import { useStores } from '~/composables/useStores'
import { useUnits } from '~/composables/useUnits'
import { foodInText } from '~/words/foods'

/** Ways to a food that is not here, as buttons: what grows is begun, what does not is ordered or is here already. */
const props = defineProps<{
  ways: readonly FirstFoodWay[]
  /** From which it is said when each could be fed. */ today: LocalDate
}>()
const { fill, order } = useStores()
const units = useUnits()
const from = (days: number) => `fed from ${units.date(addDays(props.today, days))}`
/** It stands on a line of its own, and says of what it speaks. */
const hereWords = (id: string) =>
  `${foodInText(id).replace(/^./, c => c.toUpperCase())} is here already`
</script>

<template>
  <ul v-if="ways.length" class="flex flex-col gap-2">
    <li v-for="w in ways" :key="w.foodId" class="flex flex-wrap gap-x-3 gap-y-2 items-center">
      <NuxtLink v-if="w.kind === 'hatch'" to="/bench" :prefetch="false" class="btn"
        >Hatch {{ foodInText(w.foodId) }}</NuxtLink
      >
      <NuxtLink
        v-else-if="w.kind === 'start'"
        :to="`/shelf/start?food=${w.foodId}`"
        :prefetch="false"
        class="btn"
        >Start {{ foodInText(w.foodId) }}</NuxtLink
      >
      <button v-else-if="w.kind === 'starter'" class="btn" @click="order(w.foodId)">
        Order a starter of {{ foodInText(w.foodId) }}
      </button>
      <button v-else class="btn" @click="order(w.foodId)">Order {{ foodInText(w.foodId) }}</button>
      <span class="small">{{ from(w.days) }}</span>
      <button v-if="w.kind === 'buy'" class="btn" @click="fill(w.foodId)">
        {{ hereWords(w.foodId) }}
      </button>
    </li>
  </ul>
</template>
