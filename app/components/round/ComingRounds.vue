<script setup lang="ts">
import { computed } from 'vue'
import type { Round } from '@renatus/core/round/round'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'

/** What the next rounds will hold, so that nobody is surprised by the evening. */
const props = defineProps<{ round: Round }>()
const SHOWN = 4
const room = useRoomStore()
const units = useUnits()
const vesselOf = (id: string) => room.state?.vessels.find(v => v.id === id)?.name ?? 'vessel'

interface Line {
  key: string
  verb: string
  text: string
}
const coming = computed(() => {
  const { plan, current } = props.round
  const rounds = new Map<string, { name: string; at: string; lines: Line[] }>()
  const of = (r: { key: string; name: string; at: string }) => {
    if (!rounds.has(r.key)) rounds.set(r.key, { name: r.name, at: r.at, lines: [] })
    return rounds.get(r.key)!
  }
  for (const meal of plan.meals) of(meal.round)
  for (const pull of plan.pulls)
    of(pull.round).lines.push({
      key: `p${pull.run.id}${pull.pullNo}`,
      verb: 'Harvest',
      text: `${vesselOf(pull.run.setup.vesselId)}, about ${units.count(pull.nauplii)} nauplii`,
    })
  for (const hatch of plan.hatches) {
    hatch.pulls.forEach((p, i) => {
      const r = plan.meals.find(m => m.at === p.at)?.round
      if (r)
        of(r).lines.push({
          key: `${hatch.key}p${i}`,
          verb: 'Harvest',
          text: `${hatch.vessel.name}, about ${units.count(p.nauplii)} nauplii`,
        })
    })
    of(hatch.startRound).lines.push({
      key: hatch.key,
      verb: 'Start',
      text: `${hatch.vessel.name} with ${units.grams(hatch.cystsG)} cysts, for ${units.when(hatch.pulls[0]!.at)}`,
    })
  }
  for (const [key, r] of rounds) {
    const without = new Set(
      plan.gaps.filter(g => g.meal.round.key === key && g.share > 0.95).map(g => g.meal.tank.name),
    )
    const tanks = new Set(
      plan.meals.filter(m => m.round.key === key && !without.has(m.tank.name)).map(m => m.tank.id),
    ).size
    if (tanks > 0) r.lines.push({ key: `m${key}`, verb: 'Feed', text: plural(tanks, 'tank') })
    if (without.size > 0)
      r.lines.push({ key: `g${key}`, verb: 'No nauplii', text: `for ${[...without].join(', ')}` })
  }
  return [...rounds]
    .filter(([key]) => key !== current.key)
    .map(([, r]) => r)
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .slice(0, SHOWN)
})
</script>

<template>
  <section v-if="coming.length" class="mt-2">
    <ShelfEdge name="Coming rounds" />
    <ul>
      <li
        v-for="r in coming"
        :key="r.at"
        class="rule py-3 grid gap-x-5 sm:grid-cols-[11rem_minmax(0,1fr)]"
      >
        <p>
          <strong>{{ units.when(r.at) }}</strong>
        </p>
        <ul>
          <li v-for="l in r.lines" :key="l.key">
            <strong class="font-semibold">{{ l.verb }}</strong> {{ l.text }}
          </li>
        </ul>
      </li>
    </ul>
  </section>
</template>
