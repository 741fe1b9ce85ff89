<script setup lang="ts">
import { computed, ref } from 'vue'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { perThousand } from '@renatus/core/provision/costs'
import { numberField, priceField } from '~/words/fields'
import { moneyText } from '~/words/stores'

/** A pack that could be bought, by what a thousand nauplii out of it would cost: a cheap gram that does not hatch is dear. */
defineProps<{ currency: string }>()
const grams = ref('')
const price = ref('')
const hatches = ref('80')
const read = computed(() => ({
  grams: numberField({ label: 'The pack', min: 0.1, max: 100_000, unit: 'g' }).safeParse(
    grams.value,
  ),
  price: priceField('Its price').safeParse(price.value),
  hatch: numberField({ label: 'Hatches', min: 1, max: 100, unit: '%' }).safeParse(hatches.value),
}))
const touched = computed(() => grams.value !== '' && price.value !== '')
const problem = computed(() => {
  const wrong = Object.values(read.value).find(r => !r.success)
  return wrong?.error?.issues[0]!.message ?? null
})
const cost = computed(() => {
  const { grams: g, price: p, hatch: h } = read.value
  if (!g.success || !p.success || !h.success || p.data === null) return null
  return perThousand(p.data / g.data, LOT_DEFAULTS.cystsPerG, h.data / 100)
})
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="font-semibold">A pack that you could buy</legend>
    <div class="flex flex-wrap gap-3 items-end">
      <label class="font-semibold"
        >It holds<span class="font-normal text-ink2">, g</span
        ><input
          v-model="grams"
          class="field mt-1 block w-28"
          inputmode="decimal"
          autocomplete="off" /></label
      ><label class="font-semibold"
        >It costs<span class="font-normal text-ink2">, {{ currency }}</span
        ><input v-model="price" class="field mt-1 block w-28" autocomplete="off" /></label
      ><label class="font-semibold"
        >It says that of a hundred hatch<input
          v-model="hatches"
          class="field mt-1 block w-28"
          inputmode="decimal"
          autocomplete="off"
      /></label>
    </div>
    <p aria-live="polite">
      <strong v-if="touched && problem" class="text-harm">{{ problem }}</strong><template
        v-else-if="cost !== null"
        >A thousand nauplii out of it cost
        <span class="amount">{{ moneyText(cost, currency) }}</span>. Your own tins above go by what
        really hatched.</template
      >
    </p>
  </fieldset>
</template>
