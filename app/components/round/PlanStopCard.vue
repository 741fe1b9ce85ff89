<script setup lang="ts">
import { computed } from 'vue'
import type { BeginStop, OrderStop } from '@renatus/core/round/planStops'
import { foodOf } from '@renatus/core/foods/index'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { shapeFor } from '~/components/vessel/vesselShape'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodInText, foodName } from '~/words/foods'
import { plural } from '~/words/round'
import { startLateWords } from '~/words/roundStops'
import StopFrame from './StopFrame.vue'

/** A culture that the plan starts now, or a starter that must be ordered for it. */
const props = defineProps<{ stop: BeginStop | OrderStop; now: boolean; roundKey: string }>()
const room = useRoomStore()
const units = useUnits()
const hatch = useHatchActions()
const undo = useUndo()
const start = computed(() => props.stop.start)
const food = computed(() => foodOf(start.value.food)!)
const method = computed(
  () => food.value.methods.find(m => m.id === start.value.method) ?? food.value.methods[0]!,
)
const shape = computed(() =>
  shapeFor(start.value.litres, method.value.vessel.depthCm, method.value.vessel.widthCm),
)
const brood = computed(
  () => room.state?.broods.find(b => b.id === start.value.forBrood)?.name ?? 'the stock',
)
const place = computed(() => room.state?.places.find(p => p.id === start.value.placeId)?.name)
const to = computed(
  () =>
    `/shelf/start?food=${start.value.food}&method=${method.value.id}&litres=${start.value.litres}&vessels=${start.value.left}`,
)
const late = computed(() =>
  props.stop.type === 'begin'
    ? startLateWords(props.stop.late, brood.value, units.date(props.stop.late.readyBy))
    : '',
)
async function ordered() {
  const result = await room.write(
    [
      {
        kind: 'note',
        subject: { type: 'food', id: start.value.food },
        data: { text: `Ordered a starter of ${foodInText(start.value.food)}.` },
      },
    ],
    props.stop.key,
  )
  if (result.ok) undo.offer(result.act, 'The order is written down.', props.stop.key)
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing
      ><VesselPicture
        :shape="shape"
        :family="food.profile.family"
        :grades="{}"
        :scale="0.75"
        :label="`A new vessel of ${foodInText(start.food)}`"
    /></template>
    <template v-if="stop.type === 'order'">
      <p class="sentence">
        Order <span class="amount">a starter</span> of {{ foodInText(start.food) }} today, to start
        it on {{ units.date(start.on) }}.
      </p>
      <p class="small mt-1">When it comes it stands apart until it is seen to live.</p>
    </template>
    <p v-else class="sentence">
      Start <span class="amount">{{ plural(start.left, 'vessel') }}</span> of
      {{ foodInText(start.food) }}, {{ units.litres(start.litres) }} each<template v-if="place"
        >, on {{ place }}</template
      >.
    </p>
    <p v-if="late" class="mt-1 border-l-4 border-due pl-3">
      {{ late
      }}<template v-if="stop.type === 'begin' && stop.instead.length">
        In this room: {{ stop.instead.map(foodName).join(', ') }}.</template
      >
      <NuxtLink to="/ahead" :prefetch="false" class="link">See Ahead</NuxtLink>
    </p>
    <details class="mt-1">
      <summary class="link min-h-12 inline-flex items-center text-ink2">
        Why {{ plural(start.left, 'vessel') }} today?
      </summary>
      <p class="border-l-4 border-plan pl-4 py-1">{{ start.why }}</p>
    </details>
    <template #actions>
      <button
        class="btn btn-quiet"
        @click="hatch.postpone(stop.key, roundKey, 'Left for the next round.')"
      >
        Not now
      </button>
      <button v-if="stop.type === 'order'" class="btn btn-main" @click="ordered">Ordered</button>
      <NuxtLink v-else :to="to" :prefetch="false" class="btn btn-main"
        >Start {{ start.left === 1 ? 'it' : 'them' }}</NuxtLink
      >
    </template>
  </StopFrame>
</template>
