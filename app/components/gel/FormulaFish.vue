<script setup lang="ts">
import { JOBS, type Job } from '@renatus/core/gel/particles'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import type { Guild } from '@renatus/core/fry/species/species'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { JOB_WORDS } from '~/words/gel'

/** For whom a formula is: a brood, or fish of a size. */
defineProps<{
  broods: readonly GelBrood[]
  byHand: boolean
  problem: string
}>()
const hand = defineModel<{
  lengthMm: string
  gapeMm: string
  temperatureC: string
  guild: Guild
}>('hand', { required: true })
const broodId = defineModel<string>('broodId', { required: true })
const job = defineModel<Job>('job', { required: true })
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="For whom" />
    <label class="font-semibold"
      >Brood<select v-model="broodId" class="field mt-1 font-normal">
        <option value="">fish of a size, none of these</option>
        <option v-for="b in broods" :key="b.brood.id" :value="b.brood.id">
          {{ b.brood.name }}, {{ b.day.lengthMm.toFixed(1) }} mm
        </option>
      </select></label
    >
    <div v-if="byHand" class="grid gap-3 grid-cols-2">
      <label class="font-semibold"
        >Length, mm<input v-model="hand.lengthMm" class="field mt-1" inputmode="decimal"
      /></label>
      <label class="font-semibold"
        >Mouth, mm<input v-model="hand.gapeMm" class="field mt-1" inputmode="decimal"
      /></label>
      <label class="font-semibold"
        >Temperature, °C<input v-model="hand.temperatureC" class="field mt-1" inputmode="decimal"
      /></label>
      <label class="font-semibold"
        >They eat<select v-model="hand.guild" class="field mt-1 font-normal">
          <option value="carnivore">animals</option>
          <option value="omnivore">both</option>
          <option value="grazer">growth and plants</option>
        </select></label
      >
    </div>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <label class="font-semibold"
      >They<select v-model="job" class="field mt-1 font-normal">
        <option v-for="j in JOBS" :key="j" :value="j">{{ JOB_WORDS[j] }}</option>
      </select></label
    >
  </section>
</template>
