import { computed } from 'vue'
import * as z from 'zod'
import { foods, foodOf } from '@renatus/core/foods/index'
import { hatchFood } from '@renatus/core/foods/hatchFood'
import { starterFrom } from '@renatus/core/planning/starter'
import type { ArmChoice, Spot, TrialDesign } from '@renatus/core/planning/startTrial'
import { LEVELS, TRIAL_ASKS, type Level, type TrialAsk } from '@renatus/core/records/vocabulary'
import { running } from '@renatus/core/stock/cultures'
import { madeWords } from '@renatus/core/stock/madeWords'
import { ASKS } from '@renatus/core/trials/asks'
import { factorOf, FACTOR_IDS, type FactorId } from '@renatus/core/trials/factors'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import { numberField, temperatureField, textField, volumeField } from '~/words/fields'
import { factorOptions } from '~/words/trials'
import { LEVEL_WORDS } from '~/words/tending'

export const MOST_ARMS = 6
const MOST_EACH = 8
const armKeys = Array.from({ length: MOST_ARMS }, (_, i) => `arm${i + 1}`)
const checked = z.coerce.boolean()
/** Fields of the plan that name nothing yet. */
const EMPTY_ARMS = Object.fromEntries(armKeys.map(k => [k, '']))

type Values = Record<string, string | number | boolean>

/** The plan of a trial: its form, and the design that stands in it. */
export function useTrialForm() {
  const room = useRoomStore()
  const units = useUnits()
  const state = computed(() => room.state!)
  const cultured = foods.filter(f => f.profile.family !== 'hatch')
  const kindOf = (v: Record<string, unknown>) => ASKS[v.asks as TrialAsk].kind
  const isVessels = (v: Record<string, unknown>) => ['culture', 'hatch'].includes(kindOf(v))

  function armField(v: Record<string, unknown>, i: number) {
    if (i >= Number(v.arms)) return z.coerce.string()
    const { arm } = factorOf(v.factor as FactorId)
    const label = `Way ${i + 1}`
    if (arm === 'hours')
      return numberField({ label, min: 10, max: 96, unit: 'h', hint: 'Hours after the start.' })
    return textField(label).refine(
      name => armKeys.filter((k, j) => j < Number(v.arms) && same(v[k], name)).length < 2,
      `${label} is there twice: each way is one of its own.`,
    )
  }
  const same = (a: unknown, b: string) => String(a).trim().toLowerCase() === b.toLowerCase()
  const schemaOf = (v: Record<string, unknown>) =>
    z.object({
      name: textField('The question', 120),
      asks: z.enum(TRIAL_ASKS),
      factor: z.enum(FACTOR_IDS as [FactorId, ...FactorId[]]),
      foodId: z.string(),
      methodId: z.string(),
      arms: z.coerce.number(),
      each: numberField({ label: 'Vessels each', min: 1, max: MOST_EACH, whole: true }),
      placeId: z.string(),
      top: checked,
      middle: checked,
      bottom: checked,
      litres: volumeField(
        { label: 'Vessel', min: 0, max: 2000, above: true },
        units.measures.value,
      ),
      temperatureC: temperatureField(
        { label: 'Temperature', min: 0, max: 40 },
        units.measures.value,
      ),
      from: z.string(),
      lotId: z.string(),
      cystsG: numberField({ label: 'Cysts in each', min: 0.05, max: 50, unit: 'g' }),
      untilDays: numberField({ label: 'It runs for', min: 1, max: 200, unit: 'days' }),
      onDay: numberField({ label: 'Read for day', min: 0.5, max: 200 }),
      ...Object.fromEntries(armKeys.map((k, i) => [k, armField(v, i)])),
      ...Object.fromEntries(state.value.broods.map(b => [`brood${b.id}`, checked.optional()])),
    })

  const first = cultured[0]!
  const form = useZodForm(schemaOf as never, {
    name: '',
    asks: 'ready-day',
    factor: 'matter',
    foodId: first.profile.id,
    methodId: first.methods[0]!.id,
    arms: '2',
    each: '3',
    placeId: state.value.places[0]?.id ?? '',
    top: false,
    middle: true,
    bottom: false,
    litres: String(units.toVolumeUnit(first.methods[0]!.vessel.volumeL)),
    temperatureC: String(units.toTemperatureUnit(22)),
    from: 'bought',
    lotId: state.value.lots[0]?.lot.id ?? '',
    cystsG: '1',
    untilDays: '21',
    onDay: '14',
    ...EMPTY_ARMS,
  })
  const v = form.values as Values
  const asks = computed(() => v.asks as TrialAsk)
  const kind = computed(() => ASKS[asks.value].kind)
  const factor = computed(() => factorOf(v.factor as FactorId))
  const factors = computed(() => factorOptions(kind.value))
  const food = computed(() => (kind.value === 'hatch' ? hatchFood : foodOf(String(v.foodId))))
  const method = computed(() => {
    const methods = food.value?.methods ?? []
    return methods.find(m => m.id === v.methodId) ?? methods[0]
  })
  const words = computed(() => {
    const { made } = factor.value
    const known = madeWords(state.value.entries, state.value.cultures, String(v.foodId))
    return made ? known[made] : []
  })
  const mothers = computed(() =>
    running(state.value.cultureStates).filter(c => c.record.foodId === v.foodId && !c.quarantine),
  )
  const armOptions = computed(() => {
    if (factor.value.arm === 'method')
      return (food.value?.methods ?? []).map(m => ({ value: m.id, label: m.name }))
    if (factor.value.arm === 'lot')
      return state.value.lots.map(l => ({ value: l.lot.id, label: l.lot.name }))
    return null
  })
  const needsStarter = computed(
    () => kind.value === 'culture' && (method.value?.starterShare ?? 0) > 0,
  )
  /** Another question or food has other usual values. */
  function onAsks() {
    if (!factors.value.some(f => f.value === v.factor))
      form.setFieldValue('factor', factors.value[0]!.value, false)
    onFood()
  }
  function onFood() {
    const m = food.value?.methods[0]
    if (!m || !food.value) return
    const [low, high] = food.value.rangeC
    form.setValues(
      {
        ...form.values,
        ...EMPTY_ARMS,
        methodId: m.id,
        litres: String(units.toVolumeUnit(kind.value === 'hatch' ? 1 : m.vessel.volumeL)),
        temperatureC: String(units.toTemperatureUnit(Math.round((low + high) / 2))),
        from: mothers.value[0]?.id ?? 'bought',
      },
      false,
    )
  }

  function armOf(value: unknown): ArmChoice {
    const text = String(value).trim()
    const none = { methodId: null, lotId: null, hours: null }
    if (factor.value.arm === 'hours')
      return { ...none, name: `${Number(value)} h`, hours: Number(value) }
    const named = armOptions.value?.find(o => o.value === text)
    if (!named) return { ...none, name: text }
    return factor.value.arm === 'lot'
      ? { ...none, name: named.label, lotId: text }
      : { ...none, name: named.label, methodId: text }
  }
  function spots(x: Values): Spot[] {
    const place = state.value.places.find(p => p.id === x.placeId)
    const heights = LEVELS.filter((l: Level) => x[l])
    const used = heights.length > 0 ? heights : (['middle'] as const)
    return used.map(level => ({
      placeId: place?.id ?? null,
      level,
      name: `${place?.name ?? 'Anywhere'}, ${LEVEL_WORDS[level]}`,
    }))
  }
  /** Of each vessel, mL; and the share of the mother that all of them take. */
  function starterOf(x: Values, vessels: number) {
    if (!needsStarter.value) return { starter: null, motherShare: 0 }
    const eachMl = method.value!.starterShare * Number(x.litres) * 1000
    const mother = mothers.value.find(c => c.id === x.from)
    const origin = mother ? ('cultures' as const) : ('bought' as const)
    return {
      starter: { origin, parentIds: mother ? [mother.id] : [], starterMl: eachMl },
      motherShare: mother ? starterFrom(eachMl, vessels, mother.record.litres) : 0,
    }
  }
  /** The design that the form holds, or what is wrong with it. */
  function designOf(x: Values): TrialDesign | string {
    const arms = armKeys.slice(0, Number(x.arms)).map(k => armOf(x[k]))
    const vessels = arms.length * Number(x.each)
    const isHatch = kind.value === 'hatch'
    const standsInVessels = isVessels(v)
    const [salt] = state.value.salts
    const lotId = String(x.lotId)
    if (isHatch && (!salt || lotId === ''))
      return 'A hatch needs cysts and a salt: write them down in Setup.'
    const broodIds = state.value.broods.filter(b => x[`brood${b.id}`]).map(b => b.id)
    if (kind.value === 'diet' && broodIds.length < arms.length)
      return `Tick at least ${arms.length} broods: one for each way.`
    return {
      name: String(x.name),
      asks: asks.value,
      factor: v.factor as FactorId,
      foodId: standsInVessels ? food.value!.profile.id : null,
      methodId: standsInVessels ? method.value!.id : null,
      arms,
      each: Number(x.each),
      spots: standsInVessels ? spots(x) : [],
      untilDays: Number(x.untilDays),
      onDay: ASKS[asks.value].onDay ? Number(x.onDay) : null,
      vessel: {
        litres: Number(x.litres),
        temperatureC: Number(x.temperatureC),
        warmth: 'own',
      },
      ...starterOf(x, vessels),
      hatch: isHatch
        ? {
            lotId,
            saltId: salt!.id,
            saltGL: state.value.room.hatchSaltGL,
            cystsG: Number(x.cystsG),
          }
        : null,
      broodIds,
    }
  }
  return {
    form,
    v,
    state,
    asks,
    kind,
    factor,
    factors,
    food,
    foods: cultured,
    method,
    words,
    mothers,
    armOptions,
    armKeys,
    needsStarter,
    onAsks,
    onFood,
    designOf,
  }
}
