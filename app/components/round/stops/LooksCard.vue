<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Tended } from '@renatus/core/planning/amounts'
import type { LooksStop } from '@renatus/core/round/stops/looks/find'
import { cultureView } from '~/components/cultures/cultureView'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { lookInShort } from '~/words/cultures'
import { plural } from '~/words/round'
import StopButtons from '../StopButtons.vue'

/** Vessels of one place that want a look: each drawn as it should be; those that differ are left out of the one tap. */
const props = defineProps<{ stop: LooksStop; now: boolean }>()
const problem = ref<string | null>(null)
const differs = reactive<Record<string, boolean>>({})
const view = (v: Tended) => cultureView(v.culture.record, v.reading)
const asDrawn = () => props.stop.cultures.filter(v => !differs[v.culture.id])
const given = () => ({ asDrawn: asDrawn().map(v => v.culture.id) })
</script>

<template>
  <article
    class="py-4 px-3 -mx-3 grid gap-3"
    :class="now ? 'border-2 border-ink bg-paper' : 'border-b border-line'"
    :aria-current="now ? 'step' : undefined"
  >
    <p class="sentence">
      Look at <span class="amount">{{ plural(stop.cultures.length, 'vessel') }}</span>.
      {{ stop.cultures.length === 1 ? 'Does it look' : 'Do they look' }} as drawn?
    </p>
    <ul class="grid gap-3 sm:grid-cols-2">
      <li
        v-for="v in stop.cultures"
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
          <p class="flex flex-wrap gap-x-4">
            <label v-if="stop.cultures.length > 1" class="flex gap-2 items-center min-h-12"
              ><input
                v-model="differs[v.culture.id]"
                type="checkbox"
                class="size-6 accent-[var(--plan)]"
              />{{ v.culture.record.name }} differs</label
            >
            <NuxtLink
              :to="`/shelf/${v.culture.id}`"
              :prefetch="false"
              class="link inline-flex items-center min-h-12"
              :aria-label="`Say how ${v.culture.record.name} looks`"
              >Say how it looks</NuxtLink
            >
          </p>
        </div>
      </li>
    </ul>
    <p class="flex flex-wrap gap-2 justify-end">
      <StopButtons
        v-model:problem="problem"
        :stop="stop"
        :done="asDrawn().length === 1 ? 'As drawn' : `All ${asDrawn().length} as drawn`"
        always
        :given="given"
      />
    </p>
  </article>
</template>
