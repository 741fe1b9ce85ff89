import { describe, expect, it } from 'vitest'
import { entry } from '@renatus/core/records/entries'
import { anyRecord } from '@renatus/core/records/records'
import {
  broodCounted,
  broodEnded,
  broodLeft,
  broodSeen,
  broodSplit,
  nextEvents,
  tankRead,
} from '@renatus/core/stock/broodActs'
import { log, NAMED, stateAt, uid } from '../room'

const NOW = '2026-03-20T05:34:00Z'
const brood = (freeSwimmingOn: string, entries: Parameters<typeof stateAt>[1] = []) =>
  stateAt(NOW, entries, { freeSwimmingOn, fry: 200 }).broods[0]!

describe('what is seen of a brood', () => {
  it('every act is an entry that the log takes', () => {
    const b = brood('2026-03-14')
    const split = broodSplit(b, 60, '2026-03-20', { id: NAMED.tank!, name: 'Tank' }, uid())
    const acts = [
      broodSeen(b, 'free', '2026-03-20'),
      broodCounted(b, 150, '2026-03-20'),
      broodLeft(b, 4, '2026-03-20', 'died'),
      broodEnded(b, '2026-03-20'),
      tankRead({ id: NAMED.tank! }, 26.4, 26),
      split,
    ]
    for (const e of acts.flatMap(a => a.entries)) {
      const whole = { ...e, id: uid(), at: NOW, supersedes: null, by: 'test', act: uid() }
      expect(() => entry.parse(whole)).not.toThrow()
    }
    const record = { ...split.records[0]!, updatedAt: NOW, removedAt: null }
    expect(anyRecord.parse(record)).toMatchObject({ fry: 60, splitFrom: b.id })
    expect(split.entries[0]!.data).toMatchObject({ how: 'split', toBroodId: record.id })
  })
  it('a split keeps the number of fry: what leaves one is in the other', () => {
    const b = brood('2026-03-14')
    const { entries, records } = broodSplit(
      b,
      60,
      '2026-03-20',
      { id: NAMED.tank!, name: 'Tank' },
      uid(),
    )
    const left = brood('2026-03-14', [log(NOW, 'brood.left', entries[0]!.data as never)])
    expect(b.fryNow - left.fryNow).toBeCloseTo(60, 6)
    expect(records[0]).toMatchObject({ fry: 60 })
  })
  it('asks for the next stage, and for one that was only worked out while it is fresh', () => {
    expect(nextEvents(brood('2026-03-23'))).toContain('free')
    const seen = log(NOW, 'brood.event', {
      broodId: NAMED.brood!,
      event: 'free',
      on: '2026-03-19',
    })
    expect(nextEvents(brood('2026-03-19', [seen]))).toEqual([])
    expect(nextEvents(brood('2026-03-01'))).toEqual([])
  })
})
