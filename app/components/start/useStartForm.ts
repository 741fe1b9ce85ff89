import { computed, watch } from 'vue'
import * as z from 'zod'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { LEVELS, VESSEL_KINDS, type Level, type VesselKind } from '@renatus/core/records/vocabulary'
import { usualStarterMl } from '@renatus/core/planning/starter'
import { running } from '@renatus/core/stock/cultures'
import { airAt, airNow } from '@renatus/core/stock/placeTemperature'
import { nextNames } from '@renatus/core/stock/newCultures'
import { useUnits } from '~/composables/useUnits'
import { useZodForm } from '~/composables/useZodForm'
import { useRoomStore } from '~/stores/room'
import {
  numberField,
  optionalNumber,
  temperatureField,
  textField,
  volumeField,
} from '~/words/fields'
import type { StartDraft } from './startDraft'

/** Where a culture comes from when the room has none to start it from. */
const withoutMother = (origin: string) => (origin === 'wild' ? 'wild' : 'bought')

const pick = (from: Record<string, unknown>, keys: readonly string[]) =>
  Object.fromEntries(keys.filter(k => k in from).map(k => [k, from[k]]))

const wordsOf = (label: string, most = 60) =>
  z.string().trim().max(most, `${label}: at most ${most} signs.`)

/** What the form holds when it can be read. */
export interface StartValues {
  name: string
  vesselId: string
  vesselKind: VesselKind | ''
  kind: string
  placeId: string
  level: Level
  warmth: 'place' | 'own'
  litres: number
  depthCm: number | null
  widthCm: number | null
  origin: 'cultures' | 'bought' | 'wild'
  starterMl: number | null
  vessels: number
  daysAgo: number
  mother: boolean
  keepVessel: boolean
  /** In the room's own words. */
  madeMatter: string
  madeWater: string
  madeMedium: string
  madeRemark: string
}

/** The form of a start, and what follows from what stands in it. */
export function useStartForm(food: Food, method: FoodMethod, d: StartDraft) {
  const room = useRoomStore()
  const units = useUnits()
  const state = computed(() => room.state!)
  const alive = computed(() => running(state.value.cultureStates))
  const mothers = computed(() => alive.value.filter(c => c.record.foodId === food.profile.id))
  const heldBy = (vesselId: string) => alive.value.find(c => c.record.vesselId === vesselId)
  const freeVessels = computed(() => state.value.vessels.filter(c => !c.hatching))
  const vesselOf = (id: unknown) => freeVessels.value.find(c => c.id === id)
  const volumeRule = { label: 'Vessel', min: 0, max: 2000, above: true }

  const schemaOf = (v: Record<string, unknown>) =>
    z.object({
      name: textField('Name', 50),
      vesselId: z.string().refine(id => id === '' || !heldBy(id), {
        error: i =>
          `${vesselOf(i.input)?.name ?? 'That vessel'} holds ${heldBy(String(i.input))?.record.name ?? 'another culture'}: end that first, or choose another vessel.`,
      }),
      vesselKind: z.enum(VESSEL_KINDS).or(z.literal('')),
      kind: z.string(),
      placeId: z.string(),
      level: z.enum(LEVELS),
      warmth: z.enum(['place', 'own']),
      litres: volumeField(volumeRule, units.measures.value),
      depthCm: optionalNumber({ label: 'Depth of the liquid', min: 1, max: 200, unit: 'cm' }),
      widthCm: optionalNumber({ label: 'Width at its surface', min: 1, max: 200, unit: 'cm' }),
      temperatureC: temperatureField(
        { label: 'Temperature', min: 0, max: 40 },
        units.measures.value,
      ),
      origin: z.enum(['cultures', 'bought', 'wild']),
      parentId: z.string(),
      starterMl: optionalNumber({
        label: 'Starter for each vessel',
        min: 0,
        max: 100_000,
        above: true,
        unit: 'mL',
      }),
      vessels: numberField(
        vesselOf(v.vesselId)
          ? {
              label: 'Vessels alike',
              min: 1,
              max: 1,
              whole: true,
              hint: 'A vessel of the room holds one culture: choose “another vessel” for several.',
            }
          : { label: 'Vessels alike', min: 1, max: 20, whole: true },
      ),
      daysAgo: numberField({ label: 'Started days ago', min: 0, max: 400 }),
      mother: z.boolean(),
      keepVessel: z.boolean(),
      madeMatter: wordsOf('Matter'),
      madeWater: wordsOf('Water'),
      madeMedium: wordsOf('Medium'),
      madeRemark: wordsOf('Remark', 200),
    })
  const taken = new Set(alive.value.map(c => c.record.name))
  const first = `${food.profile.name} 1`
  const middleC = Math.round((food.rangeC[0] + food.rangeC[1]) / 2)
  const usual = {
    name: taken.has(first) ? nextNames(first, 1, taken)[0] : first,
    kind: food.kinds[0]?.id ?? '',
    placeId: state.value.places[0]?.id ?? '',
    litres: String(units.toVolumeUnit(method.vessel.volumeL)),
    temperatureC: String(units.toTemperatureUnit(middleC)),
    depthCm: '',
    widthCm: '',
    // A cup is taken by who wants it; a starter is needed.
    parentId: method.starterShare > 0 ? (mothers.value[0]?.id ?? '') : '',
    vessels: '1',
    daysAgo: '0',
    origin: 'cultures',
    madeMatter: '',
    madeWater: '',
    madeMedium: '',
    madeRemark: '',
  }
  const typed = Object.fromEntries(Object.entries(d).filter(([, value]) => value !== ''))
  const { vesselKind, level, warmth, starterMl: starter, mother, keepVessel } = d
  const form = useZodForm(schemaOf, {
    ...usual,
    ...pick(typed, Object.keys(usual)),
    ...{ vesselKind, level, warmth, starterMl: starter, mother, keepVessel },
    vesselId: vesselOf(d.vesselId) ? d.vesselId : '',
    ...(mothers.value.length === 0 ? { origin: withoutMother(d.origin) } : {}),
  })
  const v = form.values as Record<string, string | boolean>
  watch(
    () => v.vesselId,
    id => {
      const c = vesselOf(id)
      if (c)
        form.setValues(
          {
            ...form.values,
            litres: String(units.toVolumeUnit(c.litres)),
            vesselKind: c.kind,
            placeId: c.placeId ?? v.placeId,
          },
          false,
        )
    },
  )
  const place = computed(() => state.value.places.find(p => p.id === v.placeId))
  const air = computed(() =>
    place.value
      ? airAt(airNow(place.value, state.value.entries), v.level as (typeof LEVELS)[number])
      : null,
  )
  const litres = computed(() => {
    const p = volumeField(volumeRule, units.measures.value).safeParse(v.litres)
    return p.success ? p.data : method.vessel.volumeL
  })
  const temperatureC = computed(() => {
    if (v.warmth === 'place' && air.value !== null) return air.value
    const p = temperatureField(
      { label: 'Temperature', min: 0, max: 40 },
      units.measures.value,
    ).safeParse(v.temperatureC)
    return p.success ? p.data : food.rangeC[0]
  })
  const count = computed(() => Math.max(1, Math.min(20, Math.round(Number(v.vessels)) || 1)))
  const usualMl = computed(() => usualStarterMl(method, litres.value))
  const starterMl = computed(() => {
    const n = Number(String(v.starterMl ?? '').replace(',', '.'))
    return n > 0 ? n : usualMl.value
  })
  return {
    form,
    v,
    state,
    alive,
    mothers,
    heldBy,
    freeVessels,
    vesselOf,
    place,
    air,
    litres,
    temperatureC,
    count,
    usualMl,
    starterMl,
  }
}
