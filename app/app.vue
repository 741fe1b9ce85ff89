<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { useEventListener } from '@vueuse/core'
import AppBanners from '~/components/shell/AppBanners.vue'
import AppSpine from '~/components/shell/AppSpine.vue'
import FailureNotices from '~/components/shell/FailureNotices.vue'
import { liveOn } from '~/composables/liveOn'
import ClockBar from '~/components/shell/ClockBar.vue'
import { useEscape } from '~/composables/useEscape'
import { useInTurn } from '~/composables/useInTurn'

/** One thing fills the screen: nothing stands around it. */
const route = useRoute()
const bare = computed(() => route.meta.bare === true)
/** The frame stands at once; the ways to the views, the bar above and the view come in tasks of their own. */
const spined = useInTurn()
const barred = useInTurn()
const framed = useInTurn()
const FinderDialog = defineAsyncComponent(() => import('~/components/finder/FinderDialog.vue'))
const AlarmBar = defineAsyncComponent(() => import('~/components/shell/AlarmBar.vue'))
const finding = ref(false)
useEscape()
/** One key opens the finder, unless somebody is typing. */
useEventListener('keydown', (e: KeyboardEvent) => {
  const typing =
    e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)
  if ((e.key === '/' && !typing) || (e.key.toLowerCase() === 'k' && (e.ctrlKey || e.metaKey))) {
    e.preventDefault()
    finding.value = true
  }
})
</script>

<template>
  <div class="desk:grid desk:grid-cols-[8.75rem_minmax(0,1fr)] min-h-dvh print:block">
    <a href="#main" class="sr-only focus:not-sr-only focus:absolute focus:z-50 btn"
      >Skip to content</a
    >
    <main v-if="bare" id="main" class="desk:col-span-2 min-w-0 h-dvh flex flex-col">
      <!-- What is told takes of the screen, and never the answers below it. -->
      <div class="shrink-0 max-h-[36dvh] overflow-y-auto"><FailureNotices /></div>
      <NuxtPage v-if="framed" />
    </main>
    <AppSpine v-if="!bare && spined" />
    <div v-else-if="!bare" class="max-desk:hidden bg-paper border-r border-line" />
    <div v-if="!bare" class="pb-24 desk:pb-8 min-w-0">
      <ClockBar v-if="barred" @find="finding = true" />
      <div v-else class="min-h-12 border-b border-line" />
      <AppBanners v-if="barred" />
      <AlarmBar v-if="liveOn" />
      <main id="main" class="px-4 pt-5 desk:px-6 desk:pt-4 max-w-[74rem]">
        <NuxtPage v-if="framed" />
        <p v-else class="small">Opening the room</p>
      </main>
    </div>
    <FinderDialog v-if="finding" @close="finding = false" />
  </div>
</template>
