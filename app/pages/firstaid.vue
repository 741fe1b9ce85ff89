<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { ACCIDENTS, firstAid, type Accident } from '@renatus/core/planning/firstAid'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'
import { temperatureField } from '~/words/fields'

/** The power is gone, or a heater: what dies first, and what to do, in order. */
const room = useRoomStore()
const units = useUnits()
const accident = ref<Accident>('power')
/** What is asked of each: how cold or how warm it gets. */
const ASKED: Record<Accident, { title: string; name: string; ask: string | null; usual: number }> =
  {
    power: { title: 'The power is gone', name: 'Power cut', ask: 'The room cools to', usual: 16 },
    air: { title: 'The air is off', name: 'Air off', ask: null, usual: 20 },
    heater: { title: 'A heater is off', name: 'Heater off', ask: 'The room cools to', usual: 16 },
    stuck: {
      title: 'A heater is stuck on',
      name: 'Heater stuck on',
      ask: 'It warms to',
      usual: 38,
    },
    heat: { title: 'Days of heat', name: 'Heat wave', ask: 'Hottest of the day', usual: 35 },
  }
const asked = computed(() => ASKED[accident.value])
const warm = ref(String(units.toTemperatureUnit(16)))
const night = ref(String(units.toTemperatureUnit(24)))
watch(accident, is => (warm.value = String(units.toTemperatureUnit(ASKED[is].usual))))
const placeId = ref('')
const HOT: readonly Accident[] = ['stuck', 'heat']
const AT_A_PLACE: readonly Accident[] = ['heater', 'stuck', 'air']
const read = (label: string, text: string) =>
  temperatureField({ label, min: -10, max: 50 }, units.measures.value).safeParse(text)
const parsed = computed(() => read(asked.value.ask ?? 'It', warm.value))
const parsedNight = computed(() => read('Coolest of the night', night.value))
const problem = computed(() => {
  if (!parsed.value.success) return parsed.value.error.issues[0]!.message
  if (accident.value !== 'heat') return null
  if (!parsedNight.value.success) return parsedNight.value.error.issues[0]!.message
  return parsedNight.value.data > parsed.value.data ? 'The night is warmer than the day.' : null
})
const list = computed(() => {
  if (!room.state || problem.value || !parsed.value.success) return []
  const nightC = parsedNight.value.success ? parsedNight.value.data : undefined
  const warmth = {
    toC: parsed.value.data,
    ...(accident.value === 'heat' && nightC !== undefined ? { nightC } : {}),
  }
  return firstAid(room.state, accident.value, warmth, placeId.value || null)
})
const urgent = computed(() => list.value.filter(p => Number.isFinite(p.hours)))
const well = computed(() => list.value.filter(p => !Number.isFinite(p.hours)))
function hours(h: number): string {
  if (h < 0.5) return 'now'
  if (h < 1.5) return 'within the hour'
  return h < 48 ? `after ${Math.round(h)} h` : `after ${Math.round(h / 24)} d`
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div>
      <p>
        <NuxtLink to="/shelf" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Shelf</NuxtLink
        >
      </p>
      <h1>{{ asked.title }}</h1>
      <p class="small mt-1">
        What suffers first stands first. Hours are working estimates for covered vessels in still
        air.
      </p>
    </div>
    <div class="flex flex-wrap gap-4 items-end">
      <div class="flex flex-wrap gap-2" role="radiogroup" aria-label="What happened">
        <button
          v-for="a in ACCIDENTS"
          :key="a"
          role="radio"
          :aria-checked="accident === a"
          class="btn"
          :class="{ 'btn-main': accident === a }"
          @click="accident = a"
        >
          {{ ASKED[a].name }}
        </button>
      </div>
      <label v-if="asked.ask" class="font-semibold"
        >{{ asked.ask }}, {{ units.temperatureUnit.value
        }}<input
          v-model="warm"
          class="field mt-1 block w-32 font-normal"
          inputmode="decimal"
          autocomplete="off"
      /></label>
      <label v-if="accident === 'heat'" class="font-semibold"
        >Coolest of the night, {{ units.temperatureUnit.value
        }}<input
          v-model="night"
          class="field mt-1 block w-32 font-normal"
          inputmode="decimal"
          autocomplete="off"
      /></label>
      <label v-if="AT_A_PLACE.includes(accident)" class="font-semibold"
        >At<select v-model="placeId" class="field mt-1 block font-normal">
          <option value="">every place</option>
          <option v-for="p in room.state.places" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select></label
      >
    </div>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p class="border-l-4 border-harm pl-3 max-w-prose">
      <strong>First of all.</strong> Pull the plugs of heaters that stand dry or in cooling water:
      glass breaks when the power is back. Dry hands, nothing wet near a power strip. Follow your
      local rules and a qualified person where one is needed.
    </p>
    <section v-if="urgent.length" class="grid gap-2">
      <ShelfEdge name="In this order" />
      <ol class="grid">
        <li
          v-for="(p, i) in urgent"
          :key="p.id"
          class="rule py-3 grid gap-1 grid-cols-[2.5rem_1fr] sm:grid-cols-[3rem_1fr_12rem] sm:gap-x-4"
        >
          <span class="amount num">{{ i + 1 }}</span>
          <div>
            <p class="sentence">
              <strong>{{ p.name }}</strong><span
                v-if="p.onlyOne && p.what === 'culture'"
                class="small"
              >
                the only one of its line</span
              >
            </p>
            <p>{{ p.act }}</p>
          </div>
          <p class="num max-sm:col-start-2 sm:text-right">
            <strong>{{ hours(p.hours) }}</strong><br /><span class="small"
              >suffers {{ p.dies }}</span
            >
          </p>
        </li>
      </ol>
    </section>
    <p v-if="!problem && !list.length" class="sentence">
      Nothing is in the room that would suffer.
    </p>
    <p v-if="well.length" class="small max-w-prose">
      {{ plural(well.length, 'vessel') }} can be left: {{ well.map(p => p.name).join(', ') }}.
      {{ HOT.includes(accident) ? 'They bear it.' : 'They stop, and go on when it is over.' }}
    </p>
  </div>
</template>
