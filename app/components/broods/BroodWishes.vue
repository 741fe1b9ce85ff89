<script setup lang="ts">
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import { bracket } from '@renatus/core/math/bracket'
import { computed } from 'vue'
import type { Sheet } from '@renatus/core/fry/broodSheet'
import { edible, EDIBLES } from '@renatus/core/fry/edibles'
import { SCHOOLS, schoolOf, type School } from '@renatus/core/fry/wishes'
import type { BroodState } from '@renatus/core/stock/broodState'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** What the user decides: the school, and foods forbidden, preferred or pinned. */
const props = defineProps<{ brood: BroodState; sheet: Sheet | null }>()
const room = useRoomStore()
const wishes = computed(() => props.brood.brood.wishes)
const PIN_DAYS = 14
const CHOICES = [
  { value: 'fits', label: 'as it fits' },
  { value: 'prefer', label: 'prefer it' },
  { value: 'forbid', label: 'not here' },
  { value: 'pin25', label: `a quarter of the day for ${PIN_DAYS} days` },
  { value: 'pin50', label: `half of the day for ${PIN_DAYS} days` },
  { value: 'pin75', label: `three quarters for ${PIN_DAYS} days` },
] as const
type Choice = (typeof CHOICES)[number]['value']

const closing = computed(() => new Set(props.sheet?.gaps.flatMap(g => g.closers) ?? []))
const kept = computed(() =>
  EDIBLES.filter(
    e =>
      room.state!.room.foods.includes(e.id) || schoolOf(wishes.value.school).brings.includes(e.id),
  ),
)
const others = computed(() =>
  EDIBLES.filter(e => !kept.value.includes(e)).sort(
    (a, b) => Number(closing.value.has(b.id)) - Number(closing.value.has(a.id)),
  ),
)
const pinOf = (id: string) =>
  wishes.value.pins.find(p => p.food === id && p.toDay >= props.brood.day)
const PINS = [
  [0.31, 'pin25'],
  [0.61, 'pin50'],
] as const
function choiceOf(id: string): Choice {
  if (wishes.value.forbidden.includes(id)) return 'forbid'
  const pin = pinOf(id)
  if (pin) return bracket<Choice>(pin.share, PINS, 'pin75')
  return wishes.value.preferred.includes(id) ? 'prefer' : 'fits'
}
const save = (part: Partial<BroodState['brood']['wishes']>) =>
  room.save([{ ...props.brood.brood, wishes: { ...wishes.value, ...part } } as never])
async function choose(id: string, choice: Choice) {
  const without = (list: readonly string[]) => list.filter(x => x !== id)
  const day = Math.max(0, props.brood.day)
  const share = { pin25: 0.25, pin50: 0.5, pin75: 0.75 }[choice as 'pin25']
  await save({
    forbidden:
      choice === 'forbid'
        ? [...without(wishes.value.forbidden), id]
        : without(wishes.value.forbidden),
    preferred:
      choice === 'prefer'
        ? [...without(wishes.value.preferred), id]
        : without(wishes.value.preferred),
    pins: [
      ...wishes.value.pins.filter(p => p.food !== id),
      ...(share ? [{ food: id, share, fromDay: day, toDay: day + PIN_DAYS }] : []),
    ],
  })
}
const keep = (id: string) => room.save(keepingFoods(room.state!, [id]))
const school = computed({
  get: () => wishes.value.school,
  set: (s: School) => {
    void save({ school: s })
  },
})
</script>

<template>
  <section class="grid gap-3">
    <ShelfEdge name="Which foods" />
    <fieldset class="grid gap-2 sm:grid-cols-2">
      <legend class="font-semibold mb-1">By which school</legend>
      <label
        v-for="s in SCHOOLS"
        :key="s.id"
        class="flex gap-3 items-start min-h-14 border-2 px-3 py-2 cursor-pointer bg-paper"
        :class="school === s.id ? 'border-ink' : 'border-line'"
      >
        <input
          v-model="school"
          type="radio"
          name="school"
          :value="s.id"
          class="size-5 mt-1 accent-[var(--plan)] shrink-0"
        /><span
          ><strong>{{ s.name }}</strong
          ><span class="small block leading-snug">{{ s.about }}</span></span
        >
      </label>
    </fieldset>
    <p v-if="schoolOf(school).tip" class="border-l-[6px] border-plan pl-3">
      {{ schoolOf(school).tip }}
    </p>
    <div class="grid gap-x-8 desk:grid-cols-2">
      <ul>
        <li v-for="f in kept" :key="f.id" class="rule py-1 flex flex-wrap gap-x-3 items-center">
          <span class="grow"
            >{{ f.name
            }}<span v-if="pinOf(f.id)" class="small">
              until day {{ pinOf(f.id)!.toDay }}</span
            ></span
          >
          <select
            class="field w-auto max-w-64"
            :value="choiceOf(f.id)"
            :aria-label="`${f.name} for this brood`"
            @change="choose(f.id, ($event.target as HTMLSelectElement).value as Choice)"
          >
            <option v-for="c in CHOICES" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </li>
      </ul>
      <details :open="closing.size > 0">
        <summary
          class="min-h-12 flex items-center font-semibold cursor-pointer underline underline-offset-3"
        >
          {{ plural(others.length, 'food') }} not kept in this room
        </summary>
        <ul>
          <li v-for="f in others" :key="f.id" class="rule py-1 flex gap-x-3 items-center">
            <span class="grow"
              >{{ f.name
              }}<strong v-if="closing.has(f.id)" class="text-due"> closes the gap</strong></span
            ><button
              class="btn btn-quiet underline px-2"
              :aria-label="`Keep ${edible(f.id)?.name}`"
              @click="keep(f.id)"
            >
              Keep it here
            </button>
          </li>
        </ul>
      </details>
    </div>
  </section>
</template>
