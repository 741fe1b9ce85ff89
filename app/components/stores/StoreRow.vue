<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Provision } from '@renatus/core/provision/provision'
import HoldButton from '~/components/shared/HoldButton.vue'
import InlineWays from '~/components/shared/InlineWays.vue'
import RecordForm from '~/components/setup/RecordForm.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { amountOf, farDate, lastsWords } from '~/words/stores'
import BurnDown from './BurnDown.vue'
import { waysOf } from './storeWays'

/** One thing that is kept: what is left, how long it lasts, and what can be written down of it. */
const props = defineProps<{ item: Provision; days: number }>()
const room = useRoomStore()
const units = useUnits()
const changing = ref(false)
const record = computed(() => (room.records ?? []).find(r => r.id === props.item.id) ?? null)
const ways = computed(() => waysOf(props.item, room.state!))
const isMaterial = computed(() => props.item.kind === 'material')
</script>

<template>
  <li class="rule py-2" :data-store="item.name">
    <div v-if="changing && record" class="grid gap-2">
      <RecordForm
        type="material"
        :record="record"
        @saved="changing = false"
        @cancel="changing = false"
      />
      <p><HoldButton label="Remove" @held="room.remove(item.id)" /></p>
    </div>
    <div
      v-else
      class="grid gap-x-5 gap-y-1 items-center desk:grid-cols-[minmax(0,1fr)_16rem_15rem] grid-cols-1"
    >
      <div>
        <p>
          <strong>{{ item.name }}</strong><template v-if="item.left !== null"
            >: <span class="amount">{{ amountOf(item.left, item.unit) }}</span></template
          >
        </p>
        <p class="small" :class="{ 'text-harm font-semibold': item.overdrawn }">
          {{ lastsWords(item)
          }}<template v-if="item.orderOn">; order by {{ units.date(item.orderOn) }}</template
          ><template v-if="item.stale"
            >; past its best from {{ farDate(item.stale, room.state!.today, units.date) }} on,
            before it is used up</template
          ><template v-if="item.coming"
            >; {{ item.coming.amount ? amountOf(item.coming.amount, item.unit) : 'more' }} comes on
            {{ units.date(item.coming.on) }}</template
          >.
        </p>
      </div>
      <BurnDown
        v-if="item.left && item.lasts"
        :item="item"
        :today="room.state!.today"
        :days="days"
      />
      <span v-else class="hidden desk:block" />
      <div class="flex flex-wrap gap-x-1 items-center desk:justify-end">
        <InlineWays :ways="ways" :name="item.name" />
        <template v-if="isMaterial">
          <button
            class="btn btn-quiet underline px-2"
            :aria-label="`Change ${item.name}`"
            @click="changing = true"
          >
            Change
          </button>
        </template>
        <NuxtLink v-if="item.kind === 'gel-mix'" class="link" to="/gel" :prefetch="false"
          >Gel kitchen</NuxtLink
        >
      </div>
    </div>
  </li>
</template>
