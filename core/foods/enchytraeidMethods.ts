import { CAUTIONS } from './cautions'
import type { FoodMethod } from './contract'
import { school } from './method'

/** Schools of grindal and white worms: coir, scrub pads, or what is in the soil. */
export function enchytraeidMethods(
  worms: string,
  warmth: string,
  renewAfterDays: number,
): readonly FoodMethod[] {
  const usual: FoodMethod = {
    id: 'coir',
    name: 'Moist coir',
    about: `${worms} on moist coir or peat, fed under a glass.`,
    materials: [
      'shallow box with a lid',
      'coir or peat, boiled and cooled',
      'pane of glass',
      'dry feed or cereal',
    ],
    vesselRule: 'Flat box, 4 to 6 cm of coir, dark.',
    airRule: 'Holes covered with gauze against flies and mites.',
    waterRule: 'Chlorine-free, moist like a squeezed sponge.',
    measures: [
      { what: 'coir, soaked', takes: { coir: 1 }, unit: 'mL', perL: 900 },
      { what: 'starter', starter: true, unit: 'g', perL: 10, buy: true },
      { what: 'dry feed', takes: { 'dry-feed': 1 }, unit: 'g', perL: 2, gPerMl: 0.35, buy: true },
    ],
    starterShare: 0.05,
    leastStarterShare: 0.01,
    start: [
      { text: 'Scald the coir against mites.', clockMinutes: 15, cautions: [CAUTIONS.boiling] },
      { text: 'Let it cool, squeeze, fill in; starter in a hollow.', clockMinutes: 60 },
      { text: 'A pinch of feed, moistened, under the glass.', cautions: [CAUTIONS.dust] },
      { text: `Dark, ${warmth}.` },
    ],
    harvest: [
      { text: 'Lift the glass: they hang on it. Rinse them off.' },
      {
        text: 'Keep some out of sight of the cold. A mouldy box goes into the freezer first.',
        cautions: [CAUTIONS.release, CAUTIONS.kitchen, CAUTIONS.rotten],
      },
    ],
    feed: {
      what: 'dry feed, moistened',
      takes: { 'dry-feed': 1 },
      unit: 'g',
      perL: 2,
      gPerMl: 0.35,
      when: 'every',
      everyDays: 7,
    },
    feedingRule: 'Once a week what is gone in two days; more brings mites.',
    harvestRule: 'From the glass, at most a third a week.',
    renewRule: 'Half of the coir new every half year.',
    renewAfterDays,
    hygiene: 'worms',
    factors: {},
    sets: {},
    upkeep: [{ action: 'feed', everyH: 168, fromDay: 7 }],
    vessel: { volumeL: 1.5, depthCm: 5, widthCm: 20, matterGPerL: 0 },
  }

  return [
    usual,
    school(
      usual,
      'scrub-pad',
      'Scrub pads',
      'On scrub pads over a finger of water: clean worms, no soil, thinner.',
      {
        measures: [
          { what: 'water', unit: 'mL', perL: 200 },
          { what: 'scrub pads', takes: { 'scrub-pads': 1 }, unit: 'each', perL: 2, buy: true },
          { what: 'starter', starter: true, unit: 'g', perL: 10, buy: true },
          {
            what: 'dry feed',
            takes: { 'dry-feed': 1 },
            unit: 'g',
            perL: 2,
            gPerMl: 0.35,
            buy: true,
          },
        ],
        factors: { capacity: 0.7, failure: 0.7 },
      },
    ),
    school(
      usual,
      'unfed',
      'On what is in the soil',
      'Rich soil, never fed: no mites, and it fades.',
      {
        measures: [
          { what: 'garden soil without fertiliser', unit: 'mL', perL: 900 },
          { what: 'starter', starter: true, unit: 'g', perL: 10, buy: true },
        ],
        start: [
          {
            text: 'Bake or scald the soil against pests.',
            clockMinutes: 30,
            cautions: [CAUTIONS.boiling, CAUTIONS.wild],
          },
          { text: 'Cool, fill in, starter in a hollow.' },
        ],
        feed: null,
        factors: { capacity: 0.8 },
        upkeep: [],
      },
    ),
  ]
}
