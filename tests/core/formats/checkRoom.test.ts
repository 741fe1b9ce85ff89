import { describe, expect, it } from 'vitest'
import { checkRoom } from '@renatus/core/formats/checkRoom'
import type { RawRoom } from '@renatus/core/formats/salvage'
import { demoAt } from '../../../tools/rooms/demoAt'
import { log } from '../room'

const NOW = '2026-03-24T05:34:00.000Z'
const demo = demoAt(NOW, 'Europe/Berlin')
const raw = (more: Partial<RawRoom> = {}): RawRoom => ({ ...demo, ...more })

describe('a room that is checked', () => {
  it('the demo room is sound, and folding says the same of today', () => {
    const check = checkRoom(raw(), NOW)
    const { unreadable, aside, conflicts, twice, dangling, folds } = check
    expect([unreadable, aside, conflicts, twice, dangling, folds]).toEqual([
      ...[[], [], [], [], []],
      'agree',
    ])
    expect([check.records, check.entries]).toEqual([demo.records.length, demo.entries.length])
  })
  it('names rows that do not read, each by table, id and field, and reads the rest', () => {
    const tank = demo.records.find(r => r.type === 'tank')!
    const bad = { ...tank, litres: 'many' }
    const records = demo.records.map(r => (r === tank ? bad : r))
    const { unreadable } = checkRoom(raw({ records, entries: [...demo.entries, null, 7] }), NOW)
    expect(unreadable.map(u => [u.table, u.id, u.path])).toEqual([
      ['records', tank.id, 'litres'],
      ['entries', 'without an id', ''],
      ['entries', 'without an id', ''],
    ])
    expect(unreadable[0]!.row).toEqual(bad)
  })
  it('names what cannot be, what was changed apart, what was tapped twice, and what takes back nothing', () => {
    const note = log(NOW, 'note', { text: 'x' })
    const [one, two] = [log(NOW, 'note', { text: 'a' }), log(NOW, 'note', { text: 'b' })]
    const entries = [
      ...demo.entries,
      { ...note, at: '2098-01-01T00:00:00Z' },
      { ...one, answers: 'feed:x' },
      { ...two, answers: 'feed:x' },
      { ...log(NOW, 'undone', { act: 'Z'.repeat(26) }) },
    ]
    const place = demo.records.find(r => r.type === 'place')!
    const apart = { ...place, name: 'Elsewhere', updatedAt: '2026-01-02T00:00:00.000Z' }
    const kept = [{ keptAt: NOW, reason: 'older', record: apart }]
    const check = checkRoom(raw({ entries, kept }), NOW)
    expect(check.aside).toMatchObject([{ id: note.id, why: 'ahead' }])
    expect(check.twice).toEqual([two.act])
    expect(check.dangling).toMatchObject([{ kind: 'undone' }])
    expect(check.conflicts).toMatchObject([{ id: place.id, versions: 2 }])
  })
  it('a room without a room has nothing to fold', () => {
    expect(checkRoom({ records: [], entries: [], kept: [], keptEntries: [] }, NOW).folds).toBe(
      'no-room',
    )
  })
})
