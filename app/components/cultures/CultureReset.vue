<script setup lang="ts">
import { nowInstant } from '~/composables/clock'
import { computed, ref } from 'vue'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import type { Tended } from '@renatus/core/planning/amounts'
import { cleanRefusals } from '@renatus/core/planning/refusals'
import { CLEANERS, type Cleaner, type RefusalId } from '@renatus/core/records/vocabulary'
import { running } from '@renatus/core/stock/cultures'
import { navigateTo } from '#app/composables/router'
import { likeCulture, newCultures } from '@renatus/core/stock/newCultures'
import { useCultureActions } from '~/composables/useCultureActions'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import TendAction from './TendAction.vue'

/** Emptied, cleaned, and started anew in the same place with a usual starter of the best vessel at hand. */
const props = defineProps<{ tended: Tended }>()
const room = useRoomStore()
const actions = useCultureActions()
const record = computed(() => props.tended.culture.record)
const cleaner = ref<Cleaner>('hot water')
const sources = computed(() =>
  running(room.state!.cultureStates).filter(
    c => c.record.foodId === record.value.foodId && !c.quarantine,
  ),
)
const from = ref(
  sources.value.find(c => c.id !== props.tended.culture.id)?.id ?? props.tended.culture.id,
)
const against = computed(() =>
  cleanRefusals(
    props.tended.culture,
    cleaner.value,
    room.state!.cultureStates,
    room.state!.entries,
    props.tended.now,
  ),
)

async function reset(_given: number | null, despite: RefusalId[]) {
  const { level, placeId } = props.tended.culture
  const anew = newCultures(
    room.state!,
    [
      likeCulture(record.value, {
        name: record.value.name,
        startedAt: nowInstant(),
        starter: 1,
        placeId,
        level,
        vesselId: record.value.vesselId,
        setId: record.value.setId,
        mother: record.value.mother,
      }),
    ],
    newId,
  )[0]!
  if (
    await actions.reset(
      props.tended.culture,
      { ...anew, code: record.value.code ?? anew.code },
      from.value === 'bought' ? [] : [from.value],
      cleaner.value,
      despite,
    )
  )
    await navigateTo(`/shelf/${anew.id}`)
}
</script>

<template>
  <TendAction
    title="Reset"
    verb="Reset it: empty, clean, start anew with"
    amount="a usual starter."
    :because="tended.method.renewRule"
    :refusals="against"
    @done="reset"
  >
    <div class="grid gap-3 sm:grid-cols-2">
      <label class="font-semibold"
        >Starter from<select v-model="from" class="field mt-1 font-normal">
          <option v-for="s in sources" :key="s.id" :value="s.id">
            {{ s.record.name }}{{ s.id === tended.culture.id ? ' itself' : '' }}
          </option>
          <option value="bought">bought</option>
        </select></label
      >
      <label class="font-semibold"
        >Cleaned with<select v-model="cleaner" class="field mt-1 font-normal">
          <option v-for="c in CLEANERS" :key="c" :value="c">{{ c }}</option>
        </select></label
      >
    </div>
    <p v-if="cleaner === 'bleach'" class="border-l-4 border-harm pl-3">
      <strong>Caution.</strong> {{ CAUTIONS.bleach.text }}
    </p>
  </TendAction>
</template>
