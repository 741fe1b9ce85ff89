<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'

/** Something that is waited for; after a while it says what it waits for and what can be done. */
defineProps<{ doing: string; ways: string }>()
const SLOW_MS = 8000
const slow = ref(false)
const timer = setTimeout(() => {
  slow.value = true
}, SLOW_MS)
onScopeDispose(() => clearTimeout(timer))
const reload = () => location.reload()
</script>

<template>
  <div role="status" class="grid gap-2 max-w-prose">
    <p class="small">{{ doing }}</p>
    <template v-if="slow">
      <p><strong>This takes longer than it should.</strong> {{ ways }}</p>
      <p><button class="btn" @click="reload">Reload</button></p>
    </template>
  </div>
</template>
