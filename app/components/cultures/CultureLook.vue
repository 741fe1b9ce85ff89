<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Sign } from '@renatus/core/dynamics/contract'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Food } from '@renatus/core/foods/contract'
import { strangersTo } from '@renatus/core/estimation/strangers'
import type { CultureRecord } from '@renatus/core/records/records'
import type { Stranger } from '@renatus/core/records/vocabulary'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import type { VesselShape } from '~/components/vessel/vesselShape'
import { useCultureActions } from '~/composables/useCultureActions'
import { lookInShort, SIGN_NAMES, STRANGER_NAMES } from '~/words/cultures'
import LensKey from './LensKey.vue'

/** Pick the drawing most like the vessel in hand, change what differs, and the estimate moves. */
const props = defineProps<{
  culture: CultureRecord
  food: Food
  reading: CultureReading
  shape: VesselShape
  seed: number
}>()
const actions = useCultureActions()
const picked = ref<Partial<Record<Sign, number>> | null>(null)
/** The drawings stay as they were while one is picked and adjusted. */
const choices = computed(() => props.reading.choices)
const shown = ref<typeof props.reading.choices>([])
const note = ref('')
const strangers = ref<Stranger[]>([])
const signs = computed(() => Object.entries(props.food.signs) as [Sign, readonly string[]][])
function pick(i: number) {
  shown.value = choices.value
  picked.value = { ...choices.value[i]!.signs }
  strangers.value = []
}
const describe = (s: Partial<Record<Sign, number>>) => lookInShort(props.food, s)
async function save() {
  if (
    picked.value &&
    (await actions.looked(props.culture, picked.value, note.value, strangers.value))
  ) {
    picked.value = null
    note.value = ''
  }
}
</script>

<template>
  <section class="grid gap-3" aria-label="Look">
    <ShelfEdge name="Look" />
    <p class="small">Which is most like the one in your hand?</p>
    <ul class="grid grid-cols-2 sm:grid-cols-3 desk:grid-cols-6 gap-4">
      <li v-for="(c, i) in picked ? shown : choices" :key="i">
        <button
          class="w-full h-full grid justify-items-center content-between gap-2 p-2 border-[3px] cursor-pointer bg-paper"
          :class="
            picked && JSON.stringify(shown[i]?.signs) === JSON.stringify(picked)
              ? 'border-ink'
              : 'border-line'
          "
          :data-testid="`look-${i}`"
          @click="pick(i)"
        >
          <VesselPicture
            :shape="shape"
            :family="food.profile.family"
            :grades="c.signs"
            :seed="seed"
            :label="describe(c.signs)"
          />
          <span class="small">{{ describe(c.signs) }}</span>
        </button>
      </li>
    </ul>
    <form v-if="picked" class="border-2 border-ink bg-paper p-4 grid gap-4" @submit.prevent="save">
      <p>Change what differs; leave out what you did not look at.</p>
      <div class="grid gap-4 sm:grid-cols-2 desk:grid-cols-3">
        <label v-for="[sign, words] in signs" :key="sign" class="font-semibold"
          >{{ SIGN_NAMES[sign] }}
          <select
            class="field mt-1"
            :value="picked[sign] === undefined ? '' : String(picked[sign])"
            @change="
              picked =
                ($event.target as HTMLSelectElement).value === ''
                  ? Object.fromEntries(Object.entries(picked!).filter(([s]) => s !== sign))
                  : { ...picked!, [sign]: Number(($event.target as HTMLSelectElement).value) }
            "
          >
            <option value="">not looked at</option>
            <option v-for="(w, g) in words" :key="g" :value="String(g)">{{ w }}</option>
          </select>
        </label>
        <label class="font-semibold"
          >Note<input v-model="note" class="field mt-1" maxlength="500" autocomplete="off"
        /></label>
      </div>
      <fieldset>
        <legend class="font-semibold">What else swims in it?</legend>
        <div class="flex flex-wrap gap-x-6">
          <label
            v-for="s in strangersTo(food)"
            :key="s"
            class="flex gap-3 items-center min-h-12 cursor-pointer"
            ><input
              v-model="strangers"
              type="checkbox"
              :value="s"
              class="size-6 accent-[var(--plan)] shrink-0"
            />{{ STRANGER_NAMES[s] }}</label
          >
        </div>
        <details>
          <summary
            class="min-h-12 flex items-center cursor-pointer font-semibold text-ink2 underline"
          >
            A key for the lens
          </summary>
          <LensKey />
        </details>
      </fieldset>
      <div class="flex gap-2">
        <button class="btn btn-main" :disabled="Object.keys(picked).length === 0">
          This is what I see</button
        ><button type="button" data-closes class="btn btn-quiet" @click="picked = null">
          Cancel
        </button>
      </div>
    </form>
  </section>
</template>
