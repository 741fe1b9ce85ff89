import { describe, expect, it } from 'vitest'
import { learnObserver, observerOf } from '@renatus/core/estimation/learning/observers'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import { BOOK, sloppyCulture } from '../sloppy'
import { cultureOf } from '../../cultureRoom'
import { log } from '../../room'

const START = '2026-03-01T06:00:00.000Z'
const at = (h: number) => new Date(Date.parse(START) + h * 3_600_000).toISOString()
/** Dishes of a room, looked at from one device by an eye that sees everything a grade too well. */
function room(rosy: number, by: string, dishes = 6) {
  const cultures: CultureRecord[] = []
  const entries: Entry[] = []
  const truths: number[] = []
  for (let seed = 1; seed <= dishes; seed++) {
    const k = sloppyCulture('microworm', 'oats', 8, seed, undefined, {}, { ...BOOK, rosy })
    const c = cultureOf('microworm', START, { methodId: 'oats' })
    cultures.push(c)
    truths.push(k.density)
    for (const o of k.observations)
      if (o.kind === 'look')
        entries.push({
          ...log(at(o.h), 'culture.looked', { cultureId: c.id, signs: o.signs }),
          by,
        } as Entry)
  }
  return { cultures, entries, truths }
}

describe('who looks', () => {
  it('is learned from all vessels together, and not of those who see things as they are', () => {
    const rosy = room(1, 'phone rosy')
    const clear = room(0, 'phone clear')
    const { learned } = learnRoom(
      [...rosy.cultures, ...clear.cultures],
      [...rosy.entries, ...clear.entries].sort((a, b) => (a.at < b.at ? -1 : 1)),
    )!
    const movers = (by: string) => learned.observers[by]!.lean.movers!
    expect(movers('phone rosy').mean).toBeGreaterThan(0.3)
    expect(movers('phone rosy').mean).toBeGreaterThan(movers('phone clear').mean + 0.3)
    expect(movers('phone rosy').sd).toBeLessThan(0.67)
    expect(learned.observers['phone rosy']!.from).toBeGreaterThan(3)
  })
  it('is taken off the looks of the next vessel, until it is forgotten', () => {
    const { cultures, entries } = room(1, 'phone rosy')
    const { learned } = learnRoom(cultures, entries)!
    const next = room(1, 'phone rosy', 6)
    const of = entriesByCulture(next.entries)
    const densities = (l: typeof learned) =>
      next.cultures.map(c => readCulture(c, of(c.id), l, at(8 * 24))!.reading.estimate.density.p50)
    const unknown = densities({ ...learned, observers: {} })
    const off = (all: number[]) =>
      all.reduce((sum, d, i) => sum + Math.abs(Math.log(d / next.truths[i]!)), 0)
    expect(off(densities(learned))).toBeLessThan(off(unknown))
    const reset = log(at(24 * 30), 'learning.reset', { of: { type: 'observer', id: 'phone rosy' } })
    const forgotten = learnRoom(cultures, [...entries, reset as Entry])!
    expect(forgotten.learned.observers).toEqual({})
  })
  it('says nothing of nobody', () => {
    expect(observerOf([])).toBeNull()
    expect(learnObserver([])).toBeNull()
  })
})
