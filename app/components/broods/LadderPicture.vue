<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import type { Sheet } from '@renatus/core/fry/broodSheet'
import { foodInText, foodName } from '~/words/foods'
import { patternOf } from './foodPattern'
import FoodPatterns from './FoodPatterns.vue'
import { foodBars, line, scalesOf, SMALLEST, WIDEST, type Box } from './ladderGeometry'

/** The mouth as a thick line that grows through the widths of foods; below it the share each has of the day. */
const props = defineProps<{ sheet: Sheet; today: number; other: Sheet | null }>()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const id = useId()
const W = computed(() => Math.max(320, width.value || 640))
const narrow = computed(() => W.value < 560)
const H = computed(() => (narrow.value ? 330 : 400))
const STRIP = 74
const box = computed((): Box => ({
  left: narrow.value ? 50 : 62,
  right: W.value - 10,
  top: 26,
  bottom: H.value - 10,
}))
const scales = computed(() => scalesOf(props.sheet, box.value))
const bars = computed(() => foodBars(props.sheet, scales.value, box.value))
const mm = (um: number, share: number) => (um * share) / 1000
const widest = computed(() =>
  line(props.sheet, scales.value, i => mm(props.sheet.days[i]!.gapeUm, WIDEST)),
)
const smallest = computed(() =>
  line(props.sheet, scales.value, i => mm(props.sheet.days[i]!.gapeUm, SMALLEST)),
)
const band = computed(() => {
  const { band: b } = props.sheet
  const up = b.map(
    (d, i) =>
      `${i ? 'L' : 'M'}${scales.value.x(d.day).toFixed(1)} ${scales.value.y(mm(d.hi, WIDEST)).toFixed(1)}`,
  )
  const down = [...b]
    .reverse()
    .map(d => `L${scales.value.x(d.day).toFixed(1)} ${scales.value.y(mm(d.lo, WIDEST)).toFixed(1)}`)
  return `${up.join(' ')} ${down.join(' ')} Z`
})
const mouthful = computed(
  () =>
    `${widest.value} L${box.value.right} ${box.value.bottom} L${box.value.left} ${box.value.bottom} Z`,
)
const otherLine = computed(() =>
  props.other && props.other.days.length === props.sheet.days.length
    ? line(props.other, scales.value, i => mm(props.other!.days[i]!.gapeUm, WIDEST))
    : null,
)
const gaps = computed(() =>
  props.sheet.gaps.map(g => ({
    x: scales.value.x(g.from),
    width: Math.min(scales.value.x(g.to + 1), box.value.right) - scales.value.x(g.from),
  })),
)
const todayX = computed(() =>
  props.today >= scales.value.first && props.today <= scales.value.last
    ? scales.value.x(props.today)
    : null,
)
const stripTop = computed(() => H.value + 22)
/** Shares of a day from the bottom up, in the order in which foods come to the table. */
const columns = computed(() => {
  const order = props.sheet.spans.map(s => s.food)
  const step = (box.value.right - box.value.left) / (scales.value.last - scales.value.first)
  return props.sheet.days.slice(0, -1).flatMap(d => {
    let done = 0
    return order
      .filter(f => (d.share[f] ?? 0) > 0.005)
      .map(food => {
        const h = d.share[food]! * STRIP
        done += h
        return {
          key: `${d.day}${food}`,
          food,
          x: scales.value.x(d.day),
          y: stripTop.value + STRIP - done,
          width: step,
          height: h,
        }
      })
  })
})
const label = computed(
  () =>
    `Mouth and foods by day: ${props.sheet.spans.map(s => `${foodInText(s.food)} from day ${s.from} to ${s.to}`).join(', ')}${props.sheet.gaps.length ? `; nothing fits from day ${props.sheet.gaps[0]!.from} to ${props.sheet.gaps[0]!.to}` : ''}.`,
)
</script>

<template>
  <div ref="frame" class="w-full">
    <svg
      :width="W"
      :height="stripTop + STRIP + 44"
      :viewBox="`0 0 ${W} ${stripTop + STRIP + 44}`"
      role="img"
      :aria-label="label"
      class="block max-w-full"
      font-size="14"
    >
      <FoodPatterns :prefix="id" />
      <path :d="mouthful" fill="var(--paper)" />
      <g v-for="t in scales.ticksMm" :key="t">
        <line
          :x1="box.left"
          :x2="box.right"
          :y1="scales.y(t)"
          :y2="scales.y(t)"
          stroke="var(--line)"
        />
        <text
          :x="box.left - 7"
          :y="scales.y(t) + 5"
          text-anchor="end"
          fill="var(--ink)"
          class="num"
        >
          {{ t }}
        </text>
      </g>
      <text :x="2" :y="16" fill="var(--ink-2)">width, mm</text>
      <g v-for="g in gaps" :key="g.x">
        <rect
          :x="g.x"
          :y="box.top"
          :width="g.width"
          :height="box.bottom - box.top"
          fill="var(--harm)"
          opacity=".12"
        />
        <line
          :x1="g.x"
          :x2="g.x + g.width"
          :y1="box.bottom"
          :y2="box.bottom"
          stroke="var(--harm)"
          stroke-width="5"
        />
        <text :x="g.x + 4" :y="box.bottom - 10" fill="var(--harm)" font-weight="700">
          nothing fits
        </text>
      </g>
      <path
        :d="smallest"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
        stroke-dasharray="5 4"
      />
      <path :d="band" fill="var(--ink)" opacity=".13" />
      <path :d="widest" fill="none" stroke="var(--ink)" stroke-width="4.5" stroke-linecap="round" />
      <path
        v-if="otherLine"
        :d="otherLine"
        fill="none"
        stroke="var(--plan)"
        stroke-width="3"
        stroke-dasharray="9 5"
      />
      <g v-for="b in bars" :key="b.food">
        <rect
          :x="b.x"
          :y="b.y"
          :width="b.width"
          :height="b.height"
          fill="var(--paper)"
          stroke="none"
        />
        <rect
          :x="b.x"
          :y="b.y"
          :width="b.width"
          :height="b.height"
          :fill="`url(#${id}-${patternOf(b.food)})`"
          stroke="var(--ink)"
          stroke-width="1.5"
          rx="2"
        />
        <text
          :x="b.labelX"
          :y="b.y + b.height / 2 + 5"
          :text-anchor="b.anchor"
          font-weight="700"
          fill="var(--ink)"
          stroke="var(--paper)"
          stroke-width="4"
          paint-order="stroke"
          stroke-linejoin="round"
        >
          {{ b.label }}
        </text>
      </g>
      <g v-if="todayX !== null">
        <line
          :x1="todayX"
          :x2="todayX"
          :y1="20"
          :y2="stripTop + STRIP"
          stroke="var(--due)"
          stroke-width="2.5"
        />
        <text
          :x="todayX > W - 110 ? todayX - 6 : todayX + 6"
          :y="16"
          :text-anchor="todayX > W - 110 ? 'end' : 'start'"
          fill="var(--due)"
          font-weight="700"
        >
          today, day {{ today }}
        </text>
      </g>
      <text :x="box.left" :y="stripTop - 6" fill="var(--ink-2)">share of the day</text>
      <rect
        v-for="c in columns"
        :key="c.key"
        :x="c.x"
        :y="c.y"
        :width="c.width"
        :height="c.height"
        :fill="`url(#${id}-${patternOf(c.food)})`"
      >
        <title>{{ foodName(c.food) }}</title>
      </rect>
      <line
        v-for="c in columns"
        :key="`${c.key}t`"
        :x1="c.x"
        :x2="c.x + c.width"
        :y1="c.y"
        :y2="c.y"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <path
        :d="`M${box.left} ${stripTop} V${stripTop + STRIP} H${box.right}`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <g fill="var(--ink)" class="num">
        <text :x="box.left - 7" :y="stripTop + 11" text-anchor="end">100 %</text>
        <text :x="box.left - 7" :y="stripTop + STRIP" text-anchor="end">0</text>
      </g>
      <g v-for="t in scales.ticksDay" :key="t">
        <line
          :x1="scales.x(t)"
          :x2="scales.x(t)"
          :y1="stripTop + STRIP"
          :y2="stripTop + STRIP + 5"
          stroke="var(--line-strong)"
        />
        <text
          :x="scales.x(t)"
          :y="stripTop + STRIP + 20"
          :text-anchor="t === scales.first ? 'start' : 'middle'"
          fill="var(--ink)"
          class="num"
        >
          {{ t }}
        </text>
      </g>
      <text
        :x="(box.left + box.right) / 2"
        :y="stripTop + STRIP + 38"
        text-anchor="middle"
        fill="var(--ink-2)"
      >
        days after free swimming
      </text>
    </svg>
    <ul class="small flex flex-wrap gap-x-5 gap-y-1 mt-1">
      <li class="flex items-center gap-2">
        <svg width="30" height="12" aria-hidden="true">
          <rect width="30" height="12" fill="var(--ink)" opacity=".13" />
          <line x1="0" x2="30" y1="6" y2="6" stroke="var(--ink)" stroke-width="4.5" /></svg
        >widest they swallow, with the span of four broods in five
      </li>
      <li class="flex items-center gap-2">
        <svg width="30" height="12" aria-hidden="true">
          <line
            x1="0"
            x2="30"
            y1="6"
            y2="6"
            stroke="var(--ink)"
            stroke-width="1.5"
            stroke-dasharray="5 4"
          /></svg
        >smallest worth the chase
      </li>
      <li v-if="otherLine" class="flex items-center gap-2">
        <svg width="30" height="12" aria-hidden="true">
          <line
            x1="0"
            x2="30"
            y1="6"
            y2="6"
            stroke="var(--plan)"
            stroke-width="3"
            stroke-dasharray="9 5"
          /></svg
        >what if
      </li>
    </ul>
  </div>
</template>
