<script setup lang="ts">
import { computed, ref, useSlots } from 'vue'
import type { Caution } from '@renatus/core/foods/contract'
import { useStopFace } from './stopsOnScreen'

/**
 * One stop: drawing, sentence, answers. The one that is "now" is framed and tells all; of the others the rest opens.
 * On a walk it is the only thing on the screen (see .walk in main.css). Cautions stand before it can be ticked.
 */
const props = defineProps<{
  now: boolean
  cautions?: readonly Caution[]
  /** It is a question: all its answers are as likely. */ asks?: boolean
  /** Until when it may wait; nothing where it must be done now. */ waits?: string | null
}>()
const problem = defineModel<string | null>('problem', { default: null })
const slots = useSlots()
const opened = ref(false)
const face = useStopFace()
const manner = computed(() => {
  if (face === 'walk') return 'stop-walk'
  return props.now ? 'stop-now' : 'stop-row'
})
const full = computed(() => props.now || opened.value)
const opens = computed(() => !props.now && slots.more !== undefined)
</script>

<template>
  <article
    class="stop"
    :class="[manner, { 'stop-ask': asks }]"
    :aria-current="now ? 'step' : undefined"
  >
    <div class="stop-drawing"><slot name="drawing" /></div>
    <div
      class="stop-words"
      :tabindex="face === 'walk' ? 0 : undefined"
      @input="problem = null"
      @click="problem = null"
    >
      <slot :full="full" />
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <span v-if="$slots.note || waits" class="small">
        <slot name="note" /><template v-if="waits"> May wait until {{ waits }}.</template>
      </span>
      <slot v-if="full" name="more" />
      <details v-if="cautions?.length" class="stop-cautions">
        <summary class="cursor-pointer font-semibold">
          <span
            aria-hidden="true"
            class="inline-grid place-items-center size-5 border-2 border-harm text-harm text-[0.9375rem] leading-none font-bold mr-2"
            >!</span
          >{{ cautions.length }} {{ cautions.length === 1 ? 'caution' : 'cautions' }}
        </summary>
        <ul class="small grid gap-1 pb-2">
          <li v-for="c in cautions" :key="c.id">{{ c.text }}</li>
        </ul>
      </details>
    </div>
    <div class="stop-answers">
      <button
        v-if="opens"
        type="button"
        class="btn btn-quiet"
        data-more
        :aria-expanded="opened"
        @click="opened = !opened"
      >
        {{ opened ? 'Less' : 'More' }}
      </button>
      <slot name="actions" />
    </div>
  </article>
</template>
