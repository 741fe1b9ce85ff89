<script setup lang="ts">
import { computed } from 'vue'
import { namedAsFood } from '@renatus/core/round/wayText'
import { storeUse, storeUseText } from '@renatus/core/round/storeUse'
import { handText } from '@renatus/core/round/handText'
import { lotInUse } from '@renatus/core/stock/lotInUse'
import type { Store } from '@renatus/core/stock/stores'
import type { Round } from '@renatus/core/round/round'
import { useUnits } from '~/composables/useUnits'
import { exportAtOnce } from '~/composables/exportAtOnce'
import { useExportAge } from '~/composables/useExportAge'
import { useRoomStore } from '~/stores/room'
import { beginsWith } from '@renatus/core/foods/beginsWith'
import { useStores } from '~/composables/useStores'
import { lotHatchWords } from '~/words/cysts'
import { foodInText, foodName } from '~/words/foods'
import { pieces } from '~/words/gel'
import { plural } from '~/words/round'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import DayLine from './DayLine.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'

/** What the round should know beside its stops: gaps, what comes next, what is in hand. */
const props = defineProps<{ round: Round }>()
const room = useRoomStore()
const units = useUnits()
const exported = useExportAge()
const { fill, order, discard, freeze } = useStores()
/** Meals that nothing will stand ready for, round by round. */
const gaps = computed(() =>
  props.round.reckoning.coming
    .filter(c => c.without.length > 0)
    .map(c => ({
      at: c.round.at,
      tanks: c.without.map(id => room.state?.tanks.find(t => t.id === id)?.name ?? 'a tank'),
    })),
)
/** Foods that were ticked, or that the ladders want, and that stand nowhere in the room. */
const lacking = computed(() =>
  props.round.reckoning.lacking.map(l => ({
    ...l,
    begins: beginsWith(l.foodId),
    names: l.tanks.map(id => room.state?.tanks.find(t => t.id === id)?.name ?? 'a tank'),
  })),
)
/** It is not there and will not be: the ladder is made without it. */
async function leaveOut(foodId: string) {
  const { room: record } = room.state!
  await room.save([{ ...record, foods: record.foods.filter(f => f !== foodId) } as never])
}
/** More vessels are spoken of where those that are here do not suffice. */
const rotation = computed(() => {
  const { rotation: r, gaps: short } = props.round.reckoning.hatch
  const crowded = short.some(g => g.reason === 'no-vessel' || g.reason === 'vessel-too-small')
  return r && r.has < r.vessels && crowded ? r : null
})
const stores = computed(() => room.state?.stores ?? [])
const storeText = (s: Store) => {
  if (s.amount !== null)
    return `${handText({ value: s.amount, unit: s.unit }, units.measures.value)} of`
  return s.organisms === null ? 'Some' : units.count(s.organisms)
}
const boxes = computed(() => room.state?.gel.boxes ?? [])
const lots = computed(() =>
  (room.state?.lots ?? []).filter(l => l.state.gramsLeft > 0 || l.lot.gramsAtStart > 0),
)
const nextLot = computed(() => room.state && lotInUse(room.state)?.lot.id)
</script>

<template>
  <aside class="grid gap-6 content-start" aria-label="Beside the round">
    <section v-if="gaps.length" class="border-l-[6px] border-harm pl-3" role="status">
      <h2>Nothing will be ready</h2>
      <ul class="mt-1 grid gap-1">
        <li v-for="g in gaps.slice(0, 4)" :key="g.at">
          {{ units.when(g.at) }}: {{ g.tanks.join(', ') }}.
        </li>
        <li v-if="gaps.length > 4" class="small">
          and {{ plural(gaps.length - 4, 'more round') }}
        </li>
      </ul>
      <p>
        <NuxtLink to="/ahead" :prefetch="false" class="link inline-flex items-center min-h-12"
          >What would close it</NuxtLink
        >
      </p>
    </section>
    <section v-if="lacking.length" class="border-l-[6px] border-due pl-3">
      <h2>Wanted and not here</h2>
      <div v-for="l in lacking" :key="l.foodId" class="mt-2">
        <p>
          <strong>{{ foodName(l.foodId) }}</strong> would be on the table of
          {{ l.names.join(', ') }}. Until it is here they get what stands in the room.
        </p>
        <p class="flex flex-wrap gap-2 mt-1">
          <NuxtLink v-if="l.begins === 'cysts'" class="btn" :prefetch="false" to="/bench"
            >Hatch {{ foodInText(l.foodId) }}</NuxtLink
          >
          <NuxtLink
            v-else-if="l.begins !== 'bought'"
            class="btn"
            :prefetch="false"
            :to="`/shelf/start?food=${l.foodId}`"
            >Start {{ foodInText(l.foodId) }}</NuxtLink
          >
          <button v-if="l.begins === 'starter'" class="btn" @click="order(l.foodId)">
            Order a starter
          </button>
          <template v-if="l.begins === 'bought'"
            ><button class="btn" @click="order(l.foodId)">Order it</button
            ><button class="btn" @click="fill(l.foodId)">It is here</button></template
          >
          <button class="btn btn-quiet" @click="leaveOut(l.foodId)">Leave it out</button>
        </p>
      </div>
    </section>
    <section
      v-if="exported.due.value && room.which === 'own'"
      class="border-l-[6px] border-due pl-3"
    >
      <p><strong>Export the room this week.</strong> {{ exported.text.value }}</p>
      <p class="mt-2 flex flex-wrap gap-3 items-center">
        <button class="btn" @click="exportAtOnce()">Export it now</button>
        <NuxtLink class="link" :prefetch="false" to="/setup#data">Let it copy itself</NuxtLink>
      </p>
    </section>
    <DayLine v-if="room.state?.broods.length" :round="round" />
    <section v-if="stores.length || boxes.length || lots.length">
      <ShelfEdge name="In hand" />
      <ul class="mt-1">
        <li v-for="s in stores" :key="s.id" class="rule">
          <details>
            <summary class="cursor-pointer py-1 max-desk:min-h-12">
              <span class="num font-semibold">{{ storeText(s) }}</span> {{ foodInText(s.foodId)
              }}<template v-if="!namedAsFood(s.name, s.foodId)">, {{ s.name }}</template>
              <span class="small block">{{ storeUseText(storeUse(s, room.now), units.when) }}</span>
            </summary>
            <p v-if="s.organisms !== null" class="small">
              <template v-if="s.amount !== null">{{ units.count(s.organisms) }} in it. </template
              ><template v-if="s.energy < 0.99"
                >{{ units.share(s.energy) }} of the yolk left.</template
              >
            </p>
            <p v-if="s.keep === 'fridge'" class="flex flex-wrap gap-2 py-1">
              <button
                v-if="storeUse(s, room.now).is !== 'harm'"
                class="btn"
                :aria-label="`Freeze ${s.name}`"
                @click="freeze(s)"
              >
                Freeze the rest
              </button>
              <button class="btn btn-quiet" :aria-label="`Pour away ${s.name}`" @click="discard(s)">
                Pour away
              </button>
            </p>
          </details>
        </li>
        <li v-for="b in boxes" :key="b.id" class="rule py-1">
          <span class="num font-semibold">{{ pieces(b.pieces) }}</span> of gel in {{ b.name }}<br />
          <span class="small"
            >in the {{ b.store }};
            <NuxtLink class="link" :prefetch="false" to="/gel">who gets what</NuxtLink></span
          >
        </li>
        <li v-for="l in lots" :key="l.lot.id" class="rule py-1">
          <span class="num font-semibold">{{ units.grams(l.state.gramsLeft) }}</span> cysts of
          {{ l.lot.name }}<br />
          <span class="small"
            >{{ lotHatchWords(l, room.state!.today)
            }}<template v-if="lots.length > 1 && l.lot.id === nextLot">; used next</template>;
            <NuxtLink class="link" :prefetch="false" to="/stores">how long it lasts</NuxtLink></span
          >
        </li>
      </ul>
    </section>
    <section v-if="rotation">
      <ShelfEdge name="Rotation" />
      <p class="mt-2">
        A steady rotation needs
        <strong>{{ plural(rotation.vessels, 'vessel') }}</strong>; you have {{ rotation.has }}.
      </p>
      <WhyPanel :reasons="[rotation.why]" :ask="`Why ${rotation.vessels}?`" />
    </section>
  </aside>
</template>
