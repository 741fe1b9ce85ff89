<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import {
  readWhatCanBeRead,
  saveRescued,
  setUnreadableAside,
  type Rescued,
} from '~/composables/rescueCopy'
import { useFailures } from '~/composables/useFailures'
import { DATABASES } from '~/db/databaseNames'
import type { Snapshot } from '~/db/snapshots'
import { keeperClient } from '~/engine/keeperClient'
import { nowInstant } from '~/composables/clock'
import { agoText } from '~/words/safekeeping'
import { plural } from '~/words/round'

/** A room that does not stand: what of it can be read, and the ways on. Nothing is thrown away. */
const found = shallowRef<Rescued | null>()
const snapshots = shallowRef<Snapshot[]>([])
const { report } = useFailures()
onMounted(async () => {
  found.value = await readWhatCanBeRead()
  snapshots.value = await keeperClient.call(k => k.snapshots(DATABASES.own)).catch(() => [])
})
const bad = computed(() => found.value?.sound.unreadable ?? [])
async function aside() {
  try {
    await setUnreadableAside(found.value!)
    location.reload()
  } catch (error) {
    report(error)
  }
}
async function goBack(s: Snapshot) {
  try {
    const blob = await keeperClient.call(k => k.snapshotFile(DATABASES.own, s.file))
    const how = { mode: 'replace', now: nowInstant(), phrase: null } as const
    await keeperClient.call(k => k.take(DATABASES.own, blob, how))
    location.reload()
  } catch (error) {
    report(error)
  }
}
</script>

<template>
  <section aria-label="What can be read" class="grid gap-3 border-l-[6px] border-plan bg-paper p-4">
    <h2>What can be read</h2>
    <p v-if="found === undefined" role="status">Reading the database</p>
    <p v-else-if="found === null">
      The database does not open at all. A snapshot or an exported file brings the room back.
    </p>
    <template v-else>
      <p>
        {{ plural(found.sound.records.length, 'record') }} and
        {{ plural(found.sound.entries.length, 'entry', 'entries') }} can be read{{
          bad.length
            ? `; ${plural(bad.length, 'row')} cannot:`
            : '. Everything that is stored is sound.'
        }}
      </p>
      <ul v-if="bad.length" class="list-disc pl-5">
        <li v-for="u in bad.slice(0, 8)" :key="`${u.table} ${u.index}`">
          {{ u.table }} {{ u.id }}, “{{ u.path }}”: {{ u.message }}
        </li>
        <li v-if="bad.length > 8">and {{ bad.length - 8 }} more</li>
      </ul>
      <p class="flex flex-wrap gap-3">
        <button class="btn btn-main" @click="saveRescued(found)">Export what can be read</button>
        <HoldButton
          v-if="bad.length"
          label="Set the unreadable rows aside and open the room"
          @held="aside"
        />
      </p>
    </template>
    <template v-if="snapshots.length">
      <h3 class="font-bold">Snapshots in this browser</h3>
      <ul>
        <li
          v-for="s in snapshots.slice(0, 6)"
          :key="s.file"
          class="rule py-2 flex flex-wrap gap-3 items-center"
        >
          <span class="grow">{{ agoText(s.at, nowInstant()) }}</span>
          <HoldButton label="Go back to it" @held="goBack(s)" />
        </li>
      </ul>
    </template>
  </section>
</template>
