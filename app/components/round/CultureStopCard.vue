<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CultureStop, CultureTask } from '@renatus/core/round/cultureStops'
import { taskAmount } from '@renatus/core/round/roundLines'
import { cultureView } from '~/components/cultures/cultureView'
import { usualWater } from '~/components/cultures/usualWater'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { doneAtOnce, useCultureStop } from '~/composables/useCultureStop'
import { useHatchActions } from '~/composables/useHatchActions'
import { useRoomStore } from '~/stores/room'
import { lateWords, TASK_VERBS } from '~/words/roundStops'
import { WATER_NAMES } from '~/words/tending'
import StopFrame from './StopFrame.vue'

/** What one vessel wants at this round, drawn as it should look. */
const props = defineProps<{ stop: CultureStop; now: boolean; roundKey: string }>()
const room = useRoomStore()
const actions = useCultureStop()
const hatch = useHatchActions()
const record = computed(() => props.stop.vat.culture.record)
const view = computed(() => cultureView(record.value, props.stop.vat.reading))
const atOnce = computed(() => props.stop.tasks.filter(doneAtOnce))
const problem = ref<string | null>(null)
const amount = (t: CultureTask) => (t.amount ? taskAmount(t.amount, room.measures) : '')
function rest(t: CultureTask): string {
  if (!t.amount) return ''
  if (t.kind === 'top up' || t.kind === 'change water')
    return `of ${WATER_NAMES[usualWater(props.stop.vat)]}`
  return t.amount.what
}
const reasons = computed(() => props.stop.tasks.flatMap(t => t.amount?.why ?? []))
async function finish() {
  problem.value = await actions.done(props.stop, atOnce.value)
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing
      ><VesselPicture
        :shape="view.shape"
        :family="view.family"
        :grades="stop.vat.reading.look"
        :label="view.label"
        :seed="view.seed"
        :air="view.air"
        :plug="view.plug"
        :scale="0.8"
    /></template>
    <div class="grid gap-1">
      <template v-for="t in stop.tasks" :key="t.kind">
        <p class="sentence">
          {{ TASK_VERBS[t.kind] }} <strong>{{ record.name }}</strong><template v-if="t.amount"
            >: <template v-if="t.kind === 'renew'">keep </template
            ><span class="amount">{{ amount(t) }}</span> {{ rest(t) }}</template
          >.
        </p>
        <p class="small">{{ t.because }} {{ lateWords(t) }}</p>
      </template>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <WhyPanel
        v-if="reasons.length"
        :reasons="reasons"
        :ask="
          reasons.length === 1
            ? `Why ${amount(stop.tasks.find(t => t.amount)!)}?`
            : 'Why these amounts?'
        "
      />
    </div>
    <template #actions>
      <button
        class="btn btn-quiet"
        @click="hatch.postpone(stop.key, roundKey, 'Left for the next round.')"
      >
        Not now
      </button>
      <NuxtLink
        :to="
          stop.tasks.some(t => t.kind === 'take')
            ? `/shelf/harvest/${record.id}`
            : `/shelf/${record.id}`
        "
        :prefetch="false"
        class="btn"
        :class="{ 'btn-main': atOnce.length === 0 }"
        >{{
          atOnce.length ? 'Differs' : stop.tasks[0]!.kind === 'take' ? 'Harvest' : 'To the vessel'
        }}</NuxtLink
      >
      <button v-if="atOnce.length" class="btn btn-main" @click="finish">
        {{ atOnce.length === stop.tasks.length ? 'Done' : `${TASK_VERBS[atOnce[0]!.kind]}: done` }}
      </button>
    </template>
  </StopFrame>
</template>
