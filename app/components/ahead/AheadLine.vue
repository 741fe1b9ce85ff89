<script setup lang="ts">
import { computed, onMounted, onScopeDispose, watch } from 'vue'
import { orders } from '@renatus/core/stock/orders'
import { dayText } from '@renatus/core/time/dayText'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { nextByPlan } from '~/words/nextByPlan'
import { plural } from '~/words/round'

/**
 * One line in the Round: what the planner would change, or what the kept plan asks for next where nothing is due.
 * Plans anew by itself, a moment after facts have changed.
 */
const props = defineProps<{ idle: boolean }>()
const WAIT_MS = 20_000
const room = useRoomStore()
const ahead = useAheadStore()
let timer: ReturnType<typeof setTimeout> | undefined
/** Who feeds nobody has nothing to plan. */
const feeds = computed(() => (room.state?.broods.length ?? 0) > 0)
function later() {
  clearTimeout(timer)
  if (feeds.value && ahead.stale) timer = setTimeout(() => void ahead.propose(), WAIT_MS)
}
onMounted(later)
watch(() => ahead.key, later)
onScopeDispose(() => clearTimeout(timer))
const today = computed(
  () => ahead.changes.filter(c => (c.is ?? c.was)!.on <= room.state!.today).length,
)
const next = computed(() => {
  if (!props.idle || !room.state) return null
  const stands = orders(room.state.entries).filter(o => o.came !== null || !o.closed)
  const ordered = new Set(stands.flatMap(o => o.startId ?? []))
  return nextByPlan(ahead.left, room.state.today, ordered, dayText)
})
</script>

<template>
  <p
    v-if="ahead.proposal && ahead.changes.length"
    class="mt-2 border-l-[6px] border-plan pl-3"
    role="status"
  >
    <template v-if="ahead.kept"
      ><strong>The plan would change:</strong> {{ plural(ahead.changes.length, 'line')
      }}<template v-if="today">, {{ today }} of today</template>.</template
    >
    <template v-else
      ><strong>No plan is kept yet.</strong> Ahead proposes
      {{ plural(ahead.changes.length, 'start')
      }}<template v-if="today">, {{ today }} of them today</template>.</template
    >
    <NuxtLink to="/ahead" :prefetch="false" class="link ml-1">Look ahead</NuxtLink>
  </p>
  <p v-else-if="next" class="mt-2 small">
    {{ next }}
    <NuxtLink to="/ahead" :prefetch="false" class="link">Look ahead</NuxtLink>
  </p>
</template>
