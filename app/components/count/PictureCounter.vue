<script setup lang="ts">
import { computed } from 'vue'
import { verdictWords } from '~/words/count'
import CountResult from './CountResult.vue'
import DropVolume from './DropVolume.vue'
import PictureCanvas, { type Mark } from './PictureCanvas.vue'
import PictureSource from './PictureSource.vue'
import { unitsOf, type Sample } from './sample'
import { usePictureCount } from './usePictureCount'

/** Counts a photo, lets the user add and strike out, and turns it into a density. */
const props = defineProps<{ sample: Sample }>()
const emit = defineEmits<{ save: [counts: number[], dropMl: number, done: () => void] }>()
const { eye, problem, field, truth, practise, reveal, ...counted } = usePictureCount(
  () => props.sample.foodId,
)
const { marks, kept, count, density, span, volumeMl, picked, point, done } = counted
const units = computed(() => unitsOf(props.sample.foodId))
/** Heaps carry their number. */
const drawn = computed((): Mark[] =>
  marks.value.map(m =>
    m.animals > 1 && m.kind !== 'struck' ? { ...m, text: String(m.animals) } : m,
  ),
)
</script>

<template>
  <div class="grid gap-4">
    <PictureSource :busy="eye.busy.value" @picked="picked" @stop="eye.stop">
      <button type="button" class="btn" @click="practise">Practice picture</button>
    </PictureSource>
    <p v-if="problem" role="alert" class="border-l-4 border-harm pl-3 max-w-prose">
      <strong>{{ problem }}</strong>
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
          :marks="drawn"
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
          :widened="span"
        />
        <template v-if="field !== null">
          <p v-if="truth === null">
            <button class="btn" @click="reveal">Show what was in it</button>
          </p>
          <p v-else role="status" data-testid="truth">
            There were <strong>{{ truth }}</strong>: you are
            {{ verdictWords(count.animals, truth) }}.
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
