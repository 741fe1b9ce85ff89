<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import FileButton from '~/components/shared/FileButton.vue'
import { openDemoRoom } from '~/composables/demo'
import { useRoomFile } from '~/composables/useRoomFile'

/** No room yet: one is set up, brought from a file, or only looked at. What checks a form comes with the form. */
const WelcomeForm = defineAsyncComponent(() => import('./WelcomeForm.vue'))
const props = defineProps<{ begun?: boolean }>()
const begun = ref(props.begun)
const file = useRoomFile()
</script>

<template>
  <WelcomeForm v-if="begun" />
  <section v-else class="grid gap-4 max-w-prose">
    <h1>No room yet</h1>
    <p class="sentence">
      Live food for fry, on the day they swim free: Renatus says what to start, to feed and to look
      at, how much and why. Nothing leaves this device.
    </p>
    <p>
      <button class="btn btn-main" @click="begun = true">Set up your room: two minutes</button>
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      Is there one already?
      <FileButton label="Bring it from a file" @picked="file.take($event)" />
      <span v-if="file.reading.value" role="status">Reading the file</span>
    </p>
    <p v-if="file.problem.value" role="alert" class="text-harm font-semibold">
      {{ file.problem.value }}
    </p>
    <p>
      Only looking?
      <button type="button" class="link min-h-12" @click="openDemoRoom()">
        Open the demo room
      </button>
      instead.
    </p>
  </section>
</template>
