<script setup lang="ts">
import AppBanners from '~/components/shell/AppBanners.vue'
import AppSpine from '~/components/shell/AppSpine.vue'
import ClockBar from '~/components/shell/ClockBar.vue'
</script>

<template>
  <div class="desk:grid desk:grid-cols-[8.75rem_minmax(0,1fr)] min-h-dvh">
    <a href="#main" class="sr-only focus:not-sr-only focus:absolute focus:z-50 btn">Skip to content</a>
    <AppSpine />
    <div class="pb-24 desk:pb-8 min-w-0">
      <ClockBar />
      <AppBanners />
      <main id="main" class="px-4 pt-5 desk:px-6 desk:pt-6 max-w-[74rem]">
        <NuxtPage />
      </main>
    </div>
  </div>
</template>
