<script setup lang="ts">
import { computed, ref } from 'vue'
import { airNow } from '@renatus/core/stock/placeTemperature'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { temperatureField } from '~/words/fields'

/** The thermometers of a place, at its top and at its bottom; every culture that is as warm as its place follows them. */
const props = defineProps<{ placeId: string; name: string }>()
const room = useRoomStore()
const units = useUnits()
const undo = useUndo()
const place = computed(() => room.state!.places.find(p => p.id === props.placeId)!)
const air = computed(() => airNow(place.value, room.state!.entries))
const open = ref(false)
const top = ref('')
const bottom = ref('')
const problem = ref<string | null>(null)
const line = computed(() => {
  const { topC, bottomC } = air.value
  const known = topC ?? bottomC
  if (known === null) return 'No thermometer read here yet.'
  if (topC === null || bottomC === null) return `${units.celsius(known)}.`
  return `${units.celsius(topC)} at the top, ${units.celsius(bottomC)} at the bottom.`
})

async function save() {
  const [t, b] = [
    ['top', top.value],
    ['bottom', bottom.value],
  ].map(([where, text]) =>
    text!.trim() === ''
      ? { success: true as const, data: null }
      : temperatureField(
          { label: `At the ${where}`, min: -20, max: 50 },
          units.measures.value,
        ).safeParse(text),
  )
  const bad = [t, b].find(x => !x!.success)
  const none = t!.data === null && b!.data === null ? 'Enter at least one of the two.' : null
  problem.value = bad && !bad.success ? bad.error.issues[0]!.message : none
  if (problem.value) return
  const result = await room.write([
    {
      kind: 'place.temperature',
      subject: { type: 'place', id: props.placeId },
      data: {
        placeId: props.placeId,
        topC: (t!.data ?? null) as never,
        bottomC: (b!.data ?? null) as never,
        was: air.value as never,
      },
    },
  ])
  if (!result.ok) return
  undo.offer(result.act, `${props.name}: the thermometers are written down.`)
  open.value = false
}
</script>

<template>
  <form
    v-if="open"
    class="flex flex-wrap gap-3 items-end"
    @input="problem = null"
    @submit.prevent="save"
  >
    <label class="font-semibold"
      >At the top, {{ units.temperatureUnit.value
      }}<input
        v-model="top"
        class="field mt-1 block w-28 font-normal"
        inputmode="decimal"
        autocomplete="off"
    /></label>
    <label class="font-semibold"
      >At the bottom, {{ units.temperatureUnit.value
      }}<input
        v-model="bottom"
        class="field mt-1 block w-28 font-normal"
        inputmode="decimal"
        autocomplete="off"
    /></label>
    <button class="btn btn-main">Write it down</button
    ><button type="button" data-closes class="btn btn-quiet" @click="open = false">Cancel</button>
    <p v-if="problem" role="alert" class="text-harm font-semibold w-full">{{ problem }}</p>
  </form>
  <p v-else class="small flex flex-wrap items-center gap-x-3">
    {{ line }}
    <button
      type="button"
      class="btn btn-quiet underline px-2"
      :aria-label="`Read the thermometers of ${name}`"
      @click="open = true"
    >
      Read
    </button>
  </p>
</template>
