<script setup lang="ts">
import { computed, ref } from 'vue'
import { askText } from '@renatus/core/round/stops/ask/words'
import type { AskStop } from '@renatus/core/round/stops/ask/find'
import { addDays } from '@renatus/core/time/localDate'
import TankDrawing from '~/components/shared/TankDrawing.vue'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import { useStops } from '~/composables/useStops'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import StopFrame from '../StopFrame.vue'

/** Something that was expected for today: has it happened? Until it is answered the expectation stands. */
const props = defineProps<{ stop: AskStop; now: boolean }>()
const room = useRoomStore()
const units = useUnits()
const stops = useStops()
const problem = ref<string | null>(null)
const about = computed(() => props.stop.about)
const on = computed(() =>
  about.value.what === 'brood' ? about.value.on : about.value.order.comesOn,
)
const today = computed(() => room.round!.current.date)
const send = async (answer: Promise<string | null>) => {
  problem.value = await answer
}
const yes = (date?: string) => send(stops.done(props.stop, date ? { on: date } : undefined))
</script>

<template>
  <StopFrame asks :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><TankDrawing v-if="about.what === 'brood'" :label="stop.subject.name" /><CupDrawing
        v-else
        form="harvest"
    /></template>
    <p class="sentence">{{ askText(stop) }}</p>
    <template #note>
      Expected for {{ units.date(on) }}. Until you say otherwise Renatus goes on with that.
    </template>
    <template #actions>
      <button class="btn btn-quiet" @click="send(stops.enough(stop))">
        {{ about.what === 'brood' ? 'No more' : 'It does not come' }}
      </button>
      <button class="btn" @click="send(stops.notNow(stop))">Not yet</button>
      <button v-if="about.what === 'brood'" class="btn" @click="yes(addDays(today, -1))">
        Yes, yesterday
      </button>
      <button class="btn btn-main" @click="yes()">
        {{ about.what === 'brood' ? 'Yes, today' : 'It is here' }}
      </button>
    </template>
  </StopFrame>
</template>
