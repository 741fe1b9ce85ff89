<script setup lang="ts">
import { useId } from 'vue'
import type { MadeWith, MadeWords } from '@renatus/core/stock/madeWords'

/** What a culture is made with, in the room's own words: chosen from those of before, or typed. */
defineProps<{ words: MadeWords }>()
const made = defineModel<MadeWith>({ required: true })
const id = useId()
const FIELDS = [
  { field: 'matter', label: 'Matter', most: 60 },
  { field: 'water', label: 'Water', most: 60 },
  { field: 'medium', label: 'Medium', most: 60 },
  { field: 'remark', label: 'Remark', most: 200 },
] as const
const wordsOf = (words: MadeWords, field: keyof MadeWith) =>
  field === 'remark' ? [] : words[field]
</script>

<template>
  <div class="grid gap-3 sm:grid-cols-2 max-w-prose">
    <div v-for="f in FIELDS" :key="f.field">
      <label :for="`${id}-${f.field}`" class="block font-semibold mb-1">{{ f.label }}</label>
      <input
        :id="`${id}-${f.field}`"
        v-model="made[f.field]"
        class="field"
        autocomplete="off"
        :maxlength="f.most"
        :list="wordsOf(words, f.field).length ? `${id}-${f.field}-words` : undefined"
      />
      <datalist v-if="wordsOf(words, f.field).length" :id="`${id}-${f.field}-words`">
        <option v-for="word in wordsOf(words, f.field)" :key="word" :value="word" />
      </datalist>
    </div>
  </div>
</template>
