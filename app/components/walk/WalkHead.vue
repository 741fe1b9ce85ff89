<script setup lang="ts">
import { computed } from 'vue'
import type { WalkPlace } from '@renatus/core/round/walk'
import { useClocks } from '~/composables/useClocks'
import { useUnits } from '~/composables/useUnits'
import { plural } from '~/words/round'

/** Where one stands: how many stops of how many, the minutes left, the clock that ends next, the places in a row. */
defineProps<{
  number: number
  count: number
  minutes: number
  places: readonly WalkPlace[]
  aloud: boolean
  able: boolean
}>()
const emit = defineEmits<{ aloud: [] }>()
const units = useUnits()
const { going } = useClocks()
const next = computed(() => going.value[0])
const left = (h: number) =>
  h * 60 < 2 ? `${Math.max(0, Math.ceil(h * 3600))} s` : units.duration(h)
</script>

<template>
  <header class="walk-head">
    <div class="flex flex-wrap items-center gap-x-3 min-h-[48px]">
      <p class="num whitespace-nowrap">
        <template v-if="number"
          ><strong>{{ number }} of {{ count }}</strong
          >,&nbsp;</template
        ><span v-if="minutes > 0" class="small">{{ Math.ceil(minutes) }} min left</span>
      </p>
      <p
        v-if="next"
        class="small min-w-0 basis-20 flex gap-2 grow justify-center items-center leading-tight"
      >
        <span class="line-clamp-2">{{ next.label }}</span>
        <strong class="num text-ink whitespace-nowrap">{{ left(next.left) }}</strong>
      </p>
      <button
        v-if="able"
        type="button"
        class="btn btn-quiet px-2 ml-auto"
        :aria-pressed="aloud"
        aria-label="Read aloud"
        @click="emit('aloud')"
      >
        <svg
          viewBox="0 0 24 24"
          class="size-6"
          aria-hidden="true"
          fill="none"
          stroke="currentColor"
          stroke-width="2"
        >
          <path d="M4 9 v6 h4 l6 4.5 V4.5 L8 9 Z" stroke-linejoin="round" />
          <path v-if="aloud" d="M17 8.5 q2.5 3.5 0 7 M19.5 6 q4.5 6 0 12" stroke-linecap="round" />
          <path v-else d="M17 9 l5 6 M22 9 l-5 6" stroke-linecap="round" />
        </svg>
      </button>
      <NuxtLink to="/" :prefetch="false" class="link min-h-12 inline-flex items-center"
        >List</NuxtLink
      >
    </div>
    <ol class="flex gap-1" aria-label="Places of this round">
      <li
        v-for="(p, i) in places"
        :key="i"
        class="h-2.5 border relative"
        :class="p.here ? 'border-due' : 'border-line-strong'"
        :style="{ flexGrow: p.steps, flexBasis: 0 }"
        :aria-current="p.here ? 'step' : undefined"
      >
        <span
          class="block h-full"
          :class="p.here ? 'bg-due' : 'bg-line-strong'"
          :style="{ width: p.here ? '100%' : `${(p.over / p.steps) * 100}%` }"
          aria-hidden="true"
        /><span class="sr-only">{{ p.name }}: {{ p.over }} of {{ plural(p.steps, 'stop') }}</span>
      </li>
    </ol>
  </header>
</template>
