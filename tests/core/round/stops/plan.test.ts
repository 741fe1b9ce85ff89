import { describe, expect, it } from 'vitest'
import type { KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import { wordsOf } from '@renatus/core/round/roundLines'
import type { Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import { lateness } from '@renatus/core/round/stops/begin/find'
import { makeId } from '@renatus/core/records/id'
import type { RoomState } from '@renatus/core/stock/roomState'
import { foodOf } from '@renatus/core/foods/index'
import { cultureOf } from '../../cultureRoom'
import { log, NAMED, records, roundFor, started, uid } from '../../room'

const NOW = '2026-03-20T05:34:00.000Z'
const keptStart = (more: Partial<KeptPlan['starts'][number]> = {}): KeptPlan['starts'][number] => ({
  ...{ id: 'microworm-1', food: 'microworm', method: 'oats', on: '2026-03-20', vessels: 2 },
  ...{ placeId: null, litres: 0.3, orderBy: null, forBrood: NAMED.brood! },
  ...{ neededOn: '2026-03-27', failure: 0.1, readyDays: 5, readyLogSd: 0.2, why: 'For Angels.' },
  ...more,
})
const kept = (starts: KeptPlan['starts'], at = '2026-03-15T06:00:00Z') =>
  log(at, 'plan.kept', {
    ...{ from: '2026-03-15', days: 60, certainty: 0.95, starts },
    facts: { broods: [], cultures: [], rounds: '', foods: '', warmth: '' },
  })
const roundOf = (entries: Entry[], cultures: CultureRecord[] = [], now = NOW) =>
  roundFor(
    [
      ...records({ species: 'pygmy-sunfish', foods: ['infusoria', 'microworm', 'brine-shrimp'] }),
      ...cultures,
    ],
    entries,
    now,
  )
const all = ({ round }: { round: Round }) => [...round.stops, ...round.waiting.map(w => w.stop)]
const done = (
  { state, round }: { state: RoomState; round: Round },
  kind: string,
  now = NOW,
  given?: unknown,
) => {
  const stop = all({ round }).find(s => s.kind === kind)!
  const { reckoning } = round
  const c = { state, roundKey: round.current.key, reckoning, now, newId: () => uid() }
  const answer = answerStop(stop, { how: 'done', given }, c)
  if (!answer.ok) throw new Error(answer.message)
  return answer.entries.map(e => log(now, e.kind, e.data as never))
}

const notNow = ({ state, round }: { state: RoomState; round: Round }, stop: Stop) => {
  const { reckoning } = round
  const c = { state, roundKey: round.current.key, reckoning, now: NOW, newId: () => uid() }
  const answer = answerStop(stop, { how: 'not-now' }, c)
  return answer.ok ? answer.entries.map(e => log(NOW, e.kind, e.data as never)) : []
}

describe('what the plan starts', () => {
  const at = (startedAt: string) => cultureOf('microworm', startedAt, { placeId: NAMED.place! })
  it('is asked for once: what was started is not asked for again, part of it leaves the rest', () => {
    const begin = (cultures: CultureRecord[]) =>
      all(roundOf([kept([keptStart()])], cultures)).find(s => s.kind === 'begin')
    const [a, b] = [at('2026-03-20T05:00:00Z'), at('2026-03-20T05:10:00Z')]
    expect(begin([])).toMatchObject({ start: { left: 2 }, late: { code: 'on time' } })
    expect(begin([a])).toMatchObject({ start: { left: 1 } })
    expect(begin([a, b])).toBeUndefined()
  })
  it('is no more at a round than its minutes hold; the next round asks for the rest', () => {
    const six = [kept([keptStart({ vessels: 6 })])]
    const begin = (entries: Entry[], cultures: CultureRecord[] = [], now = NOW) =>
      all(roundOf(entries, cultures, now)).find(s => s.kind === 'begin')
    const stop = begin(six)!
    expect(stop).toMatchObject({ start: { left: 6 } })
    const many = stop.kind === 'begin' ? stop.vessels : 0
    // Several have a size each, one has its own.
    const said = (vessels: number) =>
      wordsOf({ ...stop, vessels } as Stop, roundOf([]).state)[0]!.text
    expect(said(3)).toMatch(/^Start 3 vessels of microworms, 300.mL each\b/)
    expect(said(1)).toMatch(/^Start 1 vessel of microworms, 300.mL, as/)
    expect(many).toBeGreaterThan(0)
    expect(many).toBeLessThan(6)
    const { state, round } = roundOf(six)
    expect(round.minutes).toBeLessThanOrEqual(30)
    // Whatever is put off for this round: as many as before.
    const others = round.stops.filter(s => s.key !== stop.key)
    expect(others.length).toBeGreaterThan(0)
    for (const other of others)
      expect(begin([...six, ...notNow({ state, round }, other)])).toMatchObject({ vessels: many })
    expect(wordsOf(stop, state)[0]!.text).toContain(
      `The next round asks for the other ${6 - many}.`,
    )
    const made = Array.from({ length: many }, () => at(NOW))
    const answered = [...six, ...done(roundOf(six), 'begin')]
    expect(begin(answered, made)).toBeUndefined()
    const evening = begin(answered, made, '2026-03-20T18:04:00.000Z')
    expect(evening).toMatchObject({ start: { left: 6 - many } })
  })
  it('of many foods that are due at once is what the minutes hold, and one that is late in any case', () => {
    const foods = ['microworm', 'infusoria', 'paramecium', 'vinegar-eel'] as const
    const due = (on: string) => [
      kept(
        foods.map(food =>
          keptStart({
            ...{ id: `${food}-1`, food, method: foodOf(food)!.methods[0]!.id, vessels: 3, on },
            neededOn: on,
          }),
        ),
      ),
    ]
    const begins = (stops: readonly Stop[]) => stops.filter(s => s.kind === 'begin')
    const { state, round } = roundOf(due('2026-03-20'))
    expect(round.minutes).toBeLessThanOrEqual(30)
    expect(begins(all({ round }))).toHaveLength(foods.length)
    expect(begins(round.stops).length).toBeLessThan(foods.length)
    // What is put off leaves its minutes to another, and no more than these.
    const after = begins(round.stops).flatMap(stop => notNow({ state, round }, stop))
    expect(roundOf([...due('2026-03-20'), ...after]).round.minutes).toBeLessThanOrEqual(30)
    const none = records({ species: 'pygmy-sunfish', foods: [...foods, 'brine-shrimp'] }).map(r =>
      r.type === 'room' ? { ...r, rounds: r.rounds.map(x => ({ ...x, minutes: 1 })) } : r,
    )
    const busy = (on: string) => begins(roundFor(none, due(on), NOW).round.stops)
    expect(busy('2026-03-20')).toEqual([])
    expect(busy('2026-03-19')).toMatchObject([{ vessels: 1, must: true }])
  })
  it('is made as the last of its food was, unless something else is said', () => {
    const old = at('2026-02-20T05:00:00Z')
    const made = { matter: 'fine oats', water: 'rain', medium: '', remark: 'smelt of apples' }
    const about = { origin: 'bought', parentIds: [], starterMl: null, hatch: null, made }
    const told = log('2026-02-20T05:00:00Z', 'culture.started', {
      cultureId: old.id,
      ...about,
    } as never)
    const one = kept([keptStart({ vessels: 1 })])
    const plan = [told, one]
    const starts = (given?: unknown, entries = plan, cultures = [old]) =>
      done(roundOf(entries, cultures), 'begin', NOW, given).flatMap(e =>
        e.kind === 'culture.started' ? [e.data.made] : [],
      )
    const same = { ...made, remark: '' }
    expect(starts()).toEqual([same])
    const other = { ...same, matter: 'oatmeal' }
    expect(starts({ made: other })).toEqual([other])
    expect(starts(undefined, [one], [])).toEqual([null])
  })
  it('what is late is judged: still good, doubtful, or too late and then what instead', () => {
    const s = keptStart({ on: '2026-03-10', neededOn: '2026-03-24' })
    expect(lateness(s, '2026-03-10').code).toBe('on time')
    expect(lateness(s, '2026-03-14').code).toBe('late, still good')
    expect(lateness(s, '2026-03-19')).toMatchObject({ code: 'late, doubtful', days: 9 })
    expect(lateness(s, '2026-03-22').code).toBe('too late')
    // The plan itself counted with a bridge: a day later it does not give up what it asked for.
    const bridged = keptStart({ on: '2026-03-10', neededOn: '2026-03-15', readyLogSd: 0.5 })
    const unsure = { ...bridged, failure: 0.4, readyDays: 5.5 }
    expect(lateness(unsure, '2026-03-11')).toMatchObject({ code: 'late, doubtful' })
    expect(lateness(unsure, '2026-03-11').likely).toBeLessThan(0.3)
    expect(lateness(unsure, '2026-03-12').code).toBe('too late')
    const late = [kept([keptStart({ on: '2026-03-14', neededOn: '2026-03-22' })])]
    const begin = all(roundOf(late)).find(x => x.kind === 'begin')!
    expect(begin).toMatchObject({ late: { code: 'too late' } })
    // What the fry could take on that day: nauplii are too large, what comes too late is no way out of it.
    expect(begin.kind === 'begin' && begin.instead).toEqual(['infusoria'])
  })
})

describe('what is ordered', () => {
  const order = [kept([keptStart({ on: '2026-03-25', orderBy: '2026-03-19' })])]
  it('a starter is a stop until it is ordered, and is asked for on its day until it came', () => {
    const first = roundOf(order)
    expect(first.round.stops[0]!.kind).toBe('order')
    const ordered = [...order, ...done(first, 'order')]
    expect(all(roundOf(ordered)).map(s => s.kind)).not.toContain('order')
    const days = Array.from({ length: 11 }, (_, i) => `2026-03-${21 + i}T05:34:00.000Z`)
    const asked = days.filter(d =>
      all(roundOf(ordered, [], d)).some(s => s.kind === 'ask' && s.subject.type === 'order'),
    )
    // An order that never comes is asked for again, day after day.
    expect(asked.length).toBeGreaterThan(3)
    expect(asked.at(-1)).toBe(days.at(-1))
    const came = [...ordered, ...done(roundOf(ordered, [], asked[0]), 'ask', asked[0])]
    expect(all(roundOf(came, [], asked[0])).some(s => s.subject.type === 'order')).toBe(false)
  })
  it('what has come is started from, though another parcel of it is on its way', () => {
    const two = [
      keptStart({ on: '2026-03-25' }),
      keptStart({ id: 'microworm-2', on: '2026-03-29' }),
    ]
    const parcel = (n: number, comesOn: string) => ({
      ...{ orderId: uid(), what: 'starter' as const, foodId: 'microworm' },
      ...{ startId: `microworm-${n}`, comesOn },
    })
    const [first, second] = [parcel(1, '2026-03-25'), parcel(2, '2026-03-29')]
    const placed = [
      kept(two),
      log('2026-03-20T06:00:00Z', 'order.placed', first),
      log('2026-03-24T06:00:00Z', 'order.placed', second),
    ]
    const came = log('2026-03-25T05:40:00Z', 'order.came', { orderId: first.orderId, came: true })
    const begin = (entries: Entry[]) => {
      const at = roundOf(entries, [], '2026-03-25T18:10:00Z')
      const stop = all(at).find(s => s.kind === 'begin')
      return stop && { must: stop.must, text: wordsOf(stop, at.state)[0]!.text }
    }
    expect(begin(placed)).toBeUndefined()
    expect(begin([...placed, came])?.text).toContain('each, from the bag that came')
    // What stands in its bag for longer than it should is asked for all the same: it is not ordered again.
    const old = roundOf(
      [kept(two.slice(0, 1)), ...placed.slice(1, 2), came],
      [],
      '2026-04-01T05:40:00Z',
    )
    expect(all(old).find(s => s.kind === 'begin')).toMatchObject({ must: true, starter: 'bag' })
    expect(all(old).some(s => s.kind === 'order')).toBe(false)
    // Nobody ordered it: it is asked for beside the order, and waits for it.
    const none = begin([kept(two)])
    expect(none).toMatchObject({ must: false })
    expect(none?.text).toContain('mL, as soon as its starter is here')
  })
  it('cysts that will not last until a parcel comes are a stop, until they are ordered', () => {
    const entries = ['2026-03-02', '2026-03-04', '2026-03-06', '2026-03-08'].map(day =>
      started(`${day}T05:40:00Z`, {
        hatchId: makeId(Date.parse(day), new Uint8Array(10)),
        cystsG: 3 as never,
      }),
    )
    const now = '2026-03-10T05:40:00Z'
    const few = roundFor(records({ grams: 26 }), entries, now)
    const stop = all(few).find(s => s.kind === 'order')
    expect(stop?.kind === 'order' && Math.round(stop.cysts!.grams)).toBe(14)
    const ordered = [...entries, ...done(few, 'order', now)]
    const later = roundFor(records({ grams: 26 }), ordered, '2026-03-11T05:40:00Z')
    expect(all(later).some(s => s.kind === 'order')).toBe(false)
    const many = roundFor(records({ grams: 200 }), entries, now)
    expect(all(many).some(s => s.kind === 'order')).toBe(false)
  })
})
