<script setup lang="ts">
import { computed, ref } from 'vue'
import * as z from 'zod'
import type { HatchCulture } from '@renatus/core/stock/hatchCultures'
import { provenSoda } from '@renatus/core/stock/provenSoda'
import { ofKind } from '@renatus/core/records/effectiveEntries'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import { gramsPerLitre, litres } from '@renatus/core/units/quantity'
import { gravityMend, saltFromGravity } from '@renatus/core/water/gravity'
import { nextSoda, SODA } from '@renatus/core/water/soda'
import { specificGravity } from '@renatus/core/water/salinity'
import FormField from '~/components/shared/FormField.vue'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { gravityWords } from '~/words/gravity'
import { numberField, optionalNumber, RULES } from '~/words/fields'

/** The water of one bottle: tested, dosed, tested again. */
const props = defineProps<{ hatch: HatchCulture }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const open = ref(false)
const tested = computed(
  () =>
    ofKind(room.state!.entries, 'culture.tested').findLast(e => e.data.cultureId === props.hatch.id)
      ?.data,
)
const givenG = computed(() => tested.value?.sodaG ?? props.hatch.setup.sodaG)
const proven = computed(() => provenSoda(room.state!.entries, room.state!.hatches) ?? undefined)
const next = computed(() =>
  tested.value
    ? nextSoda(litres(props.hatch.setup.waterL), tested.value.pH, tested.value.sodaG, proven.value)
    : null,
)
const says = computed(() => {
  if (!tested.value || !next.value) return 'Nobody has tested this water.'
  const read = `pH ${tested.value.pH.toFixed(1)}.`
  if (next.value.kind === 'right') return `${read} As it should be.`
  if (next.value.kind === 'most')
    return `${read} As much soda as may go in is in: take other water for the next bottle.`
  return `${read} Stir in ${units.grams(next.value.g)} of soda, wait ${SODA.waitMinutes} minutes, test again.`
})
const sg = computed(() =>
  specificGravity(props.hatch.setup.saltG / props.hatch.setup.waterL, 'fine').toFixed(3),
)
/** What a hydrometer should show, or what it showed and what that makes of the salt. */
const gravity = computed(() => {
  const { sg: read, setup } = props.hatch
  if (read === null) return `Its salt should float a hydrometer at ${sg.value}, at 25 °C.`
  const is = saltFromGravity(read, 'fine')
  const mend = gravityMend(litres(setup.waterL), is, gramsPerLitre(setup.saltG / setup.waterL))
  return `Gravity ${read.toFixed(3)}: ${is.toFixed(0)} g/L. ${gravityWords(mend, units.measures.value)}`
})
const form = useZodForm(
  () =>
    z.object({
      pH: numberField(RULES.pH),
      soda: numberField({ label: 'Soda in it so far', min: 0, max: 400, unit: 'g' }),
      sg: optionalNumber({ label: 'Gravity', min: 1, max: 1.06, hint: '1.018 is usual.' }),
    }),
  { pH: '8', soda: '0', sg: '' },
)
function begin() {
  const add = next.value?.kind === 'add' ? next.value.g : 0
  form.setFieldValue('soda', String(Number((givenG.value + add).toPrecision(3))))
  open.value = true
}
const by = (step: number) => (value: number, way: 1 | -1) => nextMultiple(step, value, way)
const submit = form.handleSubmit(async v => {
  const result = await room.write([
    {
      kind: 'culture.tested',
      subject: { type: 'culture', id: props.hatch.id },
      data: { cultureId: props.hatch.id, pH: v.pH, sodaG: v.soda as never },
    },
    ...(v.sg === null
      ? []
      : [
          {
            kind: 'culture.gravity' as const,
            subject: { type: 'culture', id: props.hatch.id },
            data: { cultureId: props.hatch.id, sg: v.sg },
          },
        ]),
  ])
  if (!result.ok) return
  undo.offer(result.act, `${props.hatch.name}: pH ${v.pH.toFixed(1)} is written down.`)
  open.value = false
})
</script>

<template>
  <div class="grid gap-2">
    <p>
      Water: {{ says }}
      <span class="small">{{ gravity }}</span>
    </p>
    <form v-if="open" class="flex flex-wrap gap-3 items-end" novalidate @submit="submit">
      <FormField name="pH" label="pH tested" :next="by(0.1)" />
      <FormField name="soda" label="Soda in it so far" unit="g" :next="by(0.5)" />
      <FormField name="sg" label="Gravity, if read" numeric />
      <button class="btn btn-main">Write it down</button
      ><button type="button" data-closes class="btn btn-quiet" @click="open = false">Cancel</button>
    </form>
    <p v-else>
      <button class="btn btn-quiet underline px-0" @click="begin">
        Test the water<span class="sr-only"> of {{ hatch.name }}</span>
      </button>
    </p>
  </div>
</template>
