<script setup lang="ts">
import type { Refusal } from '@renatus/core/planning/refusals'

/** What speaks against something, each with its reason. */
defineProps<{ refusals: readonly Refusal[] }>()
</script>

<template>
  <ul v-if="refusals.length" class="border-l-4 border-harm pl-3 grid gap-1">
    <li v-for="r in refusals" :key="r.id"><strong>Better not.</strong> {{ r.why }}</li>
  </ul>
</template>
