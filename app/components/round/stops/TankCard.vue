<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { wholeMealWhy } from '@renatus/core/fry/wholeMeal'
import type { TankStop } from '@renatus/core/round/stops/tank/find'
import { drawDoubt, gapText } from '@renatus/core/round/stops/tank/words'
import { lastMeal } from '@renatus/core/stock/lastMeal'
import { foodInText } from '~/words/foods'
import { useRoomStore } from '~/stores/room'
import { useUnits } from '~/composables/useUnits'
import { handField } from '~/words/fields'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import TankDrawing from '~/components/shared/TankDrawing.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import AmountField from '../AmountField.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'
import StopSentence from '../StopSentence.vue'
import { useStopLines } from '../useStopLines'
import FoodWays from '../FoodWays.vue'
import BellyRow from './BellyRow.vue'
import WeaningRow from './WeaningRow.vue'

/** One tank in one pass: its meal and where it comes from, tasks, bellies, trials. */
const props = defineProps<{ stop: TankStop; now: boolean }>()
const room = useRoomStore()
const units = useUnits()
const lines = useStopLines(() => props.stop)
const meals = computed(() => lines.value.filter(l => l.verb === 'Feed'))
const fromStore = computed(() => props.stop.draws.find(d => d.source.kind === 'store')?.source)
const keep = computed(
  () => room.state?.stores.find(s => s.id === fromStore.value?.id)?.keep ?? 'fridge',
)
const doubts = computed(() => [
  ...new Set([
    ...props.stop.draws.map(drawDoubt).filter(Boolean),
    ...props.stop.draws
      .filter(d => d.source.useBy !== null && d.source.useBy < room.now)
      .map(d => `${d.source.name} is past its day: feed it first.`),
  ]),
])
const yolk = computed(() =>
  props.stop.draws
    .filter(d => d.source.energy < 0.9)
    .map(d => `${units.share(d.source.energy)} of the yolk is left in ${d.source.name}.`),
)
const reasons = computed(() => [
  ...props.stop.draws.flatMap(d => d.wanted.eating.map(e => wholeMealWhy(e, d.wanted.food))),
  ...(props.stop.gel ? [props.stop.gel.why] : []),
])
const first = computed(() => meals.value[0]?.big ?? '')

const open = ref(false)
const problem = ref<string | null>(null)
const typed = reactive<Record<string, string>>({})
const left = reactive<Record<string, boolean>>({})
const gelRow = (asked: number) => ({
  ...{ id: 'gel', label: 'gel, pieces', unit: 'piece' as const, last: null },
  asked,
})
/** What this tank was given of the food the last time, in the measure of today. */
function lastTime(d: TankStop['draws'][number]): number | null {
  const animals = lastMeal(room.state?.entries ?? [], props.stop.tank.id, d.foodId)
  return animals !== null && d.organisms > 0 ? (animals / d.organisms) * d.amount.value : null
}
const rows = computed(() => [
  ...props.stop.draws.map(d => ({
    id: d.foodId,
    label: `${foodInText(d.foodId)}, ${d.amount.unit}`,
    asked: d.amount.value,
    unit: d.amount.unit,
    last: lastTime(d),
  })),
  ...(props.stop.gel ? [gelRow(props.stop.gel.pieces)] : []),
])
/** What really went in, as shares of what was proposed; null where a number cannot be read. */
function given() {
  const foods: Record<string, number> = {}
  for (const row of rows.value) {
    const text = typed[row.id]?.trim() ?? ''
    if (text === '') continue
    const label = `What went in, ${row.label}`
    const rule = { label, min: 0, max: 1e6 }
    const parsed = handField(rule, row.unit, units.measures.value).safeParse(text)
    if (!parsed.success) {
      problem.value = parsed.error.issues[0]!.message
      return null
    }
    foods[row.id] = parsed.data / row.asked
  }
  const tasks = props.stop.tasks.filter(t => !left[t.id]).map(t => t.id)
  return { foods, tasks }
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><CupDrawing v-if="fromStore" :form="keep === 'freezer' ? 'freezer' : 'fridge'" /><TankDrawing
        v-else
        :label="stop.tank.name"
    /></template>
    <StopSentence v-for="l in meals" :key="l.key" :line="l" />
    <p v-if="!meals.length && !stop.gap" class="sentence">
      See to <strong>{{ stop.tank.name }}</strong>.
    </p>
    <div v-if="stop.gap" class="border-l-[6px] border-harm pl-3" role="status">
      <p class="sentence">{{ gapText(stop, room.state!.today) }}</p>
      <FoodWays :ways="stop.gap.ways" :today="room.state!.today" class="mt-1" />
    </div>
    <span v-if="doubts.length" class="small">{{ doubts.join(' ') }}</span>
    <ul v-if="stop.tasks.length" class="stop-tasks">
      <li v-for="t in stop.tasks" :key="`${t.id}${t.broodId}`" class="flex gap-2">
        <label v-if="open" class="flex gap-3 items-center min-h-12"
          ><input
            v-model="left[t.id]"
            type="checkbox"
            class="size-6 accent-[var(--plan)] shrink-0"
          /><span><strong>Left out:</strong> {{ t.text }}</span></label
        >
        <template v-else
          ><span aria-hidden="true" class="mt-2 size-2 border-2 border-ink2 shrink-0" /><span>{{
            t.text
          }}</span></template
        >
      </li>
    </ul>
    <div v-if="open && rows.length" class="grid gap-3 mt-2 sm:grid-cols-2">
      <AmountField
        v-for="row in rows"
        :key="row.id"
        v-model="typed[row.id]"
        :label="`What went in: ${row.label}`"
        :asked="row.asked"
        :unit="row.unit"
        :last="row.last"
      />
    </div>
    <!-- Of a meal that is still to be given the bellies tell later: the round asks then. -->
    <template v-if="!meals.length"
      ><BellyRow v-for="ask in stop.looks" :key="`${ask.brood.id}${ask.meal}`" :ask="ask"
    /></template>
    <WeaningRow v-for="ask in stop.weaning" :key="`${ask.brood.id}${ask.step}`" :ask="ask" />
    <template v-if="stop.tips.length || reasons.length" #more>
      <p v-if="yolk.length" class="small">{{ yolk.join(' ') }}</p>
      <p v-if="stop.smallest && meals.length" class="small">
        The smallest mouth decides what must be there: {{ stop.smallest.brood.name }},
        {{ (stop.smallest.gapeUm / 1000).toFixed(2) }} mm.
      </p>
      <div class="flex flex-wrap gap-x-6 items-start">
        <details v-if="stop.tips.length">
          <summary
            class="min-h-12 flex items-center cursor-pointer font-semibold text-ink2 underline underline-offset-3"
          >
            How to give it
          </summary>
          <ul class="small grid gap-1 pb-2">
            <li v-for="t in stop.tips" :key="t">{{ t }}</li>
          </ul>
        </details>
        <WhyPanel v-if="reasons.length" :reasons="reasons" :ask="`Why ${first}?`" />
      </div>
    </template>
    <template #actions>
      <StopButtons
        v-model:open="open"
        v-model:problem="problem"
        :stop="stop"
        :differs="rows.length + stop.tasks.length > 0"
        :given="given"
      />
    </template>
  </StopFrame>
</template>
