<script setup lang="ts">
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import type { ShelfPlace } from '~/composables/useShelf'
import { LEVEL_WORDS } from '~/words/tending'
import CultureCard from './CultureCard.vue'
import HatchOnShelf from './HatchOnShelf.vue'
import PlaceAir from './PlaceAir.vue'

/** One rack, sill or bench: its shelves from the top down, each with its vessels. */
defineProps<{
  place: ShelfPlace
  readings: ReadonlyMap<string, CultureReading>
  alone: ReadonlySet<string>
}>()
const units = useUnits()
</script>

<template>
  <section class="grid gap-2 content-start" :aria-label="place.name">
    <div v-for="(row, i) in place.rows" :key="row.level" class="grid gap-1">
      <ul class="grid grid-cols-2 sm:flex sm:flex-wrap gap-x-6 sm:gap-x-12 gap-y-6 items-end">
        <li v-for="c in row.cultures" :key="c.id">
          <CultureCard :culture="c" :reading="readings.get(c.id)" :alone="alone.has(c.id)" />
        </li>
      </ul>
      <p
        v-if="place.rows.length > 1 || row.level !== 'middle'"
        class="small"
        :class="i < place.rows.length - 1 ? 'border-b-2 border-line-strong pb-1 mb-2' : ''"
      >
        {{ LEVEL_WORDS[row.level]
        }}<template v-if="row.airC !== null">, {{ units.celsius(row.airC) }}</template>
      </p>
    </div>
    <ul
      v-if="place.hatches.length"
      class="grid grid-cols-2 sm:flex sm:flex-wrap gap-x-6 sm:gap-x-12 gap-y-6 items-end"
    >
      <li v-for="v in place.hatches" :key="v.id"><HatchOnShelf :vessel="v" /></li>
    </ul>
    <ShelfEdge :name="place.name" />
    <PlaceAir v-if="place.id" :place-id="place.id" :name="place.name" />
  </section>
</template>
