import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import type { CultureRecord } from '../records/records'

export type MadeWith = NonNullable<EntryData<'culture.started'>['made']>
export const MADE_FIELDS = ['matter', 'water', 'medium'] as const
export type MadeField = (typeof MADE_FIELDS)[number]
/** Words that a room has used, by what they are of. */
export type MadeWords = Readonly<Record<MadeField, readonly string[]>>

const SHOWN = 12
const unique = (words: readonly string[]) => [...new Set(words)].slice(0, SHOWN)

/** What cultures of a food were made with before, the newest words first: a list that grows with the room. */
export function madeWords(
  entries: readonly Entry[],
  cultures: readonly CultureRecord[],
  foodId: string,
): MadeWords {
  const mine = new Set(cultures.filter(c => c.foodId === foodId).map(c => c.id))
  const made = ofKind(entries, 'culture.started')
    .filter(e => mine.has(e.data.cultureId))
    .flatMap(e => e.data.made ?? [])
    .reverse()
  const of = (field: MadeField) => unique(made.map(m => m[field]).filter(word => word !== ''))
  return { matter: of('matter'), water: of('water'), medium: of('medium') }
}

/** What the newest culture of a food of which it was told was made with; what was remarked of it stays its own. */
export function madeLast(
  entries: readonly Entry[],
  cultures: readonly CultureRecord[],
  foodId: string,
): MadeWith | null {
  const mine = new Set(cultures.filter(c => c.foodId === foodId).map(c => c.id))
  const told = ofKind(entries, 'culture.started').filter(e => mine.has(e.data.cultureId))
  const last = told.findLast(e => e.data.made)?.data.made
  return last ? madeOf({ ...last, remark: '' }) : null
}

/** What was said of a start; null where nothing was. */
export const madeOf = (said: MadeWith): MadeWith | null =>
  Object.values(said).some(word => word !== '') ? said : null
