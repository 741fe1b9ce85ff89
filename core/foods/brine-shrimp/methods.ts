import type { Caution, FoodMethod, MethodStep } from '../contract'
import { SETTLE_MINUTES } from './parameters'

const DUST: Caution = { id: 'dust', text: 'Cyst dust can set off allergies: pour low, wear a mask if you react. Follow the label.' }
const MAINS: Caution = { id: 'mains', text: 'Air pump and lamp stand over salt water: drip loop, residual-current device, pump above the water line or a check valve.' }
const SALT_WATER: Caution = { id: 'salt-water', text: 'Salt water corrodes and conducts: keep it off plugs and lamps.' }
const HEAT: Caution = { id: 'heat', text: 'A small vessel overshoots overnight: alarm at 32 °C, never leave a heater in it unattended.' }
const IODINE: Caution = { id: 'iodine', text: 'This salt is marked as iodised or with anti-caking agent. Use plain salt: additives can spoil the hatch.' }

/** Cautions that belong to the salt at hand, not to a step. */
export const saltCautions = (iodised: boolean): Caution[] => (iodised ? [IODINE] : [])

const materials = ['hatch vessel, glass or plastic', 'air line to the lowest point, no fine air stone', 'lamp', 'salt without iodine or anti-caking agent', 'cysts', 'sieve of 100 to 150 µm']

const start: readonly MethodStep[] = [
  { text: 'Measure the water into the clean vessel. Chlorine from the tap does no harm here.' },
  { text: 'Dissolve the salt.', cautions: [SALT_WATER] },
  { text: 'Soda if the water asks for it: first dose, wait, test.' },
  { text: 'Pour in the cysts.', cautions: [DUST] },
  { text: 'Air from the lowest point so that everything tumbles. Lamp on.', cautions: [MAINS, HEAT] },
  { text: 'After some hours rinse stranded cysts from the wall back into the water.' },
]

const harvest: readonly MethodStep[] = [
  { text: 'Air off. Light at the lowest point. Shells rise, nauplii sink.', clockMinutes: SETTLE_MINUTES },
  { text: 'Draw from below. Stop before the shells come, and leave the last centimetre.' },
  { text: 'Sieve, rinse, and take up in a cup of clean water. Do not overfill the sieve.' },
]

export const methods: readonly FoodMethod[] = [
  { id: 'one-pull', name: 'One pull', about: 'Everything is taken at once, in the hours when hatched nauplii still carry most of their yolk.', materials, start, harvest },
  {
    id: 'two-pulls', name: 'Two pulls', about: 'The early hatchers are taken fresh at one round, the late ones at the next; the vessel runs on in between.', materials, start,
    harvest: [...harvest, { text: 'Put the water back, air on, lamp on. The rest hatches until the next round.' }],
  },
]
