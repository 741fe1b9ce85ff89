<script setup lang="ts">
import { computed } from 'vue'
import { harvestWindow, type HarvestWindow } from '@renatus/core/dynamics/hatch/hatch'
import type { Vessel } from '@renatus/core/records/records'
import { modelOfHatch } from '@renatus/core/stock/hatchCultures'
import { movedPulls } from '@renatus/core/stock/movedPulls'
import { nextPull } from '@renatus/core/stock/nextPull'
import { lotOfHatch } from '@renatus/core/stock/roomState'
import { hoursBetween, type Instant } from '@renatus/core/time/localDate'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { sizeOf } from '~/components/vessel/vesselShape'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { STAGES } from '~/words/cultures'

/** A hatch vessel where it stands: empty, or with what has hatched in it by now. The bench is where it is worked. */
const props = defineProps<{ vessel: Vessel }>()
const room = useRoomStore()
const units = useUnits()
const now = computed(() => {
  const state = room.state!
  const hatch = state.hatches.find(r => r.vesselId === props.vessel.id && r.endedAt === null)
  if (!hatch) return null
  const model = modelOfHatch(hatch, lotOfHatch(state, hatch), state.hatchPH)
  const { curve } = model
  const h = hoursBetween(hatch.startedAt, state.now)
  const window = harvestWindow(curve)
  const moved = movedPulls(hatch, model, lotOfHatch(state, hatch), state.hatchPH)
  const next = window && nextPull(hatch, moved, window)
  return { hatched: Math.min(1, curve.hatchedAt(h)), ...standing(next, window, h) }
})
type Standing = { stage: 'building' | 'ready' | 'tiring' | 'failing'; next: string }
/** Where a hatch stands against its window, and what that asks for. */
function standing(next: Instant | null, window: HarvestWindow | null, h: number): Standing {
  if (!window || !next || h > window.lastCallH) return { stage: 'failing', next: 'look at it now' }
  if (h < window.fromH && next > room.state!.now)
    return { stage: 'building', next: `pull ${units.when(next)}` }
  return { stage: h <= window.toH ? 'ready' : 'tiring', next: 'pull it now' }
}
const label = computed(() =>
  now.value
    ? `${props.vessel.name}: ${STAGES[now.value.stage].word}, ${units.share(now.value.hatched)} hatched`
    : `${props.vessel.name}: empty`,
)
</script>

<template>
  <NuxtLink
    to="/bench"
    :prefetch="false"
    class="grid justify-items-center gap-1 text-center no-underline"
    :data-testid="`hatch-${vessel.name}`"
  >
    <VesselPicture
      :shape="vessel.kind"
      family="hatch"
      :grades="now ? hatchLook(now.hatched) : {}"
      :fill="now ? undefined : 0"
      :air="now !== null"
      :label="label"
      :scale="sizeOf(vessel.kind, vessel.litres)"
    />
    <strong class="mt-1 underline underline-offset-3">{{ vessel.name }}</strong>
    <span v-if="now"
      ><span aria-hidden="true">{{ STAGES[now.stage].mark }}</span> {{ STAGES[now.stage].word }},
      {{ units.share(now.hatched) }} hatched</span
    ><span v-else>empty</span>
    <span class="small num">{{ now?.next ?? '' }}</span>
  </NuxtLink>
</template>
