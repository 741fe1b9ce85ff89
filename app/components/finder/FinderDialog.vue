<script setup lang="ts">
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
  DialogTitle,
} from '@headlessui/vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { navigateTo } from '#app/composables/router'
import { useRoomStore } from '~/stores/room'
import { asker } from './ask'
import type { Findable } from './findable'
import { ofRound } from './ofRound'

/** One key, any question: a vessel by its letters, a brood, something to do, what a method says, what may be wrong. */
const emit = defineEmits<{ close: [] }>()
const room = useRoomStore()
const LabelScan = defineAsyncComponent(() => import('./LabelScan.vue'))
const scanning = ref(false)
const query = ref('')
const ask = computed(() => {
  if (!room.state) return () => []
  const { round, roundState } = room
  return asker(room.state, round && roundState ? ofRound(round, roundState) : [])
})
const found = computed(() => ask.value(query.value))
function go(f: Findable | null) {
  emit('close')
  if (f) void navigateTo(f.to)
}
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-black/50" aria-hidden="true" />
    <div class="fixed inset-0 p-4 pt-[8vh] overflow-y-auto">
      <DialogPanel class="mx-auto max-w-xl bg-paper border-2 border-ink p-4 grid gap-3">
        <DialogTitle class="font-bold text-[1.1875rem]">Ask</DialogTitle>
        <LabelScan v-if="scanning" @found="emit('close')" @close="scanning = false" />
        <Combobox v-else :model-value="null" as="div" class="grid gap-2" @update:model-value="go">
          <ComboboxInput
            class="field"
            aria-label="A name, the letters on a tape, or a question"
            placeholder="Oar bucket, start moina, tap water, 31 degrees"
            autocomplete="off"
            @change="query = $event.target.value"
          />
          <ComboboxOptions static class="max-h-[60vh] overflow-y-auto">
            <li v-if="!found.length" class="small py-3">
              Renatus has no answer to that. One word less finds more; three letters find a vessel.
            </li>
            <ComboboxOption
              v-for="f in found"
              :key="f.key"
              v-slot="{ active }"
              :value="f"
              as="template"
            >
              <li
                class="min-h-12 px-3 py-1 flex flex-wrap items-center gap-x-3 cursor-pointer border-l-4"
                :class="active ? 'border-due bg-ground' : 'border-transparent'"
              >
                <strong>{{ f.name }}</strong><span class="small">{{ f.what }}</span
                ><span v-if="f.code" class="num tracking-widest ml-auto font-bold">{{
                  f.code
                }}</span>
                <span v-if="f.answer" class="basis-full pb-1">{{ f.answer }}</span>
              </li>
            </ComboboxOption>
          </ComboboxOptions>
        </Combobox>
        <div v-if="!scanning" class="flex flex-wrap justify-between gap-2">
          <button class="btn" @click="scanning = true">Read a label</button>
          <button class="btn btn-quiet" @click="emit('close')">Close</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
