<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed, ref } from 'vue'
import { edible } from '@renatus/core/fry/edibles'
import { askedOf, perUnit } from '@renatus/core/fry/household'
import { mealWhy } from '@renatus/core/fry/mealWhy'
import { tipsFor } from '@renatus/core/planning/tips'
import { mealsGiven } from '@renatus/core/stock/broodLadder'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { BellyAsk } from '@renatus/core/round/stops/tank/tasks'
import BellyRow from '~/components/round/stops/BellyRow.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useBroodDay } from '~/composables/useBroodDay'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodWithSize, portionText } from '~/words/foods'
import { plural } from '~/words/round'

/** What it gets today, in the measures of the room, and the look at the bellies. */
const props = defineProps<{ brood: BroodState }>()
const room = useRoomStore()
const units = useUnits()
const { day, foods } = useBroodDay(computed(() => props.brood))
const meals = computed(() => mealsGiven(room.state!.room))
const rows = computed(() =>
  foods.value.map(food => {
    const d = day.value!
    const asked = askedOf(d, food)
    const n = asked.perMeal[food.id]!
    return {
      food,
      n,
      size: d.suitability[food.id]!.size.name,
      share: d.share[food.id]!,
      portion:
        food.portion && food.portion.unit !== 'worm'
          ? portionText(food, n / perUnit(food, d.suitability[food.id]!.size), units.measures.value)
          : null,
      dry: (n * d.suitability[food.id]!.size.dryUg) / 1000,
      why: mealWhy(asked, food, props.brood.species!, {
        temperatureC: temperatureOn(props.brood.water, room.state!.today),
        tankL: props.brood.tank!.litres,
      }),
    }
  }),
)
const tips = computed(() => [...new Set(foods.value.flatMap(f => tipsFor(f, [props.brood])))])
const checking = ref(false)
const ask = computed((): BellyAsk | null => {
  const food = edible(props.brood.weaning.test?.foodId ?? foods.value[0]?.id ?? '')
  if (!food || !day.value) return null
  return {
    brood: props.brood,
    foodId: food.id,
    foodName: food.name,
    preyUm: day.value.suitability[food.id]?.size.widthUm ?? food.criticalWidthUm,
    orange: food.units === 'nauplii',
    weaning: props.brood.weaning.test !== null,
    meal: (props.brood.weaning.test?.looks.length ?? 0) + 1,
  }
})
const last = computed(() => props.brood.looks.at(-1) ?? null)
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge :name="brood.day >= 0 ? 'A meal today' : 'Its first meal'" />
    <p v-if="!day || day.gap" class="border-l-[6px] border-harm pl-3">
      Nothing this room keeps fits this mouth{{ brood.day >= 0 ? ' today' : ' on the first day' }}.
      See below what would, or keep another food.
    </p>
    <template v-else>
      <ul>
        <li
          v-for="row in rows"
          :key="row.food.id"
          class="rule py-2 grid gap-x-5 sm:grid-cols-[minmax(0,1fr)_auto] items-baseline"
        >
          <div>
            <p class="sentence">
              <span class="amount" data-testid="per-meal">{{ units.count(row.n) }}</span>
              {{ row.food.units
              }}<template v-if="row.portion"
                >, <strong>{{ row.portion }}</strong>
                {{ foodWithSize(row.food, row.size) }}</template
              >
            </p>
            <p class="small">
              {{ row.food.lasting ? 'Once a day, to lie there. ' : ''
              }}{{ units.share(row.share) }} of the day;
              {{ row.dry < 0.95 ? row.dry.toPrecision(2) : units.count(row.dry) }} mg dry<template
                v-if="row.portion"
                >; the portion is of {{ row.food.portion!.of }} at its usual density</template
              ><template v-if="row.food.lasting"
                >; pieces of your boxes stand in the
                <NuxtLink to="/gel" :prefetch="false" class="link">Gel kitchen</NuxtLink></template
              ><template v-else-if="row.food.portion === null"
                >; the round says how many mL of which harvest</template
              >
            </p>
          </div>
          <WhyPanel :reasons="[row.why]" :ask="`Why ${units.count(row.n)}?`" />
        </li>
      </ul>
      <p class="small">
        {{ units.whole(day.fry) }} fry of {{ day.lengthMm.toFixed(1) }} mm with a mouth of
        {{ (day.gapeUm / 1000).toFixed(2) }} mm want {{ plural(day.mealsWanted, 'meal') }} a day;
        this room makes {{ meals
        }}<template v-if="day.covered < 0.99"
          >, which bring {{ units.share(day.covered) }} of what they can eat, since food dies
          between them: a feeding-only round in Setup would help</template
        ><template v-else-if="day.mealsWanted > meals">, so each is larger</template>.
        <template v-if="day.smallerBox">
          The tank is large for so few: a smaller rearing box would save most of the food.</template
        >
        <template v-if="day.bridged">
          Today a bridging feed carries them: nothing better fits.</template
        >
      </p>
    </template>
    <details v-if="tips.length">
      <summary
        class="min-h-12 flex items-center cursor-pointer font-semibold text-ink2 underline underline-offset-3"
      >
        How to give it
      </summary>
      <ul class="small grid gap-1 pb-2">
        <li v-for="t in tips" :key="t">{{ t }}</li>
      </ul>
    </details>
    <div v-if="brood.day >= 0 && ask">
      <button v-if="!checking" class="btn" @click="checking = true">Belly check</button>
      <BellyRow v-else :ask="ask" @click="checking = false" />
      <p v-if="last" class="small mt-1">
        Last look {{ units.date(last.on) }}: {{ last.bellies }} after
        {{ edible(last.foodId)?.name.toLowerCase() ?? last.foodId }}.
      </p>
    </div>
  </section>
</template>
