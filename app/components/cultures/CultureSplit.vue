<script setup lang="ts">
import { nowInstant } from '~/composables/clock'
import { computed, ref } from 'vue'
import { splitShare, type Tended } from '@renatus/core/planning/amounts'
import { starterRatio } from '@renatus/core/planning/starter'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { likeCulture, newCultures, nextNames } from '@renatus/core/stock/newCultures'
import { useCultureActions } from '~/composables/useCultureActions'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'

/** Part of a culture goes into one or more new vessels like it. */
const props = defineProps<{ tended: Tended; because: string }>()
const room = useRoomStore()
const units = useUnits()
const actions = useCultureActions()
const open = defineModel<boolean>('open', { required: true })
const count = ref('1')
const percent = ref('')
const placeId = ref(
  room.state!.places.find(p => p.id !== props.tended.culture.placeId)?.id ??
    props.tended.culture.placeId ??
    '',
)
const problem = ref<string | null>(null)
const n = computed(() => Math.max(1, Math.min(20, Math.round(Number(count.value)) || 1)))
const proposed = computed(() => splitShare(n.value))
const record = computed(() => props.tended.culture.record)

async function split() {
  const vessels = numberField({ label: 'New vessels', min: 1, max: 20, whole: true }).safeParse(
    count.value,
  )
  const share =
    percent.value.trim() === ''
      ? null
      : numberField({
          label: 'Share that leaves',
          min: 0,
          max: 100,
          unit: '%',
          above: true,
          hint: 'More than all of it cannot be split off.',
        }).safeParse(percent.value)
  const bad = [vessels, share].find(x => x && !x.success)
  problem.value = bad ? bad.error!.issues[0]!.message : null
  if (!vessels.success || (share && !share.success)) return
  const part = share ? share.data! / 100 : proposed.value.value
  const each = (part / vessels.data) * props.tended.reading.estimate.organisms.p50
  const used = new Set(
    room.state!.cultureStates.filter(c => c.ended === null).map(c => c.record.name),
  )
  const startedAt = nowInstant()
  const into = newCultures(
    room.state!,
    nextNames(record.value.name, vessels.data, used).map(name =>
      likeCulture(record.value, {
        name,
        startedAt,
        placeId: placeId.value || null,
        level: 'middle',
        starter: starterRatio(props.tended.food, props.tended.method, record.value.litres, each),
      }),
    ),
    newId,
  )
  if (await actions.split(record.value, into, part, share ? proposed.value.value : null))
    open.value = false
}
</script>

<template>
  <article class="rule py-4 grid gap-2" aria-label="Split">
    <p class="sentence">
      Split off <span class="amount">{{ Math.round(proposed.value * 100) }} %</span> into
      {{ n === 1 ? 'a second vessel' : `${n} new vessels` }}.
    </p>
    <p class="small">{{ because }}</p>
    <form
      v-if="open"
      class="grid gap-3 sm:grid-cols-3 items-end"
      @input="problem = null"
      @submit.prevent="split"
    >
      <label class="font-semibold"
        >New vessels<input
          v-model="count"
          class="field mt-1 font-normal"
          inputmode="numeric"
          autocomplete="off"
      /></label>
      <label class="font-semibold"
        >Share that leaves, %<input
          v-model="percent"
          class="field mt-1 font-normal"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="String(Math.round(proposed.value * 100))"
      /></label>
      <label v-if="room.state!.places.length" class="font-semibold"
        >They stand at<select v-model="placeId" class="field mt-1 font-normal">
          <option v-for="p in room.state!.places" :key="p.id" :value="p.id">
            {{ p.name }}{{ p.id === tended.culture.placeId ? ' (beside it)' : '' }}
          </option>
        </select></label
      >
      <p v-if="problem" role="alert" class="text-harm font-semibold sm:col-span-3">{{ problem }}</p>
      <div class="flex gap-2 sm:col-span-3">
        <button class="btn btn-main">It is split</button
        ><button type="button" data-closes class="btn btn-quiet" @click="open = false">
          Cancel
        </button>
      </div>
    </form>
    <div v-else class="flex flex-wrap gap-2 items-center">
      <button class="btn" @click="open = true">Split</button
      ><WhyPanel
        :reasons="[proposed.why]"
        :ask="`Why ${Math.round(proposed.value * 100)} %?`"
      /><span class="small">{{ units.litres(record.litres) }} vessels alike</span>
    </div>
  </article>
</template>
