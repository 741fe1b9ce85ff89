<script setup lang="ts">
import { computed, watch } from 'vue'
import { addDays, daysBetween } from '@renatus/core/time/localDate'
import { HORIZON } from '@renatus/core/planning/plan/request'
import type { StartLine } from '@renatus/core/planning/plan/request'
import AheadWhatIf from '~/components/ahead/AheadWhatIf.vue'
import ChangeList from '~/components/ahead/ChangeList.vue'
import CoverList from '~/components/ahead/CoverList.vue'
import DecisionList from '~/components/ahead/DecisionList.vue'
import FoodAhead from '~/components/ahead/FoodAhead.vue'
import PlanStatus from '~/components/ahead/PlanStatus.vue'
import type { Pin } from '~/components/ahead/pins'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** Will there be food, and what must be started when. */
const room = useRoomStore()
const ahead = useAheadStore()
const units = useUnits()
watch(
  () => ahead.key,
  key => {
    if (key !== '' && ahead.stale) void ahead.propose()
  },
  { immediate: true },
)

const HORIZONS = [HORIZON.least, 42, 60, 90, HORIZON.most]
const CERTAINTIES = [0.8, 0.9, 0.95, 0.99]
const plan = computed(() => ahead.proposal)
/** What is on show: as it would be with what the hand holds, else as proposed. */
const shown = computed(() => ahead.tried ?? plan.value)
const lead = computed(() => {
  const p = plan.value
  if (!p) return ''
  const starts = p.starts.reduce((n, s) => n + s.vessels, 0)
  return `${plural(p.days, 'day')} from ${units.date(p.from)}: ${starts === 0 ? 'nothing to start' : `${plural(starts, 'vessel')} to start in ${plural(p.starts.length, 'start')}`}, ${plural(p.hatches.length, 'hatch', 'hatches')}, ${p.gaps.length === 0 ? 'no gap' : plural(p.gaps.length, 'gap')}.`
})

interface Held extends Pin {
  line: StartLine
}
/** Kept starts, with the proposed ones that are not kept; before anything is kept, what is proposed. */
const held = computed((): Record<string, Held[]> => {
  const p = plan.value
  if (!p) return {}
  const found: Record<string, Held[]> = {}
  const add = (food: string, pin: Held) => {
    found[food] = [...(found[food] ?? []), pin]
  }
  for (const s of ahead.left)
    add(s.food, {
      id: s.id,
      day: daysBetween(p.from, s.on),
      vessels: s.vessels,
      kept: true,
      done: 0,
      line: s,
    })
  for (const c of ahead.changes)
    if (c.kind === 'new')
      add(c.is!.food, {
        id: `new ${c.is!.food} ${c.is!.on}`,
        day: daysBetween(p.from, c.is!.on),
        vessels: c.is!.vessels,
        kept: false,
        done: 0,
        line: c.is!,
      })
  return found
})
const pinsOf = (food: string) =>
  (held.value[food] ?? []).filter(h => h.day >= 0 && h.day < (plan.value?.days ?? 0))
const curves = computed(() =>
  [...(plan.value?.curves ?? [])].sort(
    (a, b) =>
      (pinsOf(b.food).length > 0 ? 1 : 0) - (pinsOf(a.food).length > 0 ? 1 : 0) ||
      sum(b.wanted) - sum(a.wanted),
  ),
)
const sum = (list: readonly number[]) => list.filter(x => x > 0).length
const lastOf = (food: string) =>
  (plan.value?.lastStarts ?? [])
    .filter(l => l.food === food)
    .map(l => {
      const name = room.state?.broods.find(b => b.id === l.brood)?.name ?? 'a brood'
      return {
        name,
        on:
          l.on < plan.value!.from
            ? `past (${units.date(l.on)}); started today ${Math.round(l.likely * 100)} % sure for ${units.date(l.neededOn)}`
            : `${units.date(l.on)}, for ${units.date(l.neededOn)}`,
      }
    })

type Moves = readonly { id: string; day: number | null }[]
/** All starts as they would be with these moves. */
const linesWith = (moves: Moves): StartLine[] =>
  Object.values(held.value)
    .flat()
    .flatMap(h => {
      const move = moves.find(m => m.id === h.id)
      if (move?.day === null) return []
      const { food, method, vessels, on } = h.line
      return [{ food, method, vessels, on: move ? addDays(plan.value!.from, move.day!) : on }]
    })
async function keep(moves: Moves) {
  const all = Object.values(held.value).flat()
  const lines = moves.flatMap(m => {
    const pin = all.find(h => h.id === m.id)
    return pin
      ? [{ line: pin.line, on: m.day === null ? null : addDays(plan.value!.from, m.day) }]
      : []
  })
  await ahead.move(
    lines,
    moves.every(m => m.day === null) ? 'The start is given up.' : 'The start is pinned there.',
  )
  ahead.forget()
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div class="grid gap-3">
      <div class="flex flex-wrap gap-x-6 gap-y-3 items-end">
        <div class="grow">
          <h1>Ahead</h1>
          <p class="small mt-1">{{ lead }}</p>
        </div>
        <label class="font-semibold"
          >Days<select v-model.number="ahead.days" class="field mt-1 font-normal">
            <option v-for="d in HORIZONS" :key="d" :value="d">{{ d }} days</option>
          </select></label
        >
        <label class="font-semibold"
          >Certainty<select v-model.number="ahead.certainty" class="field mt-1 font-normal">
            <option v-for="c in CERTAINTIES" :key="c" :value="c">
              {{ Math.round(c * 100) }} %
            </option>
          </select></label
        >
      </div>
      <PlanStatus />
      <UndoLine />
    </div>
    <p v-if="room.state.broods.length === 0" class="sentence">
      Add a brood, and the plan works back from its first meal.
      <NuxtLink to="/broods?new=1" :prefetch="false" class="btn btn-main ml-2"
        >Add a brood</NuxtLink
      >
    </p>
    <template v-else-if="plan">
      <DecisionList :plan="plan" />
      <ChangeList />
      <CoverList v-if="shown" :plan="shown" />
      <section v-if="curves.length" aria-label="Foods">
        <ShelfEdge name="Need and supply" />
        <p class="small mt-2">
          Dashed line: what the ladders would like. Thick line: supply, four days in five within the
          dotted ones. Squares: starts with their number of vessels, proposed ones with a broken
          edge. Drag them, or move them with the arrow keys; Delete gives one up.
        </p>
        <FoodAhead
          v-for="c in curves"
          :key="c.food"
          :curve="c"
          :from="plan.from"
          :days="plan.days"
          :pins="pinsOf(c.food)"
          :profile="plan.profiles[c.food] ?? []"
          :last-starts="lastOf(c.food)"
          :busy="ahead.side.busy"
          @moved="m => void ahead.tryStarts(linesWith(m))"
          @keep="m => void keep(m)"
          @back="ahead.forget()"
        />
      </section>
      <p class="flex flex-wrap gap-2">
        <NuxtLink to="/sheet" :prefetch="false" class="btn">Calendar, table and paper</NuxtLink>
      </p>
      <AheadWhatIf />
    </template>
  </div>
</template>
