<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import type { NuxtError } from '#app'
import { failureOf } from '~/words/failures'

/** A page that broke: what happened, that nothing written is lost, and the way to the data. */
const props = defineProps<{ error: NuxtError }>()
const missing = props.error.statusCode === 404
const text = failureOf(props.error.cause ?? props.error).text
const RescuePanel = defineAsyncComponent(() => import('~/components/shell/RescuePanel.vue'))
const rescue = ref(false)
const exported = ref('')
async function exportAll() {
  const { rescueCopy } = await import('~/composables/rescueCopy')
  exported.value = (await rescueCopy())
    ? 'A copy of everything that can be read is among your downloads.'
    : 'Nothing could be read to be exported.'
}
const home = () => location.assign('/')
</script>

<template>
  <main class="p-6 grid gap-4 max-w-prose">
    <h1>{{ missing ? 'No such page' : 'This page broke' }}</h1>
    <p class="sentence">
      {{ missing ? 'The address leads nowhere in Renatus.' : text }}
    </p>
    <p class="flex flex-wrap gap-3">
      <button class="btn btn-main" @click="home">Back to the round</button>
      <button class="btn" @click="exportAll">Export everything</button>
      <button class="btn" @click="rescue = true">See what can be read</button>
    </p>
    <p v-if="exported" role="status">{{ exported }}</p>
    <RescuePanel v-if="rescue" />
  </main>
</template>
