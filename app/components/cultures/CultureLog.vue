<script setup lang="ts">
import { computed } from 'vue'
import type { CultureRecord } from '@renatus/core/records/records'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { entrySentence, KIND_NAMES } from '~/words/log'

/** What happened to one vessel, the newest first. */
const props = defineProps<{ culture: CultureRecord }>()
const room = useRoomStore()
const units = useUnits()
const MOST = 40
const mine = computed(() =>
  (room.state?.entries ?? [])
    .filter(e => e.subject.id === props.culture.id)
    .slice(-MOST)
    .reverse(),
)
const sentence = (e: (typeof mine.value)[number]) =>
  entrySentence(e, room.records ?? [], room.measures).replace(`${props.culture.name}: `, '')
</script>

<template>
  <section v-if="mine.length" class="grid gap-1">
    <ShelfEdge name="Log of this vessel" />
    <ul>
      <li
        v-for="e in mine"
        :key="e.id"
        class="rule py-2 grid sm:grid-cols-[11rem_11rem_1fr] gap-x-4"
      >
        <span class="small">{{ units.when(e.at) }}</span><span>{{ KIND_NAMES[e.kind] }}</span
        ><span class="small">{{ sentence(e) }}</span>
      </li>
    </ul>
  </section>
</template>
