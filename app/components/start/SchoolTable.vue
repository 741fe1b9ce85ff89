<script setup lang="ts">
import { useFailures } from '~/composables/useFailures'
import { workerClient, WorkerStopped } from '~/engine/workerClient'
import { proxy } from 'comlink'
import { onScopeDispose, shallowRef, watch } from 'vue'
import type { Food } from '@renatus/core/foods/contract'
import type { SchoolSummary } from '@renatus/core/planning/compareSchools'
import { useUnits } from '~/composables/useUnits'
import { plural } from '~/words/round'
import type { SchoolComparer } from '~/workers/schools.worker'

/** The schools of a food side by side: what each trades for what. */
const props = defineProps<{ food: Food; litres: number; temperatureC: number }>()
const chosen = defineModel<string>({ required: true })
const units = useUnits()
const found = shallowRef<ReadonlyMap<string, SchoolSummary>>(new Map())
const comparer = workerClient<SchoolComparer>(
  'comparing the schools',
  () => new Worker(new URL('../../workers/schools.worker.ts', import.meta.url), { type: 'module' }),
)
onScopeDispose(() => comparer.stop())
/** Schools as they are worked out; until then the table stands without their figures. */
async function compare(foodId: string, l: number, c: number) {
  const show = (s: SchoolSummary) => {
    if (props.food.profile.id === foodId) found.value = new Map(found.value).set(s.methodId, s)
  }
  try {
    await comparer.call((w, alive) =>
      w.compare(
        foodId,
        l,
        c,
        proxy((s: SchoolSummary) => {
          alive()
          show(s)
        }),
      ),
    )
  } catch (error) {
    if (!(error instanceof WorkerStopped)) useFailures().report(error)
  }
}
watch(
  () => [props.food.profile.id, props.litres, props.temperatureC] as const,
  ([foodId, l, c], before) => {
    // What was worked out for another warmth stands until the new figures are there: nothing jumps under a thumb.
    if (foodId !== before?.[0]) found.value = new Map()
    void compare(foodId, l, c)
  },
  { immediate: true },
)
function days({ readyDays }: SchoolSummary): string {
  if (readyDays === null) return 'over 60 days'
  const { p10, p50, p90 } = readyDays
  if (p90 - p10 < 1) return `${Math.round(p50)} d`
  return `${Math.round(p10)} to ${Math.round(p90)} d`
}
const hands = (n: number) => (n < 0.5 ? 'hardly ever' : `${plural(Math.round(n), 'time')} a week`)
</script>

<template>
  <div class="grid gap-3 sm:grid-cols-2 desk:grid-cols-3" role="radiogroup" aria-label="School">
    <label
      v-for="m in food.methods"
      :key="m.id"
      class="grid gap-2 content-start border-[3px] bg-paper p-3 cursor-pointer"
      :class="chosen === m.id ? 'border-ink' : 'border-line'"
    >
      <span class="flex gap-3 items-center min-h-12"
        ><input
          v-model="chosen"
          type="radio"
          name="school"
          :value="m.id"
          class="size-5 accent-[var(--plan)] shrink-0"
        /><strong class="text-[1.1875rem] leading-tight">{{ m.name }}</strong></span
      >
      <span class="small">{{ m.about }}</span>
      <dl
        v-if="found.get(m.id)"
        class="min-h-[9rem] content-start grid grid-cols-[auto_1fr] gap-x-3 text-[0.9375rem]"
      >
        <dt class="text-ink2">Ready in</dt>
        <dd class="num font-semibold">{{ days(found.get(m.id)!) }}</dd>
        <dt class="text-ink2">Goes wrong</dt>
        <dd class="num font-semibold">{{ Math.round(found.get(m.id)!.failure * 100) }} in 100</dd>
        <dt class="text-ink2">Start</dt>
        <dd>
          {{ plural(found.get(m.id)!.steps, 'step')
          }}{{
            found.get(m.id)!.waitMinutes
              ? `, waits ${units.duration(found.get(m.id)!.waitMinutes / 60)}`
              : ''
          }}
        </dd>
        <dt class="text-ink2">Fed</dt>
        <dd>{{ hands(found.get(m.id)!.handsPerWeek) }}</dd>
        <dt class="text-ink2">Lasts</dt>
        <dd>{{ found.get(m.id)!.lastsDays }} d</dd>
        <dt class="text-ink2">Needs</dt>
        <dd>{{ found.get(m.id)!.buy.join(', ') || 'nothing bought' }}</dd>
      </dl>
      <span v-else class="small min-h-[9rem]" role="status">Working it out</span>
    </label>
  </div>
</template>
