<script setup lang="ts">
import { computed } from 'vue'
import type { MaterialRecord } from '@renatus/core/records/records'
import InlineWays from '~/components/shared/InlineWays.vue'
import type { InlineWay } from '~/components/shared/inlineWay'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { amountOf } from '~/words/stores'

/** Stock brine and vinegar mixed ahead: starts are filled from them, and what they are made of goes out of its stores. */
const room = useRoomStore()
const units = useUnits()
const mixes = computed(() =>
  room.state!.materials.filter(m => ['stock-brine', 'vinegar-mix'].includes(m.record.of ?? '')),
)
/** What a litre is made of, by what is kept of it. */
function partsOf(r: MaterialRecord): { of: 'salt' | 'cider-vinegar'; perL: number } {
  return r.of === 'stock-brine'
    ? { of: 'salt', perL: r.saltGL ?? room.state!.room.hatchSaltGL }
    : { of: 'cider-vinegar', perL: 500 }
}
const needs = (r: MaterialRecord) =>
  r.of === 'stock-brine'
    ? `${units.grams(partsOf(r).perL)} of salt in a litre`
    : 'half cider vinegar, half chlorine-free water'
function wayOf(r: MaterialRecord): InlineWay {
  return {
    name: 'Mix',
    fields: [{ label: 'Litres mixed' }],
    read([text = '']) {
      const litres = numberField({ label: 'Litres', min: 0, max: 1000, above: true, unit: 'L' })
      const found = litres.safeParse(text)
      if (!found.success) return found.error.issues[0]!.message
      const { of, perL } = partsOf(r)
      const from = room.state!.materials.find(m => m.record.of === of)
      const out = from ? [{ materialId: from.record.id, amount: perL * found.data }] : []
      return [
        {
          kind: 'material.mixed',
          subject: { type: 'material', id: r.id },
          data: { materialId: r.id, amount: found.data * 1000, out },
        },
      ]
    },
  }
}
</script>

<template>
  <ul v-if="mixes.length">
    <li
      v-for="m in mixes"
      :key="m.record.id"
      class="rule py-1 flex flex-wrap items-center gap-x-4 min-h-12"
    >
      <p class="grow">
        <strong>{{ m.record.name }}</strong>:
        <span class="amount">{{ amountOf(m.left ?? 0, m.record.unit) }}</span><span class="small"
          >{{ ' ' }}{{ needs(m.record) }}</span
        >
      </p>
      <InlineWays :ways="[wayOf(m.record)]" :name="m.record.name" />
    </li>
  </ul>
  <p v-else class="small max-w-prose">
    Brine or vinegar that you mix ahead: add it above as “Stock brine” or “Vinegar and water”, and
    starts are filled from it while it lasts.
  </p>
</template>
