<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  useVueTable,
} from '@tanstack/vue-table'
import { effectiveEntries, byTime } from '@renatus/core/records/effectiveEntries'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import CorrectForm from '~/components/log/CorrectForm.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { CORRECTABLE, entrySentence, KIND_NAMES } from '~/words/log'
import { plural } from '~/words/round'

const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
/** Clocks and ticks come and go with the work: they are listed when asked for. */
const CLOCKS: readonly EntryKind[] = ['clock.started', 'clock.seen', 'stop.answered']
const kind = ref<EntryKind | '' | 'work'>('work')
const search = ref('')
const correcting = ref<string | null>(null)
const note = ref('')

const records = computed(() => room.records ?? [])
const all = computed(() => [...(room.entries ?? [])].sort((a, b) => byTime(b, a)))
const standing = computed(() => new Set(effectiveEntries(room.entries ?? []).map(e => e.id)))
/** An undo that still holds can itself be taken back. */
const undoneActs = computed(
  () => new Set(all.value.filter(e => e.kind === 'undone').map(e => e.act)),
)
interface Row {
  entry: Entry
  /** Worked out when it is shown or searched: a log is long, and forty lines are on screen. */
  readonly text: string
  stands: boolean
}
const rows = computed((): Row[] =>
  all.value
    .filter(
      e =>
        kind.value === '' ||
        (kind.value === 'work' ? !CLOCKS.includes(e.kind) : e.kind === kind.value),
    )
    .map(e => ({
      entry: e,
      get text() {
        return entrySentence(e, records.value, units.measures.value)
      },
      stands: e.kind === 'undone' || standing.value.has(e.id),
    })),
)

const column = createColumnHelper<Row>()
const columns = [
  column.accessor(r => r.entry.at, { id: 'at', header: 'When' }),
  column.accessor(r => KIND_NAMES[r.entry.kind], { id: 'kind', header: 'What' }),
  column.accessor('text', { header: 'Which' }),
  column.accessor(r => r.entry.by, { id: 'by', header: 'By' }),
]
const table = useVueTable({
  get data() {
    return rows.value
  },
  columns,
  state: {
    get globalFilter() {
      return search.value
    },
  },
  globalFilterFn: 'includesString',
  getCoreRowModel: getCoreRowModel(),
  getFilteredRowModel: getFilteredRowModel(),
  getPaginationRowModel: getPaginationRowModel(),
  initialState: { pagination: { pageSize: 40 } },
})

async function take(act: string) {
  const result = await room.undo(act)
  if (result.ok) undo.offer(result.act, 'Taken back; it stays readable here.')
}
async function addNote() {
  if (note.value.trim() === '') return
  await room.writeOrStop([
    {
      kind: 'note',
      subject: { type: 'room', id: room.state!.room.id },
      data: { text: note.value.trim().slice(0, 2000) },
    },
  ])
  note.value = ''
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-4">
    <div>
      <h1>Log</h1>
      <p class="small mt-1">
        {{ plural(all.length, 'entry', 'entries') }}. Nothing is ever erased: corrections and undos
        are entries too.
      </p>
    </div>
    <UndoLine />
    <div class="flex flex-wrap gap-3 items-end">
      <label class="font-semibold"
        >Show<select v-model="kind" class="field mt-1 block font-normal">
          <option value="work">all work</option>
          <option value="">clocks too</option>
          <option v-for="(name, k) in KIND_NAMES" :key="k" :value="k">{{ name }}</option>
        </select></label
      >
      <label class="font-semibold"
        >Find<input
          v-model="search"
          type="search"
          class="field mt-1 block font-normal"
          placeholder="vessel, tank, lot"
      /></label>
      <form class="flex gap-2 items-end grow" @submit.prevent="addNote">
        <label class="font-semibold grow"
          >Write a note<input
            v-model="note"
            class="field mt-1 font-normal"
            maxlength="2000" /></label
        ><button class="btn">Add</button>
      </form>
    </div>
    <ul class="border-t border-line">
      <li
        v-for="row in table.getRowModel().rows"
        :key="row.original.entry.id"
        class="border-b border-line py-2"
        :data-kind="row.original.entry.kind"
      >
        <div
          class="grid gap-x-4 gap-y-1 grid-cols-[minmax(0,1fr)_auto] desk:grid-cols-[11rem_10rem_minmax(0,1fr)_8rem_11rem] items-center"
        >
          <span class="small num">{{ units.when(row.original.entry.at) }}</span>
          <span
            class="font-semibold desk:order-none"
            :class="{ 'line-through': !row.original.stands }"
            >{{ KIND_NAMES[row.original.entry.kind] }}</span
          >
          <span
            class="col-span-2 desk:col-span-1"
            :class="{ 'line-through text-ink2': !row.original.stands }"
            >{{ row.original.text
            }}<span v-if="row.original.entry.supersedes" class="small"> (correction)</span></span
          >
          <span class="small">{{ row.original.entry.by }}</span>
          <span class="flex gap-1 justify-end min-h-12">
            <template v-if="row.original.stands && correcting !== row.original.entry.id">
              <button
                v-if="CORRECTABLE[row.original.entry.kind]"
                class="btn btn-quiet underline px-2"
                @click="correcting = row.original.entry.id"
              >
                Correct
              </button>
              <button class="btn btn-quiet underline px-2" @click="take(row.original.entry.act)">
                {{ undoneActs.has(row.original.entry.act) ? 'Redo' : 'Undo' }}
              </button>
            </template>
            <span v-else-if="!row.original.stands" class="small self-center">struck out</span>
          </span>
        </div>
        <CorrectForm
          v-if="correcting === row.original.entry.id"
          :entry="row.original.entry"
          @done="correcting = null"
        />
      </li>
    </ul>
    <p v-if="rows.length === 0" class="sentence">
      Nothing here yet. What you tick off in the Round lands here.
    </p>
    <div v-if="table.getPageCount() > 1" class="flex flex-wrap gap-3 items-center">
      <button class="btn" :disabled="!table.getCanPreviousPage()" @click="table.previousPage()">
        Newer
      </button>
      <span class="num"
        >{{ table.getState().pagination.pageIndex + 1 }} of {{ table.getPageCount() }}</span
      >
      <button class="btn" :disabled="!table.getCanNextPage()" @click="table.nextPage()">
        Older
      </button>
    </div>
  </div>
</template>
