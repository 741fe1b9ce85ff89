<script setup lang="ts">
import type { LineNode } from '@renatus/core/stock/lines'
import { useUnits } from '~/composables/useUnits'

/** A line as a tree: each vessel under the one it was started from. */
defineProps<{ nodes: readonly LineNode[]; here: string }>()
const units = useUnits()
</script>

<template>
  <ul class="grid gap-0">
    <li
      v-for="n in nodes"
      :key="n.culture.id"
      class="relative pl-6 before:absolute before:left-1 before:top-0 before:bottom-0 before:border-l-2 before:border-line-strong last:before:bottom-auto last:before:h-6 after:absolute after:left-1 after:top-6 after:w-4 after:border-t-2 after:border-line-strong"
    >
      <p class="min-h-12 flex flex-wrap items-center gap-x-3">
        <strong v-if="n.culture.id === here" aria-current="true">{{
          n.culture.record.name
        }}</strong>
        <NuxtLink v-else :to="`/shelf/${n.culture.id}`" :prefetch="false" class="link">{{
          n.culture.record.name
        }}</NuxtLink>
        <span class="small"
          >{{
            n.culture.ended
              ? `${n.culture.ended.how} ${units.day(n.culture.ended.at)}`
              : `since ${units.day(n.culture.record.startedAt)}`
          }}{{ n.culture.record.mother ? ', mother' : ''
          }}{{ n.culture.quarantine ? ', stands apart' : '' }}</span
        >
      </p>
      <LineTree v-if="n.children.length" :nodes="n.children" :here="here" />
    </li>
  </ul>
</template>
