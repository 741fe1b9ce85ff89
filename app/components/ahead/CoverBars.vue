<script setup lang="ts">
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'

/** The days of one brood as bars: how sure its food is, and what is short. */
defineProps<{
  days: readonly CulturePlan['cover'][number][]
  /** Day of the plan on which they begin, and how many it has. */
  first: number
  of: number
  label: string
}>()
const H = 34
/** Full, high, low and none differ in height; what is short is crossed out as well. */
const height = (c: { planned: number; probability: number }) =>
  Math.max(2, H * c.probability * Math.min(1, c.planned))
</script>

<template>
  <svg
    :viewBox="`0 0 ${of * 10} ${H + 14}`"
    class="w-full h-12"
    preserveAspectRatio="none"
    role="img"
    :aria-label="label"
  >
    <line
      x1="0"
      :y1="H + 1"
      :x2="of * 10"
      :y2="H + 1"
      stroke="var(--line-strong)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
    <line
      x1="0"
      :y1="1"
      :x2="of * 10"
      :y2="1"
      stroke="var(--line)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
      stroke-dasharray="4 4"
    />
    <g v-for="(c, i) in days" :key="c.day">
      <rect
        :x="(first + i) * 10 + 1"
        :y="H - height(c)"
        width="8"
        :height="height(c)"
        :fill="c.planned < 0.9 ? 'none' : 'var(--plan)'"
        :stroke="c.planned < 0.9 ? 'var(--harm)' : 'none'"
        vector-effect="non-scaling-stroke"
        stroke-width="1.5"
      />
      <path
        v-if="c.planned < 0.9"
        :d="`M${(first + i) * 10 + 1} ${H + 4} l8 8 m0 -8 l-8 8`"
        stroke="var(--harm)"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
    </g>
  </svg>
</template>
