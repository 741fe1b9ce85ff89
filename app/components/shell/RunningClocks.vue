<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import type { Clock } from '@renatus/core/stock/clocks'
import { clockCalendar } from '~/composables/clockCalendar'
import { download } from '~/composables/download'
import { useClocks } from '~/composables/useClocks'
import { useUnits } from '~/composables/useUnits'

/** What runs: how much is left, until when, and its alarm for a calendar. */
const units = useUnits()
const { going, seen } = useClocks()
const left = (h: number) =>
  h * 60 < 2 ? `${Math.max(0, Math.ceil(h * 3600))} s` : units.duration(h)
const toCalendar = async (clock: Clock) =>
  download(
    `clock-${clock.endsAt.slice(0, 16).replace(':', '')}.ics`,
    'text/calendar',
    await clockCalendar(clock),
  )
</script>

<template>
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
          >ends {{ units.when(clock.endsAt) }}. It runs on when this page is closed; it sounds only
          while it is open.</span
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
</template>
