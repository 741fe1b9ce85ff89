<script setup lang="ts">
import { computed, ref } from 'vue'
import { navigateTo } from '#app/composables/router'
import { startTrial, type TrialDesign } from '@renatus/core/planning/startTrial'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import SetUpSheet from '~/components/trials/SetUpSheet.vue'
import TrialForm from '~/components/trials/TrialForm.vue'
import { nowInstant } from '~/composables/clock'
import { useUndo } from '~/composables/useUndo'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** From a question to labelled vessels: what differs, how many, dealt at random, started in one go. */
const room = useRoomStore()
const undo = useUndo()
const design = ref<TrialDesign | null>(null)
const seed = ref(0)
const dealt = computed(() => {
  if (!design.value || !room.state) return null
  const made = startTrial(room.state, design.value, nowInstant(), newId, seed.value)
  return made.records.find(r => r.type === 'trial') ?? null
})
function deal(planned: TrialDesign) {
  design.value = planned
  seed.value = crypto.getRandomValues(new Uint32Array(1))[0]!
}
const print = () => window.print()
async function begin() {
  const state = room.state!
  const made = startTrial(state, design.value!, nowInstant(), newId, seed.value)
  const foods = made.records.flatMap(r => (r.type === 'culture' ? [r.foodId] : []))
  const records = [...made.records, ...keepingFoods(state, foods)]
  if (made.entries.length === 0) await room.save(records)
  else {
    const result = await room.write(made.entries, null, records)
    if (!result.ok) return
    undo.offer(result.act, `${design.value!.name} It is started.`)
  }
  await navigateTo(`/trials/${made.trialId}`)
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div class="print:hidden">
      <p>
        <NuxtLink to="/trials" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Trials</NuxtLink
        >
      </p>
      <h1>Plan a trial</h1>
    </div>
    <TrialForm v-show="!dealt" @planned="deal" />
    <section v-if="dealt" class="grid gap-4">
      <ShelfEdge :name="dealt.name" />
      <p class="sentence max-w-prose print:hidden">
        Write these labels on the tape and put each vessel where it is told. Who looks at them later
        need not know which is which.
      </p>
      <SetUpSheet :arms="dealt.arms" :members="dealt.members" :design="design" />
      <p class="flex flex-wrap gap-2 print:hidden">
        <button class="btn btn-main px-8" @click="begin">
          {{ design!.broodIds.length ? 'It runs' : `All ${dealt.members.length} are started` }}
        </button>
        <button class="btn" @click="print">Print</button>
        <button class="btn btn-quiet underline" @click="design = null">Change the plan</button>
      </p>
      <p class="small print:hidden">
        {{ plural(dealt.members.length, 'vessel') }}; the labels stay in the trial for whoever wants
        to look them up.
      </p>
    </section>
  </div>
</template>
