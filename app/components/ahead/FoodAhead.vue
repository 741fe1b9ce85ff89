<script setup lang="ts">
import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js'
import { useElementSize } from '@vueuse/core'
import { computed, reactive, ref, useTemplateRef, watch } from 'vue'
import { Line } from 'vue-chartjs'
import type { FoodCurve } from '@renatus/core/planning/plan/supplyCurves'
import { addDays } from '@renatus/core/time/localDate'
import { edible } from '@renatus/core/fry/edibles'
import { useOnSight } from '~/composables/useOnSight'
import { useTheme } from '~/composables/useTheme'
import { useUnits } from '~/composables/useUnits'
import { foodName } from '~/words/foods'
import { plural } from '~/words/round'
import { lanes, PIN_PX, shiftedSupply, type Pin } from './pins'

Chart.register(CategoryScale, Filler, LinearScale, LineElement, PointElement, Tooltip)
Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif'
Chart.defaults.font.size = 14

/** One food over the days of a plan: need against supply with its band, and the starts as pins that are dragged or moved by keys. */
const props = defineProps<{
  curve: FoodCurve
  from: string
  days: number
  pins: readonly Pin[]
  profile: readonly number[]
  lastStarts: readonly { name: string; on: string }[]
  busy: boolean
}>()
const emit = defineEmits<{
  moved: [moves: { id: string; day: number | null }[]]
  keep: [moves: { id: string; day: number | null }[]]
  back: []
}>()
const units = useUnits()
const theme = useTheme()
const LEFT = 64
const RIGHT = 12
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const inSight = useOnSight(box)
const pxPerDay = computed(() =>
  Math.max(1, (width.value - LEFT - RIGHT) / Math.max(1, props.days - 1)),
)

/** Where pins were put by hand and not kept yet; null: given up. */
const moved = reactive<Record<string, number | null>>({})
watch(
  () => props.pins.map(p => `${p.id} ${p.day}`).join(),
  () => {
    for (const id of Object.keys(moved)) Reflect.deleteProperty(moved, id)
  },
)
const moves = computed(() =>
  props.pins.flatMap(p => {
    const to = moved[p.id]
    return to === undefined || to === p.day
      ? []
      : [{ id: p.id, from: p.day, day: to, vessels: p.vessels - p.done }]
  }),
)
const shown = computed(() =>
  lanes(
    props.pins.filter(p => moved[p.id] !== null).map(p => ({ ...p, day: moved[p.id] ?? p.day })),
    pxPerDay.value,
  ),
)
const rows = computed(() => Math.max(1, ...shown.value.map(p => p.lane + 1)))
const supply = computed(() =>
  shiftedSupply(
    props.curve.supply.p50,
    props.profile,
    moves.value.map(m => ({ from: m.from, to: m.day, vessels: m.vessels })),
  ),
)

const clamp = (day: number) => Math.max(0, Math.min(props.days - 1, Math.round(day)))
const changed = () =>
  emit(
    'moved',
    moves.value.map(({ id, day }) => ({ id, day })),
  )
let dragging: { id: string; x: number; day: number } | null = null
function grab(e: PointerEvent, pin: Pin) {
  dragging = { id: pin.id, x: e.clientX, day: pin.day }
  ;(e.currentTarget as HTMLElement).setPointerCapture(e.pointerId)
}
function drag(e: PointerEvent) {
  if (dragging) moved[dragging.id] = clamp(dragging.day + (e.clientX - dragging.x) / pxPerDay.value)
}
function drop() {
  if (!dragging) return
  const { id, day } = dragging
  dragging = null
  if (moved[id] !== undefined && moved[id] !== day) changed()
}
const KEYS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -7,
  PageUp: 7,
}
let settle: ReturnType<typeof setTimeout> | undefined
function key(e: KeyboardEvent, pin: Pin) {
  const step = KEYS[e.key]
  if (step === undefined && e.key !== 'Delete' && e.key !== 'Backspace') return
  e.preventDefault()
  moved[pin.id] = step === undefined ? null : clamp(pin.day + step)
  clearTimeout(settle)
  settle = setTimeout(changed, 600)
}
function putBack() {
  for (const id of Object.keys(moved)) Reflect.deleteProperty(moved, id)
  emit('back')
}
const date = (day: number) => units.date(addDays(props.from, day))

const colours = computed(() => {
  void theme.value
  const css = getComputedStyle(document.documentElement)
  const of = (name: string) => css.getPropertyValue(name).trim()
  return { ink: of('--ink'), ink2: of('--ink-2'), line: of('--line'), plan: of('--plan') }
})
const labels = computed(() => props.curve.wanted.map((_, d) => date(d)))
const data = computed(() => ({
  labels: labels.value,
  datasets: [
    {
      label: 'supply, high',
      data: props.curve.supply.p90,
      borderColor: colours.value.plan,
      borderWidth: 1,
      borderDash: [2, 3],
      pointRadius: 0,
      fill: '+2',
      backgroundColor: `${colours.value.plan}26`,
    },
    {
      label: 'supply',
      data: supply.value,
      borderColor: colours.value.plan,
      borderWidth: 3,
      pointRadius: 0,
      fill: false,
    },
    {
      label: 'supply, low',
      data: props.curve.supply.p10,
      borderColor: colours.value.plan,
      borderWidth: 1,
      borderDash: [2, 3],
      pointRadius: 0,
      fill: false,
    },
    {
      label: 'wanted',
      data: props.curve.wanted,
      borderColor: colours.value.ink,
      borderWidth: 2,
      borderDash: [8, 4],
      pointRadius: 0,
      fill: false,
    },
  ],
}))
const top = computed(
  () =>
    1.15 *
    Math.max(
      1,
      ...props.curve.wanted,
      ...supply.value.map(s => Math.min(s, 3 * Math.max(1, ...props.curve.wanted))),
    ),
)
const unitName = computed(() => edible(props.curve.food)?.units ?? 'animals')
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  interaction: { mode: 'index' as const, intersect: false },
  layout: { padding: { right: RIGHT, left: 0 } },
  scales: {
    x: {
      ticks: {
        color: colours.value.ink2,
        maxTicksLimit: width.value < 500 ? 4 : 8,
        maxRotation: 0,
        autoSkip: true,
      },
      grid: { color: colours.value.line },
    },
    y: {
      beginAtZero: true,
      max: top.value,
      afterFit: (axis: { width: number }) => {
        axis.width = LEFT
      },
      grid: { color: colours.value.line },
      ticks: {
        color: colours.value.ink2,
        maxTicksLimit: 4,
        includeBounds: false,
        callback: (v: number | string) =>
          Number(v) >= 1e6 ? `${units.count(Number(v) / 1e6)} M` : units.count(Number(v)),
      },
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
}))
const short = computed(
  () => props.curve.wanted.filter((w, d) => w > 0 && supply.value[d]! < w * 0.95).length,
)
const text = computed(() => {
  const most = Math.max(...props.curve.wanted)
  return `${foodName(props.curve.food)}: ${most > 0 ? `wanted at most ${units.count(most)} a day, on ${date(props.curve.wanted.indexOf(most))}` : 'not on any ladder, but it may step in'}. ${short.value === 0 ? 'Supply meets the ladders on every day.' : `Supply is below what the ladders like best on ${plural(short.value, 'day')}; others step in where they can.`}`
})
const pinText = (p: Pin) => `${date(p.day)}, ${plural(p.vessels - p.done, 'vessel')}`
const opened = ref(false)
</script>

<template>
  <article class="rule py-4 grid gap-2" :data-testid="`ahead-${curve.food}`">
    <h3 class="font-bold text-[1.1875rem]">
      {{ foodName(curve.food) }} <span class="small font-normal">{{ unitName }} a day</span>
    </h3>
    <div ref="box" class="min-w-0">
      <div class="h-44">
        <Line v-if="inSight" :data="data" :options="options" :aria-label="text" role="img" />
      </div>
      <div
        v-if="pins.length"
        class="relative border-t-[3px] border-edge"
        :style="{ height: `${rows * 54 + 6}px` }"
        role="group"
        :aria-label="`Starts of ${foodName(curve.food)}`"
      >
        <button
          v-for="p in shown"
          :key="p.id"
          type="button"
          role="slider"
          class="absolute top-0 grid place-items-center size-12 border-2 font-bold num touch-none cursor-grab bg-paper"
          :class="[
            p.kept ? 'border-plan' : 'border-dashed border-ink',
            moved[p.id] !== undefined ? 'bg-ground outline-2 outline-due' : '',
          ]"
          :style="{
            left: `${Math.max(0, Math.min(width - PIN_PX, LEFT + p.day * pxPerDay - PIN_PX / 2))}px`,
            top: `${p.lane * 54 + 4}px`,
          }"
          :aria-label="`Start of ${plural(p.vessels - p.done, 'vessel')} of ${foodName(curve.food)}`"
          :aria-valuemin="0"
          :aria-valuemax="days - 1"
          :aria-valuenow="p.day"
          :aria-valuetext="pinText(p)"
          :title="pinText(p)"
          :data-testid="`pin-${curve.food}`"
          @pointerdown="grab($event, p)"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="drop"
          @keydown="key($event, p)"
        >
          <span
            class="absolute -top-[5px] left-1/2 -translate-x-1/2 w-[3px] h-[5px] bg-edge"
            aria-hidden="true"
          />{{ p.vessels - p.done }}
        </button>
      </div>
    </div>
    <div
      v-if="moves.length"
      class="border-2 border-due px-3 py-2 flex flex-wrap gap-x-4 gap-y-2 items-center"
      role="status"
    >
      <p class="grow">
        <template v-for="m in moves" :key="m.id">{{
          m.day === null
            ? `Not started: ${plural(m.vessels, 'vessel')} of ${date(m.from)}. `
            : `${plural(m.vessels, 'vessel')} on ${date(m.day)} instead of ${date(m.from)}. `
        }}</template>{{
          busy ? 'Working out what that does to the broods.' : 'Cover above is as it would be.'
        }}
      </p>
      <button
        class="btn btn-main"
        @click="
          emit(
            'keep',
            moves.map(m => ({ id: m.id, day: m.day })),
          )
        "
      >
        Keep it there</button
      ><button class="btn" @click="putBack">Put back</button>
    </div>
    <p class="small">{{ text }}</p>
    <details
      v-if="lastStarts.length"
      :open="opened"
      @toggle="opened = ($event.target as HTMLDetailsElement).open"
    >
      <summary class="link min-h-12 inline-flex items-center text-ink2">Last safe starts</summary>
      <ul class="small">
        <li v-for="l in lastStarts" :key="l.name + l.on">{{ l.name }}: {{ l.on }}</li>
      </ul>
    </details>
  </article>
</template>
