import { describe, expect, it } from 'vitest'
import { minutesOf } from '@renatus/core/round/minutes'
import { wordsOf } from '@renatus/core/round/roundLines'
import { addHours } from '@renatus/core/time/localDate'
import { demoAt } from '../../../tools/rooms/demoAt'
import { answered, knownRound, readingKnown, undone } from '../../../tools/rooms/knownRoom'

const END = '2026-03-24T05:34:00.000Z'
const demo = demoAt(END, 'Europe/Berlin')
/** Mornings and evenings of every third day of thirty of the demo's life, each with what the log knew by then. */
const instants = Array.from({ length: 10 }, (_, i) => addHours(END, -72 * i + (i % 2 ? 12.6 : 0)))
  .filter(at => at <= END)
  .map(at => ({
    at,
    room: readingKnown(
      demo.records,
      demo.entries.filter(e => e.at < addHours(at, -0.5)),
      5,
    ),
  }))

describe('the laws on every third of thirty days of the demo room', () => {
  it('each round can be lived by Done alone, ends empty, and undo brings the first stop back', () => {
    let stops = 0
    for (const { at, room } of instants) {
      let here = room
      const first = knownRound(here, at)
      const asText = (r: typeof first) =>
        JSON.stringify(r.round.stops.map(s => [s.key, wordsOf(s, r.state)]))
      for (let n = 0; ; n++) {
        const { state, readings, round } = n === 0 ? first : knownRound(here, at)
        for (const d of round.reckoning.draws) {
          expect(d.source.ready).toBe(true)
          const reading = readings.get(d.source.id)
          const { failing, failed } = reading?.estimate.readiness ?? { failing: 0, failed: 0 }
          expect(failing + failed).toBeLessThan(0.5)
        }
        const [stop] = round.stops
        if (!stop) break
        expect(n, `${at} has no end`).toBeLessThan(40)
        expect(wordsOf(stop, state).every(l => l.why.length > 3)).toBe(true)
        const after = answered(here, stop, { how: 'done' }, state, round, at)
        if (n === 0)
          expect(asText(knownRound(undone(after.room, after.act, at), at))).toBe(asText(first))
        here = after.room
        stops++
        const next = knownRound(here, at).round
        expect(next.stops.map(s => s.key)).not.toContain(stop.key)
      }
      expect(
        first.round.stops.filter(s => s.must).reduce((m, s) => m + minutesOf(s, 1), 0),
      ).toBeLessThan(60)
    }
    expect(stops).toBeGreaterThan(80)
  }, 120_000)
})
