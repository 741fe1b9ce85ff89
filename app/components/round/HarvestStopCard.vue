<script setup lang="ts">
import { computed } from 'vue'
import type { HarvestStop } from '@renatus/core/round/stop'
import { hoursBetween } from '@renatus/core/time/localDate'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import StopFrame from './StopFrame.vue'

const props = defineProps<{ stop: HarvestStop; now: boolean; roundKey: string }>()
const room = useRoomStore()
const units = useUnits()
const actions = useHatchActions()
const vessel = computed(() =>
  room.state?.vessels.find(v => v.id === props.stop.pull.run.setup.vesselId),
)
const tanks = computed(() => [...new Set(props.stop.meals.map(m => m.tank.name))])
const early = computed(() => Date.parse(props.stop.pull.round.at) > Date.parse(room.now))
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing
      ><VesselPicture
        :shape="vessel?.shape ?? 'cone'"
        family="hatch"
        :grades="hatchLook(0.9)"
        :scale="0.75"
        label="Hatch vessel, mostly orange nauplii"
    /></template>
    <p class="sentence">
      Harvest <strong>{{ vessel?.name }}</strong>: about
      <span class="amount">{{ units.count(stop.pull.nauplii) }}</span> nauplii<template
        v-if="tanks.length"
        >, then feed {{ tanks.join(', ') }}</template
      >.
    </p>
    <p class="small mt-1">
      Started {{ units.duration(hoursBetween(stop.pull.run.startedAt, room.now)) }} ago.
      {{ stop.pull.ofPulls > 1 ? `Pull ${stop.pull.pullNo} of ${stop.pull.ofPulls}. ` : '' }}Yolk
      left in each: {{ units.share(stop.pull.energy) }}.
      <template v-if="stop.due === 'late'"
        >It was due
        {{ units.when(stop.pull.run.setup.pullsAt[stop.pull.pullNo - 1] ?? stop.pull.round.at) }};
        harvest it now, look and smell first.</template
      >
      <template v-else-if="early">Due {{ units.when(stop.pull.round.at) }}.</template>
    </p>
    <WhyPanel
      v-if="stop.pull.why"
      :reasons="[stop.pull.why]"
      :ask="`Why ${units.count(stop.pull.nauplii)}?`"
    />
    <template #actions>
      <button
        class="btn btn-quiet"
        @click="actions.postpone(stop.key, roundKey, 'The harvest is put off to the next round.')"
      >
        Not now
      </button>
      <NuxtLink class="btn btn-main" :prefetch="false" :to="`/harvest/${stop.pull.run.id}`"
        >Harvest</NuxtLink
      >
    </template>
  </StopFrame>
</template>
