import { FAMILIES, type AnyFamily } from '../dynamics/index'
import type { Action, Environment, Setup } from '../dynamics/contract'
import { draw, withFactors, type Parameter } from '../dynamics/parameter'
import type { RandomStream } from '../math/random'
import type { Food, FoodMethod, Upkeep } from './contract'

/** Longest step of every family, h. */
export const STEP_H = 6

export interface CultureSetup {
  volumeL: number
  depthCm?: number
  widthCm?: number
  starter?: number
  matterGPerL?: number
  kind?: string
}

/** A vessel of a food under a method: its family, its parameters and its state. */
export interface Culture {
  food: Food
  method: FoodMethod
  family: AnyFamily
  params: Record<string, number>
  setup: Setup
  state: object
  ageH: number
  /** Upkeep of the method that is done by itself; empty kinds are left to whoever acts. */
  upkeep: readonly Upkeep[]
}

/** Fills a setup from the usual vessel of the method. Another volume keeps the depth and widens the vessel. */
export function fullSetup(method: FoodMethod, s: CultureSetup): Setup {
  const { vessel } = method
  const depthCm = s.depthCm ?? vessel.depthCm
  const widthCm = s.widthCm ?? vessel.widthCm
  return {
    volumeL: s.volumeL,
    depthCm,
    widthCm,
    starter: s.starter ?? 1,
    matterGPerL: s.matterGPerL ?? vessel.matterGPerL,
    extra: {},
  }
}

/** Parameters of a food under a method and kind: medians without chance, else one draw. */
export function cultureParams(
  food: Food,
  method: FoodMethod,
  kind: string | undefined,
  chance: RandomStream | null,
): Record<string, number> {
  const kindSets = food.kinds.find(k => k.id === kind)?.parameters ?? {}
  const set: Record<string, Parameter> = { ...food.parameters }
  for (const [key, value] of Object.entries({ ...kindSets, ...method.sets }))
    set[key] = { ...set[key]!, median: value }
  return draw<Record<string, number>>(
    withFactors<Record<string, number>>(set, method.factors),
    chance,
  )
}

/** Starts a culture. @param known parameters that were drawn or are known otherwise */
export function startCulture(
  food: Food,
  method: FoodMethod,
  s: CultureSetup,
  chance: RandomStream | null,
  known?: Readonly<Record<string, number>>,
): Culture {
  const family = FAMILIES[food.profile.family]
  const params = { ...cultureParams(food, method, s.kind, chance), ...known }
  const setup = fullSetup(method, s)
  return {
    food,
    method,
    family,
    params,
    setup,
    state: family.start(params, setup, chance),
    ageH: 0,
    upkeep: method.upkeep,
  }
}

/** Feeding and dosing are one matter: who does the one by hand does the other too. */
const sameKind = (a: string, b: string) =>
  a === b || (['feed', 'dose'].includes(a) && ['feed', 'dose'].includes(b))

/** Leaves the kinds of action that somebody takes over out of the upkeep. */
export const withoutUpkeep = (c: Culture, kinds: readonly string[]): Culture => ({
  ...c,
  upkeep: c.upkeep.filter(u => !kinds.some(k => sameKind(u.action, k))),
})

const EPS = 1e-6

/** Does what the method does by itself at this hour. */
function keepUp(c: Culture): void {
  for (const u of c.upkeep) {
    const since = c.ageH - u.fromDay * 24
    const off = since % u.everyH
    if (since < -EPS || (off > EPS && u.everyH - off > EPS)) continue
    if (u.whenBelow && !((c.state as Record<string, number>)[u.whenBelow.key]! < u.whenBelow.value))
      continue
    const action: Action = { kind: u.action, amount: u.amount, unit: u.unit }
    c.family.act(c.state, c.params, action)
  }
}

/** Moves a culture on by some hours: upkeep at its hours, steps of at most 6 h in between. */
export function runCulture(
  c: Culture,
  hours: number,
  temperature: (day: number) => number,
  chance: RandomStream | null,
  stepH: number = STEP_H,
): void {
  const until = c.ageH + hours
  while (c.ageH < until - EPS) {
    keepUp(c)
    // Steps end on the grid of steps since the start, so that upkeep falls due at whatever hours somebody looks.
    const next = (Math.floor(c.ageH / stepH + EPS) + 1) * stepH
    const dt = Math.min(next, until) - c.ageH
    const environment: Environment = { temperatureC: temperature((c.ageH + dt / 2) / 24) }
    c.family.step(c.state, c.params, environment, dt, chance)
    c.ageH += dt
  }
}

/** A culture that may be moved on without touching the first. */
export const copyCulture = (c: Culture): Culture => ({ ...c, state: c.family.copy(c.state) })
