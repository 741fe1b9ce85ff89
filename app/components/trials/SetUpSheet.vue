<script setup lang="ts">
import type { TrialDesign } from '@renatus/core/planning/startTrial'
import { recipe } from '@renatus/core/foods/recipe'
import { foodOf } from '@renatus/core/foods/index'
import { computed } from 'vue'
import RecipeTable from '~/components/methods/RecipeTable.vue'
import { useUnits } from '~/composables/useUnits'

/** What goes into which vessel, and where it is put: for whoever sets them up. */
interface Member {
  armId: string
  label: string
  place: string
}
const props = defineProps<{
  arms: readonly { id: string; name: string }[]
  members: readonly Member[]
  /** For what goes in; null where the vessels stand already. */
  design: TrialDesign | null
}>()
const units = useUnits()
const rows = computed(() =>
  props.arms.map(a => ({
    ...a,
    vessels: props.members.filter(m => m.armId === a.id),
  })),
)
/** One table for every school that is used. */
const sheets = computed(() => {
  const design = props.design
  const food = design?.foodId ? foodOf(design.foodId) : undefined
  if (!design || !food || design.hatch) return []
  const ids = [...new Set(design.arms.map(a => a.methodId ?? design.methodId))]
  return ids.flatMap(id => {
    const method = food.methods.find(m => m.id === id)
    if (!method) return []
    const count =
      design.each * design.arms.filter(a => (a.methodId ?? design.methodId) === id).length
    const { lines } = recipe(food, method, design.vessel.litres, units.measures.value)
    return [{ method, lines, count }]
  })
})
const hatch = computed(() => {
  const d = props.design
  if (!d?.hatch) return null
  return `${units.litres(d.vessel.litres)} of water, ${units.grams(d.vessel.litres * d.hatch.saltGL)} of salt and ${units.grams(d.hatch.cystsG)} of cysts`
})
</script>

<template>
  <div class="grid gap-4">
    <ul class="desk:grid desk:grid-cols-2 gap-x-8" data-testid="set-up">
      <li v-for="a in rows" :key="a.id" class="rule py-2" :data-arm="a.name">
        <p class="font-bold">{{ a.name }}</p>
        <p v-for="m in a.vessels" :key="m.label">
          <span class="amount num">{{ m.label }}</span><span v-if="m.place" class="ml-3">{{
            m.place
          }}</span>
        </p>
      </li>
    </ul>
    <div v-for="s in sheets" :key="s.method.id" class="grid gap-1">
      <p class="font-semibold">
        Into each of {{ s.count }}{{ sheets.length > 1 ? `, ${s.method.name.toLowerCase()}` : '' }}
      </p>
      <RecipeTable :lines="s.lines" :caption="`Amounts, ${s.method.name}`" />
    </div>
    <p v-if="hatch">Into each: {{ hatch }}.</p>
  </div>
</template>
