<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import RoundWaits from '~/components/round/RoundWaits.vue'
import SlowWait from '~/components/shared/SlowWait.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { useRoomStore } from '~/stores/room'

/** The round, one stop at a time. */
definePageMeta({ bare: true })
const WalkView = defineAsyncComponent(() => import('~/components/walk/WalkView.vue'))
const room = useRoomStore()
</script>

<template>
  <div v-if="!room.round" class="p-4 grid gap-4">
    <SlowWait
      v-if="!room.loaded"
      doing="Opening the room"
      ways="The list tells what is waited for."
    />
    <NoRoom v-else-if="!room.state" />
    <RoundWaits v-else />
    <p><NuxtLink to="/" :prefetch="false" class="link">List</NuxtLink></p>
  </div>
  <WalkView v-else :round="room.round" />
</template>
