<script setup lang="ts">
import type { FirstFoodWay } from '@renatus/core/planning/firstFood'
import { useStores } from '~/composables/useStores'
import { foodInText } from '~/words/foods'

/** Ways to a food that is not here, as buttons: what grows is begun, what does not is ordered or is here already. */
defineProps<{ ways: readonly Pick<FirstFoodWay, 'kind' | 'foodId'>[] }>()
const { fill, order } = useStores()
</script>

<template>
  <p v-if="ways.length" class="flex flex-wrap gap-2">
    <template v-for="w in ways" :key="w.foodId">
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
      <template v-else>
        <button class="btn" @click="order(w.foodId)">Order {{ foodInText(w.foodId) }}</button
        ><button class="btn" @click="fill(w.foodId)">I have {{ foodInText(w.foodId) }}</button>
      </template>
    </template>
  </p>
</template>
