import { CAUTIONS } from './cautions'
import type { FoodMethod } from './contract'
import { school } from './method'

/** Schools of nematodes on mash, by what the mash is and where the start comes from. */
export function nematodeMethods(worms: string): readonly FoodMethod[] {
  const usual: FoodMethod = {
    id: 'oats',
    name: 'Cooked oats',
    about: `Fine oatmeal, cooked and cooled, a spoon of ${worms} on top: the usual dish.`,
    materials: ['flat box with a lid', 'fine oatmeal', 'starter', 'brush'],
    vesselRule: 'Flat plastic box, 1 to 3 cm of mash.',
    airRule: 'Small holes in the lid against flies.',
    waterRule: 'Any drinking water; moist, not wet.',
    measures: [
      {
        what: 'fine oatmeal, dry',
        takes: { oatmeal: 1 },
        unit: 'g',
        perL: 300,
        gPerMl: 0.36,
        buy: true,
      },
      { what: 'water', unit: 'mL', perL: 700 },
      { what: 'starter', starter: true, unit: 'mL', perL: 30, buy: true },
      { what: 'yeast', takes: { yeast: 1 }, unit: 'g', perL: 1, gPerMl: 0.63, buy: true },
    ],
    starterShare: 0.03,
    leastStarterShare: 0.005,
    start: [
      { text: 'Cook the oats to a stiff mash.', clockMinutes: 5, cautions: [CAUTIONS.boiling] },
      { text: 'Let it cool fully.', clockMinutes: 60 },
      {
        text: 'Spread 1 to 3 cm deep, starter on top, a dust of yeast.',
        cautions: [CAUTIONS.dust],
      },
      { text: 'Lid with small holes, 20 to 28 °C.' },
    ],
    harvest: [
      { text: 'Wipe the wall above the mash with a finger or brush.' },
      {
        text: 'Rinse in a cup, let them settle, give without the mash.',
        cautions: [CAUTIONS.foul],
      },
      {
        text: 'A spent box: boil or freeze it before it goes. It stinks.',
        cautions: [CAUTIONS.release, CAUTIONS.rotten, CAUTIONS.kitchen],
      },
    ],
    feed: {
      what: 'yeast, dusted',
      takes: { yeast: 1 },
      unit: 'g',
      perL: 1,
      gPerMl: 0.63,
      when: 'thin',
    },
    feedingRule: 'A dust of yeast when it slackens, once a week at most.',
    harvestRule: 'Daily from the wall, a fifth of what there is.',
    renewRule: 'Every 2 to 3 weeks from a lively one; two or three in rotation.',
    renewAfterDays: 21,
    hygiene: 'worms',
    factors: {},
    sets: {},
    upkeep: [],
    vessel: { volumeL: 0.3, depthCm: 2, widthCm: 12, matterGPerL: 0 },
  }

  return [
    usual,
    school(
      usual,
      'bread',
      'Bread mash',
      'White bread soaked in water: quick to make, quicker over.',
      {
        measures: [
          { what: 'white bread', takes: { bread: 1 }, unit: 'g', perL: 350, buy: true },
          { what: 'water', unit: 'mL', perL: 650 },
          { what: 'starter', starter: true, unit: 'mL', perL: 30, buy: true },
        ],
        renewAfterDays: 16,
        factors: { tau: 0.75 },
      },
    ),
    school(
      usual,
      'cereal',
      'Cereal and warm water',
      'Instant baby or oat cereal stirred with warm water and yeast, uncooked: made in two minutes, sours sooner.',
      {
        measures: [
          {
            what: 'instant cereal',
            takes: { cereal: 1 },
            unit: 'g',
            perL: 250,
            gPerMl: 0.3,
            buy: true,
          },
          { what: 'warm water', unit: 'mL', perL: 720 },
          { what: 'starter', starter: true, unit: 'mL', perL: 30, buy: true },
          { what: 'yeast', takes: { yeast: 1 }, unit: 'g', perL: 2, gPerMl: 0.63, buy: true },
        ],
        start: [
          { text: 'Stir the cereal with hand-warm water to a stiff mash, yeast in.' },
          { text: 'Spread 1 to 3 cm deep, starter on top.', cautions: [CAUTIONS.dust] },
          { text: 'Lid with small holes, 20 to 28 °C.' },
        ],
        renewAfterDays: 18,
        factors: { tau: 0.85, rOpt: 1.05, failure: 1.3 },
      },
    ),
    school(
      usual,
      'old-liquid',
      'Restart from the black liquid',
      'A spent box seeds a new one: nothing is bought, and what spoiled the old one comes along.',
      {
        measures: [
          {
            what: 'fine oatmeal, dry',
            takes: { oatmeal: 1 },
            unit: 'g',
            perL: 300,
            gPerMl: 0.36,
            buy: true,
          },
          { what: 'water', unit: 'mL', perL: 660 },
          { what: 'black liquid of an old box', unit: 'mL', perL: 40 },
        ],
        factors: { x0: 0.6, failure: 1.6, tau: 0.9 },
      },
    ),
  ]
}
