<script setup lang="ts">
import { computed } from 'vue'
import { numberText } from '@renatus/core/units/numberText'
import { ASKS } from '@renatus/core/trials/asks'
import type { ArmResult } from '@renatus/core/trials/arms'
import type { MemberRead } from '@renatus/core/trials/member'
import type { TrialAsk } from '@renatus/core/records/vocabulary'
import { armWords, axisWords, betterWords } from '~/words/trials'
import { DOTS, dotsGeometry } from './dotsGeometry'

/** Arms beside each other: mean and 80 % interval as a bar with a mark, single vessels as rings. */
const props = defineProps<{
  arms: readonly (ArmResult & { name: string })[]
  members: readonly MemberRead[]
  asks: TrialAsk
}>()
const values = computed(() => {
  const of = new Map<string, number[]>()
  for (const { armId, value } of props.members) {
    if (!value) continue
    const x = 'hit' in value ? value.hit / value.of : value.value
    of.set(armId, [...(of.get(armId) ?? []), x])
  }
  return of
})
const drawn = computed(() => dotsGeometry(props.arms, values.value))
const isShare = computed(() => ASKS[props.asks].measure === 'share')
const tick = (x: number) => numberText(isShare.value ? 100 * x : x, { digits: 3 })
const said = computed(() => props.arms.map(a => `${a.name} ${armWords(a, props.asks)}`).join('; '))
</script>

<template>
  <figure class="max-w-xl">
    <svg
      :viewBox="`0 0 ${DOTS.width} ${drawn.height}`"
      class="w-full block"
      role="img"
      :aria-label="said"
    >
      <g v-for="t in drawn.ticks" :key="t.x">
        <line
          :x1="t.x"
          :x2="t.x"
          :y1="DOTS.top"
          :y2="drawn.height - DOTS.axis"
          stroke="var(--line)"
        />
        <text
          :x="t.x"
          :y="drawn.height - 14"
          text-anchor="middle"
          font-size="15"
          fill="var(--ink-2)"
        >
          {{ tick(t.value) }}
        </text>
      </g>
      <g v-for="r in drawn.rows" :key="r.id">
        <text :x="DOTS.left - 10" :y="r.y + 5" text-anchor="end" font-size="16" fill="var(--ink)">
          {{ r.name.length > 15 ? `${r.name.slice(0, 14)}…` : r.name }}
        </text>
        <line
          :x1="r.from"
          :x2="r.to"
          :y1="r.y"
          :y2="r.y"
          stroke="var(--plan)"
          stroke-width="5"
          stroke-linecap="round"
        />
        <circle
          v-for="(d, i) in r.dots"
          :key="i"
          :cx="d.x"
          :cy="d.y"
          r="4.5"
          fill="none"
          stroke="var(--ink)"
          stroke-width="1.5"
        />
        <path
          :d="`M${r.x} ${r.y - 9} l7 9 l-7 9 l-7 -9 z`"
          fill="var(--plan)"
          stroke="var(--paper)"
          stroke-width="1.5"
        />
      </g>
    </svg>
    <figcaption class="small">
      {{ axisWords(asks) }}; {{ betterWords(asks) }}. A diamond is the mean, its bar holds it four
      times in five, a ring is one vessel.
    </figcaption>
  </figure>
</template>
