import { expose } from 'comlink'
import { broodSheet, type Sheet, type SheetRequest } from '@renatus/core/fry/broodSheet'

/** What a list needs of a sheet: small, so that handing over many does not hold up the page. */
export type SheetSummary = Pick<Sheet, 'id' | 'gaps' | 'next' | 'spans'>

/** Works out ladders off the page. */
const maker = {
  sheets: (requests: readonly SheetRequest[]): Sheet[] => requests.map(broodSheet),
  summaries: (requests: readonly SheetRequest[]): SheetSummary[] => requests.map((r) => {
    const { id, gaps, next, spans } = broodSheet(r)
    return { id, gaps, next, spans }
  }),
}

export type SheetMaker = typeof maker
expose(maker)
