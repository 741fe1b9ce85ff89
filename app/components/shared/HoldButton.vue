<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'

/** What destroys is held, not tapped: 1.2 s with a thumb, or with Enter or space held down. */
const HOLD_MS = 1200
defineProps<{ label: string }>()
const emit = defineEmits<{ held: [] }>()
const holding = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined

function start() {
  if (holding.value) return
  holding.value = true
  timer = setTimeout(() => {
    stop()
    emit('held')
  }, HOLD_MS)
}
function stop() {
  clearTimeout(timer)
  holding.value = false
}
onScopeDispose(stop)
</script>

<template>
  <button
    type="button"
    class="btn btn-harm relative overflow-hidden select-none touch-none"
    :aria-label="`${label} (hold)`"
    @pointerdown="start"
    @pointerup="stop"
    @pointerleave="stop"
    @pointercancel="stop"
    @contextmenu.prevent
    @keydown.enter.prevent="start"
    @keydown.space.prevent="start"
    @keyup="stop"
    @blur="stop"
  >
    <span
      class="absolute inset-y-0 left-0 bg-harm/25 transition-[width] ease-linear"
      :class="holding ? 'w-full duration-[1200ms]' : 'w-0 duration-150'"
      aria-hidden="true"
    />
    <!-- Both stand in one place: a button that shrinks under the thumb would slip away from it. -->
    <span class="relative grid *:col-start-1 *:row-start-1 justify-items-center">
      <span :class="{ invisible: holding }">{{ label }}: hold</span>
      <span :class="{ invisible: !holding }" aria-hidden="true">Keep holding</span>
    </span>
  </button>
</template>
