<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { AWAY_MOST } from '@renatus/core/planning/plan/whatIf'
import { addDays } from '@renatus/core/time/localDate'
import { running } from '@renatus/core/stock/cultures'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { dateField, numberField } from '~/words/fields'
import { plural } from '~/words/round'

/** Questions to the plan of which nothing is saved: another date, other fry, another warmth, a loss, days away, other minutes. The answer stands in the picture. */
const ahead = useAheadStore()
const room = useRoomStore()
const units = useUnits()
const us = computed(() => units.measures.value === 'us')
const form = reactive({
  broodId: '',
  shift: 0,
  fry: '',
  warmer: 0,
  lost: '',
  awayFrom: '',
  awayDays: '',
  minutes: 1,
})
const MINUTES = [
  { factor: 1, name: 'as they are' },
  { factor: 0.5, name: 'half' },
  { factor: 2, name: 'twice' },
]
const problem = ref<string | null>(null)
const broods = computed(() => room.state?.broods ?? [])
const things = computed(() => [
  ...running(room.state?.cultureStates ?? []).map(c => ({ id: c.id, name: c.record.name })),
  ...(room.state?.hatchVessels ?? []).map(v => ({ id: v.id, name: v.name })),
])

/** A field that may stay empty; null then. */
const read = <T,>(text: string, field: { safeParse(t: string): T }): T | null =>
  text.trim() === '' ? null : field.safeParse(text)

function ask() {
  const brood = broods.value.find(b => b.id === form.broodId)
  const fry = read(form.fry, numberField({ label: 'Fry', min: 0, max: 100_000 }))
  const days = read(form.awayDays, numberField({ label: 'Days away', min: 1, max: AWAY_MOST }))
  const from = read(form.awayFrom, dateField('The day you leave'))
  const bad = [fry, days, from].find(x => x && !x.success)
  problem.value = bad?.error?.issues[0]!.message ?? whoAndWhen(brood, fry !== null, from?.data)
  if (problem.value) return
  ahead.whatIf = {
    ...(brood ? ofBrood(brood, fry?.data ?? null) : { shift: {}, fry: {} }),
    warmerC: us.value ? Number(form.warmer) / 1.8 : Number(form.warmer),
    lost: form.lost ? [form.lost] : [],
    away: days ? awayFor(Math.round(days.data!), from?.data) : null,
    minutes: Number(form.minutes),
  }
  void ahead.ask()
}
function whoAndWhen(brood: unknown, fry: boolean, from: string | undefined): string | null {
  if (fry && !brood) return 'Choose the brood whose fry you mean.'
  if (!from || from >= room.state!.today) return null
  return 'The day you leave lies in the past: choose today or later.'
}
const ofBrood = (brood: { id: string; fryNow: number }, fry: number | null) => ({
  shift: form.shift === 0 ? {} : { [brood.id]: Number(form.shift) },
  fry: fry === null ? {} : { [brood.id]: fry / Math.max(1, brood.fryNow) },
})
const awayFor = (days: number, from: string | undefined) => ({
  from: from ?? addDays(room.state!.today, 1),
  days,
})
</script>

<template>
  <section aria-label="What if">
    <ShelfEdge name="What if" />
    <form
      class="mt-3 grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-end"
      novalidate
      @input="problem = null"
      @submit.prevent="ask"
    >
      <label class="font-semibold"
        >Brood<select v-model="form.broodId" class="field mt-1 font-normal">
          <option value="">none in particular</option>
          <option v-for="b in broods" :key="b.id" :value="b.id">{{ b.name }}</option>
        </select></label
      >
      <label class="font-semibold"
        >It swims free
        <output class="num font-normal">{{
          form.shift === 0
            ? 'as expected'
            : `${plural(Math.abs(form.shift), 'day')} ${form.shift < 0 ? 'earlier' : 'later'}`
        }}</output><input
          v-model.number="form.shift"
          type="range"
          min="-14"
          max="14"
          step="1"
          class="w-full h-12"
          :disabled="!form.broodId"
      /></label>
      <label class="font-semibold"
        >Fry of it<input
          v-model="form.fry"
          class="field mt-1 font-normal"
          inputmode="numeric"
          autocomplete="off"
          :placeholder="
            form.broodId
              ? String(Math.round(broods.find(b => b.id === form.broodId)?.fryNow ?? 0))
              : ''
          "
          :disabled="!form.broodId"
      /></label>
      <label class="font-semibold"
        >The room
        <output class="num font-normal">{{
          form.warmer === 0
            ? 'as warm as now'
            : `${Math.abs(form.warmer)} ${units.temperatureUnit.value} ${form.warmer < 0 ? 'cooler' : 'warmer'}`
        }}</output><input
          v-model.number="form.warmer"
          type="range"
          :min="us ? -18 : -10"
          :max="us ? 12 : 6"
          step="1"
          class="w-full h-12"
      /></label>
      <label class="font-semibold"
        >Lost<select v-model="form.lost" class="field mt-1 font-normal">
          <option value="">nothing</option>
          <option v-for="t in things" :key="t.id" :value="t.id">{{ t.name }}</option>
        </select></label
      >
      <div class="grid grid-cols-2 gap-3">
        <label class="font-semibold"
          >Away from<input
            v-model="form.awayFrom"
            type="date"
            class="field mt-1 font-normal" /></label
        ><label class="font-semibold"
          >for days<input
            v-model="form.awayDays"
            class="field mt-1 font-normal"
            inputmode="numeric"
            autocomplete="off"
        /></label>
      </div>
      <label class="font-semibold"
        >Minutes of the rounds<select v-model.number="form.minutes" class="field mt-1 font-normal">
          <option v-for="m in MINUTES" :key="m.factor" :value="m.factor">{{ m.name }}</option>
        </select></label
      >
      <p class="flex flex-wrap gap-3 items-center sm:col-span-2 desk:col-span-3">
        <button class="btn btn-main" :disabled="!ahead.proposal">Ask</button
        ><span class="small">Nothing of it is saved.</span>
      </p>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold mt-2">{{ problem }}</p>
    <div class="mt-3" aria-live="polite">
      <p v-if="ahead.side.busy && !ahead.answer" class="flex gap-3 items-center">
        Working it out <button class="btn" @click="ahead.side.stop()">Stop</button>
      </p>
      <p v-else-if="ahead.side.problem" role="alert" class="text-harm font-semibold">
        {{ ahead.side.problem }}
      </p>
    </div>
  </section>
</template>
