<script setup lang="ts">
import { computed } from 'vue'
import type { FoodMethod } from '@renatus/core/foods/contract'
import { addHours } from '@renatus/core/time/localDate'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'

/** The start step by step. A caution is read before its step can be ticked; a wait runs as a clock along the top. */
const props = defineProps<{ method: FoodMethod, startId: string }>()
const ticked = defineModel<number[]>('ticked', { required: true })
const understood = defineModel<string[]>('understood', { required: true })
const room = useRoomStore()
const units = useUnits()
/** Each caution stands once, at the first step where it matters. */
const cautionsAt = computed(() => {
  const seen = new Set<string>()
  return props.method.start.map(s => (s.cautions ?? []).filter((c) => {
    const first = !seen.has(c.id)
    seen.add(c.id)
    return first
  }))
})
const open = (i: number) => (props.method.start[i]!.cautions ?? []).every(c => understood.value.includes(c.id))

async function tick(i: number) {
  if (ticked.value.includes(i)) {
    ticked.value = ticked.value.filter(x => x !== i)
    return
  }
  ticked.value = [...ticked.value, i]
  const step = props.method.start[i]!
  if (!step.clockMinutes) return
  const about = { type: 'start', id: props.startId }
  await room.write([{ kind: 'clock.started', subject: about, data: { clockId: newId(), label: step.text.slice(0, 60), endsAt: addHours(new Date().toISOString(), step.clockMinutes / 60), about } }])
}
</script>

<template>
  <section class="grid gap-2">
    <ShelfEdge name="Step by step" />
    <ol class="grid gap-1">
      <li v-for="(step, i) in method.start" :key="step.text" class="rule py-3 grid gap-2">
        <div v-for="c in cautionsAt[i]" :key="c.id" class="border-l-4 border-harm pl-3 grid gap-1">
          <p><strong>Caution.</strong> {{ c.text }}</p>
          <label class="flex items-center gap-3 min-h-12"><input v-model="understood" type="checkbox" :value="c.id" class="size-6 accent-[var(--plan)]">Read and ready</label>
        </div>
        <label class="flex items-center gap-3 min-h-12 sentence" :class="open(i) ? '' : 'text-ink2'"><input type="checkbox" class="size-6 accent-[var(--plan)] shrink-0" :checked="ticked.includes(i)" :disabled="!open(i)" @change="tick(i)"><span>{{ i + 1 }}. {{ step.text }}<span v-if="step.clockMinutes" class="small"> Ticking it starts a clock of {{ units.duration(step.clockMinutes / 60) }}.</span></span></label>
      </li>
    </ol>
  </section>
</template>
