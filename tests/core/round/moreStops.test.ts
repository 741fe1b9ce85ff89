import { describe, expect, it } from 'vitest'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { wholeRound } from '@renatus/core/round/moreStops'
import { minutesOf, roundMinutes } from '@renatus/core/round/minutes'
import { rankOf } from '@renatus/core/round/orderStops'
import { lateness } from '@renatus/core/round/planStops'
import { roundLines } from '@renatus/core/round/roundLines'
import type { KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf } from '../cultureRoom'
import { log, NAMED, records, started } from '../room'

const NOW = '2026-03-20T05:34:00.000Z'
const whole = (
  cultures: CultureRecord[],
  entries: Entry[] = [],
  o: Parameters<typeof records>[0] = {},
  now = NOW,
) => {
  const state = roomState(
    [
      ...records({
        species: 'pygmy-sunfish',
        freeSwimmingOn: '2026-03-15',
        fry: 60,
        foods: ['infusoria', 'microworm', 'moina', 'brine-shrimp'],
        ...o,
      }),
      ...cultures,
    ],
    entries,
    now,
  )!
  return { state, round: wholeRound(state, readRoom(state)) }
}
const keptStart = (more: Partial<KeptPlan['starts'][number]> = {}): KeptPlan['starts'][number] => ({
  id: 'microworm-1',
  food: 'microworm',
  method: 'oats',
  on: '2026-03-20',
  vessels: 2,
  placeId: null,
  litres: 0.3,
  orderBy: null,
  forBrood: NAMED.brood!,
  neededOn: '2026-03-27',
  failure: 0.1,
  readyDays: 5,
  readyLogSd: 0.2,
  why: 'For Angels.',
  ...more,
})
const kept = (starts: KeptPlan['starts'], at = '2026-03-15T06:00:00Z') =>
  log(at, 'plan.kept', {
    from: '2026-03-15',
    days: 60,
    certainty: 0.95,
    starts,
    facts: { broods: [], cultures: [], rounds: '', foods: '', warmth: '' },
  })

describe('the whole round', () => {
  const at = (food: string, startedAt: string, more: Partial<CultureRecord> = {}) =>
    cultureOf(food, startedAt, { placeId: NAMED.place!, ...more })
  const garden = [
    at('moina', '2026-02-24T06:00:00Z'),
    at('green-water', '2026-03-08T06:00:00Z'),
    at('infusoria', '2026-03-10T06:00:00Z'),
    at('microworm', '2026-03-08T06:00:00Z'),
    at('rotifer', '2026-03-12T06:00:00Z'),
  ]

  it('goes from clean to dirty, hatches after cultures, tanks last, orders first', () => {
    const { round } = whole(garden, [
      started('2026-03-19T04:00:00Z', { pullsAt: ['2026-03-20T05:30:00Z'] }),
      kept([
        keptStart(),
        keptStart({
          id: 'moina-1',
          food: 'moina',
          method: 'yeast-and-spirulina',
          on: '2026-03-26',
          orderBy: '2026-03-20',
        }),
      ]),
    ])
    const ranks = round.stops.map(s => rankOf(s)[0])
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
    expect(round.stops[0]!.type).toBe('order')
    expect(round.stops.at(-1)!.type).toBe('tank')
    for (const type of ['begin', 'harvest'] as const)
      expect(round.stops.some(s => s.type === type)).toBe(true)
    const classes = round.stops.flatMap(s =>
      s.type === 'culture' && s.after === null ? [s.hygiene] : [],
    )
    expect(classes.indexOf('cladocerans')).toBeLessThan(
      classes.lastIndexOf('worms') === -1 ? 99 : classes.lastIndexOf('worms'),
    )
  })
  it('water fleas are fed before green water is made up, which waits until they are done', () => {
    const drawn = log('2026-03-20T05:00:00Z', 'culture.did', {
      cultureId: garden[1]!.id,
      action: 'takeOut',
      amount: 0.3,
      unit: 'share',
    })
    const { round } = whole(garden, [drawn])
    const later = round.stops.findIndex(s => s.type === 'culture' && s.after === 'cladocerans')
    const fleas = round.stops.findIndex(
      s => (s.type === 'culture' || s.type === 'looks') && s.hygiene === 'cladocerans',
    )
    expect(later).toBeGreaterThan(fleas)
    expect(fleas).toBeGreaterThanOrEqual(0)
    expect(round.stops[later]!.cautions.map(c => c.id)).toContain('clean-jug')
  })
  it('asks for food out of a vessel only while a tank wants it, and never twice for a look within a day', () => {
    const worm = at('microworm', '2026-03-10T06:00:00Z')
    const asks = (entries: Entry[], o = {}) =>
      whole([worm], entries, o).round.stops.flatMap(s =>
        s.type === 'culture' ? s.tasks.map(t => t.kind) : s.type === 'looks' ? ['look'] : [],
      )
    expect(asks([])).toContain('take')
    expect(asks([], { freeSwimmingOn: '2026-05-01' })).not.toContain('take')
    expect(asks([])).toContain('look')
    expect(
      asks([
        log('2026-03-20T05:00:00Z', 'culture.looked', {
          cultureId: worm.id,
          signs: { climbing: 2 },
        }),
      ]),
    ).not.toContain('look')
    expect(
      whole([worm], [], {
        rounds: [
          { name: 'Snack', at: '06:30', feedingOnly: true },
          { name: 'Evening', at: '22:00' },
        ],
      }).round.stops.every(s => s.type === 'tank'),
    ).toBe(true)
  })
  it('without readings it asks nothing of vessels, and nothing without cultures', () => {
    const { state } = whole(garden)
    expect(
      wholeRound(state, new Map()).stops.some(s => s.type === 'culture' || s.type === 'looks'),
    ).toBe(false)
    expect(whole([]).round.stops.some(s => s.type === 'culture')).toBe(false)
  })
  it('a start that was made is not asked for again; part of it leaves the rest', () => {
    const begin = (cultures: CultureRecord[]) =>
      whole(cultures, [kept([keptStart()])]).round.stops.find(s => s.type === 'begin')
    expect(begin([])).toMatchObject({ start: { left: 2 }, late: { code: 'on time' } })
    expect(begin([at('microworm', '2026-03-20T05:00:00Z')])).toMatchObject({ start: { left: 1 } })
    expect(
      begin([at('microworm', '2026-03-20T05:00:00Z'), at('microworm', '2026-03-20T05:10:00Z')]),
    ).toBeUndefined()
    const ordered = log(
      '2026-03-19T06:00:00Z',
      'note',
      { text: 'Ordered.' },
      { answers: 'order:microworm-1' },
    )
    const order = [kept([keptStart({ on: '2026-03-25', orderBy: '2026-03-19' })])]
    expect(whole([], order).round.stops[0]!.type).toBe('order')
    expect(whole([], [...order, ordered]).round.stops.some(s => s.type === 'order')).toBe(false)
  })
  it('what is late is judged: still good, doubtful, or too late and then what instead', () => {
    const s = keptStart({ on: '2026-03-10', neededOn: '2026-03-24' })
    expect(lateness(s, '2026-03-10').code).toBe('on time')
    expect(lateness(s, '2026-03-14').code).toBe('late, still good')
    expect(lateness(s, '2026-03-19')).toMatchObject({ code: 'late, doubtful', days: 9 })
    expect(lateness(s, '2026-03-22').code).toBe('too late')
    const { round } = whole([], [kept([keptStart({ on: '2026-03-14', neededOn: '2026-03-22' })])])
    const begin = round.stops.find(x => x.type === 'begin')!
    expect(begin.type === 'begin' && begin.late.code).toBe('too late')
    expect(begin.type === 'begin' && begin.instead).toContain('infusoria')
  })
  it('lines hold verb, amount, unit and why; minutes add up', () => {
    const { state, round } = whole(garden, [kept([keptStart()])])
    const lines = roundLines(round.stops, state)
    expect(lines.reduce((m, l) => m + l.minutes, 0)).toBe(roundMinutes(round.stops))
    expect(round.stops.every(s => minutesOf(s) > 0)).toBe(true)
    for (const l of lines) {
      expect(l.text).toMatch(/\S.*[.?]$/)
      expect(l.why.length).toBeGreaterThan(3)
    }
    expect(new Set(lines.map(l => l.key)).size).toBe(lines.length)
    expect(lines.find(l => l.verb === 'Start')).toMatchObject({ amount: 2, unit: 'vessels' })
  })
})
