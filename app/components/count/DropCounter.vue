<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { densityOf } from '@renatus/core/estimation/counting'
import { plural } from '~/words/round'
import CountResult from './CountResult.vue'
import DropVolume from './DropVolume.vue'
import type { Sample } from './sample'
import { unitsOf } from './sample'

/** One tap an animal, drop by drop. What was tapped survives a reload. */
const props = defineProps<{ sample: Sample }>()
const emit = defineEmits<{ save: [counts: number[], dropMl: number, done: () => void] }>()
const KEY = 'renatus.count'
const MOST = 100_000
const kept = JSON.parse(sessionStorage.getItem(KEY) ?? 'null') as {
  counts: number[]
  now: number
  dropMl: number
} | null
const counts = ref<number[]>(kept?.counts ?? [])
const now = ref(kept?.now ?? 0)
const dropMl = ref(kept?.dropMl ?? 0.05)
watch(
  [counts, now, dropMl],
  () =>
    sessionStorage.setItem(
      KEY,
      JSON.stringify({ counts: counts.value, now: now.value, dropMl: dropMl.value }),
    ),
  { deep: true },
)

const units = computed(() => unitsOf(props.sample.foodId))
/** The drop under the lens counts once it is finished, or while it is all there is. */
const whole = computed(() =>
  counts.value.length === 0 || now.value > 0 ? [...counts.value, now.value] : counts.value,
)
const density = computed(() => densityOf({ counts: whole.value, dropMl: dropMl.value }))
const started = computed(() => counts.value.length > 0 || now.value > 0)

const add = (n: number) => {
  now.value = Math.min(MOST, Math.max(0, now.value + n))
}
function next() {
  counts.value = [...counts.value, now.value]
  now.value = 0
}
function back(i: number) {
  now.value = counts.value[i]!
  counts.value = counts.value.filter((_c, k) => k !== i)
}
function clear() {
  counts.value = []
  now.value = 0
}
function key(e: KeyboardEvent) {
  const act = {
    'Enter': next,
    '+': () => add(1),
    'ArrowUp': () => add(1),
    '-': () => add(-1),
    'ArrowDown': () => add(-1),
    'Backspace': () => add(-1),
  }[e.key]
  if (!act) return
  e.preventDefault()
  act()
}
</script>

<template>
  <div class="grid gap-6 desk:grid-cols-2">
    <div class="grid gap-3 content-start">
      <button
        class="border-[3px] border-ink bg-paper w-full min-h-52 grid place-content-center text-center cursor-pointer touch-manipulation select-none active:bg-ground"
        data-testid="tap"
        :aria-label="`Drop ${counts.length + 1}: ${now} ${units}. One tap for each.`"
        @click="add(1)"
        @keydown="key"
      >
        <span class="block huge leading-none font-bold num" aria-hidden="true">{{ now }}</span>
        <span class="block mt-3" aria-hidden="true"
          >drop {{ counts.length + 1 }}: tap once for each</span
        >
      </button>
      <div class="grid grid-cols-3 gap-2">
        <button class="btn px-2" :disabled="now === 0" @click="add(-1)">One less</button>
        <button class="btn px-2" @click="add(10)">Ten more</button>
        <button class="btn btn-main px-2 whitespace-nowrap" @click="next">Next drop</button>
      </div>
      <p class="small hidden desk:block">
        On the keyboard, with the field in focus: space or + adds, − takes back, Enter is the next
        drop.
      </p>
    </div>
    <div class="grid gap-4 content-start">
      <DropVolume v-model="dropMl" label="One drop" />
      <div v-if="counts.length">
        <p class="font-semibold mb-1">Drops counted</p>
        <ul class="flex flex-wrap gap-2">
          <li v-for="(c, i) in counts" :key="i">
            <button
              class="btn num"
              :aria-label="`Drop ${i + 1}: ${c}. Count it again.`"
              @click="back(i)"
            >
              {{ c }}
            </button>
          </li>
        </ul>
        <p class="small mt-1">Tap one to take it back under the lens.</p>
      </div>
      <CountResult
        v-if="started"
        :density="density"
        :units="units"
        :litres="sample.litres"
        :vessel="sample.label"
      />
      <p v-else class="small">
        Swirl the water, take a drop, and tap once for each animal you see. Three drops or more tell
        how well it was mixed.
      </p>
      <div v-if="started" class="flex flex-wrap gap-2">
        <button
          class="btn btn-main"
          data-testid="write-count"
          @click="emit('save', whole, dropMl, clear)"
        >
          Write down {{ plural(whole.length, 'drop') }}
        </button>
        <button class="btn btn-quiet" @click="clear">Start over</button>
      </div>
    </div>
  </div>
</template>
