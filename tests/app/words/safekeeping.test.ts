import { describe, expect, it } from 'vitest'
import type { Took } from '~/db/takeFile'
import {
  agoText,
  checkLines,
  dataLines,
  tookLines,
  type CopyKnown,
  type DataState,
} from '~/words/safekeeping'

const NOW = '2026-03-24T06:00:00.000Z'
const daysAgo = (days: number) => new Date(Date.parse(NOW) - days * 86_400_000).toISOString()
const state = (copies: CopyKnown[], more: Partial<DataState> = {}): DataState => ({
  ...{ demo: false, room: 'Loft', device: 'phone 1', entries: 1, copies, days: 3, now: NOW },
  ...more,
})

describe('two lines about the data', () => {
  it.each<[DataState, string, boolean]>([
    [state([]), 'No copy stands yet. Export it once something is worth keeping.', false],
    [
      state([], { days: 9 }),
      'No copy stands yet. If this device breaks, the room is gone: export it now.',
      true,
    ],
    [
      state([
        { what: 'file', at: daysAgo(400) },
        { what: 'snapshot', at: daysAgo(0.02) },
      ]),
      'Copies: a snapshot in this browser (28 minutes ago), in an exported file (1 year ago). Export it this week.',
      true,
    ],
    [
      state([{ what: 'folder', at: daysAgo(0) }]),
      'Copies: in the shared folder (just now). Nothing to do.',
      false,
    ],
    [state([], { room: null }), 'Import one, or tie a folder that holds one.', false],
    [state([], { demo: true, days: 56 }), 'It starts afresh every day: nothing to keep.', false],
  ])('%#', (s, copies, due) => {
    expect(dataLines(s)).toMatchObject({ copies, due })
  })
  it('says where it is, in words that are right for one', () => {
    expect(dataLines(state([])).where).toContain('“Loft” with 1 entry is in this browser')
  })
  it('time that has passed', () => {
    expect([0, 0.03, 0.3, 3, 800].map(d => agoText(daysAgo(d), NOW))).toEqual([
      'just now',
      '43 minutes ago',
      '7 hours ago',
      '3 days ago',
      '2 years ago',
    ])
  })
})

describe('what an import brought', () => {
  const took: Took = {
    ...{ added: { records: 1, entries: 2 }, changed: 0, conflicts: [], twice: 1 },
    ...{ name: 'Loft', exportedAt: daysAgo(500) },
    aside: [{ id: 'x', what: 'brood', name: 'Discus', why: 'no-tank' }],
    unknownFish: ['Moon fry'],
  }
  it('its age, what was tapped twice, and what was left out, by name', () => {
    expect(tookLines(took, NOW)).toEqual([
      'Merged: 1 new record, 2 new entries, 0 changed records, 0 conflicts.',
      'The file was written 1 year ago: what was done since is not in it.',
      '1 answer had been given on both devices: the first of each counts.',
      '“Moon fry” is of a fish that is not known here: it stands, and asks for its fish.',
      '1 thing cannot be true and was left out: brood “Discus” is in a tank that is not in the file. They are still in the file.',
    ])
  })
})

describe('what a check found', () => {
  const well = {
    ...{ records: 3, entries: 1, unreadable: [], aside: [], conflicts: [], twice: [] },
    ...{ dangling: [], folds: 'agree' as const, copies: { snapshots: 2, read: 2, broken: [] } },
  }
  it('says that all is well, or what is not and what to do', () => {
    expect(checkLines(well)).toEqual({
      well: true,
      lines: [
        'All is well. 3 records and 1 entry were read, the shortened log agrees with the whole one, snapshots opened: 2 of 2.',
      ],
    })
    const row = { table: 'records' as const, index: 0, id: 'x', path: 'litres', row: {} }
    const found = checkLines({
      ...well,
      unreadable: [{ ...row, message: 'not a number' }],
      conflicts: [{ id: 'y', type: 'tank', name: 'Tank 1', versions: 2 }],
    })
    expect(found.well).toBe(false)
    expect(found.lines).toHaveLength(3)
    expect(found.lines[1]).toContain('records x at “litres”')
    expect(found.lines[2]).toContain('tank “Tank 1”')
  })
})
