import { SIGNS, type Look, type Sign } from '../dynamics/contract'
import { weightsOf, type Cloud } from './cloud'

/** What a vessel should look like by what is believed of it: mean grade of each sign. */
export function meanLook(cloud: Cloud, w = weightsOf(cloud)): Partial<Record<Sign, number>> {
  const sum: Partial<Record<Sign, number>> = {}
  const weight: Partial<Record<Sign, number>> = {}
  cloud.forEach((p, i) => {
    const look: Look = p.culture.family.look(p.culture.state, p.culture.params)
    for (const sign of SIGNS) {
      const e = look[sign]
      if (!e) continue
      sum[sign] = (sum[sign] ?? 0) + w[i]! * e.grade
      weight[sign] = (weight[sign] ?? 0) + w[i]!
    }
  })
  return Object.fromEntries(SIGNS.flatMap(s => (weight[s] ? [[s, sum[s]! / weight[s]!]] : [])))
}
