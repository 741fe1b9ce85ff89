import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

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
    { what: 'plant food, as nitrogen', unit: 'g', perL: 0.012, buy: true },
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
  feed: { what: 'plant food, as nitrogen', unit: 'g', perL: 0.003, when: 'thin' },
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
    'grazer-tank',
    'Grazer tank',
    'Plants and scuds hold surface algae down; plants taken out, the free algae bloom.',
    {
      materials: ['planted tank with scuds or shrimp', 'lamp'],
      measures: [{ what: 'water of the grazer tank', unit: 'mL', perL: 1000 }],
      start: [
        { text: 'Take the plants out.' },
        { text: 'Lamp on for longer.', cautions: [CAUTIONS.lamp, CAUTIONS.mains] },
      ],
      feed: null,
      sets: { n0: 8, x0: 0.8, litH: 12, openHazard: 0.01 },
    },
  ),
  school(
    usual,
    'fish-waste',
    'Fish waste',
    'Some live-bearers in 20 L under constant light feed the algae: slow, cheap, never spent.',
    {
      measures: [
        { what: 'water', unit: 'mL', perL: 1000 },
        { what: 'live-bearers', unit: 'each', perL: 0.2 },
      ],
      start: [
        { text: 'Some live-bearers in 20 L.' },
        { text: 'Lamp on day and night.', cautions: [CAUTIONS.lamp, CAUTIONS.mains] },
      ],
      feed: null,
      sets: { n0: 6, litH: 24, openHazard: 0.012 },
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
      upkeep: [{ action: 'takeOut', amount: 0.25, unit: 'share', everyH: 24, fromDay: 9 }],
      harvestRule: 'A quarter a day from the ninth day on.',
    },
  ),
]
