<script setup lang="ts">
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** What a round that does not stand yet waits for. */
const room = useRoomStore()
const cultures = useCulturesStore()
</script>

<template>
  <p v-if="cultures.problem" role="alert" class="grid gap-2">
    <span>The vessels could not be read. {{ cultures.problem }}</span>
    <button class="btn justify-self-start" @click="cultures.again()">Try again</button>
  </p>
  <p v-else class="small" role="status">
    <template v-if="cultures.ids.length"
      >Reading {{ plural(cultures.ids.length, 'vessel') }}: {{ cultures.known }} read.</template
    ><template v-else-if="room.untaught && room.count"
      >Learning from the log: {{ plural(room.count, 'entry', 'entries') }}.</template
    ><template v-else>Reckoning the round.</template>
  </p>
</template>
