<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed, ref } from 'vue'
import { lengthMm } from '@renatus/core/fry/growth'
import type { BroodState } from '@renatus/core/stock/broodState'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useBroodDay } from '~/composables/useBroodDay'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { plural } from '~/words/round'

/** What the book says, what was measured and seen, and what is believed now. */
const props = defineProps<{ brood: BroodState }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const { day } = useBroodDay(computed(() => props.brood))
const book = computed(() => {
  const s = props.brood.species!
  const length = lengthMm(
    s,
    Math.max(0, props.brood.day),
    temperatureOn(props.brood.water, room.state!.today),
  )
  return { length, gape: s.gapePerLength * length }
})
const typed = ref('')
const problem = ref<string | null>(null)
const doubt = ref<number[] | null>(null)
const latest = computed(() => props.brood.measured.at(-1) ?? null)

function read(): number[] | null {
  const parts = typed.value.split(/[;\s]+|,(?=\s)/).filter(Boolean)
  if (parts.length === 0) parts.push('')
  const lengths: number[] = []
  for (const part of parts) {
    const parsed = numberField({
      label: 'Length',
      min: 1,
      max: 500,
      unit: 'mm',
      hint: 'Several lengths are parted by spaces.',
    }).safeParse(part)
    if (!parsed.success) {
      problem.value = parsed.error.issues[0]!.message
      return null
    }
    lengths.push(parsed.data)
  }
  return lengths
}
async function measure() {
  problem.value = null
  const lengths = read()
  if (!lengths) return
  const mean = lengths.reduce((a, b) => a + b, 0) / lengths.length
  if (latest.value && mean < latest.value.lengthMm - 0.3 && doubt.value === null) {
    problem.value = `Length cannot well be “${mean.toFixed(1)}” mm: on ${units.date(latest.value.on)} it was ${latest.value.lengthMm.toFixed(1)} mm, and fry do not shrink. Look at the ruler again, correct the older one in the Log, or log it all the same.`
    doubt.value = lengths
    return
  }
  const result = await room.write([
    {
      kind: 'brood.measured',
      subject: { type: 'brood', id: props.brood.id },
      data: { broodId: props.brood.id, on: room.state!.today, lengthsMm: lengths },
    },
  ])
  if (result.ok) undo.offer(result.act, `${props.brood.name}: ${mean.toFixed(1)} mm measured.`)
  typed.value = ''
  doubt.value = null
}
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Growth and mouth" />
    <table class="w-full text-left num">
      <thead class="small">
        <tr>
          <th class="font-normal py-1">today</th>
          <th class="font-normal">by the book</th>
          <th class="font-normal">as seen here</th>
        </tr>
      </thead>
      <tbody>
        <tr class="border-t border-line">
          <th scope="row" class="font-normal py-2">Length</th>
          <td>{{ book.length.toFixed(1) }} mm</td>
          <td>
            <strong>{{ day?.lengthMm.toFixed(1) ?? '–' }} mm</strong>
          </td>
        </tr>
        <tr class="border-t border-line">
          <th scope="row" class="font-normal py-2">Mouth</th>
          <td>{{ book.gape.toFixed(2) }} mm</td>
          <td>
            <strong>{{ day ? (day.gapeUm / 1000).toFixed(2) : '–' }} mm</strong>
          </td>
        </tr>
        <tr class="border-t border-line">
          <th scope="row" class="font-normal py-2">Growth rate</th>
          <td>1</td>
          <td>
            <strong>× {{ brood.growth.factor.toFixed(2) }}</strong
            >{{ ' ' }}
            <span class="small"
              >± {{ units.share(brood.growth.sd) }}, from
              {{ plural(brood.growth.lengths, 'measuring') }}</span
            >
          </td>
        </tr>
        <tr class="border-t border-line">
          <th scope="row" class="font-normal py-2">Gape per length</th>
          <td>{{ brood.species!.gapePerLength }}</td>
          <td>
            <strong>× {{ brood.gape.factor.toFixed(2) }}</strong
            >{{ ' ' }}
            <span class="small"
              >± {{ units.share(brood.gape.sd) }}, from {{ plural(brood.gape.looks, 'look') }}</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <form
      v-if="brood.day >= 0"
      class="flex flex-wrap gap-2 items-end"
      @input="problem = null"
      @submit.prevent="measure"
    >
      <label class="font-semibold grow"
        >Lengths measured, mm<input
          v-model="typed"
          class="field mt-1 font-normal"
          inputmode="text"
          placeholder="5.2 5.0 5.6"
          @input="doubt = null"
      /></label>
      <button class="btn">{{ doubt ? 'Log it all the same' : 'Log it' }}</button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p class="small">
      A photo through the glass with a ruler behind it is near enough: from the second measuring on,
      yours replace the book.
      {{
        brood.species!.sources.length14Mm === 'working estimate'
          ? 'Growth and gape of the book are working estimates.'
          : `Source: ${brood.species!.sources.length14Mm}.`
      }}
    </p>
  </section>
</template>
