<script setup lang="ts">
import HoldButton from '~/components/shared/HoldButton.vue'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** A part of the log is gone from the database: said until it is back, or done without. */
const room = useRoomStore()
</script>

<template>
  <div role="alert" class="border-l-[6px] border-harm bg-paper px-4 py-2 grid gap-2">
    <p class="max-w-prose">
      <strong
        >{{ plural(room.lost, 'entry', 'entries') }} of the log
        {{ room.lost === 1 ? 'is' : 'are' }} gone from this browser.</strong
      >
      Its database was damaged or cleared in part, so what Renatus says may be wrong. A file of the
      room brings back what it knows of them and keeps what is here; a snapshot takes the place of
      what is here.
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      <NuxtLink class="btn" to="/setup#data">See the copies</NuxtLink>
      <HoldButton label="Go on without what is gone" @held="room.acceptLoss()" />
    </p>
  </div>
</template>
