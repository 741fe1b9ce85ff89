<script setup lang="ts">
import { computed } from 'vue'
import type { Lane } from '@renatus/core/planning/plan/aheadPicture'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { addDays } from '@renatus/core/time/localDate'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { lastStartWords } from '~/words/ahead'
import { feedWords, laneWords } from '~/words/aheadPicture'
import { foodName } from '~/words/foods'

/** The food line that is selected: its vessels, need and supply, and until when a start still helps. */
const props = defineProps<{ lane: Lane; plan: CulturePlan }>()
const room = useRoomStore()
const units = useUnits()
const nameOf = (id: string) =>
  room.state?.cultures.find(c => c.id === id)?.name ?? 'what the plan starts of it'
/** What the vessels of this lane drink, and who drinks of them. */
const drunk = computed(() => {
  const here = new Set(props.lane.bars.map(b => b.id))
  return props.plan.feeds
    .filter(f => f.food === props.lane.food || here.has(f.culture))
    .map(f => feedWords(f, nameOf))
})
const date = (day: number) => units.date(addDays(props.plan.from, day))
const lasts = computed(() =>
  props.plan.lastStarts
    .filter(l => l.food === props.lane.food)
    .map(l => {
      const name = room.state?.broods.find(b => b.id === l.brood)?.name ?? 'a brood'
      return lastStartWords(l, name, props.plan.from, units.date)
    }),
)
</script>

<template>
  <section class="border-2 border-ink bg-paper px-4 py-3 grid gap-2" aria-label="Selected food">
    <p class="sentence">
      <strong>{{ foodName(lane.food) }}.</strong> {{ laneWords(lane, date) }}
    </p>
    <p v-for="f in drunk" :key="f">{{ f }}</p>
    <p v-for="l in lasts" :key="l" class="small">{{ l }}</p>
  </section>
</template>
