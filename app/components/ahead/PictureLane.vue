<script setup lang="ts">
import { computed } from 'vue'
import type { Bar } from '@renatus/core/planning/plan/aheadPicture'
import { patternOf } from '~/components/broods/foodPattern'
import { orderWords, startText } from '~/words/aheadPicture'
import { BAR_H, barTop, HANDLE, supplyPaths, type Layout, type PlacedLane } from './pictureGeometry'

/** One line of food in the picture: its vessels as bars, their starters as parcels, need and supply at its foot. */
const props = defineProps<{
  lane: PlacedLane
  layout: Layout
  /** Of the ids of the patterns of foods. */
  patterns: string
  date: (day: number) => string
}>()
const paths = computed(() => supplyPaths(props.lane, props.layout))
/** Starters that are to be ordered or are on their way, as parcels before their start. */
const parcels = computed(() =>
  props.lane.of.bars.flatMap(b => {
    if (!b.order) return []
    const { state, day } = b.order
    const x = props.layout.x(day)
    return [
      {
        key: b.id,
        state,
        x,
        y: barTop(props.lane, b) + BAR_H / 2,
        to: Math.max(12, props.layout.x(b.from) - x + 6 - HANDLE / 2),
        text: orderWords(state, props.date(day)),
      },
    ]
  }),
)
const wait = (b: Bar) => ({
  x: props.layout.x(b.from),
  w: props.layout.x(b.ready) - props.layout.x(b.from),
})
const gives = (b: Bar) => ({
  x: props.layout.x(b.ready),
  w: props.layout.x(b.to) - props.layout.x(b.ready),
})
</script>

<template>
  <g>
    <path :d="paths.band" fill="var(--plan)" fill-opacity=".16" />
    <path :d="paths.supply" fill="none" stroke="var(--plan)" stroke-width="2" />
    <path
      :d="paths.need"
      fill="none"
      stroke="var(--ink)"
      stroke-width="1.4"
      stroke-dasharray="5 3"
    />
    <g
      v-for="b in lane.of.bars"
      :key="b.id"
      :transform="`translate(0 ${barTop(lane, b)})`"
      stroke="var(--ink)"
      :stroke-dasharray="b.kind === 'proposed' ? '4 3' : undefined"
    >
      <rect :x="wait(b).x" :width="wait(b).w" :height="BAR_H" fill="var(--paper)" />
      <rect :x="gives(b).x" :width="gives(b).w" :height="BAR_H" fill="var(--paper)" />
      <rect
        :x="gives(b).x"
        :width="gives(b).w"
        :height="BAR_H"
        :fill="`url(#${patterns}-${patternOf(lane.of.food)})`"
      >
        <title>{{ b.name || startText(b, lane.of.food) }}</title>
      </rect>
    </g>
    <g
      v-for="p in parcels"
      :key="p.key"
      :transform="`translate(${p.x - 6} ${p.y - 5})`"
      :stroke="p.state === 'late' ? 'var(--harm)' : 'var(--ink)'"
      stroke-width="1.5"
    >
      <line x1="12" :x2="p.to" y1="5" y2="5" stroke-dasharray="2 3" />
      <rect
        width="12"
        height="10"
        :fill="p.state === 'to order' ? 'var(--paper)' : 'var(--plan)'"
      />
      <path d="M0 3.5h12M6 0v3.5" />
      <title>{{ p.text }}</title>
    </g>
    <line
      x1="0"
      :x2="layout.width"
      :y1="lane.top + lane.height"
      :y2="lane.top + lane.height"
      stroke="var(--line)"
    />
  </g>
</template>
