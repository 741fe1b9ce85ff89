<script setup lang="ts">
import { computed, watch } from 'vue'
import FormCheck from '~/components/shared/FormCheck.vue'
import FormField from '~/components/shared/FormField.vue'
import { useZodForm } from '~/composables/useZodForm'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { recordTypeOf, type EditableType } from './recordForm'
import { RECORD_FORMS } from './recordForms'

/** Edits or adds one vessel, salt, lot, tank or place: the fields stand in recordForms.ts. */
const props = defineProps<{
  type: EditableType
  record?: Record<string, unknown> | null
  /** What a new one begins with. */ preset?: Record<string, unknown>
}>()
const emit = defineEmits<{ saved: []; cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const definition = RECORD_FORMS[props.type]
const context = computed(() => ({
  measures: units.measures.value,
  places: room.state!.places,
  units,
}))
const form = useZodForm(
  () => definition.schema(context.value),
  definition.initial(props.record ?? props.preset ?? null, context.value),
)
const fields = computed(() =>
  definition.fields(context.value).filter(f => !f.when || f.when(form.values)),
)

const { copies } = definition
if (copies && !props.record) {
  watch(
    () => form.values[copies.field] as unknown,
    chosen => form.setValues(copies.values(String(chosen)), false),
  )
}

const submit = form.handleSubmit(async values => {
  const record = {
    ...definition.toRecord(values, props.record ?? null),
    type: recordTypeOf(props.type),
    id: props.record?.id as string | undefined,
  } as never
  const was = props.record?.temperatureC
  const now = (values as { temperatureC?: number }).temperatureC
  // A tank set to another temperature is a fact: dates and growth of its broods follow from that day on.
  if (
    props.type === 'tank' &&
    props.record &&
    typeof was === 'number' &&
    typeof now === 'number' &&
    was !== now
  ) {
    const tankId = String(props.record.id)
    await room.writeOrStop(
      [
        {
          kind: 'tank.temperature',
          subject: { type: 'tank', id: tankId },
          data: { tankId, temperatureC: now as never, was: was as never },
        },
      ],
      null,
      [record],
    )
  } else await room.save([record])
  emit('saved')
})
</script>

<template>
  <form
    class="grid gap-4 border-2 border-ink bg-paper p-4"
    novalidate
    :data-dirty="form.meta.value.dirty"
    @submit="submit"
  >
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <template v-for="f in fields" :key="f.name">
        <FormCheck v-if="f.check" :name="f.name" :label="f.label" />
        <FormField
          v-else
          :name="f.name"
          :label="f.label"
          :unit="f.unit"
          :hint="f.hint"
          :numeric="f.numeric"
          :type="f.type"
          :options="f.options"
        />
      </template>
    </div>
    <div class="flex gap-2">
      <button class="btn btn-main">Save</button
      ><button type="button" data-closes class="btn btn-quiet" @click="emit('cancel')">
        Cancel
      </button>
    </div>
  </form>
</template>
