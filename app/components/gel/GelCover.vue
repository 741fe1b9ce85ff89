<script setup lang="ts">
import { useEngineAnswer } from '~/composables/useEngineAnswer'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** How long each diet lasts, and by when it is to be cooked. */
const room = useRoomStore()
const units = useUnits()
const cover = useEngineAnswer(room.gelCover)
const firstBox = (mixId: string) => room.state?.gel.boxes.find(b => b.mixId === mixId)
</script>

<template>
  <ul class="mt-2 grid gap-1" data-testid="cover">
    <li
      v-for="c in cover"
      :key="c.mix.id"
      class="sentence"
      :class="c.days <= 2 ? 'border-l-[6px] border-due pl-3' : ''"
    >
      <template v-if="c.emptyOn === null"
        ><strong>{{ c.mix.name }}</strong> lasts for two months and more.</template
      >
      <template v-else-if="c.days === 0"
        ><strong>{{ c.mix.name }}</strong> is wanted today, and no box holds any.
        <NuxtLink :to="`/gel/batch?mix=${c.mix.id}`" :prefetch="false" class="link"
          >Cook it</NuxtLink
        ></template
      >
      <template v-else-if="!firstBox(c.mix.id)"
        ><strong>{{ c.mix.name }}</strong> is wanted from {{ units.date(c.emptyOn) }} on. Cook it by
        {{ units.date(c.cookBy!) }}.</template
      >
      <template v-else
        ><strong>{{ c.mix.name }}</strong> lasts
        <span class="amount">{{ plural(c.days, 'day') }}</span>: nothing is left on
        {{ units.date(c.emptyOn) }}.
        <NuxtLink :to="`/gel/batch?mix=${c.mix.id}`" :prefetch="false" class="link"
          >Cook it</NuxtLink
        >
        by {{ units.date(c.cookBy!) }}.</template
      >
    </li>
  </ul>
</template>
