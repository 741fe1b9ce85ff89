import type { Caution } from './contract'

const END = 'Follow the label, your local rules and a qualified person where one is needed.'
const caution = (id: string, text: string): Caution => ({ id, text: `${text} ${END}` })

/** Hazards of the work, each with the caution to show at the step where it matters, before the step can be ticked. */
export const CAUTIONS = {
  bleach: caution(
    'bleach',
    'Gloves, eye protection, fresh air; plain bleach of stated strength only. Never with vinegar or any acid (chlorine gas), nor with ammonia. Bleach into cold water; keep from children and animals; rinse until no smell, neutralise before anything living touches it.',
  ),
  lye: caution(
    'lye',
    'Caustic soda burns skin and eyes: left out by default, only for trained people.',
  ),
  boiling: caution(
    'boiling',
    'Heat-proof vessel, spoon first into glass so that it does not crack, pour away from you, children away. Let it cool below 30 °C before anything living is added.',
  ),
  mains: caution(
    'mains',
    'Mains over water: drip loop, residual-current device, pump above the water line or a check valve; heater off and cool before the vessel is drained.',
  ),
  lamp: caution(
    'lamp',
    'A hot lamp can start a fire: fixed mount, clear of plastic and cloth, guard.',
  ),
  heat: caution(
    'heat',
    'A small vessel overshoots overnight: alarm at 32 °C, never leave a heater in it unattended.',
  ),
  cut: caution('cut', 'Cut bottles and drill caps away from the hand.'),
  rotten: caution(
    'rotten',
    'Rotten cultures: fresh air, wash hands, do not taste or breathe over them; drain with plenty of water.',
  ),
  mosquito: caution(
    'mosquito',
    'Mosquitoes carry disease: check public-health rules and local law first; keep it covered, empty it before pupae, never leave it standing.',
  ),
  wild: caution(
    'wild',
    'What is wild brings parasites, hydra, planaria, dragonfly larvae, pesticides: hold and inspect it; it may need a permit.',
  ),
  release: caution(
    'release',
    'Nothing of this goes into drains that reach natural water or into ponds: freeze, boil or bleach it first; some species are restricted.',
  ),
  dust: caution(
    'dust',
    'Dust of cysts, algae, powders and worms sets off allergies: mask, pour low.',
  ),
  saltWater: caution(
    'salt-water',
    'Salt water corrodes and conducts: keep it off plugs and lamps.',
  ),
  foul: caution('foul', 'Cloudy infusoria, yeast milk and vinegar harm fry: wait, or rinse.'),
  kitchen: caution(
    'kitchen',
    'Separate tools, labelled jars, never in the family’s fridge unmarked.',
  ),
  copper: caution(
    'copper',
    'Copper in medicines, plant food, pipes and coins kills invertebrates and builds up in reef animals: keep it out.',
  ),
} as const satisfies Record<string, Caution>

const IODINE: Caution = {
  id: 'iodine',
  text: 'This salt is marked as iodised or with anti-caking agent. Use plain salt: additives can spoil the hatch.',
}

/** Cautions that belong to the salt at hand, not to a step. */
export const saltCautions = (iodised: boolean): Caution[] => (iodised ? [IODINE] : [])
