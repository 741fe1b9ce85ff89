<script setup lang="ts">
import type { LearnerStand } from '@renatus/core/practice/learner'
import { numberText } from '@renatus/core/units/numberText'
import { confusionWords, SKILL_WORDS } from '~/words/practice'
import CamePicture from './CamePicture.vue'
import TakenTable from './TakenTable.vue'

/** How often somebody is right, by what is practised, with how sure that is; and what is taken for what. */
defineProps<{ stand: LearnerStand }>()
const MOST = 3
const percent = (x: number) => Math.round(100 * x)
</script>

<template>
  <div class="grid gap-3">
    <ul class="grid gap-2 max-w-xl">
      <li
        v-for="s in stand.skills"
        :key="s.skill"
        class="grid grid-cols-[10rem_1fr_7rem] gap-3 items-center"
      >
        <span>{{ SKILL_WORDS[s.skill] }}</span>
        <span class="relative h-4 border border-line-strong" aria-hidden="true"
          ><template v-if="s.from"
            ><span
              class="absolute inset-y-0 bg-line"
              :style="{ left: `${percent(s.low)}%`, width: `${percent(s.high - s.low)}%` }" /><span
              class="absolute inset-y-0 w-1 bg-plan"
              :style="{ left: `calc(${percent(s.share)}% - 2px)` }" /></template
        ></span>
        <span class="num small">{{
          s.from ? `${percent(s.share)} % (${percent(s.low)} to ${percent(s.high)})` : 'not tried'
        }}</span>
      </li>
    </ul>
    <p v-if="stand.judgement" class="small">
      How sure you say you are is off by {{ numberText(stand.judgement.brier, { digits: 2 }) }} over
      {{ stand.judgement.from }} sayings (0 is perfect, 0.25 knows nothing).
    </p>
    <div v-if="stand.came.length" class="flex flex-wrap gap-8 items-start">
      <TakenTable :taken="stand.taken" />
      <CamePicture :came="stand.came" class="max-w-64" />
    </div>
    <p v-if="stand.confusions.length" class="small">
      Taken for another:
      {{ stand.confusions.slice(0, MOST).map(confusionWords).join('; ') }}.
    </p>
  </div>
</template>
