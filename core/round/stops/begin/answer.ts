import * as z from 'zod'
import { foodOf } from '../../../foods/index'
import { madeWith } from '../../../records/entryData/cultureEntries'
import type { Draft } from '../../../records/draft'
import type { VesselKind } from '../../../records/vocabulary'
import { premixedFor } from '../../../stock/fromMix'
import { madeOf } from '../../../stock/madeWords'
import { airAt, airNow } from '../../../stock/placeTemperature'
import { newCultures, nextNames, type CultureDraft } from '../../../stock/newCultures'
import { running } from '../../../stock/cultures'
import { fitsVessel } from '../../../planning/plan/vesselClasses'
import { keepingFoods } from '../../../stock/keepingFoods'
import type { AnswerContext, Written } from '../../stopKind'
import type { BeginStop } from './find'

/** How many were started really, and what they were made with. */
export const beginGiven = z.object({
  vessels: z.number().int().min(1).max(100).optional(),
  made: madeWith.optional(),
})
export type BeginGiven = z.infer<typeof beginGiven>

/** Temperature where nobody has read a thermometer: the middle of what the food bears. */
const middleOf = ([lo, hi]: readonly [number, number]) => (lo + hi) / 2

/** Records of vessels as the plan starts them: the room's own free vessels first. */
function vesselsOf(stop: BeginStop, count: number, c: AnswerContext): CultureDraft[] {
  const { start, mother } = stop
  const food = foodOf(start.food)!
  const method = food.methods.find(m => m.id === start.method) ?? food.methods[0]!
  const { state } = c
  const placeId = start.placeId ?? mother?.placeId ?? null
  const place = state.places.find(p => p.id === placeId)
  const air = place ? airAt(airNow(place, state.entries), 'middle') : null
  const used = new Set(state.cultures.map(x => x.name))
  const base = mother?.record.name ?? food.profile.name
  // The first of its kind carries a 1: who sees a 2 looks for the other.
  const names = nextNames(mother ? base : `${base} 0`, count, used)
  const busy = new Set(running(state.cultureStates).map(x => x.record.vesselId))
  const free = state.vessels.filter(
    v => !v.hatching && !busy.has(v.id) && fitsVessel(method, v) && v.litres === start.litres,
  )
  const wanted = names.map((name, i) => ({
    name,
    foodId: start.food,
    methodId: method.id,
    kind: mother?.record.kind ?? null,
    placeId,
    level: 'middle' as const,
    vesselId: free[i]?.id ?? null,
    vesselKind: (free[i]?.kind ?? mother?.record.vesselKind ?? null) as VesselKind | null,
    startedAt: c.now,
    litres: start.litres as CultureDraft['litres'],
    starter: 1,
    temperatureC: (air ?? middleOf(food.rangeC)) as CultureDraft['temperatureC'],
    warmth: air === null ? ('own' as const) : ('place' as const),
    setId: null,
    mother: false,
  }))
  return newCultures(state, wanted, c.newId)
}

export function beginDone(stop: BeginStop, given: BeginGiven | null, c: AnswerContext): Written {
  const { start, mother } = stop
  const food = foodOf(start.food)!
  const method = food.methods.find(m => m.id === start.method) ?? food.methods[0]!
  const vessels = vesselsOf(stop, given?.vessels ?? stop.vessels, c)
  const starterMl = method.starterShare * start.litres * 1000
  const mix = premixedFor(c.state.materials, method, start.litres * vessels.length)
  const wild = food.leastMatterGPerL !== undefined && mother === null
  const bought = wild ? ('wild' as const) : ('bought' as const)
  const taken = mother
    ? Math.min(1, (starterMl * vessels.length) / (mother.record.litres * 1000))
    : 0
  const drawn: Draft[] =
    mother && taken > 0
      ? [
          {
            kind: 'culture.did',
            subject: { type: 'culture', id: mother.id },
            data: {
              cultureId: mother.id,
              action: 'split',
              amount: taken,
              unit: 'share',
              what: `starter for ${vessels.map(v => v.name).join(', ')}`.slice(0, 200),
              agent: null,
              proposed: null,
              despite: [],
            },
          },
        ]
      : []
  return {
    said: `${vessels.map(v => v.name).join(', ')}: started.`,
    records: [...vessels, ...keepingFoods(c.state, [start.food])],
    entries: [
      ...drawn,
      ...vessels.map((v): Draft => ({
        kind: 'culture.started',
        subject: { type: 'culture', id: v.id },
        data: {
          cultureId: v.id,
          origin: mother ? 'cultures' : bought,
          parentIds: mother ? [mother.id] : [],
          starterMl: starterMl > 0 ? starterMl : null,
          despite: [],
          taken: mix && [{ materialId: mix.materialId, amount: mix.ml / vessels.length }],
          made: given?.made ? madeOf(given.made) : stop.made,
          hatch: null,
        },
      })),
    ],
  }
}
