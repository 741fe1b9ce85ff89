<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { deviceName } from '~/db/device'
import { openDemoRoom } from '~/composables/demo'
import { useExportAge } from '~/composables/useExportAge'
import { keeping, seeCopies } from '~/keep/safekeeping'
import { useRoomStore } from '~/stores/room'
import { dataLines, type CopyKnown } from '~/words/safekeeping'
import AboutPanel from './AboutPanel.vue'
import CopyRows from './CopyRows.vue'
import FileTransfer from './FileTransfer.vue'
import PassOn from './PassOn.vue'
import RoomCheckPanel from './RoomCheckPanel.vue'
import StoragePanel from './StoragePanel.vue'
import TableExport from './TableExport.vue'
import VersionList from './VersionList.vue'

/** Where the room is, how old its copies are, and everything that carries it, copies it or looks after it. */
const room = useRoomStore()
const age = useExportAge()
onMounted(async () => seeCopies(await room.database()))
const copies = computed((): CopyKnown[] => {
  const known: [CopyKnown['what'], string | null | undefined][] = [
    ['folder', keeping.folder.at],
    ['second copy', keeping.copy.at],
    ['snapshot', room.which === 'own' ? keeping.snapshots[0]?.at : null],
    // What the folder or the second copy holds is newer than any file.
    ['file', (keeping.folder.at ?? keeping.copy.at) ? null : age.at.value],
  ]
  return known.flatMap(([what, at]) => (at ? [{ what, at }] : []))
})
const lines = computed(() =>
  dataLines({
    demo: room.which === 'demo',
    room: room.state?.room.name ?? null,
    device: deviceName(),
    entries: room.count,
    copies: copies.value,
    days: age.days.value,
    now: room.now,
  }),
)
</script>

<template>
  <section id="data" class="grid gap-6">
    <div class="flex items-center gap-3">
      <h2>Data</h2>
      <span class="edge" />
    </div>
    <div class="grid gap-1 max-w-prose" data-testid="data-lines">
      <p>{{ lines.where }}</p>
      <p :class="{ 'text-due font-semibold': lines.due }">{{ lines.copies }}</p>
    </div>
    <FileTransfer />
    <CopyRows v-if="room.which === 'own'" />
    <PassOn v-if="room.which === 'own'" />
    <RoomCheckPanel v-if="room.state" />
    <VersionList />
    <TableExport v-if="room.state" />
    <StoragePanel />
    <p v-if="room.which === 'own'">
      <button class="btn" @click="openDemoRoom()">Open the demo room</button>
    </p>
    <AboutPanel />
  </section>
</template>
