<script setup lang="ts">
import { computed } from 'vue'
import { useAheadStore } from '~/stores/ahead'
import { useCulturesStore } from '~/stores/cultures'
import { plural } from '~/words/round'
import { STATUS_WORDS } from '~/words/ahead'

/** Where the planner stands: reading, solving with a way to stop, done, or why not. */
const ahead = useAheadStore()
const cultures = useCulturesStore()
const share = computed(() =>
  ahead.main.progress
    ? Math.min(
        95,
        Math.round((100 * ahead.main.progress.solve) / (ahead.main.progress.ofAtMost + 1)),
      )
    : 5,
)
const gap = computed(() => {
  const g = ahead.main.progress?.gap
  return g !== undefined && Number.isFinite(g)
    ? `, within ${(g * 100).toFixed(1)} % of the best`
    : ''
})
</script>

<template>
  <div role="status">
    <p v-if="!cultures.complete" class="small">
      Reading {{ plural(cultures.ids.length, 'vessel') }}: {{ cultures.known }} read.
    </p>
    <div v-else-if="ahead.main.busy" class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <progress class="meter w-48" :value="share" max="100" aria-label="Planning" />
      <span
        >Planning<template v-if="ahead.main.progress"
          >, step {{ ahead.main.progress.solve }} of at most {{ ahead.main.progress.ofAtMost
          }}{{ gap }}</template
        ></span
      >
      <button class="btn" @click="ahead.main.stop()">Stop</button>
    </div>
    <p v-else-if="ahead.main.problem" role="alert" class="text-harm font-semibold">
      {{ ahead.main.problem }}
    </p>
    <p v-else-if="ahead.proposal?.clash" role="alert" class="text-harm font-semibold">
      {{ ahead.proposal.clash }}
    </p>
    <p v-else-if="ahead.stale" class="flex flex-wrap items-center gap-3">
      <span>Facts have changed since this was worked out.</span
      ><button class="btn" @click="ahead.propose()">Plan anew</button>
    </p>
    <p v-else-if="ahead.proposal && STATUS_WORDS[ahead.proposal.status]" class="small">
      {{ STATUS_WORDS[ahead.proposal.status] }} It may cost
      {{ (ahead.proposal.gap * 100).toFixed(1) }} % more than the best there is.
    </p>
  </div>
</template>
