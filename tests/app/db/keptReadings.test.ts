import { describe, expect, it } from 'vitest'
import { RenatusDatabase } from '~/db/database'
import { keepReadings, knownReadings, type KeptReading } from '~/db/keptReadings'

let serial = 0
const fresh = () => new RenatusDatabase(`kept ${++serial}`)

describe('readings that are kept', () => {
  const reading = (id: string) => ({ id }) as KeptReading['reading']
  it('hold while nothing they hang on changed, and are not believed of another build', async () => {
    const db = fresh()
    await keepReadings(db, [{ id: 'a', ahead: false, signature: 's1', reading: reading('a') }])
    const known = async (signature: string, ahead = false) => [
      ...(await knownReadings(db, [{ id: 'a', signature }], ahead)).keys(),
    ]
    expect(await known('s1')).toEqual(['a'])
    expect(await known('s2')).toEqual([])
    expect(await known('s1', true)).toEqual([])
    await db.derived.toCollection().modify({ build: 'older' })
    expect(await known('s1')).toEqual([])
    db.close()
  })
  it('that they cannot be kept is no failure', async () => {
    const db = fresh()
    await db.open()
    db.close({ disableAutoOpen: true })
    const kept = { id: 'a', ahead: false, signature: 's', reading: reading('a') }
    await expect(keepReadings(db, [kept])).resolves.toBeUndefined()
  })
})
