import { expect, test, type Page } from '@playwright/test'
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { faults, Person, setUp } from './person'

/** Lets the page pick a folder of this machine, and a file in it, as a browser's own picker would. */
async function giveFolder(page: Page, dir: string) {
  await page.exposeFunction('diskList', () => {
    if (!statSync(dir, { throwIfNoEntry: false })) return null
    return readdirSync(dir).map(name => {
      const { mtimeMs } = statSync(join(dir, name))
      return { name, text: readFileSync(join(dir, name), 'utf8'), at: mtimeMs }
    })
  })
  await page.exposeFunction('diskWrite', (name: string, text: string) =>
    writeFileSync(join(dir, name), text),
  )
  await page.addInitScript(() => {
    interface Disk {
      diskList(): Promise<{ name: string; text: string; at: number }[] | null>
      diskWrite(name: string, text: string): Promise<void>
    }
    const disk = window as unknown as Disk
    const gone = () => new DOMException('not there', 'NotFoundError')
    const all = async () => {
      const files = await disk.diskList()
      if (!files) throw gone()
      return files
    }
    const fileHandle = (name: string) => ({
      kind: 'file',
      name,
      async getFile() {
        const file = (await all()).find(f => f.name === name)
        if (!file) throw gone()
        return new File([file.text], name, { lastModified: file.at })
      },
      async createWritable() {
        await all()
        let text = ''
        return {
          async write(blob: Blob) {
            text = await blob.text()
          },
          close: () => disk.diskWrite(name, text),
        }
      },
    })
    const folder = {
      kind: 'directory',
      name: 'Fishroom',
      getFileHandle: (name: string) => Promise.resolve(fileHandle(name)),
      async *entries() {
        for (const f of await all()) yield [f.name, fileHandle(f.name)]
      },
    }
    Object.assign(window, {
      showDirectoryPicker: () => Promise.resolve(folder),
      showSaveFilePicker: () => Promise.resolve(fileHandle('second.json')),
    })
  })
}

interface Written {
  entries: { kind: string; data: { text?: string } }[]
}
const note = async (page: Page, text: string) => {
  await page.getByLabel('Write a note').fill(text)
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText(text)).toBeVisible()
}
/** What happens by itself after a while happens now. */
const later = (page: Page, seconds: number) => page.clock.fastForward(seconds * 1000)
const tie = (page: Page, what: 'folder' | 'copy') => page.locator(`[data-tie="${what}"]`)

test('two browsers tied to one folder keep in step, name what they cannot take, and say when the folder is gone', async ({
  page,
  browser,
}, info) => {
  const dir = info.outputPath('shared')
  mkdirSync(dir, { recursive: true })
  await giveFolder(page, dir)
  await setUp(page)
  await page.goto('/setup#data')
  await tie(page, 'folder').getByRole('button', { name: 'Choose the folder' }).click()
  await expect(tie(page, 'folder')).toContainText('“Fishroom”, just now')
  expect(readdirSync(dir)).toHaveLength(1)

  const other = await browser.newContext({ timezoneId: 'Europe/Berlin', locale: 'en-GB' })
  const second = await other.newPage()
  await giveFolder(second, dir)
  await second.clock.install({ time: new Date('2026-03-17T05:35:00Z') })
  await second.goto('/setup#data')
  await second.getByRole('button', { name: 'Choose the folder' }).click()
  await expect(second.getByText(/“My fishroom” with \d+ entr/)).toBeVisible()
  await expect(second.getByText(/Copies: in the shared folder \(just now\)/)).toBeVisible()

  // Links, not addresses: the folder is forgotten where a handle cannot be stored.
  await page.getByRole('link', { name: 'Log' }).click()
  await second.getByRole('link', { name: 'Log' }).click()
  await note(page, 'foam on cone 1')
  await note(second, 'jar by the sill is milky')
  // Within a minute: what was written goes out after a few seconds, and is looked for every fifteen.
  for (const p of [page, second, page, second]) await later(p, 16)
  await expect(page.getByText('jar by the sill is milky')).toBeVisible({ timeout: 60_000 })
  await expect(second.getByText('foam on cone 1')).toBeVisible({ timeout: 60_000 })
  const texts = (name: string) => {
    const file = JSON.parse(readFileSync(join(dir, name), 'utf8')) as Written
    return file.entries.flatMap(e => (e.kind === 'note' ? [e.data.text] : [])).sort()
  }
  const both = ['foam on cone 1', 'jar by the sill is milky']
  await expect
    .poll(
      async () => {
        for (const p of [page, second]) await later(p, 16)
        return readdirSync(dir).map(texts)
      },
      { timeout: 60_000 },
    )
    .toEqual([both, both])

  const room = JSON.parse(readFileSync(join(dir, readdirSync(dir)[0]!), 'utf8'))
  const id = room.records.find((r: { type: string }) => r.type === 'room').id as string
  const foreign = JSON.stringify(room).replaceAll(id, 'Z'.repeat(26))
  writeFileSync(join(dir, 'renatus-room-elsewhere.json'), foreign)
  writeFileSync(join(dir, 'renatus-room-broken.json'), '{"format":')
  await page.getByRole('link', { name: 'Setup' }).click()
  await later(page, 16)
  await expect(tie(page, 'folder')).toContainText(/elsewhere\.json: .*another room/, {
    timeout: 60_000,
  })
  await expect(tie(page, 'folder')).toContainText('broken.json: The file is damaged')
  rmSync(dir, { recursive: true })
  await later(page, 16)
  await expect(tie(page, 'folder').getByRole('alert')).toContainText('is not where it was', {
    timeout: 60_000,
  })
  await other.close()
})

test('a snapshot brings the room back as it was, a second copy writes itself, and a check finds all well', async ({
  page,
}, info) => {
  const dir = info.outputPath('disk')
  mkdirSync(dir, { recursive: true })
  await giveFolder(page, dir)
  await setUp(page)
  await page.goto('/setup#data')
  const shots = async () => {
    await later(page, 31)
    return page.getByTestId('snapshot').count()
  }
  await expect.poll(shots).toBe(1)
  await tie(page, 'copy').getByRole('button', { name: 'Choose the file' }).click()
  await expect(tie(page, 'copy')).toContainText('“second.json”, just now')
  const copy = JSON.parse(readFileSync(join(dir, 'second.json'), 'utf8'))
  expect(copy.format).toBe('renatus-room')
  await expect(page.getByTestId('data-lines')).toContainText('in the second copy (just now)')
  await expect(page.getByTestId('data-lines')).toContainText('Nothing to do.')

  const saved = async () => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as a file' }).first().click(),
    ])
    return JSON.parse(readFileSync((await file.path())!, 'utf8'))
  }
  const stood = await saved()
  await page.getByRole('link', { name: 'Log' }).click()
  await note(page, 'after the snapshot')
  await page.getByRole('link', { name: 'Setup' }).click()
  const copied = async () => {
    await later(page, 31)
    return readFileSync(join(dir, 'second.json'), 'utf8').includes('after the snapshot')
  }
  await expect.poll(copied).toBe(true)
  await page.getByRole('button', { name: 'Check my room' }).click()
  await expect(page.getByTestId('check')).toContainText('All is well.')
  await expect(page.getByTestId('check')).toContainText('snapshots opened: 1 of 1')
  expect(await faults(page, 'data')).toEqual([])

  const person = new Person(page)
  await person.hold('Go back to it (hold)')
  await expect(page.getByText('The room is as it was then.')).toBeVisible()
  const [now] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  const is = JSON.parse(readFileSync((await now.path())!, 'utf8'))
  expect([is.records, is.entries, is.kept]).toEqual([stood.records, stood.entries, stood.kept])
  await page.getByRole('link', { name: 'Log' }).click()
  await expect(page.getByText('after the snapshot')).toHaveCount(0)
})

test('a damaged database: the check names the row, what can be read is exported, and the row is set aside', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/setup#data')
  await expect(page.getByRole('button', { name: 'Check my room' })).toBeVisible()
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => failed(asked.error)
        asked.onsuccess = () => {
          const t = asked.result.transaction(['records', 'entries'], 'readwrite')
          t.objectStore('records').put({ id: '0'.repeat(26), type: 'tank', litres: 'many' })
          t.objectStore('entries').put({ id: '1'.repeat(26), at: 'then', kind: 'nothing' })
          t.oncomplete = () => {
            asked.result.close()
            done()
          }
        }
      }),
  )
  await page.reload()
  // Wherever the damage shows first, the way to what can be read stands beside it.
  const check = page.getByRole('button', { name: 'Check my room' })
  const see = page.getByRole('button', { name: 'See what can be read' })
  await expect(check.or(see).first()).toBeVisible()
  await check.or(see).first().click()
  const panel = page.getByRole('region', { name: 'What can be read' })
  await expect(panel).toContainText('2 rows cannot')
  await expect(panel).toContainText('records 00000000000000000000000000')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    panel.getByRole('button', { name: 'Export what can be read' }).click(),
  ])
  const saved = JSON.parse(readFileSync((await file.path())!, 'utf8'))
  expect([saved.format, saved.unreadable.length]).toEqual(['renatus-room', 2])
  await new Person(page).hold('Set the unreadable rows aside and open the room (hold)')
  await expect(panel).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Check my room' })).toBeVisible()
  await page.getByRole('button', { name: 'Check my room' }).click()
  await expect(page.getByTestId('check')).toContainText('All is well.')
  // What was put aside knowingly is not missed.
  await expect(page.getByText('gone from this browser')).toHaveCount(0)
})

test('a locked file opens with its phrase alone; a code passes the room to another browser once; licences are listed', async ({
  page,
  browser,
}, info) => {
  await setUp(page)
  await page.goto('/setup#data')
  await page.getByLabel('Lock it with a pass phrase').check()
  await expect(page.getByRole('button', { name: 'Export the room' })).toBeDisabled()
  await page.getByLabel(/^Pass phrase, 8/).fill('cold rotifers')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  const path = info.outputPath('locked.json')
  await file.saveAs(path)
  expect(readFileSync(path, 'utf8')).not.toContain('My fishroom')

  const other = await browser.newContext({ timezoneId: 'Europe/Berlin', locale: 'en-GB' })
  const second = await other.newPage()
  await second.clock.install({ time: new Date('2026-03-17T05:35:00Z') })
  await second.goto('/setup#data')
  await second.getByTestId('import').setInputFiles(path)
  await expect(second.getByRole('alert')).toContainText('Type its pass phrase')
  await second.getByLabel('Pass phrase of the file').fill('warm rotifers')
  await second.getByRole('button', { name: 'Open it' }).click()
  await expect(second.getByRole('alert')).toContainText('does not open this file')
  await second.getByLabel('Pass phrase of the file').fill('cold rotifers')
  await second.getByRole('button', { name: 'Open it' }).click()
  await expect(second.getByText(/^Merged: \d+ new records/)).toBeVisible()
  await other.close()

  await page.getByRole('button', { name: 'Show a code' }).click()
  await expect(page.getByRole('img', { name: 'Code for the other device' })).toBeVisible()
  const address = await page.getByTestId('parcel').innerText()
  const third = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await third.goto(address)
  await third.getByRole('button', { name: 'Take it in' }).click()
  await expect(third.getByText(/^Merged: \d+ new records/)).toBeVisible()
  expect(third.url()).not.toContain('box=')
  const again = await third.context().newPage()
  await again.goto(address)
  await again.getByRole('button', { name: 'Take it in' }).click()
  await expect(again.getByRole('alert')).toContainText('handed out once')
  await third.context().close()

  await page.getByText('About Renatus, and its licences').click()
  await expect(page.getByTestId('notices').locator('li')).not.toHaveCount(0)
  await expect(page.getByTestId('notices')).toContainText(/dexie [\d.]+, Apache-2\.0/)
})
