import type { Clash } from '@renatus/core/gel/formulate'
import type { Nutrient } from '@renatus/core/gel/composition'
import type { Targets } from '@renatus/core/gel/targets'
import { numberField } from '~/words/fields'
import { NUTRIENT_NAMES } from '~/words/gel'

/** Targets as they stand in fields. */
export type TargetTexts = Record<
  `${Nutrient}${'Least' | 'Most'}` | 'calcium' | 'phosphorus',
  string
>
const NUTRIENTS = ['protein', 'fat', 'fibre', 'ash'] as const

export function targetTexts(t: Targets): TargetTexts {
  const sides = NUTRIENTS.flatMap(n => [
    [`${n}Least`, String(t[n]?.[0] ?? 0)],
    [`${n}Most`, String(t[n]?.[1] ?? 100)],
  ])
  return {
    ...Object.fromEntries(sides),
    calcium: String(t.calcium ?? 0),
    phosphorus: String(t.phosphorus ?? 0),
  } as TargetTexts
}

/** Targets out of fields, or what is wrong with the first that cannot be read. */
export function readTargets(
  texts: TargetTexts,
): { ok: true; targets: Required<Targets> } | { ok: false; problem: string } {
  const read = (key: keyof TargetTexts, label: string) =>
    numberField({ label, min: 0, max: 100, unit: '%' }).safeParse(texts[key])
  const found: Record<string, unknown> = {}
  for (const n of NUTRIENTS) {
    const least = read(`${n}Least`, `${NUTRIENT_NAMES[n]} at least`)
    const most = read(`${n}Most`, `${NUTRIENT_NAMES[n]} at most`)
    if (!least.success) return { ok: false, problem: least.error.issues[0]!.message }
    if (!most.success) return { ok: false, problem: most.error.issues[0]!.message }
    if (least.data > most.data)
      return {
        ok: false,
        problem: `${NUTRIENT_NAMES[n]}: at least ${least.data} % is more than at most ${most.data} %. Turn them round, or widen one.`,
      }
    found[n] = [least.data, most.data]
  }
  for (const mineral of ['calcium', 'phosphorus'] as const) {
    const least = read(mineral, `${NUTRIENT_NAMES[mineral]} at least`)
    if (!least.success) return { ok: false, problem: least.error.issues[0]!.message }
    found[mineral] = least.data
  }
  return { ok: true, targets: found as unknown as Required<Targets> }
}

/** Targets with those that clash moved to what was reached, rounded so that they hold. */
export function relaxedTargets(texts: TargetTexts, clashes: readonly Clash[]): TargetTexts {
  const relaxed = { ...texts }
  for (const c of clashes) {
    const up = String(Math.ceil(c.reached * 10 - 1e-6) / 10)
    const down = String(Math.floor(c.reached * 10 + 1e-6) / 10)
    if (c.of === 'collagen') continue
    if (c.of === 'calcium' || c.of === 'phosphorus') relaxed[c.of] = down
    else if (c.bound === 'most') relaxed[`${c.of}Most`] = up
    else relaxed[`${c.of}Least`] = down
  }
  return relaxed
}
