import { expect, it, vi } from 'vitest'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { roomState } from '@renatus/core/stock/roomState'
import { running } from '@renatus/core/stock/cultures'
import { RenatusDatabase } from '~/db/database'
import { CultureReader } from '~/engine/cultureReader'
import type { ReadingQuestion } from '~/engine/readingQuestion'
import { demoAt } from '../../../tools/rooms/demoAt'

const NOW = '2026-03-24T05:34:00.000Z'
const LATER = '2026-03-24T06:10:00.000Z'
const demo = demoAt(NOW, 'Europe/Berlin')
const state = roomState(demo.records, demo.entries, NOW)!
const ids = running(state.cultureStates)
  .slice(0, 3)
  .map(c => c.id)

let serial = 0
async function opened() {
  const db = new RenatusDatabase(`reader ${++serial}`)
  await db.records.bulkPut(demo.records)
  await db.entries.bulkPut(demo.entries)
  const question = { database: db.name, ids, now: NOW, ahead: false, kept: true, asker: 'round' }
  return { db, question }
}
async function read(reader: CultureReader, q: ReadingQuestion) {
  const batches: (readonly CultureReading[])[] = []
  await reader.read(q, batch => batches.push(batch))
  return batches
}
const keptOf = async (db: RenatusDatabase) => JSON.stringify(await db.derived.toArray())

it('keeps what the round asks for, and nothing of what a view asks for the minute that it is', async () => {
  const { db, question } = await opened()
  const first = await read(new CultureReader(), question)
  await vi.waitFor(async () => expect(await db.derived.count()).toBe(ids.length))
  const before = await keptOf(db)
  const view = { ...question, kept: false, asker: 'shelf' }
  for (const now of [NOW, LATER]) await read(new CultureReader(), { ...view, now })
  expect(await keptOf(db)).toBe(before)
  // The next visit has them in one piece, and writes nothing.
  const next = await read(new CultureReader(), question)
  expect(next).toHaveLength(1)
  expect(next.flat()).toEqual(first.flat())
  expect(await keptOf(db)).toBe(before)
  // With the days to come it is another reading, beside the first.
  await read(new CultureReader(), { ...question, ahead: true, asker: 'planner' })
  await vi.waitFor(async () => expect(await db.derived.count()).toBe(2 * ids.length))
  expect((await read(new CultureReader(), question)).flat()).toEqual(first.flat())
  db.close()
})
it('does not go on with what is called off, and answers who asks again', async () => {
  const { db, question } = await opened()
  const reader = new CultureReader()
  const view = { ...question, kept: false, asker: 'shelf' }
  const asked = read(reader, view)
  reader.callOff('shelf')
  expect((await asked).flat()).toEqual([])
  expect((await read(reader, view)).flat()).toHaveLength(ids.length)
  db.close()
})
