import { describe, expect, it } from 'vitest'
import { mealsToSay } from '@renatus/core/planning/reckoning/saidMeals'
import type { Round } from '@renatus/core/round/round'
import { answered, knownRound, undone, type KnownRoom } from '../../../../tools/rooms/knownRoom'
import { largeRoom } from '../../../../tools/rooms/manyRooms'
import { log } from '../../room'

const NOW = '2026-03-24T05:34:00.000Z'

/** What each tank is to be given, by tank and food, in the hand's units. */
const given = ({ reckoning }: Round) => {
  const found = new Map<string, string>()
  for (const d of reckoning.draws) {
    const amount = `${d.foodId} ${Number(d.amount.value.toPrecision(6))} ${d.amount.unit}`
    found.set(d.tank.id, [found.get(d.tank.id), amount].filter(Boolean).join(', '))
  }
  return found
}
const inTurn = (text = '') => text.split(', ').sort().join(', ')
const done = (room: KnownRoom, how: 'done' | 'not-now', at = 0) => {
  const { state, round } = knownRound(room, NOW)
  return answered(room, round.stops[at]!, { how }, state, round, NOW)
}

describe('what a round says of the meals', () => {
  it('holds to its end in rooms of 25 broods: no amount changes, no stop changes its place, nothing is fed that nobody drew', () => {
    let stops = 0
    for (const seed of [2]) {
      let room = largeRoom(NOW, seed)
      const first = knownRound(room, NOW).round
      const said = given(first)
      let before = first.stops.map(s => s.key)
      for (let n = 0; n < 60; n++) {
        const { state, round } = knownRound(room, NOW)
        const { draws } = round.reckoning
        for (const [tankId, foods] of given(round))
          expect(inTurn(foods)).toBe(inTurn(said.get(tankId)))
        const asked = new Set(round.stops.map(s => s.subject.id))
        for (const d of draws.filter(x => x.source.kind === 'culture' && !x.source.inHand))
          expect(asked).toContain(d.source.id)
        const now = round.stops.map(s => s.key)
        expect(now.filter(k => before.includes(k))).toEqual(before.filter(k => now.includes(k)))
        before = now
        if (!round.stops[0]) break
        room = answered(room, round.stops[0], { how: 'done' }, state, round, NOW).room
        stops++
      }
    }
    expect(stops).toBeGreaterThan(30)
  })

  it('is written once at a round that goes as it says, and taken back with its answer', () => {
    const room = largeRoom(NOW, 1)
    const says = (r: KnownRoom) => {
      const { state, round } = knownRound(r, NOW)
      return mealsToSay(state, round.current.key, round.reckoning)
    }
    expect(says(room)).not.toBeNull()
    const first = done(room, 'done')
    expect(says(first.room)).toBeNull()
    const second = done(first.room, 'done')
    expect(second.drafts.find(d => d.kind === 'stop.answered')?.data).toMatchObject({ meals: null })
    expect(says(undone(first.room, first.act, NOW))).toEqual(says(room))
  })

  it('a vessel that is left alone feeds nobody, and who was to have of it is served of another', () => {
    const room = largeRoom(NOW, 1)
    const { round } = knownRound(room, NOW)
    const at = round.stops.findIndex(s =>
      round.reckoning.draws.some(d => d.source.kind === 'culture' && d.source.id === s.subject.id),
    )
    const vessel = round.stops[at]!.subject.id
    const fed = round.reckoning.draws.filter(d => d.source.id === vessel).map(d => d.tank.id)
    const after = knownRound(done(room, 'not-now', at).room, NOW).round.reckoning
    expect(after.draws.filter(d => d.source.id === vessel)).toEqual([])
    const served = (id: string) =>
      after.draws.some(d => d.tank.id === id) || after.gaps.some(g => g.tank.id === id)
    expect(fed.length).toBeGreaterThan(0)
    expect(fed.filter(id => !served(id))).toEqual([])
  })

  it('no longer holds for a brood that was counted anew, and holds for the others', () => {
    const { room } = done(largeRoom(NOW, 1), 'done')
    const before = knownRound(room, NOW).round
    const { tank } = before.reckoning.draws.findLast(d => !d.source.inHand)!
    const records = room.records.map(r =>
      r.type === 'brood' && r.tankId === tank.id ? { ...r, fry: r.fry * 2 } : r,
    )
    const after = given(knownRound({ ...room, records }, NOW).round)
    const same = [...given(before)].filter(([id]) => id !== tank.id)
    expect(after.get(tank.id)).not.toBe(given(before).get(tank.id))
    for (const [id, foods] of same) expect(after.get(id)).toBe(foods)
  })

  it('a meal of which a part was given by hand is not asked for whole again', () => {
    const { room } = done(largeRoom(NOW, 1), 'done')
    const { current, reckoning } = knownRound(room, NOW).round
    const ample = reckoning.draws.filter(x => x.source.gives.p50 > 3 * x.organisms)
    const d = ample.find(x => x.source.kind === 'store' && x.share > 0.9)!
    const part = log(NOW, 'tank.fed', {
      tankId: d.tank.id,
      roundKey: current.key,
      partial: true,
      portions: [
        {
          foodId: d.foodId,
          organisms: d.organisms * 0.6,
          energy: d.source.energy,
          amount: { value: d.amount.value * 0.6, unit: d.amount.unit },
          source: { kind: 'store' as const, id: d.source.id },
        },
      ],
    })
    const fed = { ...room, entries: [...room.entries, part] }
    const rest = knownRound(fed, NOW).round.reckoning.draws.filter(x => x.tank.id === d.tank.id)
    expect(rest.reduce((sum, x) => sum + x.share, 0)).toBeLessThan(0.6)
  })
})
