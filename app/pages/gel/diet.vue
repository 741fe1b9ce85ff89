<script setup lang="ts">
import FormulaKitchen from '~/components/gel/FormulaKitchen.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useGelBroods } from '~/composables/useGelBroods'
import { useRoomStore } from '~/stores/room'

/** A formula: made once the room and its broods are there, since its fields begin with what is known of them. */
const room = useRoomStore()
const broods = useGelBroods()
</script>

<template>
  <NoRoom v-if="!room.state" />
  <FormulaKitchen v-else-if="broods" :broods="broods" />
</template>
