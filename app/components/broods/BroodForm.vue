<script setup lang="ts">
import { computed, watch } from 'vue'
import * as z from 'zod'
import type { LifeEvent } from '@renatus/core/fry/life'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import { localDate } from '@renatus/core/records/recordFields'
import type { BroodState } from '@renatus/core/stock/broodState'
import { addDays, daysBetween, localDateOf } from '@renatus/core/time/localDate'
import FormField from '~/components/shared/FormField.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { newId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import {
  dateField,
  numberField,
  RULES,
  temperatureField,
  textField,
  volumeField,
} from '~/words/fields'
import SpeciesPicker from './SpeciesPicker.vue'

const props = defineProps<{ brood?: BroodState }>()
const emit = defineEmits<{ saved: []; cancel: []; removed: [] }>()
const room = useRoomStore()
const units = useUnits()
const NEW_TANK = 'new'
const EVENTS: readonly { value: LifeEvent; label: string }[] = [
  { value: 'free', label: 'free swimming' },
  { value: 'hatched', label: 'hatching' },
  { value: 'spawned', label: 'spawning' },
]
/** Farther back or ahead a date is a slip of the finger. */
const MOST_DAYS = 400
const today = computed(() => localDateOf(room.now, room.timeZone))
const tanks = computed(() => room.state!.tanks)
const record = props.brood?.brood
const known = (id: unknown) => speciesOf(String(id), room.state!.species) !== null
const unused = z.unknown().transform(() => null)

const schemaOf = (values: Record<string, unknown>) => {
  const newTank = values.tankId === NEW_TANK
  return z.object({
    speciesId: z.string().refine(known, {
      error: issue => `Fish “${String(issue.input)}” is not known here: choose one from the list.`,
    }),
    event: z.enum(['spawned', 'hatched', 'free']),
    kind: z.enum(['seen', 'expected']),
    on: dateField('Date')
      .refine(d => Math.abs(daysBetween(d, today.value)) <= MOST_DAYS, {
        error: issue =>
          `Date cannot be “${String(issue.input)}”: enter a day within ${MOST_DAYS} days of today. A brood older than that is grown; it needs no ladder.`,
      })
      .refine(d => values.kind !== 'seen' || daysBetween(today.value, d) <= 0, {
        error: issue =>
          `Date cannot be “${String(issue.input)}” and seen: it lies ahead. Choose expected, or an earlier day.`,
      }),
    spreadDays:
      values.kind === 'expected'
        ? numberField({ label: 'Give or take', min: 0, max: 30, unit: 'days' })
        : unused,
    fry: numberField(RULES.fry),
    name: z.string(),
    tankId: z.string(),
    tankName: newTank ? textField('Name of the tank') : unused,
    tankLitres: newTank ? volumeField(RULES.tankLitres, units.measures.value) : unused,
    tankTemperature: newTank
      ? temperatureField(RULES.tankTemperature, units.measures.value)
      : unused,
  })
}
const form = useZodForm(schemaOf, {
  speciesId: record?.speciesId ?? 'medium',
  event: record?.anchor.event ?? 'free',
  on: record?.anchor.on ?? today.value,
  kind: record?.anchor.kind ?? 'seen',
  spreadDays: String(record?.anchor.spreadDays || 2),
  fry: record ? String(record.fry) : '100',
  name: record?.name ?? '',
  tankId: record?.tankId ?? tanks.value[0]?.id ?? NEW_TANK,
  tankName: `Tank ${tanks.value.length + 1}`,
  tankLitres: String(units.toVolumeUnit(units.measures.value === 'us' ? 37.85 : 20)),
  tankTemperature: String(units.toTemperatureUnit(26)),
})

const submit = form.handleSubmit(async v => {
  const newTank = v.tankId === NEW_TANK
  const tankId = newTank ? newId() : v.tankId
  const fish = speciesOf(v.speciesId, room.state!.species)?.names[0]
  const counted = daysBetween(today.value, v.on) > 0 ? v.on : today.value
  const countedOn = record && record.fry === v.fry ? record.countedOn : counted
  const drafts = [
    ...(newTank
      ? [
          {
            type: 'tank',
            id: tankId,
            placeId: null,
            name: v.tankName,
            litres: v.tankLitres,
            temperatureC: v.tankTemperature,
          },
        ]
      : []),
    {
      type: 'brood',
      id: record?.id,
      name: v.name.trim() || fish || 'Brood',
      speciesId: v.speciesId,
      tankId,
      anchor: { event: v.event, on: v.on, kind: v.kind, spreadDays: v.spreadDays ?? 0 },
      fry: v.fry,
      countedOn,
      splitFrom: record?.splitFrom ?? null,
      ...(record ? { wishes: record.wishes } : {}),
    },
  ] as unknown as RecordDraft[]
  await room.save(drafts)
  emit('saved')
})
// Nobody has seen what lies ahead: who gives such a day need not be told so.
watch(
  () => String(form.values.on),
  on => {
    const ahead = localDate.safeParse(on).success && daysBetween(today.value, on) > 0
    if (ahead && form.values.kind === 'seen') form.setFieldValue('kind', 'expected')
  },
)
const shift = (days: number) => form.setFieldValue('on', addDays(String(form.values.on), days))
async function remove() {
  if (!record) return
  await room.writeOrStop([
    {
      kind: 'brood.ended',
      subject: { type: 'brood', id: record.id },
      data: { broodId: record.id, on: today.value, reason: 'ended' },
    },
  ])
  emit('removed')
}
</script>

<template>
  <form
    class="grid gap-5 border-2 border-ink bg-paper p-4"
    novalidate
    :data-dirty="form.meta.value.dirty"
    @submit="submit"
  >
    <h2 class="text-[1.1875rem]">{{ brood ? `Change ${brood.name}` : 'New brood' }}</h2>
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <SpeciesPicker name="speciesId" class="sm:col-span-2" />
      <FormField name="fry" label="Number of fry" numeric hint="A guess will do; count later" />
      <FormField name="event" label="The date is of" :options="EVENTS" />
      <div>
        <FormField name="on" label="Date" type="date" />
        <div class="flex gap-2 mt-2">
          <button type="button" class="btn" @click="shift(-1)">1 day earlier</button
          ><button type="button" class="btn" @click="shift(1)">1 day later</button>
        </div>
      </div>
      <FormField
        name="kind"
        label="That date is"
        :options="[
          { value: 'seen', label: 'seen' },
          { value: 'expected', label: 'expected' },
        ]"
      />
      <FormField
        v-if="form.values.kind === 'expected'"
        name="spreadDays"
        label="Give or take"
        unit="days"
        numeric
      />
      <FormField name="name" label="Name" hint="Optional; else the fish’s name" />
      <FormField
        name="tankId"
        label="Tank"
        :options="[
          ...tanks.map(t => ({ value: t.id, label: t.name })),
          { value: NEW_TANK, label: 'A new tank' },
        ]"
        hint="Several broods may share one"
      />
      <template v-if="form.values.tankId === NEW_TANK">
        <FormField name="tankName" label="Name of the tank" />
        <FormField name="tankLitres" label="Tank" :unit="units.volumeUnit.value" numeric />
        <FormField
          name="tankTemperature"
          label="Temperature"
          :unit="units.temperatureUnit.value"
          numeric
        />
      </template>
    </div>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-main px-8" :disabled="form.isSubmitting.value">Save the brood</button
      ><button type="button" data-closes class="btn btn-quiet" @click="emit('cancel')">
        Cancel</button
      ><HoldButton v-if="brood" class="ml-auto" label="End the brood" @held="remove" />
    </div>
  </form>
</template>
