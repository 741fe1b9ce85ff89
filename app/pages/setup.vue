<script setup lang="ts">
import { computed, nextTick } from 'vue'
import { useRoute } from '#app/composables/router'
import InTurn from '~/components/shared/InTurn.vue'
import SectionNav from '~/components/shared/SectionNav.vue'
import DataSection from '~/components/setup/data/DataSection.vue'
import RecordList from '~/components/setup/RecordList.vue'
import LearnedSection from '~/components/setup/LearnedSection.vue'
import FoodsSection from '~/components/setup/FoodsSection.vue'
import PlanSection from '~/components/setup/PlanSection.vue'
import RoomSection from '~/components/setup/RoomSection.vue'
import type { EditableType } from '~/components/setup/recordForm'
import { RECORD_FORMS } from '~/components/setup/recordForms'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useRoomStore } from '~/stores/room'

const room = useRoomStore()
const route = useRoute()
const LISTS: readonly EditableType[] = [
  'hatch-vessel',
  'salt',
  'lot',
  'tank',
  'place',
  'vessel',
  'species',
  'tool',
]
const sections = computed(() => [
  ...(room.state
    ? [
        { id: 'room', name: 'Room' },
        ...LISTS.map(type => ({ id: type, name: RECORD_FORMS[type].title })),
        { id: 'foods', name: 'Foods kept here' },
        { id: 'plans', name: 'Plans' },
        { id: 'learned', name: 'What was learned' },
      ]
    : []),
  { id: 'data', name: 'Data' },
])
/** The last section stands: whoever asked for one is brought to it. */
async function arrive() {
  await nextTick()
  if (route.hash) document.getElementById(route.hash.slice(1))?.scrollIntoView()
}
</script>

<template>
  <p v-if="!room.loaded" class="small" role="status">Opening the room</p>
  <div v-else class="grid grid-cols-1 gap-x-10 gap-y-6 desk:grid-cols-[10rem_minmax(0,1fr)]">
    <div class="desk:col-span-2">
      <h1>Setup</h1>
      <p class="small mt-1">
        {{
          room.state
            ? `${room.state.room.name}: everything here can be changed at any time.`
            : 'No room yet: set one up from the Round, or import one here.'
        }}
      </p>
    </div>
    <SectionNav label="Sections of Setup" :sections="sections" />
    <div class="grid grid-cols-1 gap-8 content-start min-w-0 sections">
      <template v-if="room.state">
        <div id="room">
          <InTurn><RoomSection :key="room.state.room.id" /></InTurn>
        </div>
        <div v-for="type in LISTS" :id="type" :key="type">
          <InTurn><RecordList :type="type" addable /></InTurn>
        </div>
        <div id="foods">
          <InTurn><FoodsSection /></InTurn>
        </div>
        <div id="plans">
          <InTurn><PlanSection /></InTurn>
        </div>
        <div id="learned">
          <InTurn><LearnedSection /></InTurn>
        </div>
      </template>
      <InTurn><DataSection @vue:mounted="arrive" /></InTurn>
    </div>
    <div class="sticky bottom-16 desk:bottom-4 z-20 desk:col-start-2"><UndoLine /></div>
  </div>
</template>
