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
import { computed, ref } from 'vue'
import { navigateTo } from '#app/composables/router'
import { useRoomStore } from '~/stores/room'
import { find, findables, type Findable } from './findable'

/** One key, any thing: a vessel by its letters, a brood, a method, a lot, a view, something to do. */
const emit = defineEmits<{ close: [] }>()
const room = useRoomStore()
const query = ref('')
const all = computed(() => (room.state ? findables(room.state) : []))
const found = computed(() => find(all.value, query.value))
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
        <DialogTitle class="font-bold text-[1.1875rem]">Find</DialogTitle>
        <Combobox :model-value="null" as="div" class="grid gap-2" @update:model-value="go">
          <ComboboxInput
            class="field"
            aria-label="Name, or the letters on its tape"
            placeholder="Name, or the letters on its tape"
            autocomplete="off"
            @change="query = $event.target.value"
          />
          <ComboboxOptions static class="max-h-[60vh] overflow-y-auto">
            <li v-if="!found.length" class="small py-3">
              Nothing of that name. Three letters find a vessel; one word less finds more.
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
              </li>
            </ComboboxOption>
          </ComboboxOptions>
        </Combobox>
        <button class="btn btn-quiet" @click="emit('close')">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
