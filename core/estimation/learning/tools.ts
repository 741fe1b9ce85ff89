import type { EntryData } from '../../records/entries'
import type { Tool } from '../../records/records'
import type { ToolLearned } from '../../stock/learned'
import { asValue, pool, type Evidence } from './pool'

/** How far what is printed on a measure may be off, log sd: drops hang on the hand, spoons are stamped. */
const PRINTED_LOG_SD: Record<Tool['kind'], number> = { drop: 0.25, pipette: 0.15, spoon: 0.1 }
/** Spread of one filling against the next, log sd, and what a kitchen scale cannot see, g. */
const HAND: Record<Tool['kind'], number> = { drop: 0.1, pipette: 0.05, spoon: 0.05 }
const SCALE_G = 0.1

/** Volume of a measure from fillings of water on a scale (1 g is 1 mL), shrunk towards what is printed on it. */
export function learnTool(
  tool: Tool,
  measured: readonly EntryData<'tool.measured'>[],
): ToolLearned {
  const evidence = measured.map(({ times, grams }): Evidence => {
    const sd = Math.hypot(HAND[tool.kind] / Math.sqrt(times), SCALE_G / grams)
    return { mean: Math.log(grams / times), precision: 1 / sd ** 2 }
  })
  return {
    ml: asValue(
      pool({ mean: Math.log(tool.ml), sd: PRINTED_LOG_SD[tool.kind], within: 0 }, evidence),
      measured.length,
      tool.ml,
    ),
  }
}
