<script setup lang="ts">
import type { Measured } from '@renatus/core/stock/measured'

/** What a thermometer stands in: one thing, or all that share a bath. */
defineProps<{ things: readonly Measured[]; legend: string }>()
const chosen = defineModel<string[]>({ required: true })
</script>

<template>
  <fieldset>
    <legend class="font-semibold">{{ legend }}</legend>
    <div class="flex flex-wrap gap-x-6">
      <label v-for="t in things" :key="t.id" class="flex items-center gap-2 min-h-12 cursor-pointer"
        ><input
          v-model="chosen"
          type="checkbox"
          :value="t.id"
          class="size-6 accent-[var(--plan)]"
        />{{ t.name }}</label
      >
    </div>
  </fieldset>
</template>
