<script setup lang="ts">
/** Fills that differ in shape, one for each kind of food, so that bands read without colour. */
withDefaults(defineProps<{ prefix: string; scale?: number }>(), { scale: 1 })
</script>

<template>
  <defs>
    <pattern
      :id="`${prefix}-dots`"
      width="7"
      height="7"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><circle cx="2" cy="2" r="1.1" fill="var(--ink-2)" /><circle
        cx="5.5"
        cy="5.5"
        r="1.1"
        fill="var(--ink-2)"
    /></pattern>
    <pattern
      :id="`${prefix}-rising`"
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><path d="M-2 2 L2 -2 M0 8 L8 0 M6 10 L10 6" stroke="var(--ink-2)" stroke-width="1.1"
    /></pattern>
    <pattern
      :id="`${prefix}-falling`"
      width="6"
      height="6"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><path d="M-1 5 L1 7 M0 0 L6 6 M5 -1 L7 1" stroke="var(--nauplius)" stroke-width="1.6"
    /></pattern>
    <pattern
      :id="`${prefix}-rings`"
      width="12"
      height="12"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><circle cx="6" cy="6" r="3" fill="none" stroke="var(--ink-2)" stroke-width="1.1"
    /></pattern>
    <pattern
      :id="`${prefix}-level`"
      width="8"
      height="5"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><path d="M0 2.5 H8" stroke="var(--ink-2)" stroke-width="1.1"
    /></pattern>
    <pattern
      :id="`${prefix}-cross`"
      width="9"
      height="9"
      patternUnits="userSpaceOnUse"
      :patternTransform="`scale(${scale})`"
      ><path d="M0 4.5 H9 M4.5 0 V9" stroke="var(--ink-2)" stroke-width=".9"
    /></pattern>
  </defs>
</template>
