<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useRoute } from '#imports'
import { fillOf, traysForDays, traysFrom } from '@renatus/core/gel/batch'
import { leastWater } from '@renatus/core/gel/formulaBatch'
import { GEL_G_PER_ML } from '@renatus/core/gel/portion'
import {
  kitchenBatch,
  kitchenIngredients,
  kitchenLearned,
  powderLeft,
  trayVolume,
} from '@renatus/core/stock/gelKitchen'
import { gelCourse, mixFor } from '@renatus/core/stock/gelNeed'
import { toSpoons } from '@renatus/core/units/toSpoons'
import BatchLanding from '~/components/gel/BatchLanding.vue'
import BatchSheet from '~/components/gel/BatchSheet.vue'
import BatchSteps from '~/components/gel/BatchSteps.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { plural } from '~/words/round'

/** From trays to powder, from powder to trays, from days to trays; then the sheet, the process, and where it landed. */
const room = useRoomStore()
const units = useUnits()
const { query } = useRoute()
const mixes = computed(() => room.state!.gel.mixes)
const mixId = ref(
  mixes.value.some(m => m.id === query.mix) ? String(query.mix) : (mixes.value[0]?.id ?? ''),
)
const mix = computed(() => mixes.value.find(m => m.id === mixId.value) ?? null)
const ingredients = computed(() => kitchenIngredients(room.state!.gel.ingredients))
const trays = computed(() => room.state!.gel.trays)
const way = ref<'trays' | 'powder' | 'days'>('trays')
const trayId = ref(trays.value[0]?.id ?? '')
const counts = reactive<Record<string, string>>(
  Object.fromEntries(trays.value.map((t, i) => [t.id, i === 0 ? '1' : '0'])),
)
const learned = computed(() => (mix.value ? kitchenLearned(room.state!.entries, mix.value) : null))
const left = computed(() => (mix.value ? powderLeft(room.state!.entries, mix.value) : null))
const powder = ref('')
const days = ref('14')
const own = reactive({ parts: '', air: '', loss: '' })
const one = (n: number, digits = 1) => n.toLocaleString('en-GB', { maximumFractionDigits: digits })

const field = (text: string, fallback: number, rule: Parameters<typeof numberField>[0]) =>
  text.trim() === ''
    ? { success: true as const, data: fallback }
    : numberField(rule).safeParse(text)
const settings = computed(() => {
  const l = learned.value
  if (!l) return null
  const parts = field(own.parts, l.parts, { label: 'Parts of water', min: 0.2, max: 20 })
  const air = field(own.air, l.solid.value, { label: 'Share that is not air', min: 0.05, max: 1 })
  const loss = field(own.loss, l.loss.value * 100, { label: 'Loss', min: 0, max: 50, unit: '%' })
  for (const p of [parts, air, loss]) if (!p.success) return { problem: p.error.issues[0]!.message }
  return {
    problem: '',
    parts: parts.data!,
    solidShare: air.data!,
    lossShare: loss.data! / 100,
    measures: units.measures.value,
  }
})
const chosen = computed(() => trays.value.find(t => t.id === trayId.value) ?? null)

/** How much is filled, and in words how that came about. */
const fill = computed(
  (): {
    ml: number
    trays: { name: string; n: number; ml: number; cells: number | null; form: string }[]
    said: string
    problem: string
  } => {
    const none = (problem: string) => ({ ml: 0, trays: [], said: '', problem })
    const s = settings.value
    if (!mix.value || !s) return none('')
    if (s.problem !== '') return none(s.problem)
    const set = s as Exclude<typeof s, { problem: string; parts?: undefined }>
    const tray = (t: (typeof trays.value)[number], n: number) => ({
      name: t.name,
      n,
      ml: trayVolume(t),
      cells: 'cells' in t.fill ? t.fill.cells : null,
      form: t.form as string,
    })
    if (way.value === 'trays') {
      const found = []
      for (const t of trays.value) {
        const n = numberField({ label: t.name, min: 0, max: 200 }).safeParse(counts[t.id] ?? '0')
        if (!n.success) return none(n.error.issues[0]!.message)
        if (n.data > 0) found.push(tray(t, n.data))
      }
      const ml = found.reduce((v, t) => v + t.n * t.ml, 0)
      return ml > 0
        ? { ml, trays: found, said: '', problem: '' }
        : none('Say how many of which tray: at least one.')
    }
    if (!chosen.value) return none('Name a tray first, in the Gel kitchen.')
    const each = trayVolume(chosen.value)
    if (way.value === 'powder') {
      if (mix.value.formula)
        return none('An own formula has no powder that is left: choose trays or days.')
      const g = numberField({
        label: 'Powder left',
        min: 0,
        max: 1_000_000,
        unit: 'g',
        above: true,
      }).safeParse(
        powder.value.trim() === '' && left.value !== null ? String(left.value) : powder.value,
      )
      if (!g.success) return none(g.error.issues[0]!.message)
      const ml = g.data / mix.value.gPerMl
      const whole = traysFrom(ml, each, set)
      const said =
        whole.trays === 0
          ? `${units.grams(g.data)} fill ${units.ml(fillOf(ml, set))}, less than one ${chosen.value.name}: the batch is as much as there is.`
          : `${units.grams(g.data)} fill ${plural(whole.trays, 'tray')}; ${units.grams(whole.leftMl * mix.value.gPerMl)} of powder are left.`
      return whole.trays === 0
        ? { ml: fillOf(ml, set), trays: [], said, problem: '' }
        : { ml: whole.trays * each, trays: [tray(chosen.value, whole.trays)], said, problem: '' }
    }
    const d = numberField({ label: 'Days', min: 1, max: 60, whole: true }).safeParse(days.value)
    if (!d.success) return none(d.error.issues[0]!.message)
    const eaters = room.state!.broods.filter(b => mixFor(mixes.value, b.id)?.id === mixId.value)
    const dryMg = eaters.reduce(
      (sum, b) =>
        sum + gelCourse(b, room.state!.room, room.state!.today, d.data).reduce((a, x) => a + x, 0),
      0,
    )
    if (dryMg <= 0)
      return none(
        `No brood eats ${mix.value.name} in the coming ${plural(d.data, 'day')}: give it a share on the sheet of a brood, or say how many trays.`,
      )
    const wetG =
      dryMg / 1000 / kitchenBatch(mix.value, ingredients.value, { ...set, fillMl: 100 }).dry
    const n = traysForDays(wetG / d.data, d.data, each, GEL_G_PER_ML)
    return {
      ml: n * each,
      trays: [tray(chosen.value, n)],
      said: `${eaters.map(b => b.name).join(', ')} eat ${units.grams(wetG)} of gel in ${plural(d.data, 'day')}: ${plural(n, 'tray')}, which hold ${units.grams(n * each * GEL_G_PER_ML)}.`,
      problem: '',
    }
  },
)
const batch = computed(() => {
  const s = settings.value
  if (!mix.value || !s || s.problem !== '' || fill.value.problem !== '' || fill.value.ml <= 0)
    return null
  return kitchenBatch(mix.value, ingredients.value, {
    fillMl: fill.value.ml,
    parts: s.parts!,
    solidShare: s.solidShare!,
    lossShare: s.lossShare!,
    measures: s.measures!,
  })
})
const missing = computed(
  () =>
    mix.value?.formula?.shares
      .filter(s => !ingredients.value.some(i => i.id === s.id))
      .map(s => s.id) ?? [],
)
const tooWet = computed(() =>
  mix.value?.formula && batch.value && batch.value.waterMl < 0
    ? leastWater(mix.value.formula.shares, id => ingredients.value.find(i => i.id === id)!)
    : null,
)
const waterSpoons = computed(() =>
  batch.value && batch.value.waterMl > 0
    ? toSpoons(batch.value.waterMl, units.measures.value)
    : null,
)
const print = () => window.print()
const WAYS = [
  ['trays', 'By trays'],
  ['powder', 'By powder left'],
  ['days', 'By days'],
] as const
</script>

<template>
  <div class="grid grid-cols-1 gap-6 sheet">
    <div class="flex flex-wrap gap-x-6 gap-y-2 items-end">
      <div class="grow">
        <p class="print:hidden">
          <NuxtLink to="/gel" :prefetch="false" class="link inline-flex min-h-12 items-center"
            >Gel kitchen</NuxtLink
          >
        </p>
        <h1>
          Batch of gel<template v-if="mix">: {{ mix.name }}</template>
        </h1>
      </div>
      <button v-if="batch" class="btn print:hidden" @click="print">Print</button>
    </div>
    <p v-if="!mix" class="sentence">
      There is no diet yet.
      <NuxtLink to="/gel" :prefetch="false" class="link"
        >Enter a powder or work out a formula first.</NuxtLink
      >
    </p>
    <p v-else-if="missing.length" role="alert" class="border-l-[6px] border-harm pl-3 sentence">
      This formula holds {{ missing.join(', ') }}, which the table does not know any more.
      <NuxtLink :to="`/gel/diet?id=${mix.id}`" :prefetch="false" class="link"
        >Work it out anew</NuxtLink
      >
    </p>
    <template v-else>
      <section class="grid gap-4 print:hidden">
        <ShelfEdge name="How much" />
        <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3">
          <label class="font-semibold"
            >Diet<select v-model="mixId" class="field mt-1 font-normal">
              <option v-for="m in mixes" :key="m.id" :value="m.id">{{ m.name }}</option>
            </select></label
          >
          <fieldset class="flex flex-wrap gap-x-5 desk:col-span-2">
            <legend class="font-semibold">Reckon</legend>
            <label
              v-for="w in WAYS.filter(x => x[0] !== 'powder' || !mix?.formula)"
              :key="w[0]"
              class="flex items-center gap-2 min-h-12"
              ><input
                v-model="way"
                type="radio"
                :value="w[0]"
                class="size-5 accent-[var(--plan)]"
              />{{ w[1] }}</label
            >
          </fieldset>
        </div>
        <p v-if="!trays.length" class="border-l-[6px] border-due pl-3">
          No tray is named yet:
          <NuxtLink to="/gel" :prefetch="false" class="link">name one in the Gel kitchen</NuxtLink>.
        </p>
        <div v-else-if="way === 'trays'" class="grid gap-4 grid-cols-2 desk:grid-cols-4">
          <label v-for="t in trays" :key="t.id" class="font-semibold"
            >{{ t.name
            }}<span class="small font-normal block">{{ units.ml(trayVolume(t)) }} each</span
            ><input v-model="counts[t.id]" class="field mt-1" inputmode="decimal"
          /></label>
        </div>
        <div v-else class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
          <label class="font-semibold"
            >Into<select v-model="trayId" class="field mt-1 font-normal">
              <option v-for="t in trays" :key="t.id" :value="t.id">
                {{ t.name }}, {{ units.ml(trayVolume(t)) }}
              </option>
            </select></label
          >
          <label v-if="way === 'powder'" class="font-semibold"
            >Powder left, g<input
              v-model="powder"
              class="field mt-1"
              inputmode="decimal"
              :placeholder="left === null ? '' : String(Math.round(left))"
          /></label>
          <label v-else class="font-semibold"
            >Days to last<input v-model="days" class="field mt-1" inputmode="numeric"
          /></label>
        </div>
        <details v-if="learned">
          <summary
            class="min-h-12 flex items-center cursor-pointer font-semibold underline underline-offset-3"
          >
            Parts, air and loss:
            {{ mix.formula ? '' : `${one(settings?.parts ?? learned.parts)} parts of water, `
            }}{{ one((settings?.lossShare ?? learned.loss.value) * 100) }} % stay on the tools
          </summary>
          <div class="grid gap-4 sm:grid-cols-3 pt-2">
            <label v-if="!mix.formula" class="font-semibold"
              >Water on one part of powder<input
                v-model="own.parts"
                class="field mt-1"
                inputmode="decimal"
                :placeholder="one(learned.parts, 2)"
              /><span class="small font-normal block"
                >by volume; {{ learned.batches ? 'as you did last' : 'as advised' }}</span
              ></label
            >
            <label v-if="!mix.formula" class="font-semibold"
              >Share of powder that is no air<input
                v-model="own.air"
                class="field mt-1"
                inputmode="decimal"
                :placeholder="one(learned.solid.value, 2)"
              /><span class="small font-normal block">{{
                learned.solid.from
                  ? `learned from ${plural(learned.solid.from, 'batch', 'batches')}; the book says ${one(learned.solid.book, 2)}`
                  : 'from its density; your batches correct it'
              }}</span></label
            >
            <label class="font-semibold"
              >Loss, %<input
                v-model="own.loss"
                class="field mt-1"
                inputmode="decimal"
                :placeholder="one(learned.loss.value * 100)"
              /><span class="small font-normal block">{{
                learned.loss.from
                  ? `learned from ${plural(learned.loss.from, 'weighed batch', 'weighed batches')}`
                  : 'stays on tools, leaves as steam'
              }}</span></label
            >
          </div>
        </details>
        <p v-if="fill.problem" role="alert" class="text-harm font-semibold">{{ fill.problem }}</p>
        <p v-else-if="fill.said" class="sentence" data-testid="fill-said">{{ fill.said }}</p>
      </section>
      <template v-if="batch">
        <p v-if="tooWet !== null" role="alert" class="border-l-[6px] border-harm pl-3 sentence">
          The fresh ingredients bring {{ units.ml(-batch.waterMl) }} more water than the gel takes.
          <NuxtLink :to="`/gel/diet?id=${mix.id}`" :prefetch="false" class="link"
            >Give the formula {{ one(Math.ceil(tooWet * 10) / 10) }} g of water on a gram</NuxtLink
          >, or less of what is fresh.
        </p>
        <template v-else>
          <BatchSheet
            :mix="mix"
            :batch="batch"
            :trays="fill.trays"
            :fill-ml="fill.ml"
            :water-spoons="waterSpoons"
            :left="left"
          />
          <BatchSteps :key="mix.id" :mix="mix" :trays="fill.trays" />
          <BatchLanding
            :key="`${mix.id} ${fill.ml}`"
            :mix="mix"
            :batch="batch"
            :trays="fill.trays"
            :fill-ml="fill.ml"
            :solid-share="settings!.solidShare!"
            :loss-share="settings!.lossShare!"
            class="print:hidden"
          />
        </template>
      </template>
    </template>
  </div>
</template>
