<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed } from 'vue'
import { formatSpoons } from '@renatus/core/units/format'
import type { SpoonCount } from '@renatus/core/units/kitchenMeasures'
import type { GelMix } from '@renatus/core/records/records'
import type { KitchenBatch } from '@renatus/core/stock/gelKitchen'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'

/** What to measure: water first, then the powder, each in the measures of the kitchen with the error they make. */
const props = defineProps<{
  mix: GelMix
  batch: KitchenBatch
  trays: readonly { name: string; n: number; ml: number }[]
  fillMl: number
  waterSpoons: { spoons: SpoonCount[]; ml: number } | null
  left: number | null
}>()
const room = useRoomStore()
const units = useUnits()
const lines = computed(() => [...props.batch.lines].sort((a, b) => b.grams - a.grams))
const one = (n: number) => numberText(n, { decimals: 1 })
const tenth = (ml: number) => `${one(Math.round(ml * 10) / 10)}\u00A0mL`
const off = (error: number, all: number) => {
  const share = all > 0 ? error / all : 0
  return Math.abs(share) < 0.005
    ? 'no error to speak of'
    : `${share > 0 ? '+' : '−'}${one(Math.abs(share) * 100)} % off`
}
const into = computed(() => props.trays.map(t => `${one(t.n)} × ${t.name}`).join(', '))
const short = computed(() => props.left !== null && props.batch.powderG > props.left + 0.05)
const why = computed(() => {
  const b = props.batch
  if (b.powderMl === null) return null
  const parts = b.allWaterMl / b.powderMl
  const solid = b.totalMl / b.powderMl - parts
  return {
    result: { label: 'powder, loose', value: b.powderMl, unit: 'mL' },
    rule: 'What is made is the water and the powder without its air: the volume of the trays with the loss on top, over parts of water and the share of powder that is no air.',
    formula: 'fill * (1 + loss) / (parts + solid)',
    inputs: [
      {
        key: 'fill',
        label: 'what the trays hold',
        value: props.fillMl,
        unit: 'mL',
        from: into.value || 'the powder there is',
      },
      {
        key: 'loss',
        label: 'stays on the tools',
        value: b.totalMl / props.fillMl - 1,
        unit: '',
        from: 'your batches, or the book',
      },
      {
        key: 'parts',
        label: 'volumes of water on one of powder',
        value: parts,
        unit: '',
        from: 'the label, or your last batch',
      },
      {
        key: 'solid',
        label: 'share of loose powder that is no air',
        value: solid,
        unit: '',
        from: 'density over 1.35 g/mL, corrected by your batches',
      },
    ],
    source: 'arithmetic of volumes',
  }
})
</script>

<template>
  <section class="grid gap-3" data-testid="batch-sheet">
    <ShelfEdge name="Measure" />
    <p v-if="into" class="small">
      For {{ into }}: {{ tenth(fillMl) }}, with the loss {{ tenth(batch.totalMl) }}.
      {{ room.state!.room.name }}, {{ units.date(room.state!.today) }}.
    </p>
    <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Amounts">
      <table class="w-full text-left num">
        <thead class="small">
          <tr>
            <th class="font-normal py-1 pr-4">In this order</th>
            <th class="font-normal pr-4 text-right">Measure</th>
            <th class="font-normal pr-4 text-right">Weigh</th>
            <th class="font-normal">Spoons, level</th>
          </tr>
        </thead>
        <tbody>
          <tr class="border-t border-line">
            <th scope="row" class="py-2 pr-4 font-semibold">Water</th>
            <td class="text-right pr-4">
              <span class="amount" data-testid="water">{{ tenth(batch.waterMl) }}</span>
            </td>
            <td class="text-right pr-4">{{ units.grams(batch.waterMl) }}</td>
            <td>
              <template v-if="waterSpoons && batch.waterMl < 1000"
                >{{ formatSpoons(waterSpoons.spoons) }}
                <span class="small">{{
                  off(waterSpoons.ml - batch.waterMl, batch.waterMl)
                }}</span></template
              >
            </td>
          </tr>
          <tr v-for="l in lines" :key="l.id" class="border-t border-line">
            <th scope="row" class="py-2 pr-4 font-semibold">{{ l.name }}</th>
            <td class="text-right pr-4">
              <span v-if="l.spoons" :class="{ amount: !mix.formula }" data-testid="powder">{{
                tenth(l.ml)
              }}</span>
            </td>
            <td class="text-right pr-4">
              <strong :class="{ amount: mix.formula }">{{ units.grams(l.grams) }}</strong>
            </td>
            <td>
              <template v-if="l.spoons?.length"
                >{{ formatSpoons(l.spoons) }}
                <span class="small">{{ off(l.spoonErrorMl, l.ml) }}</span></template
              ><span v-else class="small">{{
                l.spoons ? 'less than a spoon: weigh it' : 'weigh it'
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="small">
      Dry share of the gel {{ units.share(batch.dry) }}. It costs
      {{ numberText(batch.cost, { decimals: 2 }) }} in all<template v-if="left !== null && !short"
        >; {{ units.grams(left - batch.powderG) }} of powder stay</template
      >.
    </p>
    <p v-if="short" role="alert" class="border-l-4 border-harm pl-3">
      Only {{ units.grams(left!) }} of {{ mix.name }} are left: reckon by powder left, or weigh what
      there is.
    </p>
    <WhyPanel
      v-if="why"
      class="print:hidden"
      :reasons="[why]"
      :ask="`Why ${tenth(batch.powderMl!)} of powder?`"
    />
  </section>
</template>
