<script setup lang="ts">
import { computed } from 'vue'
import type { StopLine } from '@renatus/core/round/stopKind'

/** A line of a stop, its amount the largest thing. */
const props = defineProps<{ line: StopLine }>()
const parts = computed(() => {
  const { text, big, subject } = props.line
  const amountAt = big ? text.indexOf(big) : -1
  const marks = [
    { at: text.indexOf(subject), text: subject, as: 'strong' as const },
    { at: amountAt, text: big ?? '', as: 'amount' as const },
  ]
    .filter(m => m.at >= 0 && m.text !== '')
    .sort((a, b) => a.at - b.at)
  const found: { text: string; as: 'plain' | 'strong' | 'amount' }[] = []
  let from = 0
  for (const m of marks) {
    if (m.at < from) continue
    found.push({ text: text.slice(from, m.at), as: 'plain' }, { text: m.text, as: m.as })
    from = m.at + m.text.length
  }
  return [...found, { text: text.slice(from), as: 'plain' as const }]
})
</script>

<template>
  <p class="sentence">
    <template v-for="(p, i) in parts" :key="i"
      ><strong v-if="p.as === 'strong'">{{ p.text }}</strong
      ><span v-else-if="p.as === 'amount'" class="amount">{{ p.text }}</span
      ><template v-else>{{ p.text }}</template></template
    >
  </p>
</template>
