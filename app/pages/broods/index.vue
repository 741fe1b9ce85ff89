<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from '#app/composables/router'
import { sheetRequest } from '@renatus/core/stock/sheetRequest'
import { urgency } from '@renatus/core/stock/urgency'
import BroodCard from '~/components/broods/BroodCard.vue'
import BroodForm from '~/components/broods/BroodForm.vue'
import InTurn from '~/components/shared/InTurn.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useSummaries } from '~/composables/useSheets'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

const room = useRoomStore()
const route = useRoute()
const router = useRouter()
/** Stands in the address: a link asks for the form, and the way back closes it. */
const adding = computed({
  get: () => route.query.new === '1',
  set: is => void router.replace({ query: is ? { new: '1' } : {} }),
})
/** Days ahead that a list looks at. */
const AHEAD = 21
const broods = computed(() => room.state?.broods ?? [])
const requests = computed(() =>
  broods.value.flatMap(b => sheetRequest(b, room.state!.room, Math.max(0, b.day), AHEAD) ?? []),
)
const summaries = useSummaries(requests)
const rows = computed(() =>
  broods.value
    .map(brood => {
      const sheet = summaries.value?.find(s => s.id === brood.id) ?? null
      return { brood, sheet, urgency: summaries.value === undefined ? null : urgency(brood, sheet) }
    })
    .sort(
      (a, b) =>
        (a.urgency?.rank ?? 0) - (b.urgency?.rank ?? 0) ||
        (a.urgency?.inDays ?? 0) - (b.urgency?.inDays ?? 0) ||
        b.brood.day - a.brood.day,
    ),
)
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-3">
    <div class="flex flex-wrap items-end gap-4">
      <div class="grow">
        <h1>Broods</h1>
        <p class="small mt-1">
          {{
            broods.length
              ? `${plural(broods.length, 'brood')}, the most pressing first.`
              : 'No brood yet.'
          }}
        </p>
      </div>
      <button v-if="!adding" class="btn btn-main" @click="adding = true">Add a brood</button>
    </div>
    <UndoLine />
    <BroodForm v-if="adding" @saved="adding = false" @cancel="adding = false" />
    <p v-if="!broods.length && !adding" class="sentence max-w-prose">
      Add a brood with the day it spawned, hatched or swims free, and the number of fry: Renatus
      works out what fits its mouth, how much, and what must be started.
    </p>
    <div>
      <InTurn v-for="(row, i) in rows" :key="row.brood.id" :at-once="i === 0"
        ><BroodCard :brood="row.brood" :sheet="row.sheet" :urgency="row.urgency"
      /></InTurn>
    </div>
  </div>
</template>
