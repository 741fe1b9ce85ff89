<script setup lang="ts">
import { LARDER } from '@renatus/core/stock/larder'
import type { KitchenIngredient } from '@renatus/core/stock/gelKitchen'

/** What may go in, with limits as shares of the dry mix. */
defineProps<{ feeds: readonly KitchenIngredient[] }>()
const limits = defineModel<Record<string, { min: string; max: string }>>('limits', {
  required: true,
})
const ticked = defineModel<string[]>({ required: true })
const openAtFirst = ticked.value.length === 0
</script>

<template>
  <details class="grid gap-2" :open="openAtFirst">
    <summary class="cursor-pointer min-h-12 flex items-center gap-3 font-bold">
      <span class="underline underline-offset-3">What may go in: {{ ticked.length }} ticked</span
      ><span class="edge" aria-hidden="true" />
    </summary>
    <p v-if="ticked.length === 0" class="my-2">
      <button type="button" class="btn" @click="ticked = [...LARDER]">
        Begin with a usual larder
      </button>
    </p>
    <p class="small">
      Limits are shares of the dry mix; empty fields hold what is usual. Only what is ticked is
      used.
      <NuxtLink to="/gel/ingredients" :prefetch="false" class="link"
        >Ingredients and prices</NuxtLink
      >
    </p>
    <ul>
      <li v-for="i in feeds" :key="i.id" class="rule py-1 flex flex-wrap gap-x-3 items-center">
        <label class="flex items-center gap-3 min-h-12 grow min-w-44"
          ><input
            v-model="ticked"
            type="checkbox"
            :value="i.id"
            class="size-6 accent-[var(--plan)] shrink-0"
          /><span>{{ i.name }}</span></label
        >
        <span v-if="ticked.includes(i.id)" class="flex gap-2 items-center small">
          <input
            v-model="limits[i.id]!.min"
            class="field !w-20 !text-ink"
            inputmode="decimal"
            :placeholder="String(Math.round((i.dose ?? 0) * 1000) / 10)"
            :aria-label="`${i.name} at least, %`"
          />
          to
          <input
            v-model="limits[i.id]!.max"
            class="field !w-20 !text-ink"
            inputmode="decimal"
            :placeholder="String(Math.round((i.dose ?? i.most) * 1000) / 10)"
            :aria-label="`${i.name} at most, %`"
          />
          %
        </span>
      </li>
    </ul>
  </details>
</template>
