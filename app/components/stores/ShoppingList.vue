<script setup lang="ts">
import { computed } from 'vue'
import type { Larder } from '@renatus/core/provision/larderOf'
import { onTheWay, orders } from '@renatus/core/stock/orders'
import { foodOf } from '@renatus/core/foods/index'
import { canOrder, useMaterials } from '~/composables/useMaterials'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { moneyText, packsText } from '~/words/stores'

/** What to buy, by when; and what is on its way. */
const props = defineProps<{ larder: Larder }>()
const room = useRoomStore()
const units = useUnits()
const actions = useMaterials()
const currency = computed(() => room.state!.room.currency ?? '€')
const coming = computed(() => onTheWay(orders(room.state!.entries), room.state!.today))
const itemOf = (id: string | null | undefined) => props.larder.items.find(i => i.id === id)
const nameOf = (o: (typeof coming.value)[number]) => {
  const food = o.foodId === null ? null : foodOf(o.foodId)
  if (o.what === 'starter') return `Starter of ${food?.profile.name ?? 'a food'}`
  if (o.what === 'cysts') return 'Cysts'
  return itemOf(o.materialId)?.name ?? food?.profile.name ?? 'Food'
}
</script>

<template>
  <div class="grid gap-4">
    <p v-if="!larder.shopping.length && !coming.length">Nothing has to be bought.</p>
    <ul v-if="larder.shopping.length" data-testid="shopping">
      <li
        v-for="p in larder.shopping"
        :key="p.id"
        class="rule py-1 flex flex-wrap items-center gap-x-4 min-h-12"
        :class="{ 'border-l-[6px] border-l-due pl-3': p.by <= room.state!.today }"
      >
        <p class="grow">
          <strong>{{ p.name }}</strong>: <span class="amount">{{ packsText(p) }}</span><template
            v-if="p.price !== null"
            >, {{ moneyText(p.price, currency) }}</template
          ><template v-if="p.from">, {{ p.from }}</template
          ><span class="small"
            >{{ ' ' }}Order by {{ units.date(p.by) }}, here on {{ units.date(p.comes) }}.<template
              v-if="p.late"
            >
              It runs short before.</template
            ></span
          >
        </p>
        <button
          v-if="canOrder(p)"
          class="btn print:hidden"
          :aria-label="`Ordered: ${p.name}`"
          @click="actions.order(p)"
        >
          Ordered
        </button>
        <NuxtLink v-else class="link print:hidden" to="/gel" :prefetch="false"
          >Enter it in the Gel kitchen</NuxtLink
        >
      </li>
    </ul>
    <div v-if="coming.length">
      <h3>On its way</h3>
      <ul data-testid="coming">
        <li
          v-for="o in coming"
          :key="o.orderId"
          class="rule py-1 flex flex-wrap items-center gap-x-4 min-h-12"
        >
          <p class="grow">
            <strong>{{ nameOf(o) }}</strong>, to come on {{ units.date(o.comesOn)
            }}<template v-if="o.comesOn < room.state!.today">: it is late</template>.
          </p>
          <button
            class="btn print:hidden"
            :aria-label="`It has come: ${nameOf(o)}`"
            @click="actions.came(o, nameOf(o))"
          >
            It has come
          </button>
          <button
            class="btn btn-quiet print:hidden"
            :aria-label="`Will not come: ${nameOf(o)}`"
            @click="actions.gaveUp(o)"
          >
            Will not come
          </button>
        </li>
      </ul>
    </div>
  </div>
</template>
