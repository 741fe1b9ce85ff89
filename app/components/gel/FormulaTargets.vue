<script setup lang="ts">
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { NUTRIENT_NAMES } from '~/words/gel'
import type { TargetTexts } from './targetFields'

/** Targets in percent of dry matter; the fields are the parent's own. */
defineProps<{ changed: boolean }>()
const targets = defineModel<TargetTexts>({ required: true })
defineEmits<{ propose: [] }>()

const least = (key: keyof TargetTexts) => ({ key, says: 'at least' })
const both = <N extends 'protein' | 'fat' | 'fibre' | 'ash'>(nutrient: N) => ({
  nutrient,
  bounds: [least(`${nutrient}Least`), { key: `${nutrient}Most` as const, says: 'at most' }],
})
/** Minerals are known of some ingredients only: they have no upper bound. */
const ROWS = [
  ...(['protein', 'fat', 'fibre', 'ash'] as const).map(both),
  ...(['calcium', 'phosphorus'] as const).map(n => ({ nutrient: n, bounds: [least(n)] })),
]
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Targets" />
    <table class="w-full text-left">
      <caption class="sr-only">
        Targets in percent of dry matter
      </caption>
      <thead class="small">
        <tr>
          <th class="font-normal pr-3">Percent of dry</th>
          <th class="font-normal">At least</th>
          <th class="font-normal">At most</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ROWS" :key="row.nutrient">
          <th scope="row" class="font-semibold pr-3">{{ NUTRIENT_NAMES[row.nutrient] }}</th>
          <td v-for="bound in row.bounds" :key="bound.key" class="pr-3 py-1 last:pr-0">
            <input
              v-model="targets[bound.key]"
              class="field"
              inputmode="decimal"
              :aria-label="`${NUTRIENT_NAMES[row.nutrient]} ${bound.says}, %`"
            />
          </td>
          <td v-if="row.bounds.length === 1" class="small">where it is known</td>
        </tr>
      </tbody>
    </table>
    <p v-if="changed">
      <button type="button" class="btn" @click="$emit('propose')">
        Back to the proposed targets
      </button>
    </p>
  </section>
</template>
