<script setup lang="ts">
import { computed } from 'vue'
import type { Mouth } from '@renatus/core/planning/plan/aheadPicture'
import { patternOf } from '~/components/broods/foodPattern'
import { foodName } from '~/words/foods'
import type { Layout, Placed } from './pictureGeometry'

/** One eater of the picture: when it swims free, and what it eats when. */
const props = defineProps<{
  mouth: Placed<Mouth>
  layout: Layout
  /** Of the ids of the patterns of foods. */
  patterns: string
}>()
const bandsTop = computed(() => props.mouth.top + props.layout.sizes.name + 2)
const lengthOf = (b: { from: number; to: number }) =>
  Math.max(2, props.layout.x(b.to) - props.layout.x(b.from) - 1)
</script>

<template>
  <g>
    <template v-if="mouth.of.free && mouth.of.free.day < layout.days">
      <line
        :x1="layout.x(mouth.of.free.early)"
        :x2="layout.x(mouth.of.free.day)"
        :y1="bandsTop + 6"
        :y2="bandsTop + 6"
        stroke="var(--plan)"
        stroke-width="2"
        stroke-dasharray="3 3"
      />
      <circle :cx="layout.x(mouth.of.free.day)" :cy="bandsTop + 6" r="5" fill="var(--plan)" />
    </template>
    <g
      v-for="b in mouth.of.bands"
      :key="b.food + b.from"
      :transform="`translate(${layout.x(b.from)} ${bandsTop + b.row * (layout.sizes.bandHeight + 1)})`"
    >
      <rect :width="lengthOf(b)" :height="layout.sizes.bandHeight" fill="var(--paper)" />
      <rect
        :width="lengthOf(b)"
        :height="layout.sizes.bandHeight"
        :fill="`url(#${patterns}-${patternOf(b.food)})`"
        stroke="var(--ink)"
      >
        <title>{{ foodName(b.food) }}</title>
      </rect>
    </g>
  </g>
</template>
