<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { DECAPSULATION_C } from '@renatus/core/water/decapsulation'
import {
  bathAdvice,
  CYST_COLOURS,
  type CystColour,
  type DecapsulationCourse,
} from '@renatus/core/water/decapsulationCourse'
import ThumbInput from '~/components/shared/ThumbInput.vue'
import { useSecond } from '~/composables/useNow'
import { useUnits } from '~/composables/useUnits'
import { isJump } from '@renatus/core/instruments/reading'
import { JUMPS } from '~/words/instruments'
import { CLOCK_WORDS, COLOURS, WARMTH_WORDS } from '~/words/decapsulation'
import { numberOf, temperatureField } from '~/words/fields'
import { bathPicture } from './bathPicture'

/** The bath: minutes, warmth and colour, each against its limits. */
const props = defineProps<{ course: DecapsulationCourse }>()
const emit = defineEmits<{ read: [celsius: number]; seen: [colour: CystColour] }>()
const units = useUnits()
const second = useSecond()
const advice = computed(() => bathAdvice(props.course, new Date(second.value).toISOString()))
const shown = computed(() => {
  const s = Math.floor(advice.value.minutes * 60)
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
})
const id = useId()
/** Cysts come out of the ice. */
const CHILLED_C = 18
const typed = ref('')
/** What was typed and is hard to believe: the same again counts. */
const doubted = ref('')
const problem = ref<string | null>(null)
const last = computed(() => props.course.readings.at(-1)?.c ?? 18)
function read() {
  const text = typed.value.trim() || String(units.toTemperatureUnit(last.value))
  const parsed = temperatureField(
    { label: 'The bath', min: -2, max: 60, hint: 'Is a point missing?' },
    units.measures.value,
  ).safeParse(text)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (!parsed.success) return
  const before = props.course.readings.at(-1)?.c ?? CHILLED_C
  if (isJump(parsed.data, before) && doubted.value !== text) {
    doubted.value = text
    problem.value = JUMPS(units.celsius(parsed.data), units.celsius(before))
    return
  }
  emit('read', parsed.data)
  typed.value = ''
}
const drawn = computed(() => bathPicture(props.course))
const warm = computed(() => !['cool', 'unread'].includes(advice.value.warmth))
</script>

<template>
  <div class="grid gap-5 desk:grid-cols-2">
    <section class="grid gap-3 content-start" aria-label="Clock and colour">
      <p>
        <span class="text-[3rem] leading-none font-bold num" role="timer">{{ shown }}</span>
        <span class="small"> min in the bleach</span>
      </p>
      <p class="sentence" role="status">
        <strong :class="{ 'text-harm': advice.clock === 'latest' }">{{
          CLOCK_WORDS[advice.clock]
        }}</strong>
      </p>
      <div class="grid grid-cols-3 gap-2" role="radiogroup" aria-label="Colour of the cysts">
        <button
          v-for="colour in CYST_COLOURS"
          :key="colour"
          type="button"
          role="radio"
          :aria-checked="course.colour === colour"
          class="grid gap-1 border-[3px] p-2 bg-paper cursor-pointer text-left content-start"
          :class="course.colour === colour ? 'border-ink' : 'border-line'"
          @click="emit('seen', colour)"
        >
          <span
            class="block h-14 border border-line-strong"
            :style="{ background: COLOURS[colour].fill }"
          /><strong class="leading-tight">{{ COLOURS[colour].name }}</strong
          ><span class="small leading-tight">{{ COLOURS[colour].looks }}</span>
        </button>
      </div>
    </section>
    <section class="grid gap-3 content-start" aria-label="Thermometer">
      <form class="grid gap-2" @submit.prevent="read">
        <label class="font-semibold" :for="id"
          >Thermometer, {{ units.temperatureUnit.value }}</label
        >
        <div class="flex gap-2 items-center">
          <ThumbInput
            :id="id"
            v-model="typed"
            class="max-w-64"
            :from="units.toTemperatureUnit(last)"
            :next="(v, way) => Math.round(v) + way"
            :read="numberOf"
            :placeholder="String(Math.round(units.toTemperatureUnit(last)))"
          /><button class="btn">Read</button>
        </div>
      </form>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <p class="sentence" role="status">
        <strong :class="{ 'text-harm': warm }">{{ WARMTH_WORDS[advice.warmth] }}</strong>
        <span v-if="advice.readAgain && course.readings.length" class="small"> Read again.</span>
      </p>
      <figure v-if="drawn.points.length" class="grid gap-1">
        <svg viewBox="0 0 320 150" class="w-full max-w-lg" role="img" :aria-label="drawn.label">
          <g v-for="l in drawn.limits" :key="l.c">
            <line
              x1="34"
              :x2="312"
              :y1="l.y"
              :y2="l.y"
              stroke="var(--harm)"
              stroke-dasharray="5 4"
            />
            <text x="40" :y="l.y - 3" font-size="12" fill="var(--harm)">
              {{ l.text }}
            </text>
          </g>
          <text
            v-for="t in drawn.ticks"
            :key="t.c"
            x="28"
            :y="t.y + 4"
            text-anchor="end"
            font-size="12"
            fill="var(--ink-2)"
          >
            {{ t.text }}
          </text>
          <polyline :points="drawn.line" fill="none" stroke="var(--ink)" stroke-width="2.5" />
          <circle
            v-for="p in drawn.points"
            :key="p.x"
            :cx="p.x"
            :cy="p.y"
            r="4"
            fill="var(--ink)"
          />
        </svg>
        <figcaption class="small">
          °C as read, over minutes in the bleach; ice from {{ DECAPSULATION_C.ice }} °C, limit
          {{ DECAPSULATION_C.most }} °C
        </figcaption>
      </figure>
    </section>
  </div>
</template>
