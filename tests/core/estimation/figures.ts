import { estimate } from '@renatus/core/estimation/estimate'
import { saidStage } from '@renatus/core/estimation/saidStage'
import { BOOK, fixedDayRule, sloppyCulture, type World } from './sloppy'

/** One food of each family, with a method and the moments of its life at which it is read, in ready days of the card. */
export const CASES = [
  ['microworm', 'oats'],
  ['infusoria', 'scalded-leaf'],
  ['moina', 'yeast-and-spirulina'],
  ['green-water', 'thinned-daily'],
  ['brine-shrimp', 'one-pull'],
  ['mosquito-larva', 'leaf-bucket'],
] as const
/** A reading on the card's ready day tells of the ready day, one when the card would call it late whether it failed. */
const ON_THE_WAY = 1

export const median = (x: number[]) => [...x].sort((a, b) => a - b)[Math.floor(x.length / 2)] ?? NaN

/** By how many days the ready day is missed on the day the card names it, by a reading and by the card. */
export function readyErrors(food: string, method: string, cultures: number, world: World) {
  const { readyDay } = fixedDayRule(food, method)
  const seeds = Array.from({ length: cultures }, (_, i) => i + 1)
  const errors = seeds.flatMap(seed => {
    const days = Math.round(readyDay * 4) / 4
    const k = sloppyCulture(food, method, days, seed, undefined, {}, world)
    const { readyH } = estimate(k.subject, k.observations, k.atH, undefined, false).estimate
    if (k.readyH === null || !readyH) return []
    const truth = k.readyH / 24
    return [{ own: Math.abs(readyH.p50 / 24 - truth), card: Math.abs(readyDay - truth) }]
  })
  return { own: median(errors.map(e => e.own)), card: median(errors.map(e => e.card)) }
}

export interface Figures {
  food: string
  held: number
  readings: number
  error: number
  cardError: number
  failed: [flagged: number, of: number]
  healthy: [flagged: number, of: number]
  /** Called ready, and was not. */
  wrongReady: [wrong: number, of: number]
  ms: number
  errors: { own: number; card: number }[]
}

/** How well vessels are read whose truth the filter does not see. */
export function figures(
  food: string,
  method: string,
  cultures: number,
  world: World = BOOK,
): Figures {
  const card = fixedDayRule(food, method)
  const round6 = (days: number) => Math.max(0.25, Math.round(days * 4) / 4)
  const out: Figures = {
    food,
    held: 0,
    readings: 0,
    error: 0,
    cardError: 0,
    failed: [0, 0],
    healthy: [0, 0],
    wrongReady: [0, 0],
    ms: 0,
    errors: [],
  }
  const holds = (x: number, band: { p10: number; p90: number }) =>
    x >= band.p10 * 0.999 && x <= band.p90 * 1.001
  for (let seed = 1; seed <= cultures; seed++) {
    for (const [part, isLate] of [
      [ON_THE_WAY * card.readyDay, false],
      [card.lateDay, true],
    ] as const) {
      const k = sloppyCulture(
        food,
        method,
        round6(part),
        seed + (isLate ? 0 : 100_000),
        undefined,
        {},
        world,
      )
      const from = performance.now()
      const { estimate: e } = estimate(k.subject, k.observations, k.atH)
      out.ms += performance.now() - from
      out.readings++
      if (holds(k.density, e.density)) out.held++
      if (saidStage(e) === 'ready') {
        out.wrongReady[1]++
        if (k.readiness !== 'ready') out.wrongReady[0]++
      }
      if (!isLate && k.readyH !== null && e.readyH) {
        out.errors.push({
          own: Math.abs(e.readyH.p50 - k.readyH) / 24,
          card: Math.abs(card.readyDay - k.readyH / 24),
        })
      }
      if (isLate) {
        const group = k.readyH === null || k.readiness === 'failed' ? out.failed : out.healthy
        group[1]++
        if (e.pFailed > 0.5) group[0]++
      }
    }
  }
  return {
    ...out,
    error: median(out.errors.map(e => e.own)),
    cardError: median(out.errors.map(e => e.card)),
    ms: out.ms / out.readings,
  }
}
