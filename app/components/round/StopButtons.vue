<script setup lang="ts">
import { ref } from 'vue'
import type { Stop } from '@renatus/core/round/stop'
import { useStops } from '~/composables/useStops'

/** The answers of a stop: Not now, Differs where it can, and Done with one tap. */
const props = withDefaults(
  defineProps<{
    stop: Stop
    /** What Done says. */
    done?: string
    notNow?: string
    differs?: boolean
    /** The card always says what was, also where nothing was typed. */
    always?: boolean
    /** What really was, where the card asks for it; null for as proposed. */
    given?: () => unknown
  }>(),
  { done: 'Done', notNow: 'Not now', differs: false, always: false, given: () => undefined },
)
const open = defineModel<boolean>('open', { default: false })
const problem = defineModel<string | null>('problem', { default: null })
const stops = useStops()
const busy = ref(false)
/** What was refused; who says the very same again means it. */
let refused: string | null = null

function insisting(given: unknown): unknown {
  const said = JSON.stringify(given) ?? null
  const again = said !== null && said === refused
  refused = said
  return again && typeof given === 'object' ? { ...given, insist: true } : given
}

async function send(how: 'done' | 'notNow') {
  if (busy.value) return
  busy.value = true
  problem.value = null
  try {
    const given = how === 'done' && (open.value || props.always) ? props.given() : undefined
    // A card that could not read what was typed has said so itself.
    if (given === null) return
    // What a model was set to is read back only after the parent has drawn again.
    const refusal = await (how === 'done'
      ? stops.done(props.stop, insisting(given))
      : stops.notNow(props.stop))
    problem.value = refusal
    if (refusal !== null) return
    refused = null
    open.value = false
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <template v-if="open">
    <button data-closes class="btn btn-quiet" @click="open = false">Cancel</button>
    <button class="btn btn-main" @click="send('done')">Log it</button>
  </template>
  <template v-else>
    <button class="btn btn-quiet" @click="send('notNow')">{{ notNow }}</button>
    <button v-if="differs" class="btn" @click="open = true">Differs</button>
    <slot />
    <button class="btn btn-main" @click="send('done')">{{ done }}</button>
  </template>
</template>
