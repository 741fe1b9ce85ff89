<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { useFailures } from '~/composables/useFailures'

/** What failed, what became of it, and the ways on: try again by hand, export everything, reload. */
const { failures, putAway } = useFailures()
const exported = ref('')
const RescuePanel = defineAsyncComponent(() => import('./RescuePanel.vue'))
const looking = ref(false)
/** Where it does not help, by what failed. Without a connection nothing that is loaded anew comes. */
const NO_RELOAD: readonly string[] = ['invalid', 'notice', 'offline', 'unfetched']
const NO_EXPORT: readonly string[] = ['gone', 'notice', 'offline', 'unfetched']
/** The room itself may be what is wrong. */
const ROOM: readonly string[] = ['bug', 'unreadable', 'newer', 'closed']
async function rescue() {
  const { rescueCopy } = await import('~/composables/rescueCopy')
  exported.value = (await rescueCopy())
    ? 'A copy of everything that can be read is among your downloads.'
    : 'Nothing could be read to be exported. Reload first.'
}
const reload = () => location.reload()
</script>

<template>
  <div
    v-for="f in failures"
    :key="f.text"
    role="alert"
    class="border-l-[6px] border-harm bg-paper px-4 py-2 flex flex-wrap gap-x-4 gap-y-2 items-center"
    :data-failure="f.code"
  >
    <p class="grow basis-72"><strong v-if="f.code !== 'notice'">Not done.</strong> {{ f.text }}</p>
    <button v-if="!NO_RELOAD.includes(f.code)" class="btn" @click="reload">Reload</button>
    <button v-if="!NO_EXPORT.includes(f.code)" class="btn" @click="rescue">
      Export everything
    </button>
    <button v-if="ROOM.includes(f.code)" class="btn" @click="looking = true">
      See what can be read
    </button>
    <button class="btn btn-quiet" @click="putAway(f)">Put away</button>
  </div>
  <RescuePanel v-if="looking" />
  <p v-if="exported" role="status" class="small">{{ exported }}</p>
</template>
