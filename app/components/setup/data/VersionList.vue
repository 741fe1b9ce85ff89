<script setup lang="ts">
import { computed, toRef } from 'vue'
import { headsOf } from '@renatus/core/formats/versions'
import { useFailures } from '~/composables/useFailures'
import { useLive } from '~/composables/useLive'
import { useUnits } from '~/composables/useUnits'
import { restoreKept } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'
import { TYPE_NAMES } from '~/words/recordTypes'

/** Older versions of what was set up: those changed apart on two devices first, the rest behind a line. Any can be brought back. */
const room = useRoomStore()
const units = useUnits()
const MOST = 60
const known = useLive(
  async db => {
    const kept = await db.kept.toArray()
    const ids = [...new Set(kept.map(k => k.record.id))]
    return { kept, standing: await db.records.bulkGet(ids) }
  },
  toRef(room, 'db'),
)
const rows = computed(() => {
  const { kept = [], standing = [] } = known.value ?? {}
  const stands = new Map(standing.flatMap(r => (r ? [[r.id, r] as const] : [])))
  const all = [...kept].sort((a, b) => (a.record.updatedAt < b.record.updatedAt ? 1 : -1))
  const apart = new Set(
    [...new Set(all.map(k => k.record.id))].flatMap(id => {
      const now = stands.get(id)
      const versions = all.filter(k => k.record.id === id).map(k => k.record)
      return headsOf(now ? [now, ...versions] : versions).filter(v => v !== now)
    }),
  )
  return all.map(k => ({
    k,
    apart: apart.has(k.record),
    now: stands.get(k.record.id)?.name ?? k.record.name,
  }))
})
const conflicts = computed(() => rows.value.filter(r => r.apart))
const older = computed(() => rows.value.filter(r => !r.apart).slice(0, MOST))
const restore = (n: number) =>
  useFailures().attempt(async () => restoreKept(await room.database(), n))
</script>

<template>
  <div v-if="rows.length" class="grid gap-3">
    <div v-if="conflicts.length">
      <h3 class="font-bold">Changed on two devices apart</h3>
      <p class="small max-w-prose">
        The later stands. Bring the other back, or save what stands again, and the matter is
        settled.
      </p>
      <ul>
        <li
          v-for="{ k, now } in conflicts"
          :key="k.n"
          class="rule py-2 flex flex-wrap gap-3 items-center"
        >
          <span class="grow"
            >{{ TYPE_NAMES[k.record.type] }} “{{ k.record.name }}” as of
            {{ units.when(k.record.updatedAt)
            }}{{ now === k.record.name ? '' : `; “${now}” stands` }}</span
          >
          <button class="btn" @click="restore(k.n!)">Restore</button>
        </li>
      </ul>
    </div>
    <details v-if="older.length">
      <summary class="min-h-12 py-3 font-bold cursor-pointer">
        {{ plural(older.length, 'older version') }}
      </summary>
      <ul>
        <li v-for="{ k } in older" :key="k.n" class="rule py-2 flex flex-wrap gap-3 items-center">
          <span class="grow"
            >{{ TYPE_NAMES[k.record.type] }} “{{ k.record.name }}” as of
            {{ units.when(k.record.updatedAt) }}</span
          >
          <button class="btn" @click="restore(k.n!)">Restore</button>
        </li>
      </ul>
    </details>
  </div>
</template>
