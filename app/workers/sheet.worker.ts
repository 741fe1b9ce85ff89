import { expose } from 'comlink'
import { broodSheet, type Sheet, type SheetRequest } from '@renatus/core/fry/broodSheet'
import type { LadderDay } from '@renatus/core/fry/ladder'

/** What a list needs of a sheet: small, so that handing over many does not hold up the page. */
export type SheetSummary = Pick<Sheet, 'id' | 'gaps' | 'next' | 'spans'> & {
  /** The first day asked for: today, or the first meal. */ first: LadderDay | null
}

/** Works out ladders off the page. */
const maker = {
  sheets: (requests: readonly SheetRequest[]): Sheet[] => requests.map(broodSheet),
  summaries: (requests: readonly SheetRequest[]): SheetSummary[] =>
    requests.map(r => {
      const { id, gaps, next, spans, days } = broodSheet(r)
      return { id, gaps, next, spans, first: days[0] ?? null }
    }),
}

export type SheetMaker = typeof maker
expose(maker)
