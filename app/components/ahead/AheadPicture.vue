<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { AheadPicture, Bar } from '@renatus/core/planning/plan/aheadPicture'
import { addDays } from '@renatus/core/time/localDate'
import InTurn from '~/components/shared/InTurn.vue'
import FoodPatterns from '~/components/broods/FoodPatterns.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { startText } from '~/words/aheadPicture'
import { foodName } from '~/words/foods'
import { plural } from '~/words/round'
import { BAR_H, barTop, HANDLE, isNarrow, layoutOf } from './pictureGeometry'
import PictureLane from './PictureLane.vue'
import PictureMouth from './PictureMouth.vue'
import PictureTable from './PictureTable.vue'

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
const layout = computed(() => layoutOf(props.picture, Math.max(320, width.value)))
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
  })),
)
const lanes = computed(() =>
  layout.value.lanes.map(l => ({
    ...l,
    name: foodName(l.of.food),
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

const handles = computed(() =>
  lanes.value.flatMap(l =>
    l.of.bars
      .filter(b => b.kind !== 'stands')
      .map(b => ({ bar: b, lane: l, x: layout.value.x(b.from), y: barTop(l, b) + BAR_H / 2 })),
  ),
)
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
    <template v-if="width > 0">
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
        <InTurn v-for="m in layout.mouths" :key="m.of.brood">
          <PictureMouth :mouth="m" :layout="layout" :patterns="id" />
        </InTurn>
        <InTurn v-for="l in layout.lanes" :key="l.of.food">
          <PictureLane :lane="l" :layout="layout" :patterns="id" :date="names.date" />
        </InTurn>
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
        :aria-label="startText(h.bar, h.lane.of.food)"
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
    </template>
    <PictureTable :picture="picture" :brood="names.brood" :date="names.date" />
  </div>
</template>
