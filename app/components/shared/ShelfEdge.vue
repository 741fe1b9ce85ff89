<script setup lang="ts">
/** The one heavy line: a shelf edge that carries the name of a place. */
defineProps<{ name: string }>()
</script>

<template>
  <h2 class="flex items-center gap-3">
    <span>{{ name }}</span><span class="edge" aria-hidden="true" />
  </h2>
</template>
