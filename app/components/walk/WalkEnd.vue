<script setup lang="ts">
import { computed } from 'vue'
import { bedtimeLine } from '@renatus/core/round/bedtime'
import type { Round } from '@renatus/core/round/round'
import type { Walk } from '@renatus/core/round/walk'
import { hoursBetween } from '@renatus/core/time/localDate'
import BelliesList from '~/components/round/BelliesList.vue'
import WaitingList from '~/components/round/WaitingList.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

/** Behind the last stop: what was done, what waits and until when, how long it took. */
const props = defineProps<{ walk: Walk; round: Round }>()
const emit = defineEmits<{ on: [] }>()
const units = useUnits()
const of = (...fates: string[]) => props.walk.steps.filter(s => fates.includes(s.fate))
const done = computed(() => of('done', 'enough'))
const putOff = computed(() => of('not-now'))
const gone = computed(() => of('gone'))
const open = computed(() => of('open'))
const room = useRoomStore()
const bedtime = computed(() => (room.state ? bedtimeLine(room.state, props.round.current) : null))
const took = computed(() =>
  props.walk.lastAt
    ? Math.max(1, Math.round(hoursBetween(props.walk.startedAt, props.walk.lastAt) * 60))
    : null,
)
</script>

<template>
  <article class="walk-card" aria-label="The end of the round">
    <div class="walk-words" tabindex="0">
      <h1 tabindex="-1" data-lead>
        {{ open.length ? `${plural(open.length, 'stop')} still open` : 'The round is done' }}
      </h1>
      <p class="sentence">
        {{ plural(done.length, 'stop') }} done<template v-if="took"
          >, in {{ plural(took, 'minute') }}</template
        >. The next round is {{ units.when(round.next.at) }}.
      </p>
      <p v-if="bedtime" class="border-l-4 border-due pl-3 my-3">{{ bedtime }}</p>
      <BelliesList v-if="round.bellies.length" :bellies="round.bellies" />
      <section v-if="putOff.length" class="mt-3">
        <ShelfEdge name="Put off" />
        <ul>
          <li v-for="s in putOff" :key="s.key" class="rule py-1.5">
            {{ s.text }} <span class="small">It comes again {{ units.when(round.next.at) }}.</span>
          </li>
        </ul>
      </section>
      <WaitingList v-if="round.waiting.length" :waiting="round.waiting" :pace="round.pace.factor" />
      <section v-if="done.length" class="mt-3">
        <ShelfEdge name="Done" />
        <ul class="small">
          <li v-for="s in done" :key="s.key" class="py-0.5">{{ s.said ?? s.text }}</li>
        </ul>
      </section>
      <section v-if="gone.length" class="mt-3">
        <ShelfEdge name="Done elsewhere, or no longer asked" />
        <ul class="small">
          <li v-for="s in gone" :key="s.key" class="py-0.5">{{ s.text }}</li>
        </ul>
      </section>
    </div>
    <div class="stop-answers">
      <template v-if="open.length">
        <NuxtLink to="/" :prefetch="false" class="btn">Leave it here</NuxtLink>
        <button class="btn btn-main" @click="emit('on')">Go on</button>
      </template>
      <NuxtLink v-else to="/" :prefetch="false" class="btn btn-main">Close the round</NuxtLink>
    </div>
  </article>
</template>
