<script setup lang="ts">
/** What really was, where it was not as asked; what was asked stands in it as long as nothing is typed. */
defineProps<{ label: string; asked: number; digits: number }>()
const typed = defineModel<string>({ default: '' })
</script>

<template>
  <label class="font-semibold"
    >{{ label
    }}<input
      v-model="typed"
      class="field block mt-1"
      inputmode="decimal"
      :placeholder="String(Number(asked.toPrecision(digits)))"
  /></label>
</template>
