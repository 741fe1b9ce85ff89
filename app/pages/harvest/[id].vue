<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from '#imports'
import { brineShrimp } from '@renatus/core/foods/brine-shrimp/index'
import { HATCH } from '@renatus/core/dynamics/hatch/parameters'
import { SETTLE_MINUTES } from '@renatus/core/foods/brine-shrimp/parameters'
import { modelOfRun } from '@renatus/core/stock/hatchRuns'
import { pullForecast } from '@renatus/core/stock/pullForecast'
import { lotOfRun } from '@renatus/core/stock/roomState'
import { portionWhy } from '@renatus/core/round/portionWhy'
import { hoursBetween } from '@renatus/core/time/localDate'
import NoRoom from '~/components/shared/NoRoom.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import PortionRow from '~/components/harvest/PortionRow.vue'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { ANSWERED_ELSEWHERE } from '~/words/problems'
import { plural } from '~/words/round'

const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const router = useRouter()
const id = String((useRoute().params as { id: string }).id)
const run = computed(() => room.state?.runs.find(r => r.id === id) ?? null)
const vessel = computed(() => room.state?.vessels.find(v => v.id === run.value?.setup.vesselId))
const pullNo = computed(() => (run.value?.pulls.length ?? 0) + 1)
const ofPulls = computed(() => Math.max(pullNo.value, run.value?.setup.pullsAt.length ?? 1))
/** The steps that keep the bottle running belong to every pull but the last. */
const steps = computed(() => brineShrimp.methods[pullNo.value < ofPulls.value ? 1 : 0]!.harvest)

const seen = ref<'good' | 'thin' | 'failed' | 'count'>('good')
const input = reactive({ volume: '200', animals: '', samples: '3', sample: '0.1', cubes: '12' })
const rest = ref<'fridge' | 'freezer' | 'away'>('fridge')
const last = ref(true)
const portions = reactive<Record<string, string>>({})
const problem = ref<string | null>(null)
watch(
  [pullNo, ofPulls],
  () => {
    last.value = pullNo.value >= ofPulls.value
  },
  { immediate: true },
)

/** What the model expects of this pull, now. */
const expected = computed(() => {
  if (!run.value || !room.state) return null
  const lot = lotOfRun(room.state, run.value)
  const h = Math.max(0, hoursBetween(run.value.startedAt, room.now))
  return { h, ...pullForecast(run.value, modelOfRun(run.value, lot, room.state.hatchPH), lot, h) }
})
const fields = computed(() => ({
  volume: numberField({ label: 'Concentrate', min: 1, max: 20_000, unit: 'mL' }).safeParse(
    input.volume,
  ),
  animals: numberField({
    label: 'Nauplii counted',
    min: 0,
    max: 100_000,
    whole: true,
    hint: 'Thin the sample if there are more.',
  }).safeParse(input.animals),
  samples: numberField({ label: 'Samples', min: 1, max: 1000, whole: true }).safeParse(
    input.samples,
  ),
  sample: numberField({
    label: 'mL in a sample',
    min: 0,
    max: 100,
    above: true,
    unit: 'mL',
  }).safeParse(input.sample),
  cubes: numberField({ label: 'Cubes', min: 1, max: 2000, whole: true }).safeParse(input.cubes),
}))
const problemOf = (name: keyof typeof fields.value) => {
  const f = fields.value[name]
  return f.success ? null : f.error.issues[0]!.message
}
const valueOf = (name: keyof typeof fields.value) => {
  const f = fields.value[name]
  return f.success ? f.data : null
}
const total = computed(() => {
  const v = valueOf('volume')
  if (!expected.value || v === null) return null
  if (seen.value !== 'count')
    return (
      expected.value.nauplii * brineShrimp.harvestSigns.find(s => s.id === seen.value)!.yieldShare
    )
  const [n, k, ml] = [valueOf('animals'), valueOf('samples'), valueOf('sample')]
  return n === null || k === null || ml === null ? null : (n / (k * ml)) * v
})
const perMl = computed(() => (total.value === null ? null : total.value / valueOf('volume')!))

/** What the fridge still feeds at this round, by tank: it goes first, and the harvest brings the rest. */
const fromFridge = computed(
  () =>
    new Map(
      (room.round?.stops ?? []).flatMap(s =>
        s.type === 'tank' && s.feed?.store.form === 'fridge'
          ? [[s.tank.id, s.feed.nauplii * s.feed.store.energy] as const]
          : [],
      ),
    ),
)
const meals = computed(() =>
  (room.round?.plan.meals ?? [])
    .filter(m => m.round.key === room.round!.current.key)
    .map(m => ({
      ...m,
      nauplii: m.nauplii - (fromFridge.value.get(m.tank.id) ?? 0),
      whole: m.nauplii,
    }))
    .filter(m => m.nauplii > 0.05 * m.whole),
)
/** Each tank its meal; less for all alike when the harvest is short. */
const proposal = computed(() => {
  if (!perMl.value || !expected.value) return new Map<string, number>()
  const want = meals.value.map(m => ({
    id: m.tank.id,
    ml: m.nauplii / expected.value!.energy / perMl.value!,
  }))
  const all = want.reduce((s, w) => s + w.ml, 0)
  const scale = Math.min(1, valueOf('volume')! / Math.max(all, 1e-9))
  return new Map(want.map(w => [w.id, Number((w.ml * scale).toPrecision(2))]))
})
const given = computed(() =>
  meals.value.map(m => {
    const typed = portions[m.tank.id]
    const parsed =
      typed === undefined || typed === ''
        ? null
        : numberField({
            label: `Portion for ${m.tank.name}`,
            min: 0,
            max: 20_000,
            unit: 'mL',
          }).safeParse(typed)
    return {
      meal: m,
      ml:
        parsed === null ? (proposal.value.get(m.tank.id) ?? 0) : parsed.success ? parsed.data : NaN,
      problem: parsed && !parsed.success ? parsed.error.issues[0]!.message : null,
    }
  }),
)
function whyOf(meal: (typeof meals.value)[number]) {
  if (!expected.value || !perMl.value) return null
  const whole = meal.nauplii / expected.value.energy / perMl.value
  return portionWhy(meal, {
    density: perMl.value,
    unit: 'mL',
    energy: expected.value.energy,
    energyFrom: 'age at harvest',
    left: total.value ?? 0,
    share: (proposal.value.get(meal.tank.id) ?? 0) / whole,
  })
}
const poured = computed(() =>
  given.value.reduce((s, g) => s + (Number.isFinite(g.ml) ? g.ml : 0), 0),
)
const left = computed(() => Math.max(0, (valueOf('volume') ?? 0) - poured.value))
const leftNauplii = computed(() => left.value * (perMl.value ?? 0))
const short = computed(
  () =>
    meals.value.length > 0 &&
    total.value !== null &&
    expected.value !== null &&
    total.value * expected.value.energy < 0.95 * meals.value.reduce((s, m) => s + m.nauplii, 0),
)

async function settle() {
  const subject = { type: 'harvest', id }
  await room.write([
    {
      kind: 'clock.started',
      subject,
      data: {
        clockId: newId(),
        label: `${vessel.value?.name ?? 'Vessel'}: shells rising`,
        endsAt: new Date(Date.now() + SETTLE_MINUTES * 60_000).toISOString(),
        about: subject,
      },
    },
  ])
}

async function log() {
  const count = seen.value === 'count'
  const wrong = [
    problemOf('volume'),
    ...(count ? [problemOf('animals'), problemOf('samples'), problemOf('sample')] : []),
    ...(rest.value === 'freezer' && leftNauplii.value >= 1 ? [problemOf('cubes')] : []),
    ...given.value.map(g => g.problem),
  ].find(Boolean)
  const volume = valueOf('volume') ?? 0
  problem.value =
    wrong ??
    (poured.value > volume * 1.001
      ? `The portions add up to ${units.ml(poured.value)}, the cup holds ${units.ml(volume)}: give less, or correct the concentrate.`
      : null)
  if (problem.value || !expected.value || total.value === null || !run.value || !room.round) return
  const energy = expected.value.energy
  const share = expected.value.nauplii > 0 ? total.value / expected.value.nauplii : 0
  const drafts: Draft[] = [
    {
      kind: 'hatch.harvested',
      subject: { type: 'hatch', id },
      data: {
        hatchId: id,
        seen: count
          ? share > 0.7
            ? 'good'
            : share > 0.2
              ? 'thin'
              : 'failed'
          : (seen.value as 'good'),
        volumeMl: volume,
        nauplii: total.value,
        energy,
        finished: last.value,
        count: count
          ? {
              animals: valueOf('animals')!,
              samples: valueOf('samples')!,
              sampleMl: valueOf('sample')!,
            }
          : null,
      },
    },
  ]
  for (const g of given.value) {
    if (g.ml > 0)
      drafts.push({
        kind: 'tank.fed',
        subject: { type: 'tank', id: g.meal.tank.id },
        data: {
          tankId: g.meal.tank.id,
          roundKey: room.round.current.key,
          nauplii: g.ml * perMl.value!,
          ml: g.ml,
          cubes: null,
          energy,
          source: { kind: 'harvest', id },
          partial: fromFridge.value.has(g.meal.tank.id),
        },
      })
  }
  if (rest.value !== 'away' && leftNauplii.value >= 1) {
    const storeId = newId()
    const cubes = rest.value === 'freezer' ? valueOf('cubes') : null
    if (rest.value === 'fridge') {
      const about = { type: 'store', id: storeId }
      drafts.push({
        kind: 'clock.started',
        subject: about,
        data: {
          clockId: newId(),
          label: 'Fridge: feed out by',
          endsAt: new Date(Date.now() + HATCH.fridgeHoldH * 3_600_000).toISOString(),
          about,
        },
      })
    }
    drafts.push({
      kind: 'nauplii.stored',
      subject: { type: 'store', id: storeId },
      data: {
        storeId,
        hatchId: id,
        form: rest.value,
        nauplii: leftNauplii.value,
        volumeMl: rest.value === 'fridge' ? left.value : null,
        cubes,
        energy,
      },
    })
  }
  const next = run.value.setup.pullsAt[pullNo.value]
  if (!last.value && next && Date.parse(next) > Date.now()) {
    const about = { type: 'hatch', id }
    drafts.push({
      kind: 'clock.started',
      subject: about,
      data: {
        clockId: newId(),
        label: `${vessel.value?.name ?? 'Vessel'} to second pull`,
        endsAt: next,
        about,
      },
    })
  }
  const result = await room.write(drafts, `harvest:${id}:${pullNo.value}`)
  if (!result.ok) {
    problem.value = ANSWERED_ELSEWHERE
    return
  }
  undo.offer(
    result.act,
    `${vessel.value?.name ?? 'The hatch'} is harvested, ${plural(given.value.filter(g => g.ml > 0).length, 'tank')} fed.`,
  )
  await router.push('/')
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!run || run.endedAt" class="grid gap-3">
    <h1>This hatch is over</h1>
    <p class="sentence">
      It was harvested or emptied<template v-if="run?.endedAt">
        {{ units.when(run.endedAt) }}</template
      >. What was logged stands in the Log, where it can be corrected or undone.
    </p>
    <p><NuxtLink class="btn" :prefetch="false" to="/">Back to the round</NuxtLink></p>
  </div>
  <form
    v-else
    class="grid grid-cols-1 gap-6 max-w-4xl"
    novalidate
    data-dirty="true"
    @submit.prevent="log"
  >
    <div>
      <h1>Harvest {{ vessel?.name }}</h1>
      <p class="sentence mt-1" v-if="expected">
        After {{ units.duration(expected.h) }} expect about
        <span class="amount">{{ units.count(expected.nauplii) }}</span> nauplii<span class="small"
          >, yolk left {{ units.share(expected.energy) }}. Pull {{ pullNo }} of {{ ofPulls }}.</span
        >
      </p>
      <WhyPanel
        v-if="expected"
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
        <label class="font-semibold"
          >In the cup, mL<input
            v-model="input.volume"
            class="field mt-1 font-normal"
            inputmode="decimal"
          /><span class="small font-normal block mt-1">water the nauplii stand in</span></label
        >
        <fieldset class="grid gap-2">
          <legend class="font-semibold mb-1">It looks</legend>
          <div class="grid gap-2 sm:grid-cols-2">
            <label
              v-for="sign in brineShrimp.harvestSigns"
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
      <div v-if="seen === 'count'" class="grid gap-4 grid-cols-3">
        <label class="font-semibold"
          >Nauplii counted<input
            v-model="input.animals"
            class="field mt-1 font-normal"
            inputmode="numeric"
        /></label>
        <label class="font-semibold"
          >in samples<input
            v-model="input.samples"
            class="field mt-1 font-normal"
            inputmode="numeric"
        /></label>
        <label class="font-semibold"
          >of mL each<input
            v-model="input.sample"
            class="field mt-1 font-normal"
            inputmode="decimal"
        /></label>
      </div>
      <p v-if="total !== null && perMl !== null" class="sentence" role="status">
        That is
        <span class="amount" data-testid="harvest-total">{{ units.count(total) }}</span> nauplii,
        <span class="num">{{ units.count(perMl) }}</span> per mL.
      </p>
    </section>
    <section class="grid gap-2">
      <ShelfEdge name="Feed the tanks" />
      <p v-if="!meals.length" class="small">No tank waits for nauplii at this round.</p>
      <p v-if="fromFridge.size" class="small">
        Besides what the fridge gives at this round: its stops stand in the Round.
      </p>
      <p v-if="short" class="border-l-4 border-due pl-3" role="status">
        Not enough for all: every tank gets its share of what there is.
      </p>
      <PortionRow
        v-for="g in given"
        :key="g.meal.tank.id"
        v-model="portions[g.meal.tank.id]"
        :meal="g.meal"
        :proposed="proposal.get(g.meal.tank.id) ?? 0"
        :nauplii="(Number.isFinite(g.ml) ? g.ml : 0) * (perMl ?? 0)"
        :problem="g.problem"
        :why="whyOf(g.meal)"
      />
    </section>
    <section class="grid gap-3">
      <ShelfEdge name="What is left" />
      <p class="sentence">
        <span class="amount">{{ units.ml(left) }}</span>, about
        {{ units.count(leftNauplii) }} nauplii.
      </p>
      <div class="flex flex-wrap gap-2" role="radiogroup" aria-label="Where the rest goes">
        <button
          v-for="r in [
            ['fridge', 'Fridge, for a day'],
            ['freezer', 'Freezer, as cubes'],
            ['away', 'Pour away'],
          ] as const"
          :key="r[0]"
          type="button"
          role="radio"
          :aria-checked="rest === r[0]"
          class="btn"
          :class="{ 'btn-main': rest === r[0] }"
          @click="rest = r[0]"
        >
          {{ r[1] }}
        </button>
      </div>
      <p v-if="rest === 'fridge'" class="small">
        A thin layer at 4 °C, aerated or shallow: 95 % of the yolk is left after a day. Label it;
        never in the family’s fridge unmarked.
      </p>
      <div v-if="rest === 'freezer'" class="flex flex-wrap gap-3 items-end">
        <label class="font-semibold"
          >Cubes<input
            v-model="input.cubes"
            class="field mt-1 font-normal block w-32"
            inputmode="numeric"
        /></label>
        <p class="small pb-3" v-if="valueOf('cubes')">
          {{ units.count(leftNauplii / valueOf('cubes')!) }} nauplii in a cube. Sieve first: a cube
          is feed, not frozen brine.
        </p>
      </div>
      <p v-if="rest === 'away'" class="small">
        Never into drains that reach natural water: freeze or boil first, and follow your local
        rules.
      </p>
      <label class="flex items-center gap-3 min-h-12"
        ><input v-model="last" type="checkbox" class="size-6 accent-[var(--plan)]" />
        <span>That was the last pull; {{ vessel?.name }} is emptied and cleaned</span></label
      >
    </section>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="btn btn-main px-8">Log harvest and feeding</button
      ><NuxtLink class="btn btn-quiet" :prefetch="false" to="/">Back</NuxtLink>
    </div>
  </form>
</template>
