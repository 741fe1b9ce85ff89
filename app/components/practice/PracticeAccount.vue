<script setup lang="ts">
import { computed } from 'vue'
import type { Readiness } from '@renatus/core/dynamics/contract'
import { foodOf } from '@renatus/core/foods/index'
import type { Practised } from '@renatus/core/practice/practise'
import type { Scenario } from '@renatus/core/practice/scenario'
import { numberText } from '@renatus/core/units/numberText'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { STAGES } from '~/words/cultures'
import {
  goalWords,
  judgedWords,
  partedWords,
  signWords,
  TOLD_LINES,
  toldWords,
} from '~/words/practice'
import TruthPicture from './TruthPicture.vue'

/** What was true all along, what it was taken for, and each decision against what could be known. */
const props = defineProps<{
  scenario: Scenario
  seed: number
  account: Practised
  /** What was said of each vessel, by day and vessel. */
  said: ReadonlyMap<string, { saw: string; sure: number }>
}>()
const MOST_TOLD = 4
const WORTH_TELLING = 0.15
const OTHERS = [
  ['fixed', 'The card by fixed days', 'Card'],
  ['advice', 'Renatus, followed blindly', 'Renatus'],
  ['random', 'Anything at random', 'Random'],
  ['perfect', 'Who sees into it', 'Sees it'],
] as const
const bars = computed(() => [
  { name: 'You', goal: props.account.outcome.goal },
  ...OTHERS.map(([id, name]) => ({ name, goal: props.account.outcome[id] })),
])
/** What it took everybody to reach that. */
const spent = computed(() => {
  const { told, toldOf } = props.account
  if (!told || !toldOf) return []
  return [{ name: 'You', told }, ...OTHERS.map(([id, , name]) => ({ name, told: toldOf[id] }))]
})
const lines = computed(() => {
  const told = props.account.told
  return told ? TOLD_LINES.filter(line => line.of(told) !== null) : []
})
/** What is drawn of each vessel. */
const drawn = computed(() =>
  'vessels' in props.scenario
    ? props.scenario.vessels.map(v => foodOf(v.foodId)!.profile.units)
    : [],
)
const isHands = computed(() => props.scenario.kind === 'hands')
const dear = computed(() =>
  props.scenario.kind === 'look' || isHands.value
    ? []
    : props.account.decisions
        .filter(d => d.value < -WORTH_TELLING)
        .toSorted((a, b) => a.value - b.value)
        .slice(0, MOST_TOLD)
        .toSorted((a, b) => a.day - b.day),
)
const days = computed(() =>
  props.account.course
    .filter(c => c.truth !== null)
    .map(c => ({
      ...c,
      truth: c.truth!.readiness,
      saw: props.said.get(`${c.day} ${c.vessel}`)?.saw ?? null,
    })),
)
type Row = (typeof days.value)[number] & { until: number }
/** Days alike are one line. */
const rows = computed(() => {
  const found: Row[] = []
  const isLike = (a: Row, b: (typeof days.value)[number]) =>
    a.vessel === b.vessel &&
    a.truth === b.truth &&
    a.saw === b.saw &&
    a.tells === b.tells &&
    a.belief?.readiness === b.belief?.readiness
  for (const d of days.value.toSorted((a, b) => a.vessel - b.vessel || a.day - b.day)) {
    const last = found.at(-1)
    if (last && props.scenario.kind !== 'look' && isLike(last, d)) last.until = d.day
    else found.push({ ...d, until: d.day })
  }
  return found
})
function dayWords(r: Row): string {
  if (props.scenario.kind === 'look') return String(r.day + 1)
  return r.until > r.day ? `${r.day} to ${r.until}` : String(r.day)
}
const mark = (r: string) => STAGES[r as keyof typeof STAGES].mark
const word = (r: string) => STAGES[r as keyof typeof STAGES].word
/** One picture a vessel. */
const pictures = computed(() =>
  props.scenario.kind === 'look' || props.scenario.kind === 'hands'
    ? []
    : props.scenario.vessels
        .map((v, i) => ({
          name: foodOf(v.foodId)!.profile.name,
          days: days.value.filter(d => d.vessel === i).toSorted((a, b) => a.day - b.day),
        }))
        .filter(p => p.days.length > 1),
)
/** Where the learner and the truth first parted. */
const parted = computed(() => {
  const at = days.value.find(d => d.saw !== null && d.saw !== d.truth)
  if (!at || props.scenario.kind === 'look') return null
  return partedWords({ when: `Day ${at.day}`, ...at, saw: at.saw as Readiness })
})
const many = computed(() => new Set(days.value.map(d => d.vessel)).size > 1)
</script>

<template>
  <div class="grid gap-6">
    <section class="grid gap-2">
      <ShelfEdge name="What was reached" />
      <p class="sentence">
        You reached
        <span class="amount" data-testid="goal">{{ goalWords(account.outcome.goal) }}</span>.
        <template v-if="account.told">{{ toldWords(account.told, drawn) }}.</template>
      </p>
      <ul class="max-w-xl grid gap-1">
        <li
          v-for="b in bars"
          :key="b.name"
          class="grid grid-cols-[11rem_1fr_3.5rem] gap-3 items-center"
        >
          <span :class="{ 'font-bold': b.name === 'You' }">{{ b.name }}</span>
          <span class="h-4 border border-line-strong" aria-hidden="true"
            ><span
              class="block h-full"
              :class="b.name === 'You' ? 'bg-due' : 'bg-plan'"
              :style="{ width: `${Math.round(100 * b.goal)}%` }"
          /></span>
          <span class="num text-right">{{ goalWords(b.goal) }}</span>
        </li>
      </ul>
      <div
        v-if="spent.length"
        class="overflow-x-auto max-w-xl"
        tabindex="0"
        role="group"
        aria-label="What it took"
      >
        <table class="num w-full whitespace-nowrap">
          <thead>
            <tr>
              <th scope="col" class="text-left">It took</th>
              <th
                v-for="s in spent"
                :key="s.name"
                scope="col"
                class="text-right pl-2"
                :class="s.name === 'You' ? 'font-bold' : 'font-normal'"
              >
                {{ s.name }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in lines" :key="line.name" class="border-t border-line">
              <th scope="row" class="text-left font-normal">{{ line.name }}</th>
              <td v-for="s in spent" :key="s.name" class="text-right pl-2">
                {{ line.of(s.told) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="max-w-prose">{{ scenario.teaches }}</p>
    </section>
    <section v-if="dear.length" class="grid gap-2">
      <ShelfEdge name="Decisions, by what you could know" />
      <ul class="grid gap-2 max-w-prose">
        <li v-for="d in dear" :key="`${d.day} ${d.vessel}`">{{ judgedWords(d) }}</li>
      </ul>
    </section>
    <section v-if="!isHands" class="grid gap-2">
      <ShelfEdge name="What was true" />
      <template v-for="(p, i) in pictures" :key="i">
        <p v-if="many" class="font-semibold">{{ i + 1 }}. {{ p.name }}</p>
        <TruthPicture :name="p.name" :days="p.days" />
      </template>
      <p v-if="parted" class="max-w-prose">{{ parted }}</p>
      <div class="overflow-x-auto" tabindex="0" role="group" aria-label="What was true, day by day">
        <table class="num whitespace-nowrap">
          <thead>
            <tr>
              <th scope="col" class="text-left pr-4">
                {{ scenario.kind === 'look' ? 'Vessel' : 'Day' }}
              </th>
              <th v-if="many" scope="col" class="text-left pr-4">Vessel</th>
              <th scope="col" class="text-left pr-4">It was</th>
              <th scope="col" class="text-left pr-4">You said</th>
              <th scope="col" class="text-left pr-4">The signs said</th>
              <th scope="col" class="text-left">What tells them apart</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="d in rows" :key="`${d.day} ${d.vessel}`" class="rule">
              <td class="pr-4">{{ dayWords(d) }}</td>
              <td v-if="many" class="pr-4">{{ d.vessel + 1 }}</td>
              <td class="pr-4">{{ mark(d.truth) }} {{ word(d.truth) }}</td>
              <td class="pr-4" :class="{ 'font-bold': d.saw !== null && d.saw !== d.truth }">
                {{ d.saw === null ? '–' : `${mark(d.saw)} ${word(d.saw)}` }}
              </td>
              <td class="pr-4">
                <template v-if="d.belief"
                  >{{ word(d.belief.readiness) }},
                  {{ Math.round(100 * d.belief.chance) }} %</template
                >
              </td>
              <td>{{ d.tells ? signWords(d.tells) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <p class="small">
      Nothing was changed after the first day: seed {{ seed }}.<template v-if="account.judgement">
        How sure you were was off by {{ numberText(account.judgement.brier, { digits: 2 }) }} (0 is
        perfect, 0.25 knows nothing).</template
      >
    </p>
  </div>
</template>
