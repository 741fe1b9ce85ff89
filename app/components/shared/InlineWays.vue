<script setup lang="ts">
import { ref } from 'vue'
import type { InlineWay } from './inlineWay'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'

/** Buttons of what can be written down of a thing; each opens its fields in place. */
const props = defineProps<{ ways: readonly InlineWay[]; name: string }>()
const room = useRoomStore()
const undo = useUndo()
const open = ref<number | null>(null)
const texts = ref<string[]>([])
const problem = ref<string | null>(null)
async function log(way: InlineWay) {
  const drafts = way.read(texts.value)
  problem.value = typeof drafts === 'string' ? drafts : null
  if (typeof drafts === 'string') return
  const result = await room.write(drafts)
  if (!result.ok) return
  undo.offer(result.act, `${props.name}: written down.`)
  open.value = null
}
function show(i: number) {
  open.value = i
  texts.value = props.ways[i]!.fields.map(f => f.initial ?? f.options?.[0]?.value ?? '')
  problem.value = null
}
</script>

<template>
  <form
    v-if="open !== null"
    class="flex flex-wrap gap-3 items-end basis-full"
    @input="problem = null"
    @submit.prevent="log(ways[open]!)"
  >
    <label v-for="(f, i) in ways[open]!.fields" :key="f.label" class="font-semibold"
      >{{ f.label }}<span v-if="f.hint" class="small block font-normal">{{ f.hint }}</span
      ><select v-if="f.options" v-model="texts[i]" class="field mt-1 block font-normal">
        <option v-for="o in f.options" :key="o.value" :value="o.value">
          {{ o.label }}
        </option></select
      ><input
        v-else
        v-model="texts[i]"
        class="field mt-1 block"
        inputmode="text"
        autocomplete="off"
        :aria-invalid="problem ? 'true' : undefined"
    /></label>
    <button class="btn btn-main">Log it</button
    ><button type="button" data-closes class="btn btn-quiet" @click="open = null">Cancel</button>
    <strong v-if="problem" class="text-harm basis-full" role="alert">{{ problem }}</strong>
  </form>
  <template v-else>
    <button
      v-for="(way, i) in ways"
      :key="way.name"
      class="btn btn-quiet underline px-2"
      :aria-label="`${way.name}: ${name}`"
      @click="show(i)"
    >
      {{ way.name }}
    </button>
  </template>
</template>
