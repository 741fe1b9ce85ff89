<script setup lang="ts">
/** A tank with a few fry. */
defineProps<{ label: string }>()
</script>

<template>
  <svg viewBox="0 0 80 60" width="58" height="44" role="img" :aria-label="label">
    <path d="M5 8 H75 V54 H5 Z" fill="var(--glass)" />
    <path d="M6.5 18 H73.5 V52.5 H6.5 Z" fill="var(--brine)" />
    <g fill="none" stroke="var(--ink)" stroke-width="2" stroke-linecap="round">
      <path d="M20 30 h7 M24 30 m-4 0 l-3 -2.2 v4.4 z" />
      <path d="M44 38 h7 M44 38 l-3 -2.2 v4.4 z" />
      <path d="M54 27 h7 M54 27 l-3 -2.2 v4.4 z" />
    </g>
    <path
      d="M5 8 H75 V54 H5 Z"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2.6"
      stroke-linejoin="round"
    />
  </svg>
</template>
