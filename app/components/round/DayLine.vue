<script setup lang="ts">
import { computed } from 'vue'
import { dayLine, type DayMark } from '@renatus/core/round/dayLine'
import type { Round } from '@renatus/core/round/round'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

/** The rest of the day on a line: what ends, what spoils, and the rounds to come with what they will hold. */
const props = defineProps<{ round: Round }>()
const room = useRoomStore()
const units = useUnits()
const marks = computed(() =>
  room.roundState ? dayLine(props.round, room.roundState, room.now) : [],
)
const DOTS: Record<DayMark['kind'], string> = {
  'now': 'bg-due border-due rounded-full',
  'round': 'bg-plan border-plan rounded-full',
  'clock': 'bg-ground border-ink rounded-full',
  'use-by': 'bg-ground border-due rounded-none',
  'brood': 'bg-ground border-plan rounded-none rotate-45',
}
const isToday = (at: string) => units.dateOf(at) === units.dateOf(room.now)
</script>

<template>
  <section>
    <ShelfEdge name="The day" />
    <ol class="mt-2">
      <li
        v-for="m in marks"
        :key="m.key"
        class="grid grid-cols-[3rem_1rem_minmax(0,1fr)] gap-x-2 items-start"
      >
        <span class="num py-1.5 text-[0.9375rem]" :class="{ 'font-bold': m.kind !== 'clock' }">{{
          m.at ? units.clock(m.at) : ''
        }}</span>
        <span class="self-stretch grid justify-items-center relative" aria-hidden="true"
          ><span class="absolute inset-y-0 w-0.5 bg-line-strong" /><span
            class="size-3 mt-2.5 border-2 relative"
            :class="DOTS[m.kind]"
        /></span>
        <details v-if="m.lines.length" :open="isToday(m.at!)" class="min-w-0">
          <summary class="cursor-pointer py-1.5 font-semibold max-desk:min-h-12">
            {{ m.text }}<template v-if="!isToday(m.at!)">, {{ units.dayWord(m.at!) }}</template>
          </summary>
          <ul class="small pb-2 grid gap-1">
            <li v-for="l in m.lines" :key="l.key">
              <strong class="font-semibold text-ink">{{ l.verb }}</strong> {{ l.text }}
            </li>
          </ul>
        </details>
        <p v-else class="py-1.5 min-w-0" :class="{ 'font-semibold': m.kind === 'now' }">
          {{ m.text }}<template v-if="m.at && !isToday(m.at)">, {{ units.dayWord(m.at) }}</template>
        </p>
      </li>
    </ol>
  </section>
</template>
