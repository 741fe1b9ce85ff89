import type { FeedProfile } from '../feeds/contract'
import type { Reason } from '../reasons/reason'
import { usedLitres, type LadderDay } from './ladder'
import { dryMg, shapeAt } from './mass'
import { rationEaten } from './ration'
import { LIT_HOURS, mealShareOf } from './suitability'
import type { Species } from './species/species'

/** Why a brood gets so many of a food at a meal. The day must hold the food. */
export function mealWhy(
  day: LadderDay,
  food: FeedProfile,
  species: Species,
  at: { temperatureC: number; tankL: number },
): Reason {
  const { lengthMm, meals, fry } = day
  const suit = day.suitability[food.id]!
  const share = day.share[food.id]!
  const alive = species.marine ? food.aliveInSeaH : food.aliveInTankH
  const mealShare = mealShareOf(alive, meals)
  const value = day.perMeal[food.id]!
  const body = dryMg(lengthMm, species.firstFeedingMm, shapeAt(species, lengthMm))
  const ration = day.dryRationMg / body
  const result = { label: `${food.name} for one meal`, value, unit: food.units }
  const shareInput = {
    key: 'share',
    label: 'share of this food in the day',
    value: share,
    unit: '',
    from: `ladder: fits ${suit.fit.toFixed(2)}, zone ${suit.zone}, worth ${suit.nutrition}, lasts ${suit.survival.toFixed(2)}`,
  }
  if (day.organisms[food.id]! * mealShare >= day.floor[food.id]! * share) {
    return {
      result,
      rule: 'Each fry eats a share of its dry body a day; more is offered than is caught; the day is divided over its foods and meals.',
      formula: 'fry * body * ration * 1000 / capture / dry * share * mealShare',
      inputs: [
        {
          key: 'fry',
          label: 'fry alive today',
          value: fry,
          unit: 'fry',
          from: 'your count, less losses',
        },
        {
          key: 'body',
          label: `dry body at ${lengthMm.toFixed(1)} mm`,
          value: body,
          unit: 'mg',
          from: species.names[0]!,
        },
        {
          key: 'ration',
          label: `eaten per dry body and day at ${at.temperatureC} °C`,
          value: ration,
          unit: '/d',
          from:
            ration > rationEaten(lengthMm, at.temperatureC) * (1 + 1e-9)
              ? 'what its growth of the day asks for'
              : 'ration curve',
        },
        {
          key: 'capture',
          label: 'share that is caught',
          value: food.captureShare,
          unit: '',
          from: 'working estimate',
        },
        {
          key: 'dry',
          label: `dry mass of one${suit.size.name ? `, ${suit.size.name}` : ''}`,
          value: suit.size.dryUg,
          unit: 'µg',
          from: food.source,
        },
        shareInput,
        {
          key: 'mealShare',
          label: 'share of the day in one meal',
          value: mealShare,
          unit: '',
          from:
            mealShare < 1 / meals - 1e-9
              ? `half die within ${alive} h of ${LIT_HOURS} lit ones`
              : `${meals} ${meals === 1 ? 'meal' : 'meals'} a day`,
        },
      ],
      source: 'Houde 1989; Bryant & Matty 1980; species values: see the brood',
    }
  }
  return {
    result,
    rule: 'Fry must meet their food: the water they use holds at least so many prey per mL. This is more than their appetite.',
    formula: 'floor * water * 1000 * share',
    inputs: [
      {
        key: 'floor',
        label: 'prey per mL that fry find',
        value: food.floorPerMl,
        unit: '/mL',
        from: 'prey-density floor',
      },
      {
        key: 'water',
        label: 'water the fry use',
        value: usedLitres(at.tankL, fry),
        unit: 'L',
        from: 'the tank, or 20 mL a fry',
      },
      shareInput,
      {
        key: 'appetite',
        label: 'their appetite for this meal',
        value: day.organisms[food.id]! * mealShare,
        unit: food.units,
        from: 'ration',
      },
    ],
    source: 'Lavens & Sorgeloos 1996, working estimate for small tanks',
  }
}
