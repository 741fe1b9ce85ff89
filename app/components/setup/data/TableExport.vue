<script setup lang="ts">
import { ref } from 'vue'
import type { TableName } from '@renatus/core/formats/tables/exportTable'
import { download } from '~/composables/download'
import { useFailures } from '~/composables/useFailures'
import { workerClient } from '~/engine/workerClient'
import { useRoomStore } from '~/stores/room'
import { TABLE_WORDS } from '~/words/tables'
import type { TableMaker } from '~/workers/table.worker'

/** One table of the room for a spreadsheet, made off the page: a log of years is long. */
const room = useRoomStore()
const what = ref<TableName>('harvests')
const busy = ref(false)
async function save() {
  busy.value = true
  const maker = workerClient<TableMaker>(
    'making the table',
    () =>
      new Worker(new URL('../../../workers/table.worker.ts', import.meta.url), { type: 'module' }),
  )
  try {
    const { name } = await room.database()
    download(
      `${what.value}.csv`,
      'text/csv;charset=utf-8',
      await maker.call(m => m.table(name, what.value)),
    )
  } catch (error) {
    useFailures().report(error)
  } finally {
    maker.stop()
    busy.value = false
  }
}
</script>

<template>
  <div class="flex flex-wrap gap-3 items-end">
    <label class="font-semibold"
      >A table for a spreadsheet<select v-model="what" class="field mt-1 block font-normal">
        <option v-for="(label, value) in TABLE_WORDS" :key="value" :value="value">
          {{ label }}
        </option>
      </select></label
    >
    <button class="btn" :disabled="busy" @click="save">Save as CSV</button>
  </div>
</template>
