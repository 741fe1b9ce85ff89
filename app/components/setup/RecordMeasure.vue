<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lot, Tool } from '@renatus/core/records/records'
import type { Draft } from '~/db/logbook'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'
import { numberField, RULES } from '~/words/fields'

/** What can be measured of a record: grams left of a lot, lengths of its nauplii, fillings of a measure. */
const props = defineProps<{ record: Lot | Tool }>()
const room = useRoomStore()
const undo = useUndo()
interface Way {
  name: string
  fields: readonly { label: string; hint?: string }[]
  /** The entry, or what is wrong with the text. */ read(texts: readonly string[]): Draft | string
}
const number = (rule: Parameters<typeof numberField>[0], text: string) =>
  numberField(rule).safeParse(text)
const message = (r: { error?: { issues: { message: string }[] } }) => r.error!.issues[0]!.message
const ways = computed((): Way[] => {
  const r = props.record
  const subject = { type: r.type, id: r.id }
  if (r.type === 'tool')
    return [
      {
        name: 'Weigh',
        fields: [
          { label: r.kind === 'drop' ? 'Drops' : 'Fillings', hint: 'Of plain water, onto a scale' },
          { label: 'Water, g' },
        ],
        read([times = '', grams = '']) {
          const n = number({ label: 'Number of fillings', min: 1, max: 1000, whole: true }, times)
          const g = number({ label: 'Water', min: 0.01, max: 100_000, unit: 'g' }, grams)
          if (!n.success) return message(n)
          if (!g.success) return message(g)
          return {
            kind: 'tool.measured',
            subject,
            data: { toolId: r.id, times: n.data, grams: g.data as never },
          }
        },
      },
    ]
  return [
    {
      name: 'Weigh',
      fields: [{ label: 'Grams left now' }],
      read([text = '']) {
        const g = number(RULES.gramsLeft, text)
        return g.success
          ? { kind: 'lot.weighed', subject, data: { lotId: r.id, grams: g.data as never } }
          : message(g)
      },
    },
    {
      name: 'Measure nauplii',
      fields: [{ label: 'Lengths, µm', hint: 'Newly hatched, such as 430 445 452' }],
      read([text = '']) {
        const parts = text.split(/[\s;,]+/).filter(Boolean)
        const all = parts.map(p =>
          number({ label: 'Length of a nauplius', min: 200, max: 1200, unit: 'µm' }, p),
        )
        const bad = all.find(x => !x.success)
        if (parts.length === 0 || parts.length > 100)
          return 'Lengths are empty or more than 100: enter micrometres with spaces between, such as 430 445 452.'
        return bad
          ? message(bad)
          : {
              kind: 'lot.measured',
              subject,
              data: { lotId: r.id, lengthsUm: all.map(x => x.data!) },
            }
      },
    },
  ]
})
const open = ref<number | null>(null)
const texts = ref<string[]>([])
const problem = ref<string | null>(null)
async function log(way: Way) {
  const draft = way.read(texts.value)
  problem.value = typeof draft === 'string' ? draft : null
  if (typeof draft === 'string') return
  const result = await room.write([draft])
  if (!result.ok) return
  undo.offer(result.act, `${props.record.name}: written down.`)
  open.value = null
}
function show(i: number) {
  open.value = i
  texts.value = ways.value[i]!.fields.map(() => '')
  problem.value = null
}
</script>

<template>
  <form
    v-if="open !== null"
    class="flex flex-wrap gap-3 items-end basis-full"
    @input="problem = null"
    @submit.prevent="log(ways[open]!)"
  >
    <label v-for="(f, i) in ways[open]!.fields" :key="f.label" class="font-semibold"
      >{{ f.label }}<span v-if="f.hint" class="small block font-normal">{{ f.hint }}</span
      ><input
        v-model="texts[i]"
        class="field mt-1 block"
        inputmode="text"
        autocomplete="off"
        :aria-invalid="problem ? 'true' : undefined"
    /></label>
    <button class="btn btn-main">Log it</button
    ><button type="button" data-closes class="btn btn-quiet" @click="open = null">Cancel</button>
    <strong v-if="problem" class="text-harm basis-full" role="alert">{{ problem }}</strong>
  </form>
  <template v-else>
    <button
      v-for="(way, i) in ways"
      :key="way.name"
      class="btn btn-quiet underline px-2"
      :aria-label="`${way.name}: ${record.name}`"
      @click="show(i)"
    >
      {{ way.name }}
    </button>
  </template>
</template>
