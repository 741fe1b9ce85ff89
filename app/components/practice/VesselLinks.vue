<script setup lang="ts">
import type { CultureState } from '@renatus/core/stock/cultures'

/** Vessels of the room by their names, each a way to its page, within a sentence. */
defineProps<{ cultures: readonly CultureState[] }>()
</script>

<template>
  <template v-for="(c, i) in cultures" :key="c.id"
    >{{ i > 0 ? ', ' : ''
    }}<NuxtLink :to="`/shelf/${c.id}`" :prefetch="false" class="link">{{
      c.record.name
    }}</NuxtLink></template
  >
</template>
