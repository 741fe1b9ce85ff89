<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { proxy } from 'comlink'
import { useRoute } from '#app/composables/router'
import type { Readiness } from '@renatus/core/dynamics/contract'
import { decision, type Decision } from '@renatus/core/practice/decision'
import { canGoOn, isOfOldRules, type PlayedGame } from '@renatus/core/practice/playedGame'
import { lengthOf, type Practised } from '@renatus/core/practice/practise'
import { scenarioFor } from '@renatus/core/practice/scenarioFor'
import { keepTakenOver } from '@renatus/core/practice/takenOver'
import { running } from '@renatus/core/stock/cultures'
import HandSeries from '~/components/practice/HandSeries.vue'
import LookSeries from '~/components/practice/LookSeries.vue'
import PracticeAccount from '~/components/practice/PracticeAccount.vue'
import VesselLinks from '~/components/practice/VesselLinks.vue'
import VesselGame from '~/components/practice/VesselGame.vue'
import SlowWait from '~/components/shared/SlowWait.vue'
import { nowInstant } from '~/composables/clock'
import { useFailures } from '~/composables/useFailures'
import { gameOf, keepGame } from '~/db/practiceBook'
import { practiceClient } from '~/engine/practiceClient'
import { useRoomStore } from '~/stores/room'
import { oldRulesWords } from '~/words/practice'

/** One exercise, from its first question to its account. It can be left and gone on with at any decision. */
const room = useRoomStore()
const id = String(useRoute().params.id)
const game = shallowRef<PlayedGame | null>(null)
const loaded = ref(false)
const account = shallowRef<Practised | null>(null)
/** How far the account is. */
const far = ref<{ done: number; of: number } | null>(null)
const scenario = computed(() => (game.value ? scenarioFor(game.value) : null))
/** Vessels of the real room that are like those of the exercise. */
const OWN_SHOWN = 3
const own = computed(() =>
  running(room.state?.cultureStates ?? [])
    .filter(c => scenario.value?.foods.includes(c.record.foodId))
    .slice(0, OWN_SHOWN),
)
/** The day that is on: the one after the last that was decided. */
const day = computed(() => 1 + Math.max(-1, ...(game.value?.decisions ?? []).map(d => d.day)))
const isDone = computed(() => scenario.value !== null && day.value >= lengthOf(scenario.value))
const said = computed(
  () =>
    new Map(
      (game.value?.decisions ?? []).flatMap(d =>
        d.saw && d.sure ? [[`${d.day} ${d.vessel}`, { saw: d.saw, sure: d.sure }] as const] : [],
      ),
    ),
)
/** A loss of one's own begins with the vessel as it stood then: it is read off the page, once. */
async function takeOver(of: PlayedGame) {
  const s = scenarioFor(of)
  if (!of.own || !s || s.kind === 'look' || s.kind === 'hands') return
  try {
    keepTakenOver(s, of.seed, await practiceClient.call(t => t.takenOver(of)))
  } catch (error) {
    useFailures().report(error)
  }
}
async function load() {
  const kept = await gameOf(room.which, id)
  if (kept && canGoOn(kept)) await takeOver(kept)
  game.value = kept
  loaded.value = true
}
void load()

async function decided(of: Partial<Decision>[]) {
  const decisions = [...game.value!.decisions, ...of.map(d => decision.parse(d))]
  game.value = { ...game.value!, decisions }
  await keepGame(room.which, game.value)
}
function sayingsOf(made: Practised) {
  return made.course.flatMap(c => {
    const mine = said.value.get(`${c.day} ${c.vessel}`)
    return mine && c.truth
      ? [{ saw: mine.saw as Readiness, truth: c.truth.readiness, sure: mine.sure }]
      : []
  })
}
async function makeAccount() {
  const g = game.value!
  try {
    const made = await practiceClient.call((t, alive) =>
      t.account(
        { ...g, decisions: [...g.decisions] },
        proxy((done: number, of: number) => {
          alive()
          far.value = { done, of }
        }),
      ),
    )
    account.value = made
    if (!made || g.result) return
    const { goal, fixed, advice } = made.outcome
    const result = { goal, fixed, advice, sayings: sayingsOf(made) }
    game.value = { ...g, endedAt: nowInstant(), result }
    await keepGame(room.which, game.value)
  } catch (error) {
    useFailures().report(error)
  }
}
watch(isDone, done => done && !isOfOldRules(game.value!) && void makeAccount(), {
  immediate: true,
})
</script>

<template>
  <article class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/practice" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Practice</NuxtLink
        >
      </p>
      <h1 v-if="loaded">{{ scenario?.name ?? 'No such exercise' }}</h1>
      <h1 v-else role="status">Setting it up</h1>
      <p v-if="scenario" class="small mt-1">
        {{ scenario.goal
        }}<template v-if="own.length"
          >{{ ' ' }}See your own: <VesselLinks :cultures="own" />.</template
        >
      </p>
    </div>
    <p v-if="loaded && !scenario" class="sentence">
      It is not kept on this device, or it is of a version that this one cannot play.
    </p>
    <template v-else-if="game && scenario">
      <p v-if="!isDone && !canGoOn(game)" class="sentence">
        It was begun in an older version and cannot be gone on with. What was decided stays kept;
        begin it anew.
      </p>
      <p v-else-if="isDone && isOfOldRules(game)" class="sentence">
        {{ oldRulesWords(game.result) }}
      </p>
      <template v-else-if="!isDone">
        <LookSeries
          v-if="scenario.kind === 'look'"
          :scenario="scenario"
          :seed="game.seed"
          :decisions="game.decisions"
          @decided="decided"
        />
        <HandSeries
          v-else-if="scenario.kind === 'hands'"
          :scenario="scenario"
          :seed="game.seed"
          :decisions="game.decisions"
          @decided="decided"
        />
        <VesselGame
          v-else
          :scenario="scenario"
          :seed="game.seed"
          :decisions="game.decisions"
          :day="day"
          @decided="decided"
        />
      </template>
      <PracticeAccount
        v-else-if="account"
        :scenario="scenario"
        :seed="game.seed"
        :account="account"
        :said="said"
      />
      <SlowWait
        v-else
        :doing="
          far
            ? `Making the account: ${far.done} of ${far.of}.`
            : 'Making the account: every decision is tried against what you could know.'
        "
        ways="You may leave; it is made when you come back."
      />
    </template>
  </article>
</template>
