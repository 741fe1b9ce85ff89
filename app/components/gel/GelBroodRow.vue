<script setup lang="ts">
import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed } from 'vue'
import { binderFor, shapeHours } from '@renatus/core/gel/binders'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { targetsFor } from '@renatus/core/gel/targets'
import { GEL_ID } from '@renatus/core/stock/gelNeed'
import type { RecordDraft } from '~/db/registry'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { foodInText } from '~/words/foods'
import { changeWords, crumbWords, micron, pieces } from '~/words/gel'

/** What one brood gets of gel today, in what size, until when, and what changes next. */
const props = defineProps<{ row: GelBrood }>()
const room = useRoomStore()
const units = useUnits()
const others = computed(() =>
  Object.entries(props.row.day.share)
    .filter(([id, s]) => id !== 'gel' && s >= 0.02)
    .sort((a, b) => b[1] - a[1])
    .map(([id, s]) => `${foodInText(id)} ${units.share(s)}`),
)
const mates = computed(
  () =>
    room.state!.broods.filter(b => b.tank?.id === props.row.brood.tank!.id && b.day >= 0).length,
)
const warm = computed(() => {
  const { meal, brood } = props.row
  const t = temperatureOn(brood.water, room.state!.today)
  return meal && t > meal.box.binder.warmestC
    ? `${meal.box.binder.name} goes soft in ${units.celsius(t)}: next time ${binderFor(t).name.toLowerCase()}, which keeps its shape for ${shapeHours(binderFor(t), { temperatureC: t, crowded: false })} h.`
    : ''
})
/** Whether the diet it eats still fits its mouth and its size. */
const unfit = computed(() => {
  const { mix, day, diet, brood } = props.row
  if (!mix || !brood.species) return ''
  const grain = mix.formula?.sieveUm ?? mix.particleUm
  const protein = mix.label.protein / (1 - mix.label.moisture / 100)
  const [least, most] = targetsFor(day.lengthMm, brood.species.guild).protein!
  const said: string[] = []
  if (grain !== null && grain > diet.sieveUm)
    said.push(
      `${mix.name} passed ${micron(grain)}, too coarse for this mouth: through ${micron(diet.sieveUm)} before the next batch.`,
    )
  if (protein < least - 0.5 || protein > most + 0.5)
    said.push(
      `${mix.name} holds ${Math.round(protein)} % protein; a ${diet.stageName} wants ${least} to ${most} %.`,
    )
  return said.join(' ')
})
const SHARES = [
  ['', 'as its ladder says'],
  ['0.1', 'a tenth'],
  ['0.25', 'a quarter'],
  ['0.5', 'half'],
  ['0.75', 'three quarters'],
] as const
/** Until somebody says otherwise. */
const FOR_GOOD = 400
const pin = computed(() =>
  props.row.brood.brood.wishes.pins.find(p => p.food === GEL_ID && p.toDay >= props.row.brood.day),
)
const pinned = computed(() =>
  pin.value
    ? SHARES.reduce((best, s) =>
        Math.abs(Number(s[0]) - pin.value!.share) < Math.abs(Number(best[0]) - pin.value!.share)
          ? s
          : best,
      )[0]
    : '',
)
async function give(share: string) {
  const { brood } = props.row.brood
  const pins = brood.wishes.pins.filter(p => p.food !== GEL_ID)
  await room.save([
    {
      ...brood,
      wishes: {
        ...brood.wishes,
        pins:
          share === ''
            ? pins
            : [
                ...pins,
                {
                  food: GEL_ID,
                  share: Number(share),
                  fromDay: Math.max(0, props.row.brood.day),
                  toDay: FOR_GOOD,
                },
              ],
      },
    } as RecordDraft,
  ])
}
const load = computed(() => {
  const { verdict, changeNeeded } = props.row.load
  if (verdict === 'fine') return ''
  return changeNeeded === null
    ? 'The food of today loads the tank with more than water changes take: leave out half of the gel.'
    : `The food of today loads the tank: change ${units.share(Math.max(0.05, Math.ceil(changeNeeded * 20) / 20))} of the water a day${verdict === 'feed-less' ? ', and leave out half of the gel until then' : ''}.`
})
</script>

<template>
  <li class="rule py-3 grid gap-1" :data-testid="`gel-${row.brood.name}`">
    <p class="sentence">
      <strong>{{ row.brood.name }}</strong>, {{ row.brood.tank!.name }}:
      <template v-if="row.meal"
        ><span class="amount">{{ pieces(row.meal.pieces) }}</span> a day from {{ row.meal.box.name
        }}<template v-if="mates > 1">, with all in the tank</template>.</template
      >
      <template v-else-if="row.dryMg > 0"
        ><span class="amount">{{ units.grams(row.dryMg / 1000 / 0.2) }}</span> of set gel a day;
        {{ row.mix ? 'no box holds any.' : 'there is no diet for it yet.' }}</template
      >
      <template v-else>no gel today.</template>
    </p>
    <p class="small">
      {{
        row.share > 0
          ? `${units.share(row.share)} of its day is gel${others.length ? `, the rest ${others.join(', ')}` : ''}.`
          : `Its ladder gives gel no share${others.length ? `: it eats ${others.join(', ')}` : ''}.`
      }}
      {{ row.day.lengthMm.toFixed(1) }} mm long, mouth {{ micron(row.day.gapeUm) }}:
      {{
        row.diet.crumb
          ? crumbWords(row.diet.crumb)
          : `pieces to graze on${row.edgeMm ? `, edges of ${row.edgeMm} mm at most` : ''}`
      }}; dry mix through {{ micron(row.diet.sieveUm) }}.
      <template v-if="row.meal">
        Take out what is left after {{ row.meal.removeAfterH }} h.</template
      >
    </p>
    <p v-if="row.next" class="small">
      <strong
        >Next change {{ units.date(row.next.on) }}, at
        {{ row.next.lengthMm.toFixed(1) }} mm:</strong
      >
      {{ changeWords(row.next) }}.
    </p>
    <p v-if="unfit && row.dryMg > 0" class="border-l-4 border-due pl-3">{{ unfit }}</p>
    <p v-if="warm" class="border-l-4 border-due pl-3">{{ warm }}</p>
    <p
      v-if="load && row.dryMg > 0"
      class="border-l-4 pl-3"
      :class="row.load.verdict === 'feed-less' ? 'border-harm' : 'border-due'"
    >
      {{ load }}
    </p>
    <div class="flex flex-wrap gap-x-4 items-center">
      <WhyPanel
        v-if="row.meal"
        :reasons="[row.meal.why]"
        :ask="`Why ${pieces(row.meal.pieces)}?`"
      />
      <label class="flex flex-wrap items-center gap-x-3 font-semibold"
        >Gel in its day<select
          class="field !w-auto font-normal"
          :value="pinned"
          :aria-label="`Gel in the day of ${row.brood.name}`"
          @change="give(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="s in SHARES" :key="s[0]" :value="s[0]">{{ s[1] }}</option>
        </select></label
      >
      <NuxtLink
        :to="`/gel/diet?brood=${row.brood.id}`"
        :prefetch="false"
        class="link inline-flex min-h-12 items-center"
        >Formula for it</NuxtLink
      >
    </div>
  </li>
</template>
