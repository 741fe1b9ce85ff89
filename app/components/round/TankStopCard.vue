<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { broodMealWhy } from '@renatus/core/planning/meals'
import type { TankStop } from '@renatus/core/round/tankStops'
import { useHatchActions } from '~/composables/useHatchActions'
import { useTankActions } from '~/composables/useTankActions'
import { useUnits } from '~/composables/useUnits'
import { foodWithSize, portionNote, portionText } from '~/words/foods'
import { useRoomStore } from '~/stores/room'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import TankDrawing from '~/components/shared/TankDrawing.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import BellyRow from './BellyRow.vue'
import StopFrame from './StopFrame.vue'
import WeaningRow from './WeaningRow.vue'

/** One tank in one pass: tasks, food, bellies, trials. */
const props = defineProps<{ stop: TankStop; now: boolean; roundKey: string }>()
const room = useRoomStore()
const units = useUnits()
const hatch = useHatchActions()
const actions = useTankActions()
/** The vessel it can be drawn from: the one that was harvested last, else the oldest; never a mother nor one that stands apart. */
const vesselOf = (foodId: string) =>
  room
    .state!.cultureStates.filter(
      c => c.ended === null && c.record.foodId === foodId && !c.record.mother && !c.quarantine,
    )
    .sort(
      (a, b) =>
        (b.drawnAt ?? '').localeCompare(a.drawnAt ?? '') ||
        a.record.startedAt.localeCompare(b.record.startedAt),
    )[0]
const problem = ref<string | null>(null)
const differs = ref(false)

const cubesText = (n: number) =>
  `${Math.max(0.5, Math.round(n * 2) / 2).toLocaleString('en-GB')} ${n <= 1 ? 'cube' : 'cubes'}`
const feed = computed(() => props.stop.feed)
const nauplii = computed(() =>
  feed.value
    ? feed.value.ml === null
      ? cubesText(feed.value.cubes ?? 0)
      : units.ml(feed.value.ml)
    : null,
)
const anyFood = computed(() => feed.value !== null || props.stop.foods.length > 0)
const work = computed(() => anyFood.value || props.stop.tasks.length > 0)
const reasons = computed(() => [
  ...(feed.value
    ? [
        feed.value.why,
        ...feed.value.meal.broods.map(b => broodMealWhy(b, feed.value!.meal.round.date)),
      ]
    : []),
  ...props.stop.foods.flatMap(f => f.why),
])
const tips = computed(() =>
  [
    ...new Set([
      ...(feed.value?.tips ?? []),
      ...props.stop.foods.flatMap(f => portionNote(f.food)),
      ...props.stop.foods.flatMap(f => f.tips),
    ]),
  ].filter(Boolean),
)

interface Row {
  id: string
  label: string
  asked: number
  most: number
}
const rows = computed((): Row[] => [
  ...(feed.value
    ? [
        {
          id: 'nauplii',
          label: `Nauplii, ${feed.value.ml === null ? 'cubes' : 'mL'}`,
          asked: feed.value.ml ?? feed.value.cubes ?? 0,
          most:
            (feed.value.ml ?? feed.value.cubes ?? 0) *
            (feed.value.store.nauplii / feed.value.nauplii),
        },
      ]
    : []),
  ...props.stop.foods.map(f => ({
    id: f.food.id,
    label: `${f.food.name}, ${f.food.portion?.unit ?? f.food.units}`,
    asked: f.portion,
    most: Infinity,
  })),
])
const typed = reactive<Record<string, string>>({})
const left = reactive<Record<string, boolean>>({})

async function finish() {
  problem.value = await actions.done(props.stop, props.roundKey, null)
}
async function finishDiffering() {
  const shares: Record<string, number> = {}
  for (const row of rows.value) {
    const text = typed[row.id]?.trim() ?? ''
    if (text === '') continue
    const n = Number(text.replace(',', '.'))
    if (!Number.isFinite(n) || n < 0 || row.asked <= 0 || n > row.most * 1.01) {
      problem.value = `${row.label} cannot be “${text}”: enter 0 ${Number.isFinite(row.most) ? `to ${units.count(row.most)}, which is all there is` : 'or more'}.`
      return
    }
    shares[row.id] = n / row.asked
  }
  problem.value = await actions.done(props.stop, props.roundKey, {
    nauplii: shares.nauplii ?? 1,
    foods: shares,
    tasks: new Set(props.stop.tasks.filter(t => !left[t.id]).map(t => t.id)),
  })
  differs.value = false
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing
      ><CupDrawing v-if="feed" :form="feed.store.form" /><TankDrawing
        v-else
        :label="stop.tank.name"
    /></template>
    <p v-if="feed" class="sentence">
      Give <strong>{{ stop.tank.name }}</strong> <span class="amount">{{ nauplii }}</span> from the
      {{ feed.store.form }}.
    </p>
    <p v-else-if="anyFood" class="sentence">
      Feed <strong>{{ stop.tank.name }}</strong>:
    </p>
    <p v-else class="sentence">
      Look at <strong>{{ stop.tank.name }}</strong>.
    </p>
    <p v-if="feed" class="small mt-1">
      About {{ units.count(feed.nauplii) }} nauplii for
      {{ feed.meal.broods.map(b => b.brood.name).join(', ') }};
      {{ units.share(feed.store.energy) }} of the yolk left.
      <template v-if="feed.share < 0.95"
        >This is {{ units.share(feed.share) }} of the meal: the {{ feed.store.form }} holds no
        more{{ feed.harvestFollows ? '; the harvest brings the rest' : '' }}.</template
      >
    </p>
    <ul v-if="stop.foods.length" class="mt-1 grid gap-1">
      <li v-for="f in stop.foods" :key="f.food.id">
        <span class="sentence"
          ><span v-if="feed">and </span
          ><span class="amount">{{ portionText(f.food, f.portion, units.measures.value) }}</span>
          {{ foodWithSize(f.food, f.size) }}</span
        >
        <span class="small block"
          >about {{ units.count(f.organisms) }} {{ f.food.units }} for
          {{ f.for.map(b => b.name).join(', ') }}</span
        >
        <NuxtLink
          v-if="vesselOf(f.food.id)"
          :to="`/shelf/harvest/${vesselOf(f.food.id)!.id}`"
          :prefetch="false"
          class="link text-[0.9375rem] inline-flex items-center min-h-12"
          >Draw it from {{ vesselOf(f.food.id)!.record.name }}</NuxtLink
        >
      </li>
    </ul>
    <p v-if="stop.smallest && anyFood" class="small mt-1">
      The smallest mouth decides what must be there: {{ stop.smallest.brood.name }},
      {{ (stop.smallest.gapeUm / 1000).toFixed(2) }} mm.
    </p>
    <ul v-if="stop.tasks.length" class="mt-2 grid gap-1">
      <li
        v-for="t in stop.tasks"
        :key="`${t.id}${t.broodId}`"
        class="flex gap-2"
        :class="{ 'border-l-[6px] border-harm pl-3 font-semibold': t.id === 'gap' }"
      >
        <label v-if="differs" class="flex gap-3 items-center min-h-12"
          ><input
            v-model="left[t.id]"
            type="checkbox"
            class="size-6 accent-[var(--plan)] shrink-0"
          /><span><strong>Left out:</strong> {{ t.text }}</span></label
        >
        <template v-else
          ><span
            v-if="t.id !== 'gap'"
            aria-hidden="true"
            class="mt-2 size-2 border-2 border-ink2 shrink-0"
          /><span>{{ t.text }}</span></template
        >
      </li>
    </ul>
    <div class="flex flex-wrap gap-x-6 items-start">
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
      <WhyPanel
        v-if="reasons.length"
        :reasons="reasons"
        :ask="`Why ${nauplii ?? portionText(stop.foods[0]!.food, stop.foods[0]!.portion, units.measures.value)}?`"
      />
    </div>
    <form
      v-if="differs && rows.length"
      class="grid gap-3 mt-2 sm:grid-cols-2"
      @submit.prevent="finishDiffering"
    >
      <label v-for="row in rows" :key="row.id" class="font-semibold"
        >What went in: {{ row.label
        }}<input
          v-model="typed[row.id]"
          class="field block mt-1"
          inputmode="decimal"
          :placeholder="String(Number(row.asked.toPrecision(2)))"
      /></label>
      <button class="sr-only">Log it</button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <BellyRow v-for="ask in stop.looks" :key="`${ask.brood.id}${ask.meal}`" :ask="ask" />
    <WeaningRow v-for="ask in stop.weaning" :key="`${ask.brood.id}${ask.step}`" :ask="ask" />
    <template #actions>
      <template v-if="differs">
        <button class="btn btn-quiet" @click="differs = false">Cancel</button>
        <button class="btn btn-main" @click="finishDiffering">Log it</button>
      </template>
      <template v-else>
        <button
          class="btn btn-quiet"
          @click="
            hatch.postpone(
              stop.key,
              roundKey,
              anyFood ? 'This meal is left out.' : 'This is left out.',
            )
          "
        >
          Not now
        </button>
        <button v-if="work" class="btn" @click="differs = true">Differs</button>
        <button v-if="work" class="btn btn-main" @click="finish">Done</button>
      </template>
    </template>
  </StopFrame>
</template>
