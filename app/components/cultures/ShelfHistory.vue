<script setup lang="ts">
import { compare } from '@renatus/core/math/compare'
import { computed } from 'vue'
import type { EntryKind } from '@renatus/core/records/entries'
import { addHours, hoursBetween } from '@renatus/core/time/localDate'
import InTurn from '~/components/shared/InTurn.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodName } from '~/words/foods'
import { plural } from '~/words/round'

/** Eight weeks of the shelf: how long each vessel lived, when it was looked at and harvested, and how it ended. */
const WEEKS = 8
const room = useRoomStore()
const units = useUnits()
const from = computed(() => addHours(room.now, -24 * 7 * WEEKS))
const at = (instant: string) =>
  Math.min(100, Math.max(0, (100 * hoursBetween(from.value, instant)) / (24 * 7 * WEEKS)))
const MARKS: Partial<Record<EntryKind, 'look' | 'harvest'>> = {
  'culture.looked': 'look',
  'sample.counted': 'look',
  'culture.harvested': 'harvest',
}
const marks = computed(() => {
  const found = new Map<string, { kind: 'look' | 'harvest'; at: number }[]>()
  for (const e of room.state!.entries) {
    const kind = MARKS[e.kind]
    if (!kind || e.at < from.value) continue
    const list = found.get(e.subject.id) ?? []
    list.push({ kind, at: at(e.at) })
    found.set(e.subject.id, list)
  }
  return found
})
const lived = computed(() =>
  room
    .state!.cultureStates.filter(c => c.ended === null || c.ended.at > from.value)
    .sort(
      (a, b) =>
        compare(a.record.foodId, b.record.foodId) ||
        compare(a.record.startedAt, b.record.startedAt),
    )
    .map(c => ({
      c,
      left: at(c.record.startedAt),
      right: c.ended ? at(c.ended.at) : 100,
      marks: marks.value.get(c.id) ?? [],
      days: Math.max(0, Math.round(hoursBetween(c.record.startedAt, c.ended?.at ?? room.now) / 24)),
    })),
)
type Life = (typeof lived.value)[number]
/** What lived in one vessel one after the other stands in one line, such as the hatches of a cone. */
const rows = computed(() => {
  const lines = new Map<string, Life[]>()
  for (const life of lived.value) {
    const { vesselId, foodId } = life.c.record
    const key = vesselId === null ? life.c.id : `${vesselId} ${foodId}`
    lines.set(key, [...(lines.get(key) ?? []), life])
  }
  return [...lines].map(([key, lives]) => ({ key, lives, last: lives.at(-1)!.c }))
})
const weeks = Array.from({ length: WEEKS + 1 }, (_, i) => i)
const times = (lives: readonly Life[], kind: 'look' | 'harvest') =>
  plural(lives.flatMap(l => l.marks).filter(m => m.kind === kind).length, 'time')
function said({ lives, last }: (typeof rows.value)[number]): string {
  const span = lives.length === 1 ? plural(lives[0]!.days, 'day') : plural(lives.length, 'start')
  const end = last.ended ? `${last.ended.how} ${units.day(last.ended.at)}` : 'runs'
  return `${last.record.name}: ${span}, ${end}; looked at ${times(lives, 'look')}, harvested ${times(lives, 'harvest')}`
}
</script>

<template>
  <section v-if="rows.length" class="grid gap-2">
    <ShelfEdge name="Eight weeks" />
    <p class="small flex flex-wrap gap-x-5">
      <span><span aria-hidden="true">•</span> looked at</span
      ><span><span aria-hidden="true">▾</span> harvested</span
      ><span><span aria-hidden="true">✕</span> failed</span
      ><span><span aria-hidden="true">❘</span> ended otherwise</span>
    </p>
    <ul class="grid gap-1">
      <InTurn v-for="r in rows" :key="r.key"
        ><li class="grid grid-cols-[7.5rem_1fr] sm:grid-cols-[15rem_1fr] gap-3 items-center">
          <p class="min-w-0 leading-tight">
            <NuxtLink :to="`/shelf/${r.last.id}`" :prefetch="false" class="link">{{
              r.last.record.name
            }}</NuxtLink>
            {{ ' ' }}
            <span class="small hidden sm:inline">{{ foodName(r.last.record.foodId) }}</span>
          </p>
          <div class="relative h-9" role="img" :aria-label="said(r)">
            <span
              v-for="w in weeks"
              :key="w"
              class="absolute inset-y-0 border-l border-line"
              :style="{ left: `${(100 * w) / WEEKS}%` }"
            />
            <template v-for="l in r.lives" :key="l.c.id">
              <span
                class="absolute top-3 h-3 border-2 border-ink"
                :class="l.c.ended ? 'bg-ground' : 'bg-plan/30'"
                :style="{ left: `${l.left}%`, width: `${Math.max(0.5, l.right - l.left)}%` }"
              />
              <span
                v-for="(m, i) in l.marks"
                :key="i"
                class="absolute -translate-x-1/2 text-[0.9375rem] leading-none"
                :class="m.kind === 'harvest' ? 'top-0' : 'bottom-0'"
                :style="{ left: `${m.at}%` }"
                >{{ m.kind === 'harvest' ? '▾' : '•' }}</span
              >
              <span
                v-if="l.c.ended && !l.c.hatch"
                class="absolute top-2 -translate-x-1/2 font-bold leading-none"
                :style="{ left: `${l.right}%` }"
                >{{ l.c.ended.how === 'failed' ? '✕' : '❘' }}</span
              >
            </template>
          </div>
        </li></InTurn
      >
      <li
        class="grid grid-cols-[7.5rem_1fr] sm:grid-cols-[15rem_1fr] gap-3 small"
        aria-hidden="true"
      >
        <span /><span class="flex justify-between"
          ><span>{{ units.day(from) }}</span
          ><span>today</span></span
        >
      </li>
    </ul>
  </section>
</template>
