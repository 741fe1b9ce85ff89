<script setup lang="ts">
import SlowWait from '~/components/shared/SlowWait.vue'
import { computed, defineAsyncComponent, ref, watch, type Component } from 'vue'
import { placeName } from '@renatus/core/round/placeName'
import type { Stop, StopKindId } from '@renatus/core/round/stop'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useStopOrder } from '~/composables/useStopOrder'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { readMarker, type Marker } from '~/db/marker'
import { useCulturesStore } from '~/stores/cultures'
import { plural, roundLead } from '~/words/round'

/** Not part of the first load: needed once in the life of a room, or after the first view stands. */
const AheadLine = defineAsyncComponent(() => import('~/components/ahead/AheadLine.vue'))
const MissingRoom = defineAsyncComponent(() => import('~/components/setup/MissingRoom.vue'))
const WelcomeRoom = defineAsyncComponent(() => import('~/components/setup/WelcomeRoom.vue'))
const room = useRoomStore()
const cultures = useCulturesStore()
const units = useUnits()
const ComingRounds = defineAsyncComponent(() => import('~/components/round/ComingRounds.vue'))
const RoundAside = defineAsyncComponent(() => import('~/components/round/RoundAside.vue'))
const WaitingList = defineAsyncComponent(() => import('~/components/round/WaitingList.vue'))
const Plain = defineAsyncComponent(() => import('~/components/round/stops/PlainCard.vue'))
/** The card of each kind of stop. They know every food: they come after the first view stands. */
const CARDS: Record<StopKindId, Component> = {
  ask: defineAsyncComponent(() => import('~/components/round/stops/AskCard.vue')),
  begin: defineAsyncComponent(() => import('~/components/round/stops/BeginCard.vue')),
  harvest: defineAsyncComponent(() => import('~/components/round/stops/HarvestCard.vue')),
  hatch: defineAsyncComponent(() => import('~/components/round/stops/HatchCard.vue')),
  looks: defineAsyncComponent(() => import('~/components/round/stops/LooksCard.vue')),
  tank: defineAsyncComponent(() => import('~/components/round/stops/TankCard.vue')),
  vessel: defineAsyncComponent(() => import('~/components/round/stops/VesselCard.vue')),
  clean: Plain,
  clear: Plain,
  cook: Plain,
  order: Plain,
  tub: Plain,
}

const OPENING_WAYS =
  'Another tab of an older Renatus may hold the database: close all of them. Or this browser keeps no data for the page: allow storage, or leave the private window.'

/** A room stood here and is gone. */
const missing = ref<Marker | null>(null)
watch(
  () => room.loaded && room.which === 'own' && !room.state,
  async gone => {
    missing.value = gone ? await readMarker() : null
  },
  { immediate: true },
)
/** Somebody gave the missing one up: the form for a new one follows. */
const anew = ref(false)
function startAnew() {
  anew.value = true
  missing.value = null
}
const early = computed(
  () => room.round !== null && Date.parse(room.round.current.at) > Date.parse(room.now),
)
/** The same for a place whatever stands before it: a card that is drawn anew under a thumb loses the tap. */
const keyOf = (name: string, before: readonly { name: string }[]) =>
  `${name} ${before.filter(s => s.name === name).length}`
const shelves = computed(() => {
  const found: { key: string; name: string; stops: Stop[] }[] = []
  for (const stop of room.round?.stops ?? []) {
    const name = placeName(stop, room.state?.places ?? [])
    const last = found.at(-1)
    if (last?.name === name) last.stops.push(stop)
    else found.push({ key: keyOf(name, found), name, stops: [stop] })
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
  <SlowWait v-if="!room.loaded" doing="Opening the room" :ways="OPENING_WAYS" />
  <MissingRoom v-else-if="missing" :marker="missing" @anew="startAnew" />
  <WelcomeRoom v-else-if="!room.state" :begun="anew" />
  <div v-else-if="!room.round" class="grid gap-2">
    <h1>{{ room.state.room.name }}</h1>
    <p v-if="cultures.problem" role="alert" class="grid gap-2">
      <span>The vessels could not be read. {{ cultures.problem }}</span>
      <button class="btn justify-self-start" @click="cultures.again()">Try again</button>
    </p>
    <p v-else class="small" role="status">
      <template v-if="cultures.ids.length"
        >Reading {{ plural(cultures.ids.length, 'vessel') }}: {{ cultures.known }} read.</template
      ><template v-else-if="room.untaught && room.count"
        >Learning from the log: {{ plural(room.count, 'entry', 'entries') }}.</template
      ><template v-else>Reckoning the round.</template>
    </p>
  </div>
  <div v-else class="grid grid-cols-1 gap-x-8 gap-y-6 desk:grid-cols-[minmax(0,1fr)_17rem]">
    <div class="grid grid-cols-1 gap-4 content-start min-w-0">
      <div>
        <h1>{{ room.round.current.name }}</h1>
        <p class="small mt-1">
          {{ roundLead(room.round.stops.length, room.round.minutes, early)
          }}<template v-if="early"> Due {{ units.when(room.round.current.at) }}.</template>
          {{ ' ' }}
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
      <section v-for="(shelf, i) in shelves" :key="shelf.key" class="grid grid-cols-1">
        <ShelfEdge :name="shelf.name" />
        <template v-for="(stop, j) in shelf.stops" :key="stop.key">
          <UndoLine v-if="undoAt === stop.key" />
          <component :is="CARDS[stop.kind]" :stop="stop" :now="i === 0 && j === 0" />
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
        <p v-if="room.round.postponed" class="small">
          Put off: {{ plural(room.round.postponed, 'stop') }}. Undo stands in the Log.
        </p>
      </section>
      <WaitingList v-if="room.round.waiting.length" :waiting="room.round.waiting" />
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
