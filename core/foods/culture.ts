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
  /** Degrees by which it is warmer than whoever runs it is told. */
  warmerC: number
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
    warmerC: 0,
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

/** What the method does by itself at this age. */
function isDue(u: Upkeep, ageH: number): boolean {
  const since = ageH - u.fromDay * 24
  const off = since % u.everyH
  return since >= -EPS && (off <= EPS || u.everyH - off <= EPS)
}
const NOTHING_DUE: readonly Upkeep[] = []
function dueAt(upkeep: readonly Upkeep[], ageH: number): readonly Upkeep[] {
  for (const u of upkeep) if (isDue(u, ageH)) return upkeep.filter(x => isDue(x, ageH))
  return NOTHING_DUE
}

/** What is done of something that is due: nothing where there is still enough. */
export function upkeepAct(c: Culture, u: Upkeep): Action | null {
  const { whenBelow } = u
  const has = whenBelow ? (c.state as Record<string, number>)[whenBelow.key]! : -Infinity
  const isWanted = !whenBelow || has < whenBelow.value
  return isWanted ? { kind: u.action, amount: u.amount, unit: u.unit } : null
}
function keepUp(c: Culture, due: readonly Upkeep[]): void {
  for (const u of due) {
    const action = upkeepAct(c, u)
    if (action) c.family.act(c.state, c.params, action)
  }
}

/** Steps of a course, the same for every vessel of its age: upkeep by the clock, then up to 6 h, so many times. */
export interface CourseStep {
  due: readonly Upkeep[]
  environment: Environment
  hours: number
  times: number
  /** Age at its end, h. */
  endH: number
}

/** Steps from an age on. They end on the grid of steps since the start, so that upkeep falls due at whatever hours somebody looks. */
export function courseSteps(
  upkeep: readonly Upkeep[],
  fromH: number,
  hours: number,
  temperature: (day: number) => number,
  stepH: number = STEP_H,
): CourseStep[] {
  const until = fromH + hours
  const steps: CourseStep[] = []
  for (let ageH = fromH; ageH < until - EPS;) {
    const next = (Math.floor(ageH / stepH + EPS) + 1) * stepH
    const dt = Math.min(next, until) - ageH
    const environment = { temperatureC: temperature((ageH + dt / 2) / 24) }
    steps.push({ due: dueAt(upkeep, ageH), environment, hours: dt, times: 1, endH: ageH + dt })
    ageH += dt
  }
  return steps
}

/** Moves a culture through steps that begin at its age. */
export function runSteps(
  c: Culture,
  steps: readonly CourseStep[],
  chance: RandomStream | null,
): void {
  for (const step of steps) {
    keepUp(c, step.due)
    repeat(c, step, chance)
    c.ageH = step.endH
  }
}
function repeat({ family, state, params }: Culture, s: CourseStep, chance: RandomStream | null) {
  if (family.steps) return family.steps(state, params, s.environment, s.hours, s.times, chance)
  for (let i = 0; i < s.times; i++) family.step(state, params, s.environment, s.hours, chance)
}

/** The same steps, those alike with nothing due between them as one. */
export function joinedSteps(steps: readonly CourseStep[]): CourseStep[] {
  const joined: CourseStep[] = []
  for (const step of steps) {
    const last = joined.at(-1)
    const alike =
      last?.environment.temperatureC === step.environment.temperatureC && last.hours === step.hours
    if (last && alike && step.due.length === 0) {
      last.times += step.times
      last.endH = step.endH
    } else joined.push({ ...step })
  }
  return joined
}

/** The temperature in a vessel, where that of its surroundings is told. */
export const temperatureIn = (
  { warmerC }: Pick<Culture, 'warmerC'>,
  told: (day: number) => number,
): ((day: number) => number) => (warmerC === 0 ? told : day => told(day) + warmerC)

/** Moves a culture on by some hours: upkeep at its hours, steps of at most 6 h in between. */
export function runCulture(
  c: Culture,
  hours: number,
  temperature: (day: number) => number,
  chance: RandomStream | null,
  stepH: number = STEP_H,
): void {
  const here = temperatureIn(c, temperature)
  runSteps(c, courseSteps(c.upkeep, c.ageH, hours, here, stepH), chance)
}

/** A culture that may be moved on without touching the first. */
export const copyCulture = (c: Culture): Culture => ({
  food: c.food,
  method: c.method,
  family: c.family,
  params: c.params,
  setup: c.setup,
  state: c.family.copy(c.state),
  ageH: c.ageH,
  warmerC: c.warmerC,
  upkeep: c.upkeep,
})

/** A copy that is kept by its card from now on, whatever of it somebody has done by hand so far. */
export const keptByCard = (c: Culture): Culture => ({ ...copyCulture(c), upkeep: c.method.upkeep })
