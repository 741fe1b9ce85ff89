import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { buildRound, roundState } from '@renatus/core/round/round'
import { running } from '@renatus/core/stock/cultures'
import { backupOf, lineageAt } from '@renatus/core/stock/lines'
import type { RoomState } from '@renatus/core/stock/roomState'
import { reachesBack } from '@renatus/core/stock/working/reachesBack'
import { workingLog, type WorkingLog } from '@renatus/core/stock/working/workingLog'
import { addHours, type Instant } from '@renatus/core/time/localDate'
import { demoAt } from '../../../../tools/rooms/demoAt'
import { yearsOf } from '../../../../tools/rooms/yearsOf'

const NOW = '2026-03-24T05:34:00.000Z'
const demo = yearsOf(demoAt(NOW, 'Europe/Berlin'), 4000)
const DAY = 24

/** All that a person or the planner is told of a room. */
function told(state: RoomState) {
  const { entries: _, settled: __, cultures: ___, cultureStates, hatches, ...rest } = state
  const runs = running(cultureStates)
  // Sums are the same to their last digits but one.
  const rounded = (_: string, x: unknown) => (typeof x === 'number' ? Number(x.toPrecision(12)) : x)
  return JSON.parse(
    JSON.stringify({
      ...rest,
      runs,
      hatches: hatches.filter(h => h.endedAt === null),
      backups: runs.map(c => {
        const b = backupOf(cultureStates, c.id)
        return { ...b, others: b.others.map(o => o.id), lost: b.lost?.id }
      }),
      lineages: runs.map(c => lineageAt(cultureStates, c.id)),
      round: buildRound(state, new Map()).stops,
    }),
    rounded,
  ) as unknown
}
const stateOf = (w: Pick<WorkingLog, 'records' | 'entries'> & Partial<WorkingLog>, now: Instant) =>
  roundState(w.records, w.entries, now, undefined, w.settled)!

describe('working log', () => {
  it('tells the same of the room as the whole log, wherever the border lies', () => {
    const whole = told(stateOf(demo, NOW))
    const sizes = [170, 120, 90, 61, 55, 45, 38, 31].map(days => {
      const working = workingLog(demo.records, demo.entries, addHours(NOW, -days * DAY))
      expect(told(stateOf(working, NOW)), `border ${days} days back`).toEqual(whole)
      expect(working.entries.length + working.settled.entries).toBe(demo.entries.length)
      return working.entries.length
    })
    // What is left out grows with the log: most of it is settled.
    expect(sizes.at(-1)!).toBeLessThan(0.45 * demo.entries.length)
    expect(sizes.every((n, i) => i === 0 || n <= sizes[i - 1]!)).toBe(true)
  })

  it('lets every culture be read as before', () => {
    const working = workingLog(demo.records, demo.entries, addHours(NOW, -31 * DAY))
    const some = (s: RoomState): RoomState => ({
      ...s,
      cultureStates: running(s.cultureStates).filter((_, i) => i % 4 === 0),
    })
    const read = (s: RoomState) => JSON.stringify([...readRoom(some(s))])
    expect(read(stateOf(working, NOW))).toBe(read(stateOf(demo, NOW)))
  })

  it('goes on as the whole log does, or knows that it reaches back', () => {
    const standing = effectiveEntries(demo.entries)
    const id = (n: number) => makeId(Date.parse(NOW), new Uint8Array(10).fill(n))
    const undo = (e: Entry, n: number): Entry => ({
      ...e,
      id: id(n),
      act: id(n),
      at: NOW,
      kind: 'undone',
      supersedes: null,
      answers: null,
      subject: { type: 'act', id: e.act },
      data: { act: e.act },
    })
    const again = (e: Entry, n: number, at: Instant): Entry => ({ ...e, id: id(n), act: id(n), at })
    let reached = 0
    let went = 0
    fc.assert(
      fc.property(
        fc.integer({ min: 31, max: 120 }),
        fc.array(
          fc.record({
            which: fc.nat({ max: standing.length - 1 }),
            how: fc.constantFrom('undo', 'again now', 'again late', 'correct'),
          }),
          { minLength: 1, maxLength: 3 },
        ),
        (days, acts) => {
          const before = addHours(NOW, -days * DAY)
          const working = workingLog(demo.records, demo.entries, before)
          const came = acts.map(({ which, how }, n): Entry => {
            const e = standing[which]!
            if (how === 'undo') return undo(e, n)
            if (how === 'correct') return { ...again(e, n, e.at), supersedes: e.id }
            return again(e, n, how === 'again now' ? NOW : e.at)
          })
          const known = [...working.entries, ...came]
          if (reachesBack(came, known, before, new Set(working.over))) {
            reached++
            return
          }
          went++
          const all = { records: demo.records, entries: [...demo.entries, ...came] }
          expect(told(stateOf({ ...working, entries: known }, NOW))).toEqual(
            told(stateOf(all, NOW)),
          )
        },
      ),
      { seed: 16, numRuns: 60 },
    )
    expect(reached).toBeGreaterThan(10)
    expect(went).toBeGreaterThan(10)
  })
})
