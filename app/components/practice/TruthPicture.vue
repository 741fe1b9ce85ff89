<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useElementSize } from '@vueuse/core'
import { READINESS, type Readiness } from '@renatus/core/dynamics/contract'
import { STAGES } from '~/words/cultures'

/** What a vessel was, day by day, with what it was taken for and what its looks said drawn over it. */
const props = defineProps<{
  name: string
  days: readonly {
    day: number
    truth: Readiness
    saw: string | null
    belief: { readiness: Readiness } | null
  }[]
}>()
const ROW = 22
const LEFT = 84
const RIGHT = 12
const NARROW = 300
const WIDE = 660
const TOP = 10
const BOTTOM = TOP + ROW * READINESS.length
const TICKS = 8
const DAY_STEPS = [1, 2, 5, 10, 20]
/** Drawn as wide as there is room, so that its words stay as large as others. */
const figure = useTemplateRef<HTMLElement>('figure')
const { width } = useElementSize(figure)
const wide = computed(() => Math.max(NARROW, Math.min(WIDE, width.value || WIDE)))
const first = computed(() => props.days[0]?.day ?? 0)
const last = computed(() => Math.max(first.value + 1, props.days.at(-1)?.day ?? 1))
const x = (day: number) =>
  LEFT + ((day - first.value) / (last.value - first.value)) * (wide.value - LEFT - RIGHT)
const y = (r: string) => TOP + ROW * (READINESS.indexOf(r as Readiness) + 0.5)
/** A line that keeps its step until the next day. */
const line = (of: (d: (typeof props.days)[number]) => Readiness | null) =>
  props.days
    .flatMap((d, i) => {
      const r = of(d)
      if (r === null) return []
      const until = props.days[i + 1]?.day ?? d.day
      const isFirst = i === 0 || of(props.days[i - 1]!) === null
      return [`${isFirst ? 'M' : 'L'}${x(d.day)} ${y(r)}`, `L${x(until)} ${y(r)}`]
    })
    .join(' ')
const truth = computed(() => line(d => d.truth))
const signs = computed(() => line(d => d.belief?.readiness ?? null))
const said = computed(() => props.days.filter(d => d.saw !== null))
const step = computed(
  () => DAY_STEPS.find(s => (last.value - first.value) / s <= TICKS) ?? DAY_STEPS.at(-1)!,
)
const ticks = computed(() => props.days.map(d => d.day).filter(d => d % step.value === 0))
const right = computed(() => said.value.filter(d => d.saw === d.truth).length)
</script>

<template>
  <figure ref="figure" class="max-w-2xl">
    <svg
      :viewBox="`0 0 ${wide} ${BOTTOM + 40}`"
      class="w-full block"
      role="img"
      :aria-label="`${name}: of ${said.length} days on which you said what it was ${right} were right. The table below has every day.`"
    >
      <g v-for="r in READINESS" :key="r">
        <line :x1="LEFT" :y1="y(r)" :x2="wide - RIGHT" :y2="y(r)" stroke="var(--line)" />
        <text :x="LEFT - 8" :y="y(r) + 4" text-anchor="end" font-size="13" fill="var(--ink-2)">
          {{ STAGES[r].word }}
        </text>
      </g>
      <g v-for="t in ticks" :key="t">
        <line :x1="x(t)" :y1="BOTTOM" :x2="x(t)" :y2="BOTTOM + 5" stroke="var(--ink-2)" />
        <text :x="x(t)" :y="BOTTOM + 19" text-anchor="middle" font-size="13" fill="var(--ink-2)">
          {{ t }}
        </text>
      </g>
      <text
        :x="(LEFT + wide - RIGHT) / 2"
        :y="BOTTOM + 36"
        text-anchor="middle"
        font-size="13"
        fill="var(--ink)"
      >
        day
      </text>
      <path :d="signs" fill="none" stroke="var(--ink-2)" stroke-width="2" stroke-dasharray="3 4" />
      <path :d="truth" fill="none" stroke="var(--plan)" stroke-width="4" />
      <g v-for="d in said" :key="d.day">
        <circle
          v-if="d.saw === d.truth"
          :cx="x(d.day)"
          :cy="y(d.saw!)"
          r="5"
          fill="var(--paper)"
          stroke="var(--ink)"
          stroke-width="2"
        />
        <path
          v-else
          :d="`M${x(d.day) - 5} ${y(d.saw!) - 5}l10 10m0 -10l-10 10`"
          stroke="var(--harm)"
          stroke-width="3"
        />
      </g>
    </svg>
    <figcaption class="small">
      Thick: what it was. Dotted: what its looks and yields said. Ring: you were right; cross: you
      said so, and it was not.
    </figcaption>
  </figure>
</template>
