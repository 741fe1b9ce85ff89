<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { CYST_DENSITY_G_PER_ML } from '@renatus/core/dynamics/hatch/handling'
import { broodMealWhy } from '@renatus/core/planning/broodMealWhy'
import type { HatchStop } from '@renatus/core/round/stops/hatch/find'
import { brineText } from '@renatus/core/round/stops/hatch/words'
import { formatSpoons } from '@renatus/core/units/format'
import { toSpoons } from '@renatus/core/units/toSpoons'
import { useUnits } from '~/composables/useUnits'
import { HATCH_WARNINGS } from '~/words/hatch'
import { plural } from '~/words/round'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'

/** A hatch to start: what goes in, by weight and by spoon. */
const HatchForm = defineAsyncComponent(() => import('~/components/bench/HatchForm.vue'))
const props = defineProps<{ stop: HatchStop; now: boolean }>()
const units = useUnits()
const differs = ref(false)
const problem = ref<string | null>(null)
const p = computed(() => props.stop.planned)
const tanks = computed(() => new Set(p.value.meals.map(m => m.tank.id)).size)
const mealRounds = computed(() => new Set(p.value.meals.map(m => m.round.key)).size)
const saltError = computed(() => {
  const error = p.value.recipe?.errorGL ?? 0
  if (Math.abs(error) < 0.05) return ''
  return ` (${error > 0 ? '+' : '−'}${Math.abs(error).toFixed(1)} g/L)`
})
const spoons = computed(() => {
  const { recipe, salt, cystsG } = p.value
  if (!recipe || !salt || p.value.brine) return ''
  const cysts = toSpoons(cystsG / CYST_DENSITY_G_PER_ML, units.measures.value).spoons
  const pinch = cysts.length ? `about ${formatSpoons(cysts)}` : 'a small pinch'
  return `${formatSpoons(recipe.spoons)} of ${salt.name.toLowerCase()}${saltError.value}; cysts without a scale: ${pinch}. `
})
const pulls = computed(() =>
  p.value.pulls
    .map((pull, i) => {
      const which = i === 0 ? 'First pull' : (['second', 'third'][i - 1] ?? `${i + 1}th`)
      return `${which} ${units.when(pull.at)}, about ${units.count(pull.nauplii)} nauplii`
    })
    .join('; '),
)
const schoolText = computed(() => {
  const { school, pulls } = p.value
  if (school === 'keep-and-draw') return 'The bottle is kept: a little at each round.'
  return pulls.length > 1 ? 'Two pulls, since that saves cysts.' : 'One pull.'
})
const reasons = computed(() => [
  p.value.why.cysts,
  p.value.why.salt,
  p.value.why.time,
  ...(p.value.soda ? [p.value.soda.why] : []),
  ...p.value.meals.slice(0, 1).flatMap(m => m.broods.map(broodMealWhy)),
])
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><VesselPicture
        :shape="p.vessel.kind"
        family="hatch"
        :grades="{}"
        :fill="0"
        :scale="0.75"
        label="Empty hatch vessel"
    /></template>
    <p class="sentence">
      Start <strong>{{ p.vessel.name }}</strong>:
      <span v-if="p.brine" class="amount">{{ brineText(p.brine, units.litres) }}</span><template
        v-else
        ><span class="amount">{{ units.litres(p.waterL) }}</span> water,
        <span class="amount" data-testid="salt-g">{{ units.grams(p.saltG) }}</span> salt</template
      >, <span class="amount" data-testid="cysts-g">{{ units.grams(p.cystsG) }}</span> cysts.
    </p>
    <template v-if="spoons" #note>{{ spoons }}</template>
    <p v-if="p.soda" class="mt-1">
      <strong class="num">{{ units.grams(p.soda.firstG) }}</strong> baking soda first; wait, test,
      again while pH is under 8, at most {{ units.grams(p.soda.maximumG) }}.
    </p>
    <p v-if="p.decapsulated" class="mt-1">
      <NuxtLink class="link" :prefetch="false" :to="`/decapsulate?grams=${p.cystsG}`"
        >Take the shells off first, by the clock</NuxtLink
      >: an hour and a half.
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
    <HatchForm v-if="differs" :stop="stop" @saved="differs = false" @cancel="differs = false" />
    <template #more>
      <p class="small">
        {{ pulls }}: {{ plural(mealRounds, 'round') }} for {{ plural(tanks, 'tank') }}.
        {{ schoolText }}
      </p>
      <WhyPanel :reasons="reasons" :ask="`Why ${units.grams(p.cystsG)}?`" />
    </template>
    <template #actions>
      <StopButtons v-if="!differs" v-model:problem="problem" :stop="stop">
        <button class="btn" @click="differs = true">Differs</button>
      </StopButtons>
    </template>
  </StopFrame>
</template>
