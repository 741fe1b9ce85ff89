<script setup lang="ts">
import { ref } from 'vue'
import { useInTurn } from '~/composables/useInTurn'

/** A part of a long view that is drawn when those before it stand. */
const props = defineProps<{
  /** It leads the view, and is drawn with it. */ atOnce?: boolean
}>()
const here = props.atOnce ? ref(true) : useInTurn()
</script>

<template><slot v-if="here" /></template>
