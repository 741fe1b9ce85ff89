import { CAUTIONS } from '@renatus/core/foods/cautions'
import type { Decapsulation } from '@renatus/core/water/decapsulation'
import type {
  BathAdvice,
  CystColour,
  DecapsulationCourse,
  DecapsulationStep,
} from '@renatus/core/water/decapsulationCourse'
import { formatGrams } from '@renatus/core/units/format'
import { numberText } from '@renatus/core/units/numberText'

/** Why nothing is worked out for a bottle of bleach. */
export const BLEACH_REFUSED: Record<Exclude<Decapsulation['status'], 'ok'>, string> = {
  'too-weak':
    'This bottle is too weak: it does not fit into the solution. Take a fresh one of 3.6 % active chlorine or more.',
  'too-much': 'At most 20 g of cysts at a time: more heats faster than ice cools at home.',
  'refused':
    'This is stronger than household bleach: for people who are trained in it, not for here.',
}
/** What the label may also say, and what is not used. */
export const BLEACH_KINDS = [
  { value: 'plain', label: 'plain, nothing added' },
  { value: 'thick', label: 'thickened or “splash-less”' },
  { value: 'scent', label: 'with scent or detergent' },
  { value: 'unknown', label: 'no strength on it' },
] as const
export const NOT_PLAIN =
  'Only plain bleach of stated strength: what thickens, smells or foams stays on the cysts and kills what hatches.'

export const STEP_NAMES: Record<DecapsulationStep, string> = {
  hydrate: 'Swell',
  chill: 'Chill',
  cautions: 'Before the bleach',
  bleach: 'In the bleach',
  rinse: 'Rinse',
  dip: 'Take the chlorine out',
  after: 'What becomes of them',
}

/** As a syringe measures it. */
export const exactMl = (ml: number) => `${numberText(ml, { decimals: 1 })}\u00A0mL`

/** One sentence a step. */
export function stepText(c: DecapsulationCourse): string {
  const ml = exactMl
  const sentences: Record<DecapsulationStep, string> = {
    hydrate: `Stir ${formatGrams(c.cystsG)} of cysts into ${ml(c.hydrateMl)} of fresh water at 20 to 25 °C, with air, for an hour.`,
    chill: `Drain them in a sieve. Mix ${ml(c.waterMl)} of cold water with them in a glass, stand it in ice: 15 to 20 °C before anything else.`,
    cautions: 'Tick what is true. Bleach comes next.',
    bleach: `Pour in ${ml(c.bleachMl)} of bleach and stir all the time. Read the thermometer every minute. Foam: a drop of vegetable oil.`,
    rinse: 'Into the sieve at once. Cold running water until no smell of chlorine is left.',
    dip: `Five minutes in ${ml(c.dipMl)} of water with ${formatGrams(c.thiosulphateG)} of sodium thiosulphate, then rinse. Without it: rinse as long again, and fan the air over them to your nose, never nose over the vessel.`,
    after: 'Orange, without a shell, and clean. What becomes of them?',
  }
  return sentences[c.step]
}

/** What the big button says. */
export const STEP_DONE: Record<DecapsulationStep, string> = {
  hydrate: 'They are swollen',
  chill: 'They are cold',
  cautions: 'All is so',
  bleach: 'They are orange: out',
  rinse: 'No smell is left',
  dip: 'They are clean',
  after: '',
}

/** Ticked before bleach is touched. */
export const BEFORE_BLEACH = [
  'Fresh air: window or fan, nobody’s face over the glass.',
  'Eye protection and gloves are on.',
  'No vinegar and no acid near: not where vinegar eels are tended.',
  'Children and animals are out.',
  'An open glass, never a closed jar. Ice, sieve and cold water are at hand.',
  `${CAUTIONS.bleach.text}`,
] as const

export const COLOURS: Record<CystColour, { name: string; looks: string; fill: string }> = {
  brown: { name: 'grey-brown', looks: 'as they came', fill: '#6b5a4a' },
  white: { name: 'white-grey', looks: 'the shells go', fill: '#c9c4ba' },
  orange: { name: 'orange', looks: 'stop now', fill: '#e8822a' },
}

export const CLOCK_WORDS: Record<BathAdvice['clock'], string> = {
  wait: 'Stir. The colour turns from the third minute on.',
  look: 'Look now: white-grey, then orange.',
  usual: 'Look all the time: most are orange by the eighth minute.',
  latest: 'Fifteen minutes: take them out, whatever the colour.',
}
export const WARMTH_WORDS: Record<BathAdvice['warmth'], string> = {
  unread: 'Read the thermometer.',
  cool: 'Cool enough.',
  ice: 'Add ice: it is above 30 °C.',
  limit: 'Ice now, or take them out: 35 °C is the limit.',
  killed: '40 °C kills: this lot is lost. Rinse it and drain with much water.',
}

/** What to do with what is in the cup when it is stopped at a step. */
export const STOPPED: Record<DecapsulationStep, string> = {
  hydrate: 'Swollen cysts do not keep: hatch them today as they are, or throw them out.',
  chill: 'Drained and cold they keep until tonight: hatch them as they are, or throw them out.',
  cautions: 'No bleach has touched them: hatch them today as they are.',
  bleach:
    'Sieve and rinse at once with cold water until no smell is left. Half-bare cysts can still be hatched; do not store them.',
  rinse:
    'Do not leave them: bleach goes on eating. Rinse until no smell is left, then hatch or drain.',
  dip: 'Rinse once more in clean water. They can be hatched now.',
  after: 'They keep a day in the fridge, wet. Then hatch or throw out.',
}
export const DRAIN =
  'Bleach water goes down the drain with much water, never with acid; mind your local rules on disposal.'
