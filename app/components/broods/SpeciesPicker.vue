<script setup lang="ts">
import {
  Combobox,
  ComboboxButton,
  ComboboxInput,
  ComboboxLabel,
  ComboboxOption,
  ComboboxOptions,
} from '@headlessui/vue'
import { useField } from 'vee-validate'
import { computed, ref } from 'vue'
import { SPECIES } from '@renatus/core/fry/species/index'
import { searchSpecies } from '@renatus/core/fry/species/searchSpecies'
import { sourceLine, type Species } from '@renatus/core/fry/species/species'
import { ownSpecies } from '@renatus/core/fry/species/speciesOf'
import { useRoomStore } from '~/stores/room'

/** Finds a fish by its common or Latin name; the user's own come first. */
const props = defineProps<{ name: string }>()
const room = useRoomStore()
const { value, errorMessage } = useField<string>(() => props.name, undefined, {
  validateOnValueUpdate: false,
})
const query = ref('')
const all = computed(() => [...(room.state?.species ?? []).map(ownSpecies), ...SPECIES])
const found = computed(() => searchSpecies(all.value, query.value).slice(0, 40))
const chosen = computed(() => all.value.find(s => s.id === value.value) ?? null)
const label = (s: Species) =>
  s.latin.length > 0 ? `${s.names[0]} (${s.latin.join(', ')})` : s.names[0]!
const shown = (idOf: unknown) => {
  const s = all.value.find(x => x.id === idOf)
  return s ? label(s) : ''
}
</script>

<template>
  <div>
    <Combobox v-model="value" as="div" class="relative">
      <ComboboxLabel class="block font-semibold mb-1">Fish</ComboboxLabel>
      <div class="flex">
        <ComboboxInput
          class="field"
          autocomplete="off"
          :display-value="shown"
          placeholder="common or Latin name"
          :aria-invalid="errorMessage ? 'true' : undefined"
          @change="query = ($event.target as HTMLInputElement).value"
          @focus="($event.target as HTMLInputElement).select()"
        />
        <ComboboxButton class="btn -ml-0.5 px-3" aria-label="All fish"
          ><span aria-hidden="true">▾</span></ComboboxButton
        >
      </div>
      <ComboboxOptions
        class="absolute z-30 mt-1 w-full max-h-80 overflow-y-auto border-2 border-ink bg-paper"
        @after-leave="query = ''"
      >
        <p v-if="!found.length" class="px-3 py-3 small">
          No fish of that name. Take the size class whose new fry look like yours, or copy a near
          fish and enter your own values in Setup.
        </p>
        <ComboboxOption
          v-for="s in found"
          :key="s.id"
          v-slot="{ active, selected }"
          :value="s.id"
          as="template"
        >
          <li class="px-3 py-2 min-h-12 cursor-pointer" :class="active ? 'bg-ink text-on-ink' : ''">
            <span :class="{ 'font-bold': selected }">{{ label(s) }}</span>
          </li>
        </ComboboxOption>
      </ComboboxOptions>
    </Combobox>
    <p class="small mt-1">
      <strong v-if="errorMessage" class="text-harm block" role="alert">{{
        errorMessage
      }}</strong><template v-else-if="chosen"
        >{{ chosen.firstFeedingMm }} mm at first feeding<template v-if="chosen.firstFood"
          >; first food that works: {{ chosen.firstFood }}</template
        >. {{ sourceLine(chosen) }}.</template
      >
    </p>
  </div>
</template>
