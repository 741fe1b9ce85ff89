<script setup lang="ts">
import { computed } from 'vue'
import { decisions } from '@renatus/core/planning/plan/decisions'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { decisionWords } from '~/words/ahead'

/** The next five decisions, in words. */
const props = defineProps<{ plan: CulturePlan }>()
const room = useRoomStore()
const units = useUnits()
const names = {
  brood: (id: string) => room.state?.broods.find(b => b.id === id)?.name ?? 'the stock',
  date: units.date,
}
const lines = computed(() =>
  decisions(props.plan, room.timeZone).map(d => ({
    d,
    on: d.on === room.state?.today ? 'Today' : units.date(d.on),
    ...decisionWords(d, names),
  })),
)
</script>

<template>
  <section aria-labelledby="decisions">
    <ShelfEdge
      id="decisions"
      :name="lines.length === 5 ? 'The next five decisions' : 'The next decisions'"
    />
    <ol v-if="lines.length">
      <li
        v-for="(l, i) in lines"
        :key="i"
        class="py-3 grid gap-x-5 sm:grid-cols-[6.5rem_minmax(0,1fr)] items-baseline"
        :class="i === 0 ? 'border-2 border-ink bg-paper px-3 -mx-3' : 'rule'"
        :data-testid="`decision-${i}`"
      >
        <p class="font-semibold" :class="l.on === 'Today' ? 'text-due' : ''">{{ l.on }}</p>
        <p class="sentence">
          {{ l.verb }} <span class="amount whitespace-normal">{{ l.amount }}</span> {{ l.rest }}
        </p>
      </li>
    </ol>
    <p v-else class="sentence mt-2">
      Nothing to decide: what runs carries every brood through these {{ plan.days }} days.
    </p>
  </section>
</template>
