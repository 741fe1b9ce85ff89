<script setup lang="ts">
import { defineAsyncComponent, ref, shallowRef } from 'vue'
import FileButton from '~/components/shared/FileButton.vue'
import { openDemoRoom } from '~/composables/demo'
import { navigateTo } from '#app/composables/router'
import type { useRoomFile } from '~/composables/useRoomFile'
import { useRoomStore } from '~/stores/room'

/** No room yet: one is set up, brought from a file, or only looked at. What checks a form comes with the form. */
const LockedFile = defineAsyncComponent(() => import('./LockedFile.vue'))
const WelcomeForm = defineAsyncComponent(() => import('./WelcomeForm.vue'))
const props = defineProps<{ begun?: boolean }>()
const begun = ref(props.begun)
/** What reads files comes with the first of them. */
const file = shallowRef<ReturnType<typeof useRoomFile>>()
async function take(picked: File) {
  file.value ??= (await import('~/composables/useRoomFile')).useRoomFile()
  await file.value.take(picked)
}
const room = useRoomStore()
const busy = ref(false)
async function beginWithFish() {
  busy.value = true
  try {
    const { bareRoom } = await import('~/composables/bareRoom')
    const { askToKeep } = await import('~/composables/persistence')
    await room.save(bareRoom())
    await askToKeep(await room.database())
    await navigateTo('/broods?new=1')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <WelcomeForm v-if="begun" />
  <section v-else class="grid gap-4 max-w-prose">
    <h1>No room yet</h1>
    <p class="sentence">
      Live food for fry, on the day they swim free: Renatus says what to start, to feed and to look
      at, how much and why. Nothing leaves this device.
    </p>
    <p class="grid gap-1">
      <span class="flex flex-wrap gap-3">
        <button class="btn btn-main" :disabled="busy" @click="beginWithFish">
          Begin with your fish: three questions
        </button>
        <button class="btn" @click="begun = true">Set up your room first</button></span
      ><span class="small"
        >What fish, how many, when: a plan stands at once. Vessels, salt and cysts are asked for
        where they are needed.</span
      >
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      Is there one already?
      <FileButton label="Bring it from a file" @picked="take" />
      <span v-if="file?.reading.value" role="status">Reading the file</span>
    </p>
    <p v-if="file?.problem.value" role="alert" class="text-harm font-semibold">
      {{ file?.problem.value }}
    </p>
    <LockedFile v-if="file?.locked.value" @phrase="file?.unlock($event)" />
    <p>
      Only looking?
      <button type="button" class="link min-h-12" @click="openDemoRoom()">
        Open the demo room
      </button>
      instead.
    </p>
  </section>
</template>
