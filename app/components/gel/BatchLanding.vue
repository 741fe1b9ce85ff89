<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from '#imports'
import { massBalance } from '@renatus/core/gel/batch'
import { ofDryMatter } from '@renatus/core/gel/composition'
import type { GelMix } from '@renatus/core/records/records'
import type { GelForm } from '@renatus/core/records/vocabulary'
import type { KitchenBatch } from '@renatus/core/stock/gelKitchen'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useGelActions } from '~/composables/useGelActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField, optionalNumber, textField } from '~/words/fields'
import { useGelBroods } from '~/composables/useGelBrood'
import { crumbWords, pieces as inPieces } from '~/words/gel'

/** Where it landed: pieces, mass, left-over; into which box, and where that stands. */
const props = defineProps<{
  mix: GelMix
  batch: KitchenBatch
  trays: readonly { n: number; cells: number | null; form: string }[]
  fillMl: number
  solidShare: number
  lossShare: number
}>()
const room = useRoomStore()
const units = useUnits()
const gel = useGelActions()
const router = useRouter()
const tenth = (x: number) => String(Math.round(x * 10) / 10)
/** A cell is a piece, a coated thing is one; what comes out of a bag is cut. */
const cells = computed(() =>
  props.trays.length > 0 && props.trays.every(t => t.cells !== null || t.form === 'coating')
    ? Math.max(1, Math.round(props.trays.reduce((n, t) => n + t.n * (t.cells ?? 1), 0)))
    : null,
)
const filled = ref(tenth(props.fillMl))
const left = ref('0')
const weighed = ref('')
const edge = ref(cells.value === null ? '5' : '')
const count = ref(cells.value === null ? '' : String(cells.value))
const store = ref<'freezer' | 'fridge'>('freezer')
const box = ref('')
const boxName = computed(
  () =>
    box.value.trim() ||
    `${props.mix.name} ${room.state!.gel.made.filter(b => b.mixId === props.mix.id).length + 1}`.slice(
      0,
      60,
    ),
)
const problem = ref('')

/** What the fry that eat of it want a piece to be. */
const broods = useGelBroods()
const advice = computed(() =>
  broods.value
    .filter(b => b.mix?.id === props.mix.id && b.dryMg > 0)
    .map(b =>
      b.edgeMm !== null
        ? `${b.brood.name} grazes: edges of ${b.edgeMm} mm at most, so that all find a face.`
        : `${b.brood.name} swallows ${crumbWords(b.diet.crumb!)}: grate a thawed piece.`,
    ),
)
const read = computed(() => {
  const f = numberField({
    label: 'Filled',
    min: 0,
    max: 1_000_000,
    unit: 'mL',
    above: true,
  }).safeParse(filled.value)
  const l = numberField({
    label: 'Left in the bowl',
    min: 0,
    max: 1_000_000,
    unit: 'mL',
  }).safeParse(left.value)
  const w = optionalNumber({
    label: 'Weighed',
    min: 0,
    max: 1_000_000,
    unit: 'g',
    above: true,
  }).safeParse(weighed.value)
  const e = optionalNumber({ label: 'Edge of a cube', min: 0.5, max: 200, unit: 'mm' }).safeParse(
    edge.value,
  )
  const name = textField('Name of the box').safeParse(boxName.value)
  for (const p of [f, l, w, e, name])
    if (!p.success) return { ok: false as const, problem: p.error.issues[0]!.message }
  const cut = e.data ? Math.max(1, Math.floor((f.data! * 1000) / e.data ** 3)) : null
  const n = numberField({ label: 'Pieces', min: 1, max: 100_000, whole: true }).safeParse(
    count.value.trim() === '' && cut !== null ? String(cut) : count.value,
  )
  if (!n.success) return { ok: false as const, problem: n.error.issues[0]!.message }
  return {
    ok: true as const,
    filledMl: f.data!,
    leftMl: l.data!,
    landedG: w.data!,
    pieceMm: e.data!,
    pieces: n.data,
    boxName: name.data!,
    cut,
  }
})
/** Powder and water are pieces, left-over and loss. */
const balance = computed(() => {
  const r = read.value
  if (!r.ok) return null
  const { powderG, allWaterMl } = props.batch
  const leftG =
    ((powderG + allWaterMl) * r.leftMl) / (r.filledMl + r.leftMl) / (1 + props.lossShare)
  return massBalance({
    powderG,
    waterG: allWaterMl,
    landedG: r.landedG,
    leftG,
    lossShare: props.lossShare,
  })
})
const odd = computed(() =>
  balance.value && balance.value.lostG < -0.05 * balance.value.inG
    ? `It weighs ${units.grams(balance.value.landedG)}, more than went in (${units.grams(balance.value.inG)}): look at the scale and at the fill.`
    : '',
)

async function save() {
  const r = read.value
  if (!r.ok) {
    problem.value = r.problem
    return
  }
  if (odd.value) {
    problem.value = odd.value
    return
  }
  const { powderG, powderMl, allWaterMl, moisture } = props.batch
  const { protein } = ofDryMatter(props.mix.label)
  const form = (props.trays[0]?.form ?? 'tray') as GelForm
  problem.value =
    (await gel.cooked({
      mixId: props.mix.id,
      boxName: r.boxName,
      store: store.value,
      form,
      powderG,
      powderMl,
      waterMl: allWaterMl,
      filledMl: r.filledMl,
      leftMl: r.leftMl,
      landedG: r.landedG,
      pieces: r.pieces,
      pieceMm: r.pieceMm,
      moisture,
      solidShare: props.solidShare,
      lossShare: props.lossShare,
      protein,
    })) ?? ''
  if (problem.value === '') await router.push('/gel')
}
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Where it landed" />
    <form class="grid gap-4" @submit.prevent="save">
      <div class="grid gap-4 grid-cols-2 desk:grid-cols-4">
        <label class="font-semibold"
          >Filled, mL<input v-model="filled" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Left in the bowl, mL<input v-model="left" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Pieces weigh in all, g<input
            v-model="weighed"
            class="field mt-1"
            inputmode="decimal"
            placeholder="not weighed"
        /></label>
        <label v-if="cells === null" class="font-semibold"
          >Cut to cubes of, mm<input v-model="edge" class="field mt-1" inputmode="decimal"
        /></label>
        <label class="font-semibold"
          >Pieces<input
            v-model="count"
            class="field mt-1"
            inputmode="numeric"
            :placeholder="read.ok && read.cut !== null ? String(read.cut) : ''"
        /></label>
        <label class="font-semibold"
          >Into<select v-model="store" class="field mt-1 font-normal">
            <option value="freezer">freezer, three months</option>
            <option value="fridge">fridge, four days</option>
          </select></label
        >
        <label class="font-semibold col-span-2"
          >Box<input v-model="box" class="field mt-1" :placeholder="boxName"
        /></label>
      </div>
      <p v-for="a in advice" :key="a" class="small">{{ a }}</p>
      <p v-if="read.ok && balance" class="small" data-testid="balance">
        {{ units.grams(balance.inG) }} went in: {{ units.grams(balance.landedG) }} in
        {{ inPieces(read.pieces) }} of {{ units.grams(balance.landedG / read.pieces) }},
        {{ units.grams(balance.leftG) }} left over,
        {{ units.grams(Math.max(0, balance.lostG)) }} lost{{
          read.landedG === null ? ' as reckoned' : ''
        }}. What is weighed teaches the next batch.
      </p>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <p><button class="btn btn-main px-8">It is in the box</button></p>
    </form>
  </section>
</template>
