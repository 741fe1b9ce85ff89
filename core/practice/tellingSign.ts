import { READINESS, SIGNS, type Readiness, type Sign } from '../dynamics/contract'
import { weightsOf, type Cloud } from '../estimation/cloud'

/** Looks that differ by less than this, in spreads of people's grades, tell nothing apart. */
const TELLS_FROM = 0.5

interface Middle {
  weight: number
  grade: number
  sd: number
}

/** The mean look of those courses of a belief that are of one readiness. */
function lookOf(cloud: Cloud, w: Float64Array, readiness: Readiness) {
  const found = new Map<Sign, Middle>()
  cloud.forEach(({ culture: c }, i) => {
    if (c.family.readiness(c.state, c.params) !== readiness) return
    const look = c.family.look(c.state, c.params)
    for (const sign of SIGNS) {
      const e = look[sign]
      if (!e || !c.food.signs[sign]) continue
      const m = found.get(sign) ?? { weight: 0, grade: 0, sd: 0 }
      found.set(sign, {
        weight: m.weight + w[i]!,
        grade: m.grade + w[i]! * e.grade,
        sd: m.sd + w[i]! * e.sd,
      })
    }
  })
  return found
}

/**
 * The sign by which a vessel of one readiness is told from one of another, as they may both be by what is known of it; null where
 * no sign tells, or where it can only be one of them.
 */
export function tellingSign(cloud: Cloud, one: Readiness, other: Readiness): Sign | null {
  if (!READINESS.includes(one) || one === other) return null
  const w = weightsOf(cloud)
  const [a, b] = [lookOf(cloud, w, one), lookOf(cloud, w, other)]
  const apart = SIGNS.flatMap(sign => {
    const [x, y] = [a.get(sign), b.get(sign)]
    if (!x || !y) return []
    const difference = Math.abs(x.grade / x.weight - y.grade / y.weight)
    return [{ sign, by: difference / ((x.sd / x.weight + y.sd / y.weight) / 2) }]
  }).toSorted((p, q) => q.by - p.by)
  return apart[0] && apart[0].by >= TELLS_FROM ? apart[0].sign : null
}
