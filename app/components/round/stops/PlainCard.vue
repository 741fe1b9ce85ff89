<script setup lang="ts">
import { computed, ref } from 'vue'
import type { StopOf } from '@renatus/core/round/stop'
import GelBoxDrawing from '~/components/gel/GelBoxDrawing.vue'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useRoomStore } from '~/stores/room'
import { pieces } from '~/words/gel'
import { handField } from '~/words/fields'
import AmountField from '../AmountField.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'
import StopSentence from '../StopSentence.vue'
import { useStopLines } from '../useStopLines'

/** Stops that are one sentence and one tap: orders, what is thrown out, what is cleaned, the day's tub, the next batch. */
const props = defineProps<{
  stop: StopOf<'order' | 'clear' | 'clean' | 'tub' | 'cook'>
  now: boolean
}>()
const room = useRoomStore()
const lines = useStopLines(() => props.stop)
const problem = ref<string | null>(null)
const open = ref(false)
const typed = ref('')
const DONE = {
  order: 'Ordered',
  clear: 'Done',
  clean: 'Done',
  tub: 'Done',
  cook: 'Cooked',
} as const

const box = computed(() => {
  const { stop } = props
  if (stop.kind === 'tub') return stop.box
  return stop.kind === 'clear' && stop.what.of === 'gel' ? stop.what.box : null
})
const vesselKind = computed(() => {
  const { stop } = props
  if (stop.kind === 'clean') return stop.vessel.kind
  if (stop.kind !== 'clear' || stop.what.of !== 'hatch') return null
  const { vesselId } = stop.what.culture
  return room.state?.vessels.find(v => v.id === vesselId)?.kind ?? 'cone'
})
/** Of the day's tub another number of pieces can be said; null where it cannot be read. */
function given() {
  if (props.stop.kind !== 'tub') return undefined
  if (typed.value.trim() === '') return { share: 1 }
  const rule = { label: 'Pieces', min: 0, max: props.stop.box.pieces }
  const parsed = handField(rule, 'piece', room.measures).safeParse(typed.value)
  if (parsed.success) return { share: parsed.data / props.stop.pieces }
  problem.value = parsed.error.issues[0]!.message
  return null
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing>
      <GelBoxDrawing
        v-if="box"
        :pieces="box.pieces"
        :made="box.piecesMade"
        :label="`${box.name}, ${pieces(box.pieces)} left`"
      />
      <GelBoxDrawing v-else-if="stop.kind === 'cook'" :pieces="0" :made="1" label="An empty box" />
      <VesselPicture
        v-else-if="vesselKind"
        :shape="vesselKind"
        family="hatch"
        :grades="stop.kind === 'clean' ? {} : hatchLook(0.2)"
        :fill="stop.kind === 'clean' ? 0 : undefined"
        :scale="0.75"
        :label="stop.subject.name"
      />
      <CupDrawing v-else :form="stop.kind === 'order' ? 'harvest' : 'fridge'" />
    </template>
    <StopSentence v-for="l in lines" :key="l.key" :line="l" />
    <AmountField
      v-if="open && stop.kind === 'tub'"
      v-model="typed"
      class="max-w-xs"
      label="Pieces taken"
      :asked="stop.pieces"
      unit="piece"
    />
    <template v-if="lines[0]?.why" #more
      ><p class="small">{{ lines[0].why }}</p></template
    >
    <template #actions>
      <StopButtons
        v-model:open="open"
        v-model:problem="problem"
        :stop="stop"
        :done="DONE[stop.kind]"
        :differs="stop.kind === 'tub'"
        :given="given"
      >
        <NuxtLink
          v-if="stop.kind === 'cook'"
          :to="`/gel/batch?mix=${stop.cover.mix.id}`"
          :prefetch="false"
          class="btn"
          >Step by step</NuxtLink
        >
      </StopButtons>
    </template>
  </StopFrame>
</template>
