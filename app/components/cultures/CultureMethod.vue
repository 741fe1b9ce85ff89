<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import { recipe } from '@renatus/core/foods/recipe'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import MethodSteps from '~/components/methods/MethodSteps.vue'
import RecipeTable from '~/components/methods/RecipeTable.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'

/** The method card with amounts for this very vessel. */
const props = defineProps<{ food: Food; method: FoodMethod; litres: number }>()
const units = useUnits()
const sheet = computed(() => recipe(props.food, props.method, props.litres, units.measures.value))
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Method" />
    <p class="sentence">
      <strong>{{ method.name }}.</strong> {{ method.about }}
    </p>
    <Disclosure v-slot="{ open }" as="div">
      <DisclosureButton class="btn" :aria-expanded="open">{{
        open ? 'Close the card' : 'Card with amounts for this vessel'
      }}</DisclosureButton>
      <DisclosurePanel class="grid gap-6 mt-4">
        <RecipeTable :lines="sheet.lines" :caption="`Amounts for ${units.litres(litres)}`" />
        <div class="grid gap-6 desk:grid-cols-2">
          <MethodSteps name="Start" :steps="method.start" /><MethodSteps
            name="Harvest"
            :steps="method.harvest"
          />
        </div>
        <dl class="grid gap-x-8 gap-y-3 sm:grid-cols-3">
          <div>
            <dt class="font-semibold">Feeding</dt>
            <dd>{{ method.feedingRule }}</dd>
          </div>
          <div>
            <dt class="font-semibold">Harvest</dt>
            <dd>{{ method.harvestRule }}</dd>
          </div>
          <div>
            <dt class="font-semibold">Renewal</dt>
            <dd>{{ method.renewRule }}</dd>
          </div>
        </dl>
      </DisclosurePanel>
    </Disclosure>
  </section>
</template>
