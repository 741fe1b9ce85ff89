<script setup lang="ts">
import { computed, ref } from 'vue'
import { firstAid, type Accident } from '@renatus/core/planning/firstAid'
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
const cold = ref(String(units.toTemperatureUnit(16)))
const placeId = ref('')
const parsed = computed(() =>
  temperatureField(
    { label: 'The room cools to', min: -10, max: 35 },
    units.measures.value,
  ).safeParse(cold.value),
)
const list = computed(() =>
  room.state && parsed.value.success
    ? firstAid(room.state, accident.value, parsed.value.data, placeId.value || null)
    : [],
)
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
      <h1>{{ accident === 'power' ? 'The power is gone' : 'A heater is off' }}</h1>
      <p class="small mt-1">
        What suffers first stands first. Hours are working estimates for covered vessels in still
        air.
      </p>
    </div>
    <div class="flex flex-wrap gap-4 items-end">
      <div class="flex gap-2" role="radiogroup" aria-label="What happened">
        <button
          v-for="a in ['power', 'heater'] as const"
          :key="a"
          role="radio"
          :aria-checked="accident === a"
          class="btn"
          :class="{ 'btn-main': accident === a }"
          @click="accident = a"
        >
          {{ a === 'power' ? 'Power cut' : 'Heater off' }}
        </button>
      </div>
      <label class="font-semibold"
        >The room cools to, {{ units.temperatureUnit.value
        }}<input
          v-model="cold"
          class="field mt-1 block w-32 font-normal"
          inputmode="decimal"
          autocomplete="off"
      /></label>
      <label v-if="accident === 'heater'" class="font-semibold"
        >At<select v-model="placeId" class="field mt-1 block font-normal">
          <option value="">every place</option>
          <option v-for="p in room.state.places" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select></label
      >
    </div>
    <p v-if="!parsed.success" role="alert" class="text-harm font-semibold">
      {{ parsed.error.issues[0]!.message }}
    </p>
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
    <p v-if="parsed.success && !list.length" class="sentence">
      Nothing is in the room that would suffer.
    </p>
    <p v-if="well.length" class="small max-w-prose">
      {{ plural(well.length, 'vessel') }} can be left: {{ well.map(p => p.name).join(', ') }}. They
      stop, and go on when it is warm again.
    </p>
  </div>
</template>
