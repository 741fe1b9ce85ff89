<script setup lang="ts">
import { computed, ref } from 'vue'
import { isPastUse, type GelBox } from '@renatus/core/stock/gelBoxes'
import { localDateOf } from '@renatus/core/time/localDate'
import GelBoxDrawing from '~/components/gel/GelBoxDrawing.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { useGelActions } from '~/composables/useGelActions'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { pieces } from '~/words/gel'

/** One box: what is left in it, of what, until when. */
const props = defineProps<{ box: GelBox; first: boolean }>()
const room = useRoomStore()
const units = useUnits()
const gel = useGelActions()
const mix = computed(() => room.state?.gel.mixes.find(m => m.id === props.box.mixId))
const useBy = computed(() => units.date(localDateOf(props.box.useBy, room.timeZone)))
const old = computed(() => isPastUse(props.box, room.now))
const counting = ref(false)
const typed = ref('')
const problem = ref('')
async function count() {
  const parsed = numberField({ label: 'Pieces left', min: 0, max: 100_000 }).safeParse(typed.value)
  problem.value = parsed.success
    ? ((await gel.count(props.box, parsed.data)) ?? '')
    : parsed.error.issues[0]!.message
  if (problem.value === '') counting.value = false
}
function startCounting() {
  counting.value = true
  typed.value = ''
}
</script>

<template>
  <li
    class="rule py-3 grid gap-x-4 gap-y-2 grid-cols-[3.75rem_minmax(0,1fr)] desk:grid-cols-[3.75rem_minmax(0,1fr)_auto] items-start"
    :data-testid="`box-${box.name}`"
  >
    <GelBoxDrawing
      :pieces="box.pieces"
      :made="box.piecesMade"
      :label="`${box.name}, ${pieces(box.pieces)} of ${box.piecesMade}`"
      class="mt-1"
    />
    <div>
      <p class="sentence">
        <strong>{{ box.name }}</strong>: <span class="amount">{{ pieces(box.pieces) }}</span> of
        {{ mix?.name ?? 'a diet that was removed' }}<template v-if="first">, used first</template>.
      </p>
      <p class="small">
        In the {{ box.store }}, use by {{ useBy }}. A piece is {{ units.grams(box.pieceG) }},
        {{ Math.round(box.pieceDryMg) }} mg of it dry<template v-if="box.pieceMm"
          >, a cube of {{ box.pieceMm }} mm</template
        >.
      </p>
      <p v-if="old" class="font-semibold text-harm">Past its days: throw it out.</p>
      <form
        v-if="counting"
        class="flex flex-wrap gap-2 items-end mt-2"
        @input="problem = ''"
        @submit.prevent="count"
      >
        <label class="font-semibold"
          >Pieces left in {{ box.name
          }}<input v-model="typed" class="field mt-1 max-w-32 block" inputmode="decimal"
        /></label>
        <button class="btn btn-main">Log the count</button
        ><button type="button" data-closes class="btn btn-quiet" @click="counting = false">
          Cancel
        </button>
      </form>
      <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    </div>
    <div class="col-span-2 desk:col-span-1 flex flex-wrap gap-2 justify-end">
      <button v-if="!counting" class="btn" :aria-label="`Count ${box.name}`" @click="startCounting">
        Count
      </button>
      <HoldButton
        label="Throw out"
        @held="gel.discard(box, old ? 'past its days' : 'thrown out')"
      />
    </div>
  </li>
</template>
