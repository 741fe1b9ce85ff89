<script setup lang="ts">
import { nowMs } from '~/composables/clock'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from '#app/composables/router'
import { hatchFood } from '@renatus/core/foods/hatchFood'
import { SETTLE_MINUTES } from '@renatus/core/dynamics/hatch/handling'
import { harvestNow } from '@renatus/core/round/stops/harvest/find'
import { harvestSteps } from '@renatus/core/stock/hatchPulls'
import { roundAt } from '@renatus/core/round/round'
import { countedInCup, gradeOf, seenInCup } from '@renatus/core/stock/naupliiInCup'
import { hoursBetween } from '@renatus/core/time/localDate'
import AmountInput from '~/components/shared/AmountInput.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { newId } from '~/db/newId'
import { useStops } from '~/composables/useStops'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { useCulturesStore } from '~/stores/cultures'
import { numberField } from '~/words/fields'

/** What came of a hatch, seen or counted: into a cup, from which the tanks of the round are fed. */
const room = useRoomStore()
useCulturesStore()
const units = useUnits()
const stops = useStops()
const router = useRouter()
const id = String((useRoute().params as { id: string }).id)
const hatch = computed(() => room.state?.hatches.find(r => r.id === id) ?? null)
const stop = computed(() =>
  hatch.value && room.state
    ? harvestNow(room.state, hatch.value, roundAt(room.state.room, room.now))
    : null,
)
const expected = computed(() => stop.value?.pull ?? null)
const age = computed(() => (hatch.value ? hoursBetween(hatch.value.startedAt, room.now) : 0))
const isLast = computed(() =>
  expected.value ? expected.value.pullNo >= expected.value.ofPulls : true,
)
/** Steps of its school; those that keep the vessel running belong to every pull but the last. */
const steps = computed(() => harvestSteps(hatch.value?.school ?? '', isLast.value))

const seen = ref<'good' | 'thin' | 'failed' | 'count'>('good')
const input = reactive({
  volume: '200',
  animals: '',
  samples: '3',
  sample: '0.1',
  freeze: '',
  cubes: '12',
})
const last = ref(true)
const problem = ref<string | null>(null)
watch(isLast, is => (last.value = is), { immediate: true })

const RULES = {
  volume: { label: 'Concentrate', min: 1, max: 20_000, unit: 'mL' },
  animals: {
    label: 'Nauplii counted',
    min: 0,
    max: 100_000,
    whole: true,
    hint: 'Thin the sample if there are more.',
  },
  samples: { label: 'Samples', min: 1, max: 1000, whole: true },
  sample: { label: 'mL in a sample', min: 0, max: 100, above: true, unit: 'mL' },
  freeze: { label: 'For the freezer', min: 0, max: 20_000, above: true, unit: 'mL' },
  cubes: { label: 'Cubes', min: 1, max: 2000, whole: true },
} as const
type Field = keyof typeof RULES
const parsed = (name: Field) => numberField(RULES[name]).safeParse(input[name])
const valueOf = (name: Field) => {
  const f = parsed(name)
  return f.success ? f.data : null
}
const freezes = computed(() => input.freeze.trim() !== '')
const count = computed(() => {
  const [animals, samples, sampleMl] = [valueOf('animals'), valueOf('samples'), valueOf('sample')]
  return animals === null || samples === null || sampleMl === null
    ? null
    : { animals, samples, sampleMl }
})
const total = computed(() => {
  const cupMl = valueOf('volume')
  if (!expected.value || cupMl === null) return null
  if (seen.value !== 'count') return seenInCup(seen.value, expected.value.nauplii)
  return count.value ? countedInCup(count.value, cupMl) : null
})
const perMl = computed(() => (total.value === null ? null : total.value / valueOf('volume')!))

async function settle() {
  const about = { type: 'harvest', id }
  const endsAt = new Date(nowMs() + SETTLE_MINUTES * 60_000).toISOString()
  const label = `${hatch.value?.name ?? 'Vessel'}: shells rising`
  await room.writeOrStop([
    { kind: 'clock.started', subject: about, data: { clockId: newId(), label, endsAt, about } },
  ])
}

/** The first field that cannot be read, in words. */
function wrong(): string | null {
  const asked: Field[] = [
    'volume',
    ...(seen.value === 'count' ? (['animals', 'samples', 'sample'] as const) : []),
    ...(freezes.value ? (['freeze', 'cubes'] as const) : []),
  ]
  for (const name of asked) {
    const f = parsed(name)
    if (!f.success) return f.error.issues[0]!.message
  }
  const most = valueOf('volume') ?? 0
  return freezes.value && valueOf('freeze')! > most
    ? `The cup holds ${units.ml(most)}: freeze less, or correct the concentrate.`
    : null
}

async function log() {
  problem.value = wrong()
  if (problem.value || !stop.value || total.value === null || !expected.value) return
  problem.value = await stops.done(stop.value, {
    seen: seen.value === 'count' ? gradeOf(total.value, expected.value.nauplii) : seen.value,
    nauplii: total.value,
    cupMl: valueOf('volume'),
    finished: last.value,
    ...(seen.value === 'count' ? { count: count.value } : {}),
    ...(freezes.value ? { frozen: { ml: valueOf('freeze'), cubes: valueOf('cubes') } } : {}),
  })
  if (problem.value === null) await router.replace('/')
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!hatch || hatch.endedAt" class="grid gap-3">
    <h1>This hatch is over</h1>
    <p class="sentence">
      It was harvested or emptied<template v-if="hatch?.endedAt">
        {{ units.when(hatch.endedAt) }}</template
      >. What was logged stands in the Log, where it can be corrected or undone.
    </p>
    <p><NuxtLink class="btn" :prefetch="false" to="/">Back to the round</NuxtLink></p>
  </div>
  <form
    v-else
    class="grid grid-cols-1 gap-6 max-w-4xl"
    novalidate
    data-dirty="true"
    @input="problem = null"
    @submit.prevent="log"
  >
    <div>
      <h1>Harvest {{ hatch.name }}</h1>
      <p class="sentence mt-1" v-if="expected">
        After {{ units.duration(age) }} expect about
        <span class="amount">{{ units.count(expected.nauplii) }}</span> nauplii<span class="small"
          >, yolk left {{ units.share(expected.energy) }}. Pull {{ expected.pullNo }} of
          {{ expected.ofPulls }}.</span
        >
      </p>
      <WhyPanel
        v-if="expected?.why"
        :reasons="[expected.why]"
        :ask="`Why ${units.count(expected.nauplii)}?`"
      />
      <p v-if="expected && expected.nauplii < 1" class="mt-1 border-l-4 border-due pl-3">
        Nothing should have hatched yet.
      </p>
    </div>
    <section class="grid gap-2">
      <ShelfEdge name="Draw" />
      <ol class="grid gap-1 list-decimal pl-6">
        <li v-for="s in steps" :key="s.text">{{ s.text }}</li>
      </ol>
      <p>
        <button type="button" class="btn" @click="settle">
          Air is off: start {{ SETTLE_MINUTES }} minutes
        </button>
      </p>
    </section>
    <section class="grid gap-4">
      <ShelfEdge name="What came" />
      <div class="grid gap-4 sm:grid-cols-[12rem_1fr] items-start">
        <AmountInput
          v-model="input.volume"
          label="In the cup, mL"
          unit="mL"
          :from="200"
          hint="water the nauplii stand in"
        />
        <fieldset class="grid gap-2">
          <legend class="font-semibold mb-1">It looks</legend>
          <div class="grid gap-2 sm:grid-cols-2">
            <label
              v-for="sign in hatchFood.harvestSigns"
              :key="sign.id"
              class="flex gap-3 items-center min-h-14 border-2 px-3 py-1 cursor-pointer bg-paper"
              :class="seen === sign.id ? 'border-ink' : 'border-line'"
            >
              <input
                v-model="seen"
                type="radio"
                name="seen"
                :value="sign.id"
                class="size-5 accent-[var(--plan)] shrink-0"
              /><span
                ><strong>{{ sign.name }}</strong>
                <span class="small block leading-tight">{{ sign.looks }}</span></span
              >
            </label>
            <label
              class="flex gap-3 items-center min-h-14 border-2 px-3 py-1 cursor-pointer bg-paper"
              :class="seen === 'count' ? 'border-ink' : 'border-line'"
            >
              <input
                v-model="seen"
                type="radio"
                name="seen"
                value="count"
                class="size-5 accent-[var(--plan)] shrink-0"
              /><span
                ><strong>I counted</strong>
                <span class="small block leading-tight"
                  >drops under a lens; the lot learns from it</span
                ></span
              >
            </label>
          </div>
        </fieldset>
      </div>
      <div v-if="seen === 'count'" class="grid gap-4 sm:grid-cols-3">
        <AmountInput
          v-model="input.animals"
          label="Nauplii counted"
          unit="each"
          :from="0"
          inputmode="numeric"
        /><AmountInput
          v-model="input.samples"
          label="in samples"
          unit="each"
          :from="3"
          inputmode="numeric"
        /><AmountInput v-model="input.sample" label="of mL each" unit="mL" :from="0.1" />
      </div>
      <p v-if="total !== null && perMl !== null" class="sentence" role="status">
        That is
        <span class="amount" data-testid="harvest-total">{{ units.count(total) }}</span> nauplii,
        <span class="num">{{ units.count(perMl) }}</span> per mL.
      </p>
    </section>
    <section class="grid gap-3">
      <ShelfEdge name="Where it goes" />
      <p>
        The cup goes to the fridge, and the tanks of this round are fed out of it: their stops name
        the mL. A thin layer at 4 °C, aerated or shallow: 95 % of the yolk is left after a day.
        Label it; never in the family’s fridge unmarked.
      </p>
      <div class="flex flex-wrap gap-3 items-end">
        <AmountInput
          v-model="input.freeze"
          label="For the freezer at once, mL"
          unit="mL"
          :from="0"
          placeholder="none"
        /><AmountInput
          v-model="input.cubes"
          label="Cubes"
          unit="each"
          :from="12"
          v-if="freezes"
          inputmode="numeric"
        />
      </div>
      <p v-if="freezes" class="small">Sieve first: a cube is feed, not frozen brine.</p>
      <label class="flex items-center gap-3 min-h-12"
        ><input v-model="last" type="checkbox" class="size-6 accent-[var(--plan)]" />
        <span>That was the last pull; {{ hatch.name }} is emptied and cleaned</span></label
      >
    </section>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="btn btn-main px-8">Log the harvest</button
      ><NuxtLink class="btn btn-quiet" :prefetch="false" to="/">Back</NuxtLink>
    </div>
  </form>
</template>
