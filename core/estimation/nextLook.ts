import { READINESS, type Look, type Sign } from '../dynamics/contract'
import type { Food } from '../foods/contract'
import type { Cloud } from './cloud'
import { gradeChance } from './observation'

/** The look that would tell most, and by how much it is expected to lessen the doubt about readiness, bits. */
export interface NextLook {
  sign: Sign
  gain: number
}

/** Less than this is not worth a walk to the jar. */
const WORTH_BITS = 0.01

const entropy = (p: ArrayLike<number>) => {
  let s = 0
  for (let i = 0; i < p.length; i++) if (p[i]! > 0) s -= p[i]! * Math.log2(p[i]!)
  return s
}

/** The sign whose grade is expected to lessen the doubt about readiness most. */
export function nextLook(cloud: Cloud, w: Float64Array, food: Food): NextLook | null {
  const states = cloud.map(p =>
    READINESS.indexOf(p.culture.family.readiness(p.culture.state, p.culture.params)),
  )
  const looks: Look[] = cloud.map(p => p.culture.family.look(p.culture.state, p.culture.params))
  const prior = new Float64Array(READINESS.length)
  states.forEach((s, n) => {
    prior[s]! += w[n]!
  })
  const before = entropy(prior)
  let best: NextLook | null = null
  for (const sign of Object.keys(food.signs) as Sign[]) {
    let after = 0
    for (let grade = 0; grade < food.signs[sign]!.length; grade++) {
      const posterior = new Float64Array(READINESS.length)
      let p = 0
      looks.forEach((look, n) => {
        const e = look[sign]
        if (!e) return
        const x = w[n]! * gradeChance(grade, e.grade, e.sd)
        posterior[states[n]!]! += x
        p += x
      })
      if (p > 0) after += p * entropy(posterior.map(x => x / p))
    }
    const gain = before - after
    if (best === null || gain > best.gain) best = { sign, gain }
  }
  return best && best.gain > WORTH_BITS ? best : null
}
