<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed } from 'vue'
import { tankLoad, TAN, unionisedShare } from '@renatus/core/fry/tankLoad'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import type { BroodState } from '@renatus/core/stock/broodState'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

/** What feeding does to the water of its tank, all broods in it together. */
const props = defineProps<{ brood: BroodState }>()
const room = useRoomStore()
const units = useUnits()
const tank = computed(() => props.brood.tank!)
const mates = computed(() => room.state!.broods.filter(b => b.tank?.id === tank.value.id))
const perDay = computed(() =>
  mates.value.reduce(
    (sum, b) =>
      sum +
      (b.day < 0 && b.id !== props.brood.id
        ? 0
        : (broodLadder(b, room.state!.room, Math.max(0, b.day), 1)[0]?.tanMgL ?? 0)),
    0,
  ),
)
/** Nobody tested: what most rearing water is. */
const pH = computed(
  () => tank.value.pH ?? (props.brood.species?.marine ? 8.2 : (room.state!.room.water.pH ?? 7.5)),
)
const water = computed(() => ({
  changePerDay: tank.value.changePerDay,
  filter: tank.value.filter,
  pH: pH.value,
  temperatureC: temperatureOn(props.brood.water, room.state!.today),
  marine: props.brood.species?.marine ?? false,
}))
const load = computed(() => tankLoad(perDay.value, water.value))
const advice = computed(() => {
  const l = load.value
  if (l.verdict === 'fine')
    return `Fine at ${units.share(tank.value.changePerDay)} of the water a day.`
  if (l.changeNeeded === null)
    return 'More than water changes can take: feed less, or move them to more water.'
  return `${l.verdict === 'feed-less' ? 'Feed less until it is done, and change' : 'Change'} ${units.share(Math.max(0.05, Math.ceil(l.changeNeeded * 20) / 20))} of the water a day.`
})
const why = computed(() => ({
  result: {
    label: 'un-ionised ammonia nitrogen that stands',
    value: load.value.unionisedMgL,
    unit: 'mg/L',
  },
  rule: `What the food brings a day, over what filter and water change take away, times the share that is un-ionised. Fry stand ${TAN.longTermMgL} mg/L for long; stop feeding at ${TAN.stopMgL}.`,
  formula: 'perDay / (change + filter) * share',
  inputs: [
    {
      key: 'perDay',
      label: 'ammonia nitrogen from today’s food',
      value: perDay.value,
      unit: 'mg/L/d',
      from: `${mates.value.map(b => b.name).join(', ')}: ${TAN.eatenShare} of the nitrogen eaten, ${TAN.uneatenShare} of what is left`,
    },
    {
      key: 'change',
      label: 'water changed a day',
      value: tank.value.changePerDay,
      unit: '',
      from: tank.value.name,
    },
    {
      key: 'filter',
      label: 'taken by the filter a day',
      value: tank.value.filter ? TAN.filterPerDay : 0,
      unit: '',
      from: tank.value.filter ? 'a mature filter' : 'no mature filter',
    },
    {
      key: 'share',
      label: `un-ionised at pH ${pH.value} and ${units.celsius(water.value.temperatureC)}`,
      value: unionisedShare(pH.value, water.value.temperatureC, water.value.marine),
      unit: '',
      from: tank.value.pH === null ? 'pH nobody tested, taken as usual' : 'pH of the tank',
    },
  ],
  source: 'Timmons & Ebeling; Emerson et al. 1975',
}))
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Load on the tank" />
    <p
      class="sentence"
      :class="{
        'border-l-[6px] pl-3': load.verdict !== 'fine',
        'border-harm': load.verdict === 'feed-less',
        'border-due': load.verdict === 'change-more',
      }"
    >
      {{ advice }}
    </p>
    <p>
      <strong class="num">{{ perDay.toPrecision(2) }} mg/L</strong> ammonia nitrogen a day from the
      food; <strong class="num">{{ load.standingMgL.toPrecision(2) }} mg/L</strong> stand, of which
      <strong class="num">{{ load.unionisedMgL.toPrecision(2) }} mg/L</strong> harm.
    </p>
    <WhyPanel :reasons="[why]" :ask="`Why ${load.unionisedMgL.toPrecision(2)} mg/L?`" />
    <p class="small">pH, filter and water change of the tank stand in Setup.</p>
  </section>
</template>
