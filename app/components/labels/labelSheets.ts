/** A sheet of labels as it is bought, on A4; lengths in mm. */
export interface LabelSheet {
  id: string
  name: string
  columns: number
  rows: number
  widthMm: number
  heightMm: number
  /** From the edge of the paper to the first label, and between columns. */
  leftMm: number
  topMm: number
  gapMm: number
}

const PAPER = { widthMm: 210, heightMm: 297 }

/** Common sheets: the paper is divided evenly where nothing else is usual. */
export const LABEL_SHEETS: readonly LabelSheet[] = [
  {
    ...{ id: '2x7', name: '2 by 7, 99 × 38 mm', columns: 2, rows: 7 },
    ...{ widthMm: 99.1, heightMm: 38.1, leftMm: 4.65, topMm: 15.15, gapMm: 2.5 },
  },
  {
    ...{ id: '3x8', name: '3 by 8, 70 × 37 mm', columns: 3, rows: 8 },
    ...{ widthMm: 70, heightMm: 37, leftMm: 0, topMm: 0.5, gapMm: 0 },
  },
  {
    ...{ id: '1', name: 'One a page', columns: 1, rows: 1 },
    ...{ widthMm: 180, heightMm: 250, leftMm: 15, topMm: 20, gapMm: 0 },
  },
]

export const slotsOf = (s: LabelSheet) => s.columns * s.rows

/** True where every label of a sheet lies on the paper. */
export const fitsPaper = (s: LabelSheet): boolean =>
  s.leftMm + s.columns * s.widthMm + (s.columns - 1) * s.gapMm <= PAPER.widthMm + 1e-9 &&
  s.topMm + s.rows * s.heightMm <= PAPER.heightMm + 1e-9

/**
 * Labels by page and slot; null where a slot stays empty.
 * @param first the slot of the first page with which one begins, from 1: the rest of a sheet is used up
 */
export function pagesOf<T>(labels: readonly T[], sheet: LabelSheet, first = 1): (T | null)[][] {
  const slots = slotsOf(sheet)
  const skipped = Math.min(slots - 1, Math.max(0, Math.round(first) - 1))
  const all: (T | null)[] = [...Array.from({ length: skipped }, () => null), ...labels]
  const pages: (T | null)[][] = []
  for (let i = 0; i < all.length; i += slots) {
    const page = all.slice(i, i + slots)
    pages.push([...page, ...Array.from({ length: slots - page.length }, () => null)])
  }
  return labels.length === 0 ? [] : pages
}
