<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { navigateTo } from '#app/composables/router'
import { DECAPSULATION_STEPS } from '@renatus/core/water/decapsulationCourse'
import type { NakedCysts } from '@renatus/core/records/vocabulary'
import DecapsulateBath from '~/components/bench/DecapsulateBath.vue'
import DecapsulateLabel from '~/components/bench/DecapsulateLabel.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useDecapsulation } from '~/composables/useDecapsulation'
import { useSecond } from '~/composables/useNow'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import {
  BEFORE_BLEACH,
  DRAIN,
  STEP_DONE,
  STEP_NAMES,
  STOPPED,
  stepText,
} from '~/words/decapsulation'

/** Taking the shells off cysts, from the label of the bleach to orange. */
const room = useRoomStore()
const units = useUnits()
const run = useDecapsulation()
const second = useSecond()
const asked = Number(useRoute().query.grams)
const grams = Number.isFinite(asked) && asked > 0 ? asked : null
const course = computed(() => run.course.value)
const lacksCysts = computed(() => !room.state?.lots.some(l => l.state.gramsLeft > 0))
const number = computed(() =>
  course.value ? DECAPSULATION_STEPS.indexOf(course.value.step) + 1 : 0,
)
const ticked = ref<number[]>([])
const endsAt = computed(() => {
  const c = course.value
  if (c?.step === 'hydrate') return c.hydratedAt
  return c?.step === 'dip' ? c.dippedAt : null
})
/** "12:05 to go" while a clock of this step runs. */
const left = computed(() => {
  if (!endsAt.value) return null
  const s = Math.max(0, Math.round((Date.parse(endsAt.value) - second.value) / 1000))
  return { over: s === 0, text: `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}` }
})
const blocked = computed(
  () => course.value?.step === 'cautions' && ticked.value.length < BEFORE_BLEACH.length,
)
const ENDS: { is: NakedCysts; name: string; text: string; said: string }[] = [
  {
    is: 'hatch',
    name: 'Hatch now',
    text: 'Into brine at once: they hatch in four fifths of the time, and no shells are to be parted.',
    said: 'Shells are off. Now start the bottle.',
  },
  {
    is: 'store',
    name: 'Store in brine',
    text: 'Saturated brine, 330 g of salt on a litre, cold and dark: good for two months.',
    said: 'The bare cysts are in the stores.',
  },
  {
    is: 'feed',
    name: 'Feed as they are',
    text: 'They sink and do not move: worth half of what swims. In the fridge, used today.',
    said: 'The bare cysts are in the stores, to be fed.',
  },
]
async function end(is: NakedCysts, said: string) {
  const c = course.value
  if (!c || !(await run.end(is, said))) return
  if (is === 'hatch') await navigateTo(`/bench?start=decapsulated&grams=${c.cystsG}`)
  else await navigateTo('/bench')
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-5 max-w-4xl">
    <div>
      <p>
        <NuxtLink to="/bench" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Hatch bench</NuxtLink
        >
      </p>
      <h1>Take the shells off</h1>
    </div>
    <p v-if="!course && lacksCysts" class="sentence">
      No cysts are left. Enter a lot in
      <NuxtLink class="link" to="/setup#lot" :prefetch="false">Setup</NuxtLink> first.
    </p>
    <template v-else-if="!course">
      <p class="small max-w-prose">
        Half an hour of your hands, an hour and a half in all. What is needed: plain bleach with its
        strength on the label, ice, a thermometer, a sieve of 100 to 150 µm, gloves and glasses.
      </p>
      <DecapsulateLabel :grams="grams" @begin="run.begin" />
    </template>
    <section v-else-if="course.stoppedAt" class="grid gap-4" aria-label="Stopped">
      <h2>Stopped: {{ STEP_NAMES[course.stoppedAt].toLowerCase() }}</h2>
      <p class="sentence max-w-prose">{{ STOPPED[course.stoppedAt] }}</p>
      <p class="small max-w-prose">{{ DRAIN }}</p>
      <div class="flex flex-wrap gap-3">
        <button class="btn btn-main" @click="end('lost', 'The cysts are written off.')">
          They are thrown out
        </button>
        <button class="btn" @click="end('hatch', 'Now start the bottle.')">
          They are hatched today
        </button>
        <button v-if="course.bleachAt === null" class="btn btn-quiet" @click="run.drop">
          They went back: forget it
        </button>
      </div>
    </section>
    <section v-else class="grid gap-5" :aria-label="STEP_NAMES[course.step]">
      <p class="small">
        Step {{ number }} of {{ DECAPSULATION_STEPS.length }}: {{ units.grams(course.cystsG) }} of
        cysts
      </p>
      <h2>{{ STEP_NAMES[course.step] }}</h2>
      <p class="sentence max-w-prose text-[1.1875rem] leading-snug">{{ stepText(course) }}</p>
      <p v-if="left" role="timer">
        <span class="text-[3rem] leading-none font-bold num">{{ left.text }}</span>
        <span class="small">{{ ' ' }}{{ left.over ? 'It is time.' : 'to go' }}</span>
      </p>
      <ul v-if="course.step === 'cautions'" class="grid gap-2 max-w-prose">
        <li v-for="(text, i) in BEFORE_BLEACH" :key="text">
          <label class="flex gap-3 items-start min-h-12 py-1 cursor-pointer"
            ><input
              v-model="ticked"
              type="checkbox"
              :value="i"
              class="size-6 accent-[var(--plan)] shrink-0 mt-0.5"
            /><span>{{ text }}</span></label
          >
        </li>
      </ul>
      <DecapsulateBath
        v-if="course.step === 'bleach'"
        :course="course"
        @read="run.read"
        @seen="run.seen"
      />
      <p v-if="run.killed.value" role="alert" class="border-l-4 border-harm pl-3 max-w-prose">
        <strong class="text-harm">40 °C was reached: what was in the bath is dead.</strong>
        {{ DRAIN }}
      </p>
      <div v-if="course.step === 'after' && !run.killed.value" class="grid gap-3 sm:grid-cols-3">
        <div v-for="e in ENDS" :key="e.is" class="grid gap-2 content-between rule pt-3">
          <p>{{ e.text }}</p>
          <button class="btn btn-main" @click="end(e.is, e.said)">{{ e.name }}</button>
        </div>
      </div>
      <button
        v-else-if="run.killed.value"
        class="btn btn-main min-h-16 text-[1.1875rem]"
        @click="end('lost', 'The cysts are written off.')"
      >
        They are drained away
      </button>
      <button
        v-else
        class="btn btn-main min-h-16 text-[1.1875rem]"
        :disabled="blocked"
        @click="run.next"
      >
        {{ STEP_DONE[course.step] }}
      </button>
      <p>
        <button class="btn btn-quiet underline" @click="run.stop">Stop here</button>
      </p>
    </section>
  </div>
</template>
