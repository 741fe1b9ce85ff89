<script setup lang="ts">
import { computed, ref } from 'vue'
import { densityOf } from '@renatus/core/estimation/counting'
import { tally, type PictureCount } from '@renatus/core/estimation/picture/countPicture'
import { useEye } from '~/composables/useEye'
import { PICTURE_PROBLEMS } from '~/words/count'
import { plural } from '~/words/round'
import CountResult from './CountResult.vue'
import DropVolume from './DropVolume.vue'
import PictureCanvas, { type Mark } from './PictureCanvas.vue'
import PictureSource from './PictureSource.vue'
import { unitsOf, type Sample } from './sample'

/** Counts a photo, lets the user add and strike out, and turns it into a density. */
const props = defineProps<{ sample: Sample }>()
const emit = defineEmits<{ save: [counts: number[], dropMl: number, done: () => void] }>()
interface Spot {
  x: number
  y: number
  animals: number
  radius: number
  kind: 'found' | 'added' | 'struck'
}
const eye = useEye()
const spots = ref<Spot[]>([])
const one = ref(100)
const volumeMl = ref(0.05)
const problem = ref<string | null>(null)
/** Number of the practice field on the table, what it really held once that was asked, and its kind. */
const field = ref<number | null>(null)
const truth = ref<number | null>(null)
const units = computed(() => unitsOf(props.sample.foodId))
const kept = computed(() => spots.value.filter(s => s.kind !== 'struck'))
const count = computed(() => tally(kept.value))
const density = computed(() => densityOf({ counts: [count.value.animals], dropMl: volumeMl.value }))
/** The drop is a sample, and the picture may be misread: the errors add as squares. */
const widened = computed((): [number, number] => {
  const d = density.value
  const off = (side: number, own: number) => Math.hypot(side, own / volumeMl.value)
  return [
    Math.max(0, d.perMl - off(d.perMl - d.lo, count.value.animals - count.value.low)),
    d.perMl + off(d.hi - d.perMl, count.value.high - count.value.animals),
  ]
})
const marks = computed((): Mark[] =>
  spots.value.map(s => ({
    x: s.x,
    y: s.y,
    radius: s.radius,
    kind: s.kind,
    ...(s.animals > 1 && s.kind !== 'struck' ? { text: String(s.animals) } : {}),
  })),
)
const radiusOf = (area: number) => Math.sqrt(area / Math.PI) * 1.5 + 3

function show(result: PictureCount) {
  problem.value = result.ok ? null : PICTURE_PROBLEMS[result.why]
  spots.value = result.ok
    ? result.spots.map(s => ({
        x: s.x,
        y: s.y,
        animals: s.animals,
        radius: radiusOf(s.area),
        kind: 'found',
      }))
    : []
  if (result.ok) one.value = result.oneArea
}
async function look(file: Blob) {
  truth.value = null
  problem.value = null
  const result = await eye.open<PictureCount>(file, async e => e.count())
  if (result) show(result)
}
function picked(file: File) {
  field.value = null
  void look(file)
}
const KINDS: Record<string, string> = {
  'infusoria': 'ciliates',
  'paramecium': 'ciliates',
  'rotifer': 'ciliates',
  'moina': 'daphnids',
  'daphnia-pulex': 'daphnids',
  'daphnia-magna': 'daphnids',
}
const kind = computed(() => KINDS[props.sample.foodId] ?? 'nauplii')
async function practise() {
  const number = 1 + Math.floor(Math.random() * 999_999)
  try {
    const answer = await fetch(`/api/camera/${number}?kind=${kind.value}`)
    if (!answer.ok) throw new Error(String(answer.status))
    field.value = number
    await look(await answer.blob())
  } catch {
    problem.value = PICTURE_PROBLEMS['no-camera']
  }
}
async function reveal() {
  try {
    const answer = await fetch(`/api/camera/${field.value}/truth?kind=${kind.value}`)
    truth.value = ((await answer.json()) as { animals: number }).animals
  } catch {
    problem.value = PICTURE_PROBLEMS['no-camera']
  }
}
/** A point on a mark strikes it out or brings it back; beside all marks it adds one. */
function point(x: number, y: number) {
  const near = spots.value
    .map((s, i) => ({ i, d: Math.hypot(s.x - x, s.y - y), r: s.radius }))
    .filter(s => s.d <= s.r * 1.2)
    .sort((a, b) => a.d - b.d)[0]
  if (!near)
    spots.value = [...spots.value, { x, y, animals: 1, radius: radiusOf(one.value), kind: 'added' }]
  else {
    const s = spots.value[near.i]!
    spots.value =
      s.kind === 'added'
        ? spots.value.filter((_s, i) => i !== near.i)
        : spots.value.map((t, i) =>
            i === near.i ? { ...t, kind: t.kind === 'struck' ? 'found' : 'struck' } : t,
          )
  }
}
function done() {
  spots.value = []
  eye.picture.value = null
  field.value = null
}
</script>

<template>
  <div class="grid gap-4">
    <PictureSource :busy="eye.busy.value" @picked="picked" @stop="eye.stop">
      <button type="button" class="btn" @click="practise">Practice picture</button>
    </PictureSource>
    <p
      v-if="problem ?? eye.problem.value"
      role="alert"
      class="border-l-4 border-harm pl-3 max-w-prose"
    >
      <strong>{{ problem ?? eye.problem.value }}</strong>
    </p>
    <p v-else-if="!eye.picture.value && !eye.busy.value" class="small max-w-prose">
      Put a drop of known volume on a slide or a white tile, light it from one side, and fill the
      frame with it. A practice picture is drawn anew each time, with a number of animals that only
      the camera knows.
    </p>
    <div v-if="eye.picture.value" class="grid gap-6 desk:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <div>
        <PictureCanvas
          :picture="eye.picture.value"
          :marks="marks"
          :label="`The picture: ${count.animals} ${units} marked. Arrow keys move a cross, Enter adds one or strikes one out.`"
          @point="point"
        />
        <p class="small mt-1">
          Ring: found, with a number where several touch. Square: added. Cross: struck out. Tap a
          mark to strike it out, tap beside to add one.
        </p>
      </div>
      <div v-if="!eye.busy.value" class="grid gap-4 content-start">
        <p class="sentence">
          <span class="amount" data-testid="in-picture">{{ count.animals }}</span> in the
          picture<span class="small"
            >, {{ count.low }} to {{ count.high }} as far as it can be read</span
          >
        </p>
        <DropVolume v-model="volumeMl" label="Water in the picture" />
        <CountResult
          v-if="kept.length"
          :density="density"
          :units="units"
          :litres="field === null ? sample.litres : null"
          :vessel="sample.label"
          :widened="widened"
        />
        <template v-if="field !== null">
          <p v-if="truth === null">
            <button class="btn" @click="reveal">Show what was in it</button>
          </p>
          <p v-else role="status" data-testid="truth">
            There were <strong>{{ truth }}</strong>: you are
            {{
              truth === count.animals
                ? 'right'
                : `${plural(Math.abs(truth - count.animals), 'animal')} ${count.animals > truth ? 'over' : 'short'}`
            }}.
          </p>
        </template>
        <div v-if="kept.length && field === null" class="flex flex-wrap gap-2">
          <button class="btn btn-main" @click="emit('save', [count.animals], volumeMl, done)">
            Write down {{ count.animals }}
          </button>
        </div>
        <p v-else-if="field !== null" class="small">
          A practice picture is not written to the log.
        </p>
      </div>
    </div>
  </div>
</template>
