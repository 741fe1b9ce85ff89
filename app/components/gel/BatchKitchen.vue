<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { trayVolume } from '@renatus/core/stock/gelKitchen'
import BatchLanding from '~/components/gel/BatchLanding.vue'
import BatchSheet from '~/components/gel/BatchSheet.vue'
import BatchSteps from '~/components/gel/BatchSteps.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { plural } from '~/words/round'
import { useBatchKitchen } from './useBatchKitchen'

/** How much to make; then the sheet, the process, and where it landed. */
const units = useUnits()
const kitchen = useBatchKitchen()
const { mixes, mixId, mix, trays, way, trayId, counts, powder, days, own } = kitchen
const { learned, left, set, fill, batch, missing, tooWet, waterSpoons } = kitchen
const one = (n: number, digits = 1) => numberText(n, { decimals: digits })
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
            {{ mix.formula ? '' : `${one(set?.parts ?? learned.parts)} parts of water, `
            }}{{ one((set?.lossShare ?? learned.loss.value) * 100) }} % stay on the tools
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
            :solid-share="set!.solidShare"
            :loss-share="set!.lossShare"
            class="print:hidden"
          />
        </template>
      </template>
    </template>
  </div>
</template>
