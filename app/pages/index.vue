<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, type Component } from 'vue'
import { roundMinutes } from '@renatus/core/round/minutes'
import { placeName } from '@renatus/core/round/placeName'
import type { Stop } from '@renatus/core/round/stop'
import ClearStopCard from '~/components/round/ClearStopCard.vue'
import ComingRounds from '~/components/round/ComingRounds.vue'
import HarvestStopCard from '~/components/round/HarvestStopCard.vue'
import RoundAside from '~/components/round/RoundAside.vue'
import StartStopCard from '~/components/round/StartStopCard.vue'
import TankStopCard from '~/components/round/TankStopCard.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useStopOrder } from '~/composables/useStopOrder'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { useCulturesStore } from '~/stores/cultures'
import { plural, roundLead } from '~/words/round'

/** Not part of the first load: needed once in the life of a room, or after the first view stands. */
const AheadLine = defineAsyncComponent(() => import('~/components/ahead/AheadLine.vue'))
const WelcomeForm = defineAsyncComponent(() => import('~/components/setup/WelcomeForm.vue'))
const room = useRoomStore()
const units = useUnits()
/** Cards of cultures know every food: they come after the first view stands. */
const PlanStopCard = defineAsyncComponent(() => import('~/components/round/PlanStopCard.vue'))
const StoreStopCard = defineAsyncComponent(() => import('~/components/round/StoreStopCard.vue'))
const CARDS: Record<Stop['type'], Component> = {
  'harvest': HarvestStopCard,
  'start': StartStopCard,
  'tank': TankStopCard,
  'empty': ClearStopCard,
  'discard': ClearStopCard,
  'culture': defineAsyncComponent(() => import('~/components/round/CultureStopCard.vue')),
  'looks': defineAsyncComponent(() => import('~/components/round/LooksStopCard.vue')),
  'begin': PlanStopCard,
  'order': PlanStopCard,
  'tub': StoreStopCard,
  'cook': StoreStopCard,
  'old-gel': StoreStopCard,
  'restock': StoreStopCard,
}
const cultures = useCulturesStore()
onMounted(() => void cultures.load())

const minutes = computed(() => roundMinutes(room.round?.stops ?? []))
const early = computed(
  () => room.round !== null && Date.parse(room.round.current.at) > Date.parse(room.now),
)
const shelves = computed(() => {
  const found: { name: string; stops: Stop[] }[] = []
  for (const stop of room.round?.stops ?? []) {
    const name = placeName(stop, room.state?.places ?? [])
    const last = found.at(-1)
    if (last?.name === name) last.stops.push(stop)
    else found.push({ name, stops: [stop] })
  }
  return found
})
const undo = useUndo()
const order = useStopOrder(computed(() => room.round?.stops.map(s => s.key) ?? []))
/** Undo stands where the stop stood: before the stop that followed it, after the last (null), or at the top when it came from elsewhere. */
const undoAt = computed(() => {
  const stop = undo.last.value?.stop
  return stop && order.knows(stop) ? order.after(stop) : 'top'
})
const waiting = computed(() => room.state?.broods.length === 0)
</script>

<template>
  <div v-if="!room.loaded" class="small" role="status">Opening the room</div>
  <WelcomeForm v-else-if="!room.state" />
  <div
    v-else-if="room.round"
    class="grid grid-cols-1 gap-x-8 gap-y-6 desk:grid-cols-[minmax(0,1fr)_17rem]"
  >
    <div class="grid grid-cols-1 gap-4 content-start min-w-0">
      <div>
        <h1>{{ room.round.current.name }}</h1>
        <p class="small mt-1">
          {{ roundLead(room.round.stops.length, minutes, early)
          }}<template v-if="early"> Due {{ units.when(room.round.current.at) }}.</template
          ><template v-if="cultures.known < cultures.ids.length">
            Reading {{ plural(cultures.ids.length, 'vessel') }}:
            {{ cultures.known }} read.</template
          >
          <NuxtLink v-if="room.round.stops.length" to="/sheet" :prefetch="false" class="link"
            >Print or export</NuxtLink
          >
        </p>
        <AheadLine />
        <p
          v-if="room.round.missedRounds > 0"
          class="mt-2 border-l-[6px] border-due pl-3"
          role="status"
        >
          <strong>{{ plural(room.round.missedRounds, 'round') }} without a meal logged.</strong>
          Nothing is made up for: fry are fed for now, not for yesterday. Look at the bellies,
          siphon what died, and go on below.
        </p>
      </div>
      <UndoLine v-if="undoAt === 'top'" />
      <section v-for="(shelf, i) in shelves" :key="i" class="grid grid-cols-1">
        <ShelfEdge :name="shelf.name" />
        <template v-for="(stop, j) in shelf.stops" :key="stop.key">
          <UndoLine v-if="undoAt === stop.key" />
          <component
            :is="CARDS[stop.type]"
            :stop="stop"
            :now="i === 0 && j === 0"
            :round-key="room.round.current.key"
          />
        </template>
      </section>
      <UndoLine v-if="undoAt === null" />
      <section v-if="waiting" class="grid gap-3 max-w-prose">
        <p class="sentence">
          Add a brood, and Renatus works back from its first meal to the hatch that must be started.
        </p>
        <p>
          <NuxtLink class="btn btn-main" :prefetch="false" to="/broods?new=1">Add a brood</NuxtLink>
        </p>
      </section>
      <section v-else-if="room.round.stops.length === 0" class="grid gap-2 max-w-prose">
        <p class="sentence">
          All is done for now. The next round is {{ units.when(room.round.next.at) }}.
        </p>
        <p v-if="room.round.postponed.length" class="small">
          Put off: {{ plural(room.round.postponed.length, 'stop') }}. Undo stands in the Log.
        </p>
      </section>
      <ComingRounds v-if="!waiting" :round="room.round" />
      <section v-if="room.round.done.length" class="mt-2">
        <h2 class="small">
          Done this round: {{ plural(room.round.done.length, 'thing') }}.
          <NuxtLink class="link" :prefetch="false" to="/log">See the log</NuxtLink>
        </h2>
      </section>
    </div>
    <RoundAside :round="room.round" />
  </div>
</template>
