import type { Entry } from './entries'

/** Fields of an entry's data that name what it is about. */
type Field = 'broodId' | 'tankId' | 'cultureId' | 'storeId'

const FIELDS: readonly Field[] = ['broodId', 'tankId', 'cultureId', 'storeId']
type Index = Record<Field, Map<string, Entry[]>>
const indexes = new WeakMap<readonly Entry[], { length: number; index: Index }>()
const NONE: readonly Entry[] = []

function indexOf(entries: readonly Entry[]): Index {
  const known = indexes.get(entries)
  if (known?.length === entries.length) return known.index
  const index: Index = {
    broodId: new Map(),
    tankId: new Map(),
    cultureId: new Map(),
    storeId: new Map(),
  }
  for (const e of entries) {
    const data = e.data as Partial<Record<Field, unknown>>
    for (const field of FIELDS) {
      const id = data[field]
      if (typeof id !== 'string') continue
      const list = index[field].get(id)
      if (list) list.push(e)
      else index[field].set(id, [e])
    }
  }
  indexes.set(entries, { length: entries.length, index })
  return index
}

/** Entries whose data name a brood, tank, culture or store, in the order of the list. A list is sorted out once. */
export const entriesOf = (entries: readonly Entry[], field: Field, id: string): readonly Entry[] =>
  indexOf(entries)[field].get(id) ?? NONE
