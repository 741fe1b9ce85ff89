import { AILMENTS, type Ailment, type Sign } from '../dynamics/contract'
import { copyCulture, runCulture } from '../foods/culture'
import type { RandomStream } from '../math/random'
import { weightsOf, type Particle } from './cloud'
import { FOUL, FOUL_FROM } from './observation'

/** Share of vessels that look so and have gone wrong in a way that no hazard has told, before the look is weighed (working estimate). */
export const FOUL_PRIOR = 0.25
/** One course in so many is tried as gone wrong. */
export const ONE_IN = 4
/** Hours for something that went wrong to show, at least and at most: nobody knows when it did. */
const SHOWS_FROM_H = 6
const SHOWS_BY_H = 60
/** What makes a vessel foul, the likelier ones more than once. */
const MAKES_FOUL: readonly Ailment[] = ['contaminated', 'poisoned', 'poisoned', 'overfed']

export const looksFoul = (signs: Partial<Record<Sign, number>>): boolean =>
  FOUL.some(s => (signs[s] ?? 0) >= FOUL_FROM)

/** Where so much is believed to have gone wrong already, no course need be tried. */
const KNOWN_FROM = 0.5
const isBad = ({ culture: { family, state, params } }: Particle): boolean => {
  const is = family.readiness(state, params)
  return is === 'failing' || is === 'failed'
}
function isKnown(cloud: readonly Particle[]): boolean {
  const w = weightsOf(cloud)
  return cloud.reduce((sum, p, i) => (isBad(p) ? sum + w[i]! : sum), 0) >= KNOWN_FROM
}

/** The course, had it gone wrong some time in the last days; as it was where nothing can befall it. */
function goneWrong(p: Particle, temperatureC: number, chance: RandomStream): Particle {
  const culture = copyCulture(p.culture)
  const { ageH } = culture
  const first = Math.floor(chance.next() * MAKES_FOUL.length)
  const order = [...MAKES_FOUL.slice(first), ...MAKES_FOUL.slice(0, first), ...AILMENTS]
  if (!order.some(a => culture.family.ail(culture.state, culture.params, a))) return p
  const hours = SHOWS_FROM_H + chance.next() * (SHOWS_BY_H - SHOWS_FROM_H)
  runCulture(culture, hours, () => temperatureC, chance)
  const wrong = { ...p, culture: { ...culture, ageH } }
  // What is preyed on or starves is not foul: it is foul for something else.
  if (!isBad(wrong)) culture.family.ail(culture.state, culture.params, 'poisoned')
  return wrong
}

/**
 * Tries some courses of a cloud as gone wrong, where a look is foul: a rare mishap that no course has suffered could else never
 * be found. Weights are set right for that, so that only the look decides (a mixture proposal, Gordon et al. 1993).
 */
export function withTrouble(
  cloud: readonly Particle[],
  temperatureC: number,
  chance: RandomStream,
): Particle[] {
  if (isKnown(cloud)) return [...cloud]
  const tried = Math.log(FOUL_PRIOR * ONE_IN)
  const others = Math.log((1 - FOUL_PRIOR) / (1 - 1 / ONE_IN))
  return cloud.map((p, i) =>
    i % ONE_IN === 0
      ? { ...goneWrong(p, temperatureC, chance), logWeight: p.logWeight + tried }
      : { ...p, logWeight: p.logWeight + others },
  )
}
