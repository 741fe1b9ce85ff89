import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mergeRooms, type RoomData } from '@renatus/core/formats/mergeRooms'
import { readRoomFile, ROOM_FILE_MAX_BYTES } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_VERSION, writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import type { Entry } from '@renatus/core/records/entries'
import { harvested, log, records, started } from '../room'

const NOW = '2026-03-20T10:00:00Z'
const entries: Entry[] = [
  started('2026-03-16T06:00:00Z'),
  harvested('2026-03-17T06:00:00Z'),
  log('2026-03-17T07:00:00Z', 'note', { text: 'foam — “brown”' }),
]
const data = (): RoomData => ({ records: records(), entries, kept: [] })
const text = (d: RoomData = data()) => writeRoomFile({ exportedAt: NOW, by: 'test', ...d })

describe('room file', () => {
  it('round-trips: what is read is what was written', () => {
    const read = readRoomFile(text())
    expect(read.ok && writeRoomFile(read.file)).toBe(text())
  })

  it.each([
    ['', 'empty'],
    ['{"format":', 'not-json'],
    ['[1,2]', 'foreign'],
    ['{"format":"other","version":1}', 'foreign'],
    [text().replace(`"version": ${ROOM_FILE_VERSION}`, '"version": 99'), 'newer'],
    [text().replace('"litres": 2', '"litres": -2'), 'broken'],
    [text().replace('"culture.harvested"', '"culture.exploded"'), 'broken'],
    [text({ records: [], entries: [], kept: [] }), 'no-room'],
    [text().slice(0, 900), 'not-json'],
  ])('refuses %# with a code that says why', (bad, code) => {
    expect(readRoomFile(bad)).toMatchObject({ ok: false, problem: { code } })
  })

  it('names the place where a file is broken, and refuses a huge one unread', () => {
    const broken = readRoomFile(text().replace('"litres": 2', '"litres": -2'))
    expect(!broken.ok && broken.problem.code === 'broken' && broken.problem.path).toMatch(
      /^records\.\d+\.litres$/,
    )
    expect(readRoomFile(' '.repeat(ROOM_FILE_MAX_BYTES + 1))).toMatchObject({
      problem: { code: 'huge' },
    })
  })
})

describe('merge', () => {
  const touched = (d: RoomData, name: string, updatedAt: string): RoomData => ({
    ...d,
    records: d.records.map(r => (r.type === 'tank' ? { ...r, name, updatedAt } : r)),
  })
  const tankName = (d: RoomData) => d.records.find(r => r.type === 'tank')!.name

  it('unites entries, the newest record wins, the loser is kept', () => {
    const mine = touched(
      { ...data(), entries: entries.slice(0, 2) },
      'Mine',
      '2026-03-18T00:00:00Z',
    )
    const theirs = touched(
      { ...data(), entries: entries.slice(1) },
      'Theirs',
      '2026-03-19T00:00:00Z',
    )
    const merged = mergeRooms(mine, theirs, NOW)
    expect(merged.entries).toHaveLength(3)
    expect(tankName(merged)).toBe('Theirs')
    expect(merged.conflicts).toMatchObject([{ type: 'tank', winner: 'theirs' }])
    expect(merged.kept).toMatchObject([{ record: { name: 'Mine' } }])
    expect(merged.added).toEqual({ records: 0, entries: 1 })
  })

  it('is the same from both sides, and doing it twice changes nothing', () => {
    const pick = fc.subarray(entries)
    const stamp = fc.constantFrom('2026-03-18T00:00:00Z', '2026-03-19T00:00:00Z')
    fc.assert(
      fc.property(pick, pick, stamp, stamp, fc.constantFrom('A', 'B'), (a, b, ta, tb, name) => {
        const mine = touched({ ...data(), entries: a }, name, ta)
        const theirs = touched({ ...data(), entries: b }, 'C', tb)
        const one = mergeRooms(mine, theirs, NOW)
        const two = mergeRooms(theirs, mine, NOW)
        const again = mergeRooms(one, theirs, NOW)
        const ids = (d: RoomData) =>
          d.entries
            .map(e => e.id)
            .sort()
            .join()
        return (
          tankName(one) === tankName(two) &&
          ids(one) === ids(two) &&
          tankName(again) === tankName(one) &&
          again.kept.length === one.kept.length &&
          new Set([...a, ...b].map(e => e.id)).size === one.entries.length
        )
      }),
      { seed: 41 },
    )
  })

  it('one id with two contents: mine stands and it is named', () => {
    const theirs = {
      ...data(),
      entries: entries.map(e => (e.kind === 'note' ? { ...e, data: { text: 'forged' } } : e)),
    }
    const merged = mergeRooms(data(), theirs, NOW)
    expect(merged.entryConflicts).toEqual([entries[2]!.id])
    expect(merged.entries.find(e => e.kind === 'note')).toMatchObject({
      data: { text: 'foam — “brown”' },
    })
  })

  it('no file takes the room away: neither a removed one that is newer, nor another record under its id', () => {
    const room = records().find(r => r.type === 'room')!
    const later = '2030-01-01T00:00:00Z'
    const removed = { ...room, removedAt: later, updatedAt: later }
    const place = { ...records().find(r => r.type === 'place')!, id: room.id, updatedAt: later }
    for (const record of [removed, place]) {
      const theirs: RoomData = { records: [record as never], entries: [], kept: [] }
      for (const [a, b] of [
        [data(), theirs],
        [theirs, data()],
      ] as const) {
        const merged = mergeRooms(a, b, NOW)
        expect(merged.records.find(r => r.id === room.id)).toEqual(room)
        expect(merged.kept.map(k => k.record)).toContainEqual(record)
      }
    }
    expect(readRoomFile(text({ ...data(), records: [removed] as never }))).toMatchObject({
      problem: { code: 'no-room' },
    })
  })
  it('what lies outside of any life of a room is refused with its place', () => {
    const file = (change: (d: ReturnType<typeof data>) => void) => {
      const d = structuredClone(data())
      change(d)
      return readRoomFile(text(d))
    }
    const broken = [
      file(d => ((d.entries[0] as { at: string }).at = '2126-01-01T00:00:00Z')),
      file(d => ((d.entries[0] as { at: string }).at = '1970-01-01T00:00:00Z')),
      file(d => {
        const vessel = d.records.find(r => r.type === 'vessel') as { litres: number }
        vessel.litres = 5e-324
      }),
    ]
    for (const b of broken) expect(b).toMatchObject({ ok: false, problem: { code: 'broken' } })
    const odd = JSON.parse(text()) as Record<string, unknown>
    for (const version of [1, 2, 3, 4, 5, 6, 7])
      expect(readRoomFile(JSON.stringify({ ...odd, version, kept: [null] }))).toMatchObject({
        ok: false,
        problem: { code: 'broken' },
      })
  })
})
