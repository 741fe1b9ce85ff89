<script setup lang="ts">
import { reactive, ref } from 'vue'
import { entry as entrySchema, type Entry } from '@renatus/core/records/entries'
import type { Draft } from '~/db/logbook'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'
import { CORRECTABLE } from '~/words/log'

/** A correction is a new entry that supersedes the old one; the old one stays readable. */
const props = defineProps<{ entry: Entry }>()
const emit = defineEmits<{ done: [] }>()
const room = useRoomStore()
const undo = useUndo()
const fields = CORRECTABLE[props.entry.kind] ?? []
const data = props.entry.data as Record<string, unknown>
const typed = reactive<Record<string, string>>(
  Object.fromEntries(
    fields.map(f => [f.field, String(Number(Number(data[f.field]).toPrecision(6)))]),
  ),
)
const problem = ref<string | null>(null)

async function save() {
  const next = { ...data }
  for (const f of fields) {
    const n = Number(typed[f.field]!.replace(',', '.'))
    if (typed[f.field]!.trim() === '' || !Number.isFinite(n)) {
      problem.value = `${f.label} cannot be “${typed[f.field]}”: enter a number${f.unit ? ` in ${f.unit}` : ''}.`
      return
    }
    next[f.field] = n
  }
  const checked = entrySchema.safeParse({ ...props.entry, data: next })
  if (!checked.success) {
    const issue = checked.error.issues[0]!
    const field = fields.find(f => f.field === issue.path[1])
    problem.value = `${field?.label ?? 'A value'} cannot be “${typed[String(issue.path[1])] ?? ''}”: ${issue.message.toLowerCase()}.`
    return
  }
  const result = await room.write([
    {
      kind: props.entry.kind,
      subject: props.entry.subject,
      at: props.entry.at,
      supersedes: props.entry.id,
      data: checked.data.data,
    } as Draft,
  ])
  if (result.ok) undo.offer(result.act, 'The entry is corrected.')
  emit('done')
}
</script>

<template>
  <form
    class="flex flex-wrap gap-3 items-end py-2"
    novalidate
    @input="problem = null"
    @submit.prevent="save"
  >
    <label v-for="f in fields" :key="f.field" class="font-semibold"
      >{{ f.label }}<template v-if="f.unit">, {{ f.unit }}</template
      ><input
        v-model="typed[f.field]"
        class="field mt-1 block w-32 font-normal"
        inputmode="decimal"
    /></label>
    <button class="btn btn-main">Correct</button
    ><button type="button" data-closes class="btn btn-quiet" @click="emit('done')">Cancel</button>
    <p v-if="problem" role="alert" class="text-harm font-semibold basis-full">{{ problem }}</p>
  </form>
</template>
