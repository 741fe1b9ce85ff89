<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import type { Reason } from '@renatus/core/reasons/reason'

/** "Why 3.1 g?": every input with value and unit, the rule, the source. */
defineProps<{ reasons: Reason[]; ask: string }>()
const show = (n: number) => numberText(n, { digits: 6 })
</script>

<template>
  <Disclosure v-slot="{ open }" as="div">
    <DisclosureButton
      class="link min-h-12 text-left inline-flex items-center text-ink2"
      :aria-expanded="open"
      >{{ open ? 'Close the reason' : ask }}</DisclosureButton
    >
    <DisclosurePanel class="border-l-4 border-plan pl-4 py-1 mb-2 grid gap-4 max-w-prose">
      <div
        v-for="reason in reasons"
        :key="reason.result.label"
        :data-testid="`why-${reason.result.label.replaceAll(' ', '-')}`"
        :data-formula="reason.formula"
        :data-result="reason.result.value"
      >
        <p>
          <strong class="num">{{ show(reason.result.value) }} {{ reason.result.unit }}</strong>
          {{ reason.result.label }}. {{ reason.rule }}
        </p>
        <table class="w-full text-[0.9375rem] mt-1">
          <caption class="sr-only">
            What went into it
          </caption>
          <tbody>
            <tr
              v-for="input in reason.inputs"
              :key="input.key"
              class="rule align-top"
              :data-key="input.key"
              :data-value="input.value"
            >
              <th scope="row" class="text-left font-normal py-1 pr-3">
                {{ input.label }}<br /><span class="small">{{ input.from }}</span>
              </th>
              <td class="num text-right whitespace-nowrap py-1 font-semibold">
                {{ show(input.value) }}<span v-if="input.unit">&nbsp;{{ input.unit }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="small mt-1">
          = <code>{{ reason.formula }}</code><br />Source: {{ reason.source }}
        </p>
      </div>
    </DisclosurePanel>
  </Disclosure>
</template>
