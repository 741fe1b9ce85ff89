<script setup lang="ts">
import { useField } from 'vee-validate'
import { useId } from 'vue'

const props = defineProps<{ name: string; label: string }>()
const id = useId()
const { value } = useField<boolean>(() => props.name)
</script>

<template>
  <label :for="id" class="flex items-center gap-3 min-h-12 cursor-pointer">
    <input :id="id" v-model="value" type="checkbox" class="size-6 accent-[var(--plan)] shrink-0" />
    <span>{{ label }}</span>
  </label>
</template>
