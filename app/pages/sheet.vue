<script setup lang="ts">
import { computed, ref } from 'vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import { download } from '~/composables/download'
import { planCalendar } from '~/composables/planCalendar'
import { planTable } from '~/composables/planTable'
import { calendarItems, sheetLines } from '~/composables/sheetRows'
import { useUnits } from '~/composables/useUnits'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** The round on paper, in a calendar, in a table. */
const room = useRoomStore()
useCulturesStore()
const units = useUnits()
const lines = computed(() => (room.round && room.state ? sheetLines(room.round, room.state) : []))
const items = computed(() =>
  room.round && room.state ? calendarItems(room.round, room.state) : [],
)
const shelves = computed(() => {
  const found: { name: string; lines: typeof lines.value }[] = []
  for (const l of lines.value) {
    if (found.at(-1)?.name === l.place) found.at(-1)!.lines.push(l)
    else found.push({ name: l.place, lines: [l] })
  }
  return found
})
const minutes = computed(() => lines.value.reduce((m, l) => m + l.minutes, 0))
const said = ref('')
const stamp = () => room.state!.today
async function calendar() {
  download(
    `renatus-${stamp()}.ics`,
    'text/calendar',
    await planCalendar(items.value, room.state!.room.name, room.timeZone),
  )
  said.value = `${plural(items.value.length, 'entry', 'entries')} for the calendar. Import it again after a change: entries move, they are not doubled.`
}
async function table() {
  download(`renatus-round-${stamp()}.csv`, 'text/csv', await planTable(lines.value))
  said.value = `${plural(lines.value.length, 'line')} in the table.`
}
const print = () => window.print()
</script>

<template>
  <NoRoom v-if="!room.state || !room.round" />
  <div v-else class="grid grid-cols-1 gap-5">
    <div class="print:hidden grid gap-3">
      <p>
        <NuxtLink to="/" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Round</NuxtLink
        >
      </p>
      <p class="flex flex-wrap gap-2">
        <button class="btn btn-main" @click="print">Print</button
        ><button class="btn" :disabled="items.length === 0" @click="calendar">
          Calendar (.ics)</button
        ><button class="btn" @click="table">Table (.csv)</button>
      </p>
      <p role="status" class="small">
        {{
          said || `The calendar holds what lies ahead: ${plural(items.length, 'entry', 'entries')}.`
        }}
      </p>
    </div>
    <article class="sheet">
      <h1>{{ room.round.current.name }}, {{ units.day(room.round.current.at) }}</h1>
      <p class="small">
        {{ room.state.room.name }}. {{ plural(lines.length, 'line') }}, about
        {{ plural(minutes, 'minute') }}. Clean to dirty; tanks last.
      </p>
      <section v-for="(s, i) in shelves" :key="i" class="mt-4">
        <h2>{{ s.name }}</h2>
        <ul>
          <li
            v-for="l in s.lines"
            :key="l.key"
            class="rule py-2 grid grid-cols-[1.5rem_minmax(0,1fr)] gap-3"
          >
            <span class="mt-1 size-5 border-2 border-ink inline-block" aria-hidden="true" />
            <div>
              <p>
                {{ l.text
                }}<span v-if="l.clock" class="small"> Until {{ units.when(l.clock.until) }}.</span>
              </p>
              <p v-for="c in l.cautions" :key="c" class="small">! {{ c }}</p>
            </div>
          </li>
        </ul>
      </section>
      <p v-if="lines.length === 0" class="sentence mt-3">Nothing is due.</p>
    </article>
  </div>
</template>
