<script setup lang="ts">
import { shortMinutes } from '~/words/planMinutes'
import InTurn from '~/components/shared/InTurn.vue'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import { aheadPicture } from '@renatus/core/planning/plan/aheadPicture'
import { comesLate } from '@renatus/core/planning/plan/decisions'
import AheadWhatIf from '~/components/ahead/AheadWhatIf.vue'
import ChangeList from '~/components/ahead/ChangeList.vue'
import CoverList from '~/components/ahead/CoverList.vue'
import DecisionList from '~/components/ahead/DecisionList.vue'
import AheadPicture from '~/components/ahead/AheadPicture.vue'
import WhatIfAnswer from '~/components/ahead/WhatIfAnswer.vue'
import MouthPanel from '~/components/ahead/MouthPanel.vue'
import LanePanel from '~/components/ahead/LanePanel.vue'
import StartPanel from '~/components/ahead/StartPanel.vue'
import PlanStatus from '~/components/ahead/PlanStatus.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useAsIf } from '~/composables/useAsIf'
import { useHeldStarts } from '~/composables/useHeldStarts'
import { useAheadStore } from '~/stores/ahead'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { newFoodWords } from '~/words/ahead'
import { plural } from '~/words/round'

/** Will there be food, and what must be started when. */
const room = useRoomStore()
const ahead = useAheadStore()
const cultures = useCulturesStore()
watch(
  () => ahead.key,
  key => {
    if (key !== '' && ahead.stale) void ahead.propose()
  },
  { immediate: true },
)

/** Weeks that are looked ahead to. */
const WEEKS = [2, 4, 8, 13, 17]
const CERTAINTIES = [0.8, 0.9, 0.95, 0.99]
const plan = computed(() => ahead.proposal)
/** What is on show: as it would be with what the hand holds, or as somebody asked, else as proposed. */
const shown = computed(() => ahead.tried ?? ahead.answer ?? plan.value)
const asIf = useAsIf()
const top = useTemplateRef<HTMLElement>('top')
watch(asIf.asked, async is => {
  if (!is) return
  await nextTick()
  top.value?.scrollIntoView({ block: 'start' })
})
const newFoods = computed(() =>
  (plan.value?.takesUp ?? []).filter(f => !room.state?.room.foods.includes(f)),
)
const takesUp = computed(() => newFoodWords(newFoods.value))
const keepFoods = () => room.save(keepingFoods(room.state!, newFoods.value))
const lead = computed(() => {
  const p = plan.value
  if (!p) return ''
  const vessels = p.starts.reduce((n, s) => n + s.vessels, 0)
  const starters = new Set(p.starts.filter(s => s.orderBy !== null).map(s => s.food)).size
  const orders = starters + p.gets.length
  const starts =
    vessels === 0
      ? 'nothing to start'
      : `${plural(vessels, 'vessel')} in ${plural(p.starts.length, 'start')}`
  return [
    starts,
    ...(orders > 0 ? [plural(orders, 'order')] : []),
    plural(p.hatches.length, 'hatch', 'hatches'),
    p.gaps.length === 0 ? 'no gap' : plural(p.gaps.length, 'gap'),
  ].join(', ')
})
const tooMuch = computed(() => (plan.value ? shortMinutes(plan.value.labour) : null))
const hand = useHeldStarts()
const days = computed(() => Math.min(plan.value?.days ?? 0, ahead.shownDays))
const picture = computed(() => {
  const state = asIf.state.value
  const starts = asIf.asked.value ? asIf.starts.value : hand.shown.value
  return shown.value && state
    ? aheadPicture(shown.value, state, cultures.readings, starts, days.value)
    : null
})
const picked = ref<string | null>(null)
/** What is selected; before anything is, the start that comes first. */
const selected = computed(() => {
  const known = (what: string) =>
    hand.starts.value.some(s => s.id === what) ||
    picture.value?.lanes.some(l => l.food === what) ||
    picture.value?.mouths.some(m => m.brood === what)
  if (picked.value !== null && known(picked.value)) return picked.value
  return [...hand.shown.value].sort((a, b) => (a.on < b.on ? -1 : 1))[0]?.id ?? null
})
const start = computed(() => {
  const original = hand.original(selected.value ?? '')
  if (!original) return null
  const now = hand.shown.value.find(s => s.id === original.id)
  return { original, now: now ?? original, touched: hand.hand[original.id] !== undefined }
})
const mouth = computed(() => picture.value?.mouths.find(m => m.brood === selected.value) ?? null)
const lane = computed(() => picture.value?.lanes.find(l => l.food === selected.value) ?? null)
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-4">
    <div class="grid gap-3">
      <div class="flex flex-wrap gap-x-6 gap-y-3 items-center">
        <div class="grow flex flex-wrap gap-x-4 items-baseline">
          <h1>Ahead</h1>
          <p v-if="plan" class="small">
            {{ plural(Math.round(plan.days / 7), 'week') }}: <strong>{{ lead }}.</strong>
          </p>
        </div>
        <label class="font-semibold flex items-center gap-2"
          >Look ahead<select v-model.number="ahead.shownDays" class="field w-auto font-normal">
            <option v-for="w in WEEKS" :key="w" :value="w * 7">{{ w }} weeks</option>
          </select></label
        >
        <label class="font-semibold flex items-center gap-2"
          >Certainty<select v-model.number="ahead.certainty" class="field w-auto font-normal">
            <option v-for="c in CERTAINTIES" :key="c" :value="c">
              {{ Math.round(c * 100) }} %
            </option>
          </select></label
        >
      </div>
      <div
        v-if="newFoods.length"
        class="border-l-[6px] border-plan pl-3 flex flex-wrap items-center gap-2"
      >
        <p>
          <strong>{{ takesUp.first }}</strong> would be new here: what is kept does not fill every
          mouth on every day.
          <template v-if="ahead.changes.length">Whoever keeps the plan keeps the food.</template>
        </p>
        <button v-if="!ahead.changes.length" class="btn" @click="keepFoods">
          Keep {{ takesUp.within }} here
        </button>
      </div>
      <p v-if="tooMuch" class="border-l-[6px] border-due pl-3">
        {{ tooMuch }}
        <NuxtLink to="/setup" :prefetch="false" class="link">Minutes of the rounds</NuxtLink>
      </p>
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
      <!-- A phone says first what to do; a wide screen shows it. -->
      <div class="flex flex-col gap-4 desk:flex-col-reverse">
        <DecisionList :plan="plan" />
        <div ref="top" class="grid grid-cols-1 gap-4 scroll-mt-20">
          <p
            v-if="asIf.asked.value"
            role="status"
            class="border-l-[6px] border-plan pl-3 flex flex-wrap gap-3 items-center"
          >
            <strong>{{ asIf.words.value }}</strong><button class="btn" @click="asIf.back">
              Back to the plan
            </button>
          </p>
          <InTurn
            ><AheadPicture
              v-if="picture"
              :fixed="asIf.asked.value"
              :picture="picture"
              :from="plan.from"
              :selected="selected"
              :touched="hand.touched.value.map(s => s.id)"
              @select="what => (picked = what)"
              @move="hand.moveTo"
              @give-up="hand.giveUp"
          /></InTurn>
          <InTurn
            ><WhatIfAnswer v-if="asIf.asked.value" />
            <StartPanel
              v-else-if="start"
              :start="start.now"
              :original="start.original"
              :touched="start.touched"
              :late="!!plan && comesLate(plan, start.now)"
              @earlier="hand.moveTo(start.original.id, hand.dayOf(start.now) - 1)"
              @later="hand.moveTo(start.original.id, hand.dayOf(start.now) + 1)"
              @fewer="hand.number(start.original.id, start.now.vessels - 1)"
              @more="hand.number(start.original.id, start.now.vessels + 1)"
              @school="method => hand.school(start!.original.id, method)"
              @give-up="hand.giveUp(start.original.id)"
              @put-back="hand.putBack"
              @keep="void hand.keep()" />
            <MouthPanel v-else-if="mouth" :mouth="mouth" :from="plan.from" />
            <LanePanel v-else-if="lane" :lane="lane" :plan="plan"
          /></InTurn>
        </div>
      </div>
      <InTurn><ChangeList /></InTurn>
      <InTurn><CoverList v-if="shown" :plan="shown" /></InTurn>
      <p class="flex flex-wrap gap-2">
        <NuxtLink to="/sheet" :prefetch="false" class="btn">Calendar, table and paper</NuxtLink>
      </p>
      <InTurn><AheadWhatIf /></InTurn>
    </template>
  </div>
</template>
