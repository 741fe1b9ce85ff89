<script setup lang="ts">
import { WATERS, type Water } from '@renatus/core/records/vocabulary'
import { WATER_NAMES } from '@renatus/core/planning/usualWater'

/** What a vessel is made up with. */
const water = defineModel<Water>({ required: true })
</script>

<template>
  <label class="font-semibold"
    >With<select v-model="water" class="field mt-1 block max-w-xs font-normal">
      <option v-for="w in WATERS" :key="w" :value="w">{{ WATER_NAMES[w] }}</option>
    </select></label
  >
</template>
