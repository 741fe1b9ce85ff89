<script setup lang="ts">
import { useRoute } from '#app/composables/router'

/** The sections of a long page at its side, or above it on a phone. */
defineProps<{ label: string; sections: readonly { id: string; name: string }[] }>()
const route = useRoute()
</script>

<template>
  <nav :aria-label="label" class="desk:sticky desk:top-16 self-start">
    <ul class="flex flex-wrap gap-x-4 desk:grid desk:gap-0">
      <li v-for="s in sections" :key="s.id">
        <NuxtLink
          :to="`#${s.id}`"
          :prefetch="false"
          class="flex items-center min-h-12 desk:min-h-9 underline underline-offset-3 desk:no-underline hover:underline"
          :class="route.hash === `#${s.id}` ? 'font-bold' : 'text-ink2'"
          >{{ s.name }}</NuxtLink
        >
      </li>
    </ul>
  </nav>
</template>
