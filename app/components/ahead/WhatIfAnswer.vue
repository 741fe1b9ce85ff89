<script setup lang="ts">
import { computed } from 'vue'
import { planDifference } from '@renatus/core/planning/plan/planDifference'
import { asIfKept, coveredDays, newGaps } from '@renatus/core/planning/plan/whatIf'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { changeWords, span } from '~/words/ahead'
import { plural } from '~/words/round'

/** What the answer to a question does otherwise than the plan as it stands; it stands under the picture that shows it. */
const ahead = useAheadStore()
const room = useRoomStore()
const units = useUnits()
const broods = computed(() => room.state?.broods ?? [])
const against = computed(() => {
  const [was, is] = [ahead.proposal, ahead.answer]
  if (!was || !is) return { lines: [], cover: [], gaps: [] }
  const cover = broods.value.flatMap(b => {
    const [before, after] = [coveredDays(was, b.id), coveredDays(is, b.id)]
    const line = `${b.name}: ${plural(after, 'day')} covered instead of ${before}`
    return before === after ? [] : [line]
  })
  const changes = planDifference(asIfKept(was.starts), is.starts, [])
  return { lines: changes.map(c => changeWords(c, units.date)), cover, gaps: newGaps(was, is) }
})
const lines = computed(() => against.value.lines)
const cover = computed(() => against.value.cover)
const gaps = computed(() => against.value.gaps)
const name = (id: string) => broods.value.find(b => b.id === id)?.name ?? 'a brood'
const away = computed(() => ahead.whatIf.away)
</script>

<template>
  <section
    class="border-2 border-plan bg-paper p-4 grid gap-2"
    aria-label="What would be otherwise"
    data-testid="what-if"
  >
    <p class="sentence">
      <strong>{{
        lines.length === 0
          ? 'The plan would stay as it is.'
          : `Then ${plural(lines.length, 'line')} would be otherwise:`
      }}</strong>
    </p>
    <ul v-if="lines.length" class="grid gap-1">
      <li v-for="(l, i) in lines" :key="i">
        {{ l.verb }} <strong class="num">{{ l.amount }}</strong> {{ l.rest }}
      </li>
    </ul>
    <ul v-if="cover.length" class="grid gap-1">
      <li v-for="c in cover" :key="c">{{ c }}.</li>
    </ul>
    <ul v-if="gaps.length" class="grid gap-1">
      <li v-for="g in gaps" :key="g.brood + g.from" class="border-l-[6px] border-harm pl-3">
        <strong>{{ name(g.brood) }}</strong>: up to {{ Math.round(g.share * 100) }} % short
        {{ span(g.from, g.to, units.date) }}.
      </li>
    </ul>
    <p v-if="lines.length + cover.length + gaps.length === 0">No brood would feel it.</p>
    <p v-if="away">
      <NuxtLink
        class="btn btn-main"
        :prefetch="false"
        :to="`/ahead/sitter?from=${away.from}&days=${away.days}`"
        >Sheet for whoever looks after it</NuxtLink
      >
    </p>
  </section>
</template>
