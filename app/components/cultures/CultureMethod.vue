<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import { recipe } from '@renatus/core/foods/recipe'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import MethodSteps from '~/components/methods/MethodSteps.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'

/** The method card with amounts for this very vessel. */
const props = defineProps<{ food: Food, method: FoodMethod, litres: number }>()
const units = useUnits()
const sheet = computed(() => recipe(props.food, props.method, props.litres, units.measures.value))
const amount = (l: { unit: string, amount: number }) => (l.unit === 'each' ? units.whole(l.amount) : l.unit === 'mL' ? l.amount >= 1000 ? units.litres(l.amount / 1000) : units.ml(l.amount) : units.grams(l.amount))
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Method" />
    <p class="sentence"><strong>{{ method.name }}.</strong> {{ method.about }}</p>
    <Disclosure v-slot="{ open }" as="div">
      <DisclosureButton class="btn" :aria-expanded="open">{{ open ? 'Close the card' : 'Card with amounts for this vessel' }}</DisclosureButton>
      <DisclosurePanel class="grid gap-6 mt-4">
        <table class="num max-w-3xl">
          <caption class="sr-only">Amounts for {{ units.litres(litres) }}</caption>
          <tbody><tr v-for="l in sheet.lines" :key="l.what" class="rule align-baseline"><th scope="row" class="text-left font-normal py-2 pr-4">{{ l.what }}</th><td class="font-bold whitespace-nowrap pr-4 text-right">{{ amount(l) }}</td><td class="small">{{ l.spoons?.length ? units.spoons(l.spoons) : '' }}</td></tr></tbody>
        </table>
        <div class="grid gap-6 desk:grid-cols-2"><MethodSteps name="Start" :steps="method.start" /><MethodSteps name="Harvest" :steps="method.harvest" /></div>
        <dl class="grid gap-x-8 gap-y-3 sm:grid-cols-3"><div><dt class="font-semibold">Feeding</dt><dd>{{ method.feedingRule }}</dd></div><div><dt class="font-semibold">Harvest</dt><dd>{{ method.harvestRule }}</dd></div><div><dt class="font-semibold">Renewal</dt><dd>{{ method.renewRule }}</dd></div></dl>
      </DisclosurePanel>
    </Disclosure>
  </section>
</template>
