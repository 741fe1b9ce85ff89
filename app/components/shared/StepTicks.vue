<script setup lang="ts">
import { computed } from 'vue'
import type { Caution } from '@renatus/core/foods/contract'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'

/** Steps in order. A caution is read before its step can be ticked; a wait runs as a clock along the top, which the caller starts. */
export interface TickStep {
  text: string
  clockMinutes?: number
  cautions?: readonly Caution[]
}
const props = defineProps<{ name: string; steps: readonly TickStep[] }>()
const emit = defineEmits<{ clock: [step: TickStep] }>()
const ticked = defineModel<number[]>('ticked', { required: true })
const understood = defineModel<string[]>('understood', { required: true })
const units = useUnits()
/** Each caution stands once, at the first step where it matters. */
const cautionsAt = computed(() => {
  const seen = new Set<string>()
  return props.steps.map(s =>
    (s.cautions ?? []).filter(c => {
      const first = !seen.has(c.id)
      seen.add(c.id)
      return first
    }),
  )
})
const open = (i: number) =>
  (props.steps[i]!.cautions ?? []).every(c => understood.value.includes(c.id))
function tick(i: number) {
  const off = ticked.value.includes(i)
  ticked.value = off ? ticked.value.filter(x => x !== i) : [...ticked.value, i]
  if (!off && props.steps[i]!.clockMinutes) emit('clock', props.steps[i]!)
}
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge :name="name" />
    <ol class="grid gap-1">
      <li v-for="(step, i) in steps" :key="step.text" class="rule py-3 grid gap-2">
        <div v-for="c in cautionsAt[i]" :key="c.id" class="border-l-4 border-harm pl-3 grid gap-1">
          <p><strong>Caution.</strong> {{ c.text }}</p>
          <label class="flex items-center gap-3 min-h-12 print:hidden"
            ><input
              v-model="understood"
              type="checkbox"
              :value="c.id"
              class="size-6 accent-[var(--plan)]"
            />Read and ready</label
          >
        </div>
        <label class="flex items-center gap-3 min-h-12 sentence" :class="open(i) ? '' : 'text-ink2'"
          ><input
            type="checkbox"
            class="size-6 accent-[var(--plan)] shrink-0"
            :checked="ticked.includes(i)"
            :disabled="!open(i)"
            @change="tick(i)"
          /><span
            >{{ i + 1 }}. {{ step.text
            }}<span v-if="step.clockMinutes" class="small">
              Ticking it starts a clock of {{ units.duration(step.clockMinutes / 60) }}.</span
            ></span
          ></label
        >
      </li>
    </ol>
  </section>
</template>
