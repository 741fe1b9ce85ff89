<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useSecond } from '~/composables/useNow'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

const RunningClocks = defineAsyncComponent(() => import('./RunningClocks.vue'))
const EndedClocks = defineAsyncComponent(() => import('./EndedClocks.vue'))
const emit = defineEmits<{ find: [] }>()
const room = useRoomStore()
const units = useUnits()
const second = useSecond()
/** A room without a clock does without what shows them. */
const hasClocks = computed(() => (room.state?.clocks.length ?? 0) > 0)
const runs = computed(() => room.state?.clocks.some(c => !c.ended) ?? false)
const today = computed(() => units.day(new Date(second.value).toISOString()))
const time = computed(() => units.clock(new Date(second.value).toISOString()))
</script>

<template>
  <header
    class="print:hidden sticky top-0 z-20 bg-ground border-b border-line px-4 desk:px-6 min-h-12 flex items-center gap-x-3 sm:gap-x-6 gap-y-1 flex-wrap py-1"
    aria-label="Clocks"
  >
    <p class="desk:hidden font-bold text-[1.1875rem]" :class="{ 'sr-only': runs }">Renatus</p>
    <RunningClocks v-if="hasClocks" />
    <button
      type="button"
      class="ml-auto min-h-12 px-2 link text-[0.9375rem] print:hidden"
      aria-keyshortcuts="/"
      @click="emit('find')"
    >
      Ask<span class="hidden desk:inline small"> (/)</span>
    </button>
    <!-- Where no room stands no time is told: a browser takes long to learn how. -->
    <p v-if="room.state" class="max-desk:order-first max-desk:sr-only small num whitespace-nowrap">
      <span class="hidden sm:inline">{{ today }}&nbsp;&nbsp;</span>{{ time }}
    </p>
  </header>
  <EndedClocks v-if="hasClocks" />
</template>
