import { nowInstant } from '~/composables/clock'
import { computed, ref, watch } from 'vue'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { madeOf, madeWords } from '@renatus/core/stock/madeWords'
import { premixedFor } from '@renatus/core/stock/fromMix'
import { mostVessels, recipe } from '@renatus/core/foods/recipe'
import { acidRefusal, type Refusal } from '@renatus/core/planning/refusals'
import { gainsByCup, starterFrom } from '@renatus/core/planning/starter'
import type { CultureDraft } from '@renatus/core/stock/newCultures'
import { starterAgainstUsual, startCultures } from '@renatus/core/planning/startCultures'
import { shapeFor, type VesselShape } from '~/components/vessel/vesselShape'
import { useCultureActions } from '~/composables/useCultureActions'
import { useCultureReadings } from '~/composables/useCultureReadings'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { stageOf, STAGES } from '~/words/cultures'
import type { StartDraft } from './startDraft'
import { useStartForm, type StartValues } from './useStartForm'

/** Readings of so many mothers are shown beside their names. */
const MOTHERS_READ = 12
const MOST_VESSELS = 20

/** A start: its form, what goes in, what speaks against it, and the start itself. */
export function useStart(props: { food: Food; method: FoodMethod; draft: StartDraft }) {
  const room = useRoomStore()
  const units = useUnits()
  const actions = useCultureActions()
  const fields = useStartForm(props.food, props.method, props.draft)
  const { form, v, state, mothers, litres, temperatureC, count, starterMl, usualMl } = fields
  const needsStarter = computed(() => props.method.starterShare > 0)
  const words = computed(() =>
    madeWords(state.value.entries, state.value.cultures, props.food.profile.id),
  )
  /** What stands mixed already, enough for all of them. */
  const mix = computed(() =>
    premixedFor(state.value.materials, props.method, litres.value * count.value),
  )
  const sheet = computed(() =>
    recipe(
      props.food,
      props.method,
      litres.value,
      units.measures.value,
      starterMl.value,
      mix.value?.name,
    ),
  )
  const mayTakeCup = computed(
    () => mothers.value.length > 0 && gainsByCup(props.food, props.method, litres.value),
  )
  const mother = computed(() => {
    const isTaken = needsStarter.value ? v.origin === 'cultures' : mayTakeCup.value
    return isTaken ? mothers.value.find(c => c.id === v.parentId) : undefined
  })
  const motherL = computed(() => mother.value?.record.litres ?? null)

  const { readings } = useCultureReadings(
    computed(() => mothers.value.slice(0, MOTHERS_READ).map(c => c.id)),
  )
  const stageAt = (id: string) => {
    const reading = readings.value.get(id)
    return reading ? stageOf(reading.estimate) : null
  }
  const stageWord = (id: string) => {
    const stage = stageAt(id)
    return stage ? STAGES[stage].word : ''
  }
  /** Until somebody chooses, the starter comes from a vessel that is ready. */
  const chosen = ref(false)
  watch(readings, () => {
    const best = mothers.value.find(c => !c.quarantine && stageAt(c.id) === 'ready')
    const now = stageAt(String(v.parentId))
    if (best && now && now !== 'ready' && !chosen.value)
      form.setFieldValue('parentId', best.id, false)
  })

  const share = computed(() =>
    motherL.value ? starterFrom(starterMl.value, count.value, motherL.value) : 0,
  )
  const enoughFor = computed(() =>
    motherL.value
      ? Math.min(MOST_VESSELS, mostVessels(props.method, motherL.value * 500, litres.value))
      : null,
  )
  const shape = computed((): VesselShape => {
    const { depthCm, widthCm } = props.method.vessel
    return (v.vesselKind as VesselShape | '') || shapeFor(litres.value, depthCm, widthCm)
  })
  const against = computed((): Refusal[] => {
    const acid = acidRefusal(props.food, state.value.entries, room.now)
    const m = mother.value
    const why = `${m?.record.name} stands apart: what is in it would go into the new line.`
    return [...(acid ? [acid] : []), ...(m?.quarantine ? [{ id: 'quarantine' as const, why }] : [])]
  })
  const [low, high] = props.food.rangeC
  const unfit = computed(() => temperatureC.value < low || temperatureC.value > high)

  const problem = ref<string | null>(null)
  function wrong(x: StartValues, each: number): string | null {
    const m = mother.value?.record
    if (m && starterFrom(each, x.vessels, m.litres) > 1)
      return `${x.vessels} × ${units.volume(each)} is more than ${m.name} holds (${units.litres(m.litres)}): take less starter, or fewer vessels.`
    if (x.warmth !== 'place' || fields.air.value !== null) return null
    const where = fields.place.value?.name ?? 'that place'
    return `Nobody has read a thermometer at ${where}: read it on the Shelf, or say how warm the vessel itself is.`
  }
  /** Animals in the mother, where she was read. */
  function motherKnown() {
    const reading = mother.value ? readings.value.get(mother.value.id) : undefined
    if (!reading || !motherL.value) return null
    return { litres: motherL.value, organisms: reading.estimate.organisms.p50 }
  }
  async function begin(x: StartValues, despite: boolean): Promise<CultureDraft[] | null> {
    const each = x.starterMl ?? usualMl.value
    problem.value = wrong(x, each)
    if (problem.value) return null
    const { food, method } = props
    const starter = starterAgainstUsual(food, method, x.litres, each, motherKnown())
    const keepAs = x.keepVessel ? x.vesselKind || shape.value : null
    const choice = { ...x, temperatureC: temperatureC.value, starter, keepAs }
    const now = nowInstant()
    const { cultures, vessels } = startCultures(state.value, food, method, choice, now, newId)
    const m = mother.value
    const byItself = m ? ('cultures' as const) : ('unknown' as const)
    const told = {
      origin: needsStarter.value ? x.origin : byItself,
      parentIds: m ? [m.id] : [],
      starterMl: needsStarter.value || m ? each : null,
      taken: mix.value && [
        { materialId: mix.value.materialId, amount: mix.value.ml / count.value },
      ],
      made: madeOf({
        matter: x.madeMatter,
        water: x.madeWater,
        medium: x.madeMedium,
        remark: x.madeRemark,
      }),
      despite: despite ? against.value.map(r => r.id) : [],
    }
    const from = m && { id: m.id, share: starterFrom(each, x.vessels, m.record.litres) }
    return (await actions.start(cultures, told, from ?? null, vessels)) ? cultures : null
  }
  const source = { needsStarter, mayTakeCup, mother, stageWord, chosen, share, enoughFor }
  return { ...fields, ...source, sheet, words, shape, against, unfit, problem, begin }
}
