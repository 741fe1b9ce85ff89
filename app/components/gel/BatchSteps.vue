<script setup lang="ts">
import { computed, ref } from 'vue'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import { binderOf } from '@renatus/core/gel/binders'
import type { GelMix } from '@renatus/core/records/records'
import StepTicks, { type TickStep } from '~/components/shared/StepTicks.vue'
import { useGelActions } from '~/composables/useGelActions'

/** The process of a batch in order, by its binder and what it is poured into. */
const props = defineProps<{ mix: GelMix; trays: readonly { form: string }[] }>()
const gel = useGelActions()
const binder = computed(() => binderOf(props.mix.binder))
const ticked = ref<number[]>([])
const understood = ref<string[]>([])
const POUR: Record<string, string> = {
  tray: 'Pour from the centre to the edges, level it with a card, and fill the cells that stayed low with what is left.',
  bag: 'Into the flat bag, press the air out, and roll it to an even sheet of the height of a piece.',
  coating:
    'Spread it over twig or cave while it is warm, thin and all round; a pinch of dry powder on top for the smallest.',
}
const steps = computed((): TickStep[] => [
  {
    text: 'Tools of the fishroom only, on a clean board; label and date the box now.',
    cautions: [CAUTIONS.kitchen],
  },
  ...binder.value.steps,
  ...[...new Set(props.trays.map(t => t.form))].map(form => ({ text: POUR[form] ?? POUR.tray! })),
  { text: `Let it set: ${binder.value.sets}.`, clockMinutes: binder.value.setMinutes },
  {
    text: 'Turn the pieces out, or cut them, into the box, one layer, apart; into the freezer at once, so that they do not fuse.',
  },
  { text: 'Let the grazers of a tank clean the tools, then hot water.' },
])
const clock = (step: TickStep) =>
  gel.clock(
    `${props.mix.name}: ${step.text.split(/[.,:]/)[0]!.toLowerCase()}`.slice(0, 100),
    step.clockMinutes!,
    props.mix.id,
  )
</script>

<template>
  <StepTicks
    v-model:ticked="ticked"
    v-model:understood="understood"
    name="Cook"
    :steps="steps"
    @clock="clock"
  />
</template>
