import { expect, it } from 'vitest'
import type { Draw } from '@renatus/core/planning/reckoning/draw'
import { drawText } from '@renatus/core/round/stops/tank/words'

const drawn = (foodId: string, name: string) =>
  ({ foodId, amount: { value: 12, unit: 'mL' }, source: { name } }) as unknown as Draw

it('says where food is drawn from, and no name twice', () => {
  const said = (foodId: string, name: string) => drawText(drawn(foodId, name), 'metric')
  expect(said('infusoria', 'Leaf jar 1')).toMatch(/ of infusoria from Leaf jar 1$/)
  expect(said('infusoria', 'Infusoria')).toMatch(/ of infusoria$/)
})
