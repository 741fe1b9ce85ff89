<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@renatus/core/instruments/reading'
import { useUnits } from '~/composables/useUnits'
import { COURSE_BOX, courseGeometry } from './courseGeometry'

/** A course of temperature between its limits. */
const props = defineProps<{
  readings: readonly Reading[]
  limits: readonly number[]
  label: string
}>()
const units = useUnits()
/** Days where the course is longer than one. */
const clock = (at: string) => {
  const first = props.readings[0]?.at ?? at
  const long = Date.parse(props.readings.at(-1)?.at ?? at) - Date.parse(first) > 36 * 3_600_000
  return long ? units.day(at) : units.clock(at)
}
const drawn = computed(() => courseGeometry(props.readings, props.limits, clock))
</script>

<template>
  <figure class="grid gap-1">
    <svg
      :viewBox="`0 0 ${COURSE_BOX.width} ${COURSE_BOX.height}`"
      class="w-full max-w-3xl"
      role="img"
      :aria-label="label"
    >
      <g v-for="t in drawn.ticks" :key="t.text">
        <line
          :x1="COURSE_BOX.left"
          :x2="COURSE_BOX.right"
          :y1="t.y"
          :y2="t.y"
          stroke="var(--line)"
        />
        <text
          :x="COURSE_BOX.left - 6"
          :y="t.y + 5"
          text-anchor="end"
          font-size="15"
          fill="var(--ink-2)"
        >
          {{ t.text }}
        </text>
      </g>
      <g v-for="l in drawn.limits" :key="`limit${l.text}`">
        <line
          :x1="COURSE_BOX.left"
          :x2="COURSE_BOX.right"
          :y1="l.y"
          :y2="l.y"
          stroke="var(--harm)"
          stroke-width="2"
          stroke-dasharray="6 5"
        />
        <text
          :x="COURSE_BOX.right"
          :y="l.y - 4"
          text-anchor="end"
          font-size="15"
          font-weight="bold"
          fill="var(--harm)"
        >
          limit {{ l.text }}
        </text>
      </g>
      <polyline :points="drawn.line" fill="none" stroke="var(--ink)" stroke-width="3" />
      <text
        v-for="h in drawn.hours"
        :key="h.anchor"
        :x="h.x"
        :y="COURSE_BOX.height - 6"
        :text-anchor="h.anchor"
        font-size="15"
        fill="var(--ink-2)"
      >
        {{ h.text }}
      </text>
    </svg>
    <figcaption class="small">°C over the time of the thermometer</figcaption>
  </figure>
</template>
