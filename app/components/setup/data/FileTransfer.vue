<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import FileButton from '~/components/shared/FileButton.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { download } from '~/composables/download'
import { useRoomFile } from '~/composables/useRoomFile'
import { useUnits } from '~/composables/useUnits'
import { listCopies, type Copy } from '~/db/copies'
import { canSeal } from '~/db/sealed'
import { useRoomStore } from '~/stores/room'
import { TYPE_NAMES } from '~/words/recordTypes'
import { tookLines } from '~/words/safekeeping'
import LockedFile from '~/components/setup/LockedFile.vue'
import ParcelTaken from './ParcelTaken.vue'

/** The room as a file, out and in; locked with a phrase where somebody wants it. */
const room = useRoomStore()
const units = useUnits()
const file = useRoomFile()
const lock = ref(false)
const phrase = ref('')
const sealable = canSeal()
const SHORTEST = 8
const SETTLES_MS = 600
const tooShort = computed(() => lock.value && phrase.value.length < SHORTEST)
const exportNow = () => file.exportNow(lock.value ? phrase.value : null)
const lines = computed(() => (file.took.value ? tookLines(file.took.value, room.now) : []))

/** Copies that were made before an import or a replacement. */
const copies = shallowRef<Copy[]>([])
const readCopies = async () => {
  copies.value = await listCopies()
}
/** A first room brings the sections above with it: what the file brought stays in sight. Else nothing moves. */
const said = ref<HTMLElement>()
let first = false
watch(file.reading, reads => {
  if (reads) first = room.state === null
})
watch(
  () => file.took.value,
  async took => {
    await readCopies()
    if (took && first) setTimeout(() => said.value?.scrollIntoView({ block: 'center' }), SETTLES_MS)
  },
)
onMounted(readCopies)
const goBack = (c: Copy) => file.goBack(new Blob([c.text], { type: 'application/json' }))
const saveCopy = (c: Copy) =>
  download(`renatus-copy-${c.at.slice(0, 10)}.json`, 'application/json', c.text)
</script>

<template>
  <div class="grid gap-4">
    <p class="max-w-prose small">
      Two devices are two databases. Imports merge: entries of both are kept, of each record the
      newest holds, and the other can be brought back.
    </p>
    <div class="flex flex-wrap gap-3 items-center">
      <button class="btn btn-main" :disabled="tooShort" @click="exportNow">Export the room</button>
      <FileButton label="Import a file" @picked="file.take($event)" />
      <label v-if="sealable" class="flex gap-2 items-center min-h-12"
        ><input v-model="lock" type="checkbox" class="size-5" />Lock it with a pass phrase</label
      >
      <template v-if="file.reading.value"
        ><span role="status">Reading the file</span
        ><button class="btn btn-quiet" @click="file.stop()">Stop</button></template
      >
    </div>
    <label v-if="lock" class="font-semibold max-w-96"
      >Pass phrase, {{ SHORTEST }} characters or more<input
        v-model="phrase"
        type="text"
        autocomplete="off"
        class="field mt-1 font-normal"
        maxlength="200"
      /><span class="small font-normal"
        >Nobody can open the file without it, nor can we: write it down.</span
      ></label
    >
    <p v-if="!sealable" class="small">
      A file cannot be locked here: over plain http the browser gives no cryptography.
    </p>
    <p v-if="file.problem.value" role="alert" class="border-l-[6px] border-harm pl-3 max-w-prose">
      {{ file.problem.value }}
    </p>
    <LockedFile v-if="file.locked.value" @phrase="file.unlock($event)" />
    <HoldButton
      v-if="file.other.value"
      :label="`Replace this room with “${file.other.value.name}”`"
      @held="file.replace()"
    />
    <div
      v-if="file.took.value"
      ref="said"
      role="status"
      class="border-l-[6px] border-plan pl-3 max-w-prose"
    >
      <p v-for="(line, i) in lines" :key="i" :class="{ 'font-semibold': i === 0 }">{{ line }}</p>
      <ul v-if="file.took.value.conflicts.length" class="list-disc pl-5">
        <li v-for="c in file.took.value.conflicts" :key="c.id">
          {{ c.type === 'entry' ? 'Entry' : TYPE_NAMES[c.type] }} “{{ c.name }}”: changed on both;
          the later stands, the other is below.
        </li>
      </ul>
    </div>
    <ParcelTaken @file="file.take($event)" />
    <div v-if="copies.length">
      <h3 class="font-bold">Copies before an import</h3>
      <ul>
        <li v-for="c in copies" :key="c.n" class="rule py-2 flex flex-wrap gap-3 items-center">
          <span class="grow">“{{ c.name }}”, {{ units.when(c.at) }}, {{ c.why }}</span>
          <button class="btn" @click="saveCopy(c)">Save as a file</button>
          <HoldButton label="Go back to it" @held="goBack(c)" />
        </li>
      </ul>
    </div>
  </div>
</template>
