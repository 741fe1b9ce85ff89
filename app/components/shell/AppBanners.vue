<script setup lang="ts">
import FailureNotices from '~/components/shell/FailureNotices.vue'
import { useFailures } from '~/composables/useFailures'
import { defineAsyncComponent } from 'vue'
import { newVersion, takeNewVersion } from '~/composables/offlineCopy'
import { useTyping } from '~/composables/useTyping'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

/** Not part of the first load: most rooms never lose anything. */
const LostEntries = defineAsyncComponent(() => import('~/components/setup/LostEntries.vue'))
const room = useRoomStore()
const units = useUnits()
const typing = useTyping()
const { failures } = useFailures()
</script>

<template>
  <section
    aria-label="Notices"
    class="print:hidden px-4 desk:px-6 grid gap-2"
    :class="{
      'pt-3':
        failures.length || room.which === 'demo' || room.clockBehind || room.lost || newVersion,
    }"
  >
    <FailureNotices />
    <LostEntries v-if="room.lost" />
    <p
      v-if="room.which === 'demo'"
      class="small border-l-[6px] border-plan bg-paper px-4 pt-2 pb-1 desk:py-0.5 flex flex-wrap gap-x-4 items-center"
    >
      <span class="grow"
        ><strong class="text-ink">Demo room.</strong> An invented net loft. Try anything: it starts
        afresh every day and never touches your own room.</span
      >
      <button class="btn btn-quiet underline px-0 desk:min-h-8" @click="room.open('own')">
        Go to my room
      </button>
    </p>
    <p v-if="room.clockBehind" role="alert" class="border-l-[6px] border-harm bg-paper px-4 py-2">
      <strong>Check this device’s clock.</strong> The newest entry is from
      {{ units.when(room.clockBehind) }}, which is still to come here. Times and amounts may be
      wrong until the clock is right; nothing is lost.
    </p>
    <p
      v-if="newVersion"
      role="status"
      class="border-l-[6px] border-plan bg-paper px-4 py-2 flex flex-wrap gap-x-4 items-center"
    >
      <span class="grow"
        ><strong>A new version is here.</strong>
        {{
          typing ? 'Finish what you are typing first.' : 'It takes a moment and keeps everything.'
        }}</span
      >
      <button class="btn" :disabled="typing" @click="takeNewVersion()">Update now</button>
    </p>
  </section>
</template>
