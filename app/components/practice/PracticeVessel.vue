<script setup lang="ts">
import { computed } from 'vue'
import { foodOf } from '@renatus/core/foods/index'
import type { SeenSigns } from '@renatus/core/practice/looksOf'
import { shapeFor, sizeOf } from '~/components/vessel/vesselShape'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { lookInShort } from '~/words/cultures'

/** A vessel of an exercise: what its label says, and what it looks like to whoever has looked. */
const props = defineProps<{
  foodId: string
  methodId: string
  litres: number
  temperatureC: number
  day: number
  signs: SeenSigns | null
  seed: number
}>()
const units = useUnits()
const food = computed(() => foodOf(props.foodId)!)
const method = computed(() => food.value.methods.find(m => m.id === props.methodId)!)
const shape = computed(() => {
  const { depthCm, widthCm } = method.value.vessel
  return shapeFor(props.litres, depthCm, widthCm)
})
const words = computed(() => (props.signs ? lookInShort(food.value, props.signs) : 'not looked at'))
</script>

<template>
  <div class="flex flex-wrap gap-5 items-end">
    <VesselPicture
      v-if="signs"
      :shape="shape"
      :family="food.profile.family"
      :grades="signs"
      :label="`${food.profile.name}: ${words}`"
      :seed="seed"
      :scale="1.5 * sizeOf(shape, litres)"
    />
    <div class="max-w-prose">
      <p class="font-bold">{{ food.profile.name }}, {{ method.name.toLowerCase() }}</p>
      <p class="small num">
        {{ units.litres(litres) }}, {{ units.celsius(temperatureC) }}, day {{ day }}
      </p>
      <p v-if="signs" data-testid="seen">{{ words }}.</p>
    </div>
  </div>
</template>
