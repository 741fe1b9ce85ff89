<script setup lang="ts">
import { computed } from 'vue'
import type { PlanChange } from '@renatus/core/planning/plan/planDifference'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { useUnits } from '~/composables/useUnits'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { becauseWords, changeWords } from '~/words/ahead'

/** What the planner would do otherwise than the kept plan, line by line. */
const ahead = useAheadStore()
const room = useRoomStore()
const units = useUnits()
const lines = computed(() => ahead.changes.map(c => ({ c, ...changeWords(c, units.date) })))
const forWhom = (c: PlanChange) =>
  room.state?.broods.find(b => b.id === (c.is?.forBrood ?? c.was?.forBrood))?.name
</script>

<template>
  <p
    v-if="ahead.kept && lines.length === 0 && !ahead.stale && ahead.changesOfFacts.length"
    class="border-l-[6px] border-plan pl-3"
    role="status"
  >
    {{ becauseWords(ahead.changesOfFacts) }}
    <strong>The kept plan still carries it:</strong> nothing has to change.
  </p>
  <section v-if="lines.length" :aria-label="ahead.kept ? 'What would change' : 'A plan to keep'">
    <ShelfEdge :name="ahead.kept ? 'What would change' : 'A plan to keep'" />
    <p class="py-2 flex flex-wrap gap-3 items-center">
      <span class="grow">{{
        ahead.kept
          ? 'Take what is right, leave what you know better. What is left stays pinned to its day.'
          : 'Nothing is kept yet. Kept lines stand in the Round on their day, and in the calendar.'
      }}</span><button class="btn btn-main" :disabled="ahead.main.busy" @click="ahead.acceptAll()">
        {{ ahead.kept ? 'Take all' : 'Keep this plan' }}
      </button>
    </p>
    <ul>
      <li
        v-for="l in lines"
        :key="`${l.c.kind}${(l.c.is ?? l.c.was)!.food}${l.c.was?.id}${l.c.is?.on}`"
        class="rule py-3 grid gap-x-4 gap-y-1 desk:grid-cols-[minmax(0,1fr)_auto] items-center"
        data-testid="change"
      >
        <div>
          <p class="sentence">
            {{ l.verb }} <span class="font-bold num">{{ l.amount }}</span> {{ l.rest
            }}<span v-if="forWhom(l.c)" class="small"> For {{ forWhom(l.c) }}.</span>
          </p>
          <p v-if="ahead.kept" class="small">{{ becauseWords(l.c.because) }}</p>
          <WhyPanel
            v-if="l.c.is"
            :reasons="[l.c.is.why]"
            :ask="`Why ${l.c.is.vessels === 1 ? 'one' : l.c.is.vessels}?`"
          />
        </div>
        <p class="flex gap-2">
          <button class="btn" @click="ahead.accept(l.c)">
            {{ ahead.kept ? 'Take' : 'Keep' }}</button><button
            class="btn btn-quiet"
            @click="ahead.refuse(l.c)"
          >
            {{ l.c.was ? 'Leave as it is' : 'Leave out' }}
          </button>
        </p>
      </li>
    </ul>
  </section>
</template>
