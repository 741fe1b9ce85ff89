<script setup lang="ts">
import { computed } from 'vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { download } from '~/composables/download'
import { useFailures } from '~/composables/useFailures'
import { useRoomFile } from '~/composables/useRoomFile'
import { useUnits } from '~/composables/useUnits'
import { DATABASES } from '~/db/databaseNames'
import { hasSnapshots, type Snapshot } from '~/db/snapshots'
import { keeperClient } from '~/engine/keeperClient'
import { keeping, letIn, pickCopy, tieFolder, untie } from '~/keep/safekeeping'
import { useRoomStore } from '~/stores/room'
import { roomFileProblem } from '~/words/problems'
import { plural } from '~/words/round'
import { agoText, tieText } from '~/words/safekeeping'

/** What keeps the room in step with other devices and copies it by itself. */
const room = useRoomStore()
const units = useUnits()
const file = useRoomFile()
const { report } = useFailures()
const canFolder = 'showDirectoryPicker' in window
const canCopy = 'showSaveFilePicker' in window
const canSnapshot = hasSnapshots()
const shown = computed(() => keeping.snapshots.slice(0, 12))
const tell = (act: Promise<unknown>) => act.catch((error: unknown) => report(error))
const blobOf = (s: Snapshot) => keeperClient.call(k => k.snapshotFile(DATABASES.own, s.file))
async function save(s: Snapshot) {
  download(`renatus-snapshot-${s.at.slice(0, 10)}.json`, 'application/json', await blobOf(s))
}
async function goBack(s: Snapshot) {
  await file.goBack(await blobOf(s))
}
const kb = (bytes: number) => `${Math.max(1, Math.round(bytes / 1024))} kB`
const TIES = [
  {
    tie: 'folder',
    can: canFolder,
    title: 'In step with other devices',
    off: 'Tie the room to a folder that your devices share (a synced folder, a stick, a network disk). Each writes a file of its own there and reads the others’; new entries appear within a minute.',
    pick: 'Choose the folder',
    missing:
      'This browser cannot keep a folder. Export here and import there, or show a code below.',
  },
  {
    tie: 'copy',
    can: canCopy,
    title: 'A second copy by itself',
    off: 'Choose a file once, best on another disk; after each round the whole room is written there.',
    pick: 'Choose the file',
    missing: 'This browser writes no file by itself. It reminds you weekly to export.',
  },
] as const
/** A database is open where its room is shown: what asks the user for a file comes straight from his tap. */
const db = () => room.db!
const pick = (tie: 'folder' | 'copy') => tell(tie === 'folder' ? tieFolder(db()) : pickCopy(db()))
</script>

<template>
  <div class="grid gap-5">
    <div v-for="t in TIES" :key="t.tie" class="grid gap-2" :data-tie="t.tie">
      <h3 class="font-bold">{{ t.title }}</h3>
      <p v-if="!t.can" class="small max-w-prose">{{ t.missing }}</p>
      <template v-else-if="keeping[t.tie].state === 'off'">
        <p class="small max-w-prose">{{ t.off }}</p>
        <p>
          <button class="btn" @click="pick(t.tie)">{{ t.pick }}</button>
        </p>
      </template>
      <template v-else>
        <p v-if="keeping[t.tie].state === 'on'" role="status">
          “{{ keeping[t.tie].name }}”,
          {{ keeping[t.tie].at ? agoText(keeping[t.tie].at!, room.now) : 'not yet'
          }}{{
            t.tie === 'folder' && keeping.came
              ? `; ${plural(keeping.came, 'thing')} came from other devices since this page was opened`
              : ''
          }}.
        </p>
        <p v-else role="alert" class="border-l-[6px] border-due pl-3 max-w-prose">
          {{ tieText(keeping[t.tie].state, keeping[t.tie].name, keeping[t.tie].why) }}
        </p>
        <p v-if="keeping.forgetful" class="small max-w-prose">
          This browser forgets it when the page is closed: choose it again then.
        </p>
        <ul v-if="t.tie === 'folder' && keeping.leftAlone.length" class="grid gap-1 max-w-prose">
          <li v-for="p in keeping.leftAlone" :key="p.file" class="border-l-4 border-due pl-3">
            {{ p.file }}: {{ roomFileProblem(p.problem, room.state?.room.name) }}
          </li>
        </ul>
        <p class="flex flex-wrap gap-3">
          <button
            v-if="keeping[t.tie].state === 'ask'"
            class="btn btn-main"
            @click="tell(letIn(db(), t.tie))"
          >
            Go on with it
          </button>
          <button class="btn" @click="pick(t.tie)">Choose another</button>
          <button class="btn btn-quiet" @click="tell(untie(db(), t.tie))">Leave it</button>
        </p>
      </template>
    </div>
    <div class="grid gap-2">
      <h3 class="font-bold">Snapshots in this browser</h3>
      <p class="small max-w-prose">
        {{
          canSnapshot
            ? 'Made by itself at most once an hour when something changed; kept for a day by the hour, two weeks by the day, two months by the week, two years by the month. They go when the browser’s data is cleared.'
            : 'This browser has no place for them. Export weekly.'
        }}
      </p>
      <p v-if="shown.length && keeping.folder.state !== 'off'" class="small max-w-prose">
        What other devices hold comes back from the folder: leave it before you go back.
      </p>
      <p v-if="keeping.snapshotWhy" role="alert" class="border-l-[6px] border-due pl-3 max-w-prose">
        {{ keeping.snapshotWhy }}
      </p>
      <p v-if="file.problem.value" role="alert" class="border-l-[6px] border-harm pl-3">
        {{ file.problem.value }}
      </p>
      <p v-if="file.took.value" role="status">The room is as it was then.</p>
      <ul>
        <li
          v-for="s in shown"
          :key="s.file"
          class="rule py-2 flex flex-wrap gap-3 items-center"
          data-testid="snapshot"
        >
          <span class="grow">{{ units.when(s.at) }}, {{ kb(s.bytes) }}</span>
          <button class="btn" @click="tell(save(s))">Save as a file</button>
          <HoldButton label="Go back to it" @held="tell(goBack(s))" />
        </li>
      </ul>
      <p v-if="canSnapshot && shown.length === 0" class="small">None yet.</p>
    </div>
  </div>
</template>
