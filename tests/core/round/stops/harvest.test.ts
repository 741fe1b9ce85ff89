import { describe, expect, it } from 'vitest'
import { anyRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import { harvestWords } from '@renatus/core/round/stops/harvest/words'
import type { HarvestStop } from '@renatus/core/round/stops/harvest/find'
import { NAMED, records, roundFor, started, uid } from '../../room'

const NOW = '2026-03-20T05:34:00Z'
const hatch = started('2026-03-19T05:30:00Z', {
  hatchId: NAMED.hatch1,
  cystsG: 2 as never,
  pullsAt: [NOW],
})
const at = (fry: number, cubesWanted: { cubes: number; by: string } | null) => {
  const list = records({ fry }).map(r =>
    anyRecord.parse(r.type === 'room' ? { ...r, cubesWanted } : r),
  )
  const { state, round } = roundFor(list, [hatch], NOW)
  const stop = round.stops.find((s): s is HarvestStop => s.kind === 'harvest')!
  return { state, round, stop }
}
const MANY = { cubes: 400, by: '2026-04-01' }

describe('cubes that are wanted by a date', () => {
  it('are made of what is over: every fry has its meals first', () => {
    const { stop, round } = at(400, MANY)
    const { meals } = round.reckoning.hatch
    const eaten = meals
      .filter(m => m.at <= '2026-03-21T05:34:00Z')
      .reduce((n, m) => n + m.nauplii, 0)
    expect(stop.freeze!.cubes).toBeGreaterThan(0)
    expect(stop.freeze!.nauplii * stop.pull.energy + eaten).toBeLessThanOrEqual(stop.pull.useful)
    expect(at(100_000, MANY).stop.freeze).toBeNull()
  })
  it('are no more than are wanted, and none once their day is past or nobody wants any', () => {
    expect(at(400, { cubes: 3, by: '2026-04-01' }).stop.freeze!.cubes).toBe(3)
    expect(at(400, { cubes: 3, by: '2026-03-19' }).stop.freeze).toBeNull()
    expect(at(400, null).stop.freeze).toBeNull()
  })
  it('one tap writes the harvest, the cubes and the cup; together they are the pull', () => {
    const { state, stop, round } = at(400, { cubes: 3, by: '2026-04-01' })
    const { reckoning } = round
    const c = { state, roundKey: round.current.key, reckoning, now: NOW, newId: () => uid() }
    const written = answerStop(stop, { how: 'done' }, c)
    const fills = (written.ok ? written.entries : []).flatMap(e =>
      e.kind === 'store.filled' ? [e.data] : [],
    )
    expect(fills.map(f => [f.keep, f.unit])).toEqual([
      ['freezer', 'cube'],
      ['fridge', 'mL'],
    ])
    expect(fills[0]!.amount).toBe(3)
    expect(fills.reduce((n, f) => n + f.organisms!, 0)).toBeCloseTo(stop.pull.nauplii, 3)
    expect(harvestWords(stop)[0]!.text).toContain('as 3 cubes: 0 of 3 wanted are there')
  })
})
