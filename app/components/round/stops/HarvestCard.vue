<script setup lang="ts">
import { computed, ref } from 'vue'
import { hoursBetween } from '@renatus/core/time/localDate'
import type { HarvestStop } from '@renatus/core/round/stops/harvest/find'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'
import StopSentence from '../StopSentence.vue'
import { useStopLines } from '../useStopLines'

/** A hatch that is pulled: as expected with one tap, or counted on its own page. */
const props = defineProps<{ stop: HarvestStop; now: boolean }>()
const room = useRoomStore()
const units = useUnits()
const lines = useStopLines(() => props.stop)
const problem = ref<string | null>(null)
const vessel = computed(() =>
  room.state?.vessels.find(v => v.id === props.stop.pull.hatch.vesselId),
)
const age = computed(() => hoursBetween(props.stop.pull.hatch.startedAt, room.now))
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><VesselPicture
        :shape="vessel?.kind ?? 'cone'"
        family="hatch"
        :grades="hatchLook(0.9)"
        :scale="0.75"
        label="Hatch vessel, mostly orange nauplii"
    /></template>
    <StopSentence v-for="l in lines" :key="l.key" :line="l" />
    <template #note>
      <template v-if="stop.pull.late"
        >It was due
        {{ units.when(stop.pull.hatch.setup.pullsAt[stop.pull.pullNo - 1] ?? stop.pull.round.at) }}:
        look and smell first.
      </template>
      Done: it came as expected, into a cup that goes to the fridge.
    </template>
    <template #more>
      <p class="small">
        Started {{ units.duration(age) }} ago. Yolk left in each:
        {{ units.share(stop.pull.energy) }}.
      </p>
      <WhyPanel
        v-if="stop.pull.why"
        :reasons="[stop.pull.why]"
        :ask="`Why ${units.count(stop.pull.nauplii)}?`"
      />
    </template>
    <template #actions>
      <StopButtons v-model:problem="problem" :stop="stop">
        <NuxtLink class="btn" :prefetch="false" :to="`/harvest/${stop.pull.hatch.id}`"
          >Differs, or count</NuxtLink
        >
      </StopButtons>
    </template>
  </StopFrame>
</template>
