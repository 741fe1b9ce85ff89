import { describe, expect, it } from 'vitest'
import { roomState } from '@renatus/core/stock/roomState'
import { culture } from '@renatus/core/records/cultureRecord'
import { likeCulture, newCultures } from '@renatus/core/stock/newCultures'
import { cultureOf } from '../cultureRoom'
import { log, records, uid } from '../room'

const START = '2026-03-01T06:00:00Z'
const mother = {
  ...cultureOf('moina', START),
  name: 'Oar bucket',
  code: 'ARB',
  order: 4,
  setId: null,
  vesselId: null,
}

describe('records of new vessels', () => {
  const at = (entries: ReturnType<typeof log>[] = []) =>
    roomState([...records(), mother], entries, START)!
  const wanted = (names: string[]) =>
    names.map(name => likeCulture(mother, { name, startedAt: START, starter: 0.5 }))
  it('are like their mother, logged, further along the shelf, and hold to the schema', () => {
    const made = newCultures(at(), wanted(['Oar bucket 2', 'Oar bucket 3']), () => uid())
    for (const [i, c] of made.entries()) {
      expect(c).toMatchObject({
        foodId: 'moina',
        litres: mother.litres,
        logged: true,
        order: 5 + i,
        starter: 0.5,
        mother: false,
      })
      expect(() => culture.parse({ ...c, updatedAt: START, removedAt: null })).not.toThrow()
    }
  })
  it('carry letters that no running culture carries, and may carry those of one that has ended', () => {
    const codes = newCultures(at(), wanted(Array.from({ length: 20 }, () => 'Oar bucket')), () =>
      uid(),
    ).map(c => c.code)
    expect(new Set([...codes, 'ARB']).size).toBe(21)
    const gone = roomState(
      [...records(), mother],
      [log('2026-03-02T06:00:00Z', 'culture.ended', { cultureId: mother.id, how: 'failed' })],
      '2026-03-03T06:00:00Z',
    )!
    expect(newCultures(gone, wanted(['Oar bucket']), () => uid())[0]!.code).toBe('ARB')
  })
})
