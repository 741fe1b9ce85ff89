<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref, watchEffect } from 'vue'
import {
  changeShare,
  feedAmount,
  feedInModel,
  renewKept,
  takeShare,
  topUpMl,
  type Tended,
} from '@renatus/core/planning/amounts'
import { afterHarvest } from '@renatus/core/planning/culturePortions'
import {
  acidRefusal,
  feedRefusals,
  harvestRefusals,
  waterRefusals,
} from '@renatus/core/planning/refusals'
import type { Tending, TendingKind } from '@renatus/core/planning/tending'
import type { RefusalId, Water } from '@renatus/core/records/vocabulary'
import { toSpoons } from '@renatus/core/units/toSpoons'
import { useCultureActions } from '~/composables/useCultureActions'
import { useUnits } from '~/composables/useUnits'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useRoomStore } from '~/stores/room'
import { backWords, WANTS } from '~/words/tending'
import CultureRest from './CultureRest.vue'
import CultureReset from './CultureReset.vue'
import CultureSplit from './CultureSplit.vue'
import TendAction from './TendAction.vue'
import { usualWater, WATER_NAMES } from '@renatus/core/planning/usualWater'
import WaterChoice from './WaterChoice.vue'

/** What is done at a culture: what it wants now first, everything else under one heading. */
const props = defineProps<{ tended: Tended; wants: readonly Tending[] }>()
const room = useRoomStore()
const units = useUnits()
const actions = useCultureActions()
const record = computed(() => props.tended.culture.record)
const liquid = computed(() => props.tended.reading.estimate.per === 'mL')
const vesselMl = computed(() => record.value.litres * 1000)
const { volume } = units
const shareText = (share: number) =>
  liquid.value ? volume(share * vesselMl.value) : `${Math.round(share * 100)} % of the surface`
const water = ref<Water>(usualWater(props.tended))

const feed = computed(() => feedAmount(props.tended))
const feedText = computed(() => {
  const f = feed.value
  if (!f) return ''
  if (f.unit === 'each') return units.whole(f.value)
  if (f.unit === 'mL') return volume(f.value)
  const spoons = f.rule.gPerMl ? toSpoons(f.value / f.rule.gPerMl, units.measures.value).spoons : []
  return `${units.grams(f.value)}${spoons.length ? ` (${units.spoons(spoons)})` : ''}`
})
const take = computed(() => takeShare(props.tended))
/** It is ready, and spares something today. */
const takes = computed(() => {
  const { ready, tiring } = props.tended.reading.estimate.readiness
  return ready + tiring > 0.5 && take.value.value > 0.01
})
const back = computed(() => afterHarvest(props.tended, take.value.value).back)
const change = computed(() => changeShare(props.tended))
const topUp = computed(() => topUpMl(props.tended))
const kept = computed(() => renewKept(props.tended))
const acid = computed(() => acidRefusal(props.tended.food, room.state!.entries, props.tended.now))
const withAcid = <T,>(list: readonly T[]) => (acid.value ? [acid.value as T, ...list] : list)
const harvestAgainst = computed(() => withAcid(harvestRefusals(props.tended, take.value.value)))
const waterAgainst = computed(() => waterRefusals(props.tended, water.value))

/** Due now, by the words of the planner; the rest is under one heading. */
const due = computed(
  () => new Map(props.wants.filter(w => w.at <= props.tended.now).map(w => [w.kind, w])),
)
const isDue = (...kinds: TendingKind[]) => kinds.some(k => due.value.has(k))
/** A reading that arrives while somebody fills in a split does not move it from under their hands. */
const splitOpen = ref(false)
const splitDue = ref(isDue('split'))
watchEffect(() => {
  if (!splitOpen.value) splitDue.value = isDue('split')
})
const because = (...kinds: TendingKind[]) =>
  kinds.flatMap(k => due.value.get(k)?.because ?? []).join(' ')
const soon = computed(() => props.wants.filter(w => w.at > props.tended.now).slice(0, 3))

async function fed(given: number | null, despite: RefusalId[]) {
  const model = given === null ? null : feedInModel(props.tended, given)
  await actions.did(
    record.value,
    {
      action: 'feed',
      amount: model?.amount ?? null,
      unit: model?.unit ?? null,
      what: `${given === null ? feedText.value : `${given} ${feed.value!.unit === 'each' ? '' : feed.value!.unit}`.trim()} ${feed.value!.rule.what}`,
      proposed: given === null ? null : feed.value!.value,
      despite,
    },
    'fed.',
  )
}
const changed =
  (action: 'waterChange' | 'topUp') => (given: number | null, despite: RefusalId[]) => {
    const proposed = action === 'topUp' ? topUp.value.value : change.value.value * vesselMl.value
    const ml = given ?? proposed
    void actions.did(
      record.value,
      {
        action,
        amount: Math.min(1, ml / vesselMl.value),
        unit: 'share',
        what: `${volume(ml)} of ${WATER_NAMES[water.value]}`,
        agent: water.value,
        proposed: given === null ? null : proposed / vesselMl.value,
        despite,
      },
      action === 'topUp' ? 'topped up.' : 'water changed.',
    )
  }
const waterChanged = changed('waterChange')
const toppedUp = changed('topUp')
const renewed = (given: number | null, despite: RefusalId[]) =>
  void actions.did(
    record.value,
    {
      action: 'renew',
      amount: given === null ? null : given / 100,
      unit: given === null ? null : 'share',
      proposed: given === null ? null : kept.value.value,
      despite,
    },
    'renewed.',
  )
const thinned = (given: number | null, despite: RefusalId[]) =>
  void actions.did(
    record.value,
    {
      action: 'takeOut',
      amount: given === null ? 1 / 3 : given / vesselMl.value,
      unit: 'share',
      proposed: given === null ? null : 1 / 3,
      what: 'thinned out',
      despite,
    },
    'thinned out.',
  )
</script>

<template>
  <section class="grid gap-1">
    <ShelfEdge name="Do now" />
    <p v-if="isDue('end')" class="py-3 sentence">{{ because('end') }}</p>
    <article
      v-if="takes || harvestAgainst.length"
      class="rule py-4 grid gap-2"
      aria-label="Harvest"
    >
      <p v-if="take.value > 0.005 && !harvestAgainst.length" class="sentence">
        Take <span class="amount" data-testid="advised">{{ shareText(take.value) }}</span> today:
        about {{ units.count(tended.reading.estimate.surplusPerDay.p50) }}
        {{ tended.food.profile.units }}; {{ backWords(back) }}.
      </p>
      <p v-else class="sentence">
        Take nothing yet. <span class="small">{{ harvestAgainst[0]?.why }}</span>
      </p>
      <div class="flex flex-wrap gap-2">
        <NuxtLink
          :to="`/shelf/harvest/${record.id}`"
          :prefetch="false"
          class="btn"
          :class="{ 'btn-main': !harvestAgainst.length }"
          >{{ harvestAgainst.length ? 'Harvest all the same' : 'Harvest' }}</NuxtLink
        >
        <button class="btn" @click="actions.refused(record)">Not worth taking</button>
      </div>
    </article>
    <TendAction
      v-if="isDue('thin out')"
      title="Thin out"
      verb="Take out"
      :amount="shareText(1 / 3)"
      rest="as food or for a second vessel."
      :because="because('thin out')"
      unit="mL"
      :proposed="vesselMl / 3"
      :most="vesselMl"
      @done="thinned"
    />
    <TendAction
      v-if="feed && isDue('feed')"
      title="Feed"
      verb="Feed"
      :amount="feedText"
      :rest="feed.rule.what + '.'"
      :because="because('feed')"
      :why="feed.why"
      :refusals="withAcid(feedRefusals(tended))"
      :unit="feed.unit === 'each' ? 'pieces' : feed.unit"
      :proposed="feed.value"
      strong
      @done="fed"
    />
    <CultureSplit
      v-if="splitDue"
      v-model:open="splitOpen"
      :tended="tended"
      :because="because('split')"
    />
    <TendAction
      v-if="liquid && isDue('change water')"
      title="Water change"
      verb="Change"
      :amount="volume(change.value * vesselMl)"
      :rest="`of the water for ${WATER_NAMES[water]}.`"
      :because="because('change water')"
      :why="change.why"
      :refusals="waterAgainst"
      unit="mL"
      :proposed="change.value * vesselMl"
      :most="vesselMl"
      @done="waterChanged"
    >
      <WaterChoice v-model="water" />
    </TendAction>
    <TendAction
      v-if="liquid && isDue('top up')"
      title="Top up"
      verb="Top up with"
      :amount="volume(topUp.value)"
      :rest="`of ${WATER_NAMES[water]}.`"
      :because="because('top up')"
      :why="topUp.why"
      :refusals="waterAgainst"
      unit="mL"
      :proposed="topUp.value"
      :most="vesselMl"
      @done="toppedUp"
    >
      <WaterChoice v-model="water" />
    </TendAction>
    <TendAction
      v-if="isDue('renew')"
      title="Renew"
      verb="Renew it: keep"
      :amount="`${Math.round(kept.value * 100)} %`"
      rest="of the old in fresh medium."
      :because="because('renew')"
      :why="kept.why"
      :refusals="withAcid([])"
      unit="%"
      :proposed="kept.value * 100"
      :most="100"
      @done="renewed"
    />
    <p v-if="soon.length" class="small py-2">
      <template v-for="(w, i) in soon" :key="w.kind"
        >{{ i ? '; ' : 'Next: ' }}{{ WANTS[w.kind].toLowerCase() }} {{ units.day(w.at) }}</template
      >.
    </p>
    <Disclosure v-slot="{ open }" as="div">
      <DisclosureButton class="btn mt-2" :aria-expanded="open">{{
        open ? 'Close' : 'Something else'
      }}</DisclosureButton>
      <DisclosurePanel class="grid gap-1 mt-2">
        <article v-if="!takes && !harvestAgainst.length" class="rule py-4">
          <NuxtLink :to="`/shelf/harvest/${record.id}`" :prefetch="false" class="btn"
            >Harvest</NuxtLink
          >
        </article>
        <TendAction
          v-if="feed && !isDue('feed')"
          title="Feed"
          verb="Feed"
          :amount="feedText"
          :rest="feed.rule.what + '.'"
          :because="tended.method.feedingRule"
          :why="feed.why"
          :refusals="withAcid(feedRefusals(tended))"
          :unit="feed.unit === 'each' ? 'pieces' : feed.unit"
          :proposed="feed.value"
          @done="fed"
        />
        <TendAction
          v-if="liquid && !isDue('change water')"
          title="Water change"
          verb="Change"
          :amount="volume(change.value * vesselMl)"
          :rest="`of the water for ${WATER_NAMES[water]}.`"
          :why="change.why"
          :refusals="waterAgainst"
          unit="mL"
          :proposed="change.value * vesselMl"
          :most="vesselMl"
          @done="waterChanged"
        >
          <WaterChoice v-model="water" />
        </TendAction>
        <TendAction
          v-if="liquid && !isDue('top up')"
          title="Top up"
          verb="Top up with"
          :amount="volume(topUp.value)"
          :rest="`of ${WATER_NAMES[water]}.`"
          because="Feed out first, top up after."
          :why="topUp.why"
          :refusals="waterAgainst"
          unit="mL"
          :proposed="topUp.value"
          :most="vesselMl"
          @done="toppedUp"
        >
          <WaterChoice v-model="water" />
        </TendAction>
        <TendAction
          title="Stir"
          verb="Stir it"
          rest="gently, once round."
          @done="(_g, despite) => actions.did(record, { action: 'stir', despite }, 'stirred.')"
        />
        <TendAction
          v-if="!isDue('thin out')"
          title="Take out"
          verb="Take out"
          :amount="shareText(1 / 3)"
          rest="that goes to no tank."
          :because="'What is over: ' + (tended.method.harvest.at(-1)?.text ?? '')"
          unit="mL"
          :proposed="vesselMl / 3"
          :most="vesselMl"
          @done="thinned"
        />
        <CultureSplit
          v-if="!splitDue"
          v-model:open="splitOpen"
          :tended="tended"
          because="A second vessel, so that one accident does not end the line."
        />
        <TendAction
          v-if="!isDue('renew')"
          title="Renew"
          verb="Renew it: keep"
          :amount="`${Math.round(kept.value * 100)} %`"
          rest="of the old in fresh medium."
          :because="tended.method.renewRule"
          :why="kept.why"
          :refusals="withAcid([])"
          unit="%"
          :proposed="kept.value * 100"
          :most="100"
          @done="renewed"
        />
        <CultureReset :tended="tended" />
        <CultureRest :tended="tended" />
      </DisclosurePanel>
    </Disclosure>
  </section>
</template>
