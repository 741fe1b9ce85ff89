<script setup lang="ts">
import { computed } from 'vue'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import CoverBars from './CoverBars.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodInText } from '~/words/foods'
import { isSure, span, sureWords, wayWords } from '~/words/ahead'
import { plural } from '~/words/round'

/** Each brood over the days of the plan: how sure its food is, and what is short with every way to close it. */
const props = defineProps<{ plan: CulturePlan }>()
const room = useRoomStore()
const units = useUnits()
const isNew = (food: string) => !room.state!.room.foods.includes(food)
const keepFood = (food: string) => room.save(keepingFoods(room.state!, [food]))
const SHOWN = 3
const broods = computed(() =>
  (room.state?.broods ?? []).flatMap(b => {
    const days = props.plan.cover.filter(c => c.brood === b.id)
    if (days.length === 0) return []
    const first = Math.round((Date.parse(days[0]!.day) - Date.parse(props.plan.from)) / 86_400_000)
    const gaps = props.plan.gaps.filter(g => g.brood === b.id)
    const sure = sureWords(days, units.date)
    return [
      {
        id: b.id,
        name: b.name,
        free: b.freeOn > props.plan.from ? `swims free ${units.date(b.freeOn)}` : `day ${b.day}`,
        days,
        first,
        gaps,
        sure,
      },
    ]
  }),
)
/** So many broods of which nothing is to be told are each shown; more are named, and shown to whoever asks. */
const MOST_QUIET = 6
const quiet = computed(() => {
  const calm = broods.value.filter(b => b.gaps.length === 0 && isSure(b.days))
  return calm.length > MOST_QUIET ? calm : []
})
/** What the bars of a brood show, for whoever does not see them. */
function spoken(b: (typeof broods.value)[number]): string {
  const short = (g: (typeof b.gaps)[number]) =>
    `${Math.round(g.share * 100)} % short ${span(g.from, g.to, units.date)}`
  return `${b.name}, ${props.plan.days} days: ${b.sure} ${b.gaps.map(short).join('; ')}`.trim()
}
const told = computed(() => broods.value.filter(b => !quiet.value.includes(b)))
</script>

<template>
  <section aria-labelledby="cover">
    <ShelfEdge id="cover" name="Cover by brood" />
    <p v-if="broods.length === 0" class="sentence mt-2">No brood eats within these days.</p>
    <article
      v-for="b in told"
      :key="b.id"
      class="rule py-3 grid gap-2"
      :data-testid="`cover-${b.name}`"
    >
      <p class="flex flex-wrap gap-x-3 items-baseline">
        <strong>{{ b.name }}</strong><span class="small">{{ b.free }}. {{ b.sure }}</span>
      </p>
      <CoverBars :days="b.days" :first="b.first" :of="plan.days" :label="spoken(b)" />
      <div v-for="g in b.gaps" :key="g.from" class="border-l-[6px] border-harm pl-3">
        <p>
          <strong>Up to {{ Math.round(g.share * 100) }} % short</strong>
          {{ span(g.from, g.to, units.date) }}.
        </p>
        <ol v-if="g.ways.length" class="small list-decimal pl-5">
          <li v-for="(w, i) in g.ways.slice(0, SHOWN)" :key="i">
            {{ wayWords(w, units.date) }}
            <button v-if="isNew(w.food)" class="btn my-1" @click="keepFood(w.food)">
              Keep {{ foodInText(w.food) }} here
            </button>
          </li>
        </ol>
        <details v-if="g.ways.length > SHOWN">
          <summary class="link min-h-12 inline-flex items-center">
            {{ g.ways.length - SHOWN }} more
          </summary>
          <ol class="small list-decimal pl-5" :start="SHOWN + 1">
            <li v-for="(w, i) in g.ways.slice(SHOWN)" :key="i">
              {{ wayWords(w, units.date) }}
              <button v-if="isNew(w.food)" class="btn my-1" @click="keepFood(w.food)">
                Keep {{ foodInText(w.food) }} here
              </button>
            </li>
          </ol>
        </details>
        <p v-if="g.ways.length === 0" class="small">
          Nothing that is known fits and comes in time. See its sheet, or move it to where it is
          fed.
        </p>
      </div>
    </article>
    <details v-if="quiet.length" class="rule">
      <summary class="link min-h-12 inline-flex items-center">
        {{ plural(quiet.length, 'brood') }} more: every day is as good as certain
      </summary>
      <div v-for="b in quiet" :key="b.id" class="py-2 grid gap-1" :data-testid="`cover-${b.name}`">
        <p class="flex flex-wrap gap-x-3 items-baseline">
          <strong>{{ b.name }}</strong><span class="small">{{ b.free }}.</span>
        </p>
        <CoverBars :days="b.days" :first="b.first" :of="plan.days" :label="spoken(b)" />
      </div>
    </details>
    <p class="small mt-2">
      One bar a day from {{ units.date(plan.from) }} on: as high as its food is sure in 1,000
      simulated futures. Hollow and crossed: short by plan.
    </p>
  </section>
</template>
