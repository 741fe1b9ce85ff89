<script setup lang="ts">
import { computed, nextTick, provide, toRef, useTemplateRef, watch } from 'vue'
import { useWakeLock } from '@vueuse/core'
import { minutesOf } from '@renatus/core/round/minutes'
import { wordsOf } from '@renatus/core/round/roundLines'
import type { Round } from '@renatus/core/round/round'
import { STOP_CARDS } from '~/components/round/stopCards'
import { ON_ANSWER, STOP_FACE } from '~/components/round/stopsOnScreen'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useAloud } from '~/composables/useAloud'
import { useHandsFree } from '~/composables/useHandsFree'
import { useWaits } from '~/composables/useWaits'
import { useWalk } from '~/composables/useWalk'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'
import EndedClocks from '~/components/shell/EndedClocks.vue'
import WalkEnd from './WalkEnd.vue'
import WalkFetch from './WalkFetch.vue'
import WalkHead from './WalkHead.vue'
import WalkUndo from './WalkUndo.vue'

/** The round, one stop a screen: for a thumb, for keys, for a foot, for a glance from two metres. */
const props = defineProps<{ round: Round }>()
const room = useRoomStore()
const w = useWalk(toRef(props, 'round'))
const { walk, stop } = w
const waits = useWaits(() => props.round)
provide(STOP_FACE, 'walk')
provide(ON_ANSWER, { answered: w.answered })

const minutes = computed(() =>
  props.round.stops
    .filter(s => w.open.value.some(o => o.key === s.key))
    .reduce((m, s) => m + minutesOf(s, props.round.pace.factor), 0),
)
const place = computed(() => walk.value.steps.find(s => s.key === walk.value.at)?.place ?? '')

/** What is on the screen, in words. */
const text = computed(() => {
  if (!walk.value.fetched) return `${props.round.current.name}.`
  if (!stop.value || !room.roundState)
    return w.open.value.length
      ? `${plural(w.open.value.length, 'stop')} still open.`
      : 'The round is done.'
  const lines = wordsOf(stop.value, room.roundState)
  return `${place.value}. ${lines.map(l => l.text).join(' ')}`
})
const aloud = useAloud(text)

// Nobody touches the screen while both hands are in the water.
const awake = useWakeLock()
void awake.request('screen').catch(() => undefined)

const area = useTemplateRef<HTMLElement>('area')
const press = (what: string) => area.value?.querySelector<HTMLElement>(what)?.click()
const hands = useHandsFree(area, {
  next: () => w.go(1),
  back: () => w.go(-1),
  done: () => press('.stop-answers .btn-main'),
  more: () => {
    press('[data-more]')
    aloud.again()
  },
})
watch([() => walk.value.at, () => walk.value.fetched], async () => {
  hands.settle()
  await nextTick()
  area.value?.querySelector<HTMLElement>('[data-lead]')?.focus({ preventScroll: true })
})
</script>

<template>
  <div class="walk">
    <div class="min-w-0">
      <EndedClocks class="mx-0! mt-1!" />
      <WalkHead
        :number="w.number.value"
        :count="walk.steps.length"
        :minutes="minutes"
        :places="w.places.value"
        :aloud="aloud.on.value"
        :able="aloud.able.value"
        @aloud="aloud.on.value = !aloud.on.value"
      />
    </div>
    <div ref="area" class="walk-area">
      <WalkFetch
        v-if="!walk.fetched"
        :name="round.current.name"
        :things="w.things.value"
        :stops="round.stops.length"
        :minutes="minutes"
        @ready="w.setOut()"
      />
      <div v-else-if="stop" :key="stop.key" class="walk-stop">
        <h1 class="sr-only">{{ round.current.name }}</h1>
        <div class="walk-place" tabindex="-1" data-lead>
          <ShelfEdge class="grow" :name="place" /><WalkUndo @take="w.takeBack()" />
        </div>
        <component :is="STOP_CARDS[stop.kind]" :stop="stop" :now="false" :waits="waits(stop)" />
      </div>
      <template v-else-if="walk.at === null">
        <div class="flex justify-end"><WalkUndo @take="w.takeBack()" /></div>
        <WalkEnd :walk="walk" :round="round" @on="w.go(-1)" />
      </template>
      <!-- It was taken back, and the round that asks it again is on its way. -->
      <p v-else class="small" role="status">Reckoning the round.</p>
    </div>
    <p class="small walk-next">
      <span v-if="w.next.value" class="truncate">Then: {{ w.next.value.text }}</span>
      <span v-else-if="stop">The last one.</span>
    </p>
    <p class="sr-only" role="status" aria-live="polite">{{ text }}</p>
  </div>
</template>
