<script setup lang="ts">
import { onMounted, ref, shallowRef, toRef, watch } from 'vue'
import type { AnyRecord } from '@renatus/core/records/records'
import { download } from '~/composables/download'
import { listCopies, type Copy } from '~/db/copies'
import { restoreKept } from '~/db/transfer'
import { deviceName, renameDevice } from '~/db/device'
import FileButton from '~/components/shared/FileButton.vue'
import TableExport from './TableExport.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { askToKeep, persistence, type Persistence } from '~/composables/persistence'
import { useExportAge } from '~/composables/useExportAge'
import { useLive } from '~/composables/useLive'
import { useRoomFile } from '~/composables/useRoomFile'
import { useUnits } from '~/composables/useUnits'
import { openDemoRoom } from '~/composables/demo'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

const room = useRoomStore()
const units = useUnits()
const age = useExportAge()
const file = useRoomFile()
const device = ref(deviceName())
const kept = useLive(() => room.db.kept.toArray(), toRef(room, 'db'))
const persisted = ref<Persistence>('not-asked')
const secure = window.isSecureContext

/** Copies that were made before an import or a replacement. */
const copies = shallowRef<Copy[]>([])
const readCopies = async () => {
  copies.value = await listCopies()
}
watch(() => file.merged.value, readCopies)
const saveCopy = (c: Copy) =>
  download(`renatus-copy-${c.at.slice(0, 10)}.json`, 'application/json', c.text)

onMounted(async () => {
  await readCopies()
  persisted.value = await persistence(room.db)
})
async function persist() {
  persisted.value = await askToKeep(room.db)
}
const types: Record<AnyRecord['type'], string> = {
  'room': 'Room',
  'place': 'Place',
  'vessel': 'Vessel',
  'salt': 'Salt',
  'lot': 'Lot',
  'tank': 'Tank',
  'brood': 'Brood',
  'species': 'Fish',
  'tool': 'Measure',
  'culture': 'Culture',
  'rolling-set': 'Set in turn',
  'gel-ingredient': 'Ingredient',
  'gel-tray': 'Tray',
  'gel-mix': 'Gel diet',
  'material': 'Material',
  'trial': 'Trial',
}
</script>

<template>
  <section id="data" class="grid gap-4">
    <div class="flex items-center gap-3">
      <h2>Data</h2>
      <span class="edge" />
    </div>
    <p class="max-w-prose">
      Two devices are two databases. The room lives in this browser on this device; carry it over by
      exporting it here and importing it there. Imports merge: entries of both are kept, of each
      record the newest holds, and the other can be restored.
    </p>
    <p>
      <strong>{{
        age.at.value
          ? `Last export ${units.when(age.at.value)}.`
          : 'Never exported from this device.'
      }}</strong>
      {{ ' ' }}
      <span v-if="age.due.value" class="text-due font-semibold">Export it this week.</span>
    </p>
    <div class="flex flex-wrap gap-3 items-center">
      <button class="btn btn-main" @click="file.exportNow()">Export the room</button>
      <FileButton label="Import a file" @picked="file.take($event)" />
      <template v-if="file.reading.value"
        ><span role="status">Reading the file</span
        ><button class="btn btn-quiet" @click="file.stop()">Stop</button></template
      >
    </div>
    <TableExport />
    <p v-if="file.problem.value" role="alert" class="border-l-[6px] border-harm pl-3 max-w-prose">
      {{ file.problem.value }}
    </p>
    <HoldButton
      v-if="file.other.value"
      :label="`Replace this room with “${file.other.value.name}”`"
      @held="file.replace()"
    />
    <div v-if="file.merged.value" role="status" class="border-l-[6px] border-plan pl-3">
      <p>
        <strong>Merged:</strong> {{ plural(file.merged.value.added.records, 'new record') }},
        {{ plural(file.merged.value.added.entries, 'new entry', 'new entries') }},
        {{ plural(file.merged.value.conflicts.length, 'conflict') }}.
      </p>
      <ul v-if="file.merged.value.conflicts.length">
        <li v-for="c in file.merged.value.conflicts" :key="c.id">
          {{ types[c.type] }} “{{ room.records?.find(r => r.id === c.id)?.name }}”:
          {{ c.winner === 'theirs' ? 'the file was newer' : 'this device was newer' }}; the other
          version stands below.
        </li>
      </ul>
      <p v-if="file.merged.value.entryConflicts.length">
        {{ plural(file.merged.value.entryConflicts.length, 'entry', 'entries') }} had the same id
        and other contents; those here stand.
      </p>
    </div>
    <div v-if="copies.length">
      <h3 class="font-bold">Copies made by themselves</h3>
      <ul>
        <li v-for="c in copies" :key="c.n" class="rule py-2 flex flex-wrap gap-3 items-center">
          <span class="grow">“{{ c.name }}”, {{ units.when(c.at) }}, {{ c.why }}</span>
          <button class="btn" @click="saveCopy(c)">Save as a file</button>
          <HoldButton label="Go back to it" @held="file.goBack(c)" />
        </li>
      </ul>
    </div>
    <div v-if="kept?.length">
      <h3 class="font-bold">Older versions from merges</h3>
      <ul>
        <li v-for="k in kept" :key="k.n" class="rule py-2 flex flex-wrap gap-3 items-center">
          <span class="grow"
            >{{ types[k.record.type] }} “{{ k.record.name }}” as of
            {{ units.when(k.record.updatedAt) }}</span
          >
          <button class="btn" @click="restoreKept(room.db, k.n!)">Restore</button>
        </li>
      </ul>
    </div>
    <div class="grid gap-4 sm:grid-cols-2 items-start">
      <div>
        <h3 class="font-bold">Storage</h3>
        <p v-if="persisted === 'yes'" class="small">The browser promised to keep the data.</p>
        <template v-else-if="persisted === 'missing'"
          ><p class="small">
            {{
              secure
                ? 'This browser cannot promise to keep the data.'
                : 'On plain http the browser promises nothing.'
            }}
            Export often.
          </p></template
        >
        <template v-else>
          <p v-if="persisted === 'refused'" role="alert" class="border-l-4 border-due pl-3">
            The browser refused: when space runs short it may delete the room. Install the app or
            export often, then ask again.
          </p>
          <p v-else class="small">
            The browser may delete the data when space runs short, unless it promises not to.
          </p>
          <button class="btn mt-2" @click="persist">Ask it to keep the data</button>
        </template>
        <p v-if="!secure" class="small mt-2">
          This page came over plain http: no installing, no use without the network. On this machine
          itself (localhost) or over https both work.
        </p>
      </div>
      <div>
        <label class="font-bold block"
          >This device is called<input
            v-model="device"
            class="field mt-1 font-normal"
            maxlength="60"
            @change="renameDevice(device)"
        /></label>
        <p class="small mt-1">It stands in the entries it writes.</p>
      </div>
    </div>
    <p v-if="room.which === 'own'">
      <button class="btn" @click="openDemoRoom()">Open the demo room</button>
    </p>
  </section>
</template>
