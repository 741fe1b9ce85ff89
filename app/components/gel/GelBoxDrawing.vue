<script setup lang="ts">
import { computed } from 'vue'

/** A box of gel pieces, filled as far as it is; the lid is off so that the pieces are seen. */
const props = withDefaults(
  defineProps<{ pieces: number; made: number; label: string; tub?: boolean }>(),
  { tub: false },
)
const COLUMNS = 4
const ROWS = 3
const shown = computed(() =>
  props.made <= 0
    ? 0
    : Math.max(props.pieces > 0 ? 1 : 0, Math.round((props.pieces / props.made) * COLUMNS * ROWS)),
)
const at = (i: number) => ({ x: 12 + (i % COLUMNS) * 14.5, y: 42 - Math.floor(i / COLUMNS) * 12.5 })
</script>

<template>
  <svg viewBox="0 0 80 60" width="58" height="44" role="img" :aria-label="label">
    <path :d="tub ? 'M10 14 H70 L64 55 H16 Z' : 'M5 8 H75 V55 H5 Z'" fill="var(--glass)" />
    <g :transform="tub ? 'translate(12 8) scale(.7 .82)' : undefined">
      <rect
        v-for="i in shown"
        :key="i"
        v-bind="at(i - 1)"
        width="12"
        height="10"
        rx="1.5"
        fill="var(--cyst)"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
    </g>
    <path
      :d="tub ? 'M10 14 H70 L64 55 H16 Z' : 'M5 8 H75 V55 H5 Z'"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2.6"
      stroke-linejoin="round"
    />
    <path v-if="!tub" d="M5 17 H75" stroke="var(--ink)" stroke-width="1.4" />
  </svg>
</template>
