import { expect, it } from 'vitest'
import { saltOfDraw } from '@renatus/core/round/stops/tank/saltOfDraw'
import { log, NAMED, started, stateAt } from '../room'

const NOW = '2026-03-18T06:00:00Z'
const saltOf = (school: string, ml: number, changePerDay = 0.5) => {
  const state = stateAt(NOW, [started('2026-03-17T06:00:00Z')])
  state.hatches[0]!.school = school
  const draw = { source: { id: NAMED.hatch1! }, amount: { value: ml, unit: 'mL' } }
  return saltOfDraw(draw as never, { ...state.tanks[0]!, litres: 10 as never, changePerDay }, state)
}

it('says what brine carries into a tank, from where it is worth a word', () => {
  // 25 g/L, two meals of 30 mL a day into 10 L: 0.15 g on a litre.
  expect(saltOf('unrinsed', 30)).toMatch(/0\.15 g of salt a day on each litre\.$/)
  expect(saltOf('unrinsed', 30, 0.1)).toMatch(/settles at 1\.5 g\/L: too much/)
  expect(saltOf('unrinsed', 30, 0)).toContain('it heaps up')
  expect(saltOf('unrinsed', 5)).toBe('')
  expect(saltOf('one-pull', 30)).toBe('')
})

it('reaches the cup that came of it', () => {
  const filled = log(NOW, 'store.filled', {
    ...{ storeId: NAMED.store1!, name: 'Cup', foodId: 'brine-shrimp', keep: 'fridge' as const },
    ...{ unit: 'mL' as const, amount: 200, organisms: 1e5, energy: 1, fromId: NAMED.hatch1! },
    useBy: null,
  })
  const state = stateAt(NOW, [started('2026-03-17T06:00:00Z'), filled])
  state.hatches[0]!.school = 'unrinsed'
  const draw = { source: { id: NAMED.store1! }, amount: { value: 200, unit: 'mL' } }
  expect(saltOfDraw(draw as never, state.tanks[0]!, state)).toContain('It goes in with its brine')
})
