import { describe, expect, it } from 'vitest'
import { anyRecord, type AnyRecord, type GelMix } from '@renatus/core/records/records'
import { makeId } from '@renatus/core/records/id'
import type { Entry } from '@renatus/core/records/entries'
import { coverNow } from '@renatus/core/round/stops/cook/find'
import type { TankStop } from '@renatus/core/round/stops/tank/find'
import type { TubStop } from '@renatus/core/round/stops/tub/find'
import { roundLines } from '@renatus/core/round/roundLines'
import { roomState } from '@renatus/core/stock/roomState'
import { powderLeft } from '@renatus/core/stock/gelKitchen'
import { addDays } from '@renatus/core/time/localDate'
import { log, NAMED, records, roundFor } from '../../room'

const MIX = makeId(2_000_000, new Uint8Array(10))
const BOXES = [1, 2, 3].map(n => makeId(2_000_000 + n, new Uint8Array(10)))
const mix = anyRecord.parse({
  id: MIX,
  updatedAt: '2026-03-01T00:00:00Z',
  removedAt: null,
  type: 'gel-mix',
  name: 'Powder',
  label: { protein: 42, fat: 8, fibre: 4, ash: 10, moisture: 8 },
  gPerMl: 0.55,
  costPerKg: 30,
  particleUm: null,
  binder: 'agar',
  firmness: 'standard',
  parts: 3,
  grams: 200,
  weighedAt: '2026-03-02T00:00:00Z',
  formula: null,
  broodIds: [],
  job: 'pick',
}) as GelMix

/** A room of juveniles that eat a third of their day in gel. */
const room = (binder = 'agar'): AnyRecord[] => [
  ...records({ freeSwimmingOn: '2026-02-01', fry: 60, foods: ['brine-shrimp', 'gel'] }).map(r =>
    r.type === 'brood'
      ? anyRecord.parse({
          ...r,
          wishes: {
            school: 'ladder',
            forbidden: [],
            preferred: [],
            pins: [{ food: 'gel', share: 0.33, fromDay: 0, toDay: 400 }],
          },
        })
      : r,
  ),
  { ...mix, binder },
]
const cooked = (n: number, at: string, pieces: number, store: 'freezer' | 'fridge' = 'freezer') =>
  log(at, 'gel.cooked', {
    batchId: BOXES[n]!,
    mixId: MIX,
    boxName: `Box ${n + 1}`,
    store,
    form: 'tray',
    powderG: 10,
    powderMl: 18,
    waterMl: 54,
    filledMl: 60,
    leftMl: 0,
    landedG: null,
    pieces,
    pieceMm: null,
    moisture: 8,
    solidShare: 0.41,
    lossShare: 0.04,
    protein: 45,
  })
const at = (day: string, clock = '05:40') => `${day}T${clock}:00.000Z`
const stateOf = (now: string, entries: Entry[], binder?: string) =>
  roomState(room(binder), entries, now)!
const roundOf = (now: string, entries: Entry[], binder?: string) =>
  roundFor(room(binder), entries, now)
const stopsOf = (...args: Parameters<typeof roundOf>) => {
  const { stops, waiting } = roundOf(...args).round
  return [...stops, ...waiting.map(w => w.stop)]
}
const tubOf = (...args: Parameters<typeof roundOf>) =>
  stopsOf(...args).filter((s): s is TubStop => s.kind === 'tub')
const tankOf = (...args: Parameters<typeof roundOf>) =>
  stopsOf(...args).find((s): s is TankStop => s.kind === 'tank')
const taken = (stop: TubStop, now: string, on: string) =>
  log(now, 'store.portioned', {
    storeId: stop.box.id,
    name: stop.box.name,
    on,
    tanks: stop.tanks.map(t => ({ tankId: t.tankId, amount: t.pieces })),
    amount: stop.pieces,
  })

describe('gel in the round', () => {
  it('day after day the tub takes what the tanks are given, oldest box first, until nothing is left: portions times days are the pieces made', () => {
    const entries = [cooked(0, '2026-03-08T12:00:00Z', 40), cooked(1, '2026-03-09T12:00:00Z', 40)]
    let day = '2026-03-10'
    const predicted = coverNow(stateOf(at(day), entries))[0]!
    let used = 0
    let days = 0
    const order: string[] = []
    for (; days < 200; days++, day = addDays(day, 1)) {
      const stops = tubOf(at(day), entries)
      const wanted = stops.reduce((n, s) => n + s.pieces, 0)
      if (wanted === 0) break
      for (const stop of stops) {
        order.push(stop.box.name)
        used += stop.pieces
        entries.push(taken(stop, at(day), day))
      }
      // Made once a day: the tank is then given what lies in the tub, and no box is opened again.
      expect(tubOf(at(day, '05:50'), entries)).toEqual([])
      expect(tankOf(at(day, '05:50'), entries)?.gel?.pieces).toBeCloseTo(wanted, 9)
    }
    expect(used).toBe(80)
    // The last day may have been one of a rest.
    expect(Math.abs(days - predicted.days)).toBeLessThanOrEqual(1)
    expect(predicted.emptyOn).not.toBeNull()
    expect(order.lastIndexOf('Box 1')).toBeLessThanOrEqual(order.indexOf('Box 2'))
  })

  it('asks for the next batch the day before it must be cooked, once; a count corrects what is left', () => {
    const full = [cooked(0, '2026-03-08T12:00:00Z', 400)]
    const cookAsked = (entries: Entry[], now = at('2026-03-10')) =>
      stopsOf(now, entries).some(s => s.kind === 'cook')
    expect(cookAsked(full)).toBe(false)
    const counted = [
      ...full,
      log('2026-03-10T05:00:00Z', 'store.counted', {
        storeId: BOXES[0]!,
        name: 'Box 1',
        amount: 1,
      }),
    ]
    expect(cookAsked(counted)).toBe(true)
    expect(stateOf(at('2026-03-10'), counted).gel.boxes[0]!.pieces).toBe(1)
    expect(cookAsked([...counted, cooked(1, '2026-03-10T05:20:00Z', 2)])).toBe(false)
    const { state, round } = roundOf(at('2026-03-10'), counted)
    const lines = roundLines([...round.stops, ...round.waiting.map(w => w.stop)], state)
      .map(l => l.text)
      .join('\n')
    expect(lines).toMatch(/Cook gel, Powder: the boxes are empty on \w{3} \d/)
    expect(lines).toMatch(/Take 1 piece out of Box 1/)
  })

  it('what goes off first is used first; what is past its days is thrown out and feeds nobody', () => {
    const entries = [
      cooked(0, '2026-03-08T12:00:00Z', 40),
      cooked(1, '2026-03-09T12:00:00Z', 40, 'fridge'),
    ]
    expect(tubOf(at('2026-03-10'), entries)[0]!.box.name).toBe('Box 2')
    const late = at('2026-03-15')
    const old = stopsOf(late, entries).filter(s => s.kind === 'clear')
    expect(old.map(s => s.subject.name)).toEqual(['Box 2'])
    expect(tubOf(late, entries)[0]!.box.name).toBe('Box 1')
  })

  it('what is left comes out: after a day in agar, at the next round where gelatin goes soft', () => {
    const entries = [cooked(0, '2026-03-08T12:00:00Z', 400)]
    const given = (binder: string) => {
      const stops = tubOf(at('2026-03-10'), entries, binder)
      return [
        ...entries,
        taken(stops[0]!, at('2026-03-10'), '2026-03-10'),
        log('2026-03-10T05:45:00Z', 'tank.fed', {
          tankId: NAMED.tank!,
          roundKey: '2026-03-10T06:30',
          portions: [{ foodId: 'gel', organisms: 1000, energy: 1, amount: null, source: null }],
          partial: false,
        }),
      ]
    }
    const out = (binder: string, now: string) =>
      tankOf(now, given(binder), binder)?.tasks.some(t => t.id === 'gel-out') ?? false
    expect(out('agar', at('2026-03-10', '18:10'))).toBe(false)
    expect(out('agar', at('2026-03-11'))).toBe(true)
    expect(out('gelatin', at('2026-03-10', '18:10'))).toBe(true)
  })

  it('powder is taken off what was weighed', () => {
    expect(
      powderLeft(
        [cooked(0, '2026-03-08T12:00:00Z', 40), cooked(1, '2026-03-09T12:00:00Z', 40)],
        mix,
      ),
    ).toBe(180)
    expect(powderLeft([cooked(0, '2026-03-01T12:00:00Z', 40)], mix)).toBe(200)
    expect(powderLeft([], { ...mix, grams: null })).toBeNull()
  })
})
