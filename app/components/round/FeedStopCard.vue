<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FeedStop } from '@renatus/core/round/round'
import { useUndo } from '~/composables/useUndo'
import { useHatchActions } from '~/composables/useHatchActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { ANSWERED_ELSEWHERE } from '~/words/problems'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import CupDrawing from '~/components/shared/CupDrawing.vue'
import StopFrame from './StopFrame.vue'

const props = defineProps<{ stop: FeedStop, now: boolean, roundKey: string }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const actions = useHatchActions()
const differs = ref(false)
const problem = ref<string | null>(null)
const portion = computed(() => (props.stop.ml === null ? cubesText(props.stop.cubes ?? 0) : units.ml(props.stop.ml)))
const given = ref('')
const cubesText = (n: number) => `${Math.max(0.5, Math.round(n * 2) / 2).toLocaleString('en-GB')} ${n <= 1 ? 'cube' : 'cubes'}`

async function feed(share: number, asProposed: boolean) {
  const { meal, store } = props.stop
  const result = await room.write([{
    kind: 'tank.fed', subject: { type: 'tank', id: meal.tank.id },
    data: { tankId: meal.tank.id, roundKey: props.roundKey, nauplii: props.stop.nauplii * share, ml: props.stop.ml === null ? null : props.stop.ml * share, cubes: props.stop.cubes === null ? null : props.stop.cubes * share, energy: store.energy, source: { kind: store.form, id: store.id }, partial: asProposed && props.stop.share < 0.95 },
  }], props.stop.key)
  if (result.ok) undo.offer(result.act, `${meal.tank.name} is fed.`, props.stop.key)
  else problem.value = ANSWERED_ELSEWHERE
}

function feedGiven() {
  const asked = props.stop.ml ?? props.stop.cubes ?? 0
  const n = Number(given.value.replace(',', '.'))
  const most = props.stop.store.nauplii / props.stop.nauplii
  if (!Number.isFinite(n) || n <= 0 || asked <= 0 || n / asked > most + 0.01) {
    problem.value = `The portion cannot be “${given.value}”: enter more than 0, up to ${units.count(asked * most)} ${props.stop.ml === null ? 'cubes' : 'mL'}, which is all there is.`
    return
  }
  void feed(n / asked, false)
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions">
    <template #drawing><CupDrawing :form="stop.store.form" /></template>
    <p class="sentence">Give <strong>{{ stop.meal.tank.name }}</strong> <span class="amount">{{ portion }}</span> from the {{ stop.store.form }}.</p>
    <p class="small mt-1">
      About {{ units.count(stop.nauplii) }} nauplii for {{ stop.meal.broods.map(b => b.brood.name).join(', ') }}; {{ units.share(stop.store.energy) }} of the yolk left.
      <template v-if="stop.share < 0.95">This is {{ units.share(stop.share) }} of the meal: the {{ stop.store.form }} holds no more{{ stop.harvestFollows ? '; the harvest brings the rest' : '' }}.</template>
      <template v-if="stop.meal.broods.some(b => b.demand.smallerBox)"> A smaller rearing box would save most of it.</template>
    </p>
    <WhyPanel :reasons="[stop.why, ...stop.meal.broods.map(b => b.demand.why)]" :ask="`Why ${portion}?`" />
    <form v-if="differs" class="flex flex-wrap gap-2 items-end mt-2" @submit.prevent="feedGiven">
      <label class="font-semibold">What went in, {{ stop.ml === null ? 'cubes' : 'mL' }}<input v-model="given" class="field block mt-1" inputmode="decimal"></label>
      <button class="btn btn-main">Log it</button><button type="button" class="btn btn-quiet" @click="differs = false">Cancel</button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <template #actions>
      <template v-if="!differs">
        <button class="btn btn-quiet" @click="actions.postpone(stop.key, roundKey, 'This meal is left out.')">Not now</button>
        <button class="btn" @click="differs = true">Differs</button>
        <button class="btn btn-main" @click="feed(1, true)">Done</button>
      </template>
    </template>
  </StopFrame>
</template>
