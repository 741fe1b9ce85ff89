import { describe, expect, it } from 'vitest'
import { SPECIES } from '@renatus/core/fry/species/index'
import { ownSpecies } from '@renatus/core/fry/species/speciesOf'
import { anyRecord, type SpeciesRecord } from '@renatus/core/records/records'
import { speciesForm } from '~/components/setup/speciesForm'

const context = {} as never
const record = (values: Record<string, unknown>): SpeciesRecord => {
  const parsed = speciesForm.schema(context).parse(values)
  return anyRecord.parse({
    id: '0'.repeat(26),
    updatedAt: '2026-03-01T00:00:00Z',
    type: 'species',
    ...speciesForm.toRecord(parsed, null),
  }) as SpeciesRecord
}

describe("a fish of one's own", () => {
  it.each(SPECIES.map(s => s.id))(
    'a copy of %s fills every field, is accepted, and feeds like the one it was copied from',
    id => {
      const fish = SPECIES.find(s => s.id === id)!
      const own = ownSpecies(
        record({
          ...speciesForm.initial(null, context),
          ...speciesForm.copies!.values(id),
          basedOn: id,
          name: 'Mine',
        }),
      )
      for (const key of [
        'firstFeedingMm',
        'gapePerLength',
        'length14Mm',
        'length30Mm',
        'adultMm',
        'referenceC',
        'guild',
        'birth',
        'marine',
        'shape',
      ] as const)
        expect(own[key], key).toEqual(fish[key])
      expect([...own.zones].sort()).toEqual([...fish.zones].sort())
      expect([own.hatchDays[0], own.swimDays[0]]).toEqual([fish.hatchDays[0], fish.swimDays[0]])
    },
  )
  it('what was saved comes back into the form as it was', () => {
    const first = record({
      ...speciesForm.initial(null, context),
      name: 'Mine',
      length14Mm: '7',
      hatchDays: '4',
    })
    const again = record(speciesForm.initial(first, context))
    expect({ ...again, id: first.id }).toEqual(first)
  })
  it('lengths that do not grow are refused with a remedy', () => {
    const result = speciesForm
      .schema(context)
      .safeParse({ ...speciesForm.initial(null, context), name: 'Mine', length14Mm: '3' })
    expect(result.success ? '' : result.error.issues[0]!.message).toContain('The lengths must grow')
  })
})
