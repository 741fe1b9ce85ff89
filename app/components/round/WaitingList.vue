<script setup lang="ts">
import { computed } from 'vue'
import type { Waiting } from '@renatus/core/round/round'
import { minutesOf } from '@renatus/core/round/minutes'
import { wordsOf } from '@renatus/core/round/roundLines'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useStops } from '~/composables/useStops'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** What may wait, and does: the minutes of this round are up. Each says until when, and can be done all the same. */
const props = defineProps<{ waiting: readonly Waiting[]; pace: number }>()
const room = useRoomStore()
const units = useUnits()
const stops = useStops()
const took = (w: Waiting) => minutesOf(w.stop, props.pace)
const minutes = computed(() => props.waiting.reduce((m, w) => m + took(w), 0))
const rows = computed(() =>
  props.waiting.map(w => ({
    stop: w.stop,
    text: room.roundState
      ? wordsOf(w.stop, room.roundState)
          .map(l => l.text)
          .join(' ')
      : '',
    until: units.when(w.until.at),
    minutes: took(w),
  })),
)
</script>

<template>
  <section class="mt-1">
    <ShelfEdge name="Can wait" />
    <details>
      <summary class="cursor-pointer min-h-12 flex flex-wrap items-center gap-x-2">
        <span
          ><strong>{{ plural(waiting.length, 'more stop') }}</strong
          >, {{ plural(Math.max(1, Math.round(minutes)), 'minute') }}, the first by
          {{ rows[0]!.until }}.</span
        >
        <span class="small"
          >The minutes of this round are up: they move on by themselves.
          <span class="link">Do them now</span></span
        >
      </summary>
      <ul>
        <li
          v-for="r in rows"
          :key="r.stop.key"
          class="rule py-1 grid gap-x-4 grid-cols-[minmax(0,1fr)_auto] items-center"
        >
          <p>
            {{ r.text }}
            <span class="small"
              >By {{ r.until }}, {{ plural(Math.max(1, Math.round(r.minutes)), 'minute') }}.</span
            >
          </p>
          <button class="btn" :aria-label="`Done: ${r.text}`" @click="stops.done(r.stop)">
            Done
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>
