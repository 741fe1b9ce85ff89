<script setup lang="ts">
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { NUTRIENT_NAMES } from '~/words/gel'
import type { TargetTexts } from './targetFields'

/** Targets in percent of dry matter; the fields are the parent's own. */
defineProps<{ changed: boolean }>()
const targets = defineModel<TargetTexts>({ required: true })
defineEmits<{ propose: [] }>()
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
          <th class="font-normal">Percent of dry</th>
          <th class="font-normal">At least</th>
          <th class="font-normal">At most</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="n in ['protein', 'fat', 'fibre', 'ash'] as const" :key="n">
          <th scope="row" class="font-semibold pr-3">{{ NUTRIENT_NAMES[n] }}</th>
          <td class="pr-3 py-1">
            <input
              v-model="targets[`${n}Least`]"
              class="field"
              inputmode="decimal"
              :aria-label="`${NUTRIENT_NAMES[n]} at least, %`"
            />
          </td>
          <td class="py-1">
            <input
              v-model="targets[`${n}Most`]"
              class="field"
              inputmode="decimal"
              :aria-label="`${NUTRIENT_NAMES[n]} at most, %`"
            />
          </td>
        </tr>
        <tr v-for="n in ['calcium', 'phosphorus'] as const" :key="n">
          <th scope="row" class="font-semibold pr-3">{{ NUTRIENT_NAMES[n] }}</th>
          <td class="pr-3 py-1">
            <input
              v-model="targets[n]"
              class="field"
              inputmode="decimal"
              :aria-label="`${NUTRIENT_NAMES[n]} at least, %`"
            />
          </td>
          <td class="small">where it is known</td>
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
