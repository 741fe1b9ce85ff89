<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { useRoute } from '#app/composables/router'
import { foodOf } from '@renatus/core/foods/index'
import { compare } from '@renatus/core/math/compare'
import { learnerStand } from '@renatus/core/practice/learner'
import { canGoOn } from '@renatus/core/practice/playedGame'
import { practiceText, readPracticeText } from '@renatus/core/practice/practiceFile'
import { scenarioFor } from '@renatus/core/practice/scenarioFor'
import { scenarioOf, scenarios } from '@renatus/core/practice/scenarios/index'
import { EXERCISE_KINDS } from '@renatus/core/practice/scenario'
import { isLoss } from '@renatus/core/stock/cultures'
import { hoursBetween } from '@renatus/core/time/localDate'
import LearnerCurve from '~/components/practice/LearnerCurve.vue'
import VesselLinks from '~/components/practice/VesselLinks.vue'
import FileButton from '~/components/shared/FileButton.vue'
import SectionNav from '~/components/shared/SectionNav.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { beginExercise, lastLearner, rememberLearner } from '~/composables/beginExercise'
import { download } from '~/composables/download'
import { useFailures } from '~/composables/useFailures'
import { useLive } from '~/composables/useLive'
import { allGames, keepFrom } from '~/db/practiceBook'
import { useRoomStore } from '~/stores/room'
import {
  broughtWords,
  goalWords,
  KIND_WORDS,
  nextWords,
  PRACTICE_FILE_PROBLEMS,
} from '~/words/practice'

/** Where nothing dies: exercises, and what somebody has learned. */
const learner = ref(lastLearner() ?? '')
const name = computed(() => learner.value.trim().slice(0, 40) || 'Me')
const room = useRoomStore()
const games = useLive(which => allGames(which), toRef(room, 'which'))
const mine = computed(() => (games.value ?? []).filter(g => g.learner === name.value))
const names = computed(() => [...new Set((games.value ?? []).map(g => g.learner))])
/** Until somebody says who they are it is whoever practised here last. */
watch(games, all => {
  if (learner.value === '') learner.value = all?.at(-1)?.learner ?? 'Me'
})
const stand = computed(() => learnerStand(mine.value))
const next = computed(() => scenarioOf(stand.value.next.scenario)!)
const open = computed(() => mine.value.filter(canGoOn).reverse())
const bestOf = (scenario: string) =>
  mine.value
    .filter(g => g.scenario === scenario && g.result !== null)
    .reduce<number | null>((best, g) => Math.max(best ?? 0, g.result!.goal), null)
const kinds = EXERCISE_KINDS.map(kind => ({
  kind,
  ...KIND_WORDS[kind],
  exercises: scenarios.filter(s => s.kind === kind),
}))
const SECTIONS = [
  { id: 'learned', name: 'What you know' },
  ...EXERCISE_KINDS.map(kind => ({ id: kind, name: KIND_WORDS[kind].name })),
]
/** What was lost of late in the real room: its page offers it as an exercise. */
const LOST_D = 60
const LOST_SHOWN = 3
const lost = computed(() =>
  (room.state?.cultureStates ?? [])
    .filter(c => isLoss(c) && hoursBetween(c.ended!.at, room.now) < LOST_D * 24)
    .toSorted((a, b) => compare(b.ended!.at, a.ended!.at))
    .slice(0, LOST_SHOWN),
)
/** Asked for from a vessel of the shelf: exercises of its food. */
const asked = computed(() => foodOf(String(useRoute().query.food ?? '')))
const alike = computed(() => {
  const food = asked.value?.profile.id
  return food ? scenarios.filter(s => s.foods.includes(food) && s.kind !== 'hands') : []
})
const remember = () => rememberLearner(name.value)
function begin(scenario: string) {
  remember()
  return beginExercise(name.value, scenario)
}
const save = () => download('practice.json', 'application/json', practiceText(games.value ?? []))
const brought = ref('')
async function bring(file: File) {
  const read = readPracticeText(await file.text())
  if ('problem' in read) {
    brought.value = PRACTICE_FILE_PROBLEMS[read.problem]
    return
  }
  try {
    brought.value = broughtWords(await keepFrom(room.which, read.games), read)
  } catch (error) {
    useFailures().report(error)
  }
}
</script>

<template>
  <div class="grid grid-cols-1 gap-6 desk:grid-cols-[11rem_minmax(0,1fr)] desk:gap-8">
    <div class="desk:col-span-2 flex flex-wrap gap-x-6 gap-y-2 items-end">
      <div class="grow">
        <h1>Practice</h1>
        <p class="sentence mt-1">Learn to judge a jar where nothing dies.</p>
      </div>
      <label class="font-semibold"
        >Who practises<input
          v-model="learner"
          class="field mt-1 block font-normal"
          maxlength="40"
          list="learners"
          autocomplete="off"
          @change="remember" /><datalist id="learners">
          <option v-for="n in names" :key="n" :value="n" /></datalist
      ></label>
    </div>
    <SectionNav label="Parts of this page" :sections="SECTIONS" />
    <div class="grid grid-cols-1 gap-8 min-w-0">
      <section v-if="asked" class="grid gap-2">
        <ShelfEdge :name="`Like your ${asked.profile.name}`" />
        <p v-if="!alike.length">There is no exercise with it yet.</p>
        <p class="flex flex-wrap gap-2">
          <button v-for="s in alike" :key="s.id" class="btn" @click="begin(s.id)">
            {{ s.name }}
          </button>
        </p>
      </section>
      <section v-if="lost.length" class="grid gap-2">
        <ShelfEdge name="Lost in your room" />
        <p>
          <VesselLinks :cultures="lost" />:
          {{ lost.length > 1 ? 'the page of each' : 'its page' }} takes you back to the week before.
        </p>
      </section>
      <section id="learned" class="grid gap-3">
        <ShelfEdge name="What you know" />
        <p class="sentence" data-testid="next">{{ nextWords(stand, next.name) }}</p>
        <p class="flex flex-wrap gap-2">
          <button class="btn btn-main" @click="begin(next.id)">Begin</button
          ><NuxtLink
            v-for="g in open.slice(0, 2)"
            :key="g.id"
            :to="`/practice/${g.id}`"
            :prefetch="false"
            class="btn"
            >Go on: {{ scenarioFor(g)?.name ?? g.scenario }}</NuxtLink
          ><button v-if="games?.length" class="btn btn-quiet underline" @click="save">
            Export all practice</button
          ><FileButton label="Bring practice from a file" testid="practice-file" @picked="bring" />
        </p>
        <p v-if="brought" role="status" class="border-l-4 border-plan pl-3">{{ brought }}</p>
        <LearnerCurve v-if="mine.some(g => g.result)" :stand="stand" />
      </section>
      <section v-for="k in kinds" :id="k.kind" :key="k.kind" class="grid gap-2">
        <ShelfEdge :name="k.name" />
        <p class="small">{{ k.takes }}</p>
        <ul>
          <li
            v-for="s in k.exercises"
            :key="s.id"
            class="rule py-1 flex flex-wrap items-center gap-x-4 min-h-12"
          >
            <p class="grow">
              <strong>{{ s.name }}</strong>
              <span class="small ml-2">{{ s.goal }}</span>
            </p>
            <span v-if="bestOf(s.id) !== null" class="num small"
              >best {{ goalWords(bestOf(s.id)!) }}</span
            >
            <button
              class="btn btn-quiet underline px-2"
              :aria-label="`Begin ${s.name}`"
              @click="begin(s.id)"
            >
              Begin
            </button>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>
