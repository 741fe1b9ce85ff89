import { describe, expect, it } from 'vitest'
import { expectedPulls } from '@renatus/core/planning/supply'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import type { Entry } from '@renatus/core/records/entries'
import { wordsOf } from '@renatus/core/round/roundLines'
import { log, NAMED, records, roundFor, started, stateAt } from '../room'

const START = '2026-03-16T18:00:00Z'
const MEANT = '2026-03-17T18:00:00Z'
const options = {
  rounds: ['05:30', '14:00', '18:00'].map(at => ({ name: at, at })),
  timeZone: 'UTC',
}
/** 31 °C from 22:00 to 06:00, read every half hour, 26 °C around it. */
const hotNight: Entry = log('2026-03-17T07:00:00Z', 'culture.course', {
  cultureId: NAMED.hatch1!,
  how: 'file',
  points: Array.from({ length: 27 }, (_, i) => {
    const at = new Date(Date.parse(START) + i * 1_800_000).toISOString()
    return { at, c: at >= '2026-03-16T22:00' && at < '2026-03-17T06:00' ? 31 : 26 }
  }),
})
const hatch = started(START, { pullsAt: [MEANT] })
const clock = log(START, 'clock.started', {
  clockId: NAMED.store1!,
  label: 'Cone 1 to first pull',
  endsAt: MEANT,
  about: { type: 'culture', id: NAMED.hatch1! },
})
const stateOf = (entries: Entry[]) => stateAt('2026-03-17T07:30:00Z', entries, options)
function pullOf(entries: Entry[]) {
  const state = stateOf(entries)
  const all = roundsAround(state.now, state.room.rounds, state.room.timeZone, 2, 4)
  return expectedPulls(state, all.slice(all.indexOf(currentRound(state.now, all))))[0]!
}

describe('a hot night', () => {
  it('brings the pull forward to the round before, and says so', () => {
    expect(pullOf([hatch]).round.at).toBe('2026-03-17T18:00:00.000Z')
    const pull = pullOf([hatch, hotNight])
    expect(pull.round.at).toBe('2026-03-17T14:00:00.000Z')
    // Eight hours at four degrees that count (none above 30 °C): 32 degree-hours, 2.7 h at 26 °C.
    expect(pull.moved!.byH).toBeCloseTo(-2.7, 0)
  })

  it('brings its clock forward as far', () => {
    const [before] = stateOf([hatch, clock]).clocks
    const [after] = stateOf([hatch, clock, hotNight]).clocks
    expect(before!.endsAt).toBe(MEANT)
    expect((Date.parse(MEANT) - Date.parse(after!.endsAt)) / 3_600_000).toBeCloseTo(2.7, 0)
    expect(after!.movedH).toBeLessThan(-2)
  })

  it('is told at the harvest in the round', () => {
    const { round, state } = roundFor(records(options), [hatch, hotNight], '2026-03-17T13:50:00Z')
    const stop = round.stops.find(s => s.kind === 'harvest')!
    expect(wordsOf(stop, state)[0]!.why).toMatch(/warmer in the bottle.* 2\.\d h sooner/)
  })

  it('that was as warm as was set moves nothing', () => {
    const calm = log('2026-03-17T07:00:00Z', 'culture.course', {
      cultureId: NAMED.hatch1!,
      how: 'live',
      points: [
        { at: START, c: 26.1 },
        { at: '2026-03-17T06:00:00Z', c: 25.9 },
      ],
    })
    expect(pullOf([hatch, calm]).moved).toBeNull()
  })
})
