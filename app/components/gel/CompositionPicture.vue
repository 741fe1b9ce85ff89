<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed } from 'vue'
import { NUTRIENTS, type Composition } from '@renatus/core/gel/composition'
import type { Targets } from '@renatus/core/gel/targets'
import { NUTRIENT_NAMES } from '~/words/gel'

/** What the mix holds against what is wanted: a thick bar for the mix, a hatched span for the target, numbers beside both. */
const props = defineProps<{ composition: Composition; targets: Targets }>()
const MOST = 70
const x = (percent: number) => (Math.min(MOST, Math.max(0, percent)) / MOST) * 100
const one = (n: number) => numberText(n, { decimals: 1 })
const rangeWords = (range: readonly [number, number]) =>
  range[0] > 0 ? `${one(range[0])} to ${one(range[1])}` : `at most ${one(range[1])}`
const rows = computed(() =>
  [...NUTRIENTS, 'carbohydrate' as const].map(n => {
    const value = props.composition[n]
    const range = n === 'carbohydrate' ? undefined : props.targets[n]
    const fits = !range || (value >= range[0] - 0.05 && value <= range[1] + 0.05)
    return {
      n,
      name: NUTRIENT_NAMES[n],
      value,
      range,
      fits,
      wanted: range ? rangeWords(range) : 'the rest',
    }
  }),
)
</script>

<template>
  <figure class="grid gap-1" data-testid="composition">
    <figcaption class="small">
      Percent of dry matter, 0 to {{ MOST }}: bar, what the mix holds; hatched, what is wanted.
    </figcaption>
    <dl class="grid gap-1">
      <div
        v-for="r in rows"
        :key="r.n"
        class="grid grid-cols-[minmax(0,1fr)_auto] sm:grid-cols-[6.5rem_minmax(0,1fr)_9.5rem] items-center gap-x-3 gap-y-1 sm:min-h-9 py-1"
      >
        <dt>{{ r.name }}</dt>
        <dd class="m-0 max-sm:order-3 max-sm:col-span-2">
          <svg
            viewBox="0 0 100 12"
            preserveAspectRatio="none"
            class="w-full h-5 block"
            aria-hidden="true"
          >
            <defs>
              <pattern
                id="wanted"
                width="3"
                height="3"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <rect width="1.1" height="3" fill="var(--plan)" />
              </pattern>
            </defs>
            <rect
              x="0"
              y="0"
              width="100"
              height="12"
              fill="var(--glass)"
              stroke="var(--line)"
              stroke-width=".5"
            />
            <rect
              v-if="r.range"
              :x="x(r.range[0])"
              y="0"
              :width="Math.max(0.8, x(r.range[1]) - x(r.range[0]))"
              height="12"
              fill="url(#wanted)"
              opacity=".8"
            />
            <rect x="0" y="4" :width="x(r.value)" height="4" fill="var(--ink)" />
          </svg>
        </dd>
        <dd class="m-0 num whitespace-nowrap">
          <strong>{{ one(r.value) }} %</strong> <span class="small">{{ r.wanted }}</span>
          <strong v-if="!r.fits" class="text-harm" aria-label="outside of the target">!</strong>
        </dd>
      </div>
    </dl>
  </figure>
</template>
