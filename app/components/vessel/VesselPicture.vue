<script setup lang="ts">
import { computed, useId } from 'vue'
import type { FamilyId } from '@renatus/core/dynamics/contract'
import { contentsOf, type Grades } from './contents'
import { shapeOf, type VesselShape } from './vesselShape'

/** A vessel with what is in it: level, tint, cloud, specks and where they gather, skin, what lies at the bottom, what climbs the wall. */
const props = withDefaults(defineProps<{ shape: VesselShape, family: FamilyId, grades: Grades, label: string, seed?: number, scale?: number }>(), { seed: 7, scale: 1 })
const id = useId()
const s = computed(() => shapeOf(props.shape))
const c = computed(() => contentsOf(props.shape, props.family, props.grades, props.seed))
const ink = '#1D2A26'
</script>

<template>
  <svg :viewBox="`0 0 ${s.width} ${s.height}`" :width="s.width * scale" :height="s.height * scale" role="img" :aria-label="label" class="shrink-0 block">
    <clipPath :id="id"><path :d="`${s.outline} Z`" /></clipPath>
    <path :d="`${s.outline} Z`" fill="var(--glass)" />
    <g :clip-path="`url(#${id})`">
      <rect x="0" :y="c.level" :width="s.width" :height="s.height" :fill="c.colour" data-part="water" />
      <rect x="0" :y="c.level" :width="s.width" :height="s.height" fill="#F4F1E6" :opacity="c.haze" />
      <rect x="0" :y="s.floor - c.sediment" :width="s.width" :height="c.sediment + 4" fill="#6A573B" opacity="0.75" />
      <rect v-if="c.film > 0.4" x="0" :y="c.level - c.film / 2" :width="s.width" :height="c.film" fill="#8C8368" />
    </g>
    <path v-for="(p, i) in c.specks" :key="`s${i}`" :d="`M${(p.x - (Math.cos(p.angle) * p.length) / 2).toFixed(1)} ${(p.y - (Math.sin(p.angle) * p.length) / 2).toFixed(1)} l${(Math.cos(p.angle) * p.length).toFixed(1)} ${(Math.sin(p.angle) * p.length).toFixed(1)}`" :stroke="ink" stroke-width="1.5" stroke-linecap="round" data-part="speck" />
    <circle v-for="(p, i) in c.climbers" :key="`c${i}`" :cx="p.x.toFixed(1)" :cy="p.y.toFixed(1)" r="0.9" fill="var(--ink)" />
    <path v-for="x in c.pupae" :key="x" :d="`M${x.toFixed(1)} ${c.level + 2} q4 0 3 5`" fill="none" :stroke="ink" stroke-width="2" stroke-linecap="round" />
    <path :d="s.outline" fill="none" stroke="var(--ink)" stroke-width="2.6" stroke-linejoin="round" stroke-linecap="round" />
  </svg>
</template>
