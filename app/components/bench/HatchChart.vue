<script setup lang="ts">
import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { computed } from 'vue'
import { Line } from 'vue-chartjs'
import type { HatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'
import { useInTurn } from '~/composables/useInTurn'
import { useTheme } from '~/composables/useTheme'

// The kind of chart too: left to the component it would be set up while the first one is drawn.
Chart.register(
  CategoryScale,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  annotation,
)
Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif'
Chart.defaults.font.size = 14

/** Hatched and useful share over the hours since start, with the harvest window, now, and the planned pulls. */
const props = defineProps<{
  curve: HatchCurve
  window: { fromH: number; toH: number; lastCallH: number } | null
  nowH: number | null
  pullsH: readonly number[]
  label: string
  /** Another school on the same hours. */
  other?: { curve: HatchCurve; label: string } | null
}>()
const theme = useTheme()
const colours = computed(() => {
  void theme.value
  const css = getComputedStyle(document.documentElement)
  const of = (name: string) => css.getPropertyValue(name).trim()
  return {
    ink: of('--ink'),
    ink2: of('--ink-2'),
    line: of('--line'),
    due: of('--due'),
    plan: of('--plan'),
    harm: of('--harm'),
    paper: of('--paper'),
  }
})
const endH = computed(
  () =>
    Math.ceil(Math.max(48, (props.window?.lastCallH ?? 48) + 6, (props.nowH ?? 0) + 4) / 12) * 12,
)
const hours = computed(() => Array.from({ length: endH.value * 2 + 1 }, (_, i) => i / 2))
/** Its frame, its axes, its lines, then its marks: in one piece the first chart of a visit holds the page up. */
const hasAxes = useInTurn()
const hasLines = useInTurn()
const hasMarks = useInTurn()
const data = computed(() => ({
  datasets: hasLines.value ? lines.value : [],
}))
const lines = computed(() => [
  {
    label: 'hatched',
    data: hours.value.map(h => ({ x: h, y: 100 * props.curve.hatchedAt(h) })),
    borderColor: colours.value.ink2,
    borderDash: [6, 4],
    borderWidth: 2,
    pointRadius: 0,
  },
  {
    label: 'useful: hatched × yolk left',
    data: hours.value.map(h => ({ x: h, y: 100 * props.curve.usefulAt(h) })),
    borderColor: colours.value.due,
    borderWidth: 3,
    pointRadius: 0,
  },
  ...(props.other
    ? [
        {
          label: `useful: ${props.other.label.toLowerCase()}`,
          data: hours.value.map(h => ({ x: h, y: 100 * props.other!.curve.usefulAt(h) })),
          borderColor: colours.value.plan,
          borderDash: [2, 4],
          borderWidth: 3,
          pointRadius: 0,
        },
      ]
    : []),
])
/** The harvest window, the last call, the pulls and now. */
const marks = computed(() => {
  const c = colours.value
  const text = (content: string, position: 'start' | 'end' | 'center', color: string) => ({
    display: true,
    content,
    position,
    color,
    backgroundColor: c.paper,
    padding: 3,
    font: { size: 13, weight: 'bold' as const },
  })
  const line = (
    h: number,
    content: string,
    color: string,
    position: 'start' | 'end' | 'center',
    dash?: number[],
  ) => ({
    type: 'line' as const,
    xMin: h,
    xMax: h,
    borderColor: color,
    borderWidth: 2,
    borderDash: dash,
    label: text(content, position, color),
  })
  return {
    ...(props.window
      ? {
          window: {
            type: 'box' as const,
            xMin: props.window.fromH,
            xMax: props.window.toH,
            backgroundColor: `${c.plan}2b`,
            borderColor: c.plan,
            borderWidth: 1,
            label: {
              ...text('harvest', 'start', c.plan),
              position: { x: 'center' as const, y: 'center' as const },
            },
          },
          last: line(props.window.lastCallH, 'last call', c.harm, '30%' as never, [2, 3]),
        }
      : {}),
    ...Object.fromEntries(
      props.pullsH.map((h, i) => [`pull${i}`, line(h, `pull ${i + 1}`, c.ink, 'end', [8, 3])]),
    ),
    ...(props.nowH === null ? {} : { now: line(props.nowH, 'now', c.due, 'start') }),
  }
})
const options = computed(() => {
  const c = colours.value
  return {
    responsive: true,
    maintainAspectRatio: false,
    animation: false as const,
    interaction: { mode: 'index' as const, intersect: false },
    scales: {
      x: {
        display: hasAxes.value,
        type: 'linear' as const,
        min: 0,
        max: endH.value,
        title: { display: true, text: 'hours since start', color: c.ink2 },
        ticks: { stepSize: 12, color: c.ink2 },
        grid: { color: c.line },
      },
      y: {
        display: hasAxes.value,
        min: 0,
        max: 100,
        title: { display: true, text: 'share of all nauplii, %', color: c.ink2 },
        ticks: { stepSize: 25, color: c.ink2 },
        grid: { color: c.line },
      },
    },
    plugins: {
      legend: { display: false },
      tooltip: {
        callbacks: {
          title: (items: { parsed: { x: number | null } }[]) => `${items[0]?.parsed.x ?? 0} h`,
          label: (item: { dataset: { label?: string }; parsed: { y: number | null } }) =>
            `${item.dataset.label}: ${Math.round(item.parsed.y ?? 0)} %`,
        },
      },
      annotation: {
        annotations: hasMarks.value ? marks.value : {},
      },
    },
  }
})
</script>

<template>
  <figure>
    <div class="h-72 desk:h-80">
      <Line :data="data" :options="options" :aria-label="label" role="img" />
    </div>
    <figcaption class="small flex flex-wrap gap-x-6 gap-y-1 mt-1">
      <span
        ><svg width="34" height="10" class="inline mr-1" aria-hidden="true">
          <path d="M0 5H34" stroke="currentColor" stroke-width="2" stroke-dasharray="6 4" /></svg
        >hatched</span
      >
      <span
        ><svg width="34" height="10" class="inline mr-1 text-due" aria-hidden="true">
          <path d="M0 5H34" stroke="currentColor" stroke-width="3" /></svg
        >useful: hatched × yolk left</span
      >
      <span
        ><svg width="34" height="12" class="inline mr-1 text-plan" aria-hidden="true">
          <rect
            x="1"
            y="1"
            width="32"
            height="10"
            fill="currentColor"
            fill-opacity=".17"
            stroke="currentColor"
          /></svg
        >95 % of the best pull</span
      >
    </figcaption>
  </figure>
</template>
