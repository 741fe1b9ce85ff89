<script setup lang="ts">
import { computed } from 'vue'
import CultureCard from '~/components/cultures/CultureCard.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useCultureReadings } from '~/composables/useCultureReadings'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** How is everything? Every culture where it stands, drawn as it should look today. */
const room = useRoomStore()
const running = computed(() => {
  const ended = new Set((room.state?.entries ?? []).flatMap(e => (e.kind === 'culture.ended' ? [e.data.cultureId] : [])))
  return (room.state?.cultures ?? []).filter(c => !ended.has(c.id))
})
const { readings, busy } = useCultureReadings(computed(() => running.value.map(c => c.id)))
const places = computed(() => {
  const named = (room.state?.places ?? []).map(p => ({ id: p.id, name: p.name, cultures: running.value.filter(c => c.placeId === p.id) }))
  const rest = running.value.filter(c => !named.some(p => p.id === c.placeId))
  return [...named, { id: 'none', name: 'Nowhere in particular', cultures: rest }].filter(p => p.cultures.length > 0)
})
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div class="flex flex-wrap items-end gap-4">
      <div class="grow"><h1>Shelf</h1><p class="small mt-1">{{ running.length ? `${plural(running.length, 'culture')}, each drawn as it should look now.` : 'No culture yet.' }}<span v-if="busy" role="status"> Reading them.</span></p></div>
      <NuxtLink to="/methods" :prefetch="false" class="btn btn-main">Start a culture</NuxtLink>
    </div>
    <UndoLine />
    <p v-if="!running.length" class="sentence max-w-prose">Choose a food and a method, and say what it stands in: Renatus follows it from its start, says when it is ready and how much may be taken, and learns from what you see.</p>
    <section v-for="p in places" :key="p.id" class="grid gap-2">
      <ul class="grid grid-cols-2 sm:flex sm:flex-wrap gap-x-6 sm:gap-x-14 gap-y-6 items-end">
        <li v-for="c in p.cultures" :key="c.id"><CultureCard :culture="c" :reading="readings.get(c.id)" /></li>
      </ul>
      <ShelfEdge :name="p.name" />
    </section>
  </div>
</template>
