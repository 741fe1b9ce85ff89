<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { harvestWindow, type HarvestWindow } from '@renatus/core/dynamics/hatch/hatch'
import { modelOfHatch, type HatchCulture } from '@renatus/core/stock/hatchCultures'
import { movedPulls } from '@renatus/core/stock/movedPulls'
import { nextPull } from '@renatus/core/stock/nextPull'
import { pullForecast } from '@renatus/core/stock/pullForecast'
import { lotOfHatch } from '@renatus/core/stock/roomState'
import { addHours, hoursBetween } from '@renatus/core/time/localDate'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import { lateInTurn } from '~/composables/lateInTurn'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberOf, temperatureField } from '~/words/fields'
import { beforeBest, HATCH_WARNINGS } from '~/words/hatch'
import HatchWater from './HatchWater.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import ThumbInput from '~/components/shared/ThumbInput.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { hatchLook } from '~/components/vessel/hatchLook'
import VesselPicture from '~/components/vessel/VesselPicture.vue'

/** One running bottle: what is in it now, when to pull, when it is over. */
const props = defineProps<{ hatch: HatchCulture }>()
const HatchChart = lateInTurn(() => import('./HatchChart.vue'))
const room = useRoomStore()
const units = useUnits()
const actions = useHatchActions()
const state = computed(() => room.state!)
const vessel = computed(() => state.value.vessels.find(v => v.id === props.hatch.vesselId))
const lot = computed(() => state.value.lots.find(l => l.lot.id === props.hatch.setup.lotId))
const model = computed(() =>
  modelOfHatch(props.hatch, lotOfHatch(state.value, props.hatch), state.value.hatchPH),
)
const window = computed(() => harvestWindow(model.value.curve))
const elapsed = computed(() => hoursBetween(props.hatch.startedAt, state.value.now))
const inBottle = computed(() =>
  pullForecast(props.hatch, model.value, lotOfHatch(state.value, props.hatch), elapsed.value),
)
const phase = computed(() => {
  const w = window.value
  if (elapsed.value < -0.1) return 'Its start lies ahead of this device’s clock: check the clock.'
  if (!w) return 'Nothing will hatch like this. Check temperature and salt.'
  if (elapsed.value < w.fromH) return beforeWindow(w)
  if (elapsed.value <= w.toH)
    return `Harvest now: the window closes ${units.when(addHours(props.hatch.startedAt, w.toH))}.`
  if (elapsed.value <= w.lastCallH)
    return `Harvest soon: last call ${units.when(addHours(props.hatch.startedAt, w.lastCallH))}.`
  return 'Past the last call: the nauplii starve and die. Smell before you feed.'
})
const moved = computed(() =>
  movedPulls(props.hatch, model.value, lotOfHatch(state.value, props.hatch), state.value.hatchPH),
)
function beforeWindow(w: HarvestWindow): string {
  const next = nextPull(props.hatch, moved.value, w)
  const then = moved.value[props.hatch.pulls.length + 1]
  return beforeBest(
    units.when(addHours(props.hatch.startedAt, w.fromH)),
    hoursBetween(props.hatch.startedAt, next) < w.fromH ? units.when(next) : null,
    then ? units.when(then.at) : null,
  )
}
/** "meant for 06:30", or when it is due since it was warmer or colder than was set. */
function pullText(i: number): string {
  const { meant, at, byH } = moved.value[i]!
  if (byH === 0) return `meant for ${units.when(meant)}`
  const why = byH < 0 ? 'warmer' : 'colder'
  const by = units.duration(Math.abs(byH))
  return `due ${units.when(at)}, ${by} ${byH < 0 ? 'sooner' : 'later'} than meant: it was ${why} than was set`
}
const thermometer = useId()
const reading = ref('')
/** What is known of the bottle now: the steps begin there. */
const warmNow = computed(() => {
  const t = props.hatch.temperature
  return typeof t === 'number' ? t : (t.at(-1)?.c ?? 26)
})
const problem = ref<string | null>(null)
async function read() {
  const parsed = temperatureField(
    { label: 'Temperature', min: -5, max: 60 },
    units.measures.value,
  ).safeParse(reading.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (!parsed.success) return
  await actions.readTemperature(props.hatch.id, parsed.data)
  reading.value = ''
}
</script>

<template>
  <article
    class="border-b border-line pb-6 grid grid-cols-1 gap-4 desk:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]"
  >
    <div class="grid grid-cols-1 gap-3 content-start min-w-0">
      <div class="flex gap-4">
        <VesselPicture
          :shape="vessel?.kind ?? 'cone'"
          family="hatch"
          air
          :grades="hatchLook(Math.min(1, model.curve.hatchedAt(elapsed)))"
          :label="`${vessel?.name}: ${units.share(model.curve.hatchedAt(elapsed))} hatched`"
          :scale="0.85"
        />
        <div class="min-w-0">
          <h2 class="text-[1.1875rem]">{{ vessel?.name ?? hatch.name }}</h2>
          <p class="small">
            started {{ units.when(hatch.startedAt) }},
            {{ units.duration(Math.max(0, elapsed)) }} ago: {{ units.litres(hatch.setup.waterL) }},
            {{ units.grams(hatch.setup.saltG) }} salt, {{ units.grams(hatch.setup.cystsG) }} of
            {{ lot?.lot.name ?? 'cysts' }}
          </p>
        </div>
      </div>
      <p class="sentence">
        In the bottle now:
        <span class="amount" data-testid="in-bottle">{{
          units.count(Math.round(inBottle.nauplii))
        }}</span>
        nauplii<span class="small"
          >,
          {{
            inBottle.hatchedFraction > 0 && inBottle.hatchedFraction < 0.01
              ? 'under 1 %'
              : units.share(inBottle.hatchedFraction)
          }}
          of all; yolk left in each {{ units.share(inBottle.energy) }}</span
        >
      </p>
      <WhyPanel :reasons="[inBottle.why]" ask="Why so many?" />
      <p>
        <strong>{{ phase }}</strong>
      </p>
      <ul v-if="model.warnings.length" class="border-l-4 border-due pl-3">
        <li v-for="w in model.warnings" :key="w">{{ HATCH_WARNINGS[w] }}</li>
      </ul>
      <p v-for="(at, i) in hatch.setup.pullsAt" :key="at" class="small">
        Pull {{ i + 1 }}:
        {{
          hatch.pulls[i]
            ? `${units.count(hatch.pulls[i]!.nauplii)} nauplii taken ${units.when(hatch.pulls[i]!.at)}`
            : pullText(i)
        }}
      </p>
      <HatchWater :hatch="hatch" />
      <div class="flex flex-wrap gap-2">
        <NuxtLink class="btn btn-main" :prefetch="false" :to="`/harvest/${hatch.id}`"
          >Harvest</NuxtLink
        >
        <HoldButton
          label="Empty"
          @held="actions.empty(hatch.id, vessel?.name ?? 'The vessel', 'emptied by hand')"
        />
      </div>
    </div>
    <div class="grid grid-cols-1 gap-3 content-start min-w-0">
      <HatchChart
        :curve="model.curve"
        :window="window"
        :now-h="elapsed >= -0.1 ? Math.max(0, elapsed) : null"
        :pulls-h="hatch.setup.pullsAt.map(at => hoursBetween(hatch.startedAt, at))"
        :label="`Hatch curve of ${vessel?.name}`"
      />
      <form
        class="flex flex-wrap gap-x-4 gap-y-2 items-end"
        @input="problem = null"
        @submit.prevent="read"
      >
        <div class="max-w-64">
          <label class="font-semibold" :for="thermometer"
            >Read the thermometer, {{ units.temperatureUnit.value }}</label
          >
          <ThumbInput
            :id="thermometer"
            v-model="reading"
            class="mt-1"
            :from="units.toTemperatureUnit(warmNow)"
            :next="(value, way) => nextMultiple(0.5, value, way)"
            :read="numberOf"
          />
        </div>
        <button class="btn shrink-0 whitespace-nowrap">Log it</button>
        <p class="small basis-48 grow">
          Temperature so far:
          {{
            typeof hatch.temperature === 'number'
              ? `${units.celsius(hatch.temperature)} as set`
              : hatch.temperature
                  .slice(-4)
                  .map(t => `${units.celsius(t.c)} at ${units.duration(t.h)}`)
                  .join(', ')
          }}
        </p>
      </form>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    </div>
  </article>
</template>
