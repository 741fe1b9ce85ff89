import { describe, expect, it } from 'vitest'
import { anyRecord } from '@renatus/core/records/records'
import { answerStop } from '@renatus/core/round/answerStop'
import type { TankStop } from '@renatus/core/round/stops/tank/find'
import { log, NAMED, records, roundFor, uid } from '../room'

const NOW = '2026-03-17T05:40:00Z'
const cup = (organisms: number) =>
  log('2026-03-16T18:05:00Z', 'store.filled', {
    ...{ storeId: NAMED.store1!, name: 'Cup', foodId: 'brine-shrimp', keep: 'fridge', unit: 'mL' },
    ...{ amount: 90, organisms, energy: 1, fromId: NAMED.hatch2!, useBy: null },
  })
const roundOf = (list = records(), entries = [cup(50_000)]) => {
  const { state, round } = roundFor(list, entries, NOW)
  const { reckoning } = round
  const c = { state, roundKey: round.current.key, reckoning, now: NOW, newId: () => uid() }
  const tank = round.stops.find((s): s is TankStop => s.kind === 'tank')!
  return { round, tank, c }
}

describe('answers that do not fit', () => {
  it('more than there is: what is left is said, and it is written where the person insists', () => {
    const { tank, c } = roundOf()
    const given = { foods: { 'brine-shrimp': 20 } }
    const refused = answerStop(tank, { how: 'done', given }, c)
    expect(refused).toMatchObject({ ok: false, code: 'too-much' })
    expect(!refused.ok && refused.message).toContain('Cup gives 90 mL at the most')
    const written = answerStop(tank, { how: 'done', given: { ...given, insist: true } }, c)
    const fed = written.ok && written.entries.find(e => e.kind === 'tank.fed')
    expect(fed && fed.kind === 'tank.fed' && fed.data.portions[0]!.organisms).toBeCloseTo(
      20 * tank.draws[0]!.organisms,
      3,
    )
  })
  it('nonsense is refused with its place, and nothing is written', () => {
    const { tank, c } = roundOf()
    const bad = answerStop(tank, { how: 'done', given: { foods: { 'brine-shrimp': -2 } } }, c)
    expect(bad).toMatchObject({ ok: false, code: 'bad-given' })
    expect(!bad.ok && bad.message).toContain('foods.brine-shrimp')
  })
  it('a store that is thrown out between proposal and tap feeds nobody at the next look', () => {
    const gone = log(NOW, 'store.discarded', { storeId: NAMED.store1!, reason: 'spilled' })
    const { round, tank } = roundOf(records(), [cup(50_000), gone])
    expect(round.reckoning.draws).toEqual([])
    expect(tank.gap?.share).toBe(1)
  })
  it('a brood without a tank is asked nothing and breaks nothing; an eater of size 0 is refused', () => {
    const list = records().filter(r => r.type !== 'tank')
    const { round } = roundOf(list)
    expect(round.stops.some(s => s.kind === 'tank')).toBe(false)
    const tank = records().find(r => r.type === 'tank')!
    const grown = { fish: 0, lengthMm: 40, everyDays: 2 }
    const checked = anyRecord.safeParse({ ...tank, grown })
    expect(checked.error?.issues[0]!.path.join('.')).toBe('grown.fish')
  })
})
