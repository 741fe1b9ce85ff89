<script setup lang="ts">
import { computed } from 'vue'
import type { MemberRead } from '@renatus/core/trials/member'
import type { TrialRecord } from '@renatus/core/records/records'
import InlineWays from '~/components/shared/InlineWays.vue'
import { memberWords } from '~/words/trials'
import { waysOfMember } from './trialWays'

/** Vessels of a trial by their labels: what each says, and what can be written down of it. Arms are told only when asked for. */
const props = defineProps<{
  trial: TrialRecord
  members: readonly MemberRead[]
  opened: boolean
  running: boolean
}>()
const rows = computed(() =>
  props.trial.members.map(m => ({
    ...m,
    arm: props.trial.arms.find(a => a.id === m.armId)!.name,
    read: props.members.find(r => r.id === m.id),
    to: linkOf(m.of),
  })),
)
function linkOf(of: TrialRecord['members'][number]['of']): string | null {
  if (of === null) return null
  return of.type === 'culture' ? `/shelf/${of.id}` : `/broods/${of.id}`
}
</script>

<template>
  <ul>
    <li
      v-for="m in rows"
      :key="m.id"
      class="rule py-1 flex flex-wrap items-center gap-x-4 gap-y-1 min-h-12"
      :data-member="m.label"
    >
      <p class="grow">
        <NuxtLink v-if="m.to" :to="m.to" :prefetch="false" class="link font-bold">{{
          m.label
        }}</NuxtLink><strong v-else>{{ m.label }}</strong
        ><template v-if="opened">, {{ m.arm }}</template
        ><span v-if="m.place" class="small">, {{ m.place }}</span>
        <span v-if="m.read" class="small block desk:inline desk:ml-3"
          >{{ memberWords(m.read, trial.asks) }}{{ m.read.byHand ? ', by hand' : '' }}</span
        >
      </p>
      <InlineWays v-if="running" :ways="waysOfMember(trial, m.id)" :name="m.label" />
    </li>
  </ul>
</template>
