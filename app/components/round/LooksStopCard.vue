<script setup lang="ts">
import { ref } from 'vue'
import type { LooksStop } from '@renatus/core/round/cultureStops'
import type { Vat } from '@renatus/core/planning/amounts'
import { cultureView } from '~/components/cultures/cultureView'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useCultureStop } from '~/composables/useCultureStop'
import { useHatchActions } from '~/composables/useHatchActions'
import { lookInShort } from '~/words/cultures'
import { plural } from '~/words/round'

/** Vessels of one place that want a look: each drawn as it should be, one press when it is so. */
const props = defineProps<{ stop: LooksStop; now: boolean; roundKey: string }>()
const actions = useCultureStop()
const hatch = useHatchActions()
const problem = ref<string | null>(null)
async function drawn(vats: readonly Vat[]) {
  problem.value = await actions.asDrawn(props.stop, vats)
}
const view = (v: Vat) => cultureView(v.culture.record, v.reading)
</script>

<template>
  <article
    class="py-4 px-3 -mx-3 grid gap-3"
    :class="now ? 'border-2 border-ink bg-paper' : 'border-b border-line'"
    :aria-current="now ? 'step' : undefined"
  >
    <p class="sentence">
      Look at <span class="amount">{{ plural(stop.vats.length, 'vessel') }}</span>.
      {{ stop.vats.length === 1 ? 'Does it look' : 'Do they look' }} as drawn?
    </p>
    <ul class="grid gap-3 sm:grid-cols-2">
      <li
        v-for="v in stop.vats"
        :key="v.culture.id"
        class="grid grid-cols-[3.75rem_minmax(0,1fr)] gap-3 items-center"
      >
        <span class="flex justify-center"
          ><VesselPicture
            :shape="view(v).shape"
            :family="view(v).family"
            :grades="v.reading.look"
            :label="view(v).label"
            :seed="view(v).seed"
            :air="view(v).air"
            :plug="view(v).plug"
            :scale="0.7"
        /></span>
        <div class="min-w-0">
          <p>
            <strong>{{ v.culture.record.name }}</strong>
          </p>
          <p class="small">{{ lookInShort(v.food, v.reading.look) }}</p>
          <p class="flex flex-wrap gap-2 mt-1">
            <button
              v-if="stop.vats.length > 1"
              class="btn"
              :aria-label="`${v.culture.record.name} is as drawn`"
              @click="drawn([v])"
            >
              As drawn
            </button>
            <NuxtLink
              :to="`/shelf/${v.culture.id}`"
              :prefetch="false"
              class="btn btn-quiet underline"
              :aria-label="`${v.culture.record.name} differs`"
              >Differs</NuxtLink
            >
          </p>
        </div>
      </li>
    </ul>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <p class="flex flex-wrap gap-2 justify-end">
      <button
        class="btn btn-quiet"
        @click="hatch.postpone(stop.key, roundKey, 'Left for the next round.')"
      >
        Not now
      </button>
      <button class="btn btn-main" @click="drawn(stop.vats)">
        {{ stop.vats.length === 1 ? 'As drawn' : `All ${stop.vats.length} as drawn` }}
      </button>
    </p>
  </article>
</template>
