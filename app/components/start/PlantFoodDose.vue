<script setup lang="ts">
import { computed, reactive, useId } from 'vue'
import { litres as asLitres } from '@renatus/core/units/quantity'
import { DOSE_FORMS, doseOf, type DoseForm } from '@renatus/core/water/dose'
import { DOSE_FORM_WORDS, doseText } from '~/words/dose'
import { numberField } from '~/words/fields'

/** What of the plant food at hand is so much nitrogen, by its label. */
const props = defineProps<{ litres: number; nitrogenG: number }>()
const id = useId()
const typed = reactive({ percent: '', form: 'powder' as DoseForm, tabG: '' })
const percentField = numberField({ label: 'Nitrogen on its label', min: 0.01, max: 100, unit: '%' })
const tabField = numberField({ label: 'A tab weighs', min: 0.01, max: 100, unit: 'g' })

const read = computed(() => {
  const fields = typed.form === 'tab' ? [typed.percent, typed.tabG] : [typed.percent]
  if (fields.some(f => f.trim() === '')) return null
  const percent = percentField.safeParse(typed.percent)
  if (!percent.success) return { problem: percent.error.issues[0]!.message }
  const tab = typed.form === 'tab' ? tabField.safeParse(typed.tabG) : null
  if (tab && !tab.success) return { problem: tab.error.issues[0]!.message }
  const want = { nitrogenMgL: (props.nitrogenG * 1000) / props.litres }
  const product = { form: typed.form, nitrogenPercent: percent.data, tabG: tab?.data }
  return { text: doseText(doseOf(asLitres(props.litres), want, product)) }
})
</script>

<template>
  <fieldset class="grid gap-2 border-l-4 border-line pl-3">
    <legend class="font-semibold">The plant food at hand</legend>
    <div class="flex flex-wrap gap-4 items-end">
      <label class="grid gap-1" :for="`${id}-form`"
        ><span>It is</span
        ><select :id="`${id}-form`" v-model="typed.form" class="field w-36">
          <option v-for="f in DOSE_FORMS" :key="f" :value="f">{{ DOSE_FORM_WORDS[f] }}</option>
        </select></label
      >
      <label class="grid gap-1" :for="`${id}-percent`"
        ><span>Nitrogen on its label, %</span
        ><input
          :id="`${id}-percent`"
          v-model="typed.percent"
          class="field w-36"
          inputmode="decimal"
          autocomplete="off"
      /></label>
      <label v-if="typed.form === 'tab'" class="grid gap-1" :for="`${id}-tab`"
        ><span>A tab weighs, g</span
        ><input
          :id="`${id}-tab`"
          v-model="typed.tabG"
          class="field w-36"
          inputmode="decimal"
          autocomplete="off"
      /></label>
    </div>
    <p v-if="read?.problem" role="alert" class="text-harm font-semibold">{{ read.problem }}</p>
    <p v-else-if="read?.text" role="status" class="font-semibold">{{ read.text }}</p>
    <p v-else class="small">
      What the label says of nitrogen (N), and it stands here in grams, mL or tabs for each vessel.
    </p>
  </fieldset>
</template>
