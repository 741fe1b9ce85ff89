import { describe, expect, it } from 'vitest'
import { madeLast, madeOf, madeWords } from '@renatus/core/stock/madeWords'
import { log } from '../room'

const made = (matter: string, water = '') => ({ matter, water, medium: '', remark: '' })
const start = (at: string, cultureId: string, m: ReturnType<typeof made> | null) =>
  log(at, 'culture.started', {
    cultureId,
    origin: 'unknown',
    parentIds: [],
    starterMl: null,
    made: m,
  })
const [A, B, C] = ['0', '1', '2'].map(n => n.repeat(26)) as [string, string, string]
const cultures = [
  { id: A, foodId: 'infusoria' },
  { id: B, foodId: 'infusoria' },
  { id: C, foodId: 'moina' },
] as never

describe('what a culture was made with', () => {
  it('words come back for the same food, the newest first and each once; nothing said is nothing', () => {
    const entries = [
      start('2026-03-01T06:00:00Z', A, made('lettuce', 'rain')),
      start('2026-03-02T06:00:00Z', B, made('peel', 'rain')),
      start('2026-03-03T06:00:00Z', C, made('yeast')),
      start('2026-03-04T06:00:00Z', A, null),
    ]
    expect(madeWords(entries, cultures, 'infusoria')).toEqual({
      matter: ['peel', 'lettuce'],
      water: ['rain'],
      medium: [],
    })
    expect(madeLast(entries, cultures, 'infusoria')).toEqual(made('peel', 'rain'))
    expect(madeLast(entries, cultures, 'microworm')).toBeNull()
    expect(madeOf(made(''))).toBeNull()
    expect(madeOf(made('peel'))).toEqual(made('peel'))
  })
})
