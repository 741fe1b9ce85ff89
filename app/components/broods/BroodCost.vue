<script setup lang="ts">
import { computed } from 'vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useEngineAnswer } from '~/composables/useEngineAnswer'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { moneyText } from '~/words/stores'

/** What has been fed to a brood so far, in money; nothing where nothing has a price. */
const props = defineProps<{ broodId: string }>()
const room = useRoomStore()
const units = useUnits()
const all = useEngineAnswer(room.costs)
const cost = computed(() => all.value?.byBrood.find(b => b.brood === props.broodId) ?? null)
const currency = computed(() => room.state?.room.currency ?? '€')
const since = computed(() => room.settled.before)
</script>

<template>
  <section v-if="cost && cost.cost > 0" class="grid gap-2">
    <ShelfEdge name="What it costs" />
    <p>
      Its food so far: <span class="amount">{{ moneyText(cost.cost, currency) }}</span>,
      {{ moneyText(cost.perFry, currency) }} a fry<template v-if="since">
        since {{ units.day(since) }}</template
      >.
      <NuxtLink to="/stores#money" :prefetch="false" class="link">All costs</NuxtLink>
    </p>
  </section>
</template>
