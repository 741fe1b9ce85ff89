<script setup lang="ts">
import FormulaKitchen from '~/components/gel/FormulaKitchen.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useRoomStore } from '~/stores/room'

/** A formula: made once the room is there, since its fields begin with what the room knows. */
const room = useRoomStore()
</script>

<template>
  <NoRoom v-if="!room.state" />
  <FormulaKitchen v-else />
</template>
