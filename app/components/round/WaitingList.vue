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
const props = defineProps<{ waiting: readonly Waiting[] }>()
const room = useRoomStore()
const units = useUnits()
const stops = useStops()
const rows = computed(() =>
  props.waiting.map(({ stop, until }) => ({
    stop,
    text: room.roundState
      ? wordsOf(stop, room.roundState)
          .map(l => l.text)
          .join(' ')
      : '',
    until: units.when(until.at),
    minutes: minutesOf(stop),
  })),
)
</script>

<template>
  <section class="mt-2">
    <ShelfEdge name="May wait" />
    <p class="small mt-1">The minutes of this round are up: these move on by themselves.</p>
    <ul>
      <li
        v-for="r in rows"
        :key="r.stop.key"
        class="rule py-2 grid gap-x-4 grid-cols-[minmax(0,1fr)_auto] items-center"
      >
        <p>
          {{ r.text }}
          <span class="small block"
            >by {{ r.until }}, {{ plural(Math.max(1, Math.round(r.minutes)), 'minute') }}</span
          >
        </p>
        <button class="btn" :aria-label="`Done: ${r.text}`" @click="stops.done(r.stop)">
          Done
        </button>
      </li>
    </ul>
  </section>
</template>
