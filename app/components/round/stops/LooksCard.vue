<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Tended } from '@renatus/core/planning/amounts'
import type { LooksStop } from '@renatus/core/round/stops/looks/find'
import { cultureView } from '~/components/cultures/cultureView'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { lookInShort } from '~/words/cultures'
import { plural } from '~/words/round'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'

/** Vessels of one place that want a look: each drawn as it should be; those that differ are left out of the one tap. */
const props = defineProps<{ stop: LooksStop; now: boolean }>()
const problem = ref<string | null>(null)
const differs = reactive<Record<string, boolean>>({})
const first = computed(() => props.stop.cultures[0])
const one = computed(() => props.stop.cultures.length === 1)
const view = (v: Tended) => cultureView(v.culture.record, v.reading)
const asDrawn = () => props.stop.cultures.filter(v => !differs[v.culture.id])
const given = () => ({ asDrawn: asDrawn().map(v => v.culture.id) })
</script>

<template>
  <StopFrame :now="now" v-model:problem="problem">
    <template #drawing
      ><VesselPicture
        v-if="first && one"
        :shape="view(first).shape"
        :family="view(first).family"
        :grades="first.reading.look"
        :label="view(first).label"
        :seed="view(first).seed"
        :air="view(first).air"
        :plug="view(first).plug"
        :scale="0.8"
    /></template>
    <template #default="{ full }">
      <p class="sentence">
        Look at
        <span class="amount">{{
          one ? first?.culture.record.name : plural(stop.cultures.length, 'vessel')
        }}</span>{{ '. ' }}{{ one ? 'Does it look' : 'Do they look' }} as drawn?
      </p>
      <ul class="looks">
        <li v-for="v in stop.cultures" :key="v.culture.id" class="flex gap-3 items-center">
          <span v-if="!one" class="w-12 flex justify-center"
            ><VesselPicture
              :shape="view(v).shape"
              :family="view(v).family"
              :grades="v.reading.look"
              :label="view(v).label"
              :seed="view(v).seed"
              :air="view(v).air"
              :plug="view(v).plug"
              :scale="full ? 0.7 : 0.45"
          /></span>
          <div class="min-w-0">
            <p class="small">
              <strong v-if="!one" class="text-ink">{{ v.culture.record.name }}: </strong
              >{{ lookInShort(v.food, v.reading.look) }}
            </p>
            <p v-if="full" class="flex flex-wrap gap-x-4">
              <label v-if="!one" class="flex gap-2 items-center min-h-12"
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
    </template>
    <template #more></template>
    <template #actions>
      <StopButtons
        v-model:problem="problem"
        :stop="stop"
        :done="asDrawn().length === 1 ? 'As drawn' : `All ${asDrawn().length} as drawn`"
        always
        :given="given"
      />
    </template>
  </StopFrame>
</template>
