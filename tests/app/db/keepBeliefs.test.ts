import { expect, it } from 'vitest'
import { demoRoom } from '@demo/demoRoom'
import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { RenatusDatabase } from '~/db/database'
import { keepBeliefs } from '~/db/keepBeliefs'
import { knownReadings } from '~/db/keptReadings'
import { keepLearning, lastLearned } from '~/db/learned'
import { readingSignature } from '~/db/readingSignature'
import { putRoom } from '~/db/putRoom'
import { WorkingRoom } from '~/db/workingRoom'
import { loftText } from '../../../tools/rooms/demoAt'

const lived = loftText()

it('what comes with the demo room is known to who reads it from the database, at its round alone', async () => {
  const { file, learning, readings } = demoRoom(lived, '2026-03-24T05:34:00.000Z', 'Europe/Berlin')
  const db = new RenatusDatabase('beliefs')
  await keepLearning(db, learning)
  await keepBeliefs(db, file, readings)
  await putRoom(db, file)
  const { records, entries } = await new WorkingRoom(db).read()
  const of = entriesByCulture(effectiveEntries(entries))
  const learned = await lastLearned(db)
  const knownAt = async (now: string) => {
    const signature = readingSignature(records, of, learned, now)
    const asked = records.flatMap(r =>
      r.type === 'culture' ? [{ id: r.id, signature: signature(r) }] : [],
    )
    return [...(await knownReadings(db, asked, false)).values()]
  }
  const known = await knownAt(readings.at)
  expect(known.map(r => r.id).sort()).toEqual(readings.readings.map(r => r.id).sort())
  expect(await knownAt('2026-03-24T11:10:00.000Z')).toEqual([])
  db.close()
})
