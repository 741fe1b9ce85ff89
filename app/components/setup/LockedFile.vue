<script setup lang="ts">
import { ref } from 'vue'

/** A file waits for the phrase that it was locked with. */
const emit = defineEmits<{ phrase: [phrase: string] }>()
const phrase = ref('')
</script>

<template>
  <form class="flex flex-wrap gap-3 items-end" @submit.prevent="emit('phrase', phrase)">
    <label class="font-semibold"
      >Pass phrase of the file<input
        v-model="phrase"
        type="text"
        autocomplete="off"
        class="field mt-1 font-normal"
        maxlength="200"
    /></label>
    <button class="btn btn-main">Open it</button>
  </form>
</template>
