<script setup lang="ts">
import { computed, ref } from 'vue'
import { brineShrimp } from '@renatus/core/foods/brine-shrimp/index'
import { firstFittingDay } from '@renatus/core/fry/mealDemand'
import { FIT_ENOUGH } from '@renatus/core/fry/sizeFit'
import { speciesOf } from '@renatus/core/fry/species'
import { broodDemand } from '@renatus/core/planning/meals'
import type { Brood } from '@renatus/core/records/records'
import { addDays, daysBetween, localDateOf } from '@renatus/core/time/localDate'
import HoldButton from '~/components/shared/HoldButton.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { plural } from '~/words/round'

const props = defineProps<{ brood: Brood }>()
const emit = defineEmits<{ edit: [] }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const state = computed(() => room.state!)
const today = computed(() => localDateOf(room.now, room.timeZone))
const day = computed(() => daysBetween(props.brood.freeSwimmingOn, today.value))
const species = computed(() => speciesOf(props.brood))
const tank = computed(() => state.value.tanks.find(t => t.id === props.brood.tankId))
const demand = computed(() => broodDemand(state.value, props.brood, day.value < 0 ? props.brood.freeSwimmingOn : today.value))
const fitsOn = computed(() => {
  if (!species.value || !tank.value) return null
  const found = firstFittingDay(species.value, tank.value.temperatureC, brineShrimp.profile, Math.max(0, day.value))
  return found === null ? null : { day: found, date: addDays(props.brood.freeSwimmingOn, found) }
})
const headline = computed(() => (day.value < 0
  ? `${props.brood.dateKind === 'expected' ? 'Expected to swim free' : 'Swims free'} in ${plural(-day.value, 'day')}, ${units.date(props.brood.freeSwimmingOn)}.`
  : `Day ${day.value}: free swimming since ${units.date(props.brood.freeSwimmingOn)} (${props.brood.dateKind}).`))

const counting = ref(false)
const typed = ref('')
const problem = ref<string | null>(null)
async function count() {
  const parsed = numberField({ label: 'Number of fry', min: 0, max: 100_000, whole: true }).safeParse(typed.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (!parsed.success) return
  const result = await room.write([{ kind: 'brood.counted', subject: { type: 'brood', id: props.brood.id }, data: { broodId: props.brood.id, fry: parsed.data, on: today.value } }])
  if (result.ok) undo.offer(result.act, `${props.brood.name}: ${plural(parsed.data, 'fry', 'fry')} counted.`)
  counting.value = false
}
</script>

<template>
  <article class="border-b border-line py-5 grid gap-3">
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h2 class="text-xl">{{ brood.name }}</h2>
      <p class="small">{{ species?.name ?? 'unknown fish' }}<template v-if="tank">, {{ tank.name }}, {{ units.litres(tank.litres) }}, {{ units.celsius(tank.temperatureC) }}</template></p>
    </div>
    <p>{{ headline }}</p>
    <p v-if="!species" role="alert" class="text-harm font-semibold">This fish (“{{ brood.speciesId }}”) is not in the catalogue of this version. Change the brood and choose another, or enter own values.</p>
    <template v-if="demand && tank">
      <p v-if="demand.fit >= FIT_ENOUGH" class="sentence">
        <span class="amount" data-testid="per-meal">{{ units.count(demand.perMeal) }}</span> nauplii a meal, {{ units.count(demand.perDay) }} a day at {{ plural(state.room.rounds.length, 'round') }}.
      </p>
      <p v-else class="border-l-[6px] border-due pl-3">
        <strong>Nauplii are too big for this mouth</strong><template v-if="fitsOn"> until about {{ units.date(fitsOn.date) }} (day {{ fitsOn.day }})</template>.
        Until then it needs something smaller, such as infusoria; this version plans brine shrimp only.
      </p>
      <p class="small">
        About {{ units.whole(demand.fryAlive) }} fry of {{ demand.lengthMm.toFixed(1) }} mm with a mouth of {{ (demand.gapeUm / 1000).toFixed(2) }} mm; a nauplius is {{ (brineShrimp.profile.criticalWidthUm / 1000).toFixed(2) }} mm wide.
        They want {{ demand.mealsWanted }} meals a day; you make {{ plural(state.room.rounds.length, 'round') }}<template v-if="demand.covered < 0.99">, which bring {{ units.share(demand.covered) }} of what they can eat, since nauplii die between them</template><template v-else-if="demand.mealsWanted > state.room.rounds.length">, so each is larger</template>.
        <template v-if="demand.smallerBox"> The tank is large for so few: a smaller rearing box would save most of the food.</template>
      </p>
      <WhyPanel v-if="demand.fit >= FIT_ENOUGH" :reasons="[demand.why]" :ask="`Why ${units.count(demand.perMeal)}?`" />
    </template>
    <div class="flex flex-wrap gap-2 items-end">
      <template v-if="!counting">
        <button class="btn" @click="counting = true">Count the fry</button>
        <button class="btn" @click="emit('edit')">Change</button>
        <HoldButton label="End the brood" @held="room.remove(brood.id)" />
      </template>
      <form v-else class="flex gap-2 items-end" @submit.prevent="count">
        <label class="font-semibold">Fry counted<input v-model="typed" class="field mt-1 block w-36" inputmode="numeric"></label>
        <button class="btn btn-main">Log it</button><button type="button" class="btn btn-quiet" @click="counting = false">Cancel</button>
      </form>
    </div>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
  </article>
</template>
