<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { AheadPicture, Bar, Lane } from '@renatus/core/planning/plan/aheadPicture'
import { addDays } from '@renatus/core/time/localDate'
import { patternOf } from '~/components/broods/foodPattern'
import FoodPatterns from '~/components/broods/FoodPatterns.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { laneWords, mouthWords, orderWords } from '~/words/aheadPicture'
import { foodName } from '~/words/foods'
import { plural } from '~/words/round'
import { isNarrow, layoutOf, supplyPaths, type Placed, type PlacedLane } from './pictureGeometry'

/** Eaters, lines, vessels, need and supply on one axis of days; starts are handles, moved by hand or keys. */
const props = defineProps<{
  picture: AheadPicture
  from: string
  selected: string | null
  touched: readonly string[]
  /** Starts are shown and not to be moved. */
  fixed: boolean
}>()
const emit = defineEmits<{
  select: [what: string]
  move: [id: string, day: number]
  giveUp: [id: string]
}>()
const room = useRoomStore()
const units = useUnits()
const id = useId()
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const layout = computed(() => layoutOf(props.picture, Math.max(320, width.value || 960)))
const narrow = computed(() => isNarrow(layout.value.width))
const names = {
  brood: (of: string) => room.state?.broods.find(b => b.id === of)?.name ?? 'a brood',
  date: (day: number) => units.date(addDays(props.from, day)),
}
const tick = (day: number) => names.date(day).replace(/^\w+ /, '')
const mouths = computed(() =>
  layout.value.mouths.map(m => ({
    ...m,
    name: names.brood(m.of.brood),
    bandsTop: m.top + layout.value.sizes.name + 2,
  })),
)
const hasStart = (l: Lane, row: number) => l.bars.some(b => b.row === row && b.kind !== 'stands')
const lanes = computed(() =>
  layout.value.lanes.map(l => ({
    ...l,
    name: foodName(l.of.food),
    paths: supplyPaths(l, layout.value),
    barTop: (b: Bar) => l.rows[b.row]! + (hasStart(l.of, b.row) ? 5 : 0),
  })),
)
/** Width that the words of a gap take, px. */
const GAP_TEXT = 150
const GAP_LINE = 15
/** Gaps; their words stand at the foot of the picture, under each other where they would lie on one another. */
const gaps = computed(() => {
  const ends: number[] = []
  return shortDays.value.map(g => {
    const free = ends.findIndex(end => end <= g.x)
    const row = free < 0 ? ends.length : free
    ends[row] = g.x + GAP_TEXT
    return { ...g, row }
  })
})
const gapRows = computed(() => gaps.value.reduce((n, g) => Math.max(n, g.row + 1), 0))
const shortDays = computed(() =>
  props.picture.mouths
    .flatMap(m =>
      m.gaps.map(g => ({
        key: `${m.brood}${g.from}`,
        x: layout.value.x(g.from),
        width: Math.max(3, layout.value.x(g.to) - layout.value.x(g.from)),
        text: `gap: ${plural(g.to - g.from, 'day')}, ${names.brood(m.brood)}`,
      })),
    )
    .sort((a, b) => a.x - b.x),
)
const BAR_H = 7
const HANDLE = 22
const handles = computed(() =>
  lanes.value.flatMap(l =>
    l.of.bars
      .filter(b => b.kind !== 'stands')
      .map(b => ({ bar: b, lane: l, x: layout.value.x(b.from), y: l.barTop(b) + BAR_H / 2 })),
  ),
)
const handleText = (b: Bar, l: Placed<Lane>) =>
  `Start of ${plural(b.vessels, 'vessel')} of ${foodName(l.of.food)}`
/** Starters that are to be ordered or are on their way, as parcels before their start. */
const parcels = (l: PlacedLane) =>
  l.of.bars.flatMap(b => {
    if (!b.order) return []
    const { state, day } = b.order
    const x = layout.value.x(day)
    return [
      {
        key: b.id,
        state,
        x,
        y: l.rows[b.row]! + 5 + BAR_H / 2,
        to: Math.max(12, layout.value.x(b.from) - x + 6 - HANDLE / 2),
        text: orderWords(state, names.date(day)),
      },
    ]
  })
const lengthOf = (b: { from: number; to: number }) =>
  Math.max(2, layout.value.x(b.to) - layout.value.x(b.from) - 1)
const wait = (b: Bar) => ({
  x: layout.value.x(b.from),
  w: layout.value.x(b.ready) - layout.value.x(b.from),
})
const gives = (b: Bar) => ({
  x: layout.value.x(b.ready),
  w: layout.value.x(b.to) - layout.value.x(b.ready),
})

let dragging: { id: string; x: number; day: number } | null = null
function grab(e: PointerEvent, bar: Bar) {
  dragging = { id: bar.id, x: e.clientX, day: bar.from }
  ;(e.currentTarget as HTMLElement).setPointerCapture(e.pointerId)
  emit('select', bar.id)
}
function drag(e: PointerEvent) {
  if (!dragging) return
  const by = Math.round((e.clientX - dragging.x) / layout.value.px)
  if (by !== 0 || props.touched.includes(dragging.id)) emit('move', dragging.id, dragging.day + by)
}
const drop = () => {
  dragging = null
}
const KEYS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -7,
  PageUp: 7,
}
function key(e: KeyboardEvent, bar: Bar) {
  const step = KEYS[e.key]
  const gone = e.key === 'Delete' || e.key === 'Backspace'
  if (step === undefined && !gone) return
  e.preventDefault()
  emit('select', bar.id)
  if (gone) emit('giveUp', bar.id)
  else emit('move', bar.id, bar.from + step!)
}
</script>

<template>
  <div ref="box" class="relative min-w-0 select-none" data-testid="ahead-picture">
    <svg
      :width="layout.width"
      :height="layout.height + gapRows * GAP_LINE"
      class="block max-w-full"
      role="img"
      :aria-label="`The next ${picture.days} days: ${plural(picture.mouths.length, 'brood')}, ${plural(picture.lanes.length, 'food')}; the table below says the same`"
    >
      <FoodPatterns :prefix="id" :scale="BAR_H / 12" />
      <g font-size="13" fill="var(--ink-2)">
        <template v-for="d in layout.ticks" :key="d">
          <line
            :x1="layout.x(d)"
            :x2="layout.x(d)"
            :y1="layout.sizes.axis - 4"
            :y2="layout.height"
            stroke="var(--line)"
          />
          <text :x="layout.x(d) + 4" y="14">{{ d === 0 ? 'today' : tick(d) }}</text>
        </template>
      </g>
      <g stroke="var(--edge)" stroke-width="4">
        <line
          :x1="narrow ? 70 : 80"
          :x2="layout.width"
          :y1="layout.mouthsTop + 10"
          :y2="layout.mouthsTop + 10"
        />
        <line
          :x1="narrow ? 56 : 66"
          :x2="layout.width"
          :y1="layout.linesTop + 10"
          :y2="layout.linesTop + 10"
        />
      </g>
      <g v-for="m in mouths" :key="m.of.brood">
        <template v-if="m.of.free && m.of.free.day < picture.days">
          <line
            :x1="layout.x(m.of.free.early)"
            :x2="layout.x(m.of.free.day)"
            :y1="m.bandsTop + 6"
            :y2="m.bandsTop + 6"
            stroke="var(--plan)"
            stroke-width="2"
            stroke-dasharray="3 3"
          />
          <circle :cx="layout.x(m.of.free.day)" :cy="m.bandsTop + 6" r="5" fill="var(--plan)" />
        </template>
        <g
          v-for="b in m.of.bands"
          :key="b.food + b.from"
          :transform="`translate(${layout.x(b.from)} ${m.bandsTop + b.row * (layout.sizes.bandHeight + 1)})`"
        >
          <rect :width="lengthOf(b)" :height="layout.sizes.bandHeight" fill="var(--paper)" />
          <rect
            :width="lengthOf(b)"
            :height="layout.sizes.bandHeight"
            :fill="`url(#${id}-${patternOf(b.food)})`"
            stroke="var(--ink)"
          >
            <title>{{ foodName(b.food) }}</title>
          </rect>
        </g>
      </g>
      <g v-for="l in lanes" :key="l.of.food">
        <path :d="l.paths.band" fill="var(--plan)" fill-opacity=".16" />
        <path :d="l.paths.supply" fill="none" stroke="var(--plan)" stroke-width="2" />
        <path
          :d="l.paths.need"
          fill="none"
          stroke="var(--ink)"
          stroke-width="1.4"
          stroke-dasharray="5 3"
        />
        <g
          v-for="b in l.of.bars"
          :key="b.id"
          :transform="`translate(0 ${l.barTop(b)})`"
          stroke="var(--ink)"
          :stroke-dasharray="b.kind === 'proposed' ? '4 3' : undefined"
        >
          <rect :x="wait(b).x" :width="wait(b).w" :height="BAR_H" fill="var(--paper)" />
          <rect :x="gives(b).x" :width="gives(b).w" :height="BAR_H" fill="var(--paper)" />
          <rect
            :x="gives(b).x"
            :width="gives(b).w"
            :height="BAR_H"
            :fill="`url(#${id}-${patternOf(l.of.food)})`"
          >
            <title>{{ b.name || handleText(b, l) }}</title>
          </rect>
        </g>
        <g
          v-for="p in parcels(l)"
          :key="p.key"
          :transform="`translate(${p.x - 6} ${p.y - 5})`"
          :stroke="p.state === 'late' ? 'var(--harm)' : 'var(--ink)'"
          stroke-width="1.5"
        >
          <line x1="12" :x2="p.to" y1="5" y2="5" stroke-dasharray="2 3" />
          <rect
            width="12"
            height="10"
            :fill="p.state === 'to order' ? 'var(--paper)' : 'var(--plan)'"
          />
          <path d="M0 3.5h12M6 0v3.5" />
          <title>{{ p.text }}</title>
        </g>
        <line
          x1="0"
          :x2="layout.width"
          :y1="l.top + l.height"
          :y2="l.top + l.height"
          stroke="var(--line)"
        />
      </g>
      <g v-for="g in gaps" :key="g.key">
        <rect
          :x="g.x"
          :y="layout.mouthsTop + layout.sizes.heading"
          :width="g.width"
          :height="layout.height - layout.mouthsTop - layout.sizes.heading"
          fill="var(--harm)"
          fill-opacity=".14"
        />
        <text
          :x="Math.min(g.x + 3, layout.width - GAP_TEXT)"
          :y="layout.height + 12 + g.row * GAP_LINE"
          font-size="13"
          font-weight="700"
          fill="var(--harm)"
        >
          {{ g.text }}
        </text>
      </g>
      <line
        :x1="layout.x(0)"
        :x2="layout.x(0)"
        y1="2"
        :y2="layout.height"
        stroke="var(--due)"
        stroke-width="3"
      />
    </svg>
    <p class="absolute left-0 font-bold" :style="{ top: `${layout.mouthsTop - 2}px` }">Mouths</p>
    <p class="absolute left-0 font-bold" :style="{ top: `${layout.linesTop - 2}px` }">Lines</p>
    <button
      v-for="m in mouths"
      :key="m.of.brood"
      type="button"
      class="absolute left-0 text-left truncate text-[0.9375rem] leading-none cursor-pointer hover:underline"
      :class="selected === m.of.brood ? 'underline' : ''"
      :style="{
        top: `${m.top}px`,
        width: narrow ? 'auto' : `${layout.sizes.left - 8}px`,
        height: `${narrow ? layout.sizes.name : layout.sizes.mouth}px`,
      }"
      :aria-pressed="selected === m.of.brood"
      @click="emit('select', m.of.brood)"
    >
      {{ m.name }}
    </button>
    <button
      v-for="l in lanes"
      :key="l.of.food"
      type="button"
      class="absolute left-0 text-left truncate text-[0.9375rem] leading-5 font-bold cursor-pointer hover:underline"
      :class="selected === l.of.food ? 'underline' : ''"
      :style="{
        top: `${l.top + 1}px`,
        width: narrow ? 'auto' : `${layout.sizes.left - 8}px`,
        height: narrow ? `${layout.sizes.name}px` : `${l.height - 2}px`,
      }"
      :aria-pressed="selected === l.of.food"
      @click="emit('select', l.of.food)"
    >
      {{ l.name }}
    </button>
    <button
      v-for="h in handles"
      :key="h.bar.id"
      type="button"
      role="slider"
      class="absolute grid place-items-center size-12 touch-none"
      :class="fixed ? '' : 'cursor-grab'"
      :disabled="fixed"
      :style="{ left: `${h.x - 24}px`, top: `${h.y - 24}px` }"
      :aria-label="handleText(h.bar, h.lane)"
      aria-valuemin="0"
      :aria-valuemax="picture.days - 1"
      :aria-valuenow="h.bar.from"
      :aria-valuetext="`${names.date(h.bar.from)}, ${plural(h.bar.vessels, 'vessel')}`"
      :title="`${names.date(h.bar.from)}, ${plural(h.bar.vessels, 'vessel')}`"
      :data-testid="`start-${h.lane.of.food}`"
      @pointerdown="grab($event, h.bar)"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="drop"
      @click="emit('select', h.bar.id)"
      @keydown="key($event, h.bar)"
    >
      <span
        class="grid place-items-center border-2 font-bold num text-[0.9375rem] leading-none"
        :class="[
          selected === h.bar.id ? 'bg-due text-on-ink border-ink' : 'bg-paper border-ink',
          h.bar.kind === 'proposed' ? 'border-dashed' : '',
          touched.includes(h.bar.id) ? 'outline-2 outline-due' : '',
        ]"
        :style="{ width: `${HANDLE}px`, height: `${HANDLE - 4}px` }"
        >{{ h.bar.vessels }}</span
      >
    </button>
    <div class="sr-only">
      <table>
        <caption>
          The picture in words
        </caption>
        <thead>
          <tr>
            <th scope="col">Brood or food</th>
            <th scope="col">What the picture shows</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in picture.mouths" :key="m.brood">
            <th scope="row">{{ names.brood(m.brood) }}</th>
            <td>{{ mouthWords(m, names.date) }}</td>
          </tr>
          <tr v-for="l in picture.lanes" :key="l.food">
            <th scope="row">{{ foodName(l.food) }}</th>
            <td>{{ laneWords(l, names.date) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>
