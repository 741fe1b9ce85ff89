<script setup lang="ts">
import { computed } from 'vue'
import { remembered } from '@renatus/core/trials/remembered'
import { useRoomStore } from '~/stores/room'
import { answerWords, foundWords } from '~/words/trials'

/** What trials of this room have found out about a food, where its school or its matter is chosen. */
const props = defineProps<{ foodId: string }>()
const room = useRoomStore()
const found = computed(() => (room.state ? remembered(room.state, props.foodId) : []))
</script>

<template>
  <ul v-if="found.length" class="border-l-4 border-plan pl-3 grid gap-1" data-testid="found-here">
    <li v-for="f in found" :key="f.trial.id">
      {{ answerWords(f.answer.arms, f.answer.how, f.trial.asks) }}
      <span class="small">{{ foundWords(f.trial, f.answer.arms) }};</span>
      {{ ' ' }}
      <NuxtLink :to="`/trials/${f.trial.id}`" :prefetch="false" class="link">the trial</NuxtLink>
    </li>
  </ul>
</template>
