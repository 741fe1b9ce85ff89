<script setup lang="ts">
import { computed } from 'vue'
import type { DiscardStop, EmptyStop } from '@renatus/core/round/stop'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import StopFrame from './StopFrame.vue'

const props = defineProps<{ stop: EmptyStop | DiscardStop; now: boolean; roundKey: string }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const actions = useHatchActions()
const vessel = computed(() =>
  props.stop.type === 'empty'
    ? room.state?.vessels.find(v => v.id === (props.stop as EmptyStop).run.setup.vesselId)
    : undefined,
)

async function done() {
  const { stop } = props
  if (stop.type === 'empty')
    return actions.empty(stop.run.id, vessel.value?.name ?? 'The vessel', 'spent', stop.key)
  const result = await room.write(
    [
      {
        kind: 'store.discarded',
        subject: { type: 'store', id: stop.store.id },
        data: { storeId: stop.store.id, reason: 'past its hours in the fridge' },
      },
    ],
    stop.key,
  )
  if (result.ok) undo.offer(result.act, 'The old nauplii are out.', stop.key)
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing>
      <VesselPicture
        v-if="stop.type === 'empty'"
        :shape="vessel?.shape ?? 'cone'"
        family="hatch"
        :grades="hatchLook(0.2)"
        :scale="0.75"
        label="Spent hatch vessel"
      />
      <CupDrawing v-else form="fridge" />
    </template>
    <template v-if="stop.type === 'empty'">
      <p class="sentence">
        Empty <strong>{{ vessel?.name ?? 'the vessel' }}</strong>:
        <span class="amount">{{ units.duration(stop.hours) }}</span> old, nothing in it is worth
        feeding.
      </p>
      <p class="small mt-1">Hot water through vessel and lines at once.</p>
    </template>
    <template v-else>
      <p class="sentence">
        Pour away <span class="amount">{{ units.count(stop.store.nauplii) }}</span> nauplii from the
        fridge.
      </p>
      <p class="small mt-1">
        Stored {{ units.when(stop.store.storedAt) }}: a day is what they stand.
        {{ units.share(stop.store.energy) }} of the yolk is left, and they die.
      </p>
    </template>
    <template #actions>
      <button
        class="btn btn-quiet"
        @click="actions.postpone(stop.key, roundKey, 'Left for the next round.')"
      >
        Not now
      </button>
      <button class="btn btn-main" @click="done">Done</button>
    </template>
  </StopFrame>
</template>
