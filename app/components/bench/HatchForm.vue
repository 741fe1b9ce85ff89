<script setup lang="ts">
import { nowMs } from '~/composables/clock'
import { computed, ref } from 'vue'
import * as z from 'zod'
import { hatch, harvestWindow } from '@renatus/core/dynamics/hatch/hatch'
import { CYST_DENSITY_G_PER_ML } from '@renatus/core/dynamics/hatch/handling'
import type { HatchStop } from '@renatus/core/round/stops/hatch/find'
import { roundsAround } from '@renatus/core/time/rounds'
import { addHours } from '@renatus/core/time/localDate'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import { grams, gramsPerLitre, litres } from '@renatus/core/units/quantity'
import FormField from '~/components/shared/FormField.vue'
import FormCheck from '~/components/shared/FormCheck.vue'
import type { HatchSetup } from '@renatus/core/records/entries'
import { useHatchActions } from '~/composables/useHatchActions'
import { useStops } from '~/composables/useStops'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { massField, numberField, RULES, temperatureField, volumeField } from '~/words/fields'
import { HATCH_WARNINGS } from '~/words/hatch'

/** What really went into a vessel: opened from "Differs", or on its own for a hatch nobody proposed. */
const props = withDefaults(defineProps<{ stop?: HatchStop | null }>(), { stop: null })
const proposed = props.stop?.planned ?? null
const emit = defineEmits<{ saved: []; cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const actions = useHatchActions()
const stops = useStops()
const problem = ref<string | null>(null)

const state = computed(() => room.state!)
const vessels = computed(() =>
  proposed
    ? state.value.hatchVessels
    : state.value.hatchVessels.filter(
        v => !state.value.hatches.some(r => r.vesselId === v.id && r.endedAt === null),
      ),
)
const first = proposed?.vessel ?? vessels.value[0] ?? state.value.hatchVessels[0]
const lots = computed(() => state.value.lots.filter(l => l.state.gramsLeft > 0))
const saltOf = (id: unknown) => state.value.salts.find(s => s.id === id) ?? state.value.salts[0]

const schemaOf = (values: Record<string, unknown>) =>
  z.object({
    vesselId: z.string(),
    lotId: z.string(),
    saltId: z.string(),
    water: volumeField({ label: 'Water', min: 0, max: 200, above: true }, units.measures.value),
    salt: massField(RULES.saltGrams, units.measures.value, saltOf(values.saltId)?.gPerMl),
    cysts: massField(RULES.cystGrams, units.measures.value, CYST_DENSITY_G_PER_ML),
    temperature: temperatureField(RULES.vesselTemperature, units.measures.value),
    minutesAgo: numberField({
      label: 'Started minutes ago',
      min: 0,
      max: 4320,
      unit: 'min',
      whole: true,
    }),
    lit: z.boolean(),
    decapsulated: z.boolean(),
  })
const initial = {
  vesselId: first?.id ?? '',
  lotId: proposed?.lot.id ?? lots.value[0]?.lot.id ?? '',
  saltId: proposed?.salt?.id ?? state.value.salts[0]?.id ?? '',
  water: String(units.toVolumeUnit(proposed?.waterL ?? first?.litres ?? 1)),
  salt: String(
    Number((proposed?.saltG ?? (first?.litres ?? 1) * state.value.room.hatchSaltGL).toPrecision(4)),
  ),
  cysts: String(proposed?.cystsG ?? 1),
  temperature: String(units.toTemperatureUnit(first?.temperatureC ?? 26)),
  minutesAgo: '0',
  lit: first?.lit ?? true,
  decapsulated: false,
}
const form = useZodForm(schemaOf, initial)
const by = (step: number) => (value: number, way: 1 | -1) => nextMultiple(step, value, way)

/** What the model says of these amounts, while they are typed. */
const forecast = computed(() => {
  const parsed = schemaOf(form.values).safeParse(form.values)
  const lot = state.value.lots.find(l => l.lot.id === form.values.lotId)
  if (!parsed.success || !lot) return null
  const v = parsed.data
  const model = hatch({
    vesselL: litres(v.water),
    cystsG: grams(v.cysts),
    saltGL: gramsPerLitre(v.salt / v.water),
    pH: state.value.hatchPH,
    lit: v.lit,
    decapsulated: v.decapsulated,
    temperature: v.temperature,
    lot: {
      hatch: lot.state.hatch,
      cystsPerG: lot.lot.cystsPerG,
      speed: lot.state.speed,
      spread: lot.state.spread,
    },
  })
  return {
    model,
    window: harvestWindow(model.curve),
    saltGL: v.salt / v.water,
    cystsGL: v.cysts / v.water,
  }
})

/** The planned pulls, or the round nearest to the best hour. */
function pullsFor(startedAt: string): string[] {
  if (proposed) return proposed.pulls.map(p => p.at)
  const best = forecast.value?.model.curve.best
  if (!best) return []
  const target = Date.parse(addHours(startedAt, best.h))
  const rounds = roundsAround(
    startedAt,
    state.value.room.rounds,
    state.value.room.timeZone,
    0,
    8,
  ).filter(r => Date.parse(r.at) > Date.parse(startedAt))
  const nearest = rounds.reduce((a, b) =>
    Math.abs(Date.parse(b.at) - target) < Math.abs(Date.parse(a.at) - target) ? b : a,
  )
  return [nearest.at]
}

const submit = form.handleSubmit(async v => {
  const startedAt = new Date(nowMs() - v.minutesAgo * 60_000).toISOString()
  const put = {
    lotId: v.lotId,
    saltId: v.saltId,
    waterL: v.water,
    saltG: v.salt,
    cystsG: v.cysts,
    sodaG: proposed?.soda?.firstG ?? 0,
    temperatureC: v.temperature,
    lit: v.lit,
    decapsulated: v.decapsulated,
    pullsAt: pullsFor(startedAt),
  }
  problem.value = props.stop
    ? await stops.done(props.stop, { ...put, startedAt })
    : await actions.start({
        vesselId: v.vesselId,
        setup: { ...put, proposed: null } as HatchSetup,
        startedAt,
      })
  if (problem.value === null) emit('saved')
})
</script>

<template>
  <form
    class="grid gap-4 border-t border-line pt-3 mt-2"
    novalidate
    :data-dirty="form.meta.value.dirty"
    @submit="submit"
  >
    <p v-if="proposed" class="font-semibold">
      What went in instead? Spoons and cups are read too: “2 tbsp + 1 tsp”.
    </p>
    <div class="grid gap-4 sm:grid-cols-3 items-start">
      <FormField
        v-if="!proposed"
        name="vesselId"
        label="Vessel"
        :options="vessels.map(v => ({ value: v.id, label: v.name }))"
      />
      <FormField
        v-if="lots.length > 1"
        name="lotId"
        label="Lot"
        :options="lots.map(l => ({ value: l.lot.id, label: l.lot.name }))"
      />
      <FormField
        v-if="state.salts.length > 1"
        name="saltId"
        label="Salt bag"
        :options="state.salts.map(s => ({ value: s.id, label: s.name }))"
      />
      <FormField name="water" label="Water" :unit="units.volumeUnit.value" :next="by(0.25)" />
      <FormField name="salt" label="Salt" unit="g" :next="by(1)" />
      <FormField name="cysts" label="Cysts" unit="g" :next="by(0.1)" />
      <FormField
        name="temperature"
        label="Temperature"
        :unit="units.temperatureUnit.value"
        :next="by(0.5)"
      />
      <FormField name="minutesAgo" label="Started" unit="minutes ago" :next="by(5)" />
    </div>
    <div v-if="!proposed" class="flex flex-wrap gap-x-6">
      <FormCheck name="lit" label="Lit in the first hours" />
      <FormCheck name="decapsulated" label="Decapsulated cysts" />
    </div>
    <p v-if="forecast" class="small" role="status">
      <strong class="text-ink num">{{ forecast.saltGL.toFixed(1) }} g/L</strong> salt,
      <strong class="text-ink num">{{ forecast.cystsGL.toFixed(1) }} g/L</strong> cysts: about
      {{ units.count(forecast.model.nauplii) }} nauplii<template v-if="forecast.window"
        >, best {{ units.duration(forecast.window.fromH) }} to
        {{ units.duration(forecast.window.toH) }} after the start</template
      >.
      <template v-for="w in forecast.model.warnings" :key="w">
        {{ HATCH_WARNINGS[w]
        }}<template v-if="w === 'over-2-g-per-L'">
          Wasted here: {{ units.share(forecast.model.crowdingLoss) }}.</template
        ></template
      >
    </p>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex gap-2">
      <button class="btn btn-main" :disabled="form.isSubmitting.value">Log the start</button
      ><button type="button" data-closes class="btn btn-quiet" @click="emit('cancel')">
        Cancel
      </button>
    </div>
  </form>
</template>
