<script setup lang="ts">
import { useRouter } from '#app/composables/router'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { pieces as inPieces } from '~/words/gel'
import { useBatchLanding, type LandingProps } from './useBatchLanding'

/** Where it landed: pieces, mass, left-over; into which box, and where that stands. */
const props = defineProps<LandingProps>()
const units = useUnits()
const router = useRouter()
const landing = useBatchLanding(props)
const { cells, filled, left, weighed, edge, count, store, box } = landing
const { boxName, advice, read, balance, problem } = landing

async function save() {
  if (await landing.save()) await router.replace('/gel')
}
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Where it landed" />
    <form class="grid gap-4" @input="problem = ''" @submit.prevent="save">
      <div class="grid gap-4 grid-cols-2 desk:grid-cols-4">
        <label class="font-semibold"
          >Filled, mL<input v-model="filled" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Left in the bowl, mL<input v-model="left" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Pieces weigh in all, g<input
            v-model="weighed"
            class="field mt-1"
            inputmode="decimal"
            placeholder="not weighed"
        /></label>
        <label v-if="cells === null" class="font-semibold"
          >Cut to cubes of, mm<input v-model="edge" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Pieces<input
            v-model="count"
            class="field mt-1"
            inputmode="numeric"
            :placeholder="read.ok && read.cut !== null ? String(read.cut) : ''"
        /></label>
        <label class="font-semibold"
          >Into<select v-model="store" class="field mt-1 font-normal">
            <option value="freezer">freezer, three months</option>
            <option value="fridge">fridge, four days</option>
          </select></label
        >
        <label class="font-semibold col-span-2"
          >Box<input v-model="box" class="field mt-1" :placeholder="boxName"
        /></label>
      </div>
      <p v-for="a in advice" :key="a" class="small">{{ a }}</p>
      <p v-if="read.ok && balance" class="small" data-testid="balance">
        {{ units.grams(balance.inG) }} went in: {{ units.grams(balance.landedG) }} in
        {{ inPieces(read.pieces) }} of {{ units.grams(balance.landedG / read.pieces) }},
        {{ units.grams(balance.leftG) }} left over,
        {{ units.grams(Math.max(0, balance.lostG)) }} lost{{
          read.landedG === null ? ' as reckoned' : ''
        }}. What is weighed teaches the next batch.
      </p>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <p><button class="btn btn-main px-8">It is in the box</button></p>
    </form>
  </section>
</template>
