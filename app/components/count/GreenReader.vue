<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed, ref } from 'vue'
import { asFactor, readingKey } from '@renatus/core/estimation/learning/readings'
import { readGreen, type WaterReading } from '@renatus/core/estimation/greenReading'
import { useEye } from '~/composables/useEye'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { GREEN_PROBLEMS } from '~/words/count'
import { numberField } from '~/words/fields'
import { plural } from '~/words/round'
import PictureCanvas, { type Mark } from './PictureCanvas.vue'
import PictureSource from './PictureSource.vue'
import type { Sample } from './sample'

/** Green water by the depth at which a stick vanishes, or by its colour against white. */
const props = defineProps<{ sample: Sample }>()
const emit = defineEmits<{ save: [reading: WaterReading] }>()
const room = useRoomStore()
const units = useUnits()
const eye = useEye()
const by = ref<'secchi' | 'colour'>('secchi')
const depth = ref('')
const path = ref('10')
const white = ref<{ x: number; y: number; grey: number } | null>(null)
const water = ref<{ x: number; y: number; grey: number } | null>(null)
const asking = computed(() => (white.value === null || water.value !== null ? 'white' : 'water'))
const parsedDepth = computed(() =>
  depth.value.trim() === ''
    ? null
    : numberField({ label: 'Depth', min: 0.5, max: 300, unit: 'cm' }).safeParse(depth.value),
)
const parsedPath = computed(() =>
  numberField({ label: 'Depth of water looked through', min: 0.2, max: 100, unit: 'cm' }).safeParse(
    path.value,
  ),
)
const problem = computed(() => {
  const parsed = by.value === 'secchi' ? parsedDepth.value : parsedPath.value
  return parsed && !parsed.success ? parsed.error.issues[0]!.message : null
})
const reading = computed((): WaterReading | null => {
  if (by.value === 'secchi')
    return parsedDepth.value?.success ? { by: 'secchi', depthCm: parsedDepth.value.data } : null
  return parsedPath.value.success && white.value && water.value
    ? {
        by: 'colour',
        pathCm: parsedPath.value.data,
        white: Math.max(1, white.value.grey),
        sample: water.value.grey,
      }
    : null
})
const learned = computed(
  () => room.state?.learned.readings[readingKey(props.sample.foodId, by.value)],
)
const result = computed(
  () => reading.value && readGreen(props.sample.foodId, reading.value, asFactor(learned.value)),
)
const marks = computed((): Mark[] => [
  ...(white.value ? [{ ...white.value, radius: 14, kind: 'white' as const, text: 'white' }] : []),
  ...(water.value ? [{ ...water.value, radius: 14, kind: 'water' as const, text: 'water' }] : []),
])
async function point(x: number, y: number) {
  const grey = await eye.grey(x, y)
  if (grey === null) return
  if (asking.value === 'white') {
    white.value = { x, y, grey }
    water.value = null
  } else water.value = { x, y, grey }
}
async function picked(file: File) {
  white.value = water.value = null
  await eye.open(file, async () => true)
}
</script>

<template>
  <div class="grid gap-6 desk:grid-cols-2">
    <div class="grid gap-4 content-start">
      <fieldset class="grid gap-1">
        <legend class="font-semibold">How it is read</legend>
        <label class="flex items-center gap-3 min-h-12 cursor-pointer"
          ><input
            v-model="by"
            type="radio"
            value="secchi"
            class="size-6 accent-[var(--plan)] shrink-0"
          />A marked stick: the depth at which its end vanishes</label
        >
        <label class="flex items-center gap-3 min-h-12 cursor-pointer"
          ><input
            v-model="by"
            type="radio"
            value="colour"
            class="size-6 accent-[var(--plan)] shrink-0"
          />A picture of a glass of it on white paper</label
        >
      </fieldset>
      <label v-if="by === 'secchi'" class="font-semibold"
        >The end vanishes at<span class="font-normal text-ink2">, cm</span
        ><input
          v-model="depth"
          class="field mt-1 max-w-40 block"
          inputmode="decimal"
          autocomplete="off"
          :aria-invalid="parsedDepth && !parsedDepth.success ? 'true' : undefined"
      /></label>
      <template v-else>
        <label class="font-semibold"
          >Water looked through<span class="font-normal text-ink2">, cm</span
          ><input
            v-model="path"
            class="field mt-1 max-w-40 block"
            inputmode="decimal"
            autocomplete="off"
            :aria-invalid="parsedPath.success ? undefined : 'true'"
        /></label>
        <PictureSource :busy="eye.busy.value" @picked="picked" @stop="eye.stop" />
        <p v-if="eye.problem.value" role="alert" class="border-l-4 border-harm pl-3">
          <strong>{{ eye.problem.value }}</strong>
        </p>
        <p v-else-if="!eye.picture.value" class="small">
          Stand a straight glass on white paper in even light, and look straight down into it with
          the camera.
        </p>
        <div v-else>
          <p class="font-semibold mb-1" role="status">
            {{
              asking === 'white'
                ? water
                  ? 'Tap the white again to change it.'
                  : 'Tap the bare white paper.'
                : 'Now tap the water.'
            }}
          </p>
          <PictureCanvas
            :picture="eye.picture.value"
            :marks="marks"
            :label="`The picture: point at the ${asking === 'white' ? 'bare white' : 'water'}. Arrow keys move a cross, Enter takes the point.`"
            @point="point"
          />
        </div>
      </template>
      <p v-if="problem">
        <strong role="alert" class="text-harm">{{ problem }}</strong>
      </p>
    </div>
    <div class="grid gap-3 content-start" aria-live="polite">
      <template v-if="result?.ok">
        <p class="sentence">
          <span class="amount" data-testid="green-per-ml">{{ units.count(result.perMl) }}</span>
          cells per mL
        </p>
        <p class="num">
          Between {{ units.count(result.low) }} and {{ units.count(result.high) }} with 95 %
          certainty; {{ numberText(result.mgPerL, { digits: 2 }) }} mg dry matter per litre.
        </p>
        <p v-if="sample.litres !== null" class="num">
          {{ sample.label }} holds about
          <strong>{{ units.count(result.perMl * sample.litres * 1000) }}</strong> in
          {{ units.litres(sample.litres) }}.
        </p>
        <p class="small">
          {{
            learned
              ? `Set right by ${plural(learned.from, 'count')} of the same water: ${learned.value.toFixed(2)} times what the book makes of it.`
              : 'Not set right yet: count cells of the same water within half a day, and the next reading is surer.'
          }}
        </p>
        <p>
          <button class="btn btn-main" @click="reading && emit('save', reading)">
            Write it down
          </button>
        </p>
      </template>
      <p v-else-if="result" class="border-l-4 border-due pl-3">{{ GREEN_PROBLEMS[result.why] }}</p>
      <p v-else class="small">
        {{
          by === 'secchi'
            ? 'Put the stick in slowly, in room light, and read the depth where its end is just gone.'
            : 'The darker the water makes the white, the denser it is.'
        }}
      </p>
    </div>
  </div>
</template>
