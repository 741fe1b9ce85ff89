<script setup lang="ts">
import { computed } from 'vue'
import { useRinging } from '~/composables/useRinging'
import { useInstrumentsStore } from '~/stores/instruments'

/** What a live instrument calls, on every view, until it is seen or over. */
const live = useInstrumentsStore()
const ringing = computed(() => live.ringing)
const { blocked } = useRinging(ringing)
</script>

<template>
  <section
    v-if="ringing.length"
    role="alert"
    class="print:hidden mx-4 desk:mx-6 mt-3 border-l-[6px] border-harm bg-paper px-4 py-1 flex flex-wrap items-center gap-x-4"
  >
    <p class="grow min-w-0 basis-60">
      <strong class="text-harm">{{ live.source?.simulated ? 'Trial alarm.' : 'Alarm.' }}</strong>
      {{ ringing.at(-1)!.label }}
      <span v-if="blocked" class="small">The sound is held back until you tap the page once.</span>
    </p>
    <button class="btn desk:min-h-9" @click="live.seen">Seen</button>
  </section>
</template>
