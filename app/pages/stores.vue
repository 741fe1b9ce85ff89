<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Provision } from '@renatus/core/provision/provision'
import type { MaterialId } from '@renatus/core/records/vocabulary'
import RecordForm from '~/components/setup/RecordForm.vue'
import RecordList from '~/components/setup/RecordList.vue'
import InTurn from '~/components/shared/InTurn.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import SectionNav from '~/components/shared/SectionNav.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import SlowWait from '~/components/shared/SlowWait.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import MixAhead from '~/components/stores/MixAhead.vue'
import MoneyPanel from '~/components/stores/MoneyPanel.vue'
import ShoppingList from '~/components/stores/ShoppingList.vue'
import StoreRow from '~/components/stores/StoreRow.vue'
import { download } from '~/composables/download'
import { useLarder } from '~/composables/useLarder'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { shoppingCalendar, shoppingTable } from '~/words/shoppingExport'
import { amountOf, larderLead } from '~/words/stores'

/** Everything that is kept: how long it lasts, what to buy by when, what it costs. */
const room = useRoomStore()
const units = useUnits()
const WEEKS = [4, 8, 13]
const weeks = ref(8)
const days = computed(() => weeks.value * 7)
const larder = useLarder(days)
const currency = computed(() => room.state?.room.currency ?? '€')
/** What runs out first stands first; cups of the day, which nobody buys, and what nobody has counted last. */
function soonest(p: Provision): number {
  if (p.kind === 'store' && p.pack === null) return 1e7
  return p.lasts?.p50 ?? (p.left === null ? 1e9 : 1e8)
}
const items = computed(() =>
  [...(larder.value?.items ?? [])].sort((a, b) => soonest(a) - soonest(b)),
)
/** A material that is written down from now on; null: the form is closed. */
const adding = ref<{ of: MaterialId | null } | null>(null)
const lead = computed(() =>
  larder.value ? larderLead(larder.value.shopping, weeks.value, units.date) : '',
)
const since = computed(() => (room.settled.before === '' ? null : units.day(room.settled.before)))
async function saveTable() {
  download('shopping.csv', 'text/csv;charset=utf-8', await shoppingTable(larder.value!.shopping))
}
async function saveCalendar() {
  const { name, timeZone } = room.state!.room
  download(
    'shopping.ics',
    'text/calendar;charset=utf-8',
    await shoppingCalendar(larder.value!.shopping, name, timeZone),
  )
}
const print = () => window.print()
const SECTIONS = [
  { id: 'buy', name: 'To buy' },
  { id: 'kept', name: 'What is kept' },
  { id: 'cysts', name: 'Cysts' },
  { id: 'mixed', name: 'Mixed ahead' },
  { id: 'money', name: 'Money' },
]
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6 desk:grid-cols-[11rem_minmax(0,1fr)] desk:gap-8">
    <div class="desk:col-span-2 flex flex-wrap gap-x-6 gap-y-2 items-end">
      <div class="grow">
        <h1>Stores</h1>
        <p class="sentence mt-1" data-testid="larder-lead">{{ lead }}</p>
      </div>
      <label class="font-semibold print:hidden"
        >Look ahead<select v-model="weeks" class="field mt-1 block font-normal">
          <option v-for="w in WEEKS" :key="w" :value="w">{{ w }} weeks</option>
        </select></label
      >
    </div>
    <SectionNav label="Parts of this page" :sections="SECTIONS" class="print:hidden" />
    <div class="grid grid-cols-1 gap-8 min-w-0">
      <UndoLine />
      <SlowWait
        v-if="!larder"
        doing="Working out how long everything lasts."
        ways="Everything else works meanwhile; reload if it never comes."
      />
      <template v-else>
        <section id="buy" class="grid gap-3">
          <ShelfEdge name="To buy" />
          <ShoppingList :larder="larder" />
          <p v-if="larder.shopping.length" class="flex flex-wrap gap-2 print:hidden">
            <button class="btn" @click="print">Print</button
            ><button class="btn" @click="saveTable">Save as a table</button
            ><button class="btn" @click="saveCalendar">Into a calendar</button>
          </p>
        </section>
        <section id="kept" class="grid gap-2 print:hidden">
          <ShelfEdge name="What is kept" />
          <p v-if="items.length" class="small">
            Drawn: what is left over the next {{ weeks }} weeks, its doubt in grey; dashed, the day
            to order; a wedge, what comes.
          </p>
          <ul>
            <StoreRow v-for="i in items" :key="i.id" :item="i" :days="days" />
          </ul>
          <div v-if="larder.untold.length">
            <h3>Used, and not counted</h3>
            <p class="small">Say how much stands here, and it is watched too.</p>
            <ul class="desk:grid desk:grid-cols-2 gap-x-8">
              <li
                v-for="u in larder.untold"
                :key="u.of"
                class="rule py-1 flex flex-wrap items-center gap-x-4 min-h-12"
              >
                <p class="grow">
                  {{ u.name }}
                  <span class="small">about {{ amountOf(u.perDay * 30, u.unit) }} a month</span>
                </p>
                <button
                  class="btn btn-quiet underline px-2"
                  :aria-label="`Add ${u.name}`"
                  @click="adding = { of: u.of }"
                >
                  Add
                </button>
              </li>
            </ul>
          </div>
          <RecordForm
            v-if="adding"
            :key="adding.of ?? 'own'"
            type="material"
            :preset="{ of: adding.of ?? 'own' }"
            @saved="adding = null"
            @cancel="adding = null"
          />
          <p v-else><button class="btn" @click="adding = { of: null }">Add a thing</button></p>
        </section>
        <section id="cysts" class="grid gap-2 print:hidden">
          <RecordList type="lot" addable />
        </section>
        <section id="mixed" class="grid gap-2 print:hidden">
          <ShelfEdge name="Mixed ahead" />
          <MixAhead />
        </section>
        <InTurn
          ><section id="money" class="grid gap-2 print:hidden">
            <ShelfEdge name="Money" />
            <MoneyPanel :costs="larder.costs" :currency="currency" :since="since" /></section
        ></InTurn>
      </template>
    </div>
  </div>
</template>
