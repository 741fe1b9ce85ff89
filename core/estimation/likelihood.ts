import type { Particle } from './cloud'
import {
  countLikelihood,
  densityLikelihood,
  lookLikelihood,
  refusalLikelihood,
  yieldLikelihood,
  type Observation,
} from './observation'

/** Animals per mL of a course. */
export const perMl = (p: Particle) =>
  p.culture.family.stock(p.culture.state, p.culture.params).organisms /
  (p.culture.setup.volumeL * 1000)

/** Log-likelihood of an observation for one course; null for what tells nothing of it. */
export function likelihood(o: Observation, p: Particle): number | null {
  const { culture: c } = p
  switch (o.kind) {
    case 'look':
      return lookLikelihood(o.signs, c.family.look(c.state, c.params), p.lean, p.blur)
    case 'count':
      return countLikelihood(o.animals, o.ml, perMl(p))
    case 'density':
      return densityLikelihood(o.perMl, o.logSd, perMl(p))
    case 'yield':
      return yieldLikelihood(o.seen, c.family.yieldRatio(c.state, c.params))
    case 'refused':
      return refusalLikelihood(c.family.yieldRatio(c.state, c.params))
    case 'temperature':
    case 'action':
      return null
  }
}
