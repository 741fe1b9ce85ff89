<script setup lang="ts">
import { broodMealWhy, type Meal } from '@renatus/core/planning/meals'
import type { Reason } from '@renatus/core/reasons/reason'
import { useUnits } from '~/composables/useUnits'
import WhyPanel from '~/components/shared/WhyPanel.vue'

/** One tank's portion: proposed in mL, changed in place. */
defineProps<{
  meal: Meal
  proposed: number
  nauplii: number
  problem: string | null
  why: Reason | null
}>()
const typed = defineModel<string>()
const units = useUnits()
</script>

<template>
  <div class="rule py-2 grid gap-x-4 grid-cols-[minmax(0,1fr)_8rem] items-center">
    <div>
      <p>
        <strong>{{ meal.tank.name }}</strong>
        <span class="small">{{
          meal.broods.map(b => `${b.brood.name}, ${units.whole(b.day.fry)} fry`).join('; ')
        }}</span>
      </p>
      <p class="small">
        {{ units.count(nauplii) }} nauplii<template v-if="meal.broods.some(b => b.day.smallerBox)"
          >. A smaller rearing box would save most of it</template
        >
      </p>
      <WhyPanel
        :reasons="[
          ...(why ? [why] : []),
          ...meal.broods.map(b => broodMealWhy(b, meal.round.date)),
        ]"
        ask="Why so much?"
      />
    </div>
    <label class="font-semibold"
      ><span class="sr-only">Portion for {{ meal.tank.name }}</span>
      <span class="flex items-center gap-2"
        ><input
          v-model="typed"
          class="field text-xl font-bold placeholder:text-ink placeholder:opacity-100"
          inputmode="decimal"
          :placeholder="String(proposed)"
        /><span>mL</span></span
      >
    </label>
    <p v-if="problem" role="alert" class="col-span-2 text-harm font-semibold">{{ problem }}</p>
  </div>
</template>
