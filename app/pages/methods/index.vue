<script setup lang="ts">
import InTurn from '~/components/shared/InTurn.vue'
import { computed, ref } from 'vue'
import { CARDS, findCards } from '~/components/methods/methodIndex'
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
</script>

<template>
  <div class="grid grid-cols-1 gap-6">
    <div>
      <h1>Methods</h1>
      <p class="small mt-1">
        How is it done, and by which school? {{ plural(CARDS.length, 'card') }} for
        {{
          plural(
            groups.length && query === '' ? groups.length : new Set(CARDS.map(c => c.food)).size,
            'food',
          )
        }}; the amounts are for the vessel you name on the card.
      </p>
    </div>
    <label class="font-semibold max-w-md"
      >Find<input
        v-model="query"
        type="search"
        class="field mt-1"
        placeholder="yeast, jar, spirulina"
        autocomplete="off"
    /></label>
    <p role="status" class="small -mt-3">
      {{
        query === ''
          ? ''
          : found.length
            ? `${plural(found.length, 'card')} found.`
            : 'No card has all of these words. Try one word less.'
      }}
    </p>
    <InTurn v-for="g in groups" :key="g.food.profile.id"
      ><section class="grid gap-1">
        <ShelfEdge :name="g.food.profile.name" />
        <ul class="grid desk:grid-cols-2 gap-x-8">
          <li v-for="c in g.cards" :key="c.method.id" class="rule py-3">
            <NuxtLink
              :to="`/methods/${c.food.profile.id}/${c.method.id}`"
              :prefetch="false"
              class="link inline-flex min-h-12 items-center text-[1.1875rem]"
              >{{ c.method.name }}</NuxtLink
            >
            <p class="small">{{ c.method.about }}</p>
          </li>
        </ul>
      </section></InTurn
    >
  </div>
</template>
