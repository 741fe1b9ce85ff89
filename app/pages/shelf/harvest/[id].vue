<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { navigateTo, useRoute } from '#imports'
import { takeShare } from '@renatus/core/planning/amounts'
import { afterHarvest, culturePortions, MOST_DRAWN } from '@renatus/core/planning/culturePortions'
import { acidRefusal, harvestRefusals } from '@renatus/core/planning/refusals'
import type { HarvestGrade, RefusalId } from '@renatus/core/records/vocabulary'
import HoldButton from '~/components/shared/HoldButton.vue'
import MethodSteps from '~/components/methods/MethodSteps.vue'
import NoRoom from '~/components/shared/NoRoom.vue'
import RefusalList from '~/components/shared/RefusalList.vue'
import ShelfEdge from '~/components/shared/ShelfEdge.vue'
import WhyPanel from '~/components/shared/WhyPanel.vue'
import VesselPicture from '~/components/vessel/VesselPicture.vue'
import { useCultureActions } from '~/composables/useCultureActions'
import { useTended } from '~/composables/useTended'
import { useUnits } from '~/composables/useUnits'
import { useCulturesStore } from '~/stores/cultures'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'
import { backWords } from '~/words/tending'

/** From a culture to the tanks: what each wants, as mL and pipettes of this culture today; what is left, and when it is back. */
const room = useRoomStore()
useCulturesStore()
const units = useUnits()
const actions = useCultureActions()
const id = String(useRoute().params.id)
const { state: culture, reading, view, tended } = useTended(id)
const round = computed(() => room.round?.current ?? null)
const plan = computed(() => {
  if (!tended.value || !room.round) return null
  const { density, per } = tended.value.reading.estimate
  const portions = culturePortions(room.round.reckoning, tended.value)
  const wanted = portions.reduce((s, p) => s + p.share, 0)
  return { density, per, portions, wanted, most: MOST_DRAWN }
})
const vesselMl = computed(() => (culture.value?.record.litres ?? 0) * 1000)
const liquid = computed(() => plan.value?.per === 'mL')
/** The pipette that was weighed, else the first one there is. */
const pipettes = computed(() =>
  (room.state?.tools ?? [])
    .filter(t => t.kind === 'pipette')
    .map(t => ({
      id: t.id,
      name: t.name,
      ml: room.state!.learned.tools[t.id]?.ml.value ?? t.ml,
      weighed: room.state!.learned.tools[t.id] !== undefined,
    })),
)
const pipetteId = ref('')
const pipette = computed(
  () =>
    pipettes.value.find(p => p.id === pipetteId.value) ??
    pipettes.value.find(p => p.weighed) ??
    pipettes.value[0] ??
    null,
)
/** Full pipettes, where the volume is one for a pipette. */
const fills = (ml: number) =>
  pipette.value && ml / pipette.value.ml <= 60
    ? ` (${Math.max(0.5, Math.round((ml / pipette.value.ml) * 2) / 2).toLocaleString('en-GB')} × ${pipette.value.name})`
    : ''
const { volume } = units

const typed = reactive<Record<string, string>>({})
const extra = ref('')
const seen = ref<HarvestGrade>('good')
const problem = ref<string | null>(null)
/** What is asked for at each tank, in mL or % of the surface, scaled where there is not enough. */
const scale = computed(() =>
  plan.value && plan.value.wanted > plan.value.most ? plan.value.most / plan.value.wanted : 1,
)
const amountOf = (share: number) => (liquid.value ? share * vesselMl.value : share * 100)
const unit = computed(() => (liquid.value ? 'mL' : '%'))
const rows = computed(() =>
  (plan.value?.portions ?? []).map(p => {
    const proposed = amountOf(p.share) * scale.value
    const text = typed[p.tank.id]?.trim() ?? ''
    const parsed =
      text === ''
        ? null
        : numberField({
            label: p.tank.name,
            min: 0,
            max: liquid.value ? vesselMl.value : 100,
            unit: unit.value,
          }).safeParse(text)
    const given = parsed?.success ? parsed.data : 0
    return {
      p,
      proposed,
      given: parsed === null ? proposed : given,
      share: (parsed === null ? proposed : given) / (liquid.value ? vesselMl.value : 100),
      problem: parsed && !parsed.success ? parsed.error.issues[0]!.message : null,
    }
  }),
)
const elsewhere = computed(() => {
  const text = extra.value.trim()
  const parsed =
    text === ''
      ? null
      : numberField({
          label: 'Beside the tanks',
          min: 0,
          max: liquid.value ? vesselMl.value : 100,
          unit: unit.value,
        }).safeParse(text)
  return {
    share: parsed?.success ? parsed.data / (liquid.value ? vesselMl.value : 100) : 0,
    problem: parsed && !parsed.success ? parsed.error.issues[0]!.message : null,
  }
})
const total = computed(() => rows.value.reduce((s, r) => s + r.share, 0) + elsewhere.value.share)
const advised = computed(() => (tended.value ? takeShare(tended.value) : null))
const after = computed(() => (tended.value ? afterHarvest(tended.value, total.value) : null))
const against = computed(() => {
  if (!tended.value) return []
  const acid = acidRefusal(tended.value.food, room.state!.entries, room.now)
  return [...(acid ? [acid] : []), ...harvestRefusals(tended.value, total.value)]
})
const density = (x: number) =>
  x >= 100 ? units.count(x) : x.toLocaleString('en-GB', { maximumSignificantDigits: 2 })

async function log(despite: RefusalId[]) {
  problem.value =
    rows.value.find(r => r.problem)?.problem ??
    elsewhere.value.problem ??
    (total.value > 1 + 1e-9
      ? `That is ${Math.round(total.value * 100)} % of the vessel: it holds ${liquid.value ? volume(vesselMl.value) : '100 %'}. Lower a portion.`
      : null) ??
    (total.value <= 0 ? 'Nothing is drawn: enter what was taken, or go back.' : null)
  if (problem.value || !tended.value) return
  const organisms = total.value * tended.value.reading.estimate.organisms.p50
  const ok = await actions.harvested(tended.value.culture.record, {
    share: total.value,
    seen: seen.value,
    ml: liquid.value ? total.value * vesselMl.value : null,
    organisms,
    despite,
    roundKey: round.value!.key,
    portions: rows.value
      .filter(r => r.share > 0)
      .map(r => ({
        tankId: r.p.tank.id,
        organisms: r.share * tended.value!.reading.estimate.organisms.p50,
        ml: liquid.value ? r.given : null,
        partial: r.p.partial || r.given < 0.95 * r.proposed,
      })),
  })
  if (ok) await navigateTo(`/shelf/${id}`)
}
</script>

<template>
  <NoRoom v-if="!room.state" />
  <div v-else-if="!culture || culture.ended" class="grid gap-3">
    <h1>{{ culture ? `${culture.record.name} has ended` : 'No such culture' }}</h1>
    <p><NuxtLink to="/shelf" class="link">To the shelf</NuxtLink></p>
  </div>
  <form v-else class="grid grid-cols-1 gap-6 max-w-4xl" novalidate @submit.prevent="log([])">
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
              <strong>{{ r.p.tank.name }}</strong>
              <span class="amount" :data-testid="`portion-${r.p.tank.name}`">{{
                liquid
                  ? volume(r.proposed)
                  : `${r.proposed.toLocaleString('en-GB', { maximumSignificantDigits: 2 })} %`
              }}</span><span v-if="liquid" class="small">{{ fills(r.proposed) }}</span>
            </p>
            <p class="small">
              {{ units.count(r.p.organisms * scale) }} {{ tended.food.profile.units }} for
              {{ r.p.broods.join(', ') }}
            </p>
            <WhyPanel :reasons="[r.p.why]" :ask="`Why so much for ${r.p.tank.name}?`" />
          </div>
          <label class="font-semibold"
            >Differs, {{ unit
            }}<input
              v-model="typed[r.p.tank.id]"
              class="field mt-1 block w-32 font-normal"
              inputmode="decimal"
              autocomplete="off"
              :aria-label="`${r.p.tank.name}, ${unit}`"
              :placeholder="Number(r.proposed.toPrecision(3)).toString()"
            /><strong v-if="r.problem" class="text-harm small block" role="alert">{{
              r.problem
            }}</strong></label
          >
        </article>
        <label class="font-semibold"
          >Beside the tanks, {{ unit
          }}<span class="small font-normal block"
            >for a freezer bag, another culture, or to thin it</span
          ><input
            v-model="extra"
            class="field mt-1 block w-40 font-normal"
            inputmode="decimal"
            autocomplete="off"
        /></label>
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
