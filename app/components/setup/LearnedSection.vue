<script setup lang="ts">
import { computed } from 'vue'
import { foodProfiles } from '@renatus/core/foods/profiles'
import HoldButton from '~/components/shared/HoldButton.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { learningNow } from '~/composables/learning'
import { deviceName } from '~/db/device'
import { useUndo } from '~/composables/useUndo'
import { useRoomStore } from '~/stores/room'
import {
  foodLearned,
  growthLearned,
  lotLearned,
  observerLearned,
  readingLearned,
  toolLearned,
} from '~/words/learned'

/** What the log has taught about this room, against the book and the tins; each may be forgotten. */
const room = useRoomStore()
const undo = useUndo()
const here = deviceName()
interface Row {
  type: 'food' | 'lot' | 'tool' | 'observer' | null
  id: string
  name: string
  said: string[]
}
const rows = computed((): Row[] => {
  const s = room.state!
  const { foods, growth, lots, tools, observers, readings } = s.learned
  const profile = (id: string) => foodProfiles.find(f => f.id === id)
  return [
    ...s.lots.flatMap((l): Row[] =>
      lots[l.lot.id]
        ? [{ type: 'lot', id: l.lot.id, name: l.lot.name, said: lotLearned(lots[l.lot.id]!) }]
        : [],
    ),
    { type: null, id: 'growth', name: 'How fast things grow here', said: growthLearned(growth) },
    ...Object.entries(foods).map(([id, l]): Row => ({
      type: 'food',
      id,
      name: profile(id)?.name ?? id,
      said: foodLearned(l, profile(id)?.family === 'hatch' ? 'counted bottle' : 'culture'),
    })),
    ...s.tools.flatMap((t): Row[] =>
      tools[t.id]
        ? [{ type: 'tool', id: t.id, name: t.name, said: toolLearned(tools[t.id]!.ml) }]
        : [],
    ),
    ...Object.entries(observers).map(([by, l]): Row => ({
      type: 'observer',
      id: by,
      name: by === here ? `Who looks from ${by}, this device` : `Who looks from ${by}`,
      said: observerLearned(l),
    })),
    ...Object.entries(readings).map(([key, v]): Row => ({
      type: null,
      id: key,
      name: `${profile(key.split(' ')[0]!)?.name ?? key} by ${key.endsWith('secchi') ? 'stick' : 'colour'}`,
      said: readingLearned(v),
    })),
  ].filter(r => r.said.length > 0)
})
async function forget(r: Row) {
  const result = await room.write([
    {
      kind: 'learning.reset',
      subject: { type: r.type!, id: r.id },
      data: { of: { type: r.type!, id: r.id } },
    },
  ])
  if (result.ok) undo.offer(result.act, `${r.name}: forgotten. What is written from now on counts.`)
}
</script>

<template>
  <section class="grid gap-2" data-testid="learned">
    <ShelfEdge name="What this room has learned" />
    <p class="small max-w-prose">
      From counts, looks and harvests, weighed against the book and the tins: little of it while
      there is little to go on. The log keeps everything; forgetting only starts the weighing anew.
      It goes with the room file.
    </p>
    <p v-if="learningNow" class="small" role="status">Working through the log</p>
    <ul v-if="rows.length">
      <li
        v-for="r in rows"
        :key="`${r.type} ${r.id}`"
        class="rule py-2 flex flex-wrap items-start gap-x-4 gap-y-1"
      >
        <div class="grow basis-72 min-w-0">
          <p>
            <strong>{{ r.name }}</strong>
          </p>
          <p v-for="line in r.said" :key="line" class="num">{{ line }}</p>
        </div>
        <HoldButton
          v-if="r.type"
          label="Forget"
          :aria-label="`Forget what was learned of ${r.name} (hold)`"
          @held="forget(r)"
        />
      </li>
    </ul>
    <p v-else-if="!learningNow" class="small">
      Nothing yet. Count drops at a harvest, or weigh a pipette: what it teaches stands here.
    </p>
  </section>
</template>
