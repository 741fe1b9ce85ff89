<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { measuredThings } from '@renatus/core/stock/measured'
import ReadRow from '~/components/instruments/ReadRow.vue'
import InTurn from '~/components/shared/InTurn.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import SectionNav from '~/components/shared/SectionNav.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** Thermometers of the room: read, taken from a logger's file, or live with alarms. */
const LoggerImport = defineAsyncComponent(() => import('~/components/instruments/LoggerImport.vue'))
const LivePanel = defineAsyncComponent(() => import('~/components/instruments/LivePanel.vue'))
const room = useRoomStore()
const things = computed(() => (room.state ? measuredThings(room.state) : []))
/** Cultures that are warmed one by one are many, and seldom read. */
const isCulture = (t: { type: string; id: string }) =>
  t.type === 'culture' && !room.state!.hatches.some(h => h.id === t.id)
const first = computed(() => things.value.filter(t => !isCulture(t)))
const rest = computed(() => things.value.filter(isCulture))
const SECTIONS = [
  { id: 'read', name: 'Read' },
  { id: 'file', name: 'From a logger' },
  { id: 'live', name: 'Live, with alarms' },
]
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6 desk:grid-cols-[11rem_minmax(0,1fr)] desk:gap-8">
    <div class="desk:col-span-2">
      <h1>Thermometers</h1>
      <p class="small mt-1 max-w-prose">
        What is read here moves hatches, cultures and the growth of fry: a warm night brings the
        next pull forward by itself.
      </p>
    </div>
    <SectionNav label="Parts of this page" :sections="SECTIONS" />
    <div class="grid grid-cols-1 gap-8 min-w-0">
      <UndoLine />
      <section id="read">
        <ShelfEdge name="Read" />
        <p v-if="!things.length" class="mt-2">
          No place, bottle or tank has a thermometer yet: enter them in
          <NuxtLink class="link" to="/setup" :prefetch="false">Setup</NuxtLink>.
        </p>
        <div class="grid grid-cols-1 desk:grid-cols-2 gap-x-8">
          <ReadRow v-for="t in first" :key="t.id" :thing="t" />
        </div>
        <details v-if="rest.length">
          <summary class="min-h-12 flex items-center cursor-pointer font-semibold">
            {{ plural(rest.length, 'culture') }} with a temperature of
            {{ rest.length === 1 ? 'its' : 'their' }} own
          </summary>
          <div class="grid grid-cols-1 desk:grid-cols-2 gap-x-8">
            <ReadRow v-for="t in rest" :key="t.id" :thing="t" />
          </div>
        </details>
      </section>
      <section id="file" class="grid gap-3">
        <ShelfEdge name="From a logger" />
        <InTurn><LoggerImport :things="things" /></InTurn>
      </section>
      <section id="live" class="grid gap-3">
        <ShelfEdge name="Live, with alarms" />
        <InTurn><LivePanel :things="things" /></InTurn>
      </section>
    </div>
  </div>
</template>
