<script setup lang="ts">
import type { Mouth } from '@renatus/core/planning/plan/aheadPicture'
import { addDays } from '@renatus/core/time/localDate'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { mouthWords } from '~/words/aheadPicture'

/** The brood that is selected: what it eats when. */
const props = defineProps<{ mouth: Mouth; from: string }>()
const room = useRoomStore()
const units = useUnits()
const date = (day: number) => units.date(addDays(props.from, day))
</script>

<template>
  <section class="border-2 border-ink bg-paper px-4 py-3 grid gap-2" aria-label="Selected brood">
    <p class="sentence">
      <NuxtLink :to="`/broods/${mouth.brood}`" :prefetch="false" class="link font-bold">{{
        room.state?.broods.find(b => b.id === mouth.brood)?.name
      }}</NuxtLink>: {{ mouthWords(mouth, date) }}
    </p>
  </section>
</template>
