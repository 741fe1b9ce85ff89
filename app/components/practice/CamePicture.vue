<script setup lang="ts">
import { computed } from 'vue'
import type { LearnerStand } from '@renatus/core/practice/learner'

/** What was said against what came true: on the slope somebody is as sure as they may be. */
const props = defineProps<{ came: LearnerStand['came'] }>()
const BOX = { size: 220, left: 44, bottom: 190, span: 160 }
const x = (p: number) => BOX.left + p * BOX.span
const y = (p: number) => BOX.bottom - p * BOX.span
const HALF = 0.5
const TICKS = [0, HALF, 1]
const LEAST_R = 3
const said = computed(() =>
  props.came
    .map(
      c =>
        `of ${c.from} said with ${Math.round(100 * c.said)} % ${Math.round(100 * c.share)} % came true`,
    )
    .join('; '),
)
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${BOX.size} ${BOX.size + 10}`"
      class="w-56 max-w-full block"
      role="img"
      :aria-label="said"
    >
      <line :x1="x(0)" :y1="y(0)" :x2="x(1)" :y2="y(0)" stroke="var(--ink-2)" />
      <line :x1="x(0)" :y1="y(0)" :x2="x(0)" :y2="y(1)" stroke="var(--ink-2)" />
      <line
        :x1="x(0)"
        :y1="y(0)"
        :x2="x(1)"
        :y2="y(1)"
        stroke="var(--line-strong)"
        stroke-dasharray="5 4"
      />
      <g v-for="t in TICKS" :key="t" font-size="13" fill="var(--ink-2)">
        <text :x="x(t)" :y="BOX.bottom + 18" text-anchor="middle">{{ 100 * t }}</text>
        <text :x="BOX.left - 6" :y="y(t) + 4" text-anchor="end">{{ 100 * t }}</text>
      </g>
      <text :x="x(HALF)" :y="BOX.size + 6" text-anchor="middle" font-size="13" fill="var(--ink)">
        you said, %
      </text>
      <circle
        v-for="c in came"
        :key="c.said"
        :cx="x(c.said)"
        :cy="y(c.share)"
        :r="LEAST_R + Math.sqrt(c.from)"
        fill="var(--plan)"
        stroke="var(--paper)"
      />
    </svg>
    <figcaption class="small">
      How often it came true, %. On the dashed line you are as sure as you may be; the larger the
      dot, the more sayings.
    </figcaption>
  </figure>
</template>
