<script setup lang="ts">
import { useUndo } from '~/composables/useUndo'
import { useUndoLeft } from '~/composables/useUndoLeft'

/** Ten seconds to take back what was just done, at the stop itself. */
const undo = useUndo()
const left = useUndoLeft()
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
