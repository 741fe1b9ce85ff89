<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Readiness } from '@renatus/core/dynamics/contract'
import { ACTS, MINUTES, minutesOf, type Act, type Decision } from '@renatus/core/practice/decision'
import { isOver, nextDay, startGame, testToday } from '@renatus/core/practice/game'
import { hoursOf, wantOf } from '@renatus/core/practice/gameState'
import { lookAt } from '@renatus/core/practice/looksOf'
import { canPay } from '@renatus/core/practice/purse'
import { decidedOn } from '@renatus/core/practice/practise'
import { coinsOf, costOf } from '@renatus/core/practice/prices'
import type { VesselScenario } from '@renatus/core/practice/scenario'
import { TANK, tankLook } from '@renatus/core/practice/fryTank'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { ACT_WORDS, coinWords } from '~/words/practice'
import PracticeTank from './PracticeTank.vue'
import PracticeVessel from './PracticeVessel.vue'
import SayForm from './SayForm.vue'

/** One day of an exercise: look, draw, do one thing; then the day goes by. */
const props = defineProps<{
  scenario: VesselScenario
  seed: number
  decisions: readonly Decision[]
  /** The day that is on. */ day: number
}>()
const emit = defineEmits<{ decided: [of: Partial<Decision>[]] }>()
const units = useUnits()
const TAKES = [0, 0.05, 0.1, 0.2, 0.33, 0.5]
/** The game as it stands: lived again from its first day. */
const game = computed(() => {
  const g = startGame(props.scenario, props.seed)
  while (g.day < props.day && !isOver(g)) nextDay(g, decidedOn(g, props.decisions))
  return g
})
interface Choice {
  look: boolean
  take: number
  act: Act
  saw: Readiness | null
  sure: number
}
const fresh = (): Choice => ({ look: false, take: 0, act: 'wait', saw: null, sure: 3 })
const choices = ref<Choice[]>([])
/** What is done at the tank of the mouths. */
const atTank = ref(fresh())
watch(
  () => props.day,
  () => {
    choices.value = props.scenario.vessels.map(fresh)
    atTank.value = fresh()
  },
  { immediate: true },
)
const vessels = computed(() =>
  game.value.vessels.map((v, i) => ({
    plan: props.scenario.vessels[i]!,
    usual: v.usual,
    stands: v.culture !== null,
    spare: v.spare !== null,
    day: Math.round(hoursOf(game.value, v) / 24),
    wants: wantOf(game.value, v),
    signs: choices.value[i]?.look ? lookAt(game.value, i) : null,
  })),
)
/** What may be done at a vessel, what it costs, and whether that can be paid. */
const actsOf = (i: number) => {
  const v = game.value.vessels[i]!
  const stands = v.culture !== null
  return ACTS.filter(a => (stands ? a !== 'start' : a === 'start' || a === 'wait')).map(act => {
    const cost = costOf(v, act)
    const words = cost > 0 ? `${ACT_WORDS[act]} (${coinWords(cost)})` : ACT_WORDS[act]
    return { act, words, isDear: !canPay(game.value, v, act) }
  })
}
const yesterday = computed(() => game.value.fed.at(-1) ?? null)
const swims = computed(() => game.value.day >= game.value.hidden.swimDay)
const minutes = computed(() =>
  [...choices.value, atTank.value].reduce((sum, c) => sum + minutesOf(c), 0),
)
const coins = computed(() =>
  choices.value.reduce(
    (sum, c, i) => coinsOf(sum, costOf(game.value.vessels[i]!, c.act)),
    game.value.coins,
  ),
)
const budget = computed(() => props.scenario.budget ?? null)
/** Why the day cannot be ended like this; empty where it can. */
const tooMuch = computed(() => {
  if (!budget.value) return ''
  if (minutes.value > budget.value.minutes)
    return `That takes ${minutes.value} min; the day has ${budget.value.minutes}. Leave something for tomorrow.`
  return coins.value > budget.value.coins
    ? `That would make ${coinWords(coins.value)}; there are ${coinWords(budget.value.coins)} in all.`
    : ''
})
const outOf = (most: number | undefined) => (most === undefined ? '' : ` of ${most}`)
function go() {
  const { look, act } = atTank.value
  const tank = props.scenario.tank ? [{ day: props.day, vessel: TANK, look, act }] : []
  emit('decided', [
    ...tank,
    ...choices.value.map((c, vessel) => ({
      day: props.day,
      vessel,
      look: c.look,
      take: c.take,
      act: c.act,
      ...(c.saw ? { saw: c.saw, sure: c.sure } : {}),
    })),
  ])
}
</script>

<template>
  <form class="grid gap-6" @submit.prevent="go">
    <p class="sentence num">
      Day {{ day }} of {{ scenario.days }}.
      <template v-if="scenario.mouths && !swims">The mouths do not feed yet.</template
      ><template v-else-if="yesterday !== null"
        >Yesterday they had {{ Math.round(100 * yesterday) }} % of what they want.</template
      ><template v-else-if="scenario.mouths">They feed from today on.</template>
    </p>
    <section v-for="(v, i) in vessels" :key="i" class="grid gap-4">
      <ShelfEdge :name="`${v.usual.food.profile.name}${v.spare ? ', with a second one' : ''}`" />
      <template v-if="v.stands">
        <PracticeVessel
          :food-id="v.plan.foodId"
          :method-id="v.plan.methodId"
          :litres="v.usual.litres"
          :temperature-c="v.plan.temperatureC"
          :day="v.day"
          :signs="v.signs"
          :seed="seed + i"
        />
        <p v-if="!choices[i]!.look">
          <button type="button" class="btn" @click="choices[i]!.look = true">
            Look at it ({{ MINUTES.look }} min)
          </button>
        </p>
        <SayForm
          v-else
          v-model:saw="choices[i]!.saw"
          v-model:sure="choices[i]!.sure"
          :name="v.usual.food.profile.name"
        />
        <p v-if="v.wants > 0" class="num">
          The mouths want {{ units.count(v.wants) }} {{ v.usual.food.profile.units }} today.
        </p>
      </template>
      <p v-else class="small">Not started. By its card it takes {{ v.usual.readyDay }} days.</p>
      <div class="flex flex-wrap gap-4">
        <label v-if="v.stands" class="font-semibold"
          >Draw for the mouths<select
            v-model.number="choices[i]!.take"
            class="field mt-1 block font-normal"
          >
            <option v-for="t in TAKES" :key="t" :value="t">
              {{ t === 0 ? 'nothing' : `${Math.round(t * 100)} % of it` }}
            </option>
          </select></label
        >
        <label class="font-semibold"
          >And then<select v-model="choices[i]!.act" class="field mt-1 block font-normal">
            <option v-for="a in actsOf(i)" :key="a.act" :value="a.act" :disabled="a.isDear">
              {{ a.words }}
            </option>
          </select></label
        >
      </div>
    </section>
    <PracticeTank
      v-if="game.tank"
      v-model:tested="atTank.look"
      v-model:act="atTank.act"
      :tank="game.tank"
      :test="testToday(game, game.tank)"
      :seen="tankLook(game.tank)"
    />
    <p v-if="tooMuch" role="alert" class="border-l-4 border-due pl-3">{{ tooMuch }}</p>
    <p class="flex flex-wrap gap-3 items-center">
      <button class="btn btn-main px-8" :disabled="tooMuch !== ''">On to day {{ day + 1 }}</button
      ><span class="small num"
        >{{ minutes }}{{ outOf(budget?.minutes) }} min today, {{ game.minutes }} min so far;
        {{ coinWords(coins) }}{{ outOf(budget?.coins) }} spent</span
      >
    </p>
  </form>
</template>
