<script setup lang="ts">
import { computed, ref } from 'vue'
import { coverNow } from '@renatus/core/round/stops/cook/find'
import GelBoxRow from '~/components/gel/GelBoxRow.vue'
import GelBroodRow from '~/components/gel/GelBroodRow.vue'
import GelMixRow from '~/components/gel/GelMixRow.vue'
import RecordForm from '~/components/setup/RecordForm.vue'
import RecordList from '~/components/setup/RecordList.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useGelBroods } from '~/composables/useGelBrood'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** A diet for these fry, cooked without waste: boxes, who gets what, diets, trays. */
const room = useRoomStore()
const units = useUnits()
const broods = useGelBroods()
const cover = computed(() => (room.state ? coverNow(room.state) : []))
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
      <ul class="mt-2 grid gap-1" data-testid="cover">
        <li
          v-for="c in cover"
          :key="c.mix.id"
          class="sentence"
          :class="c.days <= 2 ? 'border-l-[6px] border-due pl-3' : ''"
        >
          <template v-if="c.emptyOn === null"
            ><strong>{{ c.mix.name }}</strong> lasts for two months and more.</template
          >
          <template v-else-if="c.days === 0"
            ><strong>{{ c.mix.name }}</strong> is wanted today, and no box holds any.
            <NuxtLink :to="`/gel/batch?mix=${c.mix.id}`" :prefetch="false" class="link"
              >Cook it</NuxtLink
            ></template
          >
          <template v-else-if="!firstOf(c.mix.id)"
            ><strong>{{ c.mix.name }}</strong> is wanted from {{ units.date(c.emptyOn) }} on. Cook
            it by {{ units.date(c.cookBy!) }}.</template
          >
          <template v-else
            ><strong>{{ c.mix.name }}</strong> lasts
            <span class="amount">{{ plural(c.days, 'day') }}</span>: nothing is left on
            {{ units.date(c.emptyOn) }}.
            <NuxtLink :to="`/gel/batch?mix=${c.mix.id}`" :prefetch="false" class="link"
              >Cook it</NuxtLink
            >
            by {{ units.date(c.cookBy!) }}.</template
          >
        </li>
      </ul>
      <p v-if="room.state.gel.mixes.length === 0" class="sentence mt-2 max-w-prose">
        Gel holds what fry should always have something to pick at. Enter the label of a ready
        powder, or let a formula be worked out of what is at hand; then cook a tray, and the Round
        says how many pieces each tank gets.
      </p>
    </div>
    <UndoLine />
    <section v-if="room.state.gel.mixes.length" class="grid gap-1">
      <ShelfEdge name="Freezer and fridge" />
      <p v-if="!boxes.length" class="py-2">No box holds a piece.</p>
      <ul>
        <GelBoxRow
          v-for="b in boxes"
          :key="b.id"
          :box="b"
          :first="firstOf(b.mixId) === b.id && boxes.filter(x => x.mixId === b.mixId).length > 1"
        />
      </ul>
    </section>
    <section v-if="broods.length" class="grid gap-1">
      <ShelfEdge name="Who gets what today" />
      <ul>
        <GelBroodRow v-for="b in eaters" :key="b.brood.id" :row="b" />
      </ul>
      <details v-if="rest.length">
        <summary
          class="min-h-12 flex items-center cursor-pointer font-semibold underline underline-offset-3"
        >
          {{ plural(rest.length, 'brood') }} without gel today
        </summary>
        <ul>
          <GelBroodRow v-for="b in rest" :key="b.brood.id" :row="b" />
        </ul>
      </details>
    </section>
    <section class="grid gap-1">
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
    </section>
    <RecordList type="gel-tray" addable />
  </div>
</template>
