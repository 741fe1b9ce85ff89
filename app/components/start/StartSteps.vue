<script setup lang="ts">
import { nowInstant } from '~/composables/clock'
import type { FoodMethod } from '@renatus/core/foods/contract'
import { addHours } from '@renatus/core/time/localDate'
import StepTicks, { type TickStep } from '~/components/shared/StepTicks.vue'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'

/** The start step by step. */
const props = defineProps<{ method: FoodMethod; startId: string }>()
const ticked = defineModel<number[]>('ticked', { required: true })
const understood = defineModel<string[]>('understood', { required: true })
const room = useRoomStore()
async function clock(step: TickStep) {
  const about = { type: 'start', id: props.startId }
  await room.writeOrStop([
    {
      kind: 'clock.started',
      subject: about,
      data: {
        clockId: newId(),
        label: step.text.slice(0, 60),
        endsAt: addHours(nowInstant(), step.clockMinutes! / 60),
        about,
      },
    },
  ])
}
</script>

<template>
  <StepTicks
    v-model:ticked="ticked"
    v-model:understood="understood"
    name="Step by step"
    :steps="method.start"
    @clock="clock"
  />
</template>
