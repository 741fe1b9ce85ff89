<script setup lang="ts">
import { computed } from 'vue'
import { comingLines } from '@renatus/core/round/comingLines'
import type { Round } from '@renatus/core/round/round'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'

/** What the next rounds will hold, so that nobody is surprised by the evening. */
const props = defineProps<{ round: Round }>()
const SHOWN = 4
const room = useRoomStore()
const units = useUnits()
const coming = computed(() =>
  room.roundState ? comingLines(props.round.reckoning, room.roundState).slice(0, SHOWN) : [],
)
</script>

<template>
  <section v-if="coming.length" class="mt-2">
    <ShelfEdge name="Coming rounds" />
    <ul>
      <li
        v-for="r in coming"
        :key="r.round.key"
        class="rule py-3 grid gap-x-5 sm:grid-cols-[11rem_minmax(0,1fr)]"
      >
        <p>
          <strong>{{ units.when(r.round.at) }}</strong>
        </p>
        <ul>
          <li v-for="l in r.lines" :key="l.key">
            <strong class="font-semibold">{{ l.verb }}</strong> {{ l.text }}
          </li>
        </ul>
      </li>
    </ul>
  </section>
</template>
