<script setup lang="ts">
import { computed } from 'vue'
import { perhapsReady } from '@renatus/core/estimation/saidStage'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CultureState } from '@renatus/core/stock/cultures'
import { addHours, hoursBetween } from '@renatus/core/time/localDate'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { mayBeReady, STAGES } from '~/words/cultures'
import { cultureView } from './cultureView'

/** One culture on its shelf: the vessel as it should look, its name, its stage, and what comes next. */
const props = defineProps<{
  culture: CultureState
  reading: CultureReading | undefined
  alone: boolean
}>()
const room = useRoomStore()
const units = useUnits()
const record = computed(() => props.culture.record)
const view = computed(() => cultureView(record.value, props.reading))
const next = computed(() => {
  const e = props.reading?.estimate
  if (!e) return 'being read'
  if (e.pFailed > 0.5) return 'look at it: likely lost'
  if (perhapsReady(e)) return `${mayBeReady(e)}: look at it`
  if (view.value.stage === 'failing' || view.value.stage === 'tiring') return 'look at it today'
  if (view.value.stage === 'ready' && e.surplusPerDay.p50 > 0)
    return `${units.count(e.surplusPerDay.p50)} ${view.value.food?.profile.units} a day`
  if (e.readyH && hoursBetween(record.value.startedAt, room.now) < e.readyH.p50)
    return `ready about ${units.day(addHours(record.value.startedAt, e.readyH.p50))}`
  return `day ${Math.floor(hoursBetween(record.value.startedAt, room.now) / 24)}`
})
</script>

<template>
  <NuxtLink
    :to="`/shelf/${culture.id}`"
    :prefetch="false"
    class="grid justify-items-center gap-1 text-center no-underline"
    :data-testid="`culture-${record.name}`"
  >
    <VesselPicture
      :shape="view.shape"
      :family="view.family"
      :grades="reading?.look ?? {}"
      :label="view.label"
      :seed="view.seed"
      :air="view.air"
      :plug="view.plug"
      :scale="view.size"
    />
    <span class="mt-1"
      ><strong class="underline underline-offset-3">{{ record.name }}</strong
      >{{ ' '
      }}<span v-if="record.code" class="small num tracking-wider ml-2">{{
        record.code
      }}</span></span
    >
    <span
      ><span aria-hidden="true">{{ view.stage ? STAGES[view.stage].mark : '' }}</span>
      {{ view.stage ? STAGES[view.stage].word : '' }}</span
    >
    <span class="small num">{{ next }}</span>
    <span v-if="culture.quarantine" class="small"><strong>stands apart</strong></span>
    <span v-else-if="alone" class="small"><strong>no backup</strong></span>
  </NuxtLink>
</template>
