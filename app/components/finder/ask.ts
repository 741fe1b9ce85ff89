import MiniSearch from 'minisearch'
import type { RoomState } from '@renatus/core/stock/roomState'
import { searchable } from '~/words/searchable'
import { ADVICE, bears, degreesIn } from './advice'
import { findables, type Findable, type FoundKind } from './findable'

const MOST = 12
/** Words of a question that no answer is known by. */
const EMPTY = new Set(
  'a am an and are at be can do does for from get have how i if in is it me my need of on or should so that the their there they this to was we what when where which who why will with would you your'.split(
    ' ',
  ),
)
/** What somebody most likely means, where several are called alike. */
const WEIGHT: Readonly<Record<FoundKind, number>> = {
  thing: 3,
  act: 2.5,
  view: 2,
  method: 1.5,
  advice: 1,
}

/** Answers questions about a room and the work; the index is built once for a state. */
export function asker(state: RoomState, extra: readonly Findable[] = []) {
  const list = [...extra, ...findables(state), ...ADVICE]
  const byKey = new Map(list.map(f => [f.key, f]))
  const index = new MiniSearch<Findable>({
    idField: 'key',
    fields: ['name', 'what', 'more', 'answer'],
    processTerm: term => {
      const word = searchable(term)
      return EMPTY.has(word) ? null : word
    },
    searchOptions: {
      prefix: true,
      // One slip of a wet finger in a longer word.
      fuzzy: term => (term.length > 4 ? 1 : false),
      combineWith: 'AND',
      boost: { name: 4, more: 2, what: 1.5 },
      boostDocument: key => WEIGHT[byKey.get(key as string)!.kind],
    },
  })
  index.addAll(list)
  const here = new Set(state.cultureStates.filter(c => c.ended === null).map(c => c.record.foodId))
  /** What a question finds: letters from a tape first, then the best answers; nothing where there is none. */
  return (question: string): Findable[] => {
    const q = searchable(question).trim()
    if (q === '') return list.filter(f => f.kind !== 'advice').slice(0, MOST)
    const coded = list.filter(f => f.code?.toLowerCase() === q)
    const degrees = degreesIn(q)
    const first = degrees === null ? coded : [...coded, bears(degrees, here, state.room.measures)]
    const found = index.search(q).map(r => byKey.get(r.id as string)!)
    return [...first, ...found.filter(f => !first.includes(f))].slice(0, MOST)
  }
}
