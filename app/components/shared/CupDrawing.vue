<script setup lang="ts">
/** Where the nauplii are kept: a shallow box for the fridge, a cube tray for the freezer. */
defineProps<{ form: 'fridge' | 'freezer' | 'harvest' }>()
</script>

<template>
  <svg
    v-if="form === 'freezer'"
    viewBox="0 0 80 60"
    width="58"
    height="44"
    role="img"
    aria-label="Tray of frozen cubes"
  >
    <g fill="var(--glass)" stroke="var(--ink)" stroke-width="2.4">
      <rect
        v-for="i in 6"
        :key="i"
        :x="6 + ((i - 1) % 3) * 23"
        :y="8 + Math.floor((i - 1) / 3) * 23"
        width="19"
        height="19"
        rx="2"
      />
    </g>
    <g fill="var(--nauplius)">
      <circle
        v-for="i in 6"
        :key="i"
        :cx="15.5 + ((i - 1) % 3) * 23"
        :cy="17.5 + Math.floor((i - 1) / 3) * 23"
        r="4.5"
      />
    </g>
  </svg>
  <svg
    v-else
    viewBox="0 0 80 60"
    width="58"
    height="44"
    role="img"
    aria-label="Shallow box with nauplii"
  >
    <path d="M6 16 H74 L68 52 H12 Z" fill="var(--glass)" />
    <path d="M8.5 32 H71.5 L68 52 H12 Z" fill="var(--nauplius)" opacity=".75" />
    <path
      d="M6 16 H74 L68 52 H12 Z"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2.6"
      stroke-linejoin="round"
    />
  </svg>
</template>
