<script setup lang="ts">
import { dragAndDrop } from '@formkit/drag-and-drop/vue'
import { useEventListener } from '@vueuse/core'
import { nextTick, onMounted, ref, watch, type Ref } from 'vue'
import type { CultureState } from '@renatus/core/stock/cultures'
import type { Level } from '@renatus/core/records/vocabulary'
import type { ShelfPlace } from '~/composables/useShelf'
import { useCultureActions } from '~/composables/useCultureActions'
import { useRoomStore } from '~/stores/room'
import { LEVEL_WORDS } from '~/words/tending'
import { cultureView } from './cultureView'
import VesselPicture from '~/components/vessel/VesselPicture.vue'

/** Vessels put where they really stand: drawn with a finger or a mouse, or moved by the arrow keys. */
const props = defineProps<{
  places: readonly ShelfPlace[]
  looks: (id: string) => Record<string, number>
}>()
const room = useRoomStore()
const actions = useCultureActions()
interface Slot {
  key: string
  placeId: string | null
  name: string
  level: Level
  list: Ref<CultureState[]>
  el: Ref<HTMLElement | null>
}
const slots: Slot[] = props.places.flatMap(p =>
  p.rows.map(r => ({
    key: `${p.id} ${r.level}`,
    placeId: p.id,
    name: p.name,
    level: r.level,
    list: ref([...r.cultures]) as Ref<CultureState[]>,
    el: ref<HTMLElement | null>(null),
  })),
)
const said = ref('')
let busy = false

/** What a person sees here is what is stored: taken over when it changes elsewhere, and after an undo. */
watch(
  () => props.places,
  places => {
    if (busy) return
    for (const s of slots)
      s.list.value = [
        ...(places.find(p => p.id === s.placeId)?.rows.find(r => r.level === s.level)?.cultures ??
          []),
      ]
  },
)

async function keep() {
  busy = true
  try {
    for (const slot of slots) {
      const moved = slot.list.value.find(
        c => (c.placeId ?? null) !== slot.placeId || c.level !== slot.level,
      )
      const orders = slot.list.value
        .map((c, i) => ({ ...c.record, order: i }))
        .filter((r, i) => r.order !== (slot.list.value[i]!.record.order ?? 0))
      if (moved) {
        const kept = await actions.moved(
          moved.record,
          slot.placeId,
          slot.level,
          `${slot.name}, ${LEVEL_WORDS[slot.level]}`,
          orders,
        )
        if (kept)
          said.value = `${moved.record.name} stands at ${slot.name}, ${LEVEL_WORDS[slot.level]}.`
      } else if (orders.length > 0) await room.save(orders)
    }
  } finally {
    busy = false
  }
}

/** The vessel that is drawn leaves its list while the finger is still down: what came of it is kept when the finger lifts. */
let drawn = false
const touched = () => {
  drawn = true
}
useEventListener(document, ['drop', 'dragend', 'pointerup', 'touchend', 'mousemove'], () => {
  if (!drawn) return
  drawn = false
  void keep()
})

onMounted(() => {
  for (const s of slots)
    if (s.el.value)
      dragAndDrop({
        parent: s.el as Ref<HTMLElement>,
        values: s.list,
        group: 'shelf',
        onTransfer: touched,
        onSort: touched,
      } as never)
})

async function key(e: KeyboardEvent, s: Slot, i: number) {
  const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[
    e.key
  ]
  if (!step || busy) return
  e.preventDefault()
  const [c] = s.list.value.slice(i, i + 1) as [CultureState]
  const at = slots.indexOf(s) + step[0]!
  const target = slots[at]
  if (!target) return
  const rest = s.list.value.filter(x => x.id !== c.id)
  const to =
    step[0] === 0 ? Math.max(0, Math.min(rest.length, i + step[1]!)) : target.list.value.length
  s.list.value = rest
  target.list.value = [...target.list.value.slice(0, to), c, ...target.list.value.slice(to)]
  if (step[0] === 0) said.value = `${c.record.name} is number ${to + 1} from the left.`
  await keep()
  await nextTick()
  document.getElementById(`arrange-${c.id}`)?.focus()
}
</script>

<template>
  <div class="grid gap-x-8 gap-y-3 desk:grid-cols-3 items-end">
    <p class="small desk:col-span-3">
      Draw each vessel to where it stands. With keys: Tab to a vessel, arrows left and right along
      its shelf, up and down to the next one.
    </p>
    <p role="status" class="small min-h-6 desk:col-span-3">{{ said }}</p>
    <section
      v-for="s in slots"
      :key="s.key"
      class="grid gap-1"
      :aria-label="`${s.name}, ${LEVEL_WORDS[s.level]}`"
    >
      <ul
        :ref="
          el => {
            s.el.value = el as HTMLElement
          }
        "
        class="flex flex-wrap gap-4 items-end min-h-16 border-b-4 border-edge pb-1"
        :data-testid="`slot-${s.name}-${s.level}`"
      >
        <li
          v-for="(c, i) in s.list.value"
          :id="`arrange-${c.id}`"
          :key="c.id"
          tabindex="0"
          class="grid justify-items-center cursor-grab p-1 focus-visible:outline-3"
          :aria-label="`${c.record.name}, at ${s.name}, ${LEVEL_WORDS[s.level]}, number ${i + 1}. Arrow keys move it.`"
          @keydown="key($event, s, i)"
        >
          <VesselPicture
            :shape="cultureView(c.record, undefined).shape"
            :family="cultureView(c.record, undefined).family"
            :grades="looks(c.id)"
            :label="c.record.name"
            :seed="cultureView(c.record, undefined).seed"
            :scale="0.8 * cultureView(c.record, undefined).size"
          />
          <span class="small">{{ c.record.name }}</span>
        </li>
      </ul>
      <p class="small">
        <strong>{{ s.name }}</strong>, {{ LEVEL_WORDS[s.level] }}
      </p>
    </section>
  </div>
</template>
