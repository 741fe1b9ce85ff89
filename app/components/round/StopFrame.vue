<script setup lang="ts">
import type { Caution } from '@renatus/core/foods/contract'

/** One stop: drawing, sentence, actions. The one that is "now" is framed, the rest are quiet. Cautions stand before it can be ticked. */
defineProps<{ now: boolean; cautions?: readonly Caution[]; problem?: string | null }>()
</script>

<template>
  <article
    class="py-4 px-3 -mx-3 grid gap-x-5 gap-y-3 grid-cols-[3.5rem_minmax(0,1fr)] desk:grid-cols-[3.75rem_minmax(0,1fr)_auto] items-start"
    :class="now ? 'border-2 border-ink bg-paper' : 'border-b border-line'"
    :aria-current="now ? 'step' : undefined"
  >
    <div class="pt-1 flex justify-center"><slot name="drawing" /></div>
    <div class="min-w-0">
      <slot />
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <details v-if="cautions?.length" class="mt-1">
        <summary class="min-h-12 flex items-center cursor-pointer font-semibold">
          <span
            aria-hidden="true"
            class="inline-grid place-items-center size-5 border-2 border-harm text-harm text-xs font-bold mr-2"
            >!</span
          >{{ cautions.length }} {{ cautions.length === 1 ? 'caution' : 'cautions' }}
        </summary>
        <ul class="small grid gap-1 pb-2">
          <li v-for="c in cautions" :key="c.id">{{ c.text }}</li>
        </ul>
      </details>
    </div>
    <div class="col-span-2 desk:col-span-1 flex flex-wrap gap-2 justify-end items-center">
      <slot name="actions" />
    </div>
  </article>
</template>
