<script setup lang="ts">
import { computed } from 'vue'
import { COST_KINDS, type Costs } from '@renatus/core/provision/costs'
import { COST_WORDS, moneyText } from '~/words/stores'

/** What was bought, month by month: a bar each, kinds by pattern, sums in numbers. */
const props = defineProps<{ months: Costs['byMonth']; currency: string }>()
const SHOWN = 12
const months = computed(() => props.months.slice(-SHOWN))
const most = computed(() => Math.max(1e-9, ...months.value.map(m => m.cost)))
const kinds = computed(() => COST_KINDS.filter(k => months.value.some(m => m.kinds[k] > 0)))
const WIDTH = 100
/** Where each kind begins and ends on the bar of a month. */
const partsOf = (m: Costs['byMonth'][number]) => {
  let x = 0
  return kinds.value.map(kind => {
    const width = (m.kinds[kind] / most.value) * WIDTH
    x += width
    return { kind, x: x - width, width }
  })
}
const monthText = (month: string) =>
  new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-15T00:00:00Z`),
  )
</script>

<template>
  <figure class="grid gap-2">
    <figcaption class="small flex flex-wrap gap-x-4">
      Bought, by month
      <span v-for="k in kinds" :key="k" class="inline-flex items-center gap-1"
        ><svg width="18" height="12" aria-hidden="true">
          <rect width="18" height="12" :fill="`url(#cost-${k})`" stroke="var(--ink)" /></svg
        >{{ COST_WORDS[k] }}</span
      >
    </figcaption>
    <svg width="0" height="0" class="absolute" aria-hidden="true">
      <defs>
        <pattern id="cost-cysts" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--ink)" />
        </pattern>
        <pattern
          id="cost-materials"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="2" height="5" fill="var(--ink)" />
        </pattern>
        <pattern id="cost-food" width="5" height="5" patternUnits="userSpaceOnUse">
          <circle cx="2.5" cy="2.5" r="1.4" fill="var(--ink)" />
        </pattern>
        <pattern id="cost-starters" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="1.5" fill="var(--ink)" />
        </pattern>
        <pattern id="cost-things" width="6" height="6" patternUnits="userSpaceOnUse">
          <path d="M0 3h6M3 0v6" stroke="var(--ink)" />
        </pattern>
      </defs>
    </svg>
    <dl class="grid gap-1">
      <div
        v-for="m in months"
        :key="m.month"
        class="grid grid-cols-[6rem_minmax(0,1fr)_6rem] items-center gap-x-3"
      >
        <dt>{{ monthText(m.month) }}</dt>
        <dd class="m-0">
          <svg
            viewBox="0 0 100 12"
            preserveAspectRatio="none"
            class="w-full h-5 block"
            aria-hidden="true"
          >
            <rect
              v-for="p in partsOf(m)"
              :key="p.kind"
              :x="p.x"
              y="0.5"
              :width="p.width"
              height="11"
              :fill="`url(#cost-${p.kind})`"
              stroke="var(--ink)"
              stroke-width="0.6"
              vector-effect="non-scaling-stroke"
            />
          </svg>
        </dd>
        <dd class="m-0 text-right num font-semibold">{{ moneyText(m.cost, currency) }}</dd>
      </div>
    </dl>
  </figure>
</template>
