<script setup lang="ts">
import InTurn from '~/components/shared/InTurn.vue'
import { computed, ref } from 'vue'
import GelCover from '~/components/gel/GelCover.vue'
import GelBoxRow from '~/components/gel/GelBoxRow.vue'
import GelBroodRow from '~/components/gel/GelBroodRow.vue'
import GelMixRow from '~/components/gel/GelMixRow.vue'
import RecordForm from '~/components/setup/RecordForm.vue'
import RecordList from '~/components/setup/RecordList.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useGelBroods } from '~/composables/useGelBroods'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** A diet for these fry, cooked without waste: boxes, who gets what, diets, trays. */
const room = useRoomStore()
const told = useGelBroods()
const broods = computed(() => told.value ?? [])
const boxes = computed(() => room.state?.gel.boxes ?? [])
const firstOf = (mixId: string) => boxes.value.find(b => b.mixId === mixId)?.id
const adding = ref(false)
const eaters = computed(() => broods.value.filter(b => b.dryMg > 0))
const rest = computed(() => broods.value.filter(b => b.dryMg <= 0))
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div>
      <h1>Gel kitchen</h1>
      <InTurn><GelCover /></InTurn>
      <p v-if="room.state.gel.mixes.length === 0" class="sentence mt-2 max-w-prose">
        Gel holds what fry should always have something to pick at. Enter the label of a ready
        powder, or let a formula be worked out of what is at hand; then cook a tray, and the Round
        says how many pieces each tank gets.
      </p>
    </div>
    <UndoLine />
    <InTurn
      ><section v-if="room.state.gel.mixes.length" class="grid gap-1">
        <ShelfEdge name="Freezer and fridge" />
        <p v-if="!boxes.length" class="py-2">No box holds a piece.</p>
        <ul>
          <GelBoxRow
            v-for="b in boxes"
            :key="b.id"
            :box="b"
            :first="firstOf(b.mixId) === b.id && boxes.filter(x => x.mixId === b.mixId).length > 1"
          />
        </ul></section
    ></InTurn>
    <InTurn
      ><section v-if="broods.length" class="grid gap-1">
        <ShelfEdge name="Who gets what today" />
        <ul>
          <InTurn v-for="b in eaters" :key="b.brood.id"><GelBroodRow :row="b" /></InTurn>
        </ul>
        <details v-if="rest.length">
          <summary
            class="min-h-12 flex items-center cursor-pointer font-semibold underline underline-offset-3"
          >
            {{ plural(rest.length, 'brood') }} without gel today
          </summary>
          <ul>
            <InTurn v-for="b in rest" :key="b.brood.id"><GelBroodRow :row="b" /></InTurn>
          </ul>
        </details></section
    ></InTurn>
    <InTurn
      ><section class="grid gap-1">
        <ShelfEdge name="Diets" />
        <ul>
          <GelMixRow v-for="m in room.state.gel.mixes" :key="m.id" :mix="m" />
        </ul>
        <RecordForm v-if="adding" type="gel-mix" @saved="adding = false" @cancel="adding = false" />
        <p v-else class="flex flex-wrap gap-2 mt-2">
          <NuxtLink
            to="/gel/diet"
            :prefetch="false"
            class="btn"
            :class="{ 'btn-main': room.state.gel.mixes.length === 0 }"
            >New formula</NuxtLink
          >
          <button class="btn" @click="adding = true">Add a ready powder</button>
          <NuxtLink to="/gel/ingredients" :prefetch="false" class="btn btn-quiet underline"
            >Ingredients and prices</NuxtLink
          >
        </p>
      </section></InTurn
    >
    <InTurn><RecordList type="gel-tray" addable /></InTurn>
  </div>
</template>
