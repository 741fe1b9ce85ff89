import { describe, expect, it } from 'vitest'
import { readRoomFile, writeRoomFile } from '@renatus/core/formats/roomFile'
import { upgradeRecords1 } from '@renatus/core/formats/upgradeRoom'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import type { SpeciesRecord } from '@renatus/core/records/records'
import { NAMED, records } from '../room'

/** Broods as version 1 wrote them. */
export const version1 = (own: boolean) => records().map((r): Record<string, unknown> => {
  if (r.type !== 'brood') return { ...r }
  const { anchor, wishes: _w, splitFrom: _s, ...rest } = r
  return { ...rest, freeSwimmingOn: anchor.on, dateKind: 'expected', own: own ? { name: 'Moss dwarf', firstFeedingMm: 3, gapePerLength: 0.06, length14Mm: 5, length30Mm: 9, adultMm: 30, referenceC: 25 } : null }
})

describe('version 1 to 2', () => {
  it('a file of version 1 opens: the brood hangs on its free-swimming day, and nothing else changes', () => {
    const text = JSON.stringify({ ...JSON.parse(writeRoomFile({ exportedAt: '2026-03-20T10:00:00Z', by: 'x', records: [], entries: [], kept: [] })) as object, version: 1, records: version1(false) })
    const read = readRoomFile(text)
    expect(read.ok && read.file.records.find(r => r.type === 'brood')).toMatchObject({ id: NAMED.brood, anchor: { event: 'free', on: '2026-03-15', kind: 'expected' }, wishes: { school: 'ladder' } })
    expect(read.ok && read.file.records).toHaveLength(records().length)
  })
  it('own values become a fish of its own, the same on every device, and the brood is of it', () => {
    const [a, b] = [upgradeRecords1(version1(true)), upgradeRecords1(version1(true))]
    expect(a).toEqual(b)
    const species = a.find(r => (r as { type: string }).type === 'species') as SpeciesRecord
    const brood = a.find(r => (r as { type: string }).type === 'brood') as { speciesId: string }
    expect(speciesOf(brood.speciesId, [species])).toMatchObject({ names: ['Moss dwarf'], firstFeedingMm: 3 })
    expect(upgradeRecords1(a)).toEqual(a)
  })
})

describe('version 2 to 3', () => {
  it('only adds kinds: a file of version 2 opens with everything in it', () => {
    const written = JSON.parse(writeRoomFile({ exportedAt: '2026-03-20T10:00:00Z', by: 'x', records: records(), entries: [], kept: [] })) as object
    const read = readRoomFile(JSON.stringify({ ...written, version: 2 }))
    expect(read.ok && read.file.version).toBe(3)
    expect(read.ok && read.file.records).toHaveLength(records().length)
  })
})
