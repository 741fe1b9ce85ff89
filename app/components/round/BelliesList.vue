<script setup lang="ts">
import type { BelliesAfter } from '@renatus/core/round/belliesAfter'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import BellyRow from './stops/BellyRow.vue'

/** A quarter of an hour after the meal: has it been eaten? One tap a brood. */
defineProps<{ bellies: readonly BelliesAfter[] }>()
const units = useUnits()
</script>

<template>
  <section class="mt-1">
    <ShelfEdge name="Bellies, a quarter of an hour after the meal" />
    <ul>
      <li v-for="b in bellies" :key="`${b.brood.id}${b.meal}`" class="rule py-1">
        <BellyRow :ask="b" :from="units.clock(b.from)" />
      </li>
    </ul>
  </section>
</template>
