<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref, toRef, watchEffect } from 'vue'
import type { Tended } from '@renatus/core/planning/amounts'
import { afterHarvest } from '@renatus/core/planning/culturePortions'
import { cultureSalt } from '@renatus/core/planning/cultureSalt'
import type { Tending } from '@renatus/core/planning/tending'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useCultureActions } from '~/composables/useCultureActions'
import { useCultureTending } from '~/composables/useCultureTending'
import { useUnits } from '~/composables/useUnits'
import { backWords, WANTS } from '~/words/tending'
import CultureGravity from './CultureGravity.vue'
import CultureRest from './CultureRest.vue'
import CultureReset from './CultureReset.vue'
import CultureSplit from './CultureSplit.vue'
import TendAction from './TendAction.vue'
import WaterChoice from './WaterChoice.vue'

/** What is done at a culture: what it wants now first, everything else under one heading. */
const props = defineProps<{ tended: Tended; wants: readonly Tending[] }>()
const units = useUnits()
const actions = useCultureActions()
const record = computed(() => props.tended.culture.record)
const { water, take, takes, takeText, harvestAgainst, isDue, because, soon, dueActs, otherActs } =
  useCultureTending(toRef(props, 'tended'), toRef(props, 'wants'))
const salt = computed(() => cultureSalt(props.tended))
const back = computed(() => afterHarvest(props.tended, take.value.value).back)

/** A reading that arrives while somebody fills in a split does not move it from under their hands. */
const splitOpen = ref(false)
const splitDue = ref(isDue('split'))
watchEffect(() => {
  if (!splitOpen.value) splitDue.value = isDue('split')
})
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
        Take <span class="amount" data-testid="advised">{{ takeText }}</span> today: about
        {{ units.count(tended.reading.estimate.surplusPerDay.p50) }}
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
    <CultureGravity v-if="salt?.off" :record="record" :salt="salt" />
    <TendAction v-for="act in dueActs" :key="act.kind" v-bind="act.card" @done="act.done">
      <WaterChoice v-if="act.water" v-model="water" />
    </TendAction>
    <CultureSplit
      v-if="splitDue"
      v-model:open="splitOpen"
      :tended="tended"
      :because="because('split')"
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
        <TendAction v-for="act in otherActs" :key="act.kind" v-bind="act.card" @done="act.done">
          <WaterChoice v-if="act.water" v-model="water" />
        </TendAction>
        <CultureSplit
          v-if="!splitDue"
          v-model:open="splitOpen"
          :tended="tended"
          because="A second vessel, so that one accident does not end the line."
        />
        <CultureGravity v-if="salt && !salt.off" :record="record" :salt="salt" />
        <CultureReset :tended="tended" />
        <CultureRest :tended="tended" />
      </DisclosurePanel>
    </Disclosure>
  </section>
</template>
