import * as z from 'zod'
import { EDIBLES } from '@renatus/core/fry/edibles'
import { gapsOf, ladder } from '@renatus/core/fry/ladder'
import { SPECIES } from '@renatus/core/fry/species/index'
import { ESTIMATE, fish, type Species } from '@renatus/core/fry/species/species'
import { fryAlive } from '@renatus/core/fry/survival'
import { NO_WISHES } from '@renatus/core/fry/wishes'

const mm = z.number().positive().max(2000)
const own = z
  .object({
    firstFeedingMm: mm,
    gapePerLength: z.number().min(0.03).max(0.15),
    length14Mm: mm,
    length30Mm: mm,
    adultMm: mm,
    referenceC: z.number().min(10).max(34).default(26),
    zones: z
      .array(z.enum(['surface', 'column', 'bottom']))
      .min(1)
      .default(['column']),
    guild: z.enum(['carnivore', 'omnivore', 'grazer']).default('omnivore'),
    marine: z.boolean().default(false),
  })
  .refine(
    o => o.firstFeedingMm < o.length14Mm && o.length14Mm < o.length30Mm && o.length30Mm < o.adultMm,
    'lengths must grow: first feeding, day 14, day 30, adult',
  )

const foodIds = EDIBLES.map(e => e.id)

export const input = z.object({
  species: z.union([
    z
      .string()
      .refine(id => SPECIES.some(s => s.id === id), 'unknown species: see the command "species"'),
    own,
  ]),
  temperatureC: z.number().min(4).max(40),
  fry: z.number().int().min(1).max(100_000),
  tankL: z.number().positive().max(20_000),
  startOn: z.iso.date(),
  days: z.number().int().min(1).max(400),
  foods: z
    .array(
      z.string().refine(id => foodIds.includes(id), `not a food: one of ${foodIds.join(', ')}`),
    )
    .min(1)
    .optional(),
  mealsPerDay: z.number().int().min(1).max(24).optional(),
  naupliusWidthMm: z.number().min(0.05).max(1).optional(),
})
const perFood = z.record(z.string(), z.number())
export const output = z.object({
  days: z.array(
    z.object({
      day: z.number(),
      lengthMm: z.number(),
      gapeUm: z.number(),
      wetMg: z.number(),
      dryRationMg: z.number(),
      suitability: perFood,
      share: perFood,
      organisms: perFood,
      floor: perFood,
      tanMgL: z.number(),
    }),
  ),
  gaps: z.array(z.object({ from: z.number(), to: z.number() })),
})

const speciesFrom = (s: z.output<typeof input>['species']): Species =>
  typeof s === 'string'
    ? SPECIES.find(x => x.id === s)!
    : fish({
        id: 'own',
        names: ['Own'],
        latin: [],
        birth: 'eggs',
        hatchDays: [3, 1, 7],
        swimDays: [3, 1, 5],
        firstFood: '',
        timing: ESTIMATE,
        ...s,
      })

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const foods = EDIBLES.filter(e => i.foods === undefined || i.foods.includes(e.id)).map(e =>
    e.id === 'brine-shrimp' && i.naupliusWidthMm !== undefined
      ? { ...e, criticalWidthUm: i.naupliusWidthMm * 1000 }
      : e,
  )
  const days = ladder(
    {
      species: speciesFrom(i.species),
      growthFactor: 1,
      gapeFactor: 1,
      temperatureC: () => i.temperatureC,
      fry: day => fryAlive(i.fry, 0, day),
      tankL: i.tankL,
      mealsPerDay: i.mealsPerDay ?? null,
      wishes: NO_WISHES,
    },
    foods,
    0,
    i.days,
  )
  return {
    days: days.map(
      ({
        day,
        lengthMm,
        gapeUm,
        wetMg,
        dryRationMg,
        suitability,
        share,
        organisms,
        floor,
        tanMgL,
      }) => ({
        day,
        lengthMm,
        gapeUm,
        wetMg,
        dryRationMg,
        share,
        organisms,
        floor,
        tanMgL,
        suitability: Object.fromEntries(
          Object.entries(suitability).map(([id, s]) => [id, s.value]),
        ),
      }),
    ),
    gaps: gapsOf(days),
  }
}
