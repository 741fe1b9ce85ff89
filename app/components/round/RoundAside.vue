<script setup lang="ts">
import { computed } from 'vue'
import type { Round } from '@renatus/core/round/round'
import { useUnits } from '~/composables/useUnits'
import { useExportAge } from '~/composables/useExportAge'
import { useRoomStore } from '~/stores/room'
import { GAP_REASONS } from '~/words/hatch'
import { pieces } from '~/words/gel'
import { plural } from '~/words/round'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'

/** What the round should know beside its stops: gaps, what comes next, what is in hand. */
const props = defineProps<{ round: Round }>()
const room = useRoomStore()
const units = useUnits()
const exported = useExportAge()
const gaps = computed(() => {
  const byRound = new Map<string, { at: string; tanks: string[]; reason: string; share: number }>()
  for (const g of props.round.gaps) {
    const found = byRound.get(g.meal.round.key) ?? {
      at: g.meal.at,
      tanks: [],
      reason: GAP_REASONS[g.reason],
      share: 0,
    }
    found.tanks.push(g.meal.tank.name)
    found.share = Math.max(found.share, g.share)
    byRound.set(g.meal.round.key, found)
  }
  return [...byRound.values()]
})
const stores = computed(() => room.state?.stores ?? [])
const boxes = computed(() => room.state?.gel.boxes ?? [])
const lots = computed(() =>
  (room.state?.lots ?? []).filter(l => l.state.gramsLeft > 0 || l.lot.gramsAtStart > 0),
)
const daysLeft = (l: (typeof lots.value)[number]) =>
  l.state.gramsPerDay ? l.state.gramsLeft / l.state.gramsPerDay : null
</script>

<template>
  <aside class="grid gap-6 content-start" aria-label="Beside the round">
    <section v-if="gaps.length" class="border-l-[6px] border-harm pl-3" role="status">
      <h2>Meals without nauplii</h2>
      <ul class="mt-1 grid gap-1">
        <li v-for="g in gaps.slice(0, 4)" :key="g.at">
          {{ units.when(g.at) }}: {{ g.tanks.join(', ')
          }}{{ g.share < 0.95 ? ` (${units.share(g.share)} short)` : '' }}, {{ g.reason }}.
        </li>
        <li v-if="gaps.length > 4" class="small">
          and {{ plural(gaps.length - 4, 'more round') }}
        </li>
      </ul>
      <p class="small mt-1">Bridge them with another small food, or buy live nauplii.</p>
    </section>
    <section
      v-if="exported.due.value && room.which === 'own'"
      class="border-l-[6px] border-due pl-3"
    >
      <p>
        <strong>Export the room this week.</strong> {{ exported.text.value }}
        <NuxtLink class="link" :prefetch="false" to="/setup#data">Export</NuxtLink>
      </p>
    </section>
    <section v-if="stores.length || boxes.length || lots.length">
      <ShelfEdge name="In hand" />
      <ul class="mt-1">
        <li v-for="s in stores" :key="s.id" class="rule py-2">
          <span class="num font-semibold">{{ units.count(s.nauplii) }}</span> nauplii in the
          {{ s.form }}<span v-if="s.cubes">, {{ plural(Math.round(s.cubes * 2) / 2, 'cube') }}</span
          ><br />
          <span class="small"
            >{{ units.share(s.energy) }} of the yolk left<template v-if="s.useBy"
              >, feed by {{ units.when(s.useBy) }}</template
            ></span
          >
        </li>
        <li v-for="b in boxes" :key="b.id" class="rule py-2">
          <span class="num font-semibold">{{ pieces(b.pieces) }}</span> of gel in {{ b.name }}<br />
          <span class="small"
            >in the {{ b.store }};
            <NuxtLink class="link" :prefetch="false" to="/gel">who gets what</NuxtLink></span
          >
        </li>
        <li v-for="l in lots" :key="l.lot.id" class="rule py-2">
          <span class="num font-semibold">{{ units.grams(l.state.gramsLeft) }}</span> cysts of
          {{ l.lot.name }}<br />
          <span class="small"
            >hatches {{ units.share(l.state.hatch)
            }}<template v-if="l.state.counts">
              ({{ units.share(l.state.hatchLow) }} to {{ units.share(l.state.hatchHigh) }}, from
              {{ plural(l.state.counts, 'counted bottle') }})</template
            ><template v-else> says the tin</template
            ><template v-if="daysLeft(l) !== null"
              >, lasts {{ plural(Math.round(daysLeft(l)!), 'day') }}</template
            ></span
          >
        </li>
      </ul>
    </section>
    <section v-if="round.plan.rotation">
      <ShelfEdge name="Rotation" />
      <p class="mt-2">
        A steady rotation needs
        <strong>{{ plural(round.plan.rotation.vessels, 'vessel') }}</strong>; you have
        {{ round.plan.rotation.has }}.
      </p>
      <WhyPanel :reasons="[round.plan.rotation.why]" :ask="`Why ${round.plan.rotation.vessels}?`" />
    </section>
  </aside>
</template>
