<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { recipe } from '@renatus/core/foods/recipe'
import { cardOf, CARDS } from '~/components/methods/methodIndex'
import MethodSteps from '~/components/methods/MethodSteps.vue'
import RecipeTable from '~/components/methods/RecipeTable.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import FoundHere from '~/components/trials/FoundHere.vue'
import { useRoomStore } from '~/stores/room'
import { useUnits } from '~/composables/useUnits'
import { volumeField } from '~/words/fields'
import { RECIPE_WARNINGS } from '~/words/methods'

/** One school of one food: amounts for the vessel at hand, steps with cautions, and the rules to keep. */
const route = useRoute()
const units = useUnits()
const card = computed(() => cardOf(String(route.params.food), String(route.params.method)))
const others = computed(() => CARDS.filter(c => c.food === card.value?.food && c !== card.value))
const room = useRoomStore()
const volume = ref<string | null>(null)
const text = computed(
  () => volume.value ?? String(units.toVolumeUnit(card.value?.method.vessel.volumeL ?? 1)),
)
const parsed = computed(() =>
  volumeField({ label: 'Vessel', min: 0, max: 2000, above: true }, units.measures.value).safeParse(
    text.value,
  ),
)
const sheet = computed(() =>
  card.value && parsed.value.success
    ? recipe(card.value.food, card.value.method, parsed.value.data, units.measures.value)
    : null,
)
const rules = computed(() => {
  const m = card.value?.method
  return m
    ? [
        ['Vessel', m.vesselRule],
        ['Air', m.airRule],
        ['Water', m.waterRule],
        ['Feeding', m.feedingRule],
        ['Harvest', m.harvestRule],
        ['Renewal', m.renewRule],
      ].filter(([, rule]) => rule !== '')
    : []
})
</script>

<template>
  <div v-if="!card" class="grid gap-3">
    <h1>No such method</h1>
    <p><NuxtLink to="/methods" class="link">All methods</NuxtLink></p>
  </div>
  <article v-else class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/methods" class="link inline-flex min-h-12 items-center"
          >All methods</NuxtLink
        >
      </p>
      <h1>{{ card.food.profile.name }}: {{ card.method.name.toLowerCase() }}</h1>
      <p class="sentence mt-2 max-w-prose">{{ card.method.about }}</p>
      <p class="small mt-1">
        Lives from {{ units.celsius(card.food.rangeC[0]) }} to
        {{ units.celsius(card.food.rangeC[1]) }}.<template v-if="others.length">
          Other schools:
          <template v-for="(o, i) in others" :key="o.method.id"
            ><NuxtLink
              :to="`/methods/${o.food.profile.id}/${o.method.id}`"
              :prefetch="false"
              class="link"
              >{{ o.method.name }}</NuxtLink
            >{{ i < others.length - 1 ? ', ' : '.' }}</template
          ></template
        >
      </p>
    </div>
    <FoundHere :food-id="card.food.profile.id" />
    <p v-if="card.food.profile.family === 'hatch'">
      <NuxtLink to="/bench" :prefetch="false" class="btn btn-main">To the hatch bench</NuxtLink>
    </p>
    <p v-else-if="room.state">
      <NuxtLink
        :to="`/shelf/start?food=${card.food.profile.id}&method=${card.method.id}&litres=${parsed.success ? parsed.data : card.method.vessel.volumeL}`"
        :prefetch="false"
        class="btn btn-main"
        >Start one</NuxtLink
      >
    </p>
    <section class="grid gap-3">
      <ShelfEdge name="What goes in" />
      <label class="font-semibold"
        >Your vessel takes<span class="font-normal text-ink2">, {{ units.volumeUnit.value }}</span
        ><input
          class="field mt-1 max-w-48 block"
          :value="text"
          autocomplete="off"
          :aria-invalid="parsed.success ? undefined : 'true'"
          @input="volume = ($event.target as HTMLInputElement).value"
      /></label>
      <p v-if="!parsed.success" role="alert" class="text-harm font-semibold">
        {{ parsed.error.issues[0]!.message }}
      </p>
      <template v-if="sheet">
        <ul v-if="sheet.warnings.length" class="border-l-4 border-due pl-3">
          <li v-for="w in sheet.warnings" :key="w.code">{{ RECIPE_WARNINGS[w.code] }}</li>
        </ul>
        <RecipeTable
          :lines="sheet.lines"
          :caption="`Amounts for ${text} ${units.volumeUnit.value}`"
        >
          <tr v-if="sheet.starterMl > 0" class="rule align-baseline">
            <th scope="row" class="text-left font-normal py-2 pr-4">
              Starter, from a vessel that is ready
            </th>
            <td class="font-bold whitespace-nowrap pr-4 text-right">
              {{ units.volume(sheet.starterMl) }}
            </td>
            <td />
          </tr>
        </RecipeTable>
        <p v-if="card.method.materials.length" class="small max-w-prose">
          Have ready: {{ card.method.materials.join(', ') }}.
        </p>
      </template>
    </section>
    <div class="grid gap-6 desk:grid-cols-2">
      <MethodSteps name="Start" :steps="card.method.start" />
      <MethodSteps name="Harvest" :steps="card.method.harvest" />
    </div>
    <section class="grid gap-2">
      <ShelfEdge name="Rules to keep" />
      <dl class="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <div v-for="[name, rule] in rules" :key="name">
          <dt class="font-semibold">{{ name }}</dt>
          <dd>{{ rule }}</dd>
        </div>
      </dl>
    </section>
  </article>
</template>
