import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { canonical } from '@renatus/core/formats/canonical'
import { mergeRooms, type RoomData } from '@renatus/core/formats/mergeRooms'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { nextVersion } from '@renatus/core/formats/versions'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import { idTime, makeId } from '@renatus/core/records/id'
import type { AnyRecord } from '@renatus/core/records/records'
import { harvested, log, NAMED, records, started } from '../room'

const NOW = '2026-03-20T10:00:00Z'
const entries: Entry[] = [
  started('2026-03-16T06:00:00Z'),
  harvested('2026-03-17T06:00:00Z'),
  log('2026-03-17T07:00:00Z', 'note', { text: 'foam — “brown”' }),
]
const data = (): RoomData => ({ records: records(), entries, kept: [] })
const text = (d: RoomData = data()) => writeRoomFile({ exportedAt: NOW, by: 'test', ...d })
const tank = (d: RoomData) => d.records.find(r => r.type === 'tank')!
const touched = (d: RoomData, name: string, updatedAt: string): RoomData => ({
  ...d,
  records: d.records.map(r => (r.type === 'tank' ? { ...r, name, updatedAt } : r)),
})

describe('merge', () => {
  it('unites entries; of what was changed apart the newest stands, the other is kept, and it is named', () => {
    const some = { ...data(), entries: entries.slice(0, 2) }
    const mine = touched(some, 'Mine', '2026-03-18T00:00:00Z')
    const other = { ...data(), entries: entries.slice(1) }
    const merged = mergeRooms(mine, touched(other, 'Theirs', '2026-03-19T00:00:00Z'))
    expect(merged.entries).toHaveLength(3)
    expect(tank(merged).name).toBe('Theirs')
    expect(merged.conflicts).toMatchObject([{ type: 'tank', name: 'Theirs', versions: 2 }])
    expect(merged.kept).toMatchObject([{ record: { name: 'Mine' } }])
    expect(merged.added).toEqual({ records: 0, entries: 1 })
  })

  it('what one device wrote knowing of the other is no conflict, and saving again settles one', () => {
    const mine = data()
    const next = nextVersion({ ...tank(mine), name: 'Knowing' } as AnyRecord, [tank(mine)], NOW)
    const theirs = { ...mine, records: mine.records.map(r => (r.id === next.id ? next : r)) }
    const merged = mergeRooms(mine, theirs)
    expect([merged.conflicts, tank(merged).name]).toEqual([[], 'Knowing'])
    const apart = mergeRooms(merged, touched(data(), 'Apart', '2026-03-19T00:00:00Z'))
    expect(apart.conflicts).toHaveLength(1)
    const all = [tank(apart), ...apart.kept.map(k => k.record)]
    const settled = nextVersion(tank(apart), all, '2026-03-01T00:00:00Z')
    const after = mergeRooms(apart, { records: [settled], entries: [], kept: [] })
    expect([after.conflicts, tank(after).updatedAt]).toEqual([[], settled.updatedAt])
  })

  it('a field that another build writes with its default is no change', () => {
    const read = readRoomFile(text())
    if (!read.ok) throw new Error('unread')
    const merged = mergeRooms(data(), read.file)
    expect([merged.conflicts, merged.changed, merged.kept, merged.keptEntries]).toEqual([
      ...[[], 0, [], []],
    ])
  })

  it('one id with two contents: the same stands on both sides, the other is kept and named', () => {
    const forged = entries.map(e => (e.kind === 'note' ? { ...e, data: { text: 'x' } } : e))
    const theirs = { ...data(), entries: forged as Entry[] }
    const [one, two] = [mergeRooms(data(), theirs), mergeRooms(theirs, data())]
    expect(one.entries).toEqual(two.entries)
    expect([...one.keptEntries, ...one.entries]).toEqual(
      expect.arrayContaining([entries[2], forged[2]]),
    )
    expect(one.conflicts).toMatchObject([{ id: entries[2]!.id, type: 'entry' }])
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
        const merged = mergeRooms(a, b)
        expect(merged.records.find(r => r.id === room.id)).toEqual(room)
        expect(merged.kept.map(k => k.record)).toContainEqual(record)
      }
    }
    expect(readRoomFile(text({ ...data(), records: [removed] as never }))).toMatchObject({
      problem: { code: 'no-room' },
    })
  })
})

interface Device {
  room: RoomData
  /** Of its clock, ms. */
  behind: number
  last: number
}
type Op =
  | { do: 'note' | 'correct' | 'undo'; who: number; pick: number }
  | { do: 'answer'; who: number; pick: number }
  | { do: 'edit' | 'remove' | 'restore'; who: number; pick: number }
  | { do: 'meet'; who: number; pick: number }

const DAY = 86_400_000
const START = Date.parse('2026-03-20T00:00:00Z')
const EDITED = [NAMED.tank!, NAMED.place!, NAMED.salt!]
const base = (): RoomData => ({
  records: records().filter(r => r.type === 'room' || EDITED.includes(r.id)),
  entries: [],
  kept: [],
})

/** Three devices that live apart and meet now and then; every version and entry that was ever written. */
class Trio {
  readonly devices: Device[]
  readonly versions: AnyRecord[] = []
  readonly written: Entry[] = []
  private n = 0

  constructor(behind: readonly number[]) {
    this.devices = behind.map(b => ({ room: base(), behind: b, last: 0 }))
  }

  run(op: Op): void {
    const d = this.devices[op.who]!
    const at = START + this.n++ * 60_000 - d.behind
    if (op.do === 'meet') d.room = mergeRooms(d.room, this.devices[op.pick % 3]!.room)
    else if (op.do === 'edit' || op.do === 'remove' || op.do === 'restore') this.edit(d, op, at)
    else this.write(d, op, at)
  }

  edit(d: Device, op: { do: string; pick: number }, at: number): AnyRecord {
    const id = EDITED[op.pick % EDITED.length]!
    const stands = d.room.records.find(r => r.id === id)!
    const kept = d.room.kept.map(k => k.record).filter(r => r.id === id)
    const now = new Date(at).toISOString()
    const from = op.do === 'restore' ? (kept[0] ?? stands) : stands
    const removedAt = op.do === 'remove' ? now : null
    const name = op.do === 'edit' ? `v${this.n}` : from.name
    const next = nextVersion({ ...from, name, removedAt } as AnyRecord, [stands, ...kept], now)
    this.versions.push(next)
    d.room = mergeRooms(d.room, { records: [next], entries: [], kept: [] })
    return next
  }

  private write(d: Device, op: Op, at: number): void {
    const known = d.room.entries
    const target = known[op.pick % Math.max(1, known.length)]
    if ((op.do === 'undo' || op.do === 'correct') && !target) return
    const answers = op.do === 'answer' ? `feed:${op.pick % 2}` : null
    // A device refuses a proposal that it knows to be answered.
    if (answers && effectiveEntries([...known]).some(e => e.answers === answers)) return
    d.last = Math.max(at, d.last + 1, ...known.map(e => idTime(e.id) + 1))
    const id = makeId(
      d.last,
      Uint8Array.from({ length: 10 }, (_, i) => op.who * 50 + i),
    )
    const note = log(new Date(at).toISOString(), 'note', { text: `n${this.n}` })
    const undo = { kind: 'undone' as const, data: { act: target?.act ?? id } }
    const supersedes = op.do === 'correct' ? target!.id : null
    const fresh = { ...note, id, act: id, answers, supersedes, ...(op.do === 'undo' ? undo : {}) }
    this.written.push(fresh as Entry)
    d.room = { ...d.room, entries: [...known, fresh as Entry] }
  }
}

/** All that the laws speak of, as one text. */
const told = (d: RoomData) => {
  const all = mergeRooms(d, { records: [], entries: [], kept: [] })
  const { records: rs, entries: es, kept, keptEntries, conflicts, twice } = all
  return JSON.stringify([rs, es, kept, keptEntries, conflicts, twice])
}

describe('laws of the merge, over three devices', () => {
  const op = fc.record({
    do: fc.constantFrom<Op['do']>(
      ...([
        'note',
        'correct',
        'undo',
        'answer',
        'edit',
        'edit',
        'remove',
        'restore',
        'meet',
      ] as const),
    ),
    who: fc.nat(2),
    pick: fc.nat(5),
  }) as fc.Arbitrary<Op>
  const clocks = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -DAY, max: DAY })))

  it('order, grouping and repetition do not count; nothing is lost; later knowledge stands', () => {
    fc.assert(
      fc.property(clocks, fc.array(op, { minLength: 3, maxLength: 16 }), (behind, ops) => {
        const trio = new Trio(behind)
        for (const o of ops) trio.run(o)
        const [a, b, c] = trio.devices.map(d => d.room) as [RoomData, RoomData, RoomData]
        const ab = mergeRooms(a, b)
        const all = mergeRooms(ab, c)
        expect(told(mergeRooms(b, a))).toBe(told(ab))
        expect(told(mergeRooms(a, mergeRooms(b, c)))).toBe(told(all))
        expect(text(mergeRooms(c, mergeRooms(b, a)))).toBe(text(all))
        for (const again of [a, b, ab, all]) expect(told(mergeRooms(all, again))).toBe(told(all))

        const there = new Set([...all.records, ...all.kept.map(k => k.record)].map(canonical))
        expect(trio.versions.filter(v => !there.has(canonical(v)))).toEqual([])
        expect(all.entries).toHaveLength(trio.written.length)
        const reversed = [...all.entries].reverse()
        expect(effectiveEntries(reversed)).toEqual(effectiveEntries(all.entries))
        const answered = effectiveEntries(all.entries).flatMap(e => e.answers ?? [])
        expect(new Set(answered).size).toBe(answered.length)

        // Whoever has seen it all writes last, by the slowest clock: it stands everywhere.
        const slow = trio.devices.reduce((x, y) => (x.behind > y.behind ? x : y))
        slow.room = mergeRooms(slow.room, all)
        const last = trio.edit(slow, { do: 'edit', pick: 0 }, START - DAY)
        for (const room of [a, b, c]) {
          const after = mergeRooms(room, slow.room)
          expect(after.records.find(r => r.id === last.id)).toEqual(last)
          expect(after.conflicts.filter(x => x.id === last.id)).toEqual([])
        }
      }),
      { seed: 41, numRuns: 300 },
    )
  })
})
