<script setup lang="ts">
import { computed } from 'vue'
import { randomStream } from '@renatus/core/math/random'

/** A hatch vessel as it should look now: brown cysts that turn to orange nauplii, shells at the top when the air is off. */
const props = withDefaults(defineProps<{ shape: 'cone' | 'bottle', hatched?: number | null, label: string, size?: number }>(), { hatched: null, size: 84 })

const OUTLINE = {
  cone: 'M14 6 H66 V62 L46 106 H34 L14 62 Z',
  bottle: 'M33 6 H47 V26 C47 34 64 38 64 50 V106 H16 V50 C16 38 33 34 33 26 Z',
}
const FILL = { cone: 'M14 24 H66 V62 L46 106 H34 L14 62 Z', bottle: 'M16 50 C16 46 20 42 24 39 H56 C60 42 64 46 64 50 V106 H16 Z' }
const specks = computed(() => {
  if (props.hatched === null) return []
  const chance = randomStream(7)
  return Array.from({ length: 90 }, (_, i) => {
    const y = props.shape === 'cone' ? chance.integer(28, 102) : chance.integer(44, 102)
    const half = props.shape === 'cone' ? (y < 62 ? 24 : 24 - ((y - 62) / 44) * 18) : y < 50 ? 16 : 22
    return { x: 40 + (chance.next() * 2 - 1) * half, y, nauplius: (i + 0.5) / 90 < props.hatched! }
  })
})
</script>

<template>
  <svg viewBox="0 0 80 112" :width="size * 0.72" :height="size" role="img" :aria-label="label" class="shrink-0">
    <path :d="OUTLINE[shape]" fill="var(--glass)" />
    <path v-if="hatched !== null" :d="FILL[shape]" fill="var(--brine)" />
    <g v-for="(s, i) in specks" :key="i">
      <path v-if="s.nauplius" :d="`M${s.x.toFixed(1)} ${s.y} l2.6 1.2`" stroke="var(--nauplius)" stroke-width="1.7" stroke-linecap="round" />
      <circle v-else :cx="s.x" :cy="s.y" r="1.1" fill="var(--cyst)" />
    </g>
    <path :d="OUTLINE[shape]" fill="none" stroke="var(--ink)" stroke-width="2.6" stroke-linejoin="round" />
  </svg>
</template>
