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
    const anchor = { event: 'free', on: freeSwimmingOn, kind: dateKind, spreadDays: dateKind === 'seen' ? 0 : 2 }
    if (!own || typeof r.id !== 'string') return [{ ...rest, anchor }]
    const species = {
      ...own as Raw, type: 'species', id: sisterId(r.id), updatedAt: r.updatedAt, removedAt: null, latin: '', basedOn: 'medium',
      guild: 'omnivore', zones: ['column'], birth: 'eggs', hatchDays: [3, 1, 7], swimDays: [3, 1, 5], marine: false,
    }
    return [species, { ...rest, anchor, speciesId: species.id }]
  })
}

/** A whole room file of any known version. */
export function upgradeFile(file: unknown, version: number): unknown {
  const f = file as Raw
  // Version 2 to 3 added kinds of records and entries and changed none.
  if (version === 2) return { ...f, version: 3 }
  if (version > 2) return file
  const kept = Array.isArray(f.kept) ? (f.kept as Raw[]).flatMap(k => upgradeRecords1([k.record]).map(record => ({ ...k, record }))) : f.kept
  return { ...f, version: 3, records: Array.isArray(f.records) ? upgradeRecords1(f.records) : f.records, kept }
}
