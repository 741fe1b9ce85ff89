<script setup lang="ts">
import { numberText } from '@renatus/core/units/numberText'
import { navigateTo, useRoute } from '#app/composables/router'
import { afterHarvest } from '@renatus/core/planning/culturePortions'
import type { RefusalId } from '@renatus/core/records/vocabulary'
import { useShelfHarvest } from '~/components/cultures/useShelfHarvest'
import HoldButton from '~/components/shared/HoldButton.vue'
import MethodSteps from '~/components/methods/MethodSteps.vue'
import AmountInput from '~/components/shared/AmountInput.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import RefusalList from '~/components/shared/RefusalList.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useUnits } from '~/composables/useUnits'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { backWords } from '~/words/tending'

/** From a culture to the tanks: what each wants, as mL and pipettes of this culture today; what is left, and when it is back. */
const room = useRoomStore()
useCulturesStore()
const units = useUnits()
const { volume } = units
const id = String(useRoute().params.id)
const harvest = useShelfHarvest(id)
const { culture, reading, view, tended, round, plan, liquid, vesselMl, density } = harvest
const { pipettes, pipetteId, fills } = harvest
const { typed, extra, seen, rows, scale, unit } = harvest
const { total, advised, after, against, problem } = harvest
async function log(despite: RefusalId[]) {
  if (await harvest.log(despite)) await navigateTo(`/shelf/${id}`, { replace: true })
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!culture || culture.ended" class="grid gap-3">
    <h1>{{ culture ? `${culture.record.name} has ended` : 'No such culture' }}</h1>
    <p><NuxtLink to="/shelf" class="link">To the shelf</NuxtLink></p>
  </div>
  <form
    v-else
    class="grid grid-cols-1 gap-6 max-w-4xl"
    novalidate
    @input="problem = null"
    @submit.prevent="log([])"
  >
    <div class="flex flex-wrap gap-6 items-end">
      <VesselPicture
        :shape="view.shape"
        :family="view.family"
        :grades="reading?.look ?? {}"
        :label="view.label"
        :seed="view.seed"
        :air="view.air"
        :plug="view.plug"
      />
      <div class="grow">
        <h1>Harvest {{ culture.record.name }}</h1>
        <p v-if="!tended || !plan" class="small mt-1" role="status">Reading it</p>
        <p v-else class="small mt-1 num">
          {{ density(plan.density.p50) }} {{ tended.food.profile.units }} per
          {{ liquid ? 'mL' : 'cm²' }} today ({{ density(plan.density.p10) }} to
          {{ density(plan.density.p90) }}, 80 %);
          {{ units.count(tended.reading.estimate.organisms.p50) }} in all.
        </p>
      </div>
    </div>
    <template v-if="tended && plan">
      <MethodSteps name="How" :steps="tended.method.harvest" />
      <section class="grid gap-3">
        <ShelfEdge name="To the tanks" />
        <p v-if="!rows.length" class="small">
          No brood wants {{ tended.food.profile.units }} at the
          {{ (round?.name ?? 'round').toLowerCase() }}.<template
            v-if="advised && advised.value > 0.005"
            >{{ ' Drawn today: '
            }}{{
              liquid
                ? volume(advised.value * vesselMl)
                : `${Math.round(advised.value * 100)} % of the surface`
            }}; {{ backWords(afterHarvest(tended, advised.value).back) }}.</template
          >
        </p>
        <p v-if="scale < 1" class="border-l-4 border-due pl-3" role="status">
          The tanks want more than half of it: each gets its share of half.
        </p>
        <label v-if="liquid && pipettes.length > 1" class="font-semibold"
          >Pipette<select v-model="pipetteId" class="field mt-1 block max-w-xs font-normal">
            <option v-for="p in pipettes" :key="p.id" :value="p.id">
              {{ p.name }}, {{ Number(p.ml.toPrecision(3)) }} mL{{
                p.weighed ? ' by weight' : ' as printed'
              }}
            </option>
          </select></label
        >
        <article
          v-for="r in rows"
          :key="r.p.tank.id"
          class="rule py-3 grid gap-1 sm:grid-cols-[1fr_auto] sm:gap-x-6"
        >
          <div>
            <p class="sentence">
              <strong>{{ r.p.tank.name }}</strong>:
              <span class="amount" :data-testid="`portion-${r.p.tank.name}`">{{
                liquid ? volume(r.proposed) : `${numberText(r.proposed, { digits: 2 })} %`
              }}</span><span v-if="liquid" class="small">{{ fills(r.proposed) }}</span>
            </p>
            <p class="small">
              {{ units.count(r.p.organisms * scale) }} {{ tended.food.profile.units }} for
              {{ r.p.broods.join(', ') }}
            </p>
            <WhyPanel :reasons="[r.p.why]" :ask="`Why so much for ${r.p.tank.name}?`" />
          </div>
          <AmountInput
            v-model="typed[r.p.tank.id]"
            :label="`${r.p.tank.name} got, ${unit}`"
            unit="mL"
            :from="r.proposed"
            :placeholder="Number(r.proposed.toPrecision(3)).toString()"
            :problem="r.problem"
          />
        </article>
        <AmountInput
          v-model="extra"
          :label="`Beside the tanks, ${unit}`"
          hint="for a freezer bag, another culture, or to thin it"
          unit="mL"
          :from="0"
        />
        <fieldset class="grid gap-2">
          <legend class="font-semibold mb-1">In the cup it looks</legend>
          <div class="grid gap-2 sm:grid-cols-3">
            <label
              v-for="h in tended.food.harvestSigns"
              :key="h.id"
              class="flex gap-3 items-center min-h-14 border-2 px-3 py-1 cursor-pointer bg-paper"
              :class="seen === h.id ? 'border-ink' : 'border-line'"
            >
              <input
                v-model="seen"
                type="radio"
                name="seen"
                :value="h.id"
                class="size-5 accent-[var(--plan)] shrink-0"
              /><span
                ><strong>{{ h.name }}</strong>
                <span class="small block leading-tight">{{ h.looks }}</span></span
              >
            </label>
          </div>
        </fieldset>
      </section>
      <section class="grid gap-2">
        <ShelfEdge name="What is left" />
        <p class="sentence" role="status">
          You draw
          <span class="amount" data-testid="drawn">{{
            liquid ? volume(total * vesselMl) : `${Math.round(total * 1000) / 10} %`
          }}</span>; about {{ units.count(after!.organisms) }} {{ tended.food.profile.units }} stay.
          <template v-if="total > 0">{{
            after!.back === null
              ? 'It is not expected to come back within three weeks.'
              : after!.back < 1
                ? 'It is back within a day.'
                : `It is back in about ${Math.round(after!.back)} ${Math.round(after!.back) === 1 ? 'day' : 'days'}.`
          }}</template>
        </p>
        <RefusalList :refusals="against" />
        <p v-if="problem" role="alert" class="text-harm font-semibold">{{ problem }}</p>
        <div class="flex flex-wrap gap-3">
          <HoldButton
            v-if="against.length"
            label="Harvest all the same"
            @held="log(against.map(r => r.id))"
          />
          <button v-else class="btn btn-main px-8">Log harvest and feeding</button>
          <NuxtLink class="btn btn-quiet" :prefetch="false" :to="`/shelf/${id}`">Back</NuxtLink>
        </div>
      </section>
    </template>
  </form>
</template>
