<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { broodMealWhy } from '@renatus/core/planning/meals'
import type { StartStop } from '@renatus/core/round/stop'
import { CYST_DENSITY_G_PER_ML } from '@renatus/core/foods/brine-shrimp/parameters'
import { toSpoons } from '@renatus/core/units/toSpoons'
import { formatSpoons } from '@renatus/core/units/format'
import { amountsOf, useHatchActions } from '~/composables/useHatchActions'
import { useUnits } from '~/composables/useUnits'
import { HATCH_WARNINGS } from '~/words/hatch'
import { plural } from '~/words/round'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import StopFrame from './StopFrame.vue'

const HatchForm = defineAsyncComponent(() => import('~/components/bench/HatchForm.vue'))
const props = defineProps<{ stop: StartStop; now: boolean; roundKey: string }>()
const units = useUnits()
const actions = useHatchActions()
const differs = ref(false)
const problem = ref<string | null>(null)
const p = computed(() => props.stop.planned)
const tanks = computed(() => new Set(p.value.meals.map(m => m.tank.id)).size)
const mealRounds = computed(() => new Set(p.value.meals.map(m => m.round.key)).size)
const spoons = computed(() => {
  const { recipe, salt } = p.value
  if (!recipe || !salt) return ''
  const error = recipe.errorGL
  const cysts = toSpoons(p.value.cystsG / CYST_DENSITY_G_PER_ML, units.measures.value)
  return `${formatSpoons(recipe.spoons)} of ${salt.name.toLowerCase()}${Math.abs(error) >= 0.05 ? ` (${error > 0 ? '+' : '−'}${Math.abs(error).toFixed(1)} g/L)` : ''}; cysts without a scale: ${cysts.spoons.length ? `about ${formatSpoons(cysts.spoons)}` : 'a small pinch'}`
})
const pulls = computed(() =>
  p.value.pulls
    .map(
      (pull, i) =>
        `${i === 0 ? 'First pull' : 'second'} ${units.when(pull.at)}, about ${units.count(pull.nauplii)} nauplii`,
    )
    .join('; '),
)

async function done() {
  problem.value = await actions.start(amountsOf(p.value), props.stop.key, p.value)
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing
      ><VesselPicture
        :shape="p.vessel.shape"
        family="hatch"
        :grades="{}"
        :fill="0"
        :scale="0.75"
        label="Empty hatch vessel"
    /></template>
    <p class="sentence">
      Start <strong>{{ p.vessel.name }}</strong>:
      <span class="amount">{{ units.litres(p.waterL) }}</span> water,
      <span class="amount" data-testid="salt-g">{{ units.grams(p.saltG) }}</span> salt,
      <span class="amount" data-testid="cysts-g">{{ units.grams(p.cystsG) }}</span> cysts.
    </p>
    <p class="small mt-1">
      {{ spoons }}<template v-if="spoons">. </template>{{ pulls }}:
      {{ plural(mealRounds, 'round') }} for {{ plural(tanks, 'tank') }}.
      {{ p.pulls.length > 1 ? 'Two pulls, since that saves cysts.' : 'One pull.' }}
    </p>
    <p v-if="p.soda" class="mt-1">
      <strong class="num">{{ units.grams(p.soda.firstG) }}</strong> baking soda first; wait, test,
      again while pH is under 8, at most {{ units.grams(p.soda.maximumG) }}.
    </p>
    <p v-if="stop.after" class="mt-1">After the hatch that is still in {{ p.vessel.name }}.</p>
    <ul v-if="p.warnings.length" class="mt-1 border-l-4 border-due pl-3">
      <li v-for="w in p.warnings" :key="w">
        {{ HATCH_WARNINGS[w]
        }}<template v-if="w === 'over-2-g-per-L'">
          Wasted here: <strong class="num">{{ units.share(p.wasted) }}</strong>.</template
        >
      </li>
    </ul>
    <WhyPanel
      :reasons="[
        p.why.cysts,
        p.why.salt,
        p.why.time,
        ...(p.soda ? [p.soda.why] : []),
        ...p.meals.slice(0, 1).flatMap(m => m.broods.map(b => broodMealWhy(b, m.round.date))),
      ]"
      :ask="`Why ${units.grams(p.cystsG)}?`"
    />
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <HatchForm
      v-if="differs"
      :proposed="p"
      :answers="stop.key"
      @saved="differs = false"
      @cancel="differs = false"
    />
    <template #actions>
      <template v-if="!differs">
        <button
          class="btn btn-quiet"
          @click="actions.postpone(stop.key, roundKey, 'Put off to the next round.')"
        >
          Not now
        </button>
        <button class="btn" @click="differs = true">Differs</button>
        <button class="btn btn-main" :disabled="stop.after !== null" @click="done">Done</button>
      </template>
    </template>
  </StopFrame>
</template>
