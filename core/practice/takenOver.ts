import { systematic, weightsOf } from '../estimation/cloud'
import type { Observation } from '../estimation/observation'
import { replay } from '../estimation/replay'
import { copyCulture, type Culture } from '../foods/culture'
import { FAMILIES } from '../dynamics/index'
import { streamFor, type GameVessel } from './gameState'
import type { VesselPlan, VesselScenario } from './scenario'
import { usualOf } from './usual'
import { vesselSubject } from './vesselSubject'

type Before = NonNullable<VesselPlan['before']>
type Standing = Pick<GameVessel, 'usual' | 'temperatureC'>

/** A vessel as it may have been on the first day, in plain numbers: a worker can draw it and hand it over. */
export type TakenOver = Pick<Culture, 'params' | 'setup' | 'state' | 'ageH' | 'warmerC'>

/** What was drawn last by what was seen of a vessel: a game is lived again at each of its days, and reading anew takes long. */
const drawnBy = new WeakMap<readonly Observation[], { at: string; drawn: TakenOver }>()

const keyOf = (seed: number, v: Standing, index: number, { ageD }: Before): string => {
  const { temperatureC, setup } = vesselSubject(v)
  return JSON.stringify([seed, index, ageD, v.usual.method.id, temperatureC, setup])
}

function draw(seed: number, v: Standing, index: number, { ageD, seen }: Before): TakenOver {
  const { cloud } = replay(vesselSubject(v), seen, ageD * 24)
  const [one] = systematic(weightsOf(cloud), 1, streamFor(seed, 1000 + index * 50).next())
  const { params, setup, state, ageH, warmerC } = cloud[one!]!.culture
  return { params, setup, state, ageH, warmerC }
}

/** A vessel that stood before the first day: as one of those that it may have been, by what was seen of it. */
export function takenOver(seed: number, v: Standing, index: number, before: Before): Culture {
  const at = keyOf(seed, v, index, before)
  const known = drawnBy.get(before.seen)
  const drawn = known?.at === at ? known.drawn : draw(seed, v, index, before)
  drawnBy.set(before.seen, { at, drawn })
  const { food, method } = vesselSubject(v)
  const family = FAMILIES[food.profile.family]
  return copyCulture({ ...drawn, food, method, family, upkeep: method.upkeep })
}

const standing = (p: VesselPlan): Standing => ({ usual: usualOf(p), temperatureC: p.temperatureC })

/** Draws what stands before the first day of an exercise, by vessel; null of those that do not. */
export const drawTakenOver = (s: VesselScenario, seed: number): (TakenOver | null)[] =>
  s.vessels.map((p, i) => (p.before ? draw(seed, standing(p), i, p.before) : null))

/** Keeps what was drawn elsewhere, so that a game of this exercise begins at once. */
export function keepTakenOver(
  s: VesselScenario,
  seed: number,
  drawn: readonly (TakenOver | null)[],
): void {
  s.vessels.forEach((p, i) => {
    const of = drawn[i]
    if (p.before && of)
      drawnBy.set(p.before.seen, { at: keyOf(seed, standing(p), i, p.before), drawn: of })
  })
}
