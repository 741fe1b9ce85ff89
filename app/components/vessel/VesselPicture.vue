<script setup lang="ts">
import { computed, useId } from 'vue'
import type { FamilyId } from '@renatus/core/dynamics/contract'
import type { Grades } from './contents'
import { drawCount } from './drawCount'
import { drawVessel, type VesselView } from './drawVessel'
import type { VesselShape } from './vesselShape'

/** A vessel with what is in it: level, tint, cloud, specks and where they gather, skin, what lies at the bottom, what climbs the wall. */
const props = withDefaults(
  defineProps<{
    shape: VesselShape
    family: FamilyId
    grades: Grades
    label: string
    seed?: number
    scale?: number
    fill?: number
    air?: boolean
    plug?: boolean
  }>(),
  { seed: 7, scale: 1, fill: undefined },
)
const id = useId()
/** Readings come anew every quarter of an hour; what looks the same is not drawn again. */
const look = computed(() =>
  JSON.stringify({
    shape: props.shape,
    family: props.family,
    seed: props.seed,
    fill: props.fill,
    air: props.air,
    plug: props.plug,
    grades: Object.fromEntries(
      Object.entries(props.grades).map(([sign, g]) => [sign, Math.round(g * 20) / 20]),
    ),
  } satisfies VesselView),
)
const drawn = computed(() => {
  drawCount.vessels++
  return drawVessel(JSON.parse(look.value) as VesselView)
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${drawn.width} ${drawn.height}`"
    :width="drawn.width * scale"
    :height="drawn.height * scale"
    role="img"
    :aria-label="label"
    class="shrink-0 block"
  >
    <clipPath :id="id"><path :d="`${drawn.outline} Z`" /></clipPath>
    <path
      v-for="p in drawn.parts"
      :key="p.name"
      :d="p.d"
      :fill="p.fill ?? 'none'"
      :stroke="p.stroke"
      :stroke-width="p.width"
      :opacity="p.opacity"
      :clip-path="p.inside ? `url(#${id})` : undefined"
      stroke-linecap="round"
      stroke-linejoin="round"
      :data-part="p.name"
    />
  </svg>
</template>
