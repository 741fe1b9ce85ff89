<script setup lang="ts">
import { computed } from 'vue'
import { useSecond } from '~/composables/useNow'
import { UNDO_SECONDS, useUndo } from '~/composables/useUndo'

/** Ten seconds to take back what was just done, at the stop itself. */
const undo = useUndo()
const second = useSecond()
const left = computed(() => {
  const { value: last } = undo.last
  if (!last) return 0
  // The page's second may lie a little before the tap.
  return Math.min(UNDO_SECONDS, Math.ceil((last.at - second.value) / 1000 + UNDO_SECONDS))
})
</script>

<template>
  <div
    v-if="undo.last.value && left > 0"
    role="status"
    class="border-2 border-ink bg-paper px-4 py-3 flex flex-wrap items-center gap-x-4 gap-y-2"
    data-testid="undo-line"
  >
    <p class="grow">
      <strong>{{ undo.last.value.text }}</strong>
    </p>
    <button class="btn min-w-36" @click="undo.take()">Undo ({{ left }} s)</button>
  </div>
</template>
