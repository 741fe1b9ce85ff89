import type { Food } from './contract'

/**
 * Days after its start between which the first young of a vessel are seen, as warm as it is; null where nobody
 * waits for them.
 * It goes by the Q10 of the food, as all it does; beyond its living range it is not faster.
 * @param temperatureC of the vessel
 */
export function firstYoungDays(
  { firstYoung, parameters, rangeC }: Pick<Food, 'firstYoung' | 'parameters' | 'rangeC'>,
  temperatureC: number,
): [from: number, to: number] | null {
  if (!firstYoung) return null
  const warmth = Math.min(rangeC[1], Math.max(rangeC[0], temperatureC))
  const slower = (parameters.q10?.median ?? 1) ** ((firstYoung.atC - warmth) / 10)
  return [firstYoung.days[0] * slower, firstYoung.days[1] * slower]
}
