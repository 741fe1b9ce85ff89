<script setup lang="ts">
import type { Costs } from '@renatus/core/provision/costs'
import { moneyText } from '~/words/stores'
import { computed, ref } from 'vue'
import type { InlineWay } from '~/components/shared/inlineWay'
import InlineWays from '~/components/shared/InlineWays.vue'
import { newId } from '~/db/newId'
import { numberField, priceField, textField } from '~/words/fields'
import MoneyForm from './MoneyForm.vue'
import MonthBars from './MonthBars.vue'
import OfferCompare from './OfferCompare.vue'

/** What the food of this room costs. */
const props = defineProps<{ costs: Costs; currency: string; since: string | null }>()
const changing = ref(false)
const failure = (r: { error?: { issues: { message: string }[] } }) => r.error?.issues[0]!.message
/** A pump, a lamp: written down over its months. */
const thing = computed((): InlineWay => ({
  name: 'Equipment bought',
  fields: [
    { label: 'What' },
    { label: `For how much, ${props.currency}` },
    { label: 'Months it should last', initial: '24' },
  ],
  read([what = '', paid = '', months = '']) {
    const name = textField('What was bought').safeParse(what)
    const price = priceField('Price').safeParse(paid)
    const over = numberField({ label: 'Months', min: 1, max: 240, whole: true }).safeParse(months)
    if (!name.success || !price.success || !over.success)
      return failure(name) ?? failure(price) ?? failure(over)!
    const id = newId()
    const of = { type: 'thing', id }
    return [
      {
        kind: 'purchase.made',
        subject: of,
        data: {
          purchaseId: id,
          of,
          name: name.data,
          amount: 1,
          unit: 'each',
          price: price.data,
          months: over.data,
        },
      },
    ]
  },
}))
</script>

<template>
  <div class="grid gap-4">
    <p class="sentence">
      A day of feeding costs
      <span class="amount" data-testid="per-day">{{
        moneyText(costs.perDay, currency)
      }}</span><template v-if="costs.energyPerDay > 0"
        >, {{ moneyText(costs.energyPerDay, currency) }} of it for warmth</template
      >.
      <span class="small">By what went in over the last four weeks, where it has a price.</span>
    </p>
    <div v-if="costs.perThousandHatched.length">
      <h3>A thousand nauplii that hatch</h3>
      <ul>
        <li v-for="l in costs.perThousandHatched" :key="l.lot" class="rule py-1">
          {{ l.name }}: <span class="amount">{{ moneyText(l.cost, currency) }}</span>
          <span v-if="l.high > l.low * 1.001" class="small"
            >({{ moneyText(l.low, currency) }} to {{ moneyText(l.high, currency) }})</span
          >
        </li>
      </ul>
    </div>
    <OfferCompare :currency="currency" />
    <div v-if="costs.byBrood.length">
      <h3>Broods, to today</h3>
      <ul>
        <li v-for="b in costs.byBrood" :key="b.brood" class="rule py-1">
          <NuxtLink class="link" :to="`/broods/${b.brood}`" :prefetch="false">{{
            b.name
          }}</NuxtLink>: <span class="amount">{{ moneyText(b.cost, currency) }}</span>,
          {{ moneyText(b.perFry, currency) }} a fry
        </li>
      </ul>
      <p v-if="since" class="small">Since {{ since }}: what was fed before is not counted.</p>
    </div>
    <MonthBars v-if="costs.byMonth.length" :months="costs.byMonth" :currency="currency" />
    <p v-else class="small">Nothing that was bought has a price yet.</p>
    <MoneyForm v-if="changing" @saved="changing = false" @cancel="changing = false" />
    <div v-else class="flex flex-wrap gap-x-2 items-center">
      <InlineWays :ways="[thing]" name="Equipment" />
      <button class="btn btn-quiet underline px-2" @click="changing = true">
        Currency and price of power
      </button>
    </div>
  </div>
</template>
