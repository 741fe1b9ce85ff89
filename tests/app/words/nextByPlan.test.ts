import { expect, it } from 'vitest'
import type { KeptStart } from '@renatus/core/planning/plan/keptPlan'
import { dayText } from '@renatus/core/time/dayText'
import { nextByPlan } from '~/words/nextByPlan'

const start = (
  food: string,
  on: string,
  vessels = 1,
  orderBy: string | null = null,
): KeptStart => ({
  ...{ id: `${food}-${on}`, food, method: 'any', on, vessels, orderBy },
  ...{ placeId: null, litres: 1, forBrood: 'b', neededOn: on },
  ...{ failure: 0.1, readyDays: 7, readyLogSd: 0.2, why: '' },
})
const said = (starts: KeptStart[], ordered: string[] = []) =>
  nextByPlan(starts, '2026-05-04', new Set(ordered), dayText)

it('the kept plan tells what it asks for next', () => {
  expect(said([])).toBeNull()
  // What is due today stands in the round.
  expect(said([start('infusoria', '2026-05-04')])).toBeNull()
  expect(said([start('moina', '2026-05-11', 2), start('infusoria', '2026-05-06')])).toBe(
    'The plan next: Wed 6 May, start 1 vessel of infusoria.',
  )
  expect(said([start('infusoria', '2026-05-06'), start('microworm', '2026-05-06', 2)])).toBe(
    'The plan next: Wed 6 May, start 1 vessel of infusoria and start 2 vessels of microworms.',
  )
})

it('a starter that is still to be ordered comes before its start, and once where two hang on it', () => {
  const two = ['2026-05-12', '2026-05-14'].map(on => start('microworm', on, 1, '2026-05-08'))
  expect(said(two)).toBe('The plan next: Fri 8 May, order a starter of microworms.')
  // What is on its way is not ordered twice.
  expect(said(two, ['microworm-2026-05-12', 'microworm-2026-05-14'])).toBe(
    'The plan next: Tue 12 May, start 1 vessel of microworms.',
  )
  // Ordered in time, or by now: its start is what comes.
  expect(said([start('microworm', '2026-05-12', 1, '2026-05-04')])).toBe(
    'The plan next: Tue 12 May, start 1 vessel of microworms.',
  )
})
