<script setup lang="ts">
import { computed, ref } from 'vue'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { clocks } from '@renatus/core/stock/clocks'
import { useSecond } from '~/composables/useNow'
import { useRinging } from '~/composables/useRinging'
import { useUnits } from '~/composables/useUnits'
import { clockCalendar } from '~/composables/clockCalendar'
import { download } from '~/composables/download'
import { useRoomStore } from '~/stores/room'

const emit = defineEmits<{ find: [] }>()
const room = useRoomStore()
const units = useUnits()
const second = useSecond()
const running = computed(() => {
  return room.state
    ? clocks(
        room.state.entries,
        new Date(second.value).toISOString(),
        new Set(room.state.stores.map(s => s.id)),
      )
    : []
})
const going = computed(() => running.value.filter(c => !c.ended))
/** The last to end first. */
const ended = computed(() => running.value.filter(c => c.ended).reverse())
const allEnded = ref(false)
const left = (h: number) =>
  h * 60 < 2 ? `${Math.max(0, Math.ceil(h * 3600))} s` : units.duration(h)
const today = computed(() => units.day(new Date(second.value).toISOString()))
const time = computed(() => units.clock(new Date(second.value).toISOString()))

const ringing = useRinging(ended)
const seen = (id: string) =>
  room.write([{ kind: 'clock.seen', subject: { type: 'clock', id }, data: { clockId: id } }])
const toCalendar = async (clock: (typeof running.value)[number]) =>
  download(
    `clock-${clock.endsAt.slice(0, 16).replace(':', '')}.ics`,
    'text/calendar',
    await clockCalendar(clock),
  )
</script>

<template>
  <header
    class="print:hidden sticky top-0 z-20 bg-ground border-b border-line px-4 desk:px-6 min-h-12 flex items-center gap-x-3 sm:gap-x-6 gap-y-1 flex-wrap py-1"
    aria-label="Clocks"
  >
    <p class="desk:hidden font-bold text-lg" :class="{ 'sr-only': going.length }">Renatus</p>
    <Popover
      v-for="(clock, i) in going.slice(0, 3)"
      :key="clock.id"
      class="relative min-w-0"
      :class="{ 'hidden desk:block': i === 1, 'hidden 2xl:block': i > 1 }"
    >
      <PopoverButton
        class="flex items-center gap-2 min-h-12 text-[0.9375rem] max-w-full"
        :data-testid="`clock-${clock.about.type}`"
      >
        <span class="truncate max-w-24 sm:max-w-44">{{ clock.label }}</span>
        <span class="w-16 desk:w-22 h-2.5 border border-ink shrink-0" aria-hidden="true"
          ><span class="block h-full bg-due" :style="{ width: `${clock.passed * 100}%` }"
        /></span>
        <strong class="num shrink-0">{{ left(clock.left) }}</strong>
      </PopoverButton>
      <PopoverPanel
        class="absolute left-0 mt-1 z-40 bg-paper border-2 border-ink p-4 w-72 grid gap-3"
      >
        <p>
          <strong>{{ clock.label }}</strong><br /><span class="small"
            >ends {{ units.when(clock.endsAt) }}. It runs on when this page is closed; it sounds
            only while it is open.</span
          >
        </p>
        <button class="btn" @click="toCalendar(clock)">Calendar alarm</button>
        <button class="btn btn-quiet" @click="seen(clock.id)">Stop this clock</button>
      </PopoverPanel>
    </Popover>
    <span v-if="going.length > 1" class="small desk:hidden">+{{ going.length - 1 }}</span>
    <span v-if="going.length > 2" class="small hidden desk:inline 2xl:hidden"
      >+{{ going.length - 2 }}</span
    ><span v-if="going.length > 3" class="small hidden 2xl:inline">+{{ going.length - 3 }}</span>
    <button
      type="button"
      class="ml-auto min-h-12 px-2 link text-[0.9375rem] print:hidden"
      aria-keyshortcuts="/"
      @click="emit('find')"
    >
      Find<span class="hidden desk:inline small"> (/)</span>
    </button>
    <p class="max-desk:order-first max-desk:sr-only small num whitespace-nowrap">
      <span class="hidden sm:inline">{{ today }}&nbsp;&nbsp;</span>{{ time }}
    </p>
  </header>
  <section
    v-if="ended.length"
    class="print:hidden mx-4 desk:mx-6 mt-3 border-l-[6px] border-due bg-paper px-4 py-2"
    aria-label="Clocks that have ended"
    role="status"
  >
    <ul>
      <li
        v-for="clock in allEnded ? ended : ended.slice(0, 1)"
        :key="clock.id"
        class="flex items-center gap-x-4 py-1"
      >
        <p class="grow min-w-0">
          <strong>{{ clock.label }}</strong>
          {{ ' ' }}<span class="small">ended {{ units.duration(-clock.left) }} ago</span>
        </p>
        <button class="btn" :aria-label="`Seen: ${clock.label}`" @click="seen(clock.id)">
          Seen
        </button>
      </li>
    </ul>
    <button
      v-if="ended.length > 1"
      type="button"
      class="link min-h-12"
      :aria-expanded="allEnded"
      @click="allEnded = !allEnded"
    >
      {{ allEnded ? 'Show the last one only' : `${ended.length - 1} more` }}
    </button>
    <p v-if="ringing.blocked.value" class="small">
      The sound is held back until you tap the page once.
    </p>
  </section>
</template>
