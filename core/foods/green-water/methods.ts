import { CAUTIONS } from '../cautions'
import type { FoodMethod, MethodStep } from '../contract'
import { school } from '../method'

/** Fish breed in it unseen. */
const LOOK_FOR_FRY: readonly MethodStep[] = [
  { text: 'Look for fry with a torch before you draw where fish live in it.' },
  {
    text: 'To see them again put fast plants in: it clears in 7 to 14 days.',
    seenAfterDays: [7, 14],
  },
  {
    text: 'Draw from the surface, away from the plants. Never into drains or ponds.',
    cautions: [CAUTIONS.release, CAUTIONS.kitchen],
  },
]

const usual: FoodMethod = {
  id: 'jar',
  name: 'Fertilised jar',
  about:
    'Clean water, a measured dose of complete plant food without copper excess, a daylight lamp: green in days.',
  materials: [
    'clear jar or tank',
    'complete plant food',
    'daylight lamp',
    'starter of green water',
  ],
  vesselRule: 'Clear glass, lit from the side.',
  airRule: 'Gentle air or a shake a day.',
  waterRule: 'Clean, aged water.',
  measures: [
    { what: 'aged water', unit: 'mL', perL: 950 },
    { what: 'green water to start', starter: true, unit: 'mL', perL: 50 },
    {
      what: 'plant food, as nitrogen',
      takes: { 'plant-food': 1 },
      unit: 'g',
      perL: 0.012,
      nitrogen: true,
      buy: true,
    },
  ],
  starterShare: 0.05,
  leastStarterShare: 0.01,
  start: [
    {
      text: 'Plant food by its label: no copper excess where animals will eat it.',
      cautions: [CAUTIONS.copper],
    },
    { text: 'Lamp at a hand’s distance, 16 to 24 h.', cautions: [CAUTIONS.lamp, CAUTIONS.mains] },
    { text: 'Starter in. Gentle air or a daily shake.' },
  ],
  harvest: [
    { text: 'Take 20 to 30 % a day so that the lower half stays lit.' },
    {
      text: 'Make up with fresh medium, feed out before you top up. Never into drains or ponds.',
      cautions: [CAUTIONS.release, CAUTIONS.kitchen],
    },
  ],
  feed: {
    what: 'plant food, as nitrogen',
    takes: { 'plant-food': 1 },
    unit: 'g',
    perL: 0.003,
    when: 'thin',
  },
  feedingRule: 'Plant food when it pales.',
  harvestRule:
    'As dense as it gets, or a share a day: unthinned it is darkest, and gone within a month.',
  renewRule: 'From a cup of the old into a clean jar monthly.',
  renewAfterDays: 21,
  hygiene: 'green-water',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 10, depthCm: 25, widthCm: 25, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'tap-jar',
    'Jar of tap water',
    'As the jar, with water from the tap: it works, half as slow again.',
    {
      waterRule: 'Straight from the tap.',
      measures: [
        { what: 'tap water', unit: 'mL', perL: 950 },
        { what: 'green water to start', starter: true, unit: 'mL', perL: 50 },
        {
          what: 'plant food, as nitrogen',
          takes: { 'plant-food': 1 },
          unit: 'g',
          perL: 0.012,
          nitrogen: true,
          buy: true,
        },
      ],
      failure: 0.25,
      factors: { muMax: 1 / 1.5, lag: 1.5 },
    },
  ),
  school(
    usual,
    'grazer-tank',
    'Grazer tank',
    'Plants and scuds hold surface algae down; plants taken out, the free algae bloom.',
    {
      failure: 0.15,
      materials: ['planted tank with scuds or shrimp', 'lamp'],
      measures: [{ what: 'water of the grazer tank', unit: 'mL', perL: 1000 }],
      start: [
        { text: 'Take the plants out.' },
        { text: 'Lamp on for longer.', cautions: [CAUTIONS.lamp, CAUTIONS.mains] },
      ],
      feed: {
        what: 'pellets for the scuds',
        takes: { pellets: 1 },
        unit: 'g',
        perL: 0.05,
        when: 'every',
        everyDays: 1,
      },
      feedingRule:
        'The scuds are fed every day; what they leave feeds the algae. A quarter of the water is changed daily.',
      harvestRule: 'What the daily change brings out, a quarter of the tank, all of it fed out.',
      harvest: LOOK_FOR_FRY,
      renewRule: 'None for months while the water is changed; without a change it collapses.',
      renewAfterDays: 120,
      sets: { n0: 8, x0: 0.8, litH: 16, i0: 100, openHazard: 0.0002, waterN: 0.05 },
      upkeep: [
        { action: 'feed', amount: 2, unit: 'mgPerL', everyH: 24, fromDay: 1 },
        { action: 'waterChange', amount: 0.25, unit: 'share', everyH: 24, fromDay: 8 },
      ],
    },
  ),
  school(
    usual,
    'fish-waste',
    'Fish waste',
    'Four to ten small live-bearers in 20 L under constant light feed the algae: slow, cheap, never spent.',
    {
      failure: 0.18,
      measures: [
        { what: 'water', unit: 'mL', perL: 1000 },
        { what: 'small live-bearers', unit: 'each', perL: 0.3 },
      ],
      start: [
        {
          text: 'Four to ten small live-bearers in 20 L. Ten want a filter and a partial change of water.',
        },
        { text: 'Lamp on day and night.', cautions: [CAUTIONS.lamp, CAUTIONS.mains] },
      ],
      feed: null,
      harvest: LOOK_FOR_FRY,
      sets: { n0: 6, litH: 24, openHazard: 0.004 },
      upkeep: [
        { action: 'feed', amount: 0.6, unit: 'mgPerL', everyH: 24, fromDay: 2 },
        { action: 'takeOut', amount: 0.2, unit: 'share', everyH: 24, fromDay: 12 },
      ],
    },
  ),
  school(
    usual,
    'pond',
    'Pond water',
    'The easiest, and it brings pests: for cladocerans, or after inspection.',
    {
      failure: 0.3,
      measures: [{ what: 'green pond water', unit: 'mL', perL: 1000 }],
      start: [
        {
          text: 'Fetch it where nothing was treated or sprayed; look through it.',
          cautions: [CAUTIONS.wild],
        },
        { text: 'Stand it in the light.', cautions: [CAUTIONS.mains] },
      ],
      feed: null,
      sets: { x0: 8, openHazard: 0.03 },
    },
  ),
  school(
    usual,
    'thinned-daily',
    'Thinned daily',
    'A quarter is taken every day once it is strong, made up with medium: the lower half stays lit, and it lasts.',
    {
      failure: 0.17,
      upkeep: [{ action: 'takeOut', amount: 0.25, unit: 'share', everyH: 24, fromDay: 9 }],
      harvestRule: 'A quarter a day from the ninth day on.',
    },
  ),
]
