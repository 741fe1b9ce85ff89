<script setup lang="ts">
import { computed } from 'vue'
import type { Provision } from '@renatus/core/provision/provision'
import { BURN_BOX, burnGeometry } from './burnGeometry'

/** What is left over the days ahead: as expected, its doubt, the day to order, what comes. Said in words beside it. */
const props = defineProps<{ item: Provision; today: string; days: number }>()
const drawn = computed(() => burnGeometry(props.item, props.today, props.days))
</script>

<template>
  <svg
    :viewBox="`0 0 ${BURN_BOX.width} ${BURN_BOX.height}`"
    preserveAspectRatio="none"
    class="w-full h-14 block"
    aria-hidden="true"
  >
    <polygon :points="drawn.band" fill="var(--line)" />
    <line
      x1="0"
      :x2="BURN_BOX.width"
      :y1="BURN_BOX.bottom"
      :y2="BURN_BOX.bottom"
      stroke="var(--ink-2)"
    />
    <polyline :points="drawn.line" fill="none" stroke="var(--ink)" stroke-width="2" />
    <line
      v-if="drawn.orderX !== null"
      :x1="drawn.orderX"
      :x2="drawn.orderX"
      y1="0"
      :y2="BURN_BOX.height"
      stroke="var(--due)"
      stroke-width="3"
      stroke-dasharray="6 4"
    />
    <path
      v-if="drawn.comesX !== null"
      :d="`M${drawn.comesX - 5} 0 h10 l-5 10 z`"
      fill="var(--plan)"
    />
  </svg>
</template>
