<script setup lang="ts">
import { nowMs } from '~/composables/clock'
import { computed, defineAsyncComponent, ref } from 'vue'
import * as z from 'zod'
import { brineFor } from '@renatus/core/stock/fromMix'
import { brineText } from '@renatus/core/round/stops/hatch/words'
import { hatch, harvestWindow, type Hatch } from '@renatus/core/dynamics/hatch/hatch'
import { CYST_DENSITY_G_PER_ML } from '@renatus/core/dynamics/hatch/handling'
import type { HatchStop } from '@renatus/core/round/stops/hatch/find'
import { roundsAround } from '@renatus/core/time/rounds'
import { hatchFood } from '@renatus/core/foods/hatchFood'
import { broughtBy, hatchWay } from '@renatus/core/planning/hatchWay'
import { pullRounds } from '@renatus/core/planning/pullRounds'
import { HATCH_SCHOOLS, type HatchSchool } from '@renatus/core/records/vocabulary'
import { hoursBetween } from '@renatus/core/time/localDate'
import { parseAmount } from '@renatus/core/units/parseAmount'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import { grams, gramsPerLitre, litres } from '@renatus/core/units/quantity'
import FormField from '~/components/shared/FormField.vue'
import type { HatchSetup } from '@renatus/core/records/entries'
import { useHatchActions } from '~/composables/useHatchActions'
import { useStops } from '~/composables/useStops'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { massField, numberField, RULES, temperatureField, volumeField } from '~/words/fields'
import { HATCH_WARNINGS } from '~/words/hatch'
import { plural } from '~/words/round'

const HatchChart = defineAsyncComponent(() => import('./HatchChart.vue'))
/** What really went into a vessel: opened from "Differs", or on its own for a hatch nobody proposed. */
const props = withDefaults(
  defineProps<{
    stop?: HatchStop | null
    /** Cysts whose shells are off already, g. */ bareG?: number | null
    /** Weighed just now, g. */ weighed?: { cysts: number | null; salt: number | null }
  }>(),
  { stop: null, bareG: null, weighed: () => ({ cysts: null, salt: null }) },
)
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
    school: z.enum(HATCH_SCHOOLS),
    other: z.enum(['', ...HATCH_SCHOOLS]),
  })
function usualSchool(): HatchSchool {
  if (proposed) return proposed.school
  if (props.bareG !== null) return 'decapsulated'
  return state.value.room.hatchSchool ?? (first?.lit === false ? 'dark' : 'one-pull')
}
const vesselOf = (id: unknown) => state.value.vessels.find(v => v.id === id)
const initial = {
  vesselId: first?.id ?? '',
  lotId: proposed?.lot.id ?? lots.value[0]?.lot.id ?? '',
  saltId: proposed?.salt?.id ?? state.value.salts[0]?.id ?? '',
  water: String(units.toVolumeUnit(proposed?.waterL ?? first?.litres ?? 1)),
  salt: String(
    Number(
      (
        proposed?.saltG ??
        props.weighed.salt ??
        (first?.litres ?? 1) * state.value.room.hatchSaltGL
      ).toPrecision(4),
    ),
  ),
  cysts: String(proposed?.cystsG ?? props.weighed.cysts ?? props.bareG ?? 1),
  temperature: String(units.toTemperatureUnit(first?.temperatureC ?? 26)),
  minutesAgo: '0',
  school: usualSchool(),
  other: '',
}
const form = useZodForm(schemaOf, initial)
const by = (step: number) => (value: number, way: 1 | -1) => nextMultiple(step, value, way)

/** The vessel and the way it is run. */
const wayOf = (school: HatchSchool) => {
  const way = hatchWay(state.value, school)
  return { ...way, lit: way.lit ?? vesselOf(form.values.vesselId)?.lit ?? true }
}
/** What the model says of these amounts, while they are typed. */
function forecastOf(school: HatchSchool) {
  const parsed = schemaOf(form.values).safeParse(form.values)
  const lot = state.value.lots.find(l => l.lot.id === form.values.lotId)
  if (!parsed.success || !lot) return null
  const v = parsed.data
  const way = wayOf(school)
  const model = hatch({
    vesselL: litres(v.water),
    cystsG: grams(v.cysts),
    saltGL: gramsPerLitre(v.salt / v.water),
    pH: state.value.hatchPH,
    lit: way.lit,
    decapsulated: way.decapsulated,
    temperature: v.temperature,
    lot: {
      hatch: lot.state.hatch,
      cystsPerG: lot.lot.cystsPerG,
      speed: lot.state.speed,
      spread: lot.state.spread,
    },
  })
  const startedAt = new Date(nowMs() - v.minutesAgo * 60_000).toISOString()
  const pullsAt =
    proposed && school === proposed.school
      ? proposed.pulls.map(p => p.at)
      : pulls(school, model, startedAt)
  const pullsH = pullsAt.map(at => hoursBetween(startedAt, at))
  const brought = broughtBy(way, model.curve, pullsH)
  return {
    model,
    pullsAt,
    pullsH,
    brings: model.nauplii * brought.reduce((sum, d) => sum + d.useful, 0),
    window: harvestWindow(model.curve),
    saltGL: v.salt / v.water,
    cystsGL: v.cysts / v.water,
  }
}
const pulls = (school: HatchSchool, model: Hatch, startedAt: string) =>
  pullRounds(
    wayOf(school),
    model.curve,
    startedAt,
    roundsAround(startedAt, state.value.room.rounds, state.value.room.timeZone, 0, 8).filter(
      r => !r.feedingOnly,
    ),
  )
/** Stock brine that would bring this salt, and whether it does. */
const brine = computed(() => {
  const parsed = schemaOf(form.values).safeParse(form.values)
  return parsed.success
    ? brineFor(state.value.materials, parsed.data.water, parsed.data.salt)
    : null
})
const fromBrine = ref(true)
/** What a heaped spoon may have been, in words; empty for level ones. */
const heaped = computed(() => {
  const of = (text: unknown, gPerMl?: number) =>
    parseAmount(String(text), 'mass', { measures: units.measures.value, gPerMl })
  const said = [
    { name: 'salt', is: of(form.values.salt, saltOf(form.values.saltId)?.gPerMl) },
    { name: 'cysts', is: of(form.values.cysts, CYST_DENSITY_G_PER_ML) },
  ].flatMap(({ name, is }) =>
    is.ok && is.between ? [`${is.between.map(g => units.grams(g)).join(' to ')} of ${name}`] : [],
  )
  return said.length > 0 ? `Heaped spoons differ: ${said.join(', ')}.` : ''
})
const forecast = computed(() => forecastOf(form.values.school as HatchSchool))
const method = computed(() => hatchFood.methods.find(m => m.id === form.values.school))
const compared = computed(() => {
  const id = form.values.other as HatchSchool | ''
  const found = id === '' ? null : forecastOf(id)
  const name = hatchFood.methods.find(m => m.id === id)?.name ?? ''
  return found && { ...found, name }
})
const schools = hatchFood.methods.map(m => ({ value: m.id, label: m.name }))
const others = computed(() => [
  { value: '', label: 'none' },
  ...schools.filter(s => s.value !== form.values.school),
])

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
    lit: wayOf(v.school).lit,
    decapsulated: wayOf(v.school).decapsulated,
    pullsAt: forecast.value?.pullsAt ?? [],
  }
  problem.value = props.stop
    ? await stops.done(props.stop, {
        ...put,
        startedAt,
        school: v.school,
        brine: fromBrine.value,
      })
    : await actions.start({
        vesselId: v.vesselId,
        school: v.school,
        setup: { ...put, proposed: null } as HatchSetup,
        startedAt,
        brine: fromBrine.value ? brine.value : null,
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
      <FormField name="school" label="School" :options="schools" />
      <FormField name="minutesAgo" label="Started" unit="minutes ago" :next="by(5)" />
    </div>
    <label v-if="brine" class="flex items-center gap-3 min-h-12"
      ><input v-model="fromBrine" type="checkbox" class="size-6 accent-[var(--plan)] shrink-0" />{{
        `Filled with ${brineText(brine, units.litres)}`
      }}</label
    >
    <p v-if="method" class="small max-w-prose">{{ method.about }}</p>
    <p v-if="heaped" class="small">{{ heaped }}</p>
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
    <div v-if="forecast && !proposed" class="grid gap-2">
      <p class="sentence" role="status">
        {{ method?.name }} brings
        <span class="amount">{{ units.count(forecast.brings) }}</span> nauplii’s worth of yolk in
        {{ plural(forecast.pullsAt.length, 'pull')
        }}<template v-if="compared"
          >; {{ compared.name.toLowerCase() }}
          <span class="amount">{{ units.count(compared.brings) }}</span> in
          {{ plural(compared.pullsAt.length, 'pull') }}</template
        >.
      </p>
      <div class="max-w-64">
        <FormField name="other" label="Compare with" :options="others" />
      </div>
      <HatchChart
        :curve="forecast.model.curve"
        :window="forecast.window"
        :now-h="null"
        :pulls-h="forecast.pullsH"
        :other="compared ? { curve: compared.model.curve, label: compared.name } : null"
        :label="`Hatched and useful share over the hours: ${method?.name}`"
      />
    </div>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex gap-2">
      <button class="btn btn-main" :disabled="form.isSubmitting.value">Log the start</button
      ><button type="button" data-closes class="btn btn-quiet" @click="emit('cancel')">
        Cancel
      </button>
    </div>
  </form>
</template>
