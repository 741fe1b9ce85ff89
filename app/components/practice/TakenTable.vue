<script setup lang="ts">
import { READINESS } from '@renatus/core/dynamics/contract'
import { STAGES } from '~/words/cultures'

/** What was taken for what: rows are what it was, columns what was said; what is right lies on the slope. */
const props = defineProps<{ taken: readonly (readonly number[])[] }>()
const most = () => Math.max(1, ...props.taken.flat())
const shade = (n: number) => `${Math.round((n / most()) * 60)}%`
</script>

<template>
  <div class="overflow-x-auto" tabindex="0" role="group" aria-label="What was taken for what">
    <table class="num text-center">
      <caption class="text-left small">
        It was (rows), you said (columns)
      </caption>
      <thead>
        <tr>
          <td />
          <th v-for="r in READINESS" :key="r" scope="col" class="font-normal px-1 small">
            {{ STAGES[r].word }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in taken" :key="i">
          <th scope="row" class="font-normal text-right pr-2 small">
            {{ STAGES[READINESS[i]!].word }}
          </th>
          <td
            v-for="(n, j) in row"
            :key="j"
            class="w-12 h-8 border"
            :class="i === j ? 'border-ink font-bold' : 'border-line'"
            :style="{ background: `color-mix(in srgb, var(--line) ${shade(n)}, transparent)` }"
          >
            {{ n === 0 ? '' : n }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
