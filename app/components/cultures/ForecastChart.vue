<script setup lang="ts">
import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
} from 'chart.js'
import { computed } from 'vue'
import { Line } from 'vue-chartjs'
import type { Band } from '@renatus/core/estimation/cloud'
import type { Forecast } from '@renatus/core/estimation/forecast'
import { addHours } from '@renatus/core/time/localDate'
import { useTheme } from '~/composables/useTheme'
import { useUnits } from '~/composables/useUnits'

Chart.register(
  CategoryScale,
  Filler,
  LinearScale,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
)
Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif'
Chart.defaults.font.size = 14

/** Density and daily surplus over the days to come, each with its 80 % band, for a vessel from which nothing is taken. */
const props = defineProps<{ forecast: Forecast; now: string; per: string; unitsName: string }>()
const units = useUnits()
const theme = useTheme()
const colours = computed(() => {
  void theme.value
  const css = getComputedStyle(document.documentElement)
  const of = (name: string) => css.getPropertyValue(name).trim()
  return { ink2: of('--ink-2'), line: of('--line'), due: of('--due'), plan: of('--plan') }
})
const labels = computed(() =>
  props.forecast.days.map(d => units.day(addHours(props.now, d.day * 24))),
)
const chart = (bands: readonly Band[], colour: string) => ({
  labels: labels.value,
  datasets: [
    {
      label: 'high',
      data: bands.map(b => b.p90),
      borderColor: colour,
      borderWidth: 1,
      borderDash: [3, 3],
      pointRadius: 0,
      fill: '+2',
      backgroundColor: `${colour}22`,
    },
    {
      label: 'likely',
      data: bands.map(b => b.p50),
      borderColor: colour,
      borderWidth: 3,
      pointRadius: 0,
      fill: false,
    },
    {
      label: 'low',
      data: bands.map(b => b.p10),
      borderColor: colour,
      borderWidth: 1,
      borderDash: [3, 3],
      pointRadius: 0,
      fill: false,
    },
  ],
})
const options = (title: string) => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  interaction: { mode: 'index' as const, intersect: false },
  scales: {
    x: {
      ticks: { color: colours.value.ink2, maxTicksLimit: 6, maxRotation: 0, autoSkip: true },
      grid: { color: colours.value.line },
      title: { display: true, text: 'day', color: colours.value.ink2 },
    },
    y: {
      beginAtZero: true,
      ticks: {
        color: colours.value.ink2,
        maxTicksLimit: 5,
        callback: (v: number | string) => units.count(Number(v)),
      },
      grid: { color: colours.value.line },
      title: { display: true, text: title, color: colours.value.ink2 },
    },
  },
  plugins: {
    legend: { display: false },
    tooltip: {
      callbacks: {
        label: (i: { dataset: { label?: string }; parsed: { y: number | null } }) =>
          `${i.dataset.label}: ${units.count(i.parsed.y ?? 0)}`,
      },
    },
  },
})
const density = computed(() =>
  chart(
    props.forecast.days.map(d => d.density),
    colours.value.plan,
  ),
)
const surplus = computed(() =>
  chart(
    props.forecast.days.map(d => d.surplus),
    colours.value.due,
  ),
)
const at = (n: number) => props.forecast.days[Math.min(n, props.forecast.days.length - 1)]!
const inWords = computed(() =>
  [7, 14, 21]
    .map(
      n =>
        `in ${n} days ${units.count(at(n).density.p50)} per ${props.per} (${units.count(at(n).density.p10)} to ${units.count(at(n).density.p90)})`,
    )
    .join('; '),
)
</script>

<template>
  <figure class="grid gap-4 desk:grid-cols-2">
    <div class="h-64 min-w-0">
      <Line
        :data="density"
        :options="options(`${unitsName} per ${per}`)"
        :aria-label="`Density of the days to come: ${inWords}`"
        role="img"
      />
    </div>
    <div class="h-64 min-w-0">
      <Line
        :data="surplus"
        :options="options(`${unitsName} that grow back a day`)"
        aria-label="Surplus of the days to come"
        role="img"
      />
    </div>
    <figcaption class="small desk:col-span-2">
      Kept by its method, nothing taken: {{ inWords }}. The line is the likely course; 80 % of the
      courses stay between the dotted ones.
    </figcaption>
  </figure>
</template>
