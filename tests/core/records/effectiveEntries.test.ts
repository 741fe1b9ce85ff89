import { compare } from '@renatus/core/math/compare'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import { idTime, makeId } from '@renatus/core/records/id'
import { log } from '../room'

const note = (text: string, more: Partial<Entry> = {}) =>
  log('2026-03-01T08:00:00Z', 'note', { text }, more)
const undo = (act: string) => log('2026-03-01T09:00:00Z', 'undone', { act })
const texts = (entries: Entry[]) =>
  effectiveEntries(entries).map(e => (e.kind === 'note' ? e.data.text : e.kind))

describe('effective entries', () => {
  it('an undo strikes out its act, and an undo of the undo brings it back', () => {
    const [a, b] = [note('a'), note('b')]
    const first = undo(a.act)
    expect(texts([a, b, first])).toEqual(['b'])
    expect(texts([a, b, first, undo(first.act)])).toEqual(['a', 'b'])
  })

  it('a correction supersedes, a correction of it supersedes again, and undoing one falls back on the other', () => {
    const a = note('a')
    const b = note('b', { supersedes: a.id })
    const c = note('c', { supersedes: b.id })
    expect(texts([a, b, c])).toEqual(['c'])
    expect(texts([a, b, c, undo(c.act)])).toEqual(['b'])
  })

  it('undoing what was corrected takes the correction with it', () => {
    const a = note('a')
    const b = note('b', { supersedes: a.id })
    expect(texts([a, b, undo(a.act)])).toEqual([])
  })

  it('of two corrections of one entry, made on two devices, the later holds', () => {
    const a = note('a')
    const b = note('b', { supersedes: a.id })
    const c = note('c', { supersedes: a.id })
    expect(texts([c, a, b])).toEqual(['c'])
  })

  it('does not depend on the order in which entries are read', () => {
    const a = note('a')
    const entries = [
      a,
      note('b', { supersedes: a.id }),
      note('d'),
      undo(note('x').act),
      undo(a.act),
    ]
    fc.assert(
      fc.property(
        fc.shuffledSubarray(entries, { minLength: entries.length }),
        list => JSON.stringify(texts(list)) === JSON.stringify(texts(entries)),
      ),
      { seed: 6 },
    )
  })
})

describe('ids', () => {
  it('sort by time and give it back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2 ** 45 }),
        fc.integer({ min: 0, max: 2 ** 45 }),
        fc.uint8Array({ minLength: 10, maxLength: 10 }),
        (a, b, chance) => {
          const [x, y] = [makeId(a, chance), makeId(b, chance)]
          return x.length === 26 && idTime(x) === a && Math.sign(a - b) === compare(x!, y!)
        },
      ),
      { seed: 7 },
    )
  })
})
