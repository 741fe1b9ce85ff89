<script setup lang="ts">
import InTurn from '~/components/shared/InTurn.vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import HatchForm from '~/components/bench/HatchForm.vue'
import MixingSheet from '~/components/bench/MixingSheet.vue'
import HatchCard from '~/components/bench/HatchCard.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import UndoLine from '~/components/shared/UndoLine.vue'
import { useUnits } from '~/composables/useUnits'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { plural } from '~/words/round'

const room = useRoomStore()
useCulturesStore()
const units = useUnits()
const route = useRoute()
/** Cysts whose shells were just taken off, g: they go into a bottle now. */
const bareG = computed(() =>
  route.query.start === 'decapsulated' ? Number(route.query.grams) || null : null,
)
/** What the scale brought, g. */
const weighed = computed(() => ({
  cysts: Number(route.query.cysts) || null,
  salt: Number(route.query.salt) || null,
}))
const starting = ref(route.query.start !== undefined)
const running = computed(() => room.state?.hatches.filter(r => r.endedAt === null) ?? [])
const free = computed(
  () => room.state?.hatchVessels.filter(v => !running.value.some(r => r.vesselId === v.id)) ?? [],
)
const past = computed(
  () =>
    room.state?.hatches
      .filter(r => r.endedAt !== null && r.pulls.length > 0)
      .slice(-6)
      .reverse() ?? [],
)
/** What a hatch takes and the room has not told yet: asked for here, where it is first needed. */
const RecordList = defineAsyncComponent(() => import('~/components/setup/RecordList.vue'))
const lacks = computed(() => {
  const s = room.state
  if (!s) return []
  return [
    { type: 'hatch-vessel' as const, is: s.hatchVessels.length === 0 },
    { type: 'salt' as const, is: s.salts.length === 0 },
    { type: 'lot' as const, is: s.lots.length === 0 },
  ].filter(l => l.is)
})
const next = computed(() => room.round?.reckoning.hatch.hatches[0])
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else class="grid grid-cols-1 gap-6">
    <div class="-order-2">
      <h1>Hatch bench</h1>
      <p class="small mt-1">
        {{
          running.length
            ? `${plural(running.length, 'hatch', 'hatches')} running.`
            : 'Nothing is hatching.'
        }}
        <template v-if="next"
          >Next start {{ units.when(next.startAt) }}: {{ next.vessel.name }},
          {{ units.grams(next.cystsG) }} cysts.</template
        >
      </p>
    </div>
    <UndoLine />
    <section v-if="lacks.length" class="grid gap-4">
      <p class="sentence">
        To hatch brine shrimp Renatus must know what you have: a vessel, the salt, the cysts.
      </p>
      <RecordList v-for="l in lacks" :key="l.type" :type="l.type" addable />
    </section>
    <InTurn v-for="hatch in running" :key="hatch.id"><HatchCard :hatch="hatch" /></InTurn>
    <section
      v-if="free.length && room.state.lots.some(l => l.state.gramsLeft > 0)"
      class="grid gap-2"
      :class="{ '-order-1': starting }"
    >
      <div v-if="!starting" class="flex flex-wrap gap-3 items-center">
        <button class="btn" @click="starting = true">Start a hatch by hand</button
        ><NuxtLink class="btn" to="/decapsulate" :prefetch="false">Take shells off</NuxtLink
        ><NuxtLink class="btn" to="/weigh" :prefetch="false">Weigh</NuxtLink
        ><span class="small">Free: {{ free.map(v => v.name).join(', ') }}</span>
      </div>
      <HatchForm
        v-else
        :bare-g="bareG"
        :weighed="weighed"
        @saved="starting = false"
        @cancel="starting = false"
      />
    </section>
    <InTurn><MixingSheet /></InTurn>
    <InTurn
      ><section v-if="past.length">
        <div class="flex items-center gap-3">
          <h2>Lately</h2>
          <span class="edge" />
        </div>
        <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Past hatches">
          <table class="w-full mt-2 text-left num">
            <thead class="small">
              <tr>
                <th class="py-2 pr-4 font-normal">Vessel</th>
                <th class="pr-4 font-normal">Started</th>
                <th class="pr-4 font-normal">Cysts</th>
                <th class="pr-4 font-normal">After</th>
                <th class="pr-4 font-normal">Nauplii</th>
                <th class="font-normal">Seen</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="hatch in past" :key="hatch.id" class="border-t border-line">
                <td class="py-2 pr-4">
                  {{ hatch.name }}
                </td>
                <td class="pr-4">{{ units.when(hatch.startedAt) }}</td>
                <td class="pr-4">{{ units.grams(hatch.setup.cystsG) }}</td>
                <td class="pr-4">{{ hatch.pulls.map(p => units.duration(p.h)).join(' and ') }}</td>
                <td class="pr-4">
                  {{ units.count(hatch.pulls.reduce((n, p) => n + p.nauplii, 0)) }}
                </td>
                <td>{{ hatch.pulls.map(p => p.seen).join(', ') }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </section></InTurn
    >
  </div>
</template>
