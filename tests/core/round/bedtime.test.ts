import { expect, it } from 'vitest'
import { bedtimeLine } from '@renatus/core/round/bedtime'
import { started, stateAt } from '../room'

const NOW = '2026-03-17T17:50:00Z'
const at = (rounds: string[], key: string, entries = [started('2026-03-17T06:00:00Z')]) =>
  bedtimeLine(stateAt(NOW, entries, { rounds: rounds.map(at => ({ name: at, at })) }), { key })

it('asks for heaters, air and lids at the last round of the day, and at no other', () => {
  expect(at(['06:30', '19:00'], '2026-03-17T19:00')).toMatch(/heaters.*air in Cone 1.*lids/)
  expect(at(['06:30', '19:00'], '2026-03-17T19:00', [])).toContain('air on')
  expect(at(['06:30', '19:00'], '2026-03-17T06:30')).toBeNull()
  expect(at(['06:30'], '2026-03-17T06:30')).toBeNull()
})
