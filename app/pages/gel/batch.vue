<script setup lang="ts">
import BatchKitchen from '~/components/gel/BatchKitchen.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useRoomStore } from '~/stores/room'

/** A batch: made once the room is there, since its fields begin with what the room knows. */
const room = useRoomStore()
</script>

<template>
  <NoRoom v-if="!room.state" />
  <BatchKitchen v-else />
</template>
