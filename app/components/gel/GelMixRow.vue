<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { computed, ref } from 'vue'
import type { GelMix } from '@renatus/core/records/records'
import { binderOf } from '@renatus/core/gel/binders'
import { powderLeft } from '@renatus/core/stock/gelKitchen'
import RecordForm from '~/components/setup/RecordForm.vue'
import HoldButton from '~/components/shared/HoldButton.vue'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { JOB_WORDS } from '~/words/gel'

/** One diet: what it is, for whom, what it costs, how much powder is left. */
const props = defineProps<{ mix: GelMix }>()
const room = useRoomStore()
const units = useUnits()
const editing = ref(false)
const choosing = ref(false)
const left = computed(() => powderLeft(room.state!.entries, props.mix))
const feeds = computed(() =>
  props.mix.broodIds
    .map(id => room.state!.broods.find(b => b.id === id)?.name)
    .filter(n => n !== undefined),
)
const one = (n: number) => numberText(n, { decimals: 1 })
const used = computed(() => room.state!.gel.boxes.some(b => b.mixId === props.mix.id))
const dry = computed(() => 100 - props.mix.label.moisture)
async function eats(id: string, on: boolean) {
  await room.save([
    {
      ...props.mix,
      broodIds: on ? [...props.mix.broodIds, id] : props.mix.broodIds.filter(b => b !== id),
    },
  ])
}
</script>

<template>
  <li class="rule py-3 grid gap-2" :data-testid="`mix-${mix.name}`">
    <RecordForm
      v-if="editing"
      type="gel-mix"
      :record="{ ...mix, gramsLeft: left === null ? null : Number(left.toFixed(0)) }"
      @saved="editing = false"
      @cancel="editing = false"
    />
    <div v-else class="flex flex-wrap gap-x-4 gap-y-2 items-start">
      <div class="grow min-w-56">
        <p class="sentence">
          <strong>{{ mix.name }}</strong>,
          {{
            mix.formula
              ? `own formula with ${binderOf(mix.binder).name.toLowerCase()}`
              : 'ready powder'
          }}
        </p>
        <p class="small">
          Dry: protein {{ one((mix.label.protein / dry) * 100) }} %, fat
          {{ one((mix.label.fat / dry) * 100) }} %, fibre
          {{ one((mix.label.fibre / dry) * 100) }} %, ash {{ one((mix.label.ash / dry) * 100) }} %.
          {{
            mix.formula
              ? `${one(mix.formula.waterByMass)} parts of water by weight`
              : `${one(mix.parts)} parts of water by volume`
          }}; {{ one(mix.costPerKg) }} a kilogram{{ mix.formula ? ' dry' : '' }}; fry
          {{ JOB_WORDS[mix.job] }}.
          <template v-if="left !== null"
            ><strong>{{ units.grams(left) }}</strong> of powder left.</template
          >
        </p>
        <p class="small">
          For {{ feeds.length ? feeds.join(', ') : 'any brood that has no diet of its own' }}.
        </p>
      </div>
      <div class="flex flex-wrap gap-2">
        <NuxtLink
          :to="`/gel/batch?mix=${mix.id}`"
          :prefetch="false"
          class="btn btn-main"
          :aria-label="`Cook ${mix.name}`"
          >Cook</NuxtLink
        >
        <NuxtLink
          v-if="mix.formula"
          :to="`/gel/diet?id=${mix.id}`"
          :prefetch="false"
          class="btn"
          :aria-label="`Change ${mix.name}`"
          >Change</NuxtLink
        >
        <button v-else class="btn" :aria-label="`Change ${mix.name}`" @click="editing = true">
          Change
        </button>
        <button class="btn btn-quiet" :aria-expanded="choosing" @click="choosing = !choosing">
          For whom
        </button>
        <HoldButton v-if="!used" label="Remove" @held="room.remove(mix.id)" />
      </div>
    </div>
    <fieldset v-if="choosing" class="grid sm:grid-cols-2 gap-x-6">
      <legend class="font-semibold">
        Broods that eat {{ mix.name }}; none ticked: any brood without a diet of its own
      </legend>
      <label v-for="b in room.state!.broods" :key="b.id" class="flex items-center gap-3 min-h-12"
        ><input
          type="checkbox"
          class="size-6 accent-[var(--plan)]"
          :checked="mix.broodIds.includes(b.id)"
          @change="eats(b.id, ($event.target as HTMLInputElement).checked)"
        />{{ b.name }}</label
      >
    </fieldset>
  </li>
</template>
