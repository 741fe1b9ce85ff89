<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Tended } from '@renatus/core/planning/amounts'
import { cleanRefusals } from '@renatus/core/planning/refusals'
import {
  CLEAN_RULES,
  CLEANERS,
  LEVELS,
  type CleanRule,
  type Cleaner,
  type Level,
} from '@renatus/core/records/vocabulary'
import HoldButton from '~/components/shared/HoldButton.vue'
import RefusalList from '~/components/shared/RefusalList.vue'
import { useCultureActions } from '~/composables/useCultureActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { temperatureField } from '~/words/fields'
import { CLEAN_WORDS, LEVEL_WORDS } from '~/words/tending'

/** Where it stands, how warm it is, whether it stands apart, and how it ends. */
const props = defineProps<{ tended: Tended }>()
const room = useRoomStore()
const units = useUnits()
const actions = useCultureActions()
const record = computed(() => props.tended.culture.record)
const placeId = ref(props.tended.culture.placeId ?? '')
const level = ref<Level>(props.tended.culture.level)
const degrees = ref('')
const reason = ref('')
const rule = ref<CleanRule>('shared-tool')
const cleaner = ref<Cleaner>('hot water')
const problem = ref<string | null>(null)
const against = computed(() =>
  cleanRefusals(
    props.tended.culture,
    cleaner.value,
    room.state!.cultureStates,
    room.state!.entries,
    props.tended.now,
  ),
)
const despite = computed(() => against.value.map(r => r.id))
const placeName = computed(
  () => room.state!.places.find(p => p.id === placeId.value)?.name ?? 'nowhere in particular',
)

const move = () =>
  actions.moved(
    record.value,
    placeId.value || null,
    level.value,
    `${placeName.value}, ${LEVEL_WORDS[level.value]}`,
  )
async function read() {
  const parsed = temperatureField(
    { label: 'Temperature', min: -5, max: 45 },
    units.measures.value,
  ).safeParse(degrees.value)
  problem.value = parsed.success ? null : parsed.error.issues[0]!.message
  if (parsed.success && (await actions.temperature(record.value, parsed.data))) degrees.value = ''
}
</script>

<template>
  <article class="rule py-4 grid gap-3" aria-label="Move">
    <p class="sentence">Move it to another place.</p>
    <div class="flex flex-wrap gap-3 items-end">
      <label class="font-semibold"
        >Place<select v-model="placeId" class="field mt-1 block font-normal">
          <option value="">nowhere in particular</option>
          <option v-for="p in room.state!.places" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select></label
      >
      <label class="font-semibold"
        >Height<select v-model="level" class="field mt-1 block font-normal">
          <option v-for="l in LEVELS" :key="l" :value="l">{{ LEVEL_WORDS[l] }}</option>
        </select></label
      >
      <button class="btn" @click="move">Move: done</button>
    </div>
  </article>
  <form
    class="rule py-4 flex flex-wrap gap-3 items-end"
    @input="problem = null"
    @submit.prevent="read"
  >
    <label class="font-semibold"
      >Thermometer in the vessel, {{ units.temperatureUnit.value
      }}<input
        v-model="degrees"
        class="field mt-1 max-w-40 block font-normal"
        inputmode="decimal"
        autocomplete="off"
    /></label>
    <button class="btn">Temperature: done</button>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
  </form>
  <article class="rule py-4 grid gap-3" aria-label="Keep it apart">
    <p v-if="tended.culture.quarantine" class="sentence">
      It stands apart since {{ units.when(tended.culture.quarantine.since)
      }}<template v-if="tended.culture.quarantine.reason"
        >: {{ tended.culture.quarantine.reason }}</template
      >.
    </p>
    <p v-else class="sentence">
      Set it apart: last in the round, with tools of its own, for no tank.
    </p>
    <div class="flex flex-wrap gap-3 items-end">
      <label v-if="!tended.culture.quarantine" class="font-semibold"
        >Because of<input
          v-model="reason"
          class="field mt-1 block font-normal"
          maxlength="200"
          autocomplete="off"
      /></label>
      <button class="btn" @click="actions.quarantined(record, !tended.culture.quarantine, reason)">
        {{ tended.culture.quarantine ? 'Let it back' : 'Set apart: done' }}
      </button>
    </div>
    <div class="flex flex-wrap gap-3 items-end">
      <label class="font-semibold"
        >A rule was broken<select v-model="rule" class="field mt-1 block font-normal">
          <option v-for="r in CLEAN_RULES" :key="r" :value="r">{{ CLEAN_WORDS[r] }}</option>
        </select></label
      >
      <button class="btn" @click="actions.crossed(record, rule)">Write it down</button>
    </div>
  </article>
  <article class="rule py-4 grid gap-3" aria-label="End it">
    <p class="sentence">End it.</p>
    <p class="border-l-4 border-harm pl-3">
      {{ tended.method.harvest.at(-1)?.text }} Nothing of it into drains that reach natural water.
    </p>
    <label class="font-semibold"
      >Vessel cleaned with<select v-model="cleaner" class="field mt-1 block max-w-48 font-normal">
        <option v-for="c in CLEANERS" :key="c" :value="c">{{ c }}</option>
      </select></label
    >
    <RefusalList :refusals="against" />
    <div class="flex flex-wrap gap-2">
      <HoldButton
        label="Used up"
        @held="actions.ended(record, 'used up', cleaner, despite)"
      /><HoldButton label="Failed" @held="actions.ended(record, 'failed', cleaner, despite)" />
      <HoldButton
        label="Discard"
        @held="actions.ended(record, 'discarded', cleaner, despite)"
      /><HoldButton
        label="Given away"
        @held="actions.ended(record, 'given away', cleaner, despite)"
      />
    </div>
  </article>
</template>
