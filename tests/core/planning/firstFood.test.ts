import { describe, expect, it } from 'vitest'
import { unprovided, waysNow } from '@renatus/core/planning/firstFood'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import { buildRound, type Round } from '@renatus/core/round/round'
import { wordsOf } from '@renatus/core/round/roundLines'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { storeStands } from '@renatus/core/stock/storeStands'
import { addDays } from '@renatus/core/time/localDate'
import { cultureOf, startedFrom } from '../cultureRoom'
import { log, records, uid } from '../room'

const NOW = '2026-03-24T05:34:00Z'
const GUDGEON = { species: 'peacock-gudgeon', freeSwimmingOn: '2026-03-27' }
/** A tank and a brood, and nothing else. */
const bare = (over: Parameters<typeof records>[0] = {}): AnyRecord[] =>
  records({ ...GUDGEON, foods: ['brine-shrimp'], ...over }).filter(
    r => !['vessel', 'lot', 'salt'].includes(r.type),
  )
const stateOf = (all: AnyRecord[], entries: Entry[] = []) => roomState(all, entries, NOW)!
const ways = (all: AnyRecord[], entries: Entry[] = []) =>
  unprovided(stateOf(all, entries)).flatMap(u => u.ways.map(w => `${w.kind} ${w.foodId} ${w.days}`))

const contextOf = (state: RoomState, round: Round) => ({
  state,
  roundKey: round.current.key,
  reckoning: round.reckoning,
  now: NOW,
  newId: uid,
})

describe('the first food of a brood', () => {
  it('is asked for where nothing stands here, what is in time first', () => {
    const [first, ...rest] = ways(bare())
    expect(first).toBe('hatch brine-shrimp 3')
    expect(rest).toHaveLength(2)
    expect(unprovided(stateOf(bare()))[0]).toMatchObject({ inDays: 3 })
  })

  it('who has a line of a food starts the next from it, and orders none', () => {
    const swims = bare({ species: 'dwarf-gourami', freeSwimmingOn: '2026-03-23' })
    const jar = cultureOf('paramecium', '2026-03-23T06:00:00Z', { logged: true })
    const paramecium = (all: AnyRecord[], entries: Entry[]) => {
      const state = stateOf(all, entries)
      const brood = state.broods[0]!
      const day = broodLadder(brood, state.room, 1, 1)[0]!
      const { ways } = waysNow(state, new Map(), [{ brood, day }], new Set())
      return ways.find(w => w.foodId === 'paramecium')!
    }
    const bought = paramecium(swims, [])
    const own = paramecium([...swims, jar], [startedFrom(jar, [])])
    expect([bought.kind, own.kind]).toEqual(['starter', 'start'])
    expect(own.days).toBeLessThan(bought.days)
  })

  it('for mouths that lack it now the soonest comes first, and nothing after what is under way', () => {
    const gap = (all: AnyRecord[], entries: Entry[], here: string[] = []) => {
      const state = stateOf(all, entries)
      const brood = state.broods[0]!
      const day = broodLadder(brood, state.room, 0, 1)[0]!
      return waysNow(state, new Map(), [{ brood, day }], new Set(here))
    }
    const { late, ways: all } = gap(bare(), [])
    expect(late).toBeNull()
    expect(all.map(w => w.days)).toEqual(all.map(w => w.days).toSorted((a, b) => a - b))
    expect(all.length).toBeGreaterThan(0)
    const order = { orderId: uid(), what: 'cysts' as const, comesOn: '2026-03-25' }
    const under = gap(bare(), [log('2026-03-23T06:00:00Z', 'order.placed', order)])
    expect(under.late).toMatchObject({ foodId: 'brine-shrimp' })
    for (const w of under.ways) expect(w.days).toBeLessThan(under.late!.days)
    // What was ordered for today is waited for: nothing of it is ordered again.
    const powder = { orderId: uid(), what: 'food' as const, foodId: 'frozen-nauplii' }
    const ordered = { ...powder, comesOn: '2026-03-24' }
    const due = gap(bare(), [log('2026-03-22T06:00:00Z', 'order.placed', ordered)])
    expect(due).toEqual({ late: { foodId: 'frozen-nauplii', days: 0 }, ways: [] })
    const first = all[0]!.foodId
    expect(gap(bare(), [], [first]).ways.map(w => w.foodId)).not.toContain(first)
  })

  it('is provided for by a bench with cysts, a culture, a store, an order, and not by what does not fit', () => {
    expect(ways(records({ ...GUDGEON, foods: ['brine-shrimp'] }))).toEqual([])
    const worms = cultureOf('microworm', '2026-03-23T06:00:00Z', { logged: true })
    expect(ways([...bare(), worms], [startedFrom(worms, [])])).toEqual([])
    const store = storeStands('frozen-nauplii', uid())
    expect(ways(bare(), [log('2026-03-23T06:00:00Z', store.kind, store.data)])).toEqual([])
    const order = { orderId: uid(), what: 'cysts' as const, comesOn: '2026-03-26' }
    expect(ways(bare(), [log('2026-03-23T06:00:00Z', 'order.placed', order)])).toEqual([])
    const big = cultureOf('daphnia-magna', '2026-03-01T06:00:00Z', { logged: true })
    expect(ways([...bare(), big], [startedFrom(big, [])])).not.toEqual([])
  })

  it('what stands, is ordered or is planned counts from the day on which it can be fed', () => {
    const keep = (on: string, readyDays: number) => {
      const start = {
        ...{ id: 'microworm-1', food: 'microworm', method: 'oats', on, vessels: 1, placeId: null },
        ...{ litres: 1, orderBy: null, forBrood: '', neededOn: on, failure: 0.1, readyDays },
        ...{ readyLogSd: 0.2, why: '' },
      }
      const facts = { broods: [], cultures: [], rounds: '', foods: '', warmth: '' }
      const plan = { from: '2026-03-23', days: 40, certainty: 0.9, starts: [start], facts }
      return log('2026-03-23T06:00:00Z', 'plan.kept', { ...plan, pins: [], refused: [] })
    }
    expect(ways(bare(), [keep('2026-03-24', 3)])).toEqual([])
    const late = unprovided(stateOf(bare(), [keep('2026-03-24', 7)]))[0]!
    expect(late.late).toEqual({ foodId: 'microworm', days: 7 })
    expect(late.ways.every(w => w.days < 7)).toBe(true)
    const worms = cultureOf('microworm', '2026-03-23T06:00:00Z', { logged: true })
    const state = stateOf([...bare(), worms], [startedFrom(worms, [])])
    const read = (readiness: object, p50: number) => {
      const is = { ready: 0, tiring: 0, failing: 0, failed: 0, ...readiness }
      return new Map([[worms.id, { estimate: { readiness: is, readyH: { p50 } } }]]) as never
    }
    expect(unprovided(state, read({}, 4 * 24))).toEqual([])
    expect(unprovided(state, read({}, 6 * 24))[0]!.late).toMatchObject({ days: 5 })
    expect(unprovided(state, read({ failing: 0.7 }, 4 * 24))[0]!.late).toBeNull()
  })

  it('is not asked for months ahead, nor of fish that swim: their tank says what they lack', () => {
    expect(ways(bare({ freeSwimmingOn: '2026-05-27' }))).toEqual([])
    expect(ways(bare({ freeSwimmingOn: '2026-03-23' }))).toEqual([])
  })

  it('what was ordered is asked for on its day, and stands in the room and on the ladder when it has come', () => {
    const all = bare()
    const order = { orderId: uid(), what: 'food' as const, foodId: 'frozen-nauplii' }
    const placed = log('2026-03-22T06:00:00Z', 'order.placed', { ...order, comesOn: '2026-03-24' })
    const state = stateOf(all, [placed])
    const round = buildRound(state, new Map())
    expect(round.stops.some(s => s.kind === 'provide')).toBe(false)
    const ask = round.stops.find(s => s.kind === 'ask')!
    expect(wordsOf(ask, state)[0]!.text).toBe('Has the order of frozen nauplii come?')
    const came = answerStop(ask, { how: 'done' }, contextOf(state, round))
    if (!came.ok) throw new Error('not answered')
    const after = roomState(
      [
        ...all.filter(r => r.type !== 'room'),
        { ...all.find(r => r.type === 'room')!, ...came.records[0] },
      ] as AnyRecord[],
      [placed, ...came.entries.map(e => log(NOW, e.kind, e.data))],
      NOW,
    )!
    expect(after.stores.map(s => s.foodId)).toEqual(['frozen-nauplii'])
    expect(after.room.foods).toContain('frozen-nauplii')
  })

  it('is one stop of the round, said with its ways, and once a day', () => {
    const all = bare()
    const state = stateOf(all)
    const round = buildRound(state, new Map())
    const stop = round.stops.find(s => s.kind === 'provide')!
    expect(stop.must).toBe(true)
    const [line] = wordsOf(stop, state)
    expect(line!.text).toMatch(
      /swims free on Fri 27 Mar, and nothing that fits its mouth stands here\. Hatch brine shrimp nauplii \(fed from Fri 27 Mar\), or /,
    )
    // Its tank does not tell to look whether that is ready of which there is none.
    const texts = round.stops.flatMap(s => wordsOf(s, state).map(l => l.text))
    expect(texts.join(' ')).not.toContain('first food of')
    const written = answerStop(stop, { how: 'done' }, contextOf(state, round))
    if (!written.ok) throw new Error('not answered')
    const answered = written.entries.map(e => log(NOW, e.kind, e.data))
    const evening = roomState(all, answered, '2026-03-24T18:04:00Z')!
    expect(buildRound(evening, new Map()).stops.some(s => s.kind === 'provide')).toBe(false)
    const next = roomState(all, answered, '2026-03-25T05:34:00Z')!
    expect(buildRound(next, new Map()).stops.some(s => s.kind === 'provide')).toBe(true)
  })

  it('may wait and is seen to: it is asked for again when it may wait no longer; put off, the day after', () => {
    const all = bare().map(r =>
      r.type === 'brood' ? { ...r, anchor: { ...r.anchor, on: addDays(r.anchor.on, 5) } } : r,
    )
    const state = stateOf(all)
    const round = buildRound(state, new Map())
    const stop = [...round.stops, ...round.waiting.map(w => w.stop)].find(
      s => s.kind === 'provide',
    )!
    expect(stop.must).toBe(false)
    const asked = (how: 'done' | 'not-now') => {
      const written = answerStop(stop, { how }, contextOf(state, round))
      if (!written.ok) throw new Error('not answered')
      const answered = written.entries.map(e => log(NOW, e.kind, e.data))
      return [25, 26, 27, 28, 29, 30].filter(day => {
        const then = roomState(all, answered, `2026-03-${day}T05:34:00Z`)!
        const { stops, waiting } = buildRound(then, new Map())
        return [...stops, ...waiting.map(w => w.stop)].some(s => s.kind === 'provide')
      })
    }
    expect(asked('not-now')[0]).toBe(25)
    const [again = 0] = asked('done')
    expect(again).toBeGreaterThan(25)
    const then = roomState(all, [], `2026-03-${again}T05:34:00Z`)!
    expect(buildRound(then, new Map()).stops.find(s => s.kind === 'provide')!.must).toBe(true)
  })
})
