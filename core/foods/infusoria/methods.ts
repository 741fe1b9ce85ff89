import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const scalded: FoodMethod = {
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
    { what: 'dry plant matter', takes: { 'dry-leaf': 1 }, unit: 'g', perL: 0.6, gPerMl: 0.12 },
    { what: 'baker’s yeast', takes: { yeast: 1 }, unit: 'g', perL: 0.02, gPerMl: 0.63, buy: true },
  ],
  // What swims in old tank water is the starter: nothing is ordered.
  starterShare: 0,
  leastStarterShare: 0,
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
  feed: {
    what: 'scalded plant matter',
    takes: { 'dry-leaf': 1 },
    unit: 'g',
    perL: 0.06,
    gPerMl: 0.12,
    when: 'thin',
  },
  feedingRule: 'A little scalded matter once it has cleared and the specks thin out.',
  harvestRule: 'Only once it has cleared and movers are seen, a fifth a day.',
  renewRule: 'By its looks: a new jar once it thins. One in three fails, so keep several.',
  renewAfterDays: 21,
  hygiene: 'pure',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.6 },
}

/** Schools of practice, each with its own numbers; the one that anybody can do and that fails least stands first. */
export const methods: readonly FoodMethod[] = [
  school(
    scalded,
    'mulm',
    'Mulm and a leaf',
    'What is siphoned from a mature tank, a leaf and a little fish food: full of ciliates from the first day, and it fails least of those that cost nothing.',
    {
      materials: [
        'clean glass jar',
        'mulm and water siphoned from a mature tank without cyclops or water fleas',
        'a scalded leaf',
        'fish food',
        'cloth and band',
        'lens or torch',
      ],
      measures: [
        { what: 'siphoned tank water with its mulm', unit: 'mL', perL: 1000 },
        {
          what: 'scalded leaf, dry weight',
          takes: { 'dry-leaf': 1 },
          unit: 'g',
          perL: 0.4,
          gPerMl: 0.12,
        },
        { what: 'fish food, ground', takes: { 'dry-feed': 1 }, unit: 'g', perL: 0.1, gPerMl: 0.4 },
      ],
      start: [
        {
          text: 'Siphon mulm and water from a mature tank. Look through it for cyclops and hydra.',
          cautions: [CAUTIONS.wild],
        },
        { text: 'Scald the leaf, let it cool, drop it in.', cautions: [CAUTIONS.boiling] },
        { text: 'A pinch of ground fish food, no more: too much and it rots.' },
        { text: 'Cover with cloth, indirect light, 20 to 28 °C.' },
      ],
      feed: {
        what: 'fish food, ground',
        takes: { 'dry-feed': 1 },
        unit: 'g',
        perL: 0.05,
        gPerMl: 0.4,
        when: 'thin',
      },
      feedingRule: 'A few grains of fish food once it has cleared and the specks thin out.',
      factors: { c0: 1.6 },
      sets: { failure: 0.2 },
      vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.5 },
    },
  ),
  scalded,
  school(
    scalded,
    'aerated-warm',
    'Air and a warm lamp',
    'Plant trimmings, a slow bubble and the warmth of a lamp: clears without ever getting very cloudy.',
    {
      materials: [
        'clean glass jar',
        'trimmings of water plants',
        'old water of a mature tank without cyclops or water fleas',
        'air line',
        'lamp',
        'lens or torch',
      ],
      airRule: 'One slow bubble all day.',
      measures: [
        { what: 'old tank water', unit: 'mL', perL: 1000 },
        { what: 'plant trimmings, dry weight', unit: 'g', perL: 0.5, gPerMl: 0.1 },
      ],
      start: [
        {
          text: 'Bruise the trimmings, drop them into old tank water, looked through.',
          cautions: [CAUTIONS.wild],
        },
        { text: 'A slow bubble from the bottom.', cautions: [CAUTIONS.mains] },
        {
          text: 'A lamp that keeps it at 24 to 28 °C.',
          cautions: [CAUTIONS.lamp, CAUTIONS.mains],
        },
      ],
      feed: {
        what: 'plant trimmings, dry weight',
        unit: 'g',
        perL: 0.05,
        gPerMl: 0.1,
        when: 'thin',
      },
      feedingRule: 'A sprig more once it has cleared and the specks thin out.',
      sets: { hydrolysis: 0.1, failure: 0.22 },
      vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.5 },
    },
  ),
  school(
    scalded,
    'pinch',
    'A pinch of food',
    'A pinch of fish or dog food in old tank water: quickest to start, and it smells and turns most easily.',
    {
      measures: [
        { what: 'old tank water', unit: 'mL', perL: 1000 },
        {
          what: 'fish or dog food, ground',
          takes: { 'dry-feed': 1 },
          unit: 'g',
          perL: 0.5,
          gPerMl: 0.45,
        },
      ],
      start: [
        {
          text: 'Old tank water, looked through for cyclops.',
          cautions: [CAUTIONS.wild],
        },
        { text: 'A pinch of ground food, weighed or measured: twice as much rots.' },
        { text: 'Cover with cloth, indirect light, 20 to 28 °C. Stir twice a day.' },
      ],
      feed: {
        what: 'fish or dog food, ground',
        takes: { 'dry-feed': 1 },
        unit: 'g',
        perL: 0.04,
        gPerMl: 0.45,
        when: 'thin',
      },
      feedingRule: 'A few grains once it has cleared and the specks thin out.',
      sets: { hydrolysis: 0.35, failure: 0.4, foul: 1 },
      vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.5 },
    },
  ),
  school(
    scalded,
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
    scalded,
    'dried-leaf',
    'Dried leaf in the dark',
    'Dried leaves, dark and warm: clearer, thinner, and steadier.',
    {
      measures: [
        { what: 'old tank water', unit: 'mL', perL: 1000 },
        { what: 'dried leaves', takes: { 'dry-leaf': 1 }, unit: 'g', perL: 0.5, gPerMl: 0.05 },
      ],
      sets: { hydrolysis: 0.14, failure: 0.25 },
      vessel: { volumeL: 1, depthCm: 12, widthCm: 10, matterGPerL: 0.5 },
    },
  ),
  school(
    scalded,
    'sterile-pure',
    'Sterile water, pure starter',
    'Boiled water and a bought or own clean starter: hardly ever fails.',
    {
      topUp: 'boiled',
      waterRule: 'Boiled and cooled, low in metals.',
      measures: [
        { what: 'boiled, cooled water', unit: 'mL', perL: 950 },
        { what: 'pure ciliate starter', starter: true, unit: 'mL', perL: 50, buy: true },
        { what: 'dry plant matter', takes: { 'dry-leaf': 1 }, unit: 'g', perL: 0.6, gPerMl: 0.12 },
      ],
      starterShare: 0.05,
      leastStarterShare: 0.02,
      factors: { c0: 3 },
      sets: { failure: 0.05 },
    },
  ),
  school(
    scalded,
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
