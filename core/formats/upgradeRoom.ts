import { dryFoodEntries } from './dryFoods7'
import { upgradeEntries6, upgradeRecords6 } from './upgradeRoom7'

/**
 * Brings stored data of older versions to the present one. Used for room files and for the database alike.
 * Works on what was never checked yet: the schema has the last word.
 */
type Raw = Record<string, unknown>

/** An id for the species record that grows out of a brood: the same on every device. */
const sisterId = (id: string) => `${id.slice(0, -1)}${id.endsWith('Z') ? 'Y' : 'Z'}`

/**
 * Version 1 to 2: a brood hung on its free-swimming date and could carry own values of a fish;
 * now it hangs on any stage of life, and own fish are records.
 */
export function upgradeRecords1(records: readonly unknown[]): unknown[] {
  return records.flatMap((record): unknown[] => {
    const r = record as Raw
    if (r?.type !== 'brood' || r.anchor !== undefined) return [record]
    const { own, freeSwimmingOn, dateKind, ...rest } = r
    const anchor = {
      event: 'free',
      on: freeSwimmingOn,
      kind: dateKind,
      spreadDays: dateKind === 'seen' ? 0 : 2,
    }
    if (!own || typeof r.id !== 'string') return [{ ...rest, anchor }]
    const species = {
      ...(own as Raw),
      type: 'species',
      id: sisterId(r.id),
      updatedAt: r.updatedAt,
      removedAt: null,
      latin: '',
      basedOn: 'medium',
      guild: 'omnivore',
      zones: ['column'],
      birth: 'eggs',
      hatchDays: [3, 1, 7],
      swimDays: [3, 1, 5],
      marine: false,
    }
    return [species, { ...rest, anchor, speciesId: species.id }]
  })
}

const CULTURE_4 = {
  warmth: 'own',
  level: 'middle',
  containerId: null,
  vesselKind: null,
  code: null,
  order: 0,
  setId: null,
  mother: false,
  logged: false,
}

/** Version 3 to 4: cultures stand on levels of places that have temperatures, and carry codes; what was not known then has its default. */
export const upgradeRecords3 = (records: readonly unknown[]): unknown[] =>
  records.map(record => {
    const r = record as Raw
    switch (r?.type) {
      case 'room':
        return { address: '', ...r }
      case 'place':
        return { topC: null, bottomC: null, ...r }
      case 'culture':
        return { ...CULTURE_4, ...r }
      default:
        return record
    }
  })

/** Entries of version 3: what was done carries what was proposed and refused. */
export const upgradeEntries3 = (entries: readonly unknown[]): unknown[] =>
  entries.map(entry => {
    const e = entry as Raw
    switch (e?.kind) {
      case 'culture.did':
        return {
          ...e,
          data: { what: '', agent: null, proposed: null, despite: [], ...(e.data as Raw) },
        }
      case 'tank.given':
        return { ...e, data: { partial: false, ...(e.data as Raw) } }
      case 'culture.ended':
        return { ...e, data: { cleaner: null, despite: [], ...(e.data as Raw) } }
      case 'culture.harvested':
        return {
          ...e,
          data: { ml: null, organisms: null, tankIds: [], despite: [], ...(e.data as Raw) },
        }
      default:
        return entry
    }
  })

const list = (x: unknown, change: (items: readonly unknown[]) => unknown[]) =>
  Array.isArray(x) ? change(x) : x
const keptWith = (kept: unknown, change: (items: readonly unknown[]) => unknown[]) =>
  list(kept, items =>
    // What is no kept record is left as it is: the schema says so with its place.
    (items as (Raw | null)[]).flatMap(k =>
      k && typeof k === 'object' ? change([k.record]).map(record => ({ ...k, record })) : [k],
    ),
  )

/** Version 6 to 7, of a whole file. */
function upgradeFile6(f: Raw): Raw {
  const entries = Array.isArray(f.entries) ? (f.entries as unknown[]) : []
  const records = Array.isArray(f.records) ? (f.records as unknown[]) : []
  return {
    ...f,
    version: 7,
    records: list(f.records, items => upgradeRecords6(items, entries)),
    entries: list(f.entries, items => [...upgradeEntries6(items), ...dryFoodEntries(records)]),
    kept: keptWith(f.kept, items => upgradeRecords6(items, [])),
  }
}

/** A whole room file of any known version. */
export function upgradeFile(file: unknown, version: number): unknown {
  let f = file as Raw
  if (version < 2)
    f = { ...f, records: list(f.records, upgradeRecords1), kept: keptWith(f.kept, upgradeRecords1) }
  // Version 2 to 3 added kinds of records and entries and changed none.
  if (version < 4)
    f = {
      ...f,
      version: 4,
      records: list(f.records, upgradeRecords3),
      entries: list(f.entries, upgradeEntries3),
      kept: keptWith(f.kept, upgradeRecords3),
    }
  // Version 4 to 5 added kinds of entries: plans that are kept, sheets that are ticked.
  if (version < 5) f = { ...f, version: 5 }
  // Version 5 to 6 added gel: kinds of records and of entries.
  if (version < 6) f = { ...f, version: 6 }
  if (version < 7) f = upgradeFile6(f)
  // Version 7 to 8 added what a round says of the meals, strangers in a look, readings of gravity, and acts: all optional.
  if (version < 8) f = { ...f, version: 8 }
  // Version 8 to 9 added minutes of rounds by the day of the week: optional.
  if (version < 9) f = { ...f, version: 9 }
  // Version 9 to 10 added courses of instruments, tested water, cysts without shells and the school of hatches: optional.
  if (version < 10) f = { ...f, version: 10 }
  // Version 10 to 11 added materials, purchases, working boxes and what a culture was made with: optional.
  if (version < 11) f = { ...f, version: 11 }
  // Version 11 to 12 added trials: a kind of records and of entries.
  if (version < 12) f = { ...f, version: 12 }
  // Version 12 to 13 added what a version was written over, and entries that share an id: optional.
  if (version < 13) f = { ...f, version: 13 }
  return f
}
