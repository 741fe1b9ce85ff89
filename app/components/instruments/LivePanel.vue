<script setup lang="ts">
import { computed, ref } from 'vue'
import { foods } from '@renatus/core/foods/index'
import { ruleOfFood } from '@renatus/core/instruments/alarmRule'
import { PROBE_SCENARIOS, type ProbeScenario } from '@renatus/core/instruments/probe'
import type { Measured } from '@renatus/core/stock/measured'
import { useUnits } from '~/composables/useUnits'
import { useInstrumentsStore } from '~/stores/instruments'
import { ALARM_NAMES, CLOSED_IS_SILENT, SCENARIO_NAMES } from '~/words/instruments'
import { plural } from '~/words/round'
import ThingTicks from '~/components/instruments/ThingTicks.vue'
import CoursePicture from './CoursePicture.vue'

/** A live thermometer: the largest number on the page, its course, and what it calls. */
const props = defineProps<{ things: readonly Measured[] }>()
const live = useInstrumentsStore()
const units = useUnits()
const SIMULATED = 'probe'
const from = ref<'probe' | 'bridge'>(SIMULATED)
const scenario = ref<ProbeScenario>('steady')
const SPEEDS = [
  { value: 1, label: 'as the clock goes' },
  { value: 60, label: 'an hour in a minute' },
  { value: 600, label: 'an hour in six seconds' },
]
const speed = ref(60)
const watched = ref('food:brine-shrimp')
const chosen = ref<string[]>([])
const choices = computed(() => [
  ...props.things
    .filter(t => t.rules.length > 0)
    .map(t => ({ value: `thing:${t.id}`, label: `what is in ${t.name}` })),
  ...foods.map(f => ({ value: `food:${f.profile.id}`, label: f.profile.name.toLowerCase() })),
])
const rules = computed(() => {
  const [kind, id] = watched.value.split(':')
  if (kind === 'thing') return props.things.find(t => t.id === id)?.rules ?? []
  const food = foods.find(f => f.profile.id === id)
  return food ? [ruleOfFood(food)] : []
})
const last = computed(() => live.readings.at(-1) ?? null)
const limits = computed(() =>
  (live.source?.rules ?? []).flatMap(r => [r.low, r.high].filter(x => x !== null)),
)
function start() {
  const simulated = from.value === SIMULATED
  const query = new URLSearchParams({ scenario: scenario.value, speed: String(speed.value) })
  live.start({
    path: simulated ? `probe?${query}` : 'bridge',
    name: simulated ? 'Simulated thermometer' : 'Thermometer',
    simulated,
    rules: rules.value,
    things: props.things.filter(t => chosen.value.includes(t.id)),
  })
}
async function ask() {
  await Notification.requestPermission()
}
const canAsk = 'Notification' in globalThis && globalThis.Notification.permission === 'default'
const states = {
  off: '',
  waiting: 'Waiting for the first reading.',
  on: '',
  lost: 'The stream is gone: is the server of this app on? It is tried again.',
}
</script>

<template>
  <div class="grid gap-4">
    <form class="flex flex-wrap gap-4 items-end" @submit.prevent="start">
      <label class="font-semibold"
        >Instrument<select v-model="from" class="field mt-1 block font-normal">
          <option value="probe">simulated, to try alarms</option>
          <option value="bridge">bridge of this server</option>
        </select></label
      >
      <label v-if="from === 'probe'" class="font-semibold"
        >Scenario<select v-model="scenario" class="field mt-1 block font-normal">
          <option v-for="s in PROBE_SCENARIOS" :key="s" :value="s">{{ SCENARIO_NAMES[s] }}</option>
        </select></label
      >
      <label v-if="from === 'probe'" class="font-semibold"
        >Speed<select v-model="speed" class="field mt-1 block font-normal">
          <option v-for="s in SPEEDS" :key="s.value" :value="s.value">{{ s.label }}</option>
        </select></label
      >
      <label class="font-semibold"
        >Call what harms<select v-model="watched" class="field mt-1 block font-normal max-w-72">
          <option v-for="c in choices" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select></label
      >
      <button class="btn btn-main">{{ live.state === 'off' ? 'Start' : 'Start anew' }}</button>
      <button v-if="live.state !== 'off'" type="button" class="btn" @click="live.stop">Stop</button>
    </form>
    <ThingTicks
      v-if="from === 'bridge'"
      v-model="chosen"
      :things="things"
      legend="It stands in, and is written down for"
    />
    <p v-if="from === 'probe'" class="small">Simulated: nothing of it is written into the room.</p>
    <p v-if="states[live.state]" role="status">{{ states[live.state] }}</p>
    <p v-if="live.odd" class="small">
      {{ plural(live.odd, 'line') }} of the stream said nothing new.
    </p>
    <template v-if="last">
      <p>
        <span class="text-[3rem] leading-none font-bold num" data-testid="live-c">{{
          units.celsius(last.c)
        }}</span>
        <span class="small">{{ ' ' }}at {{ units.when(last.at) }}</span>
      </p>
      <CoursePicture
        v-if="live.readings.length > 1"
        :readings="live.readings"
        :limits="limits"
        label="Course of the live thermometer"
      />
    </template>
    <section v-if="live.events.length" class="grid gap-2" aria-label="Alarms">
      <h3>What it called</h3>
      <ol>
        <li v-for="(e, i) in live.events.toReversed()" :key="i" class="rule py-2">
          <strong :class="{ 'text-harm': e.kind !== 'over' }">{{ ALARM_NAMES[e.kind] }}</strong>
          <span class="small">{{ ' ' }}{{ units.when(e.at) }}</span
          ><br />{{ e.text }}
        </li>
      </ol>
    </section>
    <p class="small max-w-prose">{{ CLOSED_IS_SILENT }}</p>
    <p v-if="canAsk">
      <button type="button" class="btn btn-quiet underline px-0" @click="ask">
        Let alarms show as notices of this device
      </button>
    </p>
  </div>
</template>
