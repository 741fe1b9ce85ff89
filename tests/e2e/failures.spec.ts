import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { addBrood, setUp } from './person'

const notice = (page: Page, code: string) => page.locator(`[data-failure="${code}"]`)

/** Every write to a store fails from now on, as on a full disk. */
const fillTheDisk = (page: Page) =>
  page.evaluate(() => {
    const full = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError')
    }
    IDBObjectStore.prototype.add = full
    IDBObjectStore.prototype.put = full
  })

async function exported(page: Page): Promise<string> {
  await page.goto('/setup#data')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  return readFileSync((await file.path())!, 'utf8')
}
const take = (page: Page, text: string) =>
  page
    .getByTestId('import')
    .setInputFiles({ name: 'room.json', mimeType: 'application/json', buffer: Buffer.from(text) })

test('a full disk: the tap says so where it was, what was typed stays, and the room can still be carried away', async ({
  page,
}) => {
  await setUp(page)
  await addBrood(page, '800')
  await page.goto('/')
  const first = page.getByRole('article').first()
  await expect(first).toBeVisible()
  const text = await first.innerText()
  await fillTheDisk(page)
  await first.getByRole('button', { name: 'Done' }).click()
  await expect(notice(page, 'full')).toContainText('no room left')
  await expect(first.getByRole('alert')).toContainText('not written')
  expect(await first.innerText()).toContain(text.split('\n')[0]!)
  const [copy] = await Promise.all([
    page.waitForEvent('download'),
    notice(page, 'full').getByRole('button', { name: 'Export everything' }).click(),
  ])
  expect(JSON.parse(readFileSync((await copy.path())!, 'utf8')).format).toBe('renatus-room')

  await page.goto('/log')
  await fillTheDisk(page)
  const note = page.getByLabel('Write a note')
  await note.fill('foam on cone 1')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(notice(page, 'full')).toBeVisible()
  await expect(note).toHaveValue('foam on cone 1')
})

test('helper threads that do not load are told in words, with a way on; once they load the round stands', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/shelf/start?food=microworm')
  await page.getByRole('radiogroup', { name: 'School' }).getByRole('radio').first().check()
  await page.getByRole('button', { name: 'It is started' }).first().click()
  await expect(page.getByRole('heading', { name: 'It is started' })).toBeVisible()
  await page.route(/cultures\.worker/, route => route.abort())
  await page.goto('/')
  await expect(page.getByText('The vessels could not be read.')).toBeVisible({ timeout: 60_000 })
  await expect(notice(page, 'worker')).toContainText('reading cultures')
  await page.unroute(/cultures\.worker/)
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByText(/stops?, about|Nothing is due/).first()).toBeVisible()
})

test('a browser that keeps nothing says so, and is no blank page', async ({ browser, baseURL }) => {
  for (const denied of ['localStorage', 'indexedDB'] as const) {
    const context = await browser.newContext({ serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.addInitScript(name => {
      Object.defineProperty(window, name, {
        get() {
          throw new DOMException('denied', 'SecurityError')
        },
      })
    }, denied)
    await page.goto(`${baseURL}/?room=own`)
    if (denied === 'localStorage')
      await expect(page.getByRole('heading', { name: 'No room yet' })).toBeVisible()
    else
      await expect(page.getByRole('alert').first()).toContainText(
        /keep data|keeps no data|storage/i,
      )
    await context.close()
  }
})

test('a room whose database is gone is missed, and comes back from its file', async ({ page }) => {
  await setUp(page)
  await addBrood(page, '800')
  const text = await exported(page)
  await page.goto('/methods')
  await page.evaluate(
    () =>
      new Promise((done, failed) => {
        const asked = indexedDB.deleteDatabase('renatus')
        asked.onsuccess = done
        asked.onerror = failed
      }),
  )
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Your room is missing' })).toBeVisible()
  await expect(page.getByText('It was exported last on')).toBeVisible()
  await take(page, text)
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
  await page.goto('/broods')
  await expect(page.getByTestId('urgency')).toHaveCount(1)
  // Cleared under the open page: it is seen without a tap.
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
  const { origin } = new URL(page.url())
  const browser = await page.context().newCDPSession(page)
  await browser.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' })
  await expect(page.getByRole('heading', { name: 'Your room is missing' })).toBeVisible()
  await take(page, text)
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
})

test('a database that lost its log says how much is gone, until a file brings it back', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/log')
  await page.getByLabel('Write a note').fill('the tin stood open')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('the tin stood open')).toBeVisible()
  const text = await exported(page)
  await page.goto('/api/health')
  await page.evaluate(async () => {
    const [known] = (await indexedDB.databases()).filter(d => d.name === 'renatus')
    const asked = indexedDB.open('renatus', known!.version! + 1)
    asked.onupgradeneeded = () => asked.result.deleteObjectStore('entries')
    await new Promise((done, failed) => {
      asked.onsuccess = done
      asked.onerror = failed
    })
    asked.result.close()
  })
  await page.goto('/')
  const gone = page.getByText(/entr(y|ies) of the log (is|are) gone from this browser/)
  await expect(gone).toBeVisible()
  await page.reload()
  await expect(gone).toBeVisible()
  await page.getByRole('link', { name: 'See the copies' }).click()
  await take(page, text)
  await expect(page.getByText(/^Merged:/)).toBeVisible()
  await expect(gone).toHaveCount(0)
  await page.goto('/log')
  await expect(page.getByText('the tin stood open')).toBeVisible()
})

test('another room’s file replaces this one, which can be gone back to', async ({ page }) => {
  await setUp(page)
  const other = JSON.parse(await exported(page)) as {
    records: { type: string; id: string; name: string }[]
  }
  const room = other.records.find(r => r.type === 'room')!
  room.name = 'Other room'
  room.id = `${room.id.slice(0, -1)}${room.id.endsWith('Z') ? 'Y' : 'Z'}`
  await take(page, JSON.stringify(other))
  await expect(page.getByText('is of another room')).toBeVisible()
  const replace = page.getByRole('button', { name: /^Replace this room/ })
  await replace.scrollIntoViewIfNeeded()
  const hold = async (button: typeof replace) => {
    const box = (await button.boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await page.waitForTimeout(1500)
    await page.mouse.up()
  }
  await hold(replace)
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Other room')
  const back = page.getByRole('button', { name: 'Go back to it' }).first()
  await back.scrollIntoViewIfNeeded()
  await hold(back)
  const name = page.getByLabel('Name', { exact: true }).first()
  await expect(name).toHaveValue('My fishroom')
  await page.goto('/setup')
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('My fishroom')
})

test('a view whose chunk is gone leads to an offer to reload; an address that leads nowhere says so', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
  await page.route(/_nuxt\/.*\.js/, route => route.fulfill({ status: 404, body: 'gone' }))
  await page
    .getByRole('navigation', { name: 'Views' })
    .getByRole('link', { name: 'Methods' })
    .click()
  await expect(notice(page, 'gone')).toContainText('Reload: nothing is lost')
  await expect(notice(page, 'gone').getByRole('button', { name: 'Reload' })).toBeVisible()
  await notice(page, 'gone').getByRole('button', { name: 'Put away' }).click()
  // The finder is no view: it is a part of this page that comes when it is first asked for.
  await page.keyboard.press('/')
  await expect(notice(page, 'gone').getByRole('button', { name: 'Reload' })).toBeVisible()
  await page.unroute(/_nuxt\/.*\.js/)
  await page.goto('/no-such-view')
  await expect(page.getByRole('heading', { name: 'No such page' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Export everything' })).toBeVisible()
})

test('a newer tab, an older tab that holds on, and a database that never answers are told', async ({
  context,
  page,
}) => {
  await setUp(page)
  await addBrood(page, '800')
  await page.goto('/')
  const done = page.getByRole('button', { name: 'Done' }).first()
  await expect(done).toBeVisible()
  const beside = await context.newPage()
  await beside.goto('/api/health')
  const opened = (version: number) =>
    beside.evaluate(
      v =>
        new Promise<string>(resolve => {
          const asked = indexedDB.open('renatus', v)
          asked.onsuccess = () => {
            ;(window as unknown as { held: IDBDatabase }).held = asked.result
            resolve('open')
          }
          asked.onerror = () => resolve(asked.error?.name ?? 'error')
        }),
      version,
    )

  await test.step('a tab of a newer version took the database over', async () => {
    expect(await opened(9990)).toBe('open')
    await done.click()
    await expect(page.getByRole('alert').first()).toContainText('Reload this page')
  })

  await test.step('nothing is waited for without end', async () => {
    const stuck = await context.newPage()
    await stuck.addInitScript(() => {
      IDBFactory.prototype.open = () => ({ addEventListener() {} }) as unknown as IDBOpenDBRequest
    })
    await stuck.goto('/')
    await expect(stuck.getByText('This takes longer than it should.')).toBeVisible({
      timeout: 60_000,
    })
    await expect(stuck.getByRole('button', { name: 'Reload' }).first()).toBeVisible()
    await stuck.close()
  })
})

test('a demo room whose weeks do not come is told, and comes when it is asked for again', async ({
  page,
}) => {
  await page.route('**/loft.json', route => route.abort())
  await page.goto('/?room=demo')
  await expect(notice(page, 'unfetched')).toContainText('server does not answer')
  await page.unroute('**/loft.json')
  await page.getByRole('button', { name: 'Open the demo room' }).click()
  await expect(page.getByRole('article').first()).toBeVisible()
})

test('an older tab that does not let go of the database is named', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const old = await context.newPage()
  await old.goto(`${baseURL}/api/health`)
  await old.evaluate(
    () =>
      new Promise(resolve => {
        const asked = indexedDB.open('renatus', 10)
        asked.onupgradeneeded = () => asked.result.createObjectStore('meta', { keyPath: 'key' })
        asked.onsuccess = () => {
          ;(window as unknown as { held: IDBDatabase }).held = asked.result
          resolve(null)
        }
      }),
  )
  const page = await context.newPage()
  await page.goto(`${baseURL}/?room=own`)
  await expect(page.getByRole('alert').first()).toContainText('Close all other tabs')
  await context.close()
})

test('a page that throws is told, and everything can be carried away', async ({ page }) => {
  await setUp(page)
  // What is stored was damaged by something else than this app.
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => reject(new Error('not opened'))
        asked.onsuccess = () => {
          const change = asked.result.transaction('records', 'readwrite')
          const records = change.objectStore('records')
          const all = records.getAll()
          all.onsuccess = () => {
            const room = (all.result as { type: string }[]).find(r => r.type === 'room')!
            records.put({ ...room, rounds: null })
          }
          change.oncomplete = () => {
            asked.result.close()
            resolve()
          }
        }
      }),
  )
  await page.goto('/')
  const told = page.getByRole('alert').filter({ hasText: 'What is written is safe' }).first()
  await expect(told).toBeVisible()
  const [copy] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export everything' }).first().click(),
  ])
  expect(readFileSync((await copy.path())!, 'utf8')).toContain('My fishroom')
})
