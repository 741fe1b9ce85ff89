<script setup lang="ts">
import type { RecipeLine } from '@renatus/core/foods/recipe'
import { useUnits } from '~/composables/useUnits'

/** What goes into a vessel, or into so many alike, in the user's measures. */
const props = withDefaults(
  defineProps<{
    lines: readonly RecipeLine[]
    caption: string
    count?: number
    /** The vessel that gives the starter. */ from?: string
  }>(),
  { count: 1, from: undefined },
)
const units = useUnits()
function amount(l: RecipeLine): string {
  const all = l.amount * props.count
  if (l.unit === 'each') return units.whole(all)
  return l.unit === 'mL' ? units.volume(all) : units.grams(all)
}
function note(l: RecipeLine): string {
  if (l.starter && props.from) return `(from ${props.from})`
  return l.buy ? '(to buy)' : ''
}
</script>

<template>
  <table class="num max-w-3xl">
    <caption class="sr-only">
      {{
        caption
      }}
    </caption>
    <tbody>
      <tr v-for="l in lines" :key="l.what" class="rule align-baseline">
        <th scope="row" class="text-left font-normal py-2 pr-4">
          {{ l.what }} <span class="small">{{ note(l) }}</span>
        </th>
        <td class="font-bold whitespace-nowrap pr-4 text-right">{{ amount(l) }}</td>
        <td class="small">
          {{ l.spoons?.length ? `${units.spoons(l.spoons)}${count > 1 ? ' each' : ''}` : '' }}
        </td>
      </tr>
      <slot />
    </tbody>
  </table>
</template>
