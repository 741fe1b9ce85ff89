import { describe, expect, it } from 'vitest'
import type { RoomData } from '@renatus/core/formats/mergeRooms'
import { readRoomFile, ROOM_FILE_MAX_BYTES } from '@renatus/core/formats/roomFile'
import { ofUnknownFish } from '@renatus/core/formats/setAside'
import { ROOM_FILE_VERSION, writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import type { Entry } from '@renatus/core/records/entries'
import type { Brood } from '@renatus/core/records/records'
import { cultureOf } from '../cultureRoom'
import { harvested, log, NAMED, records, started } from '../room'

const NOW = '2026-03-20T10:00:00Z'
const entries: Entry[] = [
  started('2026-03-16T06:00:00Z'),
  harvested('2026-03-17T06:00:00Z'),
  log('2026-03-17T07:00:00Z', 'note', { text: 'foam — “brown”' }),
]
const hatch = cultureOf('brine-shrimp', '2026-03-16T06:00:00Z', { id: NAMED.hatch1! })
const data = (): RoomData => ({ records: [...records(), hatch], entries, kept: [] })
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
    [text().replace(`"version":${ROOM_FILE_VERSION}`, '"version": 99'), 'newer'],
    [text().replace('"litres":2', '"litres":-2'), 'broken'],
    [text().replace('"culture.harvested"', '"culture.exploded"'), 'broken'],
    [text({ records: [], entries: [], kept: [] }), 'no-room'],
    [text().slice(0, 900), 'not-json'],
  ])('refuses %# with a code that says why', (bad, code) => {
    expect(readRoomFile(bad)).toMatchObject({ ok: false, problem: { code } })
  })

  it('names the place where a file is broken, and refuses a huge one unread', () => {
    const broken = readRoomFile(text().replace('"litres":2', '"litres":-2'))
    expect(!broken.ok && broken.problem.code === 'broken' && broken.problem.path).toMatch(
      /^records\.\d+\.litres$/,
    )
    expect(readRoomFile(' '.repeat(ROOM_FILE_MAX_BYTES + 1))).toMatchObject({
      problem: { code: 'huge' },
    })
  })
})

describe('what a room file may say', () => {
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

describe('what parses and cannot be true is set aside by name', () => {
  const read = (change: (d: Required<RoomData>) => void) => {
    const d = structuredClone({ ...data(), keptEntries: [] })
    change(d)
    const result = readRoomFile(text(d))
    if (!result.ok) throw new Error(result.problem.code)
    return result
  }
  const brood = (d: RoomData) => d.records.find(r => r.type === 'brood') as Brood

  it('a room as it is loses nothing', () => {
    expect(read(() => {}).aside).toEqual([])
  })
  it.each<[string, string, (d: RoomData) => void]>([
    ['a brood awaited in 2099', 'ahead', d => void (brood(d).anchor.on = '2099-01-01')],
    ['a tank that is not there', 'no-tank', d => void (brood(d).tankId = 'Z'.repeat(26))],
    ['an entry of 2099', 'ahead', d => void (d.entries[0]!.at = '2099-01-01T00:00:00Z')],
    [
      'an entry about nothing',
      'no-subject',
      d => void (d.entries[0]!.subject = { type: 'culture', id: 'Z'.repeat(26) }),
    ],
  ])('%s', (_, why, change) => {
    const { file, aside } = read(change)
    expect(aside.map(a => a.why)).toContain(why)
    const named = new Set(aside.map(a => a.id))
    expect([...file.records, ...file.entries].filter(x => named.has(x.id))).toEqual([])
  })
  it('a brood of a fish that nobody knows stands, by name: a newer build may know it', () => {
    const { file, aside } = read(d => void (brood(d).speciesId = 'moon-fish'))
    expect([aside, ofUnknownFish(file.records)]).toEqual([[], [brood(file).name]])
    expect(ofUnknownFish(data().records)).toEqual([])
  })
  it('a file that claims to be of 2099 is held against the clock here', () => {
    const d = data()
    const entry = { ...d.entries[0]!, at: '2098-06-01T00:00:00Z' }
    const of2099 = { exportedAt: '2099-01-01T00:00:00Z', by: 'x', ...d, entries: [entry] }
    const result = readRoomFile(writeRoomFile(of2099), NOW)
    expect(result.ok && result.aside).toMatchObject([{ why: 'ahead' }])
  })
})
