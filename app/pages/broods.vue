<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from '#imports'
import BroodCard from '~/components/broods/BroodCard.vue'
import BroodForm from '~/components/broods/BroodForm.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

const room = useRoomStore()
const adding = ref(useRoute().query.new === '1')
const editing = ref<string | null>(null)
const broods = computed(() => [...(room.state?.broods ?? [])].sort((a, b) => (a.freeSwimmingOn < b.freeSwimmingOn ? 1 : -1)))
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-4 max-w-4xl">
    <div class="flex flex-wrap items-end gap-4">
      <div class="grow"><h1>Broods</h1><p class="small mt-1">{{ broods.length ? `${plural(broods.length, 'brood')}, the youngest first.` : 'No brood yet.' }}</p></div>
      <button v-if="!adding" class="btn btn-main" @click="adding = true">Add a brood</button>
    </div>
    <UndoLine />
    <BroodForm v-if="adding" @saved="adding = false" @cancel="adding = false" />
    <p v-if="!broods.length && !adding" class="sentence max-w-prose">Add a brood with the day it swims free and the number of fry: Renatus works out its meals and the hatch to start.</p>
    <template v-for="brood in broods" :key="brood.id">
      <BroodForm v-if="editing === brood.id" :brood="brood" @saved="editing = null" @cancel="editing = null" />
      <BroodCard v-else :brood="brood" @edit="editing = brood.id" />
    </template>
  </div>
</template>
