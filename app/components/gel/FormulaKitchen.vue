<script setup lang="ts">
import { toRef } from 'vue'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { numberText } from '@renatus/core/units/numberText'
import { useRouter } from '#app/composables/router'
import { BINDERS, binderFor, binderOf, FIRMNESS } from '@renatus/core/gel/binders'
import { stageAt } from '@renatus/core/gel/targets'
import FormulaFish from '~/components/gel/FormulaFish.vue'
import FormulaLarder from '~/components/gel/FormulaLarder.vue'
import FormulaResult from '~/components/gel/FormulaResult.vue'
import FormulaTargets from '~/components/gel/FormulaTargets.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { FIRMNESS_WORDS, OBJECTIVES } from '~/words/gel'
import { useFormulaKitchen } from './useFormulaKitchen'

/** A formula for a brood, or for fish of a size: targets, what is at hand, and the mix that keeps them. */
const units = useUnits()
const router = useRouter()
const props = defineProps<{ broods: readonly GelBrood[] }>()
const kitchen = useFormulaKitchen(toRef(props, 'broods'))
const { old, broodId, brood, hand, fish, fishProblem, job } = kitchen
const { targets, propose, proposed, read, objective } = kitchen
const { binder, firmness, water, gel, shape, softens, sieveUm } = kitchen
const { ingredients, feeds, ticked, limits } = kitchen
const { problem, answer, busy, failed, relax, name, nameProblem, proposedName } = kitchen
async function keep() {
  if (await kitchen.save()) await router.push('/gel')
}
</script>

<template>
  <div class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/gel" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Gel kitchen</NuxtLink
        >
      </p>
      <h1>{{ old ? `Formula: ${old.name}` : 'New formula' }}</h1>
      <p v-if="fish" class="small mt-1">
        Targets for a {{ stageAt(fish.lengthMm).name }}, percent of dry matter. Change what you know
        better.
      </p>
    </div>
    <div class="grid grid-cols-1 gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <div class="grid gap-6 content-start min-w-0">
        <FormulaFish
          v-model:brood-id="broodId"
          v-model:job="job"
          :broods="broods"
          :by-hand="brood === null"
          v-model:hand="hand"
          :problem="fishProblem"
        />
        <FormulaTargets
          v-model="targets"
          :changed="!proposed && fish !== null"
          @propose="propose"
        />
        <section class="grid gap-3">
          <ShelfEdge name="Gel" />
          <div class="grid gap-3 sm:grid-cols-3">
            <label class="font-semibold"
              >Binder<select v-model="binder" class="field mt-1 font-normal">
                <option
                  v-for="b in BINDERS.filter(x => x.ingredientId !== null)"
                  :key="b.id"
                  :value="b.id"
                >
                  {{ b.name }}
                </option>
              </select></label
            >
            <label class="font-semibold"
              >Firmness<select v-model="firmness" class="field mt-1 font-normal">
                <option v-for="f in FIRMNESS" :key="f" :value="f">{{ FIRMNESS_WORDS[f] }}</option>
              </select></label
            >
            <label class="font-semibold"
              >Water on 1 g dry, g<input v-model="water" class="field mt-1" inputmode="decimal"
            /></label>
          </div>
          <p class="small">
            {{ binderOf(binder).name }} needs {{ binderOf(binder).needs }}, sets
            {{ binderOf(binder).sets }}, melts at {{ units.celsius(binderOf(binder).meltsC) }}.
            {{ numberText(binderOf(binder).dose[firmness]) }} % of the finished gel. In this tank it
            keeps its shape for {{ shape }} h.
          </p>
          <p v-if="softens" class="border-l-4 border-due pl-3">
            The tank is warmer than this binder stands:
            {{ binderFor(fish!.temperatureC).name.toLowerCase() }} would keep its shape.
          </p>
        </section>
        <FormulaLarder v-model="ticked" v-model:limits="limits" :feeds="feeds" />
      </div>
      <section
        class="grid gap-4 content-start min-w-0 desk:sticky desk:top-20 desk:self-start"
        aria-label="The mix that was found"
      >
        <ShelfEdge name="The mix" />
        <fieldset class="flex flex-wrap gap-x-6">
          <legend class="font-semibold">Look for</legend>
          <label v-for="(words, o) in OBJECTIVES" :key="o" class="flex items-center gap-2 min-h-12"
            ><input
              v-model="objective"
              type="radio"
              :value="o"
              class="size-5 accent-[var(--plan)]"
            />{{ words }}</label
          >
        </fieldset>
        <p v-if="problem || failed" role="alert" class="text-harm font-semibold">
          {{ problem || failed }}
        </p>
        <p v-else-if="busy && !answer" role="status" class="small">Working it out</p>
        <template v-if="answer && !problem && read.ok">
          <FormulaResult
            :formula="answer"
            :targets="read.targets"
            :ingredients="ingredients"
            :sieve-um="sieveUm"
            :water-by-mass="gel.waterByMass"
            @relax="relax"
            @add="id => ticked.push(id)"
          />
          <form
            v-if="answer.status === 'optimal' || answer.status === 'infeasible'"
            class="flex flex-wrap gap-3 items-end"
            @submit.prevent="keep"
          >
            <label class="font-semibold grow"
              >Name of the diet<input v-model="name" class="field mt-1" :placeholder="proposedName"
            /></label>
            <button class="btn btn-main" :disabled="busy">
              {{ answer.status === 'infeasible' ? 'Keep it all the same' : 'Keep this diet' }}
            </button>
            <p v-if="nameProblem" role="alert" class="text-harm font-semibold w-full">
              {{ nameProblem }}
            </p>
          </form>
        </template>
      </section>
    </div>
  </div>
</template>
