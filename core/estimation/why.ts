import type { Move } from './replay'

/** An entry that moved what is believed of a vessel, in words. */
export interface Why {
  index: number
  h: number
  text: string
}

/** A chance that moved by less than this, and a density by less than this factor, is not worth a word. */
const CHANCE = 0.1
const FACTOR = 1.15
const MOST = 5

function percent(p: number): string {
  if (p > 0.995) return 'over 99 %'
  return p < 0.005 ? 'under 1 %' : `${Math.round(p * 100)} %`
}

function density(factor: number): string[] {
  if (factor > FACTOR)
    return [
      `${factor > 10 ? 'far more than' : `${factor.toFixed(1)} times as many as`} was believed`,
    ]
  if (factor < 1 / FACTOR)
    return [
      `${factor < 0.1 ? 'next to none of what' : `${Math.round((1 - factor) * 100)} % fewer than`} was believed`,
    ]
  return []
}

/** How far a move went, to find the ones that count. */
const weight = (m: Move) =>
  Math.abs(Math.log(m.density)) +
  2 * Math.abs(m.ready[1] - m.ready[0]) +
  3 * Math.abs(m.failed[1] - m.failed[0])

/** Which entries moved what is believed of a vessel, and how: the largest moves, in order of time. */
export function whyOf(moves: readonly Move[]): Why[] {
  const said = moves.flatMap((m): (Why & { weight: number })[] => {
    const parts = [
      ...density(m.density),
      ...(Math.abs(m.ready[1] - m.ready[0]) >= CHANCE
        ? [`ready ${percent(m.ready[1])} instead of ${percent(m.ready[0])}`]
        : []),
      ...(Math.abs(m.failed[1] - m.failed[0]) >= CHANCE
        ? [`failing ${percent(m.failed[1])} instead of ${percent(m.failed[0])}`]
        : []),
    ]
    return parts.length > 0
      ? [{ index: m.index, h: m.h, text: parts.join('; '), weight: weight(m) }]
      : []
  })
  return said
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST)
    .sort((a, b) => a.h - b.h)
    .map(({ index, h, text }) => ({ index, h, text }))
}
