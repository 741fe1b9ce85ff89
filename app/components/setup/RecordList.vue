<script setup lang="ts">
import { boxWords, lotHatchWords } from '~/words/cysts'
import { computed, ref } from 'vue'
import type { AnyRecord, RecordOf } from '@renatus/core/records/records'
import { SPECIES } from '@renatus/core/fry/species/index'
import HoldButton from '~/components/shared/HoldButton.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { trayVolume } from '@renatus/core/stock/gelKitchen'
import { FORM_WORDS } from '~/words/gel'
import RecordForm from './RecordForm.vue'
import RecordMeasure from './RecordMeasure.vue'
import { isOfForm, type EditableType } from './recordForm'
import { RECORD_FORMS, TOOL_KINDS } from './recordForms'
import { SALT_CHOICES } from './salts'

const props = defineProps<{ type: EditableType; addable?: boolean }>()
const room = useRoomStore()
const units = useUnits()
const editing = ref<string | null>(null)
const records = computed(() =>
  (room.records ?? [])
    .filter(r => isOfForm(props.type, r) && r.removedAt === null)
    .sort((a, b) => (a.id < b.id ? -1 : 1)),
)
/** What still stands on a record keeps it from being removed. */
function inUse(r: AnyRecord): string | null {
  const s = room.state!
  if (r.type === 'tank')
    return s.broods.some(b => b.brood.tankId === r.id) ? 'a brood lives in it' : null
  if (r.type === 'species')
    return s.broods.some(b => b.brood.speciesId === r.id) ? 'a brood is of it' : null
  if (r.type === 'vessel') {
    const held = s.cultureStates.find(c => c.ended === null && c.record.vesselId === r.id)
    return held ? `${held.hatch ? 'a hatch' : held.record.name} is in it` : null
  }
  return r.type === 'place' ? standsAt(r.id) : null
}
function standsAt(placeId: string): string | null {
  const s = room.state!
  if (s.vessels.some(v => v.placeId === placeId)) return 'vessels stand there'
  if (s.cultureStates.some(c => c.ended === null && c.placeId === placeId))
    return 'cultures stand there'
  return s.tanks.some(t => t.placeId === placeId) ? 'tanks stand there' : null
}
const LINES: { [T in AnyRecord['type']]?: (r: RecordOf<T>) => string } = {
  'vessel': r =>
    r.hatching && r.temperatureC !== null
      ? `${units.litres(r.litres)} (${units.litresToo(r.litres)}), ${units.celsius(r.temperatureC)}, ${r.lit ? 'lit' : 'dark'}`
      : `${r.kind}, ${units.litres(r.litres)}`,
  'salt': r =>
    `${SALT_CHOICES.find(c => c.value === r.kind)?.label}, ${r.gPerMl} g/mL${r.iodised ? ', with additives' : ''}`,
  'lot': lotLine,
  'species': r =>
    `${r.latin ? `${r.latin}, ` : ''}${r.firstFeedingMm} mm at first feeding, copied from ${SPECIES.find(s => s.id === r.basedOn)?.names[0] ?? r.basedOn}`,
  'tool': r => {
    const ml = room.state!.learned.tools[r.id]?.ml.value
    const how = ml === undefined ? ' as printed' : ' by weight'
    return `${TOOL_KINDS[r.kind]}, ${Number((ml ?? r.ml).toPrecision(3))} mL${how}`
  },
  'gel-tray': r =>
    `${FORM_WORDS[r.form]}, ${units.ml(trayVolume(r))}${'cells' in r.fill ? `, ${r.fill.cells} cells` : ''}`,
  'tank': r => {
    const grown = r.grown ? `, ${r.grown.fish} grown fish of ${r.grown.lengthMm} mm` : ''
    return `${units.litres(r.litres)}, ${units.celsius(r.temperatureC)}${grown}`
  },
}
function lotLine(r: RecordOf<'lot'>): string {
  const lot = room.state!.lots.find(l => l.lot.id === r.id)
  const hatches = lot ? lotHatchWords(lot, room.state!.today) : `hatches ${units.share(r.hatch)}`
  const price = lot?.state.pricePerGram
    ? `, ${((lot.state.pricePerGram * 1000) / (r.cystsPerG * lot.state.hatch)).toPrecision(2)} per thousand nauplii`
    : ''
  return `${lot ? units.grams(lot.state.gramsLeft) : ''} left${lot ? boxWords(lot) : ''}, ${hatches}${price}`
}
const line = (r: AnyRecord): string =>
  (LINES[r.type] as ((x: AnyRecord) => string) | undefined)?.(r) ?? ''
/** Records of which a room may have none. */
const OPTIONAL: readonly EditableType[] = ['tank', 'species', 'tool', 'vessel', 'gel-tray']
</script>

<template>
  <section class="grid gap-2">
    <div class="flex items-center gap-3">
      <h2>{{ RECORD_FORMS[type].title }}</h2>
      <span class="edge" />
    </div>
    <p v-if="type === 'tool' && !records.length" class="small">
      A pipette, the drop it makes, or a spoon of your own: weigh a few fillings of water once, and
      counts become surer.
    </p>
    <p v-if="type === 'gel-tray' && !records.length" class="small">
      What gel is poured into: a tray with cells, a flat bag, a twig or a cave to coat. Name it
      once, and every batch fits it.
    </p>
    <p v-if="type === 'vessel' && !records.length" class="small">
      Jars, tubs and buckets that are used again and again: named once, they can be chosen at each
      start, and none is used twice.
    </p>
    <p v-if="type === 'species' && !records.length" class="small">
      A fish the catalogue lacks: copy the nearest one and change what you know better.
    </p>
    <ul>
      <li v-for="r in records" :key="r.id" class="rule py-1">
        <RecordForm
          v-if="editing === r.id"
          :type="type"
          :record="r"
          @saved="editing = null"
          @cancel="editing = null"
        />
        <div v-else class="flex flex-wrap items-center gap-x-3 gap-y-1 min-h-12">
          <p class="grow">
            <strong>{{ r.name }}</strong> <span class="small">{{ line(r) }}</span>
          </p>
          <RecordMeasure v-if="r.type === 'lot' || r.type === 'tool'" :record="r" />
          <button
            class="btn btn-quiet underline px-2"
            :aria-label="`Change ${r.name}`"
            @click="editing = r.id"
          >
            Change
          </button>
          <span v-if="inUse(r)" class="small">{{ inUse(r) }}</span>
          <HoldButton
            v-else-if="records.length > 1 || OPTIONAL.includes(type)"
            label="Remove"
            @held="room.remove(r.id)"
          />
        </div>
      </li>
    </ul>
    <RecordForm
      v-if="editing === 'new'"
      :type="type"
      @saved="editing = null"
      @cancel="editing = null"
    />
    <p v-else-if="addable"><button class="btn" @click="editing = 'new'">Add</button></p>
  </section>
</template>
