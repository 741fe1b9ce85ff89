<script setup lang="ts">
import { useRoomStore } from '~/stores/room'

const room = useRoomStore()
</script>

<template>
  <p v-if="!room.loaded" class="small" role="status">Opening the room</p>
  <p v-else-if="room.state" class="small" role="status">Reckoning the round</p>
  <div v-else class="grid gap-3">
    <h1>No room yet</h1>
    <p class="sentence">Set up the room first: it takes two minutes.</p>
    <p><NuxtLink class="btn btn-main" :prefetch="false" to="/">Set up the room</NuxtLink></p>
  </div>
</template>
