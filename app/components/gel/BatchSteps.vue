<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Caution } from '@renatus/core/foods/contract'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import { binderOf } from '@renatus/core/gel/binders'
import type { GelMix } from '@renatus/core/records/records'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useGelActions } from '~/composables/useGelActions'
import { useUnits } from '~/composables/useUnits'

/** The process in order. A caution is read before its step can be ticked; a wait runs as a clock along the top. */
const props = defineProps<{ mix: GelMix, trays: readonly { form: string }[] }>()
const units = useUnits()
const gel = useGelActions()
const binder = computed(() => binderOf(props.mix.binder))
const ticked = ref<number[]>([])
const understood = ref<string[]>([])
interface Step { text: string, minutes?: number, cautions?: readonly Caution[] }
const POUR: Record<string, string> = {
  tray: 'Pour from the centre to the edges, level it with a card, and fill the cells that stayed low with what is left.',
  bag: 'Into the flat bag, press the air out, and roll it to an even sheet of the height of a piece.',
  coating: 'Spread it over twig or cave while it is warm, thin and all round; a pinch of dry powder on top for the smallest.',
}
const steps = computed((): Step[] => [
  { text: 'Tools of the fishroom only, on a clean board; label and date the box now.', cautions: [CAUTIONS.kitchen] },
  ...binder.value.steps,
  ...[...new Set(props.trays.map(t => t.form))].map(form => ({ text: POUR[form] ?? POUR.tray! })),
  { text: `Let it set: ${binder.value.sets}.`, minutes: binder.value.setMinutes },
  { text: 'Turn the pieces out, or cut them, into the box, one layer, apart; into the freezer at once, so that they do not fuse.', minutes: 0 },
  { text: 'Let the grazers of a tank clean the tools, then hot water.' },
])
/** Each caution stands once, at the first step where it matters. */
const cautionsAt = computed(() => {
  const seen = new Set<string>()
  return steps.value.map(s => (s.cautions ?? []).filter((c) => {
    const first = !seen.has(c.id)
    seen.add(c.id)
    return first
  }))
})
const open = (i: number) => cautionsAt.value[i]!.every(c => understood.value.includes(c.id))
async function tick(i: number) {
  if (ticked.value.includes(i)) {
    ticked.value = ticked.value.filter(x => x !== i)
    return
  }
  ticked.value = [...ticked.value, i]
  const step = steps.value[i]!
  if (step.minutes) await gel.clock(`${props.mix.name}: ${step.text.split(/[.,:]/)[0]!.toLowerCase()}`.slice(0, 100), step.minutes, props.mix.id)
}
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Cook" />
    <ol class="grid gap-1">
      <li v-for="(step, i) in steps" :key="step.text" class="rule py-2 grid gap-2">
        <div v-for="c in cautionsAt[i]" :key="c.id" class="border-l-4 border-harm pl-3 grid gap-1">
          <p><strong>Caution.</strong> {{ c.text }}</p>
          <label class="flex items-center gap-3 min-h-12 print:hidden"><input v-model="understood" type="checkbox" :value="c.id" class="size-6 accent-[var(--plan)]">Read and ready</label>
        </div>
        <label class="flex items-center gap-3 min-h-12 sentence" :class="open(i) ? '' : 'text-ink2'"><input type="checkbox" class="size-6 accent-[var(--plan)] shrink-0" :checked="ticked.includes(i)" :disabled="!open(i)" @change="tick(i)"><span>{{ i + 1 }}. {{ step.text }}<span v-if="step.minutes" class="small"> Ticking it starts a clock of {{ units.duration(step.minutes / 60) }}.</span></span></label>
      </li>
    </ol>
  </section>
</template>
