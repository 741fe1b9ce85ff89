import { describe, expect, it } from 'vitest'
import { call } from './call'
import { log, records } from '../core/room'

describe('headless, of a whole room', () => {
  it('plan and round: a small room, a horizon that has passed, a file of an older version', async () => {
    const room = {
      format: 'renatus-room',
      version: 5,
      exportedAt: '2026-03-16T06:00:00Z',
      by: 'x',
      records: records({
        species: 'pygmy-sunfish',
        freeSwimmingOn: '2026-04-01',
        fry: 60,
        foods: ['infusoria', 'microworm', 'brine-shrimp'],
      }),
      entries: [log('2026-03-16T06:00:00Z', 'note', { text: 'Moved the rack.' })],
      kept: [],
    }
    const { out } = await call(['plan'], { room, from: '2026-03-17', days: 28, certainty: 0.9 })
    const p = out as unknown as {
      status: string
      starts: { food: string; why: string; vessels: number }[]
      days: { day: string; minutes: number; budget: number }[]
      vessels: number
      orders: { on: string; comes: string }[]
      picture: { lanes: { food: string }[] }
      hatches: unknown[]
      takes: unknown[]
      cover: { probability: number }[]
      lastStarts: { on: string }[]
      gap: number
    }
    expect(p.status).toBe('optimal')
    expect(p.gap).toBeLessThanOrEqual(0.0101)
    expect(p.starts.some(s => s.why.includes('Angels'))).toBe(true)
    expect(p.cover.every(c => c.probability >= 0 && c.probability <= 1)).toBe(true)
    expect(p.lastStarts.length).toBeGreaterThan(0)
    expect(p.days).toHaveLength(28)
    expect(p.days[0]).toMatchObject({ day: '2026-03-17', budget: 60 })
    expect(p.vessels).toBe(p.starts.reduce((n, s) => n + s.vessels, 0))
    expect(p.orders.every(o => o.on <= o.comes)).toBe(true)
    expect(p.picture.lanes.map(l => l.food)).toEqual(
      expect.arrayContaining(p.starts.map(s => s.food)),
    )
    const hurried = (
      await call(['plan'], { room, from: '2026-03-17', days: 28, minutesPerRound: 4 })
    ).out as unknown as typeof p
    expect(hurried.days[0]!.budget).toBe(8)
    expect(hurried.vessels).toBeLessThanOrEqual(p.vessels)
    expect((await call(['plan'], { room, from: '2026-02-01', days: 28 })).out).toMatchObject({
      status: 'infeasible',
      clash: expect.stringContaining('lies in the past') as never,
    })
    const old = { ...room, version: 4 }
    const at = '2026-04-02T05:00:00Z'
    const round = (await call(['round'], { room: old, at })).out as unknown as {
      round: { name: string }
      stops: { key: string; kind: string; text: string; why: string }[]
      gaps: { tank: string; share: number }[]
    }
    expect(round.round.name).toBe('Morning round')
    // Nothing stands here that could be fed: that is said, and nothing is fed from thin air.
    expect(round.gaps).toMatchObject([{ share: 1 }])
    expect(round.stops.some(s => s.kind === 'tank' && s.text.includes('Tank 1'))).toBe(true)
    expect(round.stops.every(s => s.why.length > 0)).toBe(true)
    const { sources } = (await call(['sources'], { room: old, at })).out as unknown as {
      sources: unknown[]
    }
    expect(sources).toEqual([])
  })

  it('merge: rooms of several devices are one, whoever is first, and what differs is named', async () => {
    const at = '2026-03-16T06:00:00Z'
    const file = (name: string, updatedAt: string, text: string) => ({
      ...{ format: 'renatus-room', version: 10, exportedAt: updatedAt, by: name, kept: [] },
      records: records().map(r => (r.type === 'tank' ? { ...r, name, updatedAt } : r)),
      entries: [log(at, 'note', { text })],
    })
    const rooms = [
      file('Left', '2026-03-17T06:00:00Z', 'a'),
      file('Right', '2026-03-18T06:00:00Z', 'b'),
    ]
    type Merged = { room: { records: { type: string; name: string }[]; entries: unknown[] } }
    const merged = async (of: unknown[]) =>
      (await call(['merge'], { rooms: of })).out as unknown as Merged & { conflicts: object[] }
    const one = await merged(rooms)
    expect(one.room.records.find(r => r.type === 'tank')!.name).toBe('Right')
    expect(one.room.entries).toHaveLength(2)
    expect(one.conflicts).toMatchObject([{ type: 'tank', name: 'Right', versions: 2 }])
    const other = await merged([...rooms].reverse())
    expect(other.conflicts).toEqual(one.conflicts)
    expect(other.room.records).toEqual(one.room.records)
    expect(other.room.entries).toEqual(one.room.entries)
    expect((await merged([one.room, ...rooms])).room.entries).toEqual(one.room.entries)
  })

  it('answer: a stop is answered once; the second tap is told so, a stop that is not there too', async () => {
    const room = {
      ...{ format: 'renatus-room', version: 7, exportedAt: '2026-03-16T06:00:00Z', by: 'x' },
      ...{ records: records({ freeSwimmingOn: '2026-03-18' }), entries: [], kept: [] },
    }
    const at = '2026-03-17T05:40:00Z'
    type Row = { key: string; kind: string }
    const stopsOf = async (r: unknown) =>
      (await call(['round'], { room: r, at })).out!.stops as unknown as Row[]
    const stop = (await stopsOf(room)).find(s => s.kind === 'hatch')!
    const tap = async (r: unknown, key = stop.key) =>
      (await call(['answer'], { room: r, at, stop: key })).out as unknown as {
        status: string
        message: string
        room: typeof room
      }
    const first = await tap(room)
    expect(first.status).toBe('ok')
    expect((await stopsOf(first.room)).map(s => s.key)).not.toContain(stop.key)
    const again = await tap(first.room)
    expect(again.status).toBe('answered')
    expect(again.room.entries).toEqual(first.room.entries)
    expect((await tap(room, 'tank:nobody:x')).status).toBe('gone')
  })

  it.each([
    [['hatch'], { vesselL: 0, cystsG: 1, saltGL: 25, temperatureC: 25 }, 'bad-input', 'vesselL'],
    [
      ['salt-of'],
      { volumeL: 1, salt: 'fine', spoons: [{ measure: 'ladle', count: 1 }] },
      'bad-input',
      'spoons.0.measure',
    ],
    [['salt'], '{"volumeL":', 'bad-json', ''],
    [['gel-formula'], {}, 'bad-input', 'ingredients'],
    [
      ['gel-formula'],
      { ingredients: [{ id: 'mud', costPerKg: 1 }], targets: {} },
      'bad-input',
      'ingredients.0.values',
    ],
    [
      ['gel-formula'],
      {
        ingredients: [
          { id: 'x', costPerKg: -1, values: { protein: 140, fat: 0, fibre: 0, ash: 0 } },
        ],
        targets: {},
      },
      'bad-input',
      'ingredients.0.values.protein',
    ],
    [
      ['gel-formula'],
      { ingredients: [{ id: 'oats', costPerKg: -2 }], targets: {} },
      'bad-input',
      'ingredients.0.costPerKg',
    ],
    [
      ['gel-batch'],
      { trays: 1, trayMl: 0, parts: 3, lossShare: 0, powderGPerMl: 0.55, measures: 'us' },
      'bad-input',
      'trayMl',
    ],
    [
      ['gel-batch'],
      { trays: 1, trayMl: 180, parts: 0, lossShare: 0, powderGPerMl: 0.55, measures: 'us' },
      'bad-input',
      'parts',
    ],
    [
      ['plan'],
      { room: { format: 'renatus-room', version: 5, records: [] }, from: '2026-03-16' },
      'bad-input',
      'room.exportedAt',
    ],
    [['brew'], {}, 'unknown-command', 'command'],
    [['salt', '/nowhere.json'], '', 'no-file', '/nowhere.json'],
  ] as const)(
    '%j refuses with exit 2, a code and a path, and prints nothing',
    async (args, input, code, path) => {
      const { status, out, error } = await call([...args], input)
      expect([status, out, error?.code, error?.path]).toEqual([2, null, code, path])
    },
  )
}, 60_000)
