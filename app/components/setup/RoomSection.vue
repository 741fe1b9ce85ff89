<script setup lang="ts">
import { HATCH_SCHOOLS, LOT_ORDERS, type HatchSchool } from '@renatus/core/records/vocabulary'
import { usualBudget } from '@renatus/core/time/roundBudget'
import { computed, ref } from 'vue'
import * as z from 'zod'
import DayMinutes from './DayMinutes.vue'
import FormCheck from '~/components/shared/FormCheck.vue'
import FormField from '~/components/shared/FormField.vue'
import type { RecordDraft } from '~/db/registry'
import { useInTurn } from '~/composables/useInTurn'
import { useTheme } from '~/composables/useTheme'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { HATCH_SCHOOL_NAMES } from '~/words/hatch'
import { paceWords } from '~/words/learned'
import {
  addressField,
  clockField,
  dateField,
  numberField,
  optionalNumber,
  RULES,
  textField,
} from '~/words/fields'

/** Name, zone, rounds, measures, water of the room. */
const room = useRoomStore()
const theme = useTheme()
const current = computed(() => room.state!.room)
/** The form is drawn in three goes: half of its fields, the others, the rounds. */
const hasMore = useInTurn()
const hasRounds = useInTurn()
const MOST_ROUNDS = 5
const rounds = ref(
  current.value.rounds.map(r => ({ ...r, minutesByDay: r.minutesByDay && [...r.minutesByDay] })),
)
const problem = ref<string | null>(null)
const saved = ref(false)
const zones = [
  ...new Set([current.value.timeZone, 'UTC', ...Intl.supportedValuesOf('timeZone')]),
].map(z => ({ value: z, label: z.replaceAll('_', ' ') }))

const SCHOOL_NAMES: { value: HatchSchool | ''; label: string }[] = [
  { value: '', label: 'one pull or two, as it suits' },
  ...HATCH_SCHOOLS.map(value => ({ value, label: HATCH_SCHOOL_NAMES[value] })),
]
const schema = z.object({
  name: textField('Name of the room'),
  timeZone: z.string(),
  measures: z.enum(['metric', 'us']),
  pH: optionalNumber(RULES.pH),
  soft: z.boolean(),
  hatchSaltGL: numberField(RULES.saltTarget),
  lotOrder: z.enum(LOT_ORDERS),
  hatchSchool: z.enum(['', ...HATCH_SCHOOLS]),
  address: addressField,
  cubes: optionalNumber({ label: 'Cubes of nauplii wanted', min: 1, max: 2000, whole: true }),
  cubesBy: z.string().refine(d => d === '' || dateField('Wanted by').safeParse(d).success, {
    error: 'Wanted by cannot be read: enter a date such as 2026-03-23.',
  }),
})
const form = useZodForm(() => schema, {
  name: current.value.name,
  timeZone: current.value.timeZone,
  measures: current.value.measures,
  pH: current.value.water.pH === null ? '' : String(current.value.water.pH),
  soft: current.value.water.soft,
  hatchSaltGL: String(current.value.hatchSaltGL),
  lotOrder: current.value.lotOrder,
  hatchSchool: current.value.hatchSchool ?? '',
  address: current.value.address ?? '',
  cubes: String(current.value.cubesWanted?.cubes ?? ''),
  cubesBy: current.value.cubesWanted?.by ?? '',
})

const submit = form.handleSubmit(async ({ pH, soft, cubes, cubesBy, hatchSchool, ...v }) => {
  problem.value = null
  for (const r of rounds.value) {
    const found = [
      textField('Name of the round').safeParse(r.name),
      clockField(r.name || 'Round').safeParse(r.at),
    ].find(p => !p.success)
    if (found && !found.success) problem.value = found.error.issues[0]!.message
  }
  if (new Set(rounds.value.map(r => r.at)).size < rounds.value.length)
    problem.value = 'Two rounds begin at the same time: change one or take it out.'
  if (rounds.value.every(r => r.feedingOnly))
    problem.value =
      'Every round is for feeding only, so nothing could be started or harvested: leave one a full round.'
  if (cubes !== null && cubesBy === '')
    problem.value = 'Say by when the cubes are wanted, or leave their number empty.'
  if (problem.value) return
  await room.save([
    {
      ...current.value,
      ...v,
      water: { pH, soft },
      hatchSchool: hatchSchool === '' ? null : hatchSchool,
      cubesWanted: cubes === null ? null : { cubes, by: cubesBy },
      rounds: rounds.value.map(asKept).sort((a, b) => (a.at < b.at ? -1 : 1)),
    } as unknown as RecordDraft,
  ])
  saved.value = true
  setTimeout(() => {
    saved.value = false
  }, 4000)
})
/** How long rounds take here; nothing before some have been worked by their stops. */
const pace = computed(() => (room.round ? paceWords(room.round.pace) : ''))
/** A round whose days do not differ says nothing of them. */
const asKept = (r: (typeof rounds.value)[number]) => ({
  ...r,
  minutesByDay: r.minutesByDay?.some(m => m !== null) ? [...r.minutesByDay] : null,
})
/** Minutes as typed; null for the usual. */
function minutesFrom(text: string): number | null {
  const n = Math.round(Number(text))
  return text.trim() === '' || !Number.isFinite(n) ? null : Math.min(600, Math.max(0, n))
}
</script>

<template>
  <form class="grid gap-4" novalidate :data-dirty="form.meta.value.dirty" @submit="submit">
    <div class="flex items-center gap-3">
      <h2>Room</h2>
      <span class="edge" />
    </div>
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <FormField name="name" label="Name" />
      <FormField name="timeZone" label="Time zone" :options="zones" />
      <FormField
        name="measures"
        label="Measures"
        :options="[
          { value: 'metric', label: 'litres, spoons of 5 and 15 mL, °C' },
          { value: 'us', label: 'US gallons, cups and spoons, °F' },
        ]"
      />
      <FormField name="pH" label="pH of the water" numeric hint="Leave empty if nobody tested it" />
      <FormField
        name="hatchSaltGL"
        label="Salt in the hatch"
        unit="g/L"
        numeric
        hint="25 is best, 15 to 35 does no harm (Lavens &amp; Sorgeloos 1996)"
      />
      <template v-if="hasMore">
        <FormField
          name="lotOrder"
          label="Cysts used next"
          :options="[
            { value: 'ages-first', label: 'the lot that loses most by waiting' },
            { value: 'newest-first', label: 'the newest lot' },
          ]"
        />
        <FormField name="hatchSchool" label="Hatches are run" :options="SCHOOL_NAMES" />
        <FormField
          name="address"
          label="Address for phones"
          hint="Labels open it, such as http://loft.local:3000; empty: the address this page is at"
        />
        <FormField
          name="cubes"
          label="Cubes of nauplii wanted"
          numeric
          hint="Frozen out of what hatches have over; empty for none"
        />
        <FormField name="cubesBy" label="Wanted by" type="date" />
        <FormCheck name="soft" label="The water is soft (under 3 °dKH)" />
      </template>
    </div>
    <fieldset v-if="hasRounds" class="grid gap-2">
      <legend class="font-semibold mb-1">Rounds</legend>
      <div v-for="(r, i) in rounds" :key="i" class="flex flex-wrap gap-2 items-center">
        <input
          v-model="r.name"
          class="field max-w-60"
          :aria-label="`Name of round ${i + 1}`"
        /><input
          v-model="r.at"
          type="time"
          class="field max-w-36"
          :aria-label="`Time of round ${i + 1}`"
        />
        <label class="flex items-center gap-2 min-h-12 cursor-pointer"
          ><input
            v-model="r.feedingOnly"
            type="checkbox"
            class="size-6 accent-[var(--plan)]"
          />feeding only</label
        >
        <label class="flex items-center gap-2 min-h-12"
          ><span class="sr-only">Minutes for {{ r.name }}</span
          ><input
            :value="r.minutes ?? ''"
            class="field w-20"
            inputmode="numeric"
            :placeholder="String(usualBudget({ feedingOnly: r.feedingOnly, minutes: null }))"
            @change="r.minutes = minutesFrom(($event.target as HTMLInputElement).value)"
          />minutes</label
        >
        <DayMinutes v-model="r.minutesByDay" :round="r" />
        <button
          v-if="rounds.length > 1"
          type="button"
          class="btn btn-quiet underline"
          @click="rounds.splice(i, 1)"
        >
          Take out
        </button>
      </div>
      <p v-if="pace" class="small">{{ pace }}</p>
      <p v-if="rounds.length < MOST_ROUNDS">
        <button
          type="button"
          class="btn"
          @click="
            rounds.push({
              name: 'Midday round',
              at: '12:30',
              feedingOnly: true,
              minutes: null,
              minutesByDay: null,
            })
          "
        >
          Add a round
        </button>
      </p>
    </fieldset>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <div class="flex gap-4 items-center">
      <button class="btn btn-main">Save the room</button
      ><span v-if="saved" role="status">Saved.</span>
    </div>
    <label class="font-semibold max-w-60"
      >Light or dark<select v-model="theme" class="field mt-1 font-normal">
        <option value="auto">as the device</option>
        <option value="light">light</option>
        <option value="dark">dark, for a dim room</option>
      </select></label
    >
  </form>
</template>
