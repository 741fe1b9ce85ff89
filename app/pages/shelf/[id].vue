<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed, defineAsyncComponent } from 'vue'
import { useRoute } from '#app/composables/router'
import { tending } from '@renatus/core/planning/tending'
import { isLoss } from '@renatus/core/stock/cultures'
import { backupOf } from '@renatus/core/stock/lines'
import { firstYoungDays } from '@renatus/core/foods/firstYoung'
import { adviceOn, HOW_TO_LOOK } from '@renatus/core/estimation/advice'
import { perhapsReady } from '@renatus/core/estimation/saidStage'
import { addHours, hoursBetween } from '@renatus/core/time/localDate'
import CultureActions from '~/components/cultures/CultureActions.vue'
import CultureMethod from '~/components/cultures/CultureMethod.vue'
import CultureLook from '~/components/cultures/CultureLook.vue'
import CultureLine from '~/components/cultures/CultureLine.vue'
import CultureLog from '~/components/cultures/CultureLog.vue'
import LossExercise from '~/components/practice/LossExercise.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useFar } from '~/composables/useFar'
import { useTended } from '~/composables/useTended'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import {
  certainty,
  lookWords,
  lostWords,
  REMARKS,
  SIGN_NAMES,
  standing,
  STAGES,
  youngWords,
} from '~/words/cultures'

/** One culture: what it should look like today and why, what may be taken, what to look at, and what happened to it. */
const room = useRoomStore()
const units = useUnits()
const id = String(useRoute().params.id)
const ForecastChart = defineAsyncComponent(() => import('~/components/cultures/ForecastChart.vue'))
const far = useFar(id)
const { state, reading, busy, view, tended, newer, settling, show } = useTended(id)
const culture = computed(() => state.value?.record)
const e = computed(() => reading.value?.estimate)
const ended = computed(() => state.value?.ended ?? null)
const place = computed(() => room.state?.places.find(p => p.id === state.value?.placeId)?.name)
const wants = computed(() =>
  tended.value ? tending(tended.value, backupOf(room.state!.cultureStates, id)) : [],
)
const day = computed(() =>
  Math.max(0, Math.floor(hoursBetween(culture.value!.startedAt, room.now) / 24)),
)
const when = (h: number) => units.day(addHours(culture.value!.startedAt, h))
const said = computed(() =>
  view.value.food && reading.value ? lookWords(view.value.food, reading.value.look) : [],
)
const readyLine = computed(() => {
  const r = e.value
  if (!r?.readyH) return r ? 'It is not expected to become ready.' : ''
  const past = hoursBetween(culture.value!.startedAt, room.now) >= r.readyH.p50
  if (past && perhapsReady(r))
    return view.value.stage === 'building'
      ? `Perhaps ready since about ${when(r.readyH.p50)}: a look tells.`
      : `It was ready about ${when(r.readyH.p50)}, and perhaps is still: a look tells.`
  if (past && view.value.stage === 'building')
    return `It was ready about ${when(r.readyH.p50)}, and builds up again.`
  return past
    ? `Ready since about ${when(r.readyH.p50)}.`
    : `Ready about ${when(r.readyH.p50)}, between ${when(r.readyH.p10)} and ${when(r.readyH.p90)} (80 %).`
})
/** Until they are seen it is not known whether a start took. */
const young = computed(() => {
  const { food, stage } = view.value
  const isThin = stage === 'resting' || stage === 'building'
  if (!food || !reading.value || !isThin || ended.value) return null
  const days = firstYoungDays(food, reading.value.temperatureC)
  return days && day.value <= Math.ceil(days[1]) ? days.map(d => when(d * 24)) : null
})
const perUnit = computed(() => (e.value?.per === 'cm2' ? 'cm²' : 'mL'))
const number = (x: number) => (x >= 100 ? units.count(x) : numberText(x, { digits: 2 }))
</script>

<template>
  <NoRoom v-if="!room.state" />
  <p v-else-if="far" role="status">Looking back through the log.</p>
  <div v-else-if="!culture" class="grid gap-3">
    <h1>No such culture</h1>
    <p><NuxtLink to="/shelf" class="link">To the shelf</NuxtLink></p>
  </div>
  <article v-else class="grid grid-cols-1 gap-6">
    <div>
      <div class="flex flex-wrap gap-x-4 items-center justify-between min-h-12">
        <NuxtLink to="/shelf" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Shelf</NuxtLink
        >
        <span role="status" class="small">
          <template v-if="busy && reading">Reading it anew.</template>
          <button v-else-if="newer" class="link min-h-12" @click="show">
            Show what was read just now
          </button>
        </span>
      </div>
      <h1 class="flex flex-wrap items-baseline gap-x-4">
        {{ culture.name
        }}<span
          v-if="culture.code"
          class="num tracking-widest border-2 border-ink px-2 text-[1.1875rem]"
          :title="'The letters on its tape'"
          >{{ culture.code }}</span
        >
      </h1>
      <p class="small mt-1">
        {{ view.food?.profile.name }}, {{ view.method?.name.toLowerCase() }};
        {{ units.litres(culture.litres) }}, started {{ units.when(culture.startedAt) }}, day {{ day
        }}<template v-if="reading">, {{ units.celsius(reading.temperatureC) }}</template
        ><template v-if="place">; {{ place }}, {{ state!.level }}</template
        >.<template v-if="culture.mother"> <strong>Mother: never fed from.</strong></template
        ><template v-if="state!.quarantine"> <strong>Stands apart.</strong></template>
        {{ ' ' }}
        <NuxtLink :to="`/labels?ids=${culture.id}`" :prefetch="false" class="link">Label</NuxtLink
        >{{ ' ' }}
        <NuxtLink :to="`/practice?food=${culture.foodId}`" :prefetch="false" class="link"
          >Practise jars like this one</NuxtLink
        >
      </p>
    </div>
    <UndoLine />
    <p v-if="ended" class="border-l-4 border-line-strong pl-3">
      It ended {{ units.when(ended.at) }}. Its log stays.
    </p>
    <p v-if="state && isLoss(state) && view.method">
      <LossExercise :culture="state" :reading="reading" />
    </p>
    <section class="grid gap-6 desk:grid-cols-[auto_minmax(0,1fr)_minmax(0,1fr)]">
      <VesselPicture
        :shape="view.shape"
        :family="view.family"
        :grades="reading?.look ?? {}"
        :label="view.label"
        :seed="view.seed"
        :air="view.air"
        :plug="view.plug"
        :scale="1.9"
      />
      <div v-if="!e" class="small" role="status">
        {{ busy ? 'Reading it' : 'Nothing known of this food in this version.' }}
      </div>
      <div v-else class="grid gap-2 content-start" aria-live="polite">
        <p class="sentence">
          <span aria-hidden="true">{{ STAGES[view.stage!].mark }}</span>
          {{ ' ' }}
          <strong>{{ STAGES[view.stage!].word }}</strong>, {{ standing(e).sure }}
        </p>
        <p>{{ readyLine }}</p>
        <p v-if="young">{{ youngWords(view.food!.profile.units, young) }}</p>
        <p
          v-if="e.surplusPerDay.p50 > 0 && e.readiness.ready + e.readiness.tiring > 0.5"
          class="num"
        >
          It gives about <strong>{{ units.count(e.surplusPerDay.p50) }}</strong>
          {{ view.food?.profile.units }} a day ({{ units.count(e.surplusPerDay.p10) }} to
          {{ units.count(e.surplusPerDay.p90) }}).
        </p>
        <p class="small num">
          {{ number(e.density.p50) }} per {{ perUnit }} ({{ number(e.density.p10) }} to
          {{ number(e.density.p90) }}, 80 %), {{ units.count(e.organisms.p50) }} in all.
          {{ lostWords(e) }} Crash within three days: {{ Math.round(e.pCrash3d * 100) }} %.
        </p>
        <ul v-if="e.remarks.length" class="border-l-4 border-due pl-3">
          <li v-for="code in new Set(e.remarks.map(r => r.code))" :key="code">
            {{ REMARKS[code] }}
          </li>
        </ul>
        <p v-if="e.nextLook" class="border-l-4 border-plan pl-3">
          <strong>The one look that tells most:</strong> {{ HOW_TO_LOOK[e.nextLook.sign] }}
        </p>
      </div>
      <div v-if="e" class="grid gap-2 content-start">
        <p class="font-semibold">It should look like this</p>
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          <template v-for="s in said" :key="s.sign"
            ><dt class="text-ink2">{{ SIGN_NAMES[s.sign] }}</dt>
            <dd>{{ s.word }}</dd></template
          >
        </dl>
        <template v-if="reading!.why.length"
          ><p class="font-semibold mt-2">What moved this</p>
          <ul class="small">
            <li v-for="(w, i) in reading!.why" :key="w.index">
              {{ units.when(reading!.whyAt[i]!) }}: {{ w.text }}
            </li>
          </ul></template
        >
      </div>
    </section>
    <section v-if="e?.causes.some(c => c.probability > 0.15)" class="grid gap-2">
      <ShelfEdge name="What may be wrong" />
      <ul class="grid gap-3 desk:grid-cols-2">
        <li
          v-for="c in e.causes.filter(x => x.probability > 0.15).slice(0, 4)"
          :key="c.id"
          class="border-l-4 border-due pl-3"
        >
          <p>
            <strong>{{ adviceOn(c.id, view.food!).name }}</strong>,
            {{ c.known ? 'as read' : certainty(c.probability) }}
          </p>
          <p>{{ adviceOn(c.id, view.food!).action }}</p>
          <p class="small">To be sure: {{ adviceOn(c.id, view.food!).confirm }}</p>
        </li>
      </ul>
    </section>
    <div
      v-if="!ended && view.food && reading"
      class="grid grid-cols-1 gap-6"
      :class="{ 'pointer-events-none': settling }"
    >
      <CultureLook
        :culture="culture"
        :food="view.food"
        :reading="reading"
        :shape="view.shape"
        :seed="view.seed"
      />
      <CultureActions v-if="tended" :tended="tended" :wants="wants" />
    </div>
    <section v-if="reading?.ahead && !ended && e && view.food" class="grid gap-2">
      <ShelfEdge name="Days to come" />
      <ForecastChart
        :forecast="reading.ahead"
        :now="room.now"
        :per="perUnit"
        :units-name="view.food.profile.units"
      />
    </section>
    <CultureLine :id="id" />
    <CultureMethod
      v-if="view.food && view.method"
      :food="view.food"
      :method="view.method"
      :litres="culture.litres"
    />
    <CultureLog :culture="culture" />
  </article>
</template>
