<script setup lang="ts">
import { useTemplateRef } from 'vue'

defineOptions({ inheritAttrs: false })
/** A number by thumb: less and more in steps that a hand can measure, or typed. */
const props = defineProps<{
  /** Of the field, where a label points. */ id: string
  /** What stands for as long as nothing can be read in the field. */ from: number
  /** The next mark above or below a value. */
  next: (value: number, way: 1 | -1) => number
  /** What a text says; null where it says nothing. */
  read: (text: string) => number | null
  placeholder?: string
  inputmode?: 'decimal' | 'numeric'
}>()
const field = useTemplateRef<HTMLInputElement>('field')
const typed = defineModel<string>({ default: '' })
function step(way: 1 | -1) {
  const said = props.read(typed.value)
  // What is not understood is not thrown away by a thumb.
  if (said === null && typed.value.trim() !== '') return
  const value = props.next(said ?? props.from, way)
  // As if it were typed: who listens for what is typed hears it too.
  field.value!.value = String(Number(value.toPrecision(3)))
  field.value!.dispatchEvent(new Event('input', { bubbles: true }))
}
</script>

<template>
  <div class="flex gap-2" :class="$attrs.class">
    <button
      type="button"
      class="btn px-0"
      aria-label="A little less"
      :aria-controls="id"
      @click="step(-1)"
    >
      −</button
    ><input
      v-bind="{ ...$attrs, class: undefined }"
      :id="id"
      ref="field"
      v-model="typed"
      class="field min-w-0 grow text-center font-bold"
      :inputmode="inputmode ?? 'decimal'"
      autocomplete="off"
      :placeholder="placeholder"
    /><button
      type="button"
      class="btn px-0"
      aria-label="A little more"
      :aria-controls="id"
      @click="step(1)"
    >
      +
    </button>
  </div>
</template>
