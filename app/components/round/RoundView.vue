<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { nothingToFeed } from '@renatus/core/round/nothingToFeed'
import { placeName } from '@renatus/core/round/placeName'
import { bedtimeLine } from '@renatus/core/round/bedtime'
import type { Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import InTurn from '~/components/shared/InTurn.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useStopOrder } from '~/composables/useStopOrder'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useWaits } from '~/composables/useWaits'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { NOT_MADE_UP_FOR, plural, roundLead, STILL_NOTHING } from '~/words/round'
import { cardsCome, STOP_CARDS } from './stopCards'

/** The round that is on: its stops in the order of doing, by the places they are at. */
const props = defineProps<{ round: Round }>()
const room = useRoomStore()
// What is written is read anew while somebody is here, also where nothing was to be read first.
useCulturesStore()
const bedtime = computed(() => (room.state ? bedtimeLine(room.state, props.round.current) : null))
const units = useUnits()
/** They come after the stops stand. */
const AheadLine = defineAsyncComponent(() => import('~/components/ahead/AheadLine.vue'))
const RoundAside = defineAsyncComponent(() => import('~/components/round/RoundAside.vue'))
const BelliesList = defineAsyncComponent(() => import('~/components/round/BelliesList.vue'))
const WaitingList = defineAsyncComponent(() => import('~/components/round/WaitingList.vue'))
const early = computed(() => Date.parse(props.round.current.at) > Date.parse(room.now))
/** The same for a place whatever stands before it: a card that is drawn anew under a thumb loses the tap. */
const keyOf = (name: string, before: readonly { name: string }[]) =>
  `${name} ${before.filter(s => s.name === name).length}`
const shelves = computed(() => {
  const found: { key: string; name: string; stops: Stop[] }[] = []
  for (const stop of props.round.stops) {
    const name = placeName(stop, room.state?.places ?? [])
    const last = found.at(-1)
    if (last?.name === name) last.stops.push(stop)
    else found.push({ key: keyOf(name, found), name, stops: [stop] })
  }
  return found
})
const stands = ref(false)
void cardsCome().then(() => {
  stands.value = true
})
const waits = useWaits(() => props.round)
const undo = useUndo()
const order = useStopOrder(computed(() => props.round.stops.map(s => s.key)))
/** Undo stands where the stop stood: before the stop that followed it, after the last (null), or at the top when it came from elsewhere. */
const undoAt = computed(() => {
  const stop = undo.last.value?.stop
  return stop && order.knows(stop) ? order.after(stop) : 'top'
})
const waiting = computed(() => room.state?.broods.length === 0)
</script>

<template>
  <div class="grid grid-cols-1 gap-x-8 gap-y-6 desk:grid-cols-[minmax(0,1fr)_17rem]">
    <div class="grid grid-cols-1 gap-2 content-start min-w-0">
      <div>
        <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
          <h1>{{ round.current.name }}</h1>
          <NuxtLink v-if="round.stops.length" to="/walk" :prefetch="false" class="btn btn-main"
            >Walk it</NuxtLink
          >
          <p class="small">
            <span data-testid="round-lead"
              >{{ roundLead(round.stops.length, round.minutes, early)
              }}<template v-if="early"> Due {{ units.when(round.current.at) }}.</template></span
            >
            {{ ' ' }}
            <NuxtLink v-if="round.stops.length" to="/sheet" :prefetch="false" class="link"
              >Print or export</NuxtLink
            >
          </p>
        </div>
        <AheadLine :idle="round.stops.length === 0" />
        <p v-if="round.missedRounds > 0" class="mt-2 border-l-[6px] border-due pl-3" role="status">
          <strong>{{ plural(round.missedRounds, 'round') }} without a meal logged.</strong>
          {{ nothingToFeed(round) ? STILL_NOTHING : NOT_MADE_UP_FOR }}
        </p>
      </div>
      <UndoLine v-if="undoAt === 'top'" />
      <section
        v-for="(shelf, i) in stands ? shelves : []"
        :key="shelf.key"
        class="grid grid-cols-1"
      >
        <ShelfEdge :name="shelf.name" />
        <template v-for="(stop, j) in shelf.stops" :key="stop.key">
          <UndoLine v-if="undoAt === stop.key" />
          <InTurn :at-once="i === 0 && j === 0">
            <component
              :is="STOP_CARDS[stop.kind]"
              :stop="stop"
              :now="i === 0 && j === 0"
              :waits="waits(stop)"
            />
          </InTurn>
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
      <section v-else-if="round.stops.length === 0" class="grid gap-2 max-w-prose">
        <p class="sentence">
          All is done for now. The next round is {{ units.when(round.next.at) }}.
        </p>
        <p v-if="round.postponed" class="small">
          Put off: {{ plural(round.postponed, 'stop') }}. Undo stands in the Log.
        </p>
      </section>
      <p v-if="bedtime" class="border-l-[6px] border-due pl-3 max-w-prose">{{ bedtime }}</p>
      <BelliesList v-if="round.bellies.length" :bellies="round.bellies" />
      <InTurn
        ><WaitingList
          v-if="round.waiting.length"
          :waiting="round.waiting"
          :pace="round.pace.factor"
      /></InTurn>
      <section v-if="round.done.length" class="mt-2">
        <h2 class="small">
          Done this round: {{ plural(round.done.length, 'thing') }}.
          <NuxtLink class="link" :prefetch="false" to="/log">See the log</NuxtLink>
        </h2>
      </section>
    </div>
    <InTurn><RoundAside :round="round" /></InTurn>
  </div>
</template>
