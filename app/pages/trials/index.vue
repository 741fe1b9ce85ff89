<script setup lang="ts">
import { computed } from 'vue'
import { answerTo } from '@renatus/core/trials/remembered'
import { endOf } from '@renatus/core/trials/trialState'
import { daysBetween, localDateOf } from '@renatus/core/time/localDate'
import CompareStanding from '~/components/trials/CompareStanding.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import SectionNav from '~/components/shared/SectionNav.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useTrialStates } from '~/composables/useTrialStates'
import { useRoomStore } from '~/stores/room'
import { answerWords, foundWords } from '~/words/trials'

/** Which way is better here: trials that run, and what was found out. */
const room = useRoomStore()
const all = computed(() =>
  (room.state?.trials ?? [])
    .map(trial => ({ trial, answer: answerTo(trial.id, room.state!.entries) }))
    .reverse(),
)
const running = computed(() => all.value.flatMap(t => (t.answer ? [] : [t.trial])))
const { states, busy } = useTrialStates(running)
const found = computed(() => all.value.flatMap(t => (t.answer ? [{ ...t, answer: t.answer }] : [])))
const dayOf = (startedAt: string) =>
  Math.max(0, daysBetween(localDateOf(startedAt, room.timeZone), room.state!.today))
const now = computed(() =>
  running.value.map(trial => {
    const state = states.value.get(trial.id)
    const named = (state?.result?.arms ?? []).map(a => ({
      ...a,
      name: trial.arms.find(x => x.id === a.id)!.name,
    }))
    const seen = state?.members.filter(m => m.value !== null).length ?? 0
    const how = endOf(state?.result ?? null)
    return { trial, state, seen, said: answerWords(named, how, trial.asks, state?.over) } as const
  }),
)
const SECTIONS = [
  { id: 'running', name: 'Running' },
  { id: 'found', name: 'Found out' },
  { id: 'compare', name: 'What stood already' },
]
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6 desk:grid-cols-[11rem_minmax(0,1fr)] desk:gap-8">
    <div class="desk:col-span-2 flex flex-wrap gap-x-6 gap-y-2 items-end">
      <div class="grow">
        <h1>Trials</h1>
        <p class="sentence mt-1">
          Which way is better here? Jars side by side that differ in one thing.
        </p>
      </div>
      <NuxtLink to="/trials/new" :prefetch="false" class="btn btn-main">Plan a trial</NuxtLink>
    </div>
    <SectionNav label="Parts of this page" :sections="SECTIONS" />
    <div class="grid grid-cols-1 gap-8 min-w-0">
      <UndoLine />
      <section id="running" class="grid gap-2">
        <ShelfEdge name="Running" />
        <p v-if="!now.length">
          None runs. A good first one: three jars each of two leaves, and which clears first.
        </p>
        <ul>
          <li v-for="t in now" :key="t.trial.id" class="rule py-2">
            <NuxtLink
              :to="`/trials/${t.trial.id}`"
              :prefetch="false"
              class="link font-bold inline-flex min-h-12 items-center"
              >{{ t.trial.name }}</NuxtLink
            >
            <p>{{ t.state ? t.said : busy ? 'Reading it.' : '' }}</p>
            <p class="small">
              Day {{ dayOf(t.trial.startedAt) }} of {{ t.trial.untilDays }}; {{ t.seen }} of
              {{ t.trial.members.length }}
              {{ t.seen === 1 ? 'tells' : 'tell' }} something.
            </p>
          </li>
        </ul>
      </section>
      <section id="found" class="grid gap-2">
        <ShelfEdge name="Found out" />
        <p v-if="!found.length" class="small">Nothing yet.</p>
        <ul>
          <li v-for="t in found" :key="t.trial.id" class="rule py-2">
            <NuxtLink
              :to="`/trials/${t.trial.id}`"
              :prefetch="false"
              class="link font-bold inline-flex min-h-12 items-center"
              >{{ t.trial.name }}</NuxtLink
            >
            <p>{{ answerWords(t.answer.arms, t.answer.how, t.trial.asks) }}</p>
            <p v-if="t.answer.arms.length" class="small">
              {{ foundWords(t.trial, t.answer.arms) }}
            </p>
          </li>
        </ul>
      </section>
      <section id="compare" class="grid gap-2">
        <ShelfEdge name="What stood already" />
        <CompareStanding />
      </section>
    </div>
  </div>
</template>
