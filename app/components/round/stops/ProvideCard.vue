<script setup lang="ts">
import { ref } from 'vue'
import { provideText } from '@renatus/core/round/stops/provide/words'
import type { ProvideStop } from '@renatus/core/round/stops/provide/find'
import TankDrawing from '~/components/shared/TankDrawing.vue'
import { useRoomStore } from '~/stores/room'
import FoodWays from '../FoodWays.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'

/** A brood that will swim free before anything that fits its mouth stands here: each way to it is a button. */
defineProps<{ stop: ProvideStop; now: boolean }>()
const room = useRoomStore()
const problem = ref<string | null>(null)
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing><TankDrawing :label="stop.brood.tank?.name ?? stop.brood.name" /></template>
    <p class="sentence">{{ provideText(stop) }}</p>
    <FoodWays :ways="stop.ways" :today="room.state!.today" class="mt-1" />
    <template #actions>
      <StopButtons v-model:problem="problem" :stop="stop" done="Seen to" />
    </template>
  </StopFrame>
</template>
