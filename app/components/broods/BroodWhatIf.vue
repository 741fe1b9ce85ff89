<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed } from 'vue'
import type { Sheet } from '@renatus/core/fry/broodSheet'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { WhatIf } from '@renatus/core/stock/sheetRequest'
import { addDays } from '@renatus/core/time/localDate'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodName } from '~/words/foods'

/** What if it were warmer, or the date another: sliders, redrawn at once. */
const props = defineProps<{ brood: BroodState; sheet: Sheet | null; other: Sheet | null }>()
const what = defineModel<WhatIf>({ required: true })
const room = useRoomStore()
const units = useUnits()
const us = computed(() => units.measures.value === 'us')
const now = computed(() => temperatureOn(props.brood.water, room.state!.today))
const degrees = computed(() =>
  us.value ? `${Math.round(what.value.warmerC * 1.8)} °F` : `${what.value.warmerC} °C`,
)
const moved = computed(() => {
  if (!props.other || !props.sheet) return []
  return props.other.spans.flatMap(s => {
    const was = props.sheet!.spans.find(x => x.food === s.food)
    const then = units.date(addDays(props.brood.freeOn, s.from + what.value.laterDays))
    if (!was) return [`${foodName(s.food)} joins on ${then}.`]
    const before = units.date(addDays(props.brood.freeOn, was.from))
    return was.from > (props.sheet!.days[0]?.day ?? 0) && then !== before
      ? [`${foodName(s.food)} from ${then} instead of ${before}.`]
      : []
  })
})
const set = (part: Partial<WhatIf>) => {
  what.value = { ...what.value, ...part }
}
/** The tank is set to the new temperature: a fact of the log, and the record follows. */
async function keepTemperature() {
  const { tank } = props.brood
  if (!tank) return
  const temperatureC = now.value + what.value.warmerC
  await room.save([{ ...tank, temperatureC } as never])
  await room.writeOrStop([
    {
      kind: 'tank.temperature',
      subject: { type: 'tank', id: tank.id },
      data: { tankId: tank.id, temperatureC: temperatureC as never, was: now.value as never },
    },
  ])
  set({ warmerC: 0 })
}
</script>

<template>
  <aside class="grid gap-3 content-start" aria-label="What if">
    <h2>What if</h2>
    <label class="grid gap-1"
      ><span
        >the tank is
        <strong class="num">{{
          what.warmerC === 0
            ? `${units.celsius(now)}, as it is`
            : `${what.warmerC > 0 ? '+' : '−'}${degrees.replace('-', '')}: ${units.celsius(now + what.warmerC)}`
        }}</strong></span
      >
      <input
        type="range"
        min="-5"
        max="5"
        step="0.5"
        class="w-full min-h-12 accent-[var(--plan)]"
        :value="what.warmerC"
        aria-label="Temperature, degrees from now"
        @input="set({ warmerC: Number(($event.target as HTMLInputElement).value) })"
    /></label>
    <label class="grid gap-1"
      ><span
        >it swims free
        <strong class="num">{{
          what.laterDays === 0
            ? 'on the day as it stands'
            : `${Math.abs(what.laterDays)} ${Math.abs(what.laterDays) === 1 ? 'day' : 'days'} ${what.laterDays > 0 ? 'later' : 'earlier'}`
        }}</strong></span
      >
      <input
        type="range"
        min="-7"
        max="7"
        step="1"
        class="w-full min-h-12 accent-[var(--plan)]"
        :value="what.laterDays"
        aria-label="Free-swimming day, days from now"
        @input="set({ laterDays: Number(($event.target as HTMLInputElement).value) })"
    /></label>
    <ul v-if="moved.length" class="grid gap-1" role="status">
      <li v-for="m in moved" :key="m">{{ m }}</li>
    </ul>
    <p v-else-if="other" class="small" role="status">
      Nothing changes in the order of foods within these days.
    </p>
    <div v-if="what.warmerC !== 0 || what.laterDays !== 0" class="flex flex-wrap gap-2">
      <button v-if="what.warmerC !== 0" class="btn" @click="keepTemperature">
        Set the tank so
      </button>
      <button class="btn btn-quiet" @click="set({ warmerC: 0, laterDays: 0 })">Back</button>
    </div>
  </aside>
</template>
