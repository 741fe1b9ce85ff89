<script setup lang="ts">
import type { AheadPicture } from '@renatus/core/planning/plan/aheadPicture'
import { laneWords, mouthWords } from '~/words/aheadPicture'
import { foodName } from '~/words/foods'

/** The picture in words, for whoever does not see it. */
defineProps<{
  picture: AheadPicture
  brood: (id: string) => string
  date: (day: number) => string
}>()
</script>

<template>
  <div class="sr-only">
    <table>
      <caption>
        The picture in words
      </caption>
      <thead>
        <tr>
          <th scope="col">Brood or food</th>
          <th scope="col">What the picture shows</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="m in picture.mouths" :key="m.brood">
          <th scope="row">{{ brood(m.brood) }}</th>
          <td>{{ mouthWords(m, date) }}</td>
        </tr>
        <tr v-for="l in picture.lanes" :key="l.food">
          <th scope="row">{{ foodName(l.food) }}</th>
          <td>{{ laneWords(l, date) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
