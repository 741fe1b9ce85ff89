<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { TrialDesign } from '@renatus/core/planning/startTrial'
import { ASKS } from '@renatus/core/trials/asks'
import { enough, type Power } from '@renatus/core/trials/power'
import { spreadOf } from '@renatus/core/trials/trialState'
import FormCheck from '~/components/shared/FormCheck.vue'
import FormField from '~/components/shared/FormField.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useFailures } from '~/composables/useFailures'
import { useUnits } from '~/composables/useUnits'
import { trialClient } from '~/engine/trialClient'
import { ASK_OPTIONS, enoughWords, powerWords, spreadWords } from '~/words/trials'
import { MOST_ARMS, useTrialForm } from './useTrialForm'

/** What is asked, what differs, how many of each and where they may stand. */
const emit = defineEmits<{ planned: [design: TrialDesign] }>()
const units = useUnits()
const plan = useTrialForm()
const { form, v, state, asks, kind, factor, factors, food, foods, words } = plan
const { mothers, armOptions, armKeys, needsStarter } = plan
const problem = ref<string | null>(null)
const arms = computed(() => armKeys.slice(0, Number(v.arms)))
const standsInVessels = computed(() => ['culture', 'hatch'].includes(kind.value))
const COUNTS = Array.from({ length: MOST_ARMS - 1 }, (_, i) => String(i + 2))
const armLabels: Readonly<Record<string, string>> = { method: 'School', lot: 'Lot', hours: 'Hours' }

/** The difference that is worth finding, and what so many vessels find of it. */
const TIMES = [1.25, 1.5, 2, 3]
const times = ref(1.5)
const found = ref<Power[] | null>(null)
const spread = computed(() => spreadOf(asks.value, state.value.trials, state.value.entries))
watch(
  [asks, times],
  async () => {
    found.value = null
    const { measure } = ASKS[asks.value]
    try {
      found.value = await trialClient.call(r => r.power(measure, times.value, spread.value))
    } catch (error) {
      useFailures().report(error)
    }
  },
  { immediate: true },
)
const now = computed(() => found.value?.find(p => p.each === Number(v.each)))
const proposed = computed(() => found.value && enough(found.value))
/** What so many find of it: its line stands from the start, so that nothing below moves under a thumb. */
const nowWords = computed(() => {
  if (now.value) return powerWords(now.value.each, now.value.found, times.value)
  return found.value ? '' : 'Trying out what so many find.'
})

const submit = form.handleSubmit(values => {
  const design = plan.designOf(values)
  problem.value = typeof design === 'string' ? design : null
  if (typeof design !== 'string') emit('planned', design)
})
</script>

<template>
  <form
    class="grid grid-cols-1 gap-6"
    novalidate
    data-dirty="true"
    @input="problem = null"
    @submit.prevent="submit"
  >
    <section class="grid gap-3">
      <ShelfEdge name="The question" />
      <div
        class="grid gap-4 desk:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1fr)] items-start"
      >
        <FormField name="name" label="In your words" hint="Such as: which leaf clears first?" />
        <FormField
          name="asks"
          label="What is measured"
          :options="ASK_OPTIONS"
          @change="plan.onAsks"
        />
        <FormField name="factor" label="They differ in" :options="factors" />
      </div>
      <div v-if="kind === 'culture'" class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
        <FormField
          name="foodId"
          label="Food"
          :options="foods.map(f => ({ value: f.profile.id, label: f.profile.name }))"
          @change="plan.onFood"
        />
        <FormField
          v-if="factor.arm !== 'method'"
          name="methodId"
          label="School"
          :options="(food?.methods ?? []).map(m => ({ value: m.id, label: m.name }))"
        />
        <FormField v-if="ASKS[asks].onDay" name="onDay" label="Read for day" numeric />
      </div>
    </section>
    <section class="grid gap-3">
      <ShelfEdge name="The ways" />
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
        <FormField
          name="arms"
          label="How many ways"
          :options="COUNTS.map(n => ({ value: n, label: n }))"
        />
        <FormField
          v-for="(key, i) in arms"
          :key="`${key} ${factor.name}`"
          :name="key"
          :label="`${armLabels[factor.arm] ?? 'Way'} ${i + 1}`"
          :options="armOptions ? [{ value: '', label: 'choose' }, ...armOptions] : undefined"
          :suggest="words"
          :numeric="factor.arm === 'hours'"
        />
      </div>
    </section>
    <section v-if="kind !== 'diet'" class="grid gap-3">
      <ShelfEdge name="How many each" />
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
        <FormField
          name="each"
          :label="standsInVessels ? 'Vessels each' : 'Times each'"
          numeric
          :hint="enoughWords(proposed, found && found.length)"
        />
        <label class="font-semibold"
          >The difference worth finding<select v-model="times" class="field mt-1 block font-normal">
            <option v-for="t in TIMES" :key="t" :value="t">{{ t }} times</option>
          </select></label
        >
        <FormField name="untilDays" label="It runs for" unit="days" numeric />
      </div>
      <p class="small max-w-prose" data-testid="power">
        <span class="block min-h-[2lh] sm:min-h-[1lh]">{{ nowWords }}</span>
        {{ ASKS[asks].measure === 'share' ? '' : spreadWords(spread) }}
      </p>
    </section>
    <section v-if="standsInVessels" class="grid gap-3">
      <ShelfEdge name="Vessels and places" />
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
        <FormField name="litres" label="Each holds" :unit="units.volumeUnit.value" numeric />
        <FormField
          name="temperatureC"
          label="Temperature"
          :unit="units.temperatureUnit.value"
          numeric
        />
        <FormField
          v-if="state.places.length"
          name="placeId"
          label="Place"
          :options="state.places.map(p => ({ value: p.id, label: p.name }))"
        />
        <FormField
          v-if="needsStarter"
          name="from"
          label="Starter from"
          :options="[
            ...mothers.map(c => ({ value: c.id, label: c.record.name })),
            { value: 'bought', label: 'bought, or a friend' },
          ]"
        />
        <FormField
          v-if="kind === 'hatch' && factor.arm !== 'lot'"
          name="lotId"
          label="Cysts"
          :options="state.lots.map(l => ({ value: l.lot.id, label: l.lot.name }))"
        />
        <FormField v-if="kind === 'hatch'" name="cystsG" label="Cysts in each" unit="g" numeric />
      </div>
      <fieldset class="flex flex-wrap gap-x-6">
        <legend class="font-semibold">Heights they may stand at</legend>
        <FormCheck name="top" label="Top" /><FormCheck name="middle" label="Middle" /><FormCheck
          name="bottom"
          label="Bottom"
        />
      </fieldset>
      <p class="small">
        A rack is warmer at its top: places are dealt so that no way gets them all.
      </p>
    </section>
    <section v-if="kind === 'diet'" class="grid gap-3">
      <ShelfEdge name="Broods" />
      <div class="flex flex-wrap gap-x-6">
        <FormCheck
          v-for="b in state.broods"
          :key="b.id"
          :name="`brood${b.id}`"
          :label="b.brood.name"
        />
      </div>
      <FormField name="untilDays" label="It runs for" unit="days" numeric class="max-w-48" />
    </section>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p
      v-else-if="form.submitCount.value > 0 && Object.keys(form.errors.value).length"
      role="alert"
      class="text-harm font-semibold"
    >
      {{ Object.values(form.errors.value)[0] }}
    </p>
    <p><button class="btn btn-main px-8">Deal places and labels</button></p>
  </form>
</template>
