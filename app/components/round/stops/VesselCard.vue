<script setup lang="ts">
import { computed, ref } from 'vue'
import type { HandAmount } from '@renatus/core/planning/reckoning/handAmount'
import type { VesselStop } from '@renatus/core/round/stops/vessel/find'
import { drawnInAll } from '@renatus/core/round/stops/vessel/words'
import { cultureView } from '~/components/cultures/cultureView'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { lookInShort } from '~/words/cultures'
import { handField } from '~/words/fields'
import { useUnits } from '~/composables/useUnits'
import { sinceWords } from '~/words/tending'
import AmountField from '../AmountField.vue'
import StopButtons from '../StopButtons.vue'
import StopFrame from '../StopFrame.vue'
import StopSentence from '../StopSentence.vue'
import { useStopLines } from '../useStopLines'

/** One vessel: what is drawn from it and for whom, and the one thing to do with it; drawn as it should look. */
const props = defineProps<{ stop: VesselStop; now: boolean }>()
const units = useUnits()
const lines = useStopLines(() => props.stop)
const record = computed(() => props.stop.tended.culture.record)
const view = computed(() => cultureView(record.value, props.stop.tended.reading))
const reasons = computed(() => (props.stop.act?.amount ? [props.stop.act.amount.why] : []))
const drawn = computed(() => drawnInAll(props.stop))
const acted = computed(() => {
  const amount = props.stop.act?.amount
  return amount && amount.unit !== 'share' ? amount : null
})
const open = ref(false)
const problem = ref<string | null>(null)
const typed = ref({ drawn: '', acted: '' })

/** A share of what was proposed, from a number that was typed; 1 where nothing was. */
function shareOf(text: string, label: string, proposed: HandAmount): number | null {
  if (text.trim() === '') return 1
  const rule = { label, min: 0, max: 1e6 }
  const parsed = handField(rule, proposed.unit, units.measures.value).safeParse(text)
  if (parsed.success) return proposed.value > 0 ? parsed.data / proposed.value : 1
  problem.value = parsed.error.issues[0]!.message
  return null
}
function given() {
  const draw = drawn.value
  const drawnShare = draw ? shareOf(typed.value.drawn, 'Drawn', draw) : 1
  const actShare = acted.value ? shareOf(typed.value.acted, 'Done', acted.value) : 1
  if (drawnShare === null || actShare === null) return null
  return { drawn: drawnShare, acted: actShare, looksAsDrawn: false }
}
</script>

<template>
  <StopFrame :now="now" :cautions="stop.cautions" v-model:problem="problem">
    <template #drawing
      ><VesselPicture
        :shape="view.shape"
        :family="view.family"
        :grades="stop.tended.reading.look"
        :label="view.label"
        :seed="view.seed"
        :air="view.air"
        :plug="view.plug"
        :scale="0.8"
    /></template>
    <StopSentence v-for="l in lines" :key="l.key" :line="l" />
    <template v-if="stop.look" #note>
      Should look as drawn: {{ lookInShort(stop.tended.food, stop.tended.reading.look) }}.
    </template>
    <div v-if="open" class="grid gap-3 mt-2 sm:grid-cols-2">
      <AmountField
        v-if="drawn"
        v-model="typed.drawn"
        :label="`Drawn in all, ${drawn.unit}`"
        :asked="drawn.value"
        :unit="drawn.unit"
      />
      <AmountField
        v-if="acted"
        v-model="typed.acted"
        :label="`${acted.what}, ${acted.unit}`"
        :asked="acted.value"
        :unit="acted.unit"
      />
    </div>
    <template #more>
      <p v-if="stop.act" class="small">{{ stop.act.because }} {{ sinceWords(stop.act.lateH) }}</p>
      <p v-if="stop.look" class="small">Done says, too, that it looks as drawn.</p>
      <WhyPanel v-if="reasons.length" :reasons="reasons" ask="Why so much?" />
    </template>
    <template #actions>
      <StopButtons
        v-model:open="open"
        v-model:problem="problem"
        :stop="stop"
        :differs="drawn !== null || acted !== null"
        :given="given"
      >
        <NuxtLink :to="`/shelf/${record.id}`" :prefetch="false" class="btn btn-quiet">{{
          stop.look ? 'Looks other' : 'See it'
        }}</NuxtLink>
      </StopButtons>
    </template>
  </StopFrame>
</template>
