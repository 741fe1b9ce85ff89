<script setup lang="ts">
import { computed, ref } from 'vue'
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { KITCHEN_MEASURES, type MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import { formatSpoons } from '@renatus/core/units/format'
import { gramsPerLitre, gramsPerMillilitre, litres } from '@renatus/core/units/quantity'
import { HATCH_SALT, saltFor, saltOf, type Salt } from '@renatus/core/water/salinity'
import { densityOf, SALT_CHOICES } from '~/components/setup/salts'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField, volumeField } from '~/words/fields'

/** Any volume, any salt, any spoon, both ways: a target to spoons, and somebody's spoons to g/L. */
const room = useRoomStore()
const units = useUnits()
const bag = room.state?.salts[0]
const way = ref<'target' | 'recipe'>('target')
const volume = ref(String(units.toVolumeUnit(room.state?.hatchVessels[0]?.litres ?? 1)))
const kind = ref<Salt['kind']>(bag?.kind ?? 'fine')
const ownDensity = ref(String(bag?.kind === 'own' ? bag.gPerMl : 1.15))
const target = ref(String(room.state?.room.hatchSaltGL ?? HATCH_SALT.bestGL))
const system = ref<MeasureSystem>(units.measures.value)
const counts = ref<Record<string, string>>({ tbsp: '2' })

const parsed = computed(() => {
  const v = volumeField(
    { label: 'Water', min: 0, max: 1000, above: true },
    units.measures.value,
  ).safeParse(volume.value)
  const d = numberField({
    label: 'Grams per mL',
    min: 0.3,
    max: 2.5,
    unit: 'g/mL',
    hint: 'Weigh ten level teaspoons (50 mL) and divide by 50.',
  }).safeParse(ownDensity.value)
  const t = numberField({ label: 'Salt wanted', min: 0, max: 350, unit: 'g/L' }).safeParse(
    target.value,
  )
  const spoons = KITCHEN_MEASURES[system.value].map(m => ({
    measure: m.measure,
    count: numberField({ label: `Number of ${m.measure}`, min: 0, max: 500 }).safeParse(
      counts.value[m.measure] || '0',
    ),
  }))
  const failed = [
    v,
    ...(kind.value === 'own' ? [d] : []),
    ...(way.value === 'target' ? [t] : spoons.map(s => s.count)),
  ].find(r => !r.success)
  if (failed || !v.success)
    return { problem: failed && !failed.success ? failed.error.issues[0]!.message : '' }
  const salt: Salt = {
    kind: kind.value,
    gPerMl: gramsPerMillilitre(densityOf(kind.value, d.success ? d.data : null)),
  }
  return {
    salt,
    litres: litres(v.data),
    target: t.success ? gramsPerLitre(t.data) : gramsPerLitre(0),
    spoons: spoons.map(s => ({ measure: s.measure, count: s.count.success ? s.count.data : 0 })),
    problem: null,
  }
})
const forTarget = computed(() =>
  parsed.value.problem === null
    ? saltFor(parsed.value.litres, parsed.value.target, parsed.value.salt, system.value)
    : null,
)
const ofRecipe = computed(() =>
  parsed.value.problem === null
    ? saltOf(parsed.value.litres, parsed.value.salt, parsed.value.spoons, system.value)
    : null,
)
const gPerL = computed((): number | null => {
  if (way.value !== 'target') return ofRecipe.value?.gPerL ?? null
  return parsed.value.problem === null ? parsed.value.target : null
})
const verdict = computed(() => {
  const g = gPerL.value
  if (g === null) return ''
  if (g < 10) return 'Weak: fewer hatch below 10 g/L.'
  if (g <= 35)
    return g < HATCH_SALT.lowGL
      ? 'Enough for the hatch; 15 to 35 g/L is usual.'
      : 'Good for a hatch: 15 to 35 g/L do no harm.'
  return 'Strong: slower and fewer above 35 g/L.'
})
const names: Record<string, string> = {
  'cup': 'cups',
  'tbsp': 'tbsp',
  'tsp': 'tsp',
  'half-tsp': '½ tsp',
  'quarter-tsp': '¼ tsp',
  'eighth-tsp': '⅛ tsp',
  'pinch': 'pinches',
}
</script>

<template>
  <section aria-labelledby="mixing" class="grid gap-4">
    <div class="flex items-center gap-3">
      <h2 id="mixing">Mixing sheet</h2>
      <span class="edge" />
    </div>
    <RadioGroup v-model="way" class="flex flex-wrap gap-2" aria-label="Which way">
      <RadioGroupOption
        v-for="w in [
          ['target', 'Target to spoons'],
          ['recipe', 'Recipe to g/L'],
        ] as const"
        :key="w[0]"
        v-slot="{ checked }"
        :value="w[0]"
        as="template"
      >
        <button type="button" class="btn" :class="{ 'btn-main': checked }">{{ w[1] }}</button>
      </RadioGroupOption>
    </RadioGroup>
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
      <label class="font-semibold"
        >Water, {{ units.volumeUnit.value
        }}<input v-model="volume" class="field mt-1 font-normal" inputmode="text"
      /></label>
      <label class="font-semibold"
        >Salt<select v-model="kind" class="field mt-1 font-normal">
          <option v-for="s in SALT_CHOICES" :key="s.value" :value="s.value">{{ s.label }}</option>
        </select></label
      >
      <label v-if="kind === 'own'" class="font-semibold"
        >One mL weighs, g<input
          v-model="ownDensity"
          class="field mt-1 font-normal"
          inputmode="decimal"
      /></label>
      <label v-if="way === 'target'" class="font-semibold"
        >Salt wanted, g/L<input v-model="target" class="field mt-1 font-normal" inputmode="decimal"
      /></label>
      <label class="font-semibold"
        >Spoons<select v-model="system" class="field mt-1 font-normal">
          <option value="metric">5 and 15 mL</option>
          <option value="us">US spoons and cups</option>
        </select></label
      >
    </div>
    <div v-if="way === 'recipe'" class="grid gap-3 grid-cols-3 sm:grid-cols-4 desk:grid-cols-7">
      <label v-for="m in KITCHEN_MEASURES[system]" :key="m.measure" class="font-semibold"
        >{{ names[m.measure]
        }}<input
          v-model="counts[m.measure]"
          class="field mt-1 font-normal"
          inputmode="decimal"
          placeholder="0"
      /></label>
    </div>
    <p v-if="parsed.problem" role="alert" class="text-harm font-semibold">{{ parsed.problem }}</p>
    <div
      v-else
      class="bg-paper border-2 border-ink px-4 py-3"
      role="status"
      data-testid="mixing-result"
    >
      <template v-if="way === 'target' && forTarget">
        <p class="sentence">
          <span class="amount">{{ units.grams(forTarget.grams) }}</span> salt:
          <span class="amount whitespace-normal">{{ formatSpoons(forTarget.spoons) }}</span>, level.
        </p>
        <p class="small mt-1">
          The spoons weigh {{ units.grams(forTarget.spoonGrams) }}:
          {{
            Math.abs(forTarget.errorGL) < 0.05
              ? 'no error to speak of'
              : `${forTarget.errorGL > 0 ? '+' : '−'}${Math.abs(forTarget.errorGL).toFixed(1)} g/L off the target`
          }}. Specific gravity {{ forTarget.sg25.toFixed(4) }} (25/25 °C). {{ verdict }}
        </p>
      </template>
      <template v-else-if="ofRecipe">
        <p class="sentence">
          <span class="amount">{{ ofRecipe.gPerL.toFixed(1) }} g/L</span>,
          {{ units.grams(ofRecipe.grams) }} of salt in all.
        </p>
        <p class="small mt-1">
          Specific gravity {{ ofRecipe.sg25.toFixed(4) }} (25/25 °C). {{ verdict }}
        </p>
      </template>
    </div>
  </section>
</template>
