<script setup lang="ts">
import { useTemplateRef } from 'vue'

/** Where a picture comes from: a file, or the camera of this device. */
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ picked: [file: File]; stop: [] }>()
const file = useTemplateRef<HTMLInputElement>('file')
const camera = useTemplateRef<HTMLInputElement>('camera')
function picked(e: Event) {
  const input = e.target as HTMLInputElement
  const chosen = input.files?.[0]
  // The same file may be chosen again after it was changed.
  input.value = ''
  if (chosen) emit('picked', chosen)
}
</script>

<template>
  <div class="flex flex-wrap gap-2 items-center">
    <input
      ref="file"
      type="file"
      accept="image/*"
      class="sr-only"
      tabindex="-1"
      aria-label="Picture file"
      data-testid="picture-file"
      @change="picked"
    />
    <input
      ref="camera"
      type="file"
      accept="image/*"
      capture="environment"
      class="sr-only"
      tabindex="-1"
      aria-label="Camera"
      @change="picked"
    />
    <button type="button" class="btn btn-main" @click="camera?.click()">Take a picture</button>
    <button type="button" class="btn" @click="file?.click()">Choose a file</button>
    <slot />
    <p v-if="busy" role="status" class="flex items-center gap-3">
      Looking at the picture <button type="button" class="btn" @click="emit('stop')">Stop</button>
    </p>
  </div>
</template>
