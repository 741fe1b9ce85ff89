<script setup lang="ts">
import { ref } from 'vue'
import type { RefusalId } from '@renatus/core/records/vocabulary'
import HoldButton from '~/components/shared/HoldButton.vue'
import RefusalList from '~/components/shared/RefusalList.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import { numberField } from '~/words/fields'
import type { TendCard } from './tendCard'

/** One thing to do at a vessel: a sentence with its amount, why, what really happened, and what speaks against it. */
const props = withDefaults(defineProps<TendCard>(), {
  amount: '',
  rest: '',
  because: '',
  why: null,
  refusals: () => [],
  unit: '',
  proposed: null,
  most: 1e6,
})
const emit = defineEmits<{ done: [given: number | null, despite: RefusalId[]] }>()
const differs = ref(false)
const typed = ref('')
const problem = ref<string | null>(null)

function open() {
  differs.value = true
  typed.value = props.proposed === null ? '' : String(Number(props.proposed.toPrecision(3)))
}
function send(despite: boolean) {
  let given: number | null = null
  problem.value = null
  if (differs.value) {
    const parsed = numberField({
      label: props.title,
      min: 0,
      max: props.most,
      unit: props.unit,
      above: true,
    }).safeParse(typed.value)
    if (!parsed.success) {
      problem.value = parsed.error.issues[0]!.message
      return
    }
    given = parsed.data
  }
  emit('done', given, despite ? props.refusals.map(r => r.id) : [])
  differs.value = false
}
</script>

<template>
  <article class="rule py-4 grid gap-2" :aria-label="title">
    <p class="sentence">
      {{ verb }}
      <span
        v-if="amount"
        class="amount"
        :data-testid="`amount-${title.toLowerCase().replaceAll(' ', '-')}`"
        >{{ amount }}</span
      >
      {{ rest }}
    </p>
    <p v-if="because" class="small">{{ because }}</p>
    <slot />
    <label v-if="differs" class="font-semibold"
      >{{ title }}, what it really was<span class="font-normal text-ink2">, {{ unit }}</span
      ><input
        v-model="typed"
        @input="problem = null"
        class="field mt-1 max-w-48 block font-normal"
        inputmode="decimal"
        autocomplete="off"
    /></label>
    <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
    <RefusalList :refusals="refusals" />
    <div class="flex flex-wrap items-center gap-2">
      <HoldButton v-if="refusals.length" :label="`${title} all the same`" @held="send(true)" />
      <button v-else type="button" class="btn" :class="{ 'btn-main': strong }" @click="send(false)">
        {{ title }}: done
      </button>
      <button
        v-if="unit && !differs"
        type="button"
        class="btn btn-quiet underline"
        :aria-label="`${title}: differs`"
        @click="open"
      >
        Differs
      </button>
      <WhyPanel v-if="why" :reasons="[why]" :ask="amount ? `Why ${amount}?` : 'Why?'" />
    </div>
  </article>
</template>
