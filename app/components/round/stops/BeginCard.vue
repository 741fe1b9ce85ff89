<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { foodOf } from '@renatus/core/foods/index'
import { MADE_FIELDS, madeWords } from '@renatus/core/stock/madeWords'
import type { BeginStop } from '@renatus/core/round/stops/begin/find'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { shapeFor } from '~/components/vessel/vesselShape'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { insteadWords, startLateWords } from '~/words/ahead'
import { foodInText } from '~/words/foods'
import { plural } from '~/words/round'
import MadeFields from '../MadeFields.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'
import StopSentence from '../StopSentence.vue'
import { useStopLines } from '../useStopLines'

/** A culture that the plan starts now: with one tap as planned, or step by step. */
const props = defineProps<{ stop: BeginStop; now: boolean }>()
const room = useRoomStore()
const units = useUnits()
const lines = useStopLines(() => props.stop)
const problem = ref<string | null>(null)
const start = computed(() => props.stop.start)
const food = computed(() => foodOf(start.value.food)!)
const method = computed(
  () => food.value.methods.find(m => m.id === start.value.method) ?? food.value.methods[0]!,
)
const shape = computed(() => {
  const { depthCm, widthCm } = method.value.vessel
  return shapeFor(start.value.litres, depthCm, widthCm)
})
const brood = computed(
  () => room.state?.broods.find(b => b.id === start.value.forBrood)?.name ?? 'the stock',
)
const late = computed(() =>
  startLateWords(props.stop.late, brood.value, units.date(props.stop.late.readyBy)),
)
const to = computed(
  () =>
    `/shelf/start?food=${start.value.food}&method=${method.value.id}&litres=${start.value.litres}&vessels=${props.stop.vessels}`,
)
/** As the last one of its food was made, until something else is said. */
const made = reactive({ matter: '', water: '', medium: '', remark: '', ...props.stop.made })
const words = computed(() =>
  madeWords(room.state?.entries ?? [], room.state?.cultures ?? [], start.value.food),
)
const asLast = computed(() =>
  MADE_FIELDS.map(f => props.stop.made?.[f] ?? '')
    .filter(word => word !== '')
    .join(', '),
)
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><VesselPicture
        :shape="shape"
        :family="food.profile.family"
        :grades="{}"
        :scale="0.75"
        :label="`A new vessel of ${foodInText(start.food)}`"
    /></template>
    <StopSentence v-for="l in lines" :key="l.key" :line="l" />
    <p v-if="late" class="mt-1 border-l-4 border-due pl-3">
      {{ late }} {{ insteadWords(stop.instead) }}
      <NuxtLink to="/ahead" :prefetch="false" class="link">See Ahead</NuxtLink>
    </p>
    <template #more>
      <details>
        <summary class="link min-h-12 inline-flex items-center text-ink2">
          Why {{ plural(start.left, 'vessel') }} today?
        </summary>
        <p class="border-l-4 border-plan pl-4 py-1">{{ start.why }}</p>
      </details>
      <details>
        <summary class="link min-h-12 inline-flex items-center text-ink2">
          {{ asLast ? `Made as the last one: ${asLast}` : 'Made with, in your own words' }}
        </summary>
        <MadeFields v-model="made" :words="words" class="pb-2" />
      </details>
    </template>
    <template #actions>
      <StopButtons
        v-model:problem="problem"
        :stop="stop"
        done="Started"
        always
        :given="() => ({ made })"
      >
        <NuxtLink :to="to" :prefetch="false" class="btn">Step by step</NuxtLink>
      </StopButtons>
    </template>
  </StopFrame>
</template>
