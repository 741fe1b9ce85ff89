<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { navigateTo, useRoute } from '#app/composables/router'
import { CYST_DENSITY_G_PER_ML } from '@renatus/core/dynamics/hatch/handling'
import { spoonMl, weighing } from '@renatus/core/instruments/weighing'
import type { Draft } from '@renatus/core/records/draft'
import { nextMultiple } from '@renatus/core/units/nextMultiple'
import NoRoom from '~/components/shared/NoRoom.vue'
import ThumbInput from '~/components/shared/ThumbInput.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useScale } from '~/composables/useScale'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { massField, numberField, numberOf } from '~/words/fields'

/** A scale: the target, what lies on it, what is missing. */
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const scale = useScale()
const id = useId()
const THINGS = [
  { value: 'cysts', label: 'cysts' },
  { value: 'salt', label: 'salt' },
  { value: 'yeast', label: 'yeast' },
  { value: 'powder', label: 'powder' },
] as const
type Thing = (typeof THINGS)[number]['value']
const query = useRoute().query
const thing = ref<Thing>(THINGS.find(t => t.value === query.of)?.value ?? 'cysts')
const target = ref(String(Number(query.grams) || 2))
const from = ref<'typed' | 'scale' | 'bridge'>('typed')
const typed = ref('')
const spoonId = ref('')
const spoons = ref('')
const problem = ref<string | null>(null)

const spoonTools = computed(() => room.state?.tools.filter(t => t.kind === 'spoon') ?? [])
const targetG = computed(() => {
  const rule = { label: 'Wanted', min: 0, max: 20_000, above: true }
  const parsed = massField(rule, units.measures.value).safeParse(target.value)
  return parsed.success ? parsed.data : null
})
const lies = computed(() => (from.value === 'typed' ? numberOf(typed.value) : scale.grams.value))
const found = computed(() =>
  targetG.value === null || lies.value === null ? null : weighing(targetG.value, lies.value),
)
/** As the scale shows it: hundredths below a hundred grams. */
const exactG = (g: number) => `${g.toFixed(Math.abs(g) < 100 ? 2 : 0)}\u00A0g`
const says = computed(() => {
  if (!found.value)
    return from.value === 'typed' ? 'Type what the scale shows.' : 'Tare it, then pour.'
  const { missingG, enough } = found.value
  if (enough) return 'Enough.'
  return missingG > 0 ? `${exactG(missingG)} missing` : `${exactG(-missingG)} too much`
})
const gPerMl = computed(() => {
  if (thing.value === 'cysts') return CYST_DENSITY_G_PER_ML
  return thing.value === 'salt' ? (room.state?.salts[0]?.gPerMl ?? null) : null
})
watch([from, targetG], () => {
  if (from.value === 'typed' || targetG.value === null) scale.stop()
  else scale.start(from.value === 'scale' ? `scale?target=${targetG.value}` : 'bridge')
})

/** A spoon is learned in passing, from a powder of known density: its filling as if it were water. */
function spoonEntry(grams: number): Draft[] | null {
  if (spoonId.value === '' || gPerMl.value === null) return []
  const n = numberField({ label: 'Spoons', min: 1, max: 200, whole: true }).safeParse(spoons.value)
  if (!n.success) {
    problem.value = n.error.issues[0]!.message
    return null
  }
  const ml = spoonMl(grams, n.data, gPerMl.value) * n.data
  return [
    {
      kind: 'tool.measured',
      subject: { type: 'tool', id: spoonId.value },
      data: { toolId: spoonId.value, times: n.data, grams: ml as never },
    },
  ]
}
async function taken() {
  problem.value = null
  const grams = lies.value
  if (grams === null || grams <= 0 || targetG.value === null) {
    problem.value = 'Nothing lies on the scale.'
    return
  }
  const learned = spoonEntry(grams)
  if (!learned) return
  const text = `Weighed ${units.grams(grams)} of ${thing.value}; ${units.grams(targetG.value)} were wanted.`
  const note: Draft = {
    kind: 'note',
    subject: { type: 'room', id: room.state!.room.id },
    data: { text },
  }
  const result = await room.write([note, ...learned])
  if (!result.ok) return
  undo.offer(result.act, text)
  if (thing.value === 'cysts' || thing.value === 'salt')
    await navigateTo(`/bench?start=weighed&${thing.value}=${Number(grams.toPrecision(4))}`)
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <form
    v-else
    class="grid grid-cols-1 gap-5 max-w-3xl"
    novalidate
    @input="problem = null"
    @submit.prevent="taken"
  >
    <div>
      <p>
        <NuxtLink to="/bench" :prefetch="false" class="link inline-flex min-h-12 items-center"
          >Hatch bench</NuxtLink
        >
      </p>
      <h1>Weigh</h1>
    </div>
    <UndoLine />
    <div class="flex flex-wrap gap-4 items-end">
      <label class="font-semibold"
        >What<select v-model="thing" class="field mt-1 block font-normal">
          <option v-for="t in THINGS" :key="t.value" :value="t.value">{{ t.label }}</option>
        </select></label
      >
      <div class="w-56">
        <label class="font-semibold" :for="`${id}t`">Wanted, g</label>
        <ThumbInput
          :id="`${id}t`"
          v-model="target"
          class="mt-1"
          :from="2"
          :next="(v, way) => nextMultiple(0.5, v, way)"
          :read="numberOf"
        />
      </div>
      <label class="font-semibold"
        >Scale<select v-model="from" class="field mt-1 block font-normal">
          <option value="typed">typed by hand</option>
          <option value="scale">simulated, to try it</option>
          <option value="bridge">bridge of this server</option>
        </select></label
      >
    </div>
    <div class="border-l-[6px] pl-4" :class="found?.enough ? 'border-plan' : 'border-due'">
      <p class="text-[clamp(3.75rem,17vw,8rem)] leading-none font-bold num" data-testid="scale-g">
        {{ lies === null ? '–' : exactG(lies) }}
      </p>
      <p class="text-[1.6875rem] leading-tight font-semibold" role="status">{{ says }}</p>
      <p v-if="from !== 'typed' && lies !== null" class="small">
        {{ scale.settled.value ? 'It has come to rest.' : 'It still moves.' }}
      </p>
      <p v-if="scale.state.value === 'lost'" role="alert" class="text-harm font-semibold">
        The stream is gone: is the server of this app on? Type what the scale shows.
      </p>
    </div>
    <div v-if="from === 'typed'" class="w-56">
      <label class="font-semibold" :for="`${id}g`">It shows, g</label>
      <ThumbInput
        :id="`${id}g`"
        v-model="typed"
        class="mt-1"
        :from="targetG ?? 2"
        :next="(v, way) => nextMultiple(0.1, v, way)"
        :read="numberOf"
      />
    </div>
    <div v-if="spoonTools.length && gPerMl !== null" class="flex flex-wrap gap-4 items-end">
      <label class="font-semibold"
        >Poured with, to learn it<select v-model="spoonId" class="field mt-1 block font-normal">
          <option value="">nothing to learn</option>
          <option v-for="t in spoonTools" :key="t.id" :value="t.id">{{ t.name }}</option>
        </select></label
      >
      <div v-if="spoonId" class="w-44">
        <label class="font-semibold" :for="`${id}n`">level spoons of it</label>
        <ThumbInput
          :id="`${id}n`"
          v-model="spoons"
          class="mt-1"
          :from="1"
          :next="(v, way) => Math.max(1, Math.round(v) + way)"
          :read="numberOf"
          inputmode="numeric"
        />
      </div>
    </div>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p><button class="btn btn-main min-h-16 px-10 text-[1.1875rem]">Taken</button></p>
  </form>
</template>
