<script setup lang="ts">
import InTurn from '~/components/shared/InTurn.vue'
import { computed, ref } from 'vue'
import { CARDS, findCards } from '~/components/methods/methodIndex'
import SectionNav from '~/components/shared/SectionNav.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { plural } from '~/words/round'

/** Every way of growing a food that Renatus knows, found by any word on its card. */
const query = ref('')
const found = computed(() => findCards(query.value))
const groups = computed(() =>
  [...new Set(found.value.map(c => c.food))].map(food => ({
    food,
    cards: found.value.filter(c => c.food === food),
  })),
)
/** Foods by name, of those that were found. */
const foods = computed(() =>
  groups.value.map(g => ({ id: g.food.profile.id, name: g.food.profile.name })),
)
</script>

<template>
  <div class="grid grid-cols-1 gap-x-8 gap-y-4 desk:grid-cols-[10.5rem_minmax(0,1fr)]">
    <div class="desk:col-span-2 flex flex-wrap gap-x-8 gap-y-3 items-end">
      <div class="grow min-w-0 basis-80">
        <h1>Methods</h1>
        <p class="small mt-1">
          How is it done, and by which school? {{ plural(CARDS.length, 'card') }} for
          {{ plural(new Set(CARDS.map(c => c.food)).size, 'food') }}; the amounts are for the vessel
          you name on the card.
        </p>
      </div>
      <div class="grow max-w-md">
        <label class="font-semibold"
          >Find<input
            v-model="query"
            type="search"
            class="field mt-1"
            placeholder="yeast, jar, spirulina"
            autocomplete="off"
        /></label>
        <p role="status" class="small min-h-6">
          {{
            query === ''
              ? ''
              : found.length
                ? `${plural(found.length, 'card')} found.`
                : 'No card has all of these words. Try one word less.'
          }}
        </p>
      </div>
    </div>
    <SectionNav label="Foods" :sections="foods" />
    <div class="grid grid-cols-1 gap-6 content-start min-w-0 sections">
      <div v-for="g in groups" :id="g.food.profile.id" :key="g.food.profile.id">
        <InTurn
          ><section class="grid gap-1">
            <ShelfEdge :name="g.food.profile.name" />
            <ul class="grid desk:grid-cols-2 gap-x-8">
              <li v-for="c in g.cards" :key="c.method.id" class="rule py-2">
                <NuxtLink
                  :to="`/methods/${c.food.profile.id}/${c.method.id}`"
                  :prefetch="false"
                  class="link inline-flex min-h-12 desk:min-h-9 items-center font-semibold"
                  >{{ c.method.name }}</NuxtLink
                >
                <p class="small">{{ c.method.about }}</p>
              </li>
            </ul>
          </section></InTurn
        >
      </div>
    </div>
  </div>
</template>
