<script setup lang="ts">
import { local } from '~/db/local'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute } from '#app/composables/router'
import { foods, foodOf } from '@renatus/core/foods/index'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import SchoolTable from '~/components/start/SchoolTable.vue'
import StartForm from '~/components/start/StartForm.vue'
import FoundHere from '~/components/trials/FoundHere.vue'
import { readStart, type StartDraft } from '~/components/start/startDraft'
import type { CultureDraft } from '@renatus/core/stock/newCultures'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'

/** From the food to a labelled vessel: school, vessel, starter, amounts, steps. */
const room = useRoomStore()
/** Another food asked for from the same page is another start. */
definePageMeta({ key: to => to.fullPath })
const route = useRoute()
const units = useUnits()
const key = computed(() => `renatus.start.${room.which}`)
const draft = reactive<StartDraft>(readStart(local.get(key.value), newId))
watch(draft, d => local.set(key.value, JSON.stringify(d)), { deep: true })

const food = computed(() => foodOf(draft.foodId))
const method = computed(() => food.value?.methods.find(m => m.id === draft.methodId) ?? null)
const started = ref<CultureDraft[]>([])
const litres = ref(0)
const temperatureC = ref(22)
function fresh(foodId: string) {
  local.remove(key.value)
  Object.assign(draft, readStart(null, newId), {
    foodId,
    methodId: '',
    name: '',
    litres: '',
    temperatureC: '',
    kind: '',
    parentId: '',
    starterMl: '',
    vesselId: '',
    placeId: '',
  })
  started.value = []
}
const asked = typeof route.query.food === 'string' ? foodOf(route.query.food) : null
if (asked && asked.profile.id !== draft.foodId) fresh(asked.profile.id)
if (
  asked &&
  typeof route.query.method === 'string' &&
  asked.methods.some(m => m.id === route.query.method)
)
  draft.methodId = route.query.method
if (asked && Number(route.query.vessels) > 1)
  draft.vessels = String(Math.min(50, Math.round(Number(route.query.vessels))))
if (asked && Number(route.query.litres) > 0)
  draft.litres = String(units.toVolumeUnit(Number(route.query.litres)))

function choose(id: string) {
  if (id === draft.methodId) return
  // What was drawn from for another school is not drawn from for this one unasked.
  const anew = { litres: '', starterMl: '', parentId: '', ticked: [], understood: [] }
  Object.assign(draft, { methodId: id, ...anew })
}
function done(cultures: CultureDraft[]) {
  started.value = cultures
  local.remove(key.value)
  const left = readStart(null, newId)
  Object.assign(draft, left, {
    foodId: '',
    methodId: '',
    name: '',
    litres: '',
    temperatureC: '',
    starterMl: '',
  })
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="started.length" class="grid gap-4">
    <h1>{{ started.length === 1 ? 'It is started' : `All ${started.length} are started` }}</h1>
    <UndoLine />
    <p class="sentence">Write these letters on the tape, with the date:</p>
    <ul class="grid gap-2">
      <li v-for="c in started" :key="c.id" class="rule py-2 flex flex-wrap gap-4 items-center">
        <span class="amount tracking-widest" :data-testid="`code-${c.name}`">{{
          c.code
        }}</span><NuxtLink :to="`/shelf/${c.id}`" :prefetch="false" class="link">{{
          c.name
        }}</NuxtLink>
      </li>
    </ul>
    <p class="flex flex-wrap gap-2">
      <NuxtLink
        :to="`/labels?ids=${started.map(c => c.id).join(',')}`"
        :prefetch="false"
        class="btn btn-main"
        >Print labels</NuxtLink
      ><NuxtLink to="/shelf" :prefetch="false" class="btn">To the shelf</NuxtLink>
    </p>
  </div>
  <div v-else class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/shelf" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Shelf</NuxtLink
        >
      </p>
      <h1>Start a culture</h1>
    </div>
    <section class="grid gap-3">
      <ShelfEdge name="Food" />
      <div class="flex flex-wrap gap-2" role="radiogroup" aria-label="Food">
        <button
          v-for="f in foods"
          :key="f.profile.id"
          type="button"
          role="radio"
          :aria-checked="draft.foodId === f.profile.id"
          class="btn"
          :class="{ 'btn-main': draft.foodId === f.profile.id }"
          @click="fresh(f.profile.id)"
        >
          {{ f.profile.name }}
        </button>
      </div>
    </section>
    <p v-if="food?.profile.family === 'hatch'" class="sentence">
      A hatch is measured on its own bench.
      <NuxtLink to="/bench" :prefetch="false" class="btn btn-main ml-2"
        >To the hatch bench</NuxtLink
      >
    </p>
    <template v-else-if="food">
      <section class="grid gap-3">
        <ShelfEdge name="School" />
        <SchoolTable
          :model-value="draft.methodId"
          :food="food"
          :litres="litres || food.methods[0]!.vessel.volumeL"
          :temperature-c="litres ? temperatureC : Math.round((food.rangeC[0] + food.rangeC[1]) / 2)"
          @update:model-value="choose"
        />
        <FoundHere :food-id="food.profile.id" />
        <p v-if="method" class="small">
          <NuxtLink :to="`/methods/${food.profile.id}/${method.id}`" :prefetch="false" class="link"
            >The whole method card</NuxtLink
          >
        </p>
      </section>
      <StartForm
        v-if="method"
        :key="`${draft.id} ${method.id}`"
        :food="food"
        :method="method"
        :draft="draft"
        @change="c => Object.assign(draft, c)"
        @estimate="
          (l, c) => {
            litres = l
            temperatureC = c
          }
        "
        @started="done"
      />
    </template>
  </div>
</template>
