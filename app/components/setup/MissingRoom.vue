<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import FileButton from '~/components/shared/FileButton.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import LockedFile from './LockedFile.vue'
import { useRoomFile } from '~/composables/useRoomFile'
import { nowInstant } from '~/composables/clock'
import { listCopies, type Copy } from '~/db/copies'
import { DATABASES } from '~/db/databaseNames'
import type { Snapshot } from '~/db/snapshots'
import { keeperClient } from '~/engine/keeperClient'
import { agoText } from '~/words/safekeeping'
import { forgetMarker, type Marker } from '~/db/marker'
import { plural } from '~/words/round'

/** A room was here and its database is gone: how to bring it back, before anybody sets up an empty one over it. */
defineProps<{ marker: Marker }>()
const emit = defineEmits<{ anew: [] }>()
const file = useRoomFile()
const copies = shallowRef<Copy[]>([])
const snapshots = shallowRef<Snapshot[]>([])
const unread = ref(false)
onMounted(async () => {
  try {
    snapshots.value = await keeperClient.call(k => k.snapshots(DATABASES.own))
    copies.value = await listCopies()
  } catch {
    unread.value = true
  }
})
function anew() {
  forgetMarker()
  emit('anew')
}
const bringSnapshot = async (s: Snapshot) =>
  file.take(await keeperClient.call(k => k.snapshotFile(DATABASES.own, s.file)))
const bring = (c: Copy) => file.take(new Blob([c.text], { type: 'application/json' }))
</script>

<template>
  <section class="grid gap-4 max-w-prose">
    <h1>Your room is missing</h1>
    <p class="sentence">
      “{{ marker.name }}” with {{ plural(marker.entries, 'entry', 'entries') }} stood in this
      browser, and its database is gone: the browser cleared it, or the disk was full.
      {{
        marker.exportedAt
          ? `It was exported last on ${marker.exportedAt.slice(0, 10)}: bring that file back.`
          : 'It was never exported from this device. If another device has it, export it there and bring it here.'
      }}
    </p>
    <p class="flex flex-wrap gap-3 items-center">
      <FileButton label="Bring it back from a file" main @picked="file.take($event)" />
      <span v-if="file.reading.value" role="status">Reading the file</span>
    </p>
    <ul v-if="snapshots.length">
      <li
        v-for="s in snapshots.slice(0, 6)"
        :key="s.file"
        class="rule py-2 flex flex-wrap gap-3 items-center"
      >
        <span class="grow">A snapshot of {{ agoText(s.at, nowInstant()) }}</span
        ><button class="btn" @click="bringSnapshot(s)">Bring it back</button>
      </li>
    </ul>
    <ul v-if="copies.length">
      <li v-for="c in copies" :key="c.n" class="rule py-2 flex flex-wrap gap-3 items-center">
        <span class="grow"
          >A copy of “{{ c.name }}” of {{ c.at.slice(0, 16).replace('T', ' ') }}, made
          {{ c.why }}</span
        ><button class="btn" @click="bring(c)">Bring it back</button>
      </li>
    </ul>
    <p v-if="unread" class="small">The copies of this device cannot be read either.</p>
    <p v-if="file.problem.value" role="alert" class="text-harm font-semibold">
      {{ file.problem.value }}
    </p>
    <LockedFile v-if="file.locked.value" @phrase="file.unlock($event)" />
    <p><HoldButton label="Begin a new room instead" @held="anew" /></p>
  </section>
</template>
