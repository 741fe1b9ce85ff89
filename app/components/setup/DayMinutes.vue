<script setup lang="ts">
import { usualBudget } from '@renatus/core/time/roundBudget'
import type { RoundTime } from '@renatus/core/time/rounds'
import { WEEKDAYS } from '@renatus/core/time/weekday'

/** Minutes of a round on days of the week that differ; empty where none does. */
defineProps<{ round: RoundTime }>()
const byDay = defineModel<(number | null)[] | null>({ required: true })
const MOST = 600
const rows = WEEKDAYS.map((name, day) => ({ name, day }))

function set(day: number, text: string) {
  const n = Math.round(Number(text))
  const minutes = text.trim() === '' || !Number.isFinite(n) ? null : Math.min(MOST, Math.max(0, n))
  byDay.value = rows.map(r => (r.day === day ? minutes : (byDay.value?.[r.day] ?? null)))
}
const begin = () => {
  byDay.value = rows.map(() => null)
}
</script>

<template>
  <fieldset v-if="byDay" class="basis-full">
    <legend class="small">Other minutes on some days; empty: as above</legend>
    <p class="flex flex-wrap gap-2">
      <label v-for="r in rows" :key="r.name" class="small grid gap-1"
        >{{ r.name
        }}<input
          :value="byDay[r.day] ?? ''"
          class="field w-16"
          inputmode="numeric"
          :aria-label="`Minutes for ${round.name} on ${r.name}`"
          :placeholder="String(usualBudget(round))"
          @change="set(r.day, ($event.target as HTMLInputElement).value)"
      /></label>
    </p>
  </fieldset>
  <button v-else type="button" class="btn btn-quiet underline" @click="begin">
    Other days, other minutes
  </button>
</template>
