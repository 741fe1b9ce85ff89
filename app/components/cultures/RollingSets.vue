<script setup lang="ts">
import { computed, ref } from 'vue'
import { foodOf } from '@renatus/core/foods/index'
import { running } from '@renatus/core/stock/cultures'
import HoldButton from '~/components/shared/HoldButton.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { foodName } from '~/words/foods'
import { numberField } from '~/words/fields'
import { ROLE_WORDS } from '~/words/tending'

/** Vessels of one food that are reset in turn: which is young, which is fed out, and when the next is reset. */
const room = useRoomStore()
const units = useUnits()
const state = computed(() => room.state!)
const free = computed(() =>
  running(state.value.cultureStates).filter(
    c => !c.record.setId || !state.value.rolling.some(r => r.set.id === c.record.setId),
  ),
)
const foods = computed(() =>
  [...new Set(free.value.map(c => c.record.foodId))].filter(
    id => free.value.filter(c => c.record.foodId === id).length > 1,
  ),
)
const making = ref(false)
const foodId = ref('')
const chosen = ref<string[]>([])
const days = ref('')
const problem = ref<string | null>(null)
function open() {
  making.value = true
  foodId.value = foods.value[0] ?? ''
  pick()
}
function pick() {
  const mine = free.value.filter(c => c.record.foodId === foodId.value)
  chosen.value = mine.map(c => c.id)
  const method = foodOf(foodId.value)?.methods.find(m => m.id === mine[0]?.record.methodId)
  days.value = String(
    Math.max(1, Math.round((method?.renewAfterDays ?? 21) / Math.max(1, mine.length))),
  )
}
async function save() {
  const every = numberField({
    label: 'Days from reset to reset',
    min: 1,
    max: 400,
    unit: 'd',
    whole: true,
  }).safeParse(days.value)
  const alone =
    chosen.value.length < 2 ? 'Choose two vessels or more: one alone is not rolled.' : null
  problem.value = every.success ? alone : every.error.issues[0]!.message
  if (problem.value || !every.success) return
  const id = newId()
  await room.save([
    {
      id,
      type: 'rolling-set',
      name: `${foodName(foodId.value)} in turn`,
      foodId: foodId.value,
      everyDays: every.data,
    },
    ...free.value.filter(c => chosen.value.includes(c.id)).map(c => ({ ...c.record, setId: id })),
  ])
  making.value = false
}
</script>

<template>
  <section v-if="state.rolling.length || foods.length" class="grid gap-2">
    <ShelfEdge name="Rolled in turn" />
    <article
      v-for="r in state.rolling"
      :key="r.set.id"
      class="rule py-3 grid gap-1"
      :aria-label="r.set.name"
    >
      <p class="sentence">
        <strong>{{ r.set.name }}:</strong>
        <template v-for="(m, i) in r.members" :key="m.culture.id"
          >{{ i ? ', ' : ' '
          }}<NuxtLink :to="`/shelf/${m.culture.id}`" :prefetch="false" class="link">{{
            m.culture.record.name
          }}</NuxtLink>
          {{ ROLE_WORDS[m.role] }}</template
        >.
      </p>
      <p class="small flex flex-wrap items-center gap-3">
        <span v-if="r.next && r.nextAt"
          >Reset {{ r.next.record.name }} {{ r.nextAt <= room.now ? 'now' : units.day(r.nextAt) }};
          one every {{ r.set.everyDays }} days.</span
        ><span v-else>No vessel of it runs.</span
        ><HoldButton label="No longer in turn" @held="room.remove(r.set.id)" />
      </p>
    </article>
    <form
      v-if="making"
      class="border-2 border-ink bg-paper p-4 grid gap-3"
      @input="problem = null"
      @submit.prevent="save"
    >
      <label class="font-semibold"
        >Food<select v-model="foodId" class="field mt-1 block max-w-xs font-normal" @change="pick">
          <option v-for="f in foods" :key="f" :value="f">{{ foodName(f) }}</option>
        </select></label
      >
      <fieldset>
        <legend class="font-semibold">Vessels</legend>
        <label
          v-for="c in free.filter(x => x.record.foodId === foodId)"
          :key="c.id"
          class="flex items-center gap-3 min-h-12"
          ><input
            v-model="chosen"
            type="checkbox"
            :value="c.id"
            class="size-6 accent-[var(--plan)]"
          />{{ c.record.name }}</label
        >
      </fieldset>
      <label class="font-semibold"
        >Days from reset to reset<input
          v-model="days"
          class="field mt-1 block max-w-32 font-normal"
          inputmode="numeric"
          autocomplete="off"
      /></label>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
      <div class="flex gap-2">
        <button class="btn btn-main">Roll them</button
        ><button type="button" data-closes class="btn btn-quiet" @click="making = false">
          Cancel
        </button>
      </div>
    </form>
    <p v-else-if="foods.length"><button class="btn" @click="open">Roll vessels in turn</button></p>
  </section>
</template>
