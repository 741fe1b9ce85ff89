<script setup lang="ts">
import DataSection from '~/components/setup/DataSection.vue'
import RecordList from '~/components/setup/RecordList.vue'
import LearnedSection from '~/components/setup/LearnedSection.vue'
import FoodsSection from '~/components/setup/FoodsSection.vue'
import PlanSection from '~/components/setup/PlanSection.vue'
import RoomSection from '~/components/setup/RoomSection.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useRoomStore } from '~/stores/room'

const room = useRoomStore()
</script>

<template>
  <p v-if="!room.loaded" class="small" role="status">Opening the room</p>
  <div v-else class="grid grid-cols-1 gap-8 max-w-5xl">
    <div>
      <h1>Setup</h1>
      <p class="small mt-1">
        {{
          room.state
            ? `${room.state.room.name}: everything here can be changed at any time.`
            : 'No room yet: set one up from the Round, or import one here.'
        }}
      </p>
    </div>
    <template v-if="room.state">
      <RoomSection :key="room.state.room.id" />
      <RecordList type="hatch-vessel" addable />
      <RecordList type="salt" addable />
      <RecordList type="lot" addable />
      <RecordList type="tank" addable />
      <RecordList type="place" addable />
      <RecordList type="vessel" addable />
      <RecordList type="species" addable />
      <RecordList type="tool" addable />
      <FoodsSection />
      <PlanSection />
      <LearnedSection />
    </template>
    <DataSection />
    <div class="sticky bottom-16 desk:bottom-4 z-20"><UndoLine /></div>
  </div>
</template>
