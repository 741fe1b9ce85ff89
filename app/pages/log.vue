<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import CorrectForm from '~/components/log/CorrectForm.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { download } from '~/composables/download'
import { useLive } from '~/composables/useLive'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { logPage, type LogPlace } from '~/db/logPages'
import { useRoomStore } from '~/stores/room'
import { CORRECTABLE, entrySentence, KIND_NAMES } from '~/words/log'
import { logTable, type SaidLine } from '~/words/logExport'
import { plural } from '~/words/round'

const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
/** Clocks and ticks come and go with the work: they are listed when asked for. */
const CLOCKS: readonly EntryKind[] = ['clock.started', 'clock.seen', 'stop.answered']
const PAGE = 40
const kind = ref<EntryKind | '' | 'work'>('work')
const search = ref('')
const correcting = ref<string | null>(null)
const note = ref('')

const db = toRef(room, 'db')
/** All that ever was, for who looks for a name: the lines of a page come with those they speak of. */
const searches = computed(() => search.value.trim() !== '')
const all = useLive(
  d => d.records.toArray(),
  computed(() => (searches.value ? db.value : null)),
)
const textOf = (entry: Entry, records: readonly AnyRecord[]) =>
  entrySentence(entry, records, units.measures.value)

/** Where each page after the first begins, as far as one has turned them. */
const turned = ref<LogPlace[]>([])
const question = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  const one = kind.value === 'work' || kind.value === '' ? null : kind.value
  // Nobody is told that there is nothing like it before the names are here.
  const records = all.value
  const said = (e: Entry, records: readonly AnyRecord[]) =>
    [units.when(e.at), KIND_NAMES[e.kind], textOf(e, records), e.by].join(' ').toLowerCase()
  return {
    kind: one,
    but: kind.value === 'work' ? CLOCKS : [],
    finds: records ? (e: Entry) => said(e, records).includes(wanted) : null,
  }
})
watch([kind, search], () => (turned.value = []))
const page = useLive(
  async d => {
    const asked = question.value
    return { asked, ...(await logPage(d, asked, turned.value.at(-1) ?? null, PAGE)) }
  },
  db,
  computed(() => [question.value, turned.value]),
)
const lines = computed(() => page.value?.lines ?? [])
/** A word of long ago takes a while in the log of years. */
const looking = computed(() => searches.value && page.value?.asked !== question.value)
const older = () => (turned.value = [...turned.value, lines.value.at(-1)?.entry ?? null])
const newer = () => (turned.value = turned.value.slice(0, -1))

/** So many at a time: between two lots the page has its turn. */
const LOT = 2000
const saving = ref(false)
/** What is seen, all pages of it, as a table. */
async function saveTable() {
  saving.value = true
  const asked = question.value
  const found: SaidLine[] = []
  let after: LogPlace = null
  for (let more = true; more;) {
    const next = await logPage(await room.database(), asked, after, LOT)
    for (const l of next.lines) found.push({ ...l, says: textOf(l.entry, next.records) })
    after = next.lines.at(-1)?.entry ?? null
    more = next.more
  }
  download('log.csv', 'text/csv;charset=utf-8', await logTable(found))
  saving.value = false
}

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
  <div v-else class="grid grid-cols-1 gap-3">
    <UndoLine />
    <div class="flex flex-wrap gap-x-4 gap-y-2 items-end">
      <div class="desk:w-60">
        <h1>Log</h1>
        <p class="small" role="status">
          {{
            looking
              ? 'Looking through the log.'
              : `${plural(room.count, 'entry', 'entries')}, none ever erased.`
          }}
        </p>
      </div>
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
      <button class="btn" :disabled="saving || lines.length === 0" @click="saveTable">
        Save what is shown
      </button>
    </div>
    <ul class="border-t border-line">
      <li
        v-for="row in lines"
        :key="row.entry.id"
        class="border-b border-line py-2 desk:py-0 desk:leading-tight"
        :data-kind="row.entry.kind"
      >
        <div
          class="grid gap-x-4 gap-y-1 grid-cols-[minmax(0,1fr)_auto] desk:grid-cols-[8.5rem_8.5rem_minmax(0,1fr)_auto_8.5rem] items-center"
        >
          <span class="small num">{{ units.when(row.entry.at) }}</span>
          <span class="font-semibold desk:order-none" :class="{ 'line-through': !row.stands }">{{
            KIND_NAMES[row.entry.kind]
          }}</span>
          <span
            class="col-span-2 desk:col-span-1"
            :class="{ 'line-through text-ink2': !row.stands }"
            >{{ textOf(row.entry, page!.records)
            }}<span v-if="row.entry.supersedes" class="small"> (correction)</span></span
          >
          <span class="small">{{ row.entry.by }}</span>
          <span class="flex gap-1 justify-end min-h-12 desk:min-h-7">
            <template v-if="row.stands && correcting !== row.entry.id">
              <button
                v-if="CORRECTABLE[row.entry.kind]"
                class="btn btn-quiet underline px-2 desk:min-h-7"
                @click="correcting = row.entry.id"
              >
                Correct
              </button>
              <button
                class="btn btn-quiet underline px-2 desk:min-h-7"
                @click="take(row.entry.act)"
              >
                {{ row.entry.kind === 'undone' ? 'Redo' : 'Undo' }}
              </button>
            </template>
            <span v-else-if="!row.stands" class="small self-center">struck out</span>
          </span>
        </div>
        <CorrectForm
          v-if="correcting === row.entry.id"
          :entry="row.entry"
          @done="correcting = null"
        />
      </li>
    </ul>
    <p v-if="page && lines.length === 0" class="sentence">
      <template v-if="question.finds || kind !== 'work'">Nothing like that in the log.</template
      ><template v-else>Nothing here yet. What you tick off in the Round lands here.</template>
    </p>
    <div v-if="turned.length > 0 || page?.more" class="flex flex-wrap gap-3 items-center">
      <button class="btn" :disabled="turned.length === 0" @click="newer">Newer</button>
      <span class="num">Page {{ turned.length + 1 }}</span>
      <button class="btn" :disabled="!page?.more" @click="older">Older</button>
    </div>
  </div>
</template>
