<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed } from 'vue'
import { dryShare } from '@renatus/core/gel/ingredient'
import type { Clash, Formula } from '@renatus/core/gel/formulate'
import { mineralOf } from '@renatus/core/gel/minerals'
import { millingFor } from '@renatus/core/gel/particles'
import type { Targets } from '@renatus/core/gel/targets'
import type { KitchenIngredient } from '@renatus/core/stock/gelKitchen'
import CompositionPicture from '~/components/gel/CompositionPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { clashWords, micron, MILLING_WORDS, sharesWords } from '~/words/gel'

/** What the programme found: the mix, its composition against the targets, or why there is none and what would mend it. */
const props = defineProps<{
  formula: Formula
  targets: Targets
  ingredients: readonly KitchenIngredient[]
  sieveUm: number
  waterByMass: number
}>()
const emit = defineEmits<{ relax: [clashes: readonly Clash[]]; add: [id: string] }>()
const units = useUnits()
const of = (id: string) => props.ingredients.find(i => i.id === id)!
const one = (n: number) => numberText(n, { decimals: 1 })
/** Amounts are given for as much dry mix as a small batch takes. */
const DRY_G = 100
const mix = computed(() =>
  'mix' in props.formula
    ? [...props.formula.mix]
        .sort((a, b) => b.share - a.share)
        .map(m => ({ ...m, what: of(m.id), grams: (DRY_G * m.share) / dryShare(of(m.id)) }))
    : [],
)
const minerals = computed(() =>
  (['calcium', 'phosphorus'] as const).map(name => {
    const m = mineralOf('mix' in props.formula ? props.formula.mix : [], id => {
      const i = of(id)
      return i[name] === null ? null : i[name] / dryShare(i)
    })
    return `${name} ${m.value === null ? 'not known' : `${one(m.value)} %${m.known < 0.995 ? `, known of ${units.share(m.known)} of the mix` : ''}`}`
  }),
)
</script>

<template>
  <div class="grid gap-4" data-testid="formula">
    <p v-if="formula.status === 'no-ingredients'" class="border-l-[6px] border-due pl-3 sentence">
      Tick what is at hand, and the mix is worked out.
    </p>
    <p
      v-else-if="formula.status === 'shares'"
      role="alert"
      class="border-l-[6px] border-harm pl-3 sentence"
    >
      {{ sharesWords(formula) }}
    </p>
    <template v-else>
      <div
        v-if="formula.status === 'infeasible'"
        role="alert"
        class="border-l-[6px] border-harm pl-3 grid gap-2"
      >
        <p class="sentence">
          <strong>No mix of these keeps every target.</strong> The nearest one stands below; it
          breaks
          {{ formula.clashes.length === 1 ? 'one of them' : `${formula.clashes.length} of them` }}.
        </p>
        <ul>
          <li v-for="c in formula.clashes" :key="`${c.of}${c.bound}`">{{ clashWords(c) }}</li>
        </ul>
        <p v-if="formula.helpers.length">
          {{
            formula.helpers.some(h => h.settles)
              ? 'With one of these it works:'
              : 'These would bring it nearer:'
          }}
        </p>
        <p class="flex flex-wrap gap-2">
          <button
            v-for="h in formula.helpers"
            :key="h.id"
            type="button"
            class="btn"
            @click="emit('add', h.id)"
          >
            Add {{ of(h.id).name }}
          </button>
          <button
            v-if="formula.clashes.some(c => c.of !== 'collagen')"
            type="button"
            class="btn"
            @click="emit('relax', formula.clashes)"
          >
            Widen the targets just so far
          </button>
        </p>
      </div>
      <div class="overflow-x-auto" tabindex="0" role="region" aria-label="The mix">
        <table class="w-full text-left num">
          <caption class="text-left small pb-1">
            For
            {{
              DRY_G
            }}
            g of dry matter, as bought
          </caption>
          <thead class="small">
            <tr>
              <th class="font-normal pr-4 py-1">Ingredient</th>
              <th class="font-normal pr-4 text-right">Weigh</th>
              <th class="font-normal pr-4 text-right">Share of dry</th>
              <th class="font-normal">Through {{ micron(sieveUm) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in mix" :key="m.id" class="border-t border-line">
              <th scope="row" class="font-semibold py-2 pr-4">{{ m.what.name }}</th>
              <td class="text-right pr-4 whitespace-nowrap">
                <strong>{{ units.grams(m.grams) }}</strong>
              </td>
              <td class="text-right pr-4 whitespace-nowrap">{{ one(m.share * 100) }} %</td>
              <td class="small">{{ MILLING_WORDS[millingFor(m.what, sieveUm)] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <CompositionPicture :composition="formula.composition" :targets="targets" />
      <p class="small">
        A kilogram of dry mix costs <strong>{{ one(formula.costPerKg) }}</strong>, a kilogram of gel
        {{ one(formula.costPerKg / (1 + waterByMass)) }}. Minerals: {{ minerals.join('; ') }}.
        Vitamins by their label, in last: at least 100 mg of vitamin C on a kilogram.
      </p>
    </template>
  </div>
</template>
