<script setup lang="ts">
import { ref } from 'vue'
import { useClocks } from '~/composables/useClocks'
import { useRinging } from '~/composables/useRinging'
import { useUnits } from '~/composables/useUnits'

/** Clocks that have ended and that nobody has answered: they sound, and stand until they are seen. */
const units = useUnits()
const { ended, seen } = useClocks()
const allEnded = ref(false)
const ringing = useRinging(ended)
</script>

<template>
  <section
    v-if="ended.length"
    class="print:hidden mx-4 desk:mx-6 mt-3 border-l-[6px] border-due bg-paper px-4 py-1"
    aria-label="Clocks that have ended"
    role="status"
  >
    <ul>
      <li
        v-for="clock in allEnded ? ended : ended.slice(0, 1)"
        :key="clock.id"
        class="flex flex-wrap items-center gap-x-4"
      >
        <p class="grow min-w-0 basis-40">
          <strong>{{ clock.label }}</strong>
          {{ ' ' }}<span class="small">ended {{ units.duration(-clock.left) }} ago</span>
        </p>
        <button
          class="btn desk:min-h-9"
          :aria-label="`Seen: ${clock.label}`"
          @click="seen(clock.id)"
        >
          Seen
        </button>
      </li>
    </ul>
    <button
      v-if="ended.length > 1"
      type="button"
      class="link min-h-12"
      :aria-expanded="allEnded"
      @click="allEnded = !allEnded"
    >
      {{ allEnded ? 'Show the last one only' : `${ended.length - 1} more` }}
    </button>
    <p v-if="ringing.blocked.value" class="small">
      The sound is held back until you tap the page once.
    </p>
  </section>
</template>
