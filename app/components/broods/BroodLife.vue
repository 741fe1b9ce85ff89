<script setup lang="ts">
import { computed } from 'vue'
import { nextEvents } from '@renatus/core/stock/broodActs'
import type { BroodState } from '@renatus/core/stock/broodState'
import HoldButton from '~/components/shared/HoldButton.vue'
import { useUnits } from '~/composables/useUnits'
import { dateDoubt } from '~/words/broods'
import { EVENT_WORDS } from '~/words/log'
import { FIELDS, useBroodLife } from './useBroodLife'

/** Spawned, hatched, free swimming, counted, split, moved on, ended: each a tap and a number. */
const props = defineProps<{ brood: BroodState }>()
const emit = defineEmits<{ ended: [] }>()
const units = useUnits()
const life = useBroodLife(props)
const { asking, typed, tankId, problem, targets, seen, submit, ask } = life

const EVENT_BUTTONS = {
  spawned: 'They spawned today',
  hatched: 'They hatched today',
  free: 'They swim free today',
} as const
const events = computed(() => nextEvents(props.brood))
const dates = computed(() =>
  (['spawned', 'hatched', 'free'] as const).flatMap(event => {
    const d = props.brood.dates[event]
    return d ? [{ event, on: d.on, doubt: dateDoubt(d) }] : []
  }),
)
async function end() {
  if (await life.end()) emit('ended')
}
</script>

<template>
  <div class="grid gap-3">
    <ul class="flex flex-wrap gap-x-6 gap-y-1">
      <li v-for="d in dates" :key="d.event">
        <strong class="inline-block first-letter:uppercase">{{ EVENT_WORDS[d.event] }}</strong>
        {{ units.date(d.on) }} <span class="small">{{ d.doubt }}</span>
      </li>
    </ul>
    <div v-if="!asking" class="flex flex-wrap gap-2">
      <button
        v-for="(event, i) in events"
        :key="event"
        class="btn"
        :class="{ 'btn-main': i === 0 }"
        @click="seen(event)"
      >
        {{ EVENT_BUTTONS[event] }}
      </button>
      <button v-for="(f, kind) in FIELDS" :key="kind" class="btn" @click="ask(kind)">
        {{ f.button }}
      </button>
      <HoldButton label="End the brood" @held="end" />
    </div>
    <form
      v-else
      class="flex flex-wrap gap-2 items-end"
      @input="problem = null"
      @submit.prevent="submit"
    >
      <label class="font-semibold"
        >{{ FIELDS[asking].label
        }}{{ asking === 'temperature' ? `, ${units.temperatureUnit.value}` : ''
        }}<input v-model="typed" class="field mt-1 block w-44 font-normal" inputmode="decimal"
      /></label>
      <label v-if="asking === 'split'" class="font-semibold"
        >The other tank<select v-model="tankId" class="field mt-1 block font-normal">
          <option v-for="t in targets" :key="t.id" :value="t.id">{{ t.name }}</option>
        </select></label
      >
      <button class="btn btn-main">Log it</button
      ><button type="button" data-closes class="btn btn-quiet" @click="asking = null">
        Cancel
      </button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
  </div>
</template>
