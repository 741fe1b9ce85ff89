import { CAUTIONS } from '../cautions'
import type { FoodMethod, MethodStep } from '../contract'
import { BLEACH_ML_PER_G_CHLORINE } from '../../water/bleach'
import { school } from '../method'
import { CYST_DENSITY_G_PER_ML, SETTLE_MINUTES } from '../../dynamics/hatch/handling'

const start: readonly MethodStep[] = [
  {
    text: 'Measure the water into the clean vessel. Chlorine from the tap does no harm here.',
    cautions: [CAUTIONS.cut],
  },
  { text: 'Dissolve the salt.', cautions: [CAUTIONS.saltWater] },
  { text: 'Soda if the water asks for it: first dose, wait, test.' },
  { text: 'Pour in the cysts.', cautions: [CAUTIONS.dust] },
  {
    text: 'It stands so that it cannot tip, never above a socket; a check valve in the air line, the valve below closed before water goes in.',
  },
  {
    text: 'Air from the lowest point so that everything tumbles. Lamp on.',
    cautions: [CAUTIONS.mains, CAUTIONS.heat, CAUTIONS.lamp],
  },
  { text: 'After some hours rinse stranded cysts from the wall back into the water.' },
]

const draw: readonly MethodStep[] = [
  {
    text: 'Air off. Light at the lowest point. Shells rise, nauplii sink.',
    clockMinutes: SETTLE_MINUTES,
  },
  { text: 'Draw from below. Stop before the shells come, and leave the last centimetre.' },
]
const sieve: MethodStep = {
  text: 'Sieve, rinse, and take up in a cup of clean water. Do not overfill the sieve.',
}
const clean: MethodStep = {
  text: 'Hot water through vessel and lines at once: it stinks within a day.',
  cautions: [CAUTIONS.rotten],
}

const onePull: FoodMethod = {
  id: 'one-pull',
  name: 'One pull',
  about:
    'Everything is taken at once, in the hours when hatched nauplii still carry most of their yolk.',
  materials: [
    'hatch vessel, glass or plastic',
    'air line to the lowest point, no fine air stone',
    'lamp',
    'salt without iodine or anti-caking agent',
    'cysts',
    'sieve of 100 to 150 µm',
  ],
  vesselRule: 'A cone or an upturned bottle of 1 to 5 L; no metal.',
  airRule:
    'Coarse air from the lowest point, everything tumbles; no fine stone, it strands cysts in foam.',
  waterRule: 'Any drinking water, chlorine does no harm; soft water wants soda.',
  measures: [
    { what: 'water', unit: 'mL', perL: 1000 },
    { what: 'salt', takes: { salt: 1 }, unit: 'g', perL: 25, gPerMl: 1.22, buy: true },
    { what: 'cysts', unit: 'g', perL: 2, gPerMl: CYST_DENSITY_G_PER_ML, buy: true },
  ],
  starterShare: 0,
  leastStarterShare: 0,
  start,
  harvest: [...draw, sieve, clean],
  feed: null,
  feedingRule: 'Nothing: they live on yolk.',
  harvestRule: 'In the window of the curve, once.',
  renewRule: 'A new bottle each time; bleach every few runs, rinsed until no smell.',
  renewAfterDays: 2,
  hygiene: 'brine',
  factors: {},
  sets: {},
  upkeep: [],
  pulls: 'one',
  vessel: { volumeL: 2, depthCm: 25, widthCm: 12, matterGPerL: 0 },
}

const salt = (perL: number) => onePull.measures.map(m => (m.what === 'salt' ? { ...m, perL } : m))
const cysts = (perL: number, measures = onePull.measures) =>
  measures.map(m => (m.what === 'cysts' ? { ...m, perL } : m))

export const methods: readonly FoodMethod[] = [
  onePull,
  school(
    onePull,
    'two-pulls',
    'Two pulls',
    'The early hatchers are taken fresh at one round, the late ones at the next; the vessel runs on in between.',
    {
      pulls: 'two',
      harvest: [
        ...draw,
        sieve,
        { text: 'Put the water back, air on, lamp on. The rest hatches until the next round.' },
      ],
      harvestRule: 'At about 24 h and again 8 to 12 h later.',
      upkeep: [{ action: 'takeOut', amount: 1, unit: 'share', everyH: 12, fromDay: 1 }],
    },
  ),
  school(
    onePull,
    'keep-and-draw',
    'Keep and draw',
    'One bottle for two to three days, a little drawn at each round: least work, and every round finds them thinner.',
    {
      pulls: 'each',
      harvest: [
        {
          text: 'Air off. Light at the lowest point. Shells rise, nauplii sink.',
          clockMinutes: SETTLE_MINUTES,
        },
        { text: 'Draw from below only what this round needs.' },
        sieve,
        { text: 'Air on, lamp on. The bottle goes on until the last call, then it is cleaned.' },
      ],
      harvestRule:
        'At each round from about 24 h on. Their yolk falls, and from half a day after most have hatched they die; the last call is a day after that.',
      renewAfterDays: 3,
      upkeep: [{ action: 'takeOut', amount: 0.3, unit: 'share', everyH: 12, fromDay: 1 }],
    },
  ),
  school(onePull, 'dark', 'In the dark', 'No lamp: simpler, and about a fifth fewer hatch.', {
    sets: { lit: 0 },
    pulls: 'one-or-two',
    materials: onePull.materials.filter(m => m !== 'lamp'),
  }),
  school(
    onePull,
    'room-temperature',
    'At room temperature',
    'No heater: a day or more longer, so fewer cysts to a bottle and more bottles in turn.',
    {
      measures: cysts(1),
      sets: { cystsGL: 1 },
      pulls: 'one-or-two',
      harvestRule: 'Half has hatched after 36 h at 21 °C; look at the curve.',
      renewAfterDays: 4,
    },
  ),
  school(
    onePull,
    'decapsulated',
    'Decapsulated',
    'Shells dissolved before the hatch: nothing to part, a shorter hatch, and a procedure that wants care.',
    {
      sets: { decapsulated: 1 },
      pulls: 'one-or-two',
      measures: [
        ...onePull.measures,
        {
          what: 'active chlorine, as plain bleach of stated strength',
          takes: { bleach: BLEACH_ML_PER_G_CHLORINE },
          unit: 'g',
          perL: 1,
          buy: true,
        },
        {
          what: 'sodium thiosulphate',
          takes: { thiosulphate: 1 },
          unit: 'g',
          perL: 0.2,
          buy: true,
        },
      ],
      start: [
        {
          text: 'Hydrate the cysts in aerated fresh water.',
          clockMinutes: 60,
          cautions: [CAUTIONS.dust],
        },
        {
          text: 'Chill them to 15 to 20 °C, ice at hand. Half a gram of active chlorine for each gram of cysts, 14 mL of solution in all. Lye only where you are trained in it.',
          cautions: [CAUTIONS.bleach, CAUTIONS.lye],
        },
        {
          text: 'Stir. Grey, white, then orange: stop at orange. Keep it under 30 °C, 40 °C kills.',
          clockMinutes: 8,
          cautions: [CAUTIONS.heat],
        },
        {
          text: 'Rinse until no smell is left, then the thiosulphate for five minutes, and rinse again.',
          clockMinutes: 5,
        },
        ...start.slice(0, 3),
        { text: 'Put the cysts in at once, or store them in saturated brine, cold and dark.' },
        ...start.slice(4),
      ],
    },
  ),
  school(
    onePull,
    'unrinsed',
    'Unrinsed',
    'Straight from the vessel into the tank: quick, and some brine goes along, so the water is made weaker.',
    {
      measures: salt(15),
      sets: { saltGL: 15 },
      rinsed: false,
      pulls: 'one-or-two',
      harvest: [
        ...draw,
        { text: 'Let them settle once more in a cup and draw only the thick of it.' },
        clean,
      ],
    },
  ),
]
