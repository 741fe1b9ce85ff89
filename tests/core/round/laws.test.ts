import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { foodOf } from '@renatus/core/foods/index'
import { edible } from '@renatus/core/fry/edibles'
import { FIT_ENOUGH } from '@renatus/core/fry/sizeFit'
import { SUITABLE } from '@renatus/core/fry/shares'
import { mostCultureMl } from '@renatus/core/fry/withWater'
import { suitsOn } from '@renatus/core/fry/wholeMeal'
import type { Draw } from '@renatus/core/planning/reckoning/draw'
import { couldSpoil } from '@renatus/core/round/hygiene'
import { minutesOf } from '@renatus/core/round/minutes'
import type { Round } from '@renatus/core/round/round'
import { wordsOf } from '@renatus/core/round/roundLines'
import { kindOf } from '@renatus/core/round/stopKinds'
import type { RoomState } from '@renatus/core/stock/roomState'
import { addHours } from '@renatus/core/time/localDate'
import { answered, knownRound, undone, type KnownRoom } from '../../../tools/rooms/knownRoom'
import { largeRoom, manyRooms } from '../../../tools/rooms/manyRooms'

/** Rooms of all sizes at all hours, the same for the same seed. */
const rooms = fc.record({
  seed: fc.integer({ min: 1, max: 100_000 }),
  hour: fc.integer({ min: 0, max: 23 }),
  broods: fc.integer({ min: 0, max: 6 }),
  cultures: fc.integer({ min: 0, max: 10 }),
  cones: fc.integer({ min: 0, max: 3 }),
  kept: fc.boolean(),
  marine: fc.boolean(),
})
type Plan = typeof rooms extends fc.Arbitrary<infer T> ? T : never
const nowOf = (p: Plan) => `2026-03-2${p.seed % 9}T${String(p.hour).padStart(2, '0')}:10:00.000Z`
const roomOf = (p: Plan): KnownRoom => manyRooms({ ...p, now: nowOf(p) })

const RUNS = { numRuns: 28, seed: 20 }
/** A thing that is rare wants more rooms to be seen. */
const MANY = { ...RUNS, numRuns: 80 }
const holds = (check: (room: KnownRoom, now: string) => void, runs = RUNS) =>
  fc.assert(
    fc.property(rooms, p => check(roomOf(p), nowOf(p))),
    runs,
  )

/** What a round asks, as text: the same round, the same text. */
const asText = ({ stops, waiting }: Round, state: RoomState) =>
  JSON.stringify([
    stops.map(s => [s.key, s.must, wordsOf(s, state)]),
    waiting.map(w => [w.stop.key, w.until.key]),
  ])

/** Draws by source and tank; what stands in a cup is a source of its own. */
function drawsHold(draws: readonly Draw[]): void {
  const bySource = new Map<Draw['source'], number>()
  for (const d of draws) {
    expect(d.source.ready).toBe(true)
    expect(d.organisms).toBeGreaterThan(0)
    const cut = d.wanted.food.cutToGapeUm
      ? d.wanted.food.dryUg / suitsOn(d.wanted.eating[0]!, d.wanted.food).size.dryUg
      : 1
    bySource.set(d.source, (bySource.get(d.source) ?? 0) + d.organisms / cut)
  }
  for (const [source, organisms] of bySource)
    expect(organisms).toBeLessThanOrEqual(source.gives.p50 * (1 + 1e-6) + 1e-6)
}

describe('the laws of the round', () => {
  it('1. draws name what stands here and is ready, never more than it gives, never from what fails, and fit the mouths', () => {
    let checked = 0
    holds((room, now) => {
      const { state, readings, round } = knownRound(room, now)
      const { draws, sources } = round.reckoning
      drawsHold(draws)
      for (const d of draws) {
        checked++
        const here =
          state.stores.some(s => s.id === d.source.id) ||
          state.cultureStates.some(c => c.id === d.source.id && c.ended === null)
        expect(here).toBe(true)
        const reading = readings.get(d.source.id)
        if (reading) {
          const { failing, failed } = reading.estimate.readiness
          expect(failing + failed).toBeLessThan(0.5)
        }
        for (const e of d.wanted.eating)
          expect(suitsOn(e, d.wanted.food).fit).toBeGreaterThanOrEqual(FIT_ENOUGH)
        // What hardly suits is given only where nothing better can be spared.
        if (d.wanted.suits >= SUITABLE) continue
        const want = round.reckoning.wants.find(w => w.tank.id === d.tank.id)!
        const better = sources.filter(s => {
          const food = want.foods.get(s.foodId)
          if (!s.ready || s.inHand || !food || food.suits < SUITABLE || food.food.lasting)
            return false
          const drawn = draws.filter(x => x.source === s).reduce((n, x) => n + x.organisms, 0)
          return s.easy - drawn > 0.25 * food.whole && food.reaches > 0.99
        })
        expect(better.map(s => s.foodId)).toEqual([])
      }
    })
    expect(checked).toBeGreaterThan(50)
  })

  it('2. Done, or Not now, on any stop: it is gone, and nothing asks the same of the same subject', () => {
    let checked = 0
    holds(
      (room, now) => {
        const { state, round } = knownRound(room, now)
        for (const stop of round.stops) {
          for (const how of ['done', 'not-now'] as const) {
            const after = answered(room, stop, { how }, state, round, now).room
            const next = knownRound(after, now).round
            const all = [...next.stops, ...next.waiting.map(w => w.stop)]
            expect(all.filter(s => s.key === stop.key)).toEqual([])
            const same = all.filter(s => s.kind === stop.kind && s.subject.id === stop.subject.id)
            if (stop.kind !== 'looks') expect(same.map(s => s.key)).toEqual([])
            checked++
          }
        }
      },
      { numRuns: 9, seed: 4 },
    )
    expect(checked).toBeGreaterThan(40)
  })

  it('2b. a round lived by Done alone ends empty', () => {
    holds(
      (room, now) => {
        let here = room
        for (let i = 0; i < 60; i++) {
          const { state, round } = knownRound(here, now)
          const [stop] = round.stops
          if (!stop) return
          here = answered(here, stop, { how: 'done' }, state, round, now).room
        }
        expect.fail('a round without end')
      },
      { numRuns: 10, seed: 9 },
    )
  })

  it('3. while food that fits stands in the room no brood is left hungry', () => {
    let gaps = 0
    holds((room, now) => {
      const { round } = knownRound(room, now)
      const { draws, sources } = round.reckoning
      for (const gap of round.reckoning.gaps) {
        gaps++
        const mine = draws.filter(d => d.tank.id === gap.tank.id)
        if (new Set(mine.map(d => d.foodId)).size >= 2) continue
        for (const s of sources.filter(x => x.ready && x.tankIds === null)) {
          const food = gap.want.foods.get(s.foodId)
          if (!food || food.food.lasting) continue
          const drawn = draws.filter(x => x.source === s).reduce((n, x) => n + x.organisms, 0)
          const leftShare = ((s.gives.p50 - drawn) * s.energy) / food.whole
          // Less than a tenth of a meal is not worth opening a vessel for.
          if (food.reaches * gap.share > 0.1) expect(leftShare).toBeLessThan(0.35)
        }
      }
    }, MANY)
    expect(gaps).toBeGreaterThan(3)
  })

  it('4. a minute, an hour, a reload change nothing', () => {
    holds(
      (room, now) => {
        const { state, round } = knownRound(room, now)
        for (const later of [addHours(now, 1 / 60), addHours(now, 1)]) {
          const then = knownRound(room, later)
          if (then.round.current.key !== round.current.key) continue
          expect(asText(then.round, then.state)).toBe(asText(round, state))
        }
      },
      { numRuns: 25, seed: 2 },
    )
  })

  it('5. undo of any answer brings back the very same round', () => {
    holds(
      (room, now) => {
        const { state, round } = knownRound(room, now)
        for (const stop of round.stops) {
          const after = answered(room, stop, { how: 'done' }, state, round, now)
          const back = knownRound(undone(after.room, after.act, now), now)
          expect(asText(back.round, back.state)).toBe(asText(round, state))
        }
      },
      { numRuns: 8, seed: 6 },
    )
  })

  it('6. two rounds of the same state are equal, and no clean line is touched after one that could spoil it', () => {
    holds((room, now) => {
      const { state, readings, round } = knownRound(room, now)
      const again = knownRound(room, now).round
      expect(asText(again, state)).toBe(asText(round, state))
      expect(readings.size).toBeGreaterThanOrEqual(0)
      const ranks = round.stops.map(s => kindOf(s).rank(s))
      ranks.forEach((later, i) => {
        for (const before of ranks.slice(0, i)) {
          const first = before.station === 'tanks' ? 'tanks' : before.hygiene
          if (first && later.hygiene) expect(couldSpoil(first, later.hygiene)).toBe(false)
        }
      })
    })
  })

  it('7. no stop without reason, none without unit where it has an amount, and amounts where they can be given', () => {
    const WITHOUT = ['ask', 'cool', 'looks', 'provide', 'tank']
    holds((room, now) => {
      const { state, round } = knownRound(room, now)
      for (const stop of round.stops) {
        const lines = wordsOf(stop, state)
        expect(lines.length).toBeGreaterThan(0)
        for (const l of lines) {
          expect(l.why.length).toBeGreaterThan(3)
          expect(l.text).toMatch(/\S.*[.?]$/)
          if (l.amount !== null) expect(l.unit).not.toBe('')
          if (l.verb === 'Feed' || l.verb === 'Draw from') expect(l.amount).toBeGreaterThan(0)
        }
        if (
          !WITHOUT.includes(stop.kind) &&
          lines[0]!.verb !== 'Start anew' &&
          stop.kind !== 'clear'
        )
          expect(lines.some(l => l.amount !== null)).toBe(true)
        expect(minutesOf(stop, 1)).toBeGreaterThan(0)
      }
    })
  })

  it('25 broods, 40 cultures and 12 cones: what must be done is 34 stops and 95 minutes at most', () => {
    const now = '2026-03-24T05:34:00.000Z'
    for (const seed of [1, 4, 5]) {
      const { round } = knownRound(largeRoom(now, seed), now)
      const must = round.stops.filter(s => s.must)
      expect(must.length).toBeGreaterThan(15)
      // Fry that grow fast eat what their growth asks for: two more vessels are drawn from than by the table alone.
      expect(must.length).toBeLessThanOrEqual(34)
      expect(must.reduce((m, s) => m + minutesOf(s, 1), 0)).toBeLessThanOrEqual(95)
    }
  })

  it('no tank gets more than a tenth of its water with what swims in it', () => {
    holds(
      (room, now) => {
        const { round } = knownRound(room, now)
        for (const { stop } of [...round.stops.map(s => ({ stop: s })), ...round.waiting]) {
          if (stop.kind !== 'tank') continue
          const poured = stop.draws.filter(
            d => d.wanted.food.withWater && d.source.kind === 'culture',
          )
          const ml = poured.reduce((sum, d) => sum + d.amount.value, 0)
          expect(ml).toBeLessThanOrEqual(mostCultureMl({ withWater: true }, stop.tank.litres))
        }
      },
      { numRuns: 25, seed: 8 },
    )
  })

  it('keys are unique, and every food named is one that is known', () => {
    holds(
      (room, now) => {
        const { round } = knownRound(room, now)
        const keys = [...round.stops, ...round.waiting.map(w => w.stop)].map(s => s.key)
        expect(new Set(keys).size).toBe(keys.length)
        for (const s of round.reckoning.sources)
          expect(edible(s.foodId) ?? foodOf(s.foodId)).not.toBeNull()
      },
      { numRuns: 20, seed: 3 },
    )
  })
})
