import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'scalded-leaf',
  name: 'Scalded leaf',
  about:
    'Soft leaf vegetable or hay, scalded so that it breaks down fast: dense, and ready soonest.',
  materials: [
    'clean glass jar',
    'soft leaf vegetable or hay',
    'old water of a mature tank without cyclops or water fleas',
    'cloth and band',
    'lens or torch',
  ],
  vesselRule: 'Glass or plastic jar of 0.5 to 3 L, clean, no soap.',
  airRule: 'Still, stirred two or three times a day, or one slow bubble.',
  waterRule: 'Old tank water, else aged water; never straight from the tap.',
  measures: [
    { what: 'old tank water', unit: 'mL', perL: 1000 },
    { what: 'dry plant matter', unit: 'g', perL: 0.6, gPerMl: 0.12 },
    { what: 'baker’s yeast', unit: 'g', perL: 0.02, gPerMl: 0.63, buy: true },
  ],
  starterShare: 0.2,
  leastStarterShare: 0.02,
  start: [
    {
      text: 'Scald the matter with boiling water, let it stand.',
      clockMinutes: 20,
      cautions: [CAUTIONS.boiling],
    },
    {
      text: 'Cool below 30 °C, then add the old tank water, looked through for cyclops.',
      clockMinutes: 45,
      cautions: [CAUTIONS.wild],
    },
    { text: 'A pinch of yeast speeds the first bloom.' },
    {
      text: 'Cover with cloth, indirect light, 20 to 28 °C. Start a second jar with another matter some days later.',
    },
  ],
  harvest: [
    {
      text: 'Hold a torch to the side: clear, with specks that swim? Milky is not ready.',
      cautions: [CAUTIONS.foul],
    },
    { text: 'Draw from the clear middle with a syringe, never the sediment.' },
    {
      text: 'Top up with aged water. What is over goes down with boiling water.',
      cautions: [CAUTIONS.release, CAUTIONS.rotten, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'scalded plant matter', unit: 'g', perL: 0.06, gPerMl: 0.12, when: 'thin' },
  feedingRule: 'A little scalded matter once it has cleared and the specks thin out.',
  harvestRule: 'Only once it has cleared and movers are seen, a fifth a day.',
  renewRule: 'A new jar every week; one in three fails, so keep several.',
  renewAfterDays: 14,
  hygiene: 'pure',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.6 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'raw-leaf',
    'Raw leaf or peel',
    'Whole and unscalded: slow, foul, and it fails more often, but costs nothing.',
    {
      start: [
        { text: 'Drop the leaf or peel into old tank water.', cautions: [CAUTIONS.wild] },
        { text: 'Cover, indirect light. Skim what rots at the top.' },
      ],
      sets: { hydrolysis: 0.12, failure: 0.45, foul: 1 },
    },
  ),
  school(
    usual,
    'dried-leaf',
    'Dried leaf in the dark',
    'Dried leaves, dark and warm: clearer, thinner, and steadier.',
    {
      measures: [
        { what: 'old tank water', unit: 'mL', perL: 1000 },
        { what: 'dried leaves', unit: 'g', perL: 0.4, gPerMl: 0.05 },
      ],
      sets: { hydrolysis: 0.25 },
      vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.4 },
    },
  ),
  school(
    usual,
    'sterile-pure',
    'Sterile water, pure starter',
    'Boiled water and a bought or own clean starter: hardly ever fails.',
    {
      waterRule: 'Boiled and cooled, low in metals.',
      measures: [
        { what: 'boiled, cooled water', unit: 'mL', perL: 950 },
        { what: 'pure ciliate starter', starter: true, unit: 'mL', perL: 50, buy: true },
        { what: 'dry plant matter', unit: 'g', perL: 0.6, gPerMl: 0.12 },
      ],
      factors: { c0: 3 },
      sets: { failure: 0.05 },
    },
  ),
  school(
    usual,
    'fed-unseen',
    'Fed on trust',
    'Fed out from the third day whether anything is seen or not: the unseen is there, and so may be foul water.',
    {
      harvest: [
        {
          text: 'Draw from the middle, little, and watch the fry: what is milky fouls the tank.',
          cautions: [CAUTIONS.foul],
        },
      ],
      upkeep: [{ action: 'takeOut', amount: 0.1, unit: 'share', everyH: 24, fromDay: 3 }],
    },
  ),
]
