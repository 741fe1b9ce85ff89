<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useMediaQuery } from '@vueuse/core'
import { navigateTo, useRoute } from '#app/composables/router'
import { useInTurn } from '~/composables/useInTurn'
import { VIEWS } from '~/words/nav'

const route = useRoute()
/** Plain links: what the app's own brings along is half of what the spine costs when the page opens. */
const go = (to: string) => void navigateTo(to)
const panel = useTemplateRef<HTMLElement>('panel')
const here = (to: string) =>
  to === '/'
    ? route.path === '/' || route.path.startsWith('/harvest')
    : route.path.startsWith(to) ||
      (to === '/shelf' && ['/labels', '/firstaid'].includes(route.path))
const more = VIEWS.filter(v => !v.phone)
/** The ways that a thumb reaches come first. The others follow at a table, and on a phone when they are asked for. */
const stands = useInTurn()
const atTable = useMediaQuery('(min-width: 64rem)')
const all = computed(() => stands.value && atTable.value)
const ways = computed(() => (all.value ? VIEWS : VIEWS.filter(v => v.phone)))
const asked = ref(false)
const moreHere = computed(() => more.find(v => here(v.to)))
</script>

<template>
  <nav
    aria-label="Views"
    class="print:hidden fixed bottom-0 inset-x-0 z-30 bg-paper border-t border-line desk:sticky desk:top-0 desk:bottom-auto desk:self-start desk:h-dvh desk:overflow-y-auto desk:border-t-0 desk:border-r"
  >
    <p class="hidden desk:block text-[1.1875rem] font-bold px-5 pt-3 pb-6">Renatus</p>
    <ul class="flex desk:block">
      <li
        v-for="view in ways"
        :key="view.to"
        class="flex-1"
        :class="view.phone ? '' : 'hidden desk:block'"
      >
        <hr v-if="'rule' in view" class="hidden desk:block border-line mx-5 my-3" />
        <a
          :href="view.to"
          :aria-current="here(view.to) ? 'page' : undefined"
          class="flex items-center justify-center desk:justify-start min-h-14 desk:min-h-11 desk:px-5 border-t-4 desk:border-t-0 desk:border-l-[6px] text-[0.9375rem] desk:text-base whitespace-nowrap"
          :class="
            here(view.to)
              ? 'border-due font-bold text-ink'
              : 'border-transparent text-ink2 hover:text-ink'
          "
          @click.exact.prevent="go(view.to)"
        >
          <span class="desk:hidden">{{ view.short }}</span><span class="hidden desk:inline">{{
            view.name
          }}</span>
        </a>
      </li>
      <!-- The browser's own popover: it closes by Escape and by a tap beside it, and costs no script. -->
      <li class="flex-1 desk:hidden">
        <button
          type="button"
          popovertarget="more-views"
          class="w-full flex items-center justify-center min-h-14 border-t-4 text-[0.9375rem] cursor-pointer"
          :class="moreHere ? 'border-due font-bold text-ink' : 'border-transparent text-ink2'"
        >
          {{ moreHere?.short ?? 'More' }}
        </button>
        <ul
          id="more-views"
          ref="panel"
          popover
          aria-label="More views"
          class="fixed inset-auto right-0 bottom-14 m-0 p-0 w-48 bg-paper text-ink border border-line-strong"
          @beforetoggle="asked = true"
        >
          <li v-for="view in asked ? more : []" :key="view.to">
            <NuxtLink
              :to="view.to"
              :prefetch="false"
              :aria-current="here(view.to) ? 'page' : undefined"
              class="flex items-center min-h-14 px-5 border-l-[6px]"
              :class="here(view.to) ? 'border-due font-bold' : 'border-transparent'"
              @click="panel?.hidePopover()"
              >{{ view.name }}</NuxtLink
            >
          </li>
        </ul>
      </li>
    </ul>
  </nav>
</template>
