<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { EDIBLES } from '@renatus/core/fry/edibles'
import type { Room } from '@renatus/core/records/records'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useStores } from '~/composables/useStores'
import { useRoomStore } from '~/stores/room'

/** Foods this room keeps or can have at once: the ladders of its broods are made of them. */
const room = useRoomStore()
const { fill } = useStores()
/** As it was saved last: the room that is shown may still be the one before. */
const saved = shallowRef<Room | null>(null)
const record = computed(() => {
  const { room: shown } = room.state!
  const s = saved.value
  return s?.id === shown.id && s.updatedAt > shown.updatedAt ? s : shown
})
const kept = computed(() => new Set(record.value.foods))
let turn: Promise<unknown> = Promise.resolve()
/** One tick after another, each on what the one before has left. */
const toggle = (id: string) =>
  (turn = turn.then(
    () => save(id),
    () => save(id),
  ))
async function save(id: string) {
  const foods = kept.value.has(id)
    ? record.value.foods.filter(f => f !== id)
    : [...record.value.foods, id]
  const [stored] = await room.save([{ ...record.value, foods } as never])
  saved.value = stored as Room
  // A food that does not grow is kept, or it is not there: ticking it says that it stands in the room.
  const grows = 'family' in (EDIBLES.find(f => f.id === id) ?? {})
  const stands = room.state!.stores.some(s => s.foodId === id)
  if (!grows && !stands && id !== 'gel' && foods.includes(id)) await fill(id)
}
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Foods kept here" />
    <p class="small">
      Only these are offered to broods. What is missing is named where it would close a gap.
    </p>
    <div class="grid gap-x-6 sm:grid-cols-2 desk:grid-cols-3">
      <label
        v-for="f in EDIBLES"
        :key="f.id"
        class="flex items-center gap-3 min-h-12 cursor-pointer"
        ><input
          type="checkbox"
          class="size-6 accent-[var(--plan)] shrink-0"
          :checked="kept.has(f.id)"
          @change="toggle(f.id)"
        /><span>{{ f.name }}</span></label
      >
    </div>
  </section>
</template>
