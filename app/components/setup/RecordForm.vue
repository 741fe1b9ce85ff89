<script setup lang="ts">
import { computed } from 'vue'
import FormCheck from '~/components/shared/FormCheck.vue'
import FormField from '~/components/shared/FormField.vue'
import { useZodForm } from '~/composables/useZodForm'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { RECORD_FORMS, type EditableType } from './recordForms'

/** Edits or adds one vessel, salt, lot, tank or place: the fields stand in recordForms.ts. */
const props = defineProps<{ type: EditableType, record?: Record<string, unknown> | null }>()
const emit = defineEmits<{ saved: [], cancel: [] }>()
const room = useRoomStore()
const units = useUnits()
const definition = RECORD_FORMS[props.type]
const context = computed(() => ({ measures: units.measures.value, places: room.state!.places, units }))
const form = useZodForm(() => definition.schema(context.value), definition.initial(props.record ?? null, context.value))
const fields = computed(() => definition.fields(context.value).filter(f => !f.when || f.when(form.values)))

const submit = form.handleSubmit(async (values) => {
  await room.save([{ ...definition.toRecord(values, props.record ?? null), type: props.type, id: props.record?.id as string | undefined } as never])
  emit('saved')
})
</script>

<template>
  <form class="grid gap-4 border-2 border-ink bg-paper p-4" novalidate :data-dirty="form.meta.value.dirty" @submit="submit">
    <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3 items-start">
      <template v-for="f in fields" :key="f.name">
        <FormCheck v-if="f.check" :name="f.name" :label="f.label" />
        <FormField v-else :name="f.name" :label="f.label" :unit="f.unit" :hint="f.hint" :numeric="f.numeric" :options="f.options" />
      </template>
    </div>
    <div class="flex gap-2"><button class="btn btn-main">Save</button><button type="button" class="btn btn-quiet" @click="emit('cancel')">Cancel</button></div>
  </form>
</template>
