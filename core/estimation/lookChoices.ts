import { AILMENTS, type Sign } from '../dynamics/contract'
import { copyCulture, runCulture, type Culture } from '../foods/culture'
import type { Food } from '../foods/contract'
import { randomStream } from '../math/random'
import { weightsOf, type Cloud } from './cloud'

/** One way a vessel may look today, as grades that a person can tell apart. */
export interface LookChoice {
  signs: Partial<Record<Sign, number>>
  /** Something has gone wrong in it. */ failing: boolean
}

/** Where among the courses, from thin to dense, the choices are taken. */
const QUANTILES = [0.5, 0.1, 0.9, 0.3, 0.7]
const MOST = 6
const MOST_HEALTHY = 4
const LEAST = 4
const NEIGHBOURS: readonly Sign[] = ['movers', 'cloudiness', 'tint', 'climbing']
/** Hours for something that went wrong to show. */
const SHOWS_AFTER_H = 36

/**
 * Four to six ways a vessel may look today: courses from thin to dense, and at least one in which something went wrong. No two are alike:
 * they differ by a grade of some sign. The first is the likeliest.
 */
export function lookChoices(cloud: Cloud, food: Food, temperatureC: number): LookChoice[] {
  const w = weightsOf(cloud)
  const density = cloud.map(
    p => p.culture.family.stock(p.culture.state, p.culture.params).organisms,
  )
  const order = density.map((_d, i) => i).sort((a, b) => density[a]! - density[b]!)
  const at = (share: number): Culture => {
    let sum = 0
    for (const i of order) {
      sum += w[i]!
      if (sum >= share) return cloud[i]!.culture
    }
    return cloud[order.at(-1)!]!.culture
  }
  const graded = ({ family, state, params }: Culture): LookChoice => ({
    signs: Object.fromEntries(
      Object.entries(family.look(state, params)).flatMap(([sign, e]) => {
        const words = food.signs[sign as Sign]
        return words ? [[sign, Math.max(0, Math.min(words.length - 1, Math.round(e.grade)))]] : []
      }),
    ),
    failing: ['failing', 'failed'].includes(family.readiness(state, params)),
  })
  const found: LookChoice[] = []
  const add = (c: LookChoice) => {
    if (
      !found.some(f => Object.keys(c.signs).every(s => f.signs[s as Sign] === c.signs[s as Sign]))
    )
      found.push(c)
  }
  for (const q of QUANTILES) if (found.length < MOST_HEALTHY) add(graded(at(q)))
  const troubled = AILMENTS.flatMap(ailment => {
    const c = copyCulture(at(0.5))
    if (!c.family.ail(c.state, c.params, ailment)) return []
    runCulture(c, SHOWS_AFTER_H, () => temperatureC, randomStream(3))
    return [graded(c)]
  })
  // The ones that look least like what is there already tell the most.
  const distance = (c: LookChoice) =>
    Math.min(
      ...found.map(f =>
        Object.keys(c.signs).reduce(
          (s, k) => s + Math.abs((f.signs[k as Sign] ?? 0) - (c.signs[k as Sign] ?? 0)),
          0,
        ),
      ),
    )
  for (const c of troubled.sort((a, b) => distance(b) - distance(a)))
    if (found.length < MOST) add(c)
  // Where the belief is narrow the neighbours of the likeliest look fill up: a grade more or less of what is seen first.
  for (const sign of NEIGHBOURS) {
    for (const by of [-1, 1]) {
      const first = found[0]!
      const grade = (first.signs[sign] ?? -9) + by
      if (found.length < LEAST && grade >= 0 && grade < (food.signs[sign]?.length ?? 0))
        add({ ...first, signs: { ...first.signs, [sign]: grade } })
    }
  }
  return found
}
