<script setup lang="ts">
import SlowWait from '~/components/shared/SlowWait.vue'
import { defineAsyncComponent, ref, watch } from 'vue'
import { fetchInParts } from '~/composables/fetchInParts'
import { demoComes } from '~/composables/demo'
import { whenIdle } from '~/composables/whenIdle'
import { useRoomStore } from '~/stores/room'
import { hasMarker, readMarker, type Marker } from '~/db/marker'

/** Not part of the first load: needed once in the life of a room, or by one that has something in it. */
const MissingRoom = defineAsyncComponent(() => import('~/components/setup/MissingRoom.vue'))
const WelcomeRoom = defineAsyncComponent(() => import('~/components/setup/WelcomeRoom.vue'))
const room = useRoomStore()
const roundView = () => import('~/components/round/RoundView.vue')
const RoundView = defineAsyncComponent(roundView)
const roundWaits = () => import('~/components/round/RoundWaits.vue')
const RoundWaits = defineAsyncComponent(roundWaits)
const wake = () => import('~/engine/readingClient').then(({ wakeReaders }) => wakeReaders())
/** A room that is not empty will have a round: its view comes while the round is reckoned, in tasks of its own. */
async function fetchRound(): Promise<void> {
  await fetchInParts([
    // Each is a file (tools/roundChunks.ts) that stands on those before it.
    () => import('@renatus/core/records/roomRecords'),
    () => import('@renatus/core/records/records'),
    () => import('@renatus/core/foods/index'),
    () => import('@renatus/core/round/bedtime'),
    // A demo room comes with what was believed: its vessels are read when something was written.
    ...(room.which === 'demo' ? [] : [wake]),
    roundWaits,
    roundView,
    () => import('~/components/round/stopCards').then(({ cardsCome }) => cardsCome()),
  ])
}
if (room.which === 'demo' || hasMarker()) void fetchRound()
/** So long after a round stands who reads what is written is started, if nothing was to be read before it, ms. */
const WAKES_AFTER_MS = 3000
watch(
  () => room.round !== null,
  stands => stands && setTimeout(() => whenIdle(() => void wake()), WAKES_AFTER_MS),
  { immediate: true },
)

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
</script>

<template>
  <SlowWait v-if="!room.loaded" doing="Opening the room" :ways="OPENING_WAYS" />
  <MissingRoom v-else-if="missing" :marker="missing" @anew="startAnew" />
  <SlowWait
    v-else-if="!room.state && room.which === 'demo' && demoComes"
    doing="Setting up the demo room"
    ways="It is made anew on each day. Reload, or try again when the device has less to do."
  />
  <WelcomeRoom v-else-if="!room.state" :begun="anew" />
  <div v-else-if="!room.round" class="grid gap-2">
    <h1>{{ room.state.room.name }}</h1>
    <RoundWaits />
  </div>
  <RoundView v-else :round="room.round" />
</template>
