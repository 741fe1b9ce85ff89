<script setup lang="ts">
/** A button that lets a file be chosen; the same file may be chosen twice. */
withDefaults(defineProps<{ label: string; main?: boolean; testid?: string }>(), {
  main: false,
  testid: 'import',
})
const emit = defineEmits<{ picked: [file: File] }>()
function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const picked = input.files?.[0]
  if (picked) emit('picked', picked)
  input.value = ''
}
</script>

<template>
  <label class="btn" :class="{ 'btn-main': main }"
    ><input
      type="file"
      accept=".json,application/json"
      class="sr-only"
      :data-testid="testid"
      @change="chosen"
    />{{ label }}</label
  >
</template>
