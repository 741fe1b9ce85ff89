<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed } from 'vue'
import type { Density } from '@renatus/core/estimation/counting'
import { useUnits } from '~/composables/useUnits'
import { mixing, stillNeeded } from '~/words/count'
import { plural } from '~/words/round'

/** What was counted as a density with its interval, and what it comes to in the vessel. */
const props = defineProps<{
  density: Density
  units: string
  litres: number | null
  vessel: string
  /** The picture itself may be off. */ widened?: readonly [number, number] | null
}>()
const u = useUnits()
const range = computed(() => props.widened ?? ([props.density.lo, props.density.hi] as const))
const perMl = (x: number) => (x >= 100 ? u.count(x) : numberText(x, { digits: 2 }))
</script>

<template>
  <div class="grid gap-1" aria-live="polite">
    <p class="sentence">
      <span class="amount" data-testid="per-ml">{{ perMl(density.perMl) }}</span> {{ units }} per mL
    </p>
    <p class="num">
      Between {{ perMl(range[0]) }} and {{ perMl(range[1]) }} with 95 % certainty, from
      {{ numberText(density.animals) }} in
      {{ widened ? 'the picture' : plural(density.drops, 'drop') }}.
    </p>
    <p v-if="litres !== null" class="num">
      {{ vessel }} holds about <strong>{{ u.count(density.perMl * litres * 1000) }}</strong> in
      {{ u.litres(litres) }}.
    </p>
    <template v-if="!widened"
      ><p class="small" data-testid="more-drops">{{ stillNeeded(density) }}</p>
      <p class="small">{{ mixing(density) }}</p></template
    >
  </div>
</template>
