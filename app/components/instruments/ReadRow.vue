<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Measured } from '@renatus/core/stock/measured'
import { isJump } from '@renatus/core/instruments/reading'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import ThumbInput from '~/components/shared/ThumbInput.vue'
import { useThermometer } from '~/composables/useThermometer'
import { useUnits } from '~/composables/useUnits'
import { numberOf, temperatureField } from '~/words/fields'
import { JUMPS } from '~/words/instruments'

/** One thermometer: what it shows now, and what it showed at least and at most since the last look. */
const props = defineProps<{ thing: Measured }>()
const units = useUnits()
const thermometer = useThermometer()
const open = ref(false)
const now = ref('')
const low = ref('')
const high = ref('')
const problem = ref<string | null>(null)
const id = useId()
const usual = computed(() => units.toTemperatureUnit(props.thing.c ?? 24))
const last = computed(() => {
  const { c, readAt } = props.thing
  if (c === null) return 'not read yet'
  return readAt ? `read ${units.when(readAt)}` : 'as set'
})
const read = (label: string, text: string) =>
  temperatureField(
    { label, min: -5, max: 45, hint: 'Is a point missing?' },
    units.measures.value,
  ).safeParse(text)

/** What is typed of the three; null with a problem shown. */
function typed() {
  const fields = [
    { label: 'Lowest', text: low.value },
    { label: 'Highest', text: high.value },
    { label: 'Now', text: now.value },
  ].map(f => ({ ...f, is: f.text.trim() === '' ? null : read(f.label, f.text) }))
  const bad = fields.find(f => f.is && !f.is.success)
  if (bad?.is && !bad.is.success) problem.value = bad.is.error.issues[0]!.message
  const [minC, maxC, nowC] = fields.map(f => (f.is?.success ? f.is.data : null))
  if (!problem.value && minC === null && maxC === null && nowC === null)
    problem.value = 'Enter what it shows.'
  if (!problem.value && (minC === null) !== (maxC === null))
    problem.value = 'Lowest and highest belong together: enter both, or only what it shows now.'
  if (!problem.value && minC !== null && minC! > maxC!)
    problem.value = 'The lowest is above the highest: are they the wrong way round?'
  return problem.value ? null : { minC: minC!, maxC: maxC!, nowC: nowC ?? null }
}
/** What is far from what was known is asked for once more. */
const doubted = ref('')
function doubts(is: { minC: number | null; maxC: number | null; nowC: number | null }): boolean {
  const text = [low.value, high.value, now.value].join()
  const far = [is.minC, is.maxC, is.nowC].find(c => c !== null && isJump(c, props.thing.c))
  if (far === undefined || far === null || doubted.value === text) return false
  doubted.value = text
  problem.value = JUMPS(units.celsius(far), units.celsius(props.thing.c!))
  return true
}
async function save() {
  problem.value = null
  const is = typed()
  if (!is || doubts(is)) return
  const ok =
    is.minC === null
      ? await thermometer.now(props.thing, is.nowC!)
      : await thermometer.minMax(props.thing, is.minC, is.maxC, is.nowC)
  if (!ok) return
  open.value = false
  low.value = high.value = now.value = ''
}
const FIELDS = [
  { key: 'now', label: 'Now', model: now },
  { key: 'low', label: 'Lowest since', model: low },
  { key: 'high', label: 'Highest since', model: high },
] as const
</script>

<template>
  <div class="rule py-2">
    <div class="flex flex-wrap items-center gap-x-4">
      <p class="grow min-w-0 basis-44">
        <strong>{{ thing.name }}</strong> <span class="small">{{ last }}</span>
      </p>
      <span class="amount num">{{ thing.c === null ? '–' : units.celsius(thing.c) }}</span>
      <button
        class="btn desk:min-h-9"
        :aria-expanded="open"
        :aria-label="`Read the thermometer of ${thing.name}`"
        @click="open = !open"
      >
        Read
      </button>
    </div>
    <form
      v-if="open"
      class="flex flex-wrap gap-4 items-end pt-2 pb-3"
      @input="problem = null"
      @submit.prevent="save"
    >
      <div v-for="f in FIELDS" :key="f.key" class="w-52">
        <label class="font-semibold" :for="`${id}${f.key}`"
          >{{ f.label }}, {{ units.temperatureUnit.value }}</label
        >
        <ThumbInput
          :id="`${id}${f.key}`"
          v-model="f.model.value"
          class="mt-1"
          :from="usual"
          :next="(value, way) => nextMultiple(0.5, value, way)"
          :read="numberOf"
        />
      </div>
      <button class="btn btn-main">Write it down</button>
      <button type="button" data-closes class="btn btn-quiet" @click="open = false">Cancel</button>
      <p v-if="problem" role="alert" class="text-harm font-semibold w-full">{{ problem }}</p>
    </form>
  </div>
</template>
