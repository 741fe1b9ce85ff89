<script setup lang="ts">
import { useUndo } from '~/composables/useUndo'
import { useUndoLeft } from '~/composables/useUndoLeft'

/** What the last tap did can be taken back for ten seconds. */
const emit = defineEmits<{ take: [] }>()
const undo = useUndo()
const left = useUndoLeft()
</script>

<template>
  <p v-if="undo.last.value && left > 0" role="status" data-testid="undo-line">
    <span class="sr-only">{{ undo.last.value.text }}</span><button
      class="link min-h-12 num whitespace-nowrap"
      @click="emit('take')"
    >
      Undo ({{ left }} s)
    </button>
  </p>
</template>
