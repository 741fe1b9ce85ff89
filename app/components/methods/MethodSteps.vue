<script setup lang="ts">
import type { MethodStep } from '@renatus/core/foods/contract'
import { addHours } from '@renatus/core/time/localDate'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { seenWords } from '~/words/methods'

/** Steps in order, each caution before the step it belongs to. */
defineProps<{ name: string; steps: readonly MethodStep[] }>()
const units = useUnits()
const room = useRoomStore()
const dayAfter = (days: number) => units.day(addHours(room.now, days * 24))
</script>

<template>
  <section v-if="steps.length" class="grid gap-2 content-start">
    <ShelfEdge :name="name" />
    <ol class="grid gap-3 list-decimal pl-6 marker:font-bold">
      <li v-for="step in steps" :key="step.text" class="pl-1">
        <p v-for="c in step.cautions ?? []" :key="c.id" class="border-l-4 border-harm pl-3 mb-2">
          <strong>Caution.</strong> {{ c.text }}
        </p>
        <p>
          {{ step.text
          }}<span v-if="step.clockMinutes" class="small">
            Then wait {{ units.duration(step.clockMinutes / 60) }}.</span
          ><span v-if="step.seenAfterDays" class="small">
            {{ ` ${seenWords(step.seenAfterDays.map(dayAfter))}` }}</span
          >
        </p>
      </li>
    </ol>
  </section>
</template>
