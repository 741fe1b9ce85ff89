<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import RescuePanel from '~/components/shell/RescuePanel.vue'
import { nowInstant } from '~/composables/clock'
import { fileKeeper } from '~/engine/keeperClient'
import { WorkerStopped } from '~/engine/workerClient'
import { useFailures } from '~/composables/useFailures'
import { useRoomStore } from '~/stores/room'
import { checkLines } from '~/words/safekeeping'

/** Looks through all that is stored at a tap, and says what it found. */
const room = useRoomStore()
const keeper = fileKeeper()
const busy = ref(false)
type Checked = Parameters<typeof checkLines>[0]
const found = shallowRef<Checked | null>(null)
const told = computed(() => (found.value ? checkLines(found.value) : null))
async function check() {
  busy.value = true
  found.value = null
  try {
    const { name } = await room.database()
    found.value = await keeper.call(k => k.check(name, nowInstant()))
  } catch (error) {
    if (!(error instanceof WorkerStopped)) useFailures().report(error)
  } finally {
    busy.value = false
    keeper.stop()
  }
}
</script>

<template>
  <div class="grid gap-2">
    <h3 class="font-bold">Is everything sound?</h3>
    <p class="flex flex-wrap gap-3 items-center">
      <button class="btn" :disabled="busy" @click="check">Check my room</button>
      <template v-if="busy"
        ><span role="status">Reading records, log and copies</span
        ><button class="btn btn-quiet" @click="keeper.stop()">Stop</button></template
      >
    </p>
    <div
      v-if="told"
      :role="told.well ? 'status' : 'alert'"
      class="border-l-[6px] pl-3 max-w-prose"
      :class="told.well ? 'border-plan' : 'border-harm'"
      data-testid="check"
    >
      <p v-for="(line, i) in told.lines" :key="i" :class="{ 'font-semibold': i === 0 }">
        {{ line }}
      </p>
    </div>
    <RescuePanel v-if="found?.unreadable.length" />
  </div>
</template>
