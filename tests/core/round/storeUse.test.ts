import { describe, expect, it } from 'vitest'
import { storeUse, storeUseText } from '@renatus/core/round/storeUse'
import type { Store } from '@renatus/core/stock/stores'
import { addHours } from '@renatus/core/time/localDate'

const STORED = '2026-03-22T18:00:00.000Z'
const cup: Store = {
  id: '01KMBC1KV0QEEBGBB4RHEVB20R',
  name: 'Cup of Cone 1',
  foodId: 'brine-shrimp',
  keep: 'fridge',
  unit: 'mL',
  storedAt: STORED,
  amount: 20,
  organisms: 3400,
  perUnit: 170,
  energy: 0.9,
  useBy: addHours(STORED, 24),
  fromId: null,
}
const said = (store: Store, hours: number) =>
  storeUseText(storeUse(store, addHours(STORED, hours)), at => at.slice(5, 16))

describe('how a store stands to its date', () => {
  it('is to be fed by then, then first, then poured away; never by a time that is past', () => {
    expect(said(cup, 5)).toBe('feed by 03-23T18:00')
    expect(said(cup, 24)).toBe('feed by 03-23T18:00')
    expect(said(cup, 30)).toBe('over its time: feed first, at the latest 03-24T18:00')
    expect(said(cup, 59)).toMatch(/^2\s*d\s*11\s*h old: pour away$/)
  })
  it('keeps what has no date, and gives food that does not starve no grace', () => {
    expect(said({ ...cup, keep: 'freezer', useBy: null }, 900)).toBe('keeps')
    const brine: Store = { ...cup, keep: 'brine', foodId: 'decapsulated-cysts' }
    expect(said(brine, 25)).toContain('pour away')
  })
})
