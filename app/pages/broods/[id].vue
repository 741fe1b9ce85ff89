<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from '#app/composables/router'
import { urgency } from '@renatus/core/stock/urgency'
import { sheetRequest, type WhatIf } from '@renatus/core/stock/sheetRequest'
import { addDays } from '@renatus/core/time/localDate'
import BroodCost from '~/components/broods/BroodCost.vue'
import BroodForm from '~/components/broods/BroodForm.vue'
import BroodGrowth from '~/components/broods/BroodGrowth.vue'
import BroodLife from '~/components/broods/BroodLife.vue'
import BroodLoad from '~/components/broods/BroodLoad.vue'
import BroodMeals from '~/components/broods/BroodMeals.vue'
import BroodWhatIf from '~/components/broods/BroodWhatIf.vue'
import BroodWishes from '~/components/broods/BroodWishes.vue'
import LadderPicture from '~/components/broods/LadderPicture.vue'
import InTurn from '~/components/shared/InTurn.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useSheets } from '~/composables/useSheets'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { stageLine, urgencyLine } from '~/words/broods'
import { foodInText, foodName } from '~/words/foods'

const room = useRoomStore()
const units = useUnits()
const router = useRouter()
const id = String((useRoute().params as { id: string }).id)
const editing = ref(false)
const brood = computed(() => room.state?.broods.find(b => b.id === id) ?? null)
/** From the first meal to a month ahead, two months at most. */
const span = computed(() => {
  const day = Math.max(0, brood.value?.day ?? 0)
  const from = Math.max(0, day - 30)
  return { from, days: Math.min(61, Math.max(36, day - from + 31)) }
})
const what = ref<WhatIf>({ warmerC: 0, laterDays: 0 })
const changed = computed(() => what.value.warmerC !== 0 || what.value.laterDays !== 0)
const requests = computed(() => {
  if (!brood.value || !room.state) return []
  const { from, days } = span.value
  return [
    sheetRequest(brood.value, room.state.room, from, days),
    ...(changed.value ? [sheetRequest(brood.value, room.state.room, from, days, what.value)] : []),
  ].flatMap(r => r ?? [])
})
const sheets = useSheets(requests)
const sheet = computed(() => sheets.value?.[0] ?? null)
const other = computed(() => (changed.value ? (sheets.value?.[1] ?? null) : null))
const press = computed(() =>
  brood.value && sheet.value ? urgency(brood.value, sheet.value) : null,
)
const dayOn = (day: number) => units.date(addDays(brood.value!.freeOn, day))
const title = computed(() =>
  brood.value ? `${brood.value.name}${brood.value.tank ? `, ${brood.value.tank.name}` : ''}` : '',
)
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!brood" class="grid gap-3">
    <h1>This brood has ended</h1>
    <p class="sentence">
      It was ended, moved on, or is not in this room. What happened stands in the Log.
    </p>
    <p><NuxtLink class="btn" :prefetch="false" to="/broods">All broods</NuxtLink></p>
  </div>
  <div v-else class="grid grid-cols-1 gap-7">
    <div>
      <div class="flex flex-wrap gap-x-4 gap-y-2 items-start">
        <div class="grow min-w-0">
          <h1>{{ title }}</h1>
          <p class="small mt-1">
            {{ brood.species?.names[0] ?? 'unknown fish'
            }}<template v-if="brood.species?.latin.length"
              >, <i>{{ brood.species.latin.join(', ') }}</i></template
            >. {{ stageLine(brood, units.date) }} About {{ units.whole(brood.fryNow) }} fry.
          </p>
        </div>
        <NuxtLink class="btn" :prefetch="false" to="/broods">All broods</NuxtLink>
        <button class="btn" :aria-expanded="editing" @click="editing = !editing">Change</button>
      </div>
      <UndoLine />
      <p
        v-if="!brood.species"
        role="alert"
        class="mt-3 border-l-[6px] border-harm pl-3 font-semibold"
      >
        “{{ brood.brood.speciesId }}” is a fish this version does not know, perhaps from a file of
        another device. Press Change and choose one; nothing else is lost.
      </p>
      <p
        v-else-if="press && press.code !== 'well'"
        class="mt-3 border-l-[6px] pl-3 sentence"
        :class="press.code.startsWith('gap') ? 'border-harm' : 'border-due'"
        data-testid="urgency"
      >
        {{ urgencyLine(press, sheet) }}
      </p>
    </div>
    <BroodForm
      v-if="editing"
      :brood="brood"
      @saved="editing = false"
      @cancel="editing = false"
      @removed="router.replace('/broods')"
    />
    <template v-if="brood.species && brood.tank">
      <section class="grid grid-cols-1 gap-3 desk:grid-cols-[minmax(0,1fr)_15rem] desk:gap-6">
        <div class="min-w-0">
          <p v-if="!sheet" class="small" role="status">Working out the ladder</p>
          <template v-else>
            <LadderPicture :sheet="sheet" :today="brood.day" :other="other" />
            <p v-if="sheet.next" class="sentence mt-3" data-testid="next-change">
              <strong
                >Next change
                {{
                  sheet.next.day - brood.day <= 0
                    ? 'today'
                    : `in ${sheet.next.day - brood.day} ${sheet.next.day - brood.day === 1 ? 'day' : 'days'}`
                }}.</strong
              >
              {{ foodName(sheet.next.food) }} from day {{ sheet.next.day }} ({{
                dayOn(sheet.next.day)
              }}<template v-if="sheet.next.early !== sheet.next.late"
                >; four in five broods between {{ dayOn(sheet.next.early) }} and
                {{ dayOn(sheet.next.late) }}</template
              >)<template
                v-if="sheet.next.overlapTo !== null && sheet.next.overlapTo > sheet.next.day"
                >: overlap with {{ sheet.next.from.map(foodInText).join(', ') }} until day
                {{ sheet.next.overlapTo }}</template
              >.
            </p>
            <p v-else class="sentence mt-3">No change of food ahead with what this room keeps.</p>
          </template>
        </div>
        <BroodWhatIf v-model="what" :brood="brood" :sheet="sheet" :other="other" />
      </section>
      <BroodMeals :brood="brood" />
      <div class="grid grid-cols-1 gap-7 desk:grid-cols-2 items-start">
        <BroodGrowth :brood="brood" />
        <BroodLoad :brood="brood" />
      </div>
      <BroodWishes :brood="brood" :sheet="sheet" />
      <InTurn><BroodCost :brood-id="brood.id" /></InTurn>
    </template>
    <section class="grid gap-3">
      <ShelfEdge name="Its life" /><BroodLife :brood="brood" @ended="router.replace('/broods')" />
    </section>
  </div>
</template>
