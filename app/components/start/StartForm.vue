<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { buyingOf } from '@renatus/core/foods/buying'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { livesBySurface } from '@renatus/core/planning/amounts'
import { LEVELS, VESSEL_KINDS } from '@renatus/core/records/vocabulary'
import type { CultureDraft } from '@renatus/core/stock/newCultures'
import RecipeTable from '~/components/methods/RecipeTable.vue'
import FormField from '~/components/shared/FormField.vue'
import FormCheck from '~/components/shared/FormCheck.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import RefusalList from '~/components/shared/RefusalList.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { sizeOf } from '~/components/vessel/vesselShape'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { RECIPE_WARNINGS } from '~/words/methods'
import { LEVEL_WORDS } from '~/words/tending'
import PlantFoodDose from './PlantFoodDose.vue'
import StartSteps from './StartSteps.vue'
import type { StartDraft } from './startDraft'
import { useStart } from './useStart'
import type { StartValues } from './useStartForm'

/** The vessel, the starter, the amounts, the steps; and the start itself. */
const props = defineProps<{ food: Food; method: FoodMethod; draft: StartDraft }>()
const emit = defineEmits<{
  change: [draft: Partial<StartDraft>]
  started: [cultures: CultureDraft[]]
  estimate: [litres: number, temperatureC: number]
}>()
const units = useUnits()
const { volume } = units
const start = useStart(props)
const { form, v, state, mothers, heldBy, freeVessels, air } = start
const { litres, temperatureC, count, usualMl, starterMl } = start
const { needsStarter, mayTakeCup, mother, stageWord, chosen, share, enoughFor } = start
const { sheet, shape, against, unfit, problem, words } = start
watch(
  () => ({ ...form.values }),
  values => emit('change', values as Partial<StartDraft>),
  { deep: true },
)
watch([litres, temperatureC], ([l, c]) => emit('estimate', l, c), { immediate: true })
/** Nitrogen that the card asks for in one vessel, g; 0 where it asks for none. */
const nitrogenG = computed(() =>
  props.method.measures.reduce((g, m) => g + (m.nitrogen ? m.perL * litres.value : 0), 0),
)
const ticked = ref([...props.draft.ticked])
const understood = ref([...props.draft.understood])
watch([ticked, understood], ([t, u]) => emit('change', { ticked: t, understood: u }))

const begin = (despite: boolean) =>
  form.handleSubmit(async values => {
    const cultures = await start.begin(values as StartValues, despite)
    if (cultures) emit('started', cultures)
  })
</script>

<template>
  <form
    class="grid grid-cols-1 gap-6"
    novalidate
    data-dirty="true"
    @input="problem = null"
    @submit.prevent="begin(false)()"
  >
    <section class="grid gap-3">
      <ShelfEdge name="Vessel and place" />
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
        <FormField name="name" label="Name" hint="As on its tape" />
        <FormField
          v-if="freeVessels.length"
          name="vesselId"
          label="Vessel"
          :options="[
            { value: '', label: 'another vessel' },
            ...freeVessels.map(c => ({
              value: c.id,
              label: `${c.name}${heldBy(c.id) ? `, holds ${heldBy(c.id)!.record.name}` : ''}`,
            })),
          ]"
        />
        <FormField name="litres" label="Vessel holds" :unit="units.volumeUnit.value" numeric />
        <FormField
          name="vesselKind"
          label="It is a"
          :options="[
            { value: '', label: 'usual one' },
            ...VESSEL_KINDS.map(k => ({ value: k, label: k })),
          ]"
        />
        <template v-if="livesBySurface(food)">
          <FormField
            name="depthCm"
            label="Depth of the liquid"
            unit="cm"
            numeric
            :hint="`Empty: the usual ${method.vessel.depthCm} cm`"
          />
          <FormField
            name="widthCm"
            label="Width at its surface"
            unit="cm"
            numeric
            :hint="`Empty: the usual ${method.vessel.widthCm} cm. They live by their surface: a neck holds a third.`"
          />
        </template>
        <FormField
          v-if="food.kinds.length"
          name="kind"
          label="Kind"
          :options="food.kinds.map(k => ({ value: k.id, label: k.name }))"
        />
        <FormField
          v-if="state.places.length"
          name="placeId"
          label="Place"
          :options="state.places.map(p => ({ value: p.id, label: p.name }))"
        />
        <FormField
          name="level"
          label="Height"
          :options="LEVELS.map(l => ({ value: l, label: LEVEL_WORDS[l] }))"
        />
        <FormField
          name="warmth"
          label="Warmth"
          :options="[
            { value: 'own', label: 'as stated here' },
            {
              value: 'place',
              label:
                air === null
                  ? 'as its place (not read yet)'
                  : `as its place, ${units.celsius(air)}`,
            },
          ]"
        />
        <FormField
          v-if="v.warmth === 'own'"
          name="temperatureC"
          label="Temperature where it stands"
          :unit="units.temperatureUnit.value"
          numeric
        />
        <FormField
          name="vessels"
          label="Vessels alike"
          numeric
          hint="Two of a line: one accident does not end it"
        />
        <FormField name="daysAgo" label="Started days ago" numeric hint="0: now" />
      </div>
      <div class="flex flex-wrap gap-6 items-end">
        <VesselPicture
          :shape="shape"
          :family="food.profile.family"
          :grades="{}"
          :label="`A ${shape}, as it is drawn`"
          :scale="sizeOf(shape, litres)"
        />
        <div>
          <FormCheck name="mother" label="A mother: kept clean, never fed from" /><FormCheck
            v-if="v.vesselId === ''"
            name="keepVessel"
            label="Keep this vessel in the list for the next time"
          />
        </div>
      </div>
      <details>
        <summary class="min-h-12 flex items-center cursor-pointer font-semibold">
          Made with, in your own words
        </summary>
        <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-4 items-start">
          <FormField
            name="madeMatter"
            label="Matter"
            hint="Which leaf, which flour"
            :suggest="words.matter"
          />
          <FormField name="madeWater" label="Water" hint="From where" :suggest="words.water" />
          <FormField name="madeMedium" label="Medium" :suggest="words.medium" />
          <FormField name="madeRemark" label="Remark" />
        </div>
      </details>
      <p v-if="unfit" class="border-l-4 border-due pl-3">
        At {{ units.celsius(temperatureC) }} it will hardly grow: it lives from
        {{ units.celsius(food.rangeC[0]) }} to {{ units.celsius(food.rangeC[1]) }}.
      </p>
    </section>
    <section v-if="needsStarter || mayTakeCup" class="grid gap-3">
      <ShelfEdge name="Starter" />
      <p v-if="mayTakeCup" class="small max-w-prose">
        It needs none: what swims in the water is enough. A cup of an own vessel that is good brings
        what grows in it from the first day, and it is ready sooner.
      </p>
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
        <FormField
          v-if="needsStarter"
          name="origin"
          label="It comes from"
          :options="[
            ...(mothers.length ? [{ value: 'cultures', label: 'a culture of this room' }] : []),
            { value: 'bought', label: 'bought, or a friend' },
            { value: 'wild', label: 'caught outdoors' },
          ]"
        />
        <FormField
          v-if="mayTakeCup || v.origin === 'cultures'"
          name="parentId"
          :label="mayTakeCup ? 'A cup of' : 'From'"
          :options="[
            ...(mayTakeCup ? [{ value: '', label: 'none' }] : []),
            ...mothers.map(c => ({
              value: c.id,
              label: `${c.record.name}${stageWord(c.id) ? `, ${stageWord(c.id)}` : ''}${c.quarantine ? ', stands apart' : ''}`,
            })),
          ]"
          @change="chosen = true"
        />
        <FormField
          v-if="needsStarter || mother"
          name="starterMl"
          label="Starter for each vessel"
          unit="mL"
          numeric
          :hint="`Empty: the usual ${volume(usualMl)}`"
        />
      </div>
      <p v-if="mother" class="small num">
        That is {{ volume(starterMl * count) }}, {{ Math.round(share * 100) }} % of
        {{ mother.record.name
        }}<template v-if="needsStarter && enoughFor !== null && Number.isFinite(enoughFor)"
          >; half of it is enough for {{ enoughFor }}
          {{ enoughFor === 1 ? 'vessel' : 'vessels' }} like this</template
        >.
      </p>
      <p v-if="needsStarter && v.origin === 'bought'" class="border-l-4 border-due pl-3">
        Stand what you bought apart for {{ buyingOf(food).apartDays }} days, with tools of its own,
        until it is seen to live and to bring nothing along.
      </p>
      <p v-if="needsStarter && v.origin === 'wild'" class="border-l-4 border-harm pl-3">
        <strong>Caution.</strong> {{ CAUTIONS.wild.text }}
      </p>
    </section>
    <section class="grid gap-2">
      <ShelfEdge :name="count > 1 ? `What goes into all ${count}` : 'What goes in'" />
      <ul v-if="sheet.warnings.length" class="border-l-4 border-due pl-3">
        <li v-for="w in sheet.warnings" :key="w.code">{{ RECIPE_WARNINGS[w.code] }}</li>
      </ul>
      <RecipeTable
        :lines="sheet.lines"
        caption="Amounts"
        :count="count"
        :from="mother?.record.name"
      />
      <PlantFoodDose v-if="nitrogenG > 0" :litres="litres" :nitrogen-g="nitrogenG" />
      <p class="small max-w-prose">
        Have ready: {{ method.materials.join(', ') }}. {{ method.waterRule }} {{ method.airRule }}
      </p>
    </section>
    <StartSteps
      v-model:ticked="ticked"
      v-model:understood="understood"
      :method="method"
      :start-id="draft.id"
    />
    <RefusalList :refusals="against" />
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p
      v-else-if="form.submitCount.value > 0 && Object.keys(form.errors.value).length"
      role="alert"
      class="text-harm font-semibold"
    >
      {{ Object.values(form.errors.value)[0] }}
    </p>
    <div class="flex flex-wrap gap-3 items-center">
      <HoldButton v-if="against.length" label="Start all the same" @held="begin(true)()" />
      <button v-else class="btn btn-main px-8">
        {{ count > 1 ? `All ${count} are started` : 'It is started' }}
      </button>
      <span v-if="ticked.length < method.start.length" class="small"
        >{{ ticked.length }} of {{ method.start.length }} steps ticked. You may start it with steps
        left.</span
      >
    </div>
  </form>
</template>
