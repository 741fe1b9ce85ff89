<script setup lang="ts">
import { computed } from 'vue'
import { foodOf } from '@renatus/core/foods/index'
import { startOrder } from '@renatus/core/planning/plan/startOrder'
import { daysBetween } from '@renatus/core/time/localDate'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import type { PlanStart } from '~/composables/useHeldStarts'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { slackWords } from '~/words/ahead'
import { orderWords } from '~/words/aheadPicture'
import { foodInText } from '~/words/foods'
import { plural } from '~/words/round'

/** The start that is selected: what, when, for whom, why, and what can be done with it. */
const props = defineProps<{
  start: PlanStart
  original: PlanStart
  touched: boolean
  /** Whether mouths miss what comes too late. */
  late: boolean
}>()
const emit = defineEmits<{
  earlier: []
  later: []
  fewer: []
  more: []
  school: [method: string]
  giveUp: []
  putBack: []
  keep: []
}>()
const ahead = useAheadStore()
const room = useRoomStore()
const units = useUnits()
const on = computed(() =>
  props.start.on <= (room.state?.today ?? '') ? 'today' : `on ${units.date(props.start.on)}`,
)
const brood = computed(() => room.state?.broods.find(b => b.id === props.start.forBrood)?.name)
const slack = computed(() => {
  const { readyBy, neededOn } = props.start
  return readyBy && !props.touched ? slackWords(daysBetween(readyBy, neededOn), props.late) : ''
})
const more = computed(() => {
  const litres = `in ${units.litres(props.start.litres)} each`
  const forWhom = brood.value ? `for ${brood.value}, ${units.date(props.start.neededOn)}` : ''
  const is = room.state && startOrder(room.state, props.start)
  const order = is ? orderWords(is.state, units.date(is.on)) : ''
  return [forWhom, litres, order].filter(Boolean).join('; ')
})
const schools = computed(() => foodOf(props.start.food)?.methods ?? [])
const choose = (e: Event) => emit('school', (e.target as HTMLSelectElement).value)
const why = computed(() => props.original.change?.is?.why ?? null)
</script>

<template>
  <section class="border-2 border-ink bg-paper px-4 py-3 grid gap-1" aria-label="Selected start">
    <p class="sentence">
      Start <span class="amount">{{ plural(start.vessels, 'vessel') }}</span> of
      {{ foodInText(start.food) }} {{ on }}.
      <strong v-if="slack" :class="late ? 'text-due' : ''">{{ slack }}</strong>
    </p>
    <p class="small" role="status">
      <template v-if="touched">{{
        ahead.side.busy
          ? 'Working out what that does to the broods.'
          : 'The cover below is as it would be.'
      }}</template><template v-else>{{ more }}.</template>
    </p>
    <div class="flex flex-wrap gap-2 items-center">
      <button v-if="touched" class="btn btn-main" @click="emit('keep')">Keep it so</button>
      <button v-if="touched" class="btn" @click="emit('putBack')">Put back</button>
      <button
        v-if="!touched && original.change"
        class="btn btn-main"
        @click="ahead.accept(original.change)"
      >
        {{ original.kept ? 'Take the change' : 'Keep' }}
      </button>
      <button class="btn" @click="emit('earlier')">Earlier</button>
      <button class="btn" @click="emit('later')">Later</button>
      <button class="btn" :disabled="start.vessels < 2" @click="emit('fewer')">One fewer</button>
      <button class="btn" @click="emit('more')">One more</button>
      <label v-if="schools.length > 1" class="flex items-center gap-2"
        >School<select class="field w-auto max-w-64" :value="start.method" @change="choose">
          <option v-for="m in schools" :key="m.id" :value="m.id">{{ m.name }}</option>
        </select></label
      >
      <button class="btn" @click="emit('giveUp')">Drop</button>
      <WhyPanel v-if="why && !touched" :reasons="[why]" :ask="`Why ${start.vessels}?`" />
    </div>
  </section>
</template>
