import { expect, it, vi } from 'vitest'
import { RenatusDatabase } from '~/db/database'
import { writeAct } from '~/db/logbook'
import { onChange } from '~/db/onChange'
import { records } from '../../core/room'

it('tells of writes into the tables that are followed, until it is no longer asked for', async () => {
  const db = new RenatusDatabase('on change')
  await db.open()
  const told = vi.fn()
  const end = onChange(() => 'on change', ['records'], told)
  await writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text: 'one' } }])
  await db.records.bulkPut(records())
  await vi.waitFor(() => expect(told).toHaveBeenCalled())
  expect(told).toHaveBeenCalledTimes(1)
  end()
  const calls = told.mock.calls.length
  await db.records.clear()
  expect(told).toHaveBeenCalledTimes(calls)
  db.close()
})
