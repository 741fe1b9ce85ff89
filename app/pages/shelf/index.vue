<script setup lang="ts">
import InTurn from '~/components/shared/InTurn.vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { backupOf } from '@renatus/core/stock/lines'
import RollingSets from '~/components/cultures/RollingSets.vue'
import ShelfHistory from '~/components/cultures/ShelfHistory.vue'
import ShelfPlaceView from '~/components/cultures/ShelfPlaceView.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useCultureReadings } from '~/composables/useCultureReadings'
import { useShelf } from '~/composables/useShelf'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** How is everything? Every culture where it stands, drawn as it should look today. */
const ShelfArrange = defineAsyncComponent(() => import('~/components/cultures/ShelfArrange.vue'))
const room = useRoomStore()
const arranging = ref(false)
const { cultures, places } = useShelf(arranging)
const { readings: fresh, busy } = useCultureReadings(computed(() => cultures.value.map(c => c.id)))
/** Vessels whose line would end with them. */
const alone = computed(
  () =>
    new Set(
      cultures.value
        .filter(
          c =>
            ['only', 'other-line'].includes(backupOf(room.state!.cultureStates, c.id).code) &&
            backupOf(room.state!.cultureStates, c.id).lost !== null,
        )
        .map(c => c.id),
    ),
)
/** What the round last knew is shown until it is read for now. */
const readings = computed(() => new Map([...(room.readings ?? []), ...fresh.value]))
const looks = (id: string) => (readings.value.get(id)?.look ?? {}) as Record<string, number>
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div class="flex flex-wrap items-end gap-3">
      <div class="grow">
        <h1>Shelf</h1>
        <p class="small mt-1">
          {{
            cultures.length
              ? `${plural(cultures.length, 'culture')}, each drawn as it should look now.`
              : 'No culture yet.'
          }}<span v-if="busy" role="status"> Reading them.</span>
        </p>
      </div>
      <NuxtLink to="/firstaid" :prefetch="false" class="btn btn-quiet underline"
        >Power cut, heater off</NuxtLink
      >
      <button
        v-if="cultures.length"
        class="btn"
        :aria-pressed="arranging"
        @click="arranging = !arranging"
      >
        {{ arranging ? 'Arranged' : 'Arrange' }}
      </button>
      <NuxtLink to="/shelf/start" :prefetch="false" class="btn btn-main">Start a culture</NuxtLink>
    </div>
    <UndoLine />
    <p v-if="!cultures.length" class="sentence max-w-prose">
      Choose a food and a method, and say what it stands in: Renatus follows it from its start, says
      when it is ready and how much may be taken, and learns from what you see.
    </p>
    <ShelfArrange v-if="arranging" :places="places" :looks="looks" />
    <template v-else>
      <!-- A grid, not columns: a browser lays columns out anew with each place that comes. -->
      <!-- A place with more shelves has more rows of it, so that both columns fill. -->
      <div
        class="grid grid-flow-row-dense grid-cols-1 desk:grid-cols-2 items-start gap-x-10 gap-y-8"
      >
        <InTurn v-for="p in places" :key="p.id ?? 'none'">
          <ShelfPlaceView
            :place="p"
            :readings="readings"
            :alone="alone"
            :class="p.rows.some(r => r.cultures.length > 3) ? 'desk:col-span-2' : ''"
            :style="{ gridRow: `span ${p.rows.length + (p.hatches.length ? 1 : 0)}` }"
          />
        </InTurn>
      </div>
      <InTurn><RollingSets v-if="cultures.length" /></InTurn>
      <InTurn><ShelfHistory /></InTurn>
    </template>
  </div>
</template>
