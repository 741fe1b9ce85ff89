<script setup lang="ts">
import { ref } from 'vue'
import type { CookStop, OldGelStop, TubStop } from '@renatus/core/round/gelStops'
import { RESTOCK_DAYS, type RestockStop } from '@renatus/core/round/restockStops'
import GelBoxDrawing from '~/components/gel/GelBoxDrawing.vue'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import { useGelActions } from '~/composables/useGelActions'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUnits } from '~/composables/useUnits'
import { pieces } from '~/words/gel'
import { plural } from '~/words/round'
import StopFrame from './StopFrame.vue'

/** What the stores ask for: the day's tub, the next batch, what is too old, what must be ordered. */
const props = defineProps<{
  stop: TubStop | CookStop | OldGelStop | RestockStop
  now: boolean
  roundKey: string
}>()
const units = useUnits()
const hatch = useHatchActions()
const gel = useGelActions()
const differs = ref(false)
const problem = ref('')
const typed = ref<Record<string, string>>({})

async function take() {
  const stop = props.stop as TubStop
  const taken: Record<string, number> = {}
  for (const t of stop.tanks) {
    const text = typed.value[t.tankId]?.trim() ?? ''
    const n = text === '' || !differs.value ? t.pieces : Number(text.replace(',', '.'))
    if (!Number.isFinite(n) || n < 0 || n > stop.box.pieces) {
      problem.value = `${t.tankName} cannot be “${text}”: enter 0 to ${units.whole(stop.box.pieces)} pieces.`
      return
    }
    taken[t.tankId] = n
  }
  if (Object.values(taken).reduce((a, b) => a + b, 0) > stop.box.pieces + 1e-9) {
    problem.value = `${stop.box.name} holds ${pieces(stop.box.pieces)} only.`
    return
  }
  problem.value = (await gel.tub(stop, taken)) ?? ''
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing>
      <CupDrawing v-if="stop.type === 'restock'" form="harvest" />
      <GelBoxDrawing v-else-if="stop.type === 'cook'" :pieces="0" :made="1" label="An empty box" />
      <GelBoxDrawing
        v-else
        :pieces="stop.box.pieces"
        :made="stop.box.piecesMade"
        :label="`${stop.box.name}, ${pieces(stop.box.pieces)} left`"
      />
    </template>
    <template v-if="stop.type === 'tub'">
      <p class="sentence">
        Take <span class="amount">{{ pieces(stop.pieces) }}</span> out of
        <strong>{{ stop.box.name }}</strong> into the day’s tub.
      </p>
      <p class="small mt-1">
        {{ stop.tanks.map(t => `${t.tankName} ${pieces(t.pieces)}`).join(', ') }}. Box back into the
        {{ stop.box.store }} at once; {{ pieces(stop.box.pieces - stop.pieces) }} stay in it.
      </p>
      <form v-if="differs" class="grid gap-3 mt-2 sm:grid-cols-2" @submit.prevent="take">
        <label v-for="t in stop.tanks" :key="t.tankId" class="font-semibold"
          >{{ t.tankName }}, pieces<input
            v-model="typed[t.tankId]"
            class="field block mt-1"
            inputmode="decimal"
            :placeholder="String(t.pieces)"
        /></label>
        <button class="sr-only">Log it</button>
      </form>
    </template>
    <template v-else-if="stop.type === 'cook'">
      <p class="sentence">
        Cook gel: <span class="amount">{{ stop.cover.mix.name }}</span>.
      </p>
      <p class="small mt-1">
        {{
          stop.cover.days === 0
            ? 'No box holds a piece for today.'
            : `The boxes last ${plural(stop.cover.days, 'day')}: nothing is left on ${units.date(stop.cover.emptyOn!)}.`
        }}
        It sets and freezes over a night.
      </p>
    </template>
    <template v-else-if="stop.type === 'old-gel'">
      <p class="sentence">
        Throw out <strong>{{ stop.box.name }}</strong>:
        <span class="amount">{{ pieces(stop.box.pieces) }}</span>.
      </p>
      <p class="small mt-1">
        Made {{ units.when(stop.box.madeAt) }};
        {{
          stop.box.store === 'freezer'
            ? 'frozen it keeps three months'
            : 'in the fridge it keeps four days'
        }}.
      </p>
    </template>
    <template v-else>
      <p class="sentence">
        Order <span class="amount">cysts</span>: {{ units.grams(stop.grams) }} are left,
        {{ plural(Math.floor(stop.days), 'day') }} at {{ units.grams(stop.gramsPerDay) }} a day.
      </p>
      <p class="small mt-1">
        Asked for from {{ RESTOCK_DAYS }} days on: a parcel takes its time, and a new lot is tried
        before the old one ends.
      </p>
    </template>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <template #actions>
      <template v-if="differs"
        ><button class="btn btn-quiet" @click="differs = false">Cancel</button
        ><button class="btn btn-main" @click="take">Log it</button></template
      >
      <template v-else>
        <button
          class="btn btn-quiet"
          @click="hatch.postpone(stop.key, roundKey, 'Left for the next round.')"
        >
          Not now
        </button>
        <button v-if="stop.type === 'tub'" class="btn" @click="differs = true">Differs</button>
        <button v-if="stop.type === 'tub'" class="btn btn-main" @click="take">Done</button>
        <NuxtLink
          v-else-if="stop.type === 'cook'"
          :to="`/gel/batch?mix=${stop.cover.mix.id}`"
          :prefetch="false"
          class="btn btn-main"
          >Cook it</NuxtLink
        >
        <button v-else-if="stop.type === 'old-gel'" class="btn btn-main" @click="gel.old(stop)">
          Done
        </button>
        <button
          v-else
          class="btn btn-main"
          @click="gel.ordered(`Ordered cysts; ${units.grams(stop.grams)} were left.`, stop.key)"
        >
          Ordered
        </button>
      </template>
    </template>
  </StopFrame>
</template>
