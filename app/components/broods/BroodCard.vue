<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed } from 'vue'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { Urgency } from '@renatus/core/stock/urgency'
import { mealsGiven } from '@renatus/core/stock/broodLadder'
import { foodsOnTable } from '~/composables/useBroodDay'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodInText } from '~/words/foods'
import { foodsOfFirstMeal, stageLine, urgencyLine } from '~/words/broods'
import { plural } from '~/words/round'
import type { SheetSummary } from '~/workers/sheet.worker'

/** One brood in the list: who, where, what is pressing, what it eats today. */
const props = defineProps<{
  brood: BroodState
  sheet: SheetSummary | null
  urgency: Urgency | null
}>()
const room = useRoomStore()
const units = useUnits()
/** Worked out off the page with the rest of the list. */
const day = computed(() => props.sheet?.first ?? null)
const foods = computed(() => foodsOnTable(day.value))
const alarm = computed(
  () => props.urgency !== null && ['unknown', 'gap-now', 'gap-soon'].includes(props.urgency.code),
)
/** Not here yet, and nothing of the room fits its first mouth. */
const unfed = computed(
  () =>
    props.sheet !== null &&
    ['first-food', 'eggs'].includes(props.urgency?.code ?? '') &&
    foodsOfFirstMeal(props.sheet).length === 0,
)
/** What is kept fits, and nothing of it stands ready for the meal of this round. */
const lacks = computed(() => {
  const { tank } = props.brood
  const gaps = room.round?.reckoning.gaps ?? []
  return props.urgency?.code !== 'gap-now' && gaps.some(g => g.tank.id === tank?.id)
})
const soon = computed(
  () =>
    props.urgency !== null && ['first-food', 'trial', 'change-soon'].includes(props.urgency.code),
)
</script>

<template>
  <article
    class="border-b border-line py-2 grid gap-x-6 gap-y-1 desk:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] items-start"
    :aria-label="brood.name"
  >
    <div>
      <h2 class="text-[1.1875rem]">
        <NuxtLink
          class="link inline-flex items-center min-h-12 desk:min-h-9"
          :prefetch="false"
          :to="`/broods/${brood.id}`"
          >{{ brood.name }}</NuxtLink
        >
      </h2>
      <p class="small">
        {{ brood.species?.names[0] ?? `unknown fish “${brood.brood.speciesId}”`
        }}<template v-if="brood.tank"
          >, {{ brood.tank.name }}, {{ units.litres(brood.tank.litres) }},
          {{ units.celsius(temperatureOn(brood.water, room.state!.today)) }}</template
        >
      </p>
      <p>{{ stageLine(brood, units.date) }}</p>
    </div>
    <div class="pt-2">
      <p
        v-if="urgency"
        :class="{
          'border-l-[6px] pl-3 font-semibold': alarm || soon,
          'border-harm': alarm,
          'border-due': soon,
        }"
        data-testid="urgency"
      >
        {{ urgencyLine(urgency, sheet) }}
        <NuxtLink v-if="alarm || unfed" to="/ahead" :prefetch="false" class="link"
          >What would close it</NuxtLink
        >
      </p>
      <p v-if="lacks" class="border-l-[6px] border-harm pl-3 mt-1">
        Not enough of it stands ready for this round.
        <NuxtLink to="/" :prefetch="false" class="link">To the round</NuxtLink>
      </p>
      <template v-if="day && !day.gap && brood.day >= 0">
        <p class="mt-1">
          <template v-for="(f, i) in foods" :key="f.id"
            ><template v-if="i">, </template
            ><strong class="num" data-testid="per-meal">{{
              units.count(day.perMeal[f.id]!)
            }}</strong>
            {{
              f.units === foodInText(f.id)
                ? f.units
                : `${f.units} (${units.share(day.share[f.id]!)})`
            }}</template
          >
          a meal, {{ plural(mealsGiven(room.state!.room), 'meal') }} a day.
        </p>
        <p class="small">
          About {{ units.whole(brood.fryNow) }} fry of {{ day.lengthMm.toFixed(1) }} mm, mouth
          {{ (day.gapeUm / 1000).toFixed(2) }} mm.
        </p>
      </template>
    </div>
  </article>
</template>
