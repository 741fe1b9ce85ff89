import type { Caution } from '../foods/contract'
import { CAUTIONS } from '../foods/cautions'

export const FIRMNESS = ['soft', 'standard', 'firm'] as const
export type Firmness = (typeof FIRMNESS)[number]

/** What makes a gel of it, and how it has to be handled. */
export interface Binder {
  id: string
  name: string
  /** The ingredient it is; null where it is part of a ready powder. */
  ingredientId: string | null
  /** Percent of the finished gel. */
  dose: Readonly<Record<Firmness, number>>
  setsC: number
  meltsC: number
  /** Warmest tank in which it keeps its shape. */
  warmestC: number
  /** Hours it keeps its shape in a tank within that, and in a warmer one. */
  shapeH: number
  shapeWarmH: number
  needs: string
  sets: string
  /** Minutes until it is set. */
  setMinutes: number
  steps: readonly { text: string; clockMinutes?: number; cautions?: readonly Caution[] }[]
  source: string
}

const BOIL: readonly Caution[] = [CAUTIONS.boiling]
const VITAMINS =
  'Vitamins and oil go in last, below 50 °C: heat destroys them. Stir for half a minute.'

/** Doses in percent of the finished gel, setting and melting: food-gel texts. Hours in the tank: working estimates. */
export const BINDERS: readonly Binder[] = [
  {
    id: 'powder',
    name: 'In the powder',
    ingredientId: null,
    dose: { soft: 0, standard: 0, firm: 0 },
    setsC: 35,
    meltsC: 60,
    warmestC: 30,
    shapeH: 24,
    shapeWarmH: 12,
    setMinutes: 30,
    needs: 'boiling water',
    sets: 'in minutes',
    source: 'its label',
    steps: [
      { text: 'Water to the boil. Tank water where the tap carries chloramine.', cautions: BOIL },
      {
        text: 'Measure the powder while it heats. Level spoons; pour low.',
        cautions: [CAUTIONS.dust],
      },
      { text: 'Water into the bowl first, powder on top, so that no dry pocket forms.' },
      { text: 'Stir hard at once with a fork: no lumps, under a minute.', clockMinutes: 1 },
    ],
  },
  {
    id: 'gelatin',
    name: 'Gelatin',
    ingredientId: 'gelatin',
    dose: { soft: 4, standard: 6, firm: 8 },
    setsC: 15,
    meltsC: 31,
    warmestC: 27,
    shapeH: 12,
    shapeWarmH: 3,
    setMinutes: 120,
    needs: 'bloom cold, then 60 to 80 °C',
    sets: 'under 15 °C, in 1 to 3 h',
    source: 'food-gel texts',
    steps: [
      {
        text: 'Sprinkle the gelatin over a third of the water, cold, and let it swell.',
        clockMinutes: 10,
      },
      {
        text: 'Heat the rest to 60 to 80 °C and dissolve it in that. Do not boil: it would set no more. No raw papaya, pineapple or kiwi in the mix: they eat gelatin.',
        cautions: BOIL,
      },
      {
        text: 'Dry mix into the warm water, not the other way round: no dry pocket. Stir hard, no lumps.',
        clockMinutes: 1,
        cautions: [CAUTIONS.dust],
      },
      { text: VITAMINS },
    ],
  },
  {
    id: 'agar',
    name: 'Agar',
    ingredientId: 'agar',
    dose: { soft: 1, standard: 1.4, firm: 2 },
    setsC: 37,
    meltsC: 85,
    warmestC: 34,
    shapeH: 48,
    shapeWarmH: 24,
    setMinutes: 20,
    needs: 'boiling for 2 min',
    sets: 'at 35 to 40 °C, fast',
    source: 'food-gel texts',
    steps: [
      {
        text: 'Agar into the cold water, stir, bring to the boil and let it boil.',
        clockMinutes: 2,
        cautions: BOIL,
      },
      {
        text: 'Dry mix into the hot water at once: no dry pocket. Stir hard, no lumps.',
        clockMinutes: 1,
        cautions: [CAUTIONS.dust],
      },
      { text: `${VITAMINS} Be quick: below 40 °C it sets.` },
    ],
  },
  {
    id: 'carrageenan',
    name: 'Carrageenan, kappa',
    ingredientId: 'carrageenan',
    dose: { soft: 0.7, standard: 1, firm: 1.5 },
    setsC: 45,
    meltsC: 65,
    warmestC: 34,
    shapeH: 36,
    shapeWarmH: 24,
    setMinutes: 30,
    needs: '80 °C',
    sets: 'at 40 to 50 °C; brittle',
    source: 'food-gel texts',
    steps: [
      {
        text: 'Stir it with part of the dry mix, so that it does not clump, into the cold water, and heat to 80 °C.',
        clockMinutes: 5,
        cautions: BOIL,
      },
      {
        text: 'The rest of the dry mix into the hot water. Stir hard, no lumps.',
        clockMinutes: 1,
        cautions: [CAUTIONS.dust],
      },
      { text: `${VITAMINS} It sets at 45 °C.` },
    ],
  },
]

export const binderOf = (id: string): Binder => BINDERS.find(b => b.id === id) ?? BINDERS[0]!

/** Share of the dry mix that a dose of the finished gel takes. @param waterByMass grams of water on a gram of dry mix */
export const binderShare = (binder: Binder, firmness: Firmness, waterByMass: number) =>
  (binder.dose[firmness] / 100) * (1 + waterByMass)

/** The binder for a tank: the one that holds its shape longest in it; of equal ones the first named. */
export const binderFor = (temperatureC: number): Binder =>
  BINDERS.filter(b => b.ingredientId !== null).reduce((best, b) =>
    shapeHours(b, { temperatureC, crowded: false }) >
    shapeHours(best, { temperatureC, crowded: false })
      ? b
      : best,
  )

/** Water above which left-overs go off within half a day. */
const WARM_C = 28
const LEFT_OVER_WARM_H = 12

/** Hours after which what is left is taken out: its shape, and half a day at most where it is warm or crowded. */
export function shapeHours(
  binder: Binder,
  tank: { temperatureC: number; crowded: boolean },
): number {
  const shape = tank.temperatureC > binder.warmestC ? binder.shapeWarmH : binder.shapeH
  return tank.temperatureC > WARM_C || tank.crowded ? Math.min(shape, LEFT_OVER_WARM_H) : shape
}
