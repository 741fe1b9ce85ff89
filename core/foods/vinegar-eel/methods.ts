import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'neck',
  name: 'Neck and plug',
  about:
    'A bottle filled to where its neck starts while it is harvested: the worms climb through a plug into fresh water.',
  materials: [
    'two bottles with a long neck',
    'cider vinegar',
    'apple',
    'filter floss, a coarse sponge under it',
    'pipette',
  ],
  vesselRule: 'Bottle with a long neck; low while it grows, into the neck only for the harvest.',
  airRule: 'A cover that breathes, paper and band.',
  waterRule: 'Chlorine-free, half and half with cider vinegar.',
  measures: [
    { what: 'cider vinegar', takes: { 'cider-vinegar': 1 }, unit: 'mL', perL: 400, buy: true },
    { what: 'chlorine-free water', unit: 'mL', perL: 400 },
    { what: 'apple, pieces', takes: { apple: 1 }, unit: 'g', perL: 20 },
    { what: 'starter', starter: true, unit: 'mL', perL: 200, buy: true },
  ],
  premixed: {
    of: 'vinegar-mix',
    perL: 800,
    covers: ['cider vinegar', 'chlorine-free water'],
  },
  starterShare: 0.2,
  leastStarterShare: 0.02,
  start: [
    { text: 'Cut the bottle’s insert away from the hand if it has one.', cautions: [CAUTIONS.cut] },
    {
      text: 'Vinegar and water, half and half. Vinegar is kept apart from bleach in place and time.',
      cautions: [CAUTIONS.bleach],
    },
    { text: 'Apple, then the starter, divided over two vessels at least.' },
    { text: 'Cover with paper, dark, room temperature. Nothing for two weeks.' },
  ],
  harvest: [
    {
      text: 'Fill up to where the neck starts; plug of floss that touches the liquid; fresh chlorine-free water above.',
    },
    {
      text: 'They climb within a day. Pipette the top, rinse off the acid.',
      clockMinutes: 720,
      cautions: [CAUTIONS.foul],
    },
    {
      text: 'Refill the water above; one filling stays good up to a week. Lower the level again once it is drawn from. Surplus is boiled.',
      cautions: [CAUTIONS.release, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'apple, a piece', takes: { apple: 1 }, unit: 'g', perL: 20, when: 'thin' },
  feedingRule: 'Nothing for months; a piece of apple when it thins.',
  harvestRule: 'A filling of the neck two or three times a week.',
  renewRule: 'When cloudy or thinning: a fifth of the old into fresh. A year is possible.',
  renewAfterDays: 270,
  hygiene: 'worms',
  plug: true,
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 1, depthCm: 15, widthCm: 9, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'filter',
    'Paper filter',
    'Poured through a paper filter, rinsed, tipped into the tank: many at once, and the vinegar is to be replaced.',
    {
      harvest: [
        {
          text: 'Pour a share through a paper filter, rinse well, turn it out in the tank.',
          cautions: [CAUTIONS.foul],
        },
        { text: 'Pour the vinegar back or replace it.' },
      ],
      plug: false,
      harvestRule: 'A twelfth of the vessel a week.',
      renewRule: 'Twice a year, since every pour thins the vinegar and lets in what is in the air.',
      renewAfterDays: 180,
      factors: { failure: 1.3 },
      sets: { reach: 1 },
    },
  ),
  school(
    usual,
    'low-and-wide',
    'Low and wide',
    'Filled low in a wide vessel for air: faster to a dense culture.',
    {
      plug: false,
      vesselRule: 'Wide jar, filled a finger deep.',
      sets: { reach: 1 },
      vessel: { volumeL: 1, depthCm: 6, widthCm: 15, matterGPerL: 0 },
    },
  ),
  school(
    usual,
    'full-bottle',
    'Full bottle, left alone',
    'Filled to the neck at once and left: less air, thinner, and the surest backup.',
    {
      plug: false,
      harvestRule: 'Only when everything else has failed.',
      renewAfterDays: 365,
      factors: { tau: 1.2 },
      // The surface is that of the neck.
      vessel: { volumeL: 1, depthCm: 22, widthCm: 3, matterGPerL: 0 },
    },
  ),
  school(
    usual,
    'undiluted',
    'Undiluted vinegar',
    'Cider vinegar as it comes from the bottle: nothing else grows in it, and the worms grow slower.',
    {
      waterRule: 'Cider vinegar alone.',
      premixed: undefined,
      measures: [
        { what: 'cider vinegar', takes: { 'cider-vinegar': 1 }, unit: 'mL', perL: 800, buy: true },
        { what: 'apple, pieces', takes: { apple: 1 }, unit: 'g', perL: 20 },
        { what: 'starter', starter: true, unit: 'mL', perL: 200, buy: true },
      ],
      start: [
        {
          text: 'Vinegar from the bottle. It is kept apart from bleach in place and time.',
          cautions: [CAUTIONS.bleach],
        },
        { text: 'Apple, then the starter, divided over two vessels at least.' },
        { text: 'Cover with paper, dark, room temperature. Nothing for three weeks.' },
      ],
      factors: { rOpt: 0.7, tau: 1.2, failure: 0.6 },
    },
  ),
]
