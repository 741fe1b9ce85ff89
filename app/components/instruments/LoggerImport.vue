<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { LOGGER_FILE_MOST, type LoggerHints } from '@renatus/core/instruments/loggerFile'
import { DATE_ORDERS } from '@renatus/core/instruments/loggerTime'
import type { Measured } from '@renatus/core/stock/measured'
import ThingTicks from '~/components/instruments/ThingTicks.vue'
import CoursePicture from '~/components/instruments/CoursePicture.vue'
import { textOf } from '~/composables/textOf'
import { useFailures } from '~/composables/useFailures'
import { useThermometer } from '~/composables/useThermometer'
import { useUnits } from '~/composables/useUnits'
import { workerClient, WorkerStopped } from '~/engine/workerClient'
import { useRoomStore } from '~/stores/room'
import { LOGGER_PROBLEMS } from '~/words/instruments'
import { plural } from '~/words/round'
import type { LoggerReader, ReadLogger } from '~/workers/logger.worker'

/** A logger's file: looked at first, with what was taken for granted, then written. */
const props = defineProps<{ things: readonly Measured[] }>()
const room = useRoomStore()
const units = useUnits()
const thermometer = useThermometer()
const reader = workerClient<LoggerReader>(
  'reading the logger file',
  () => new Worker(new URL('../../workers/logger.worker.ts', import.meta.url), { type: 'module' }),
)
onScopeDispose(() => reader.stop())

const text = shallowRef<string | null>(null)
const name = ref('')
const zone = ref(room.timeZone)
const hints = ref<LoggerHints>({})
const found = shallowRef<ReadLogger | null>(null)
const busy = ref(false)
const problem = ref<string | null>(null)
const chosen = ref<string[]>([])
const zones = [...new Set([room.timeZone, 'UTC', ...Intl.supportedValuesOf('timeZone')])]
const ORDER_NAMES = { ymd: 'year month day', dmy: 'day month year', mdy: 'month day year' } as const

async function look() {
  if (text.value === null) return
  busy.value = true
  problem.value = null
  try {
    const is = await reader.call(w => w.read(text.value!, zone.value, { ...hints.value }))
    found.value = is
    problem.value = is.guessed.problem ? LOGGER_PROBLEMS[is.guessed.problem] : null
  } catch (error) {
    if (!(error instanceof WorkerStopped)) useFailures().report(error)
  } finally {
    busy.value = false
  }
}
async function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  name.value = file.name
  found.value = null
  hints.value = {}
  if (file.size > LOGGER_FILE_MOST) {
    problem.value = LOGGER_PROBLEMS['too-long']
    return
  }
  text.value = await textOf(file)
  await look()
}
function hint<K extends keyof LoggerHints>(key: K, value: LoggerHints[K]) {
  hints.value = { ...hints.value, [key]: value }
  void look()
}
const guessed = computed(() => found.value?.guessed ?? null)
const span = computed(() => {
  const points = found.value?.points ?? []
  if (points.length === 0) return ''
  return `${units.day(points[0]!.at)} ${units.clock(points[0]!.at)} to ${units.day(points.at(-1)!.at)} ${units.clock(points.at(-1)!.at)}`
})
const range = computed(() => {
  const c = found.value?.points.map(p => p.c) ?? []
  return c.length ? `${units.celsius(Math.min(...c))} to ${units.celsius(Math.max(...c))}` : ''
})
async function write() {
  const into = props.things.filter(t => chosen.value.includes(t.id))
  if (into.length === 0) {
    problem.value = 'Choose what the logger stood in.'
    return
  }
  const now = new Date().toISOString()
  const past = found.value!.points.filter(p => p.at <= now)
  if (past.length === 0) {
    problem.value = 'All of it lies ahead: is the order of the date right?'
    return
  }
  if (await thermometer.write(into, 'file', past)) {
    found.value = null
    text.value = null
    chosen.value = []
  }
}
</script>

<template>
  <div class="grid gap-3">
    <p class="flex flex-wrap gap-3 items-center">
      <label class="btn"
        ><input
          type="file"
          accept=".csv,.txt,.tsv,.log,text/*"
          class="sr-only"
          data-testid="logger-file"
          @change="picked"
        />Choose a logger’s file</label
      >
      <span class="small">CSV or text of any logger; you see what was read before it counts.</span>
    </p>
    <p v-if="busy" role="status" class="flex items-center gap-3">
      Reading {{ name }} <button type="button" class="btn" @click="reader.stop()">Stop</button>
    </p>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <template v-if="found && guessed && !guessed.problem">
      <p class="sentence">
        <strong>{{ name }}</strong>: {{ plural(found.total, 'reading') }}, {{ span }}, {{ range
        }}<template v-if="guessed.everyMinutes"
          >, one every {{ units.duration(guessed.everyMinutes / 60) }}</template
        >.
      </p>
      <div class="flex flex-wrap gap-4">
        <label v-if="guessed.columns.length > 1" class="font-semibold"
          >Column<select
            class="field mt-1 block font-normal"
            :value="guessed.column"
            @change="hint('column', ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="c in guessed.columns" :key="c">{{ c }}</option>
          </select></label
        >
        <label v-if="guessed.devices.length > 1" class="font-semibold"
          >Device<select
            class="field mt-1 block font-normal"
            :value="guessed.device"
            @change="hint('device', ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="d in guessed.devices" :key="d">{{ d }}</option>
          </select></label
        >
        <label v-if="guessed.order !== 'epoch'" class="font-semibold"
          >Dates are<select
            class="field mt-1 block font-normal"
            :value="guessed.order"
            @change="hint('order', ($event.target as HTMLSelectElement).value as never)"
          >
            <option v-for="o in DATE_ORDERS" :key="o" :value="o">{{ ORDER_NAMES[o] }}</option>
          </select></label
        >
        <label class="font-semibold"
          >Unit<select
            class="field mt-1 block font-normal"
            :value="guessed.unit"
            @change="hint('unit', ($event.target as HTMLSelectElement).value as never)"
          >
            <option value="C">°C</option>
            <option value="F">°F</option>
          </select></label
        >
        <label class="font-semibold"
          >Its clock runs in<select
            v-model="zone"
            class="field mt-1 block font-normal max-w-60"
            @change="look"
          >
            <option v-for="z in zones" :key="z" :value="z">{{ z.replaceAll('_', ' ') }}</option>
          </select></label
        >
      </div>
      <p v-if="guessed.orderDoubtful" class="border-l-4 border-due pl-3">
        Day and month could be the other way round: look at the dates above.
      </p>
      <p v-if="!guessed.unitNamed" class="border-l-4 border-due pl-3">
        The file does not name its unit; {{ guessed.unit === 'C' ? '°C' : '°F' }} is taken for it.
      </p>
      <p v-if="guessed.gaps.length" class="border-l-4 border-due pl-3">
        {{ plural(guessed.gaps.length, 'gap') }}: a straight line is drawn across, from
        {{ units.when(guessed.gaps[0]!.from) }} to {{ units.when(guessed.gaps[0]!.to)
        }}{{ guessed.gaps.length > 1 ? ' first' : '' }}.
      </p>
      <details v-if="found.skippedTotal" class="small">
        <summary class="min-h-12 flex items-center cursor-pointer">
          {{ plural(found.skippedTotal, 'line') }} left out
        </summary>
        <ul class="list-disc pl-6">
          <li v-for="s in found.skipped" :key="s.line">line {{ s.line }}: {{ s.why }}</li>
        </ul>
      </details>
      <CoursePicture :readings="found.points" :limits="[]" :label="`Course of ${name}`" />
      <ThingTicks
        v-model="chosen"
        :things="things"
        legend="It stood in (more than one where they share a bath)"
      />
      <p>
        <button type="button" class="btn btn-main" @click="write">
          Write {{ plural(found.total, 'reading') }} down
        </button>
      </p>
    </template>
  </div>
</template>
