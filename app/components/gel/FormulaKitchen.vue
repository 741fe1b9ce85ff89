<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from '#imports'
import {
  BINDERS,
  binderFor,
  binderOf,
  FIRMNESS,
  shapeHours,
  type Firmness,
} from '@renatus/core/gel/binders'
import type { Clash } from '@renatus/core/gel/formulate'
import type { Objective } from '@renatus/core/gel/formulaProgram'
import { grainSieve, jobOf, JOBS, type Job } from '@renatus/core/gel/particles'
import { stageAt, targetsFor } from '@renatus/core/gel/targets'
import type { Guild } from '@renatus/core/fry/species/species'
import { boundsFor, choiceOf, kitchenIngredients } from '@renatus/core/stock/gelKitchen'
import FormulaResult from '~/components/gel/FormulaResult.vue'
import { readTargets, targetTexts } from '~/components/gel/targetFields'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useFormula, type FormulaQuestion } from '~/composables/useFormula'
import { useGelBroods } from '~/composables/useGelBrood'
import { useUnits } from '~/composables/useUnits'
import type { RecordDraft } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { numberField, textField } from '~/words/fields'
import { FIRMNESS_WORDS, JOB_WORDS, NUTRIENT_NAMES, OBJECTIVES } from '~/words/gel'

/** A formula for a brood, or for fish of a size: targets, what is at hand, and the mix that keeps them. */
const room = useRoomStore()
const units = useUnits()
const router = useRouter()
const { query } = useRoute()
const broods = useGelBroods()
const old = computed(
  () => room.state?.gel.mixes.find(m => m.id === query.id && m.formula !== null) ?? null,
)
const ingredients = computed(() => kitchenIngredients(room.state?.gel.ingredients ?? []))

const broodId = ref(typeof query.brood === 'string' ? query.brood : (old.value?.broodIds[0] ?? ''))
const brood = computed(() => broods.value.find(b => b.brood.id === broodId.value) ?? null)
const hand = reactive({
  lengthMm: '12',
  guild: 'omnivore' as Guild,
  gapeMm: '0.9',
  temperatureC: '25',
})
const fish = computed(() => {
  if (brood.value)
    return {
      lengthMm: brood.value.day.lengthMm,
      gapeUm: brood.value.day.gapeUm,
      guild: brood.value.brood.species!.guild,
      temperatureC: brood.value.brood.temperature(room.state!.today),
    }
  const n = (text: string, rule: Parameters<typeof numberField>[0]) =>
    numberField(rule).safeParse(text)
  const length = n(hand.lengthMm, { label: 'Length of the fish', min: 2, max: 500, unit: 'mm' })
  const gape = n(hand.gapeMm, { label: 'Mouth', min: 0.1, max: 40, unit: 'mm' })
  const warm = n(hand.temperatureC, { label: 'Temperature', min: 5, max: 36, unit: '°C' })
  return length.success && gape.success && warm.success
    ? {
        lengthMm: length.data,
        gapeUm: gape.data * 1000,
        guild: hand.guild,
        temperatureC: warm.data,
      }
    : null
})
const fishProblem = computed(() =>
  fish.value
    ? ''
    : 'Length 2 to 500 mm, mouth 0.1 to 40 mm, temperature 5 to 36 °C, please: one of them cannot be read.',
)

const formula = old.value?.formula ?? null
const targets = ref(
  targetTexts(
    formula?.targets ?? targetsFor(fish.value?.lengthMm ?? 12, fish.value?.guild ?? 'omnivore'),
  ),
)
const propose = () => {
  if (fish.value) targets.value = targetTexts(targetsFor(fish.value.lengthMm, fish.value.guild))
}
const proposed = computed(
  () =>
    fish.value !== null &&
    JSON.stringify(targets.value) ===
      JSON.stringify(targetTexts(targetsFor(fish.value.lengthMm, fish.value.guild))),
)
const read = computed(() => readTargets(targets.value))

const binder = ref(
  old.value?.binder ?? (fish.value ? binderFor(fish.value.temperatureC).id : 'agar'),
)
const firmness = ref<Firmness>(old.value?.firmness ?? 'standard')
const water = ref(String(formula?.waterByMass ?? 2.5))
const waterByMass = computed(() =>
  numberField({ label: 'Water', min: 0.5, max: 8 }).safeParse(water.value),
)
const job = ref<Job>(old.value?.job ?? jobOf(fish.value?.guild ?? 'omnivore'))
const objective = ref<Objective>(formula?.objective ?? 'nearest')
const gel = computed(() => ({
  binder: binder.value,
  firmness: firmness.value,
  waterByMass: waterByMass.value.success ? waterByMass.value.data : 2.5,
}))
const sieveUm = computed(() => grainSieve(fish.value?.gapeUm ?? 900))
watch(broodId, () => {
  propose()
  if (!fish.value) return
  job.value = jobOf(fish.value.guild)
  binder.value = binderFor(fish.value.temperatureC).id
})

/** Ticked ones; of a formula that is changed its own, else what is at hand. Limits a person set stand beside the table's. */
const ticked = ref<string[]>(
  formula
    ? formula.shares
        .map(s => s.id)
        .filter(id => ingredients.value.find(i => i.id === id)?.role !== 'binder')
    : ingredients.value.filter(i => i.atHand && i.role !== 'binder').map(i => i.id),
)
const limits = reactive<Record<string, { min: string; max: string }>>(
  Object.fromEntries(ingredients.value.map(i => [i.id, { min: '', max: '' }])),
)
/** What many kitchens hold: a start for somebody who has ticked nothing yet. */
const LARDER = [
  'fish-meal',
  'spirulina',
  'wheat-flour',
  'wheat-germ',
  'shrimp',
  'egg',
  'peas',
  'fish-oil',
  'vitamins',
]
const openList = ref(ticked.value.length === 0)
const shown = computed(() => ingredients.value.filter(i => i.role !== 'binder'))
const problem = computed(() => {
  if (!read.value.ok) return read.value.problem
  if (!waterByMass.value.success) return waterByMass.value.error.issues[0]!.message
  for (const id of ticked.value) {
    for (const side of ['min', 'max'] as const) {
      const text = limits[id]?.[side] ?? ''
      const parsed =
        text === ''
          ? null
          : numberField({
              label: `${ingredients.value.find(i => i.id === id)?.name}, ${side === 'min' ? 'at least' : 'at most'}`,
              min: 0,
              max: 100,
              unit: '%',
            }).safeParse(text)
      if (parsed && !parsed.success) return parsed.error.issues[0]!.message
    }
    const { min, max } = bounded(id)!
    if (min > max)
      return `${ingredients.value.find(i => i.id === id)?.name}: at least ${Math.round(min * 1000) / 10} % is more than at most ${Math.round(max * 1000) / 10} %.`
  }
  return ''
})
function bounded(id: string): { min: number; max: number } | null {
  const i = ingredients.value.find(x => x.id === id)
  const book = i ? boundsFor(i, gel.value) : null
  if (!book) return null
  const own = (text: string | undefined, fallback: number) =>
    text === undefined || text.trim() === '' ? fallback : Number(text.replace(',', '.')) / 100
  const min = own(limits[id]?.min, book.min)
  return { min, max: own(limits[id]?.max, Math.max(book.max, min)) }
}
const question = computed((): FormulaQuestion | null => {
  if (problem.value !== '' || !read.value.ok) return null
  const binders = ingredients.value.filter(i => i.role === 'binder')
  const choices = [
    ...ingredients.value.filter(i => ticked.value.includes(i.id)),
    ...binders,
  ].flatMap(i => {
    const b = i.role === 'binder' ? boundsFor(i, gel.value) : bounded(i.id)
    return b ? [choiceOf(i, b)] : []
  })
  if (choices.every(c => binders.some(b => b.id === c.id)))
    return { choices: [], targets: {}, objective: objective.value, candidates: [] }
  return {
    choices,
    targets: read.value.targets,
    objective: objective.value,
    candidates: ingredients.value
      .filter(i => i.role === 'feed' && !ticked.value.includes(i.id))
      .map(i => choiceOf(i, { min: 0, max: i.most })),
  }
})
const { answer, busy, problem: failed } = useFormula(question)

function relax(clashes: readonly Clash[]) {
  const round = (x: number, up: boolean) =>
    String((up ? Math.ceil(x * 10 - 1e-6) : Math.floor(x * 10 + 1e-6)) / 10)
  for (const c of clashes) {
    if (c.of === 'collagen') continue
    if (c.of === 'calcium' || c.of === 'phosphorus') targets.value[c.of] = round(c.reached, false)
    else
      targets.value[`${c.of}${c.bound === 'least' ? 'Least' : 'Most'}`] = round(
        c.reached,
        c.bound === 'most',
      )
  }
}
const shape = computed(() =>
  fish.value
    ? shapeHours(binderOf(binder.value), { temperatureC: fish.value.temperatureC, crowded: false })
    : 24,
)
const softens = computed(
  () => fish.value !== null && fish.value.temperatureC > binderOf(binder.value).warmestC,
)

const name = ref(old.value?.name ?? '')
const nameProblem = ref('')
const proposedName = computed(() =>
  (brood.value
    ? `${brood.value.brood.name}, ${stageAt(brood.value.day.lengthMm).id}`
    : 'Own formula'
  ).slice(0, 60),
)
async function save() {
  const a = answer.value
  if (a?.status !== 'optimal' && a?.status !== 'infeasible') return
  const parsed = textField('Name of the diet').safeParse(
    name.value.trim() === '' ? proposedName.value : name.value,
  )
  nameProblem.value = parsed.success ? '' : parsed.error.issues[0]!.message
  if (!parsed.success || !read.value.ok) return
  const density = a.mix.reduce(
    (s, m) => s + m.share * (ingredients.value.find(i => i.id === m.id)?.gPerMl ?? 0.55),
    0,
  )
  const { protein, fat, fibre, ash } = a.composition
  await room.save([
    {
      ...(old.value ?? {
        broodIds: broodId.value ? [broodId.value] : [],
        grams: null,
        weighedAt: null,
        parts: 3,
      }),
      type: 'gel-mix',
      name: parsed.data,
      label: { protein, fat, fibre, ash, moisture: 0 },
      gPerMl: density,
      costPerKg: a.costPerKg,
      particleUm: sieveUm.value,
      binder: binder.value,
      firmness: firmness.value,
      job: job.value,
      formula: {
        shares: a.mix,
        waterByMass: gel.value.waterByMass,
        sieveUm: sieveUm.value,
        objective: objective.value,
        targets: read.value.targets,
      },
    } as unknown as RecordDraft,
  ])
  await router.push('/gel')
}
</script>

<template>
  <div class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/gel" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Gel kitchen</NuxtLink
        >
      </p>
      <h1>{{ old ? `Formula: ${old.name}` : 'New formula' }}</h1>
      <p v-if="fish" class="small mt-1">
        Targets for a {{ stageAt(fish.lengthMm).name }}, percent of dry matter. Change what you know
        better.
      </p>
    </div>
    <div class="grid grid-cols-1 gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <div class="grid gap-6 content-start min-w-0">
        <section class="grid gap-3">
          <ShelfEdge name="For whom" />
          <label class="font-semibold"
            >Brood<select v-model="broodId" class="field mt-1 font-normal">
              <option value="">fish of a size, none of these</option>
              <option v-for="b in broods" :key="b.brood.id" :value="b.brood.id">
                {{ b.brood.name }}, {{ b.day.lengthMm.toFixed(1) }} mm
              </option>
            </select></label
          >
          <div v-if="!brood" class="grid gap-3 grid-cols-2">
            <label class="font-semibold"
              >Length, mm<input v-model="hand.lengthMm" class="field mt-1" inputmode="decimal"
            /></label>
            <label class="font-semibold"
              >Mouth, mm<input v-model="hand.gapeMm" class="field mt-1" inputmode="decimal"
            /></label>
            <label class="font-semibold"
              >Temperature, °C<input
                v-model="hand.temperatureC"
                class="field mt-1"
                inputmode="decimal"
            /></label>
            <label class="font-semibold"
              >They eat<select v-model="hand.guild" class="field mt-1 font-normal">
                <option value="carnivore">animals</option>
                <option value="omnivore">both</option>
                <option value="grazer">growth and plants</option>
              </select></label
            >
          </div>
          <p v-if="fishProblem" role="alert" class="text-harm font-semibold">{{ fishProblem }}</p>
          <label class="font-semibold"
            >They<select v-model="job" class="field mt-1 font-normal">
              <option v-for="j in JOBS" :key="j" :value="j">{{ JOB_WORDS[j] }}</option>
            </select></label
          >
        </section>
        <section class="grid gap-3">
          <ShelfEdge name="Targets" />
          <table class="w-full text-left">
            <caption class="sr-only">
              Targets in percent of dry matter
            </caption>
            <thead class="small">
              <tr>
                <th class="font-normal">Percent of dry</th>
                <th class="font-normal">At least</th>
                <th class="font-normal">At most</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="n in ['protein', 'fat', 'fibre', 'ash'] as const" :key="n">
                <th scope="row" class="font-semibold pr-3">{{ NUTRIENT_NAMES[n] }}</th>
                <td class="pr-3 py-1">
                  <input
                    v-model="targets[`${n}Least`]"
                    class="field"
                    inputmode="decimal"
                    :aria-label="`${NUTRIENT_NAMES[n]} at least, %`"
                  />
                </td>
                <td class="py-1">
                  <input
                    v-model="targets[`${n}Most`]"
                    class="field"
                    inputmode="decimal"
                    :aria-label="`${NUTRIENT_NAMES[n]} at most, %`"
                  />
                </td>
              </tr>
              <tr v-for="n in ['calcium', 'phosphorus'] as const" :key="n">
                <th scope="row" class="font-semibold pr-3">{{ NUTRIENT_NAMES[n] }}</th>
                <td class="pr-3 py-1">
                  <input
                    v-model="targets[n]"
                    class="field"
                    inputmode="decimal"
                    :aria-label="`${NUTRIENT_NAMES[n]} at least, %`"
                  />
                </td>
                <td class="small">where it is known</td>
              </tr>
            </tbody>
          </table>
          <p v-if="!proposed && fish">
            <button type="button" class="btn" @click="propose">Back to the proposed targets</button>
          </p>
        </section>
        <section class="grid gap-3">
          <ShelfEdge name="Gel" />
          <div class="grid gap-3 sm:grid-cols-3">
            <label class="font-semibold"
              >Binder<select v-model="binder" class="field mt-1 font-normal">
                <option
                  v-for="b in BINDERS.filter(x => x.ingredientId !== null)"
                  :key="b.id"
                  :value="b.id"
                >
                  {{ b.name }}
                </option>
              </select></label
            >
            <label class="font-semibold"
              >Firmness<select v-model="firmness" class="field mt-1 font-normal">
                <option v-for="f in FIRMNESS" :key="f" :value="f">{{ FIRMNESS_WORDS[f] }}</option>
              </select></label
            >
            <label class="font-semibold"
              >Water on 1 g dry, g<input v-model="water" class="field mt-1" inputmode="decimal"
            /></label>
          </div>
          <p class="small">
            {{ binderOf(binder).name }} needs {{ binderOf(binder).needs }}, sets
            {{ binderOf(binder).sets }}, melts at {{ units.celsius(binderOf(binder).meltsC) }}.
            {{ binderOf(binder).dose[firmness].toLocaleString('en-GB') }} % of the finished gel. In
            this tank it keeps its shape for {{ shape }} h.
          </p>
          <p v-if="softens" class="border-l-4 border-due pl-3">
            The tank is warmer than this binder stands:
            {{ binderFor(fish!.temperatureC).name.toLowerCase() }} would keep its shape.
          </p>
        </section>
        <details class="grid gap-2" :open="openList">
          <summary class="cursor-pointer min-h-12 flex items-center gap-3 font-bold">
            <span class="underline underline-offset-3"
              >What may go in: {{ ticked.length }} ticked</span
            ><span class="edge" aria-hidden="true" />
          </summary>
          <p v-if="ticked.length === 0" class="my-2">
            <button type="button" class="btn" @click="ticked = [...LARDER]">
              Begin with a usual larder
            </button>
          </p>
          <p class="small">
            Limits are shares of the dry mix; empty fields hold what is usual. Only what is ticked
            is used.
            <NuxtLink to="/gel/ingredients" :prefetch="false" class="link"
              >Ingredients and prices</NuxtLink
            >
          </p>
          <ul>
            <li
              v-for="i in shown"
              :key="i.id"
              class="rule py-1 flex flex-wrap gap-x-3 items-center"
            >
              <label class="flex items-center gap-3 min-h-12 grow min-w-44"
                ><input
                  v-model="ticked"
                  type="checkbox"
                  :value="i.id"
                  class="size-6 accent-[var(--plan)] shrink-0"
                /><span>{{ i.name }}</span></label
              >
              <span v-if="ticked.includes(i.id)" class="flex gap-2 items-center small">
                <input
                  v-model="limits[i.id]!.min"
                  class="field !w-20 !text-ink"
                  inputmode="decimal"
                  :placeholder="String(Math.round((i.dose ?? 0) * 1000) / 10)"
                  :aria-label="`${i.name} at least, %`"
                />
                to
                <input
                  v-model="limits[i.id]!.max"
                  class="field !w-20 !text-ink"
                  inputmode="decimal"
                  :placeholder="String(Math.round((i.dose ?? i.most) * 1000) / 10)"
                  :aria-label="`${i.name} at most, %`"
                />
                %
              </span>
            </li>
          </ul>
        </details>
      </div>
      <section
        class="grid gap-4 content-start min-w-0 desk:sticky desk:top-20 desk:self-start"
        aria-label="The mix that was found"
      >
        <ShelfEdge name="The mix" />
        <fieldset class="flex flex-wrap gap-x-6">
          <legend class="font-semibold">Look for</legend>
          <label v-for="(words, o) in OBJECTIVES" :key="o" class="flex items-center gap-2 min-h-12"
            ><input
              v-model="objective"
              type="radio"
              :value="o"
              class="size-5 accent-[var(--plan)]"
            />{{ words }}</label
          >
        </fieldset>
        <p v-if="problem || failed" role="alert" class="text-harm font-semibold">
          {{ problem || failed }}
        </p>
        <p v-else-if="busy && !answer" role="status" class="small">Working it out</p>
        <template v-if="answer && !problem && read.ok">
          <FormulaResult
            :formula="answer"
            :targets="read.targets"
            :ingredients="ingredients"
            :sieve-um="sieveUm"
            :water-by-mass="gel.waterByMass"
            @relax="relax"
            @add="id => ticked.push(id)"
          />
          <form
            v-if="answer.status === 'optimal' || answer.status === 'infeasible'"
            class="flex flex-wrap gap-3 items-end"
            @submit.prevent="save"
          >
            <label class="font-semibold grow"
              >Name of the diet<input v-model="name" class="field mt-1" :placeholder="proposedName"
            /></label>
            <button class="btn btn-main" :disabled="busy">
              {{ answer.status === 'infeasible' ? 'Keep it all the same' : 'Keep this diet' }}
            </button>
            <p v-if="nameProblem" role="alert" class="text-harm font-semibold w-full">
              {{ nameProblem }}
            </p>
          </form>
        </template>
      </section>
    </div>
  </div>
</template>
