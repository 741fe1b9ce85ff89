// @vitest-environment node
import Dexie from 'dexie'
import { expect, it } from 'vitest'
import { keepCopy, listCopies } from '~/db/copies'

it('copies of an older version are there still, and the oldest go where there are more than three', async () => {
  const old = new Dexie('renatus-copies')
  old.version(1).stores({ copies: '++n' })
  const row = (name: string) => ({ at: '2026-03-20T10:00:00.000Z', name, why: 'before an import' })
  await old.table('copies').bulkAdd(['a', 'b'].map(name => ({ ...row(name), text: `{"${name}"}` })))
  old.close()
  const texts = async () =>
    Promise.all((await listCopies()).map(async c => [c.name, await new Response(c.text).text()]))
  expect(await texts()).toEqual([
    ['b', '{"b"}'],
    ['a', '{"a"}'],
  ])
  for (const name of ['c', 'd'])
    await keepCopy({ ...row(name), why: 'before an import', text: new Blob([`{"${name}"}`]) })
  expect((await texts()).map(([name]) => name)).toEqual(['d', 'c', 'b'])
})
