<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Food } from '@renatus/core/foods/contract'
import type { CultureRecord } from '@renatus/core/records/records'
import type { HarvestGrade } from '@renatus/core/records/vocabulary'
import HoldButton from '~/components/shared/HoldButton.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useCultureActions } from '~/composables/useCultureActions'
import { useUnits } from '~/composables/useUnits'
import { numberField, temperatureField } from '~/words/fields'

/** What is done at a culture: take out, feed, change water, renew, read the thermometer, end it. */
const props = defineProps<{ culture: CultureRecord, food: Food, reading: CultureReading }>()
const units = useUnits()
const actions = useCultureActions()
const e = computed(() => props.reading.estimate)
/** Share of the vessel that brings a day's surplus. */
const share = computed(() => (e.value.organisms.p50 > 0 ? Math.min(0.5, e.value.surplusPerDay.p50 / e.value.organisms.p50) : 0))
const liquid = computed(() => e.value.per === 'mL')
const advised = computed(() => (liquid.value ? units.ml(share.value * props.culture.litres * 1000) : `${Math.round(share.value * 100)} % of the surface`))
const taking = ref(false)
const percent = ref('')
const seen = ref<HarvestGrade>('good')
const degrees = ref('')
const problem = ref<string | null>(null)
function openTake() {
  taking.value = true
  percent.value = String(Math.max(1, Math.round(share.value * 100)))
}
async function take() {
  const parsed = numberField({ label: 'Share taken', min: 0, max: 100, unit: '%', above: true }).safeParse(percent.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (parsed.success && await actions.harvested(props.culture, parsed.data / 100, seen.value)) taking.value = false
}
async function read() {
  const parsed = temperatureField({ label: 'Temperature', min: -5, max: 45 }, units.measures.value).safeParse(degrees.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (parsed.success && await actions.temperature(props.culture, parsed.data)) degrees.value = ''
}
</script>

<template>
  <section class="grid gap-4">
    <ShelfEdge name="Do" />
    <p v-if="share > 0.005" class="sentence">Take <span class="amount" data-testid="advised">{{ advised }}</span> today: about {{ units.count(e.surplusPerDay.p50) }} {{ food.profile.units }}, and it is back tomorrow.</p>
    <p v-else>Take nothing yet: what is there is needed to grow.</p>
    <form v-if="taking" class="flex flex-wrap gap-3 items-end" @submit.prevent="take">
      <label class="font-semibold">Taken, % of the vessel<input v-model="percent" class="field mt-1 block max-w-32" inputmode="decimal" autocomplete="off"></label>
      <label class="font-semibold">It looked<select v-model="seen" class="field mt-1 block"><option v-for="h in food.harvestSigns" :key="h.id" :value="h.id">{{ h.name.toLowerCase() }}: {{ h.looks }}</option></select></label>
      <button class="btn btn-main">Log it</button><button type="button" class="btn btn-quiet" @click="taking = false">Cancel</button>
    </form>
    <div v-else class="flex flex-wrap gap-2">
      <button class="btn btn-main" @click="openTake">Take some</button>
      <button class="btn" @click="actions.refused(culture)">Not worth taking</button>
      <button class="btn" @click="actions.did(culture, 'feed', 'fed.')">Fed</button>
      <button class="btn" @click="actions.did(culture, 'stir', 'stirred.')">Stirred</button>
      <button v-if="liquid" class="btn" @click="actions.did(culture, 'waterChange', 'a fifth of the water changed.', 0.2, 'share')">Changed a fifth of the water</button>
      <button class="btn" @click="actions.did(culture, 'renew', 'renewed.')">Renewed</button>
    </div>
    <form class="flex flex-wrap gap-2 items-end" @submit.prevent="read">
      <label class="font-semibold">Read the thermometer, {{ units.temperatureUnit.value }}<input v-model="degrees" class="field mt-1 max-w-40 block" inputmode="decimal" autocomplete="off"></label>
      <button class="btn">Log it</button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex flex-wrap gap-2"><HoldButton label="Used up" @held="actions.ended(culture, 'used up')" /><HoldButton label="Failed" @held="actions.ended(culture, 'failed')" /><HoldButton label="Given away" @held="actions.ended(culture, 'given away')" /></div>
  </section>
</template>
