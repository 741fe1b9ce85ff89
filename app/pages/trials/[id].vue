<script setup lang="ts">
import { computed } from 'vue'
import { navigateTo, useRoute } from '#app/composables/router'
import { foodOf } from '@renatus/core/foods/index'
import { daysBetween, localDateOf } from '@renatus/core/time/localDate'
import { answerTo } from '@renatus/core/trials/remembered'
import { answerOf } from '@renatus/core/trials/trialState'
import HoldButton from '~/components/shared/HoldButton.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import SetUpSheet from '~/components/trials/SetUpSheet.vue'
import TrialDots from '~/components/trials/TrialDots.vue'
import TrialVessels from '~/components/trials/TrialVessels.vue'
import { useTrialStates } from '~/composables/useTrialStates'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'
import { answerWords, ASK_WORDS, foundWords, moreWords } from '~/words/trials'

/** One trial: what its vessels say, what follows, and what is remembered. */
const room = useRoomStore()
const undo = useUndo()
const id = String(useRoute().params.id)
const trial = computed(() => room.state?.trials.find(t => t.id === id) ?? null)
const answer = computed(() => answerTo(id, room.state?.entries ?? []))
const { states, busy } = useTrialStates(computed(() => (trial.value ? [trial.value] : [])))
const state = computed(() => states.value.get(id) ?? null)
const named = computed(() => {
  const arms = answer.value?.arms ?? state.value?.result?.arms ?? []
  return arms.map(a => ({ ...a, name: trial.value!.arms.find(x => x.id === a.id)!.name }))
})
const end = computed(() => state.value && trial.value && answerOf(trial.value, state.value))
const said = computed(() =>
  answerWords(
    named.value,
    answer.value?.how ?? end.value?.how ?? 'stopped',
    trial.value!.asks,
    answer.value !== null,
  ),
)
const isOpen = computed(() => answer.value !== null || state.value?.opened === true)
const day = computed(() =>
  Math.max(0, daysBetween(localDateOf(trial.value!.startedAt, room.timeZone), room.state!.today)),
)
const place = computed(() => {
  const t = trial.value!
  const food = t.foodId ? foodOf(t.foodId)?.profile.name : null
  const asked = ASK_WORDS[t.asks].name.toLowerCase()
  return [food, `${t.arms.length} ways that differ in the ${t.factor}`, asked]
    .filter(Boolean)
    .join('; ')
})
const about = { type: 'trial', id }
async function open() {
  const result = await room.write([{ kind: 'trial.opened', subject: about, data: { trialId: id } }])
  if (result.ok) undo.offer(result.act, 'The labels are looked up.')
}
async function finish() {
  const result = await room.write([{ kind: 'trial.ended', subject: about, data: end.value! }])
  if (result.ok) undo.offer(result.act, 'The trial has ended. What it came to is kept.')
}
async function remove() {
  await room.remove(id)
  await navigateTo('/trials')
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!trial" class="grid gap-3">
    <h1>No such trial</h1>
    <p><NuxtLink to="/trials" class="link">All trials</NuxtLink></p>
  </div>
  <article v-else class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/trials" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Trials</NuxtLink
        >
      </p>
      <h1>{{ trial.name }}</h1>
      <p class="small mt-1">
        {{ place }}.<template v-if="trial.planned && !answer">
          Day {{ day }} of {{ trial.untilDays }}.</template
        ><template v-if="!trial.planned">
          <strong>Not planned: these stood anyway, and nothing was dealt.</strong></template
        >
      </p>
    </div>
    <UndoLine />
    <section class="grid gap-3" aria-live="polite">
      <p class="sentence max-w-prose" data-testid="answer">
        {{ !answer && !state ? (busy ? 'Reading it.' : '') : said }}
      </p>
      <p v-if="answer && answer.arms.length" class="small">
        {{ foundWords(trial, answer.arms) }}
      </p>
      <p v-else-if="state?.result && !state.result.settled" class="small">
        {{ moreWords(state.result.more) }}
      </p>
      <TrialDots
        v-if="named.length"
        :arms="named"
        :members="answer ? [] : (state?.members ?? [])"
        :asks="trial.asks"
      />
      <ul v-if="named.length" class="flex flex-wrap gap-x-6">
        <li v-for="a in named" :key="a.id">
          {{ a.name }}: best with <strong>{{ Math.round(100 * a.best) }} %</strong>
        </li>
      </ul>
      <p v-if="!answer && state" class="flex flex-wrap gap-3 items-center">
        <button
          class="btn"
          :class="{ 'btn-main': end?.how !== 'stopped' || state.over }"
          @click="finish"
        >
          End it and keep the answer</button
        ><span class="small">{{
          end?.how === 'stopped'
            ? 'Chances hold however often you look; it may end at any time.'
            : 'It is known now: going on would tell little more.'
        }}</span>
      </p>
    </section>
    <section class="grid gap-2">
      <ShelfEdge name="Vessels" />
      <TrialVessels
        :trial="trial"
        :members="state?.members ?? []"
        :opened="isOpen"
        :running="answer === null"
      />
      <p v-if="!isOpen && state" class="flex flex-wrap gap-3 items-center">
        <button class="btn" @click="open">Show which is which</button
        ><span class="small">Look first: who knows sees what is hoped for.</span>
      </p>
    </section>
    <section v-if="isOpen && trial.planned" class="grid gap-2">
      <ShelfEdge name="As they were dealt" />
      <SetUpSheet :arms="trial.arms" :members="trial.members" :design="null" />
    </section>
    <p v-if="trial.foodId" class="small max-w-prose">
      What is seen of these vessels counts for all that is expected of this food here, as every look
      does.
    </p>
    <p><HoldButton label="Remove the trial" @held="remove" /></p>
  </article>
</template>
