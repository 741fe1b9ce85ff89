import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rollingSet } from '@renatus/core/records/roomRecords'
import { codeFor } from '@renatus/core/stock/codes'
import { cultureStates } from '@renatus/core/stock/cultures'
import { backupOf, lineageAt, lineOf, lineTree } from '@renatus/core/stock/lines'
import { airAt, placeTemperatures, temperatureNow } from '@renatus/core/stock/placeTemperature'
import { rollingSets } from '@renatus/core/stock/rollingSets'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf, startedFrom } from '../cultureRoom'
import { log, NAMED, records, uid } from '../room'

const A = '2026-03-01T06:00:00Z'
const B = '2026-03-08T06:00:00Z'
const C = '2026-03-15T06:00:00Z'

describe('cultures of the log', () => {
  it('a start that is undone takes its vessel away; records without one are from before and stay', () => {
    const [old, fresh] = [cultureOf('moina', A), cultureOf('moina', B, { logged: true })]
    const start = startedFrom(fresh, [])
    const at = (entries: Parameters<typeof roomState>[1]) =>
      roomState([...records(), old, fresh], entries, C)!.cultures.map(c => c.id)
    expect(at([start])).toEqual([old.id, fresh.id])
    expect(at([])).toEqual([old.id])
    expect(at([start, log(C, 'undone', { act: start.act })])).toEqual([old.id])
  })
  it('holds jars of one go, and what comes of them, for one line', () => {
    const [a, b] = [cultureOf('moina', A), cultureOf('moina', A)]
    const [child, later] = [cultureOf('moina', B), cultureOf('moina', B)]
    const all = [a, b, child, later]
    const states = cultureStates(all, [startedFrom(child, [b.id])])
    const ids = (id: string) => lineOf(states, id).map(c => c.id)
    expect(ids(a.id)).toEqual([a.id, b.id, child.id])
    expect(ids(child.id)).toEqual(ids(a.id))
    expect(ids(later.id)).toEqual([later.id])
    expect(backupOf(states, a.id).code).not.toBe('only')
    expect(backupOf(states, a.id).others.map(c => c.id)).toEqual([b.id, child.id])
    expect(backupOf(states, later.id).code).toBe('other-line')
  })
  it('follows where it stands, what was drawn and made up, and how it ended', () => {
    const c = cultureOf('moina', A, { litres: 10 as never })
    const did = (at: string, action: 'topUp' | 'feed' | 'renew') =>
      log(at, 'culture.did', { cultureId: c.id, action, amount: null, unit: null })
    const drawn = (at: string, share: number) =>
      log(at, 'culture.harvested', { cultureId: c.id, seen: 'good', share })
    const state = (entries: Parameters<typeof cultureStates>[1]) => cultureStates([c], entries)[0]!
    expect(
      state([drawn('2026-03-02T06:00:00Z', 0.2), drawn('2026-03-02T07:00:00Z', 0.1)]).drawnMl,
    ).toBeCloseTo(3000, 6)
    expect(
      state([drawn('2026-03-02T06:00:00Z', 0.2), did('2026-03-02T07:00:00Z', 'topUp')]).drawnMl,
    ).toBe(0)
    // Who draws again at a later round has made it up in between.
    expect(
      state([drawn('2026-03-02T06:00:00Z', 0.2), drawn('2026-03-06T06:00:00Z', 0.1)]).drawnMl,
    ).toBeCloseTo(1000, 6)
    const moved = state([
      log(B, 'culture.moved', { cultureId: c.id, placeId: NAMED.place!, level: 'top' }),
      log(B, 'culture.quarantined', { cultureId: c.id, apart: true, reason: 'hydra' }),
      did(B, 'renew'),
      log(C, 'culture.ended', { cultureId: c.id, how: 'failed' }),
    ])
    expect(moved).toMatchObject({
      placeId: NAMED.place,
      level: 'top',
      quarantine: { reason: 'hydra' },
      renewedAt: B,
      ended: { how: 'failed' },
    })
  })
})

describe('lines', () => {
  const [mother, daughter, grandchild, other] = [
    cultureOf('moina', A, { placeId: NAMED.place! }),
    cultureOf('moina', B, { placeId: NAMED.place! }),
    cultureOf('moina', C, { placeId: NAMED.place! }),
    cultureOf('moina', B),
  ] as const
  const starts = [
    startedFrom(mother, []),
    startedFrom(daughter, [mother.id]),
    startedFrom(grandchild, [daughter.id]),
    startedFrom(other, [], 'wild'),
  ]
  const at = (more: ReturnType<typeof log>[] = []) =>
    cultureStates([mother, daughter, grandchild, other], [...starts, ...more])
  it('hold every vessel of one origin, drawn from the oldest on', () => {
    expect(lineOf(at(), grandchild.id).map(c => c.id)).toEqual([
      mother.id,
      daughter.id,
      grandchild.id,
    ])
    const tree = lineTree(lineOf(at(), daughter.id))
    expect(tree.map(n => n.culture.id)).toEqual([mother.id])
    expect(tree[0]!.children[0]!.children[0]!.culture.id).toBe(grandchild.id)
    expect(lineageAt(at(), grandchild.id)).toEqual({ generation: 2, clean: true, broken: [] })
    expect(lineageAt(at(), other.id)).toMatchObject({ generation: 0, clean: false })
    expect(
      lineageAt(
        at([log(B, 'culture.crossed', { cultureId: mother.id, rule: 'tank-water' })]),
        grandchild.id,
      ),
    ).toMatchObject({ clean: false, broken: ['tank-water'] })
  })
  it('say whether an accident would end them', () => {
    const end = (id: string) => log(C, 'culture.ended', { cultureId: id, how: 'failed' })
    expect(backupOf(at(), mother.id)).toMatchObject({ code: 'same-place' })
    expect(
      backupOf(
        at([log(C, 'culture.moved', { cultureId: daughter.id, placeId: null, level: 'middle' })]),
        mother.id,
      ).code,
    ).toBe('safe')
    expect(backupOf(at([end(mother.id), end(daughter.id)]), grandchild.id)).toMatchObject({
      code: 'other-line',
      lost: { id: expect.any(String) as string },
    })
    expect(
      backupOf(at([end(mother.id), end(daughter.id), end(other.id)]), grandchild.id).code,
    ).toBe('only')
    // What stands apart is no backup.
    expect(
      backupOf(
        at([
          end(mother.id),
          end(other.id),
          log(C, 'culture.quarantined', { cultureId: daughter.id, apart: true, reason: '' }),
        ]),
        grandchild.id,
      ).code,
    ).toBe('only')
  })
})

describe('warmth of a place', () => {
  const place = { ...records().find(r => r.id === NAMED.place)!, topC: 26, bottomC: 22 } as never
  it('differs by height, and one thermometer holds for all of it', () => {
    expect(
      ['top', 'middle', 'bottom'].map(l => airAt({ topC: 26, bottomC: 22 }, l as 'top')),
    ).toEqual([26, 24, 22])
    expect(['top', 'bottom'].map(l => airAt({ topC: null, bottomC: 22 }, l as 'top'))).toEqual([
      22, 22,
    ])
    expect(airAt({ topC: null, bottomC: null }, 'top')).toBeNull()
  })
  it('follows readings and moves, for what is as warm as its place and nothing else', () => {
    const warm = cultureOf('moina', A, { placeId: NAMED.place!, level: 'top', warmth: 'place' })
    const read = log(B, 'place.temperature', {
      placeId: NAMED.place!,
      topC: 24 as never,
      bottomC: 20 as never,
      was: { topC: 26 as never, bottomC: 22 as never },
    })
    const moved = log(C, 'culture.moved', {
      cultureId: warm.id,
      placeId: NAMED.place!,
      level: 'bottom',
    })
    expect(placeTemperatures(warm, [place], [read, moved])).toEqual([
      { at: A, temperatureC: 26 },
      { at: B, temperatureC: 24 },
      { at: C, temperatureC: 20 },
    ])
    expect(temperatureNow(warm, [place], [read, moved])).toBe(20)
    expect(placeTemperatures({ ...warm, warmth: 'own' }, [place], [read, moved])).toEqual([])
    expect(
      temperatureNow(
        { ...warm, warmth: 'own' },
        [place],
        [log(B, 'culture.temperature', { cultureId: warm.id, temperatureC: 19 as never })],
      ),
    ).toBe(19)
  })
})

describe('letters for the tape', () => {
  it('are three, near the name, and never given out twice', () => {
    expect(codeFor('Oar bucket', new Set())).toHaveLength(3)
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 20 }), { maxLength: 60 }), names => {
        const taken = new Set<string>()
        for (const n of names) {
          const code = codeFor(n, taken)
          expect(code).toMatch(/^[A-Z]{3}$/)
          expect(taken.has(code)).toBe(false)
          taken.add(code)
        }
      }),
      { seed: 5 },
    )
  })
})

describe('vessels rolled in turn', () => {
  it('are young, half way and fed out by when they were last new, and the next is reset on time', () => {
    const set = rollingSet.parse({
      id: uid(),
      updatedAt: A,
      type: 'rolling-set',
      name: 'Buckets',
      foodId: 'moina',
      everyDays: 10,
    })
    const [a, b, c] = [A, B, C].map(at => cultureOf('moina', at, { setId: set.id })) as [
      ReturnType<typeof cultureOf>,
      ReturnType<typeof cultureOf>,
      ReturnType<typeof cultureOf>,
    ]
    const roll = (entries: ReturnType<typeof log>[]) =>
      rollingSets([set], cultureStates([a, b, c], entries))[0]!
    expect(roll([]).members.map(m => [m.culture.id, m.role])).toEqual([
      [c.id, 'reset'],
      [b.id, 'half way'],
      [a.id, 'feeding out'],
    ])
    expect(roll([])).toMatchObject({ next: { id: a.id }, nextAt: '2026-03-25T06:00:00.000Z' })
    const renewed = log('2026-03-20T06:00:00Z', 'culture.did', {
      cultureId: a.id,
      action: 'renew',
      amount: null,
      unit: null,
    })
    expect(roll([renewed])).toMatchObject({
      next: { id: b.id },
      nextAt: '2026-03-30T06:00:00.000Z',
    })
    expect(rollingSets([set], [])[0]).toMatchObject({ next: null, nextAt: null, members: [] })
  })
})
