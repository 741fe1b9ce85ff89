<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BroodState } from '@renatus/core/stock/broodState'
import type { LifeEvent } from '@renatus/core/fry/life'
import HoldButton from '~/components/shared/HoldButton.vue'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import type { RecordDraft } from '~/db/registry'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField, RULES, temperatureField } from '~/words/fields'
import { EVENT_WORDS } from '~/words/log'
import { plural } from '~/words/round'

/** Spawned, hatched, free swimming, counted, split, moved on, ended: each a tap and a number. */
const props = defineProps<{ brood: BroodState }>()
const emit = defineEmits<{ ended: [] }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const today = computed(() => room.state!.today)
const subject = computed(() => ({ type: 'brood', id: props.brood.id }))

type Asking = 'counted' | 'died' | 'moved on' | 'split' | 'temperature'
const FIELDS: Record<Asking, { button: string; label: string }> = {
  'counted': { button: 'Count the fry', label: 'Fry counted' },
  'died': { button: 'Some died', label: 'Fry that died' },
  'moved on': { button: 'Some moved on', label: 'Fry sold, given away or grown out of this' },
  'split': { button: 'Split over tanks', label: 'Fry that go to the other tank' },
  'temperature': { button: 'Read the thermometer', label: 'Temperature of the tank' },
}
const asking = ref<Asking | null>(null)
const typed = ref('')
const tankId = ref('')
const problem = ref<string | null>(null)
const targets = computed(() => room.state!.tanks.filter(t => t.id !== props.brood.tank?.id))

/** Stages somebody may just have seen: the next ones, and one that was only worked out and is not long past. */
const LATELY_DAYS = 3
const nextEvents = computed((): LifeEvent[] => {
  const { dates, stage, day } = props.brood
  if (stage === 'hoped') return ['spawned']
  if (stage === 'eggs')
    return dates.spawned && !dates.spawned.seen ? ['spawned', 'hatched'] : ['hatched']
  if (stage === 'yolk') return dates.hatched && !dates.hatched.seen ? ['hatched', 'free'] : ['free']
  return !dates.free.seen && day <= LATELY_DAYS ? ['free'] : []
})
const EVENT_BUTTONS = {
  spawned: 'They spawned today',
  hatched: 'They hatched today',
  free: 'They swim free today',
} as const
const dates = computed(() =>
  (
    [
      ['spawned', props.brood.dates.spawned],
      ['hatched', props.brood.dates.hatched],
      ['free', props.brood.dates.free],
    ] as const
  ).filter(([, d]) => d !== null),
)

async function log(drafts: readonly Draft[], text: string, records: readonly RecordDraft[] = []) {
  const result = await room.write(drafts, null, records)
  if (result.ok) undo.offer(result.act, text)
}
const seen = (event: LifeEvent) =>
  log(
    [
      {
        kind: 'brood.event',
        subject: subject.value,
        data: { broodId: props.brood.id, event, on: today.value },
      },
    ],
    `${props.brood.name}: ${EVENT_WORDS[event]} today. Its dates hang on that now.`,
  )
async function end() {
  await log(
    [
      {
        kind: 'brood.ended',
        subject: subject.value,
        data: { broodId: props.brood.id, on: today.value, reason: 'ended' },
      },
    ],
    `${props.brood.name} has ended.`,
  )
  emit('ended')
}

async function submit() {
  const kind = asking.value
  if (!kind) return
  if (kind === 'temperature') return readTemperature()
  const most = kind === 'counted' ? RULES.fry.max : Math.max(1, Math.round(props.brood.fryNow))
  const parsed = numberField({
    ...RULES.fry,
    label: FIELDS[kind].label,
    min: kind === 'counted' ? 0 : 1,
    max: most,
    hint:
      kind === 'counted'
        ? undefined
        : `About ${units.whole(most)} are in the tank; count them if there are more.`,
  }).safeParse(typed.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (!parsed.success) return
  const n = parsed.data
  if (kind === 'counted')
    await log(
      [
        {
          kind: 'brood.counted',
          subject: subject.value,
          data: { broodId: props.brood.id, fry: n, on: today.value },
        },
      ],
      `${props.brood.name}: ${plural(n, 'fry', 'fry')} counted.`,
    )
  else if (kind === 'split') await split(n)
  else
    await log(
      [
        {
          kind: 'brood.left',
          subject: subject.value,
          data: { broodId: props.brood.id, fry: n, on: today.value, how: kind, toBroodId: null },
        },
      ],
      `${props.brood.name}: ${plural(n, 'fry', 'fry')} ${kind}.`,
    )
  close()
}
async function readTemperature() {
  const { tank } = props.brood
  const parsed = temperatureField(RULES.tankTemperature, units.measures.value).safeParse(
    typed.value,
  )
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (!parsed.success || !tank) return
  await log(
    [
      {
        kind: 'tank.temperature',
        subject: { type: 'tank', id: tank.id },
        data: {
          tankId: tank.id,
          temperatureC: parsed.data as never,
          was: props.brood.temperature(today.value) as never,
        },
      },
    ],
    `${tank.name}: ${units.celsius(parsed.data)}. Dates and growth follow.`,
  )
  close()
}
async function split(n: number) {
  const target = targets.value.find(t => t.id === tankId.value)
  if (!target) {
    problem.value = 'The other tank is not chosen: choose one, or add a tank in Setup first.'
    return
  }
  const id = newId()
  const { brood } = props.brood
  const { free } = props.brood.dates
  const record = {
    ...brood,
    id,
    name: `${brood.name}, ${target.name}`.slice(0, 60),
    tankId: target.id,
    fry: n,
    countedOn: today.value,
    splitFrom: brood.id,
    anchor: {
      event: 'free',
      on: free.on,
      kind: free.seen ? 'seen' : 'expected',
      spreadDays: free.spreadDays,
    },
  }
  await log(
    [
      {
        kind: 'brood.left',
        subject: subject.value,
        data: { broodId: brood.id, fry: n, on: today.value, how: 'split', toBroodId: id },
      },
    ],
    `${plural(n, 'fry', 'fry')} of ${brood.name} are in ${target.name} now.`,
    [record as unknown as RecordDraft],
  )
}
function ask(kind: Asking) {
  asking.value = kind
  typed.value = ''
  problem.value = null
  tankId.value = targets.value[0]?.id ?? ''
}
function close() {
  if (problem.value === null) asking.value = null
}
</script>

<template>
  <div class="grid gap-3">
    <ul class="flex flex-wrap gap-x-6 gap-y-1">
      <li v-for="[event, d] in dates" :key="event">
        <strong class="inline-block first-letter:uppercase">{{ EVENT_WORDS[event] }}</strong>
        {{ units.date(d!.on) }}
        <span class="small">{{
          d!.seen
            ? 'seen'
            : d!.spreadDays >= 0.5
              ? `worked out, give or take ${plural(Math.round(d!.spreadDays), 'day')}`
              : 'worked out'
        }}</span>
      </li>
    </ul>
    <div v-if="!asking" class="flex flex-wrap gap-2">
      <button
        v-for="(event, i) in nextEvents"
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
    <form v-else class="flex flex-wrap gap-2 items-end" @submit.prevent="submit">
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
      ><button type="button" class="btn btn-quiet" @click="asking = null">Cancel</button>
    </form>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
  </div>
</template>
