import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from '@playwright/test'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { largeRoom } from '../rooms/manyRooms'
import { served } from './served'

/** As it is: a page whose clock is moved is slower by what moves it. */
const NOW = new Date().toISOString()
const PORT = 3179
const VIEWS = [
  '/shelf',
  '/broods',
  '/ahead',
  '/bench',
  '/gel',
  '/count',
  '/methods',
  '/log',
  '/setup',
  '/sheet',
  '/firstaid',
  '/labels',
  '/shelf/start?food=moina',
  '/',
]
/** Until a view is done with what it began, ms. */
const SETTLES_MS = 2500

interface LongTask {
  view: string
  ms: number
}

/** Tasks over 50 ms on the page, by the view that was open. */
async function watch(page: Page): Promise<void> {
  await page.addInitScript(`
    window.longTasks = []
    new PerformanceObserver(list => {
      for (const e of list.getEntries()) window.longTasks.push(Math.round(e.duration))
    }).observe({ type: 'longtask', buffered: true })
  `)
}
const taken = (page: Page) =>
  page.evaluate(() => {
    const w = window as unknown as { longTasks: number[] }
    return w.longTasks.splice(0)
  })
/** Goes to a view by the router of the page, and does not wait for its answer: where it ends is seen in `walk`. */
const visit = (page: Page, path: string) =>
  page.evaluate(`void window.useNuxtApp().$router.push(${JSON.stringify(path)})`)

async function walk(page: Page): Promise<LongTask[]> {
  const found: LongTask[] = []
  for (const view of VIEWS) {
    await taken(page)
    await visit(page, view)
    await page.waitForTimeout(view === '/ahead' ? 4 * SETTLES_MS : SETTLES_MS)
    if (!page.url().includes(view)) throw new Error(`walk: ${page.url()} instead of ${view}`)
    for (const ms of await taken(page)) found.push({ view, ms })
  }
  return found
}

async function walked(browser: Browser, base: string, name: string, slow: number, file?: string) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Berlin',
    serviceWorkers: 'block',
  })
  const page = await context.newPage()
  await watch(page)
  if (slow > 1) {
    const wire = await context.newCDPSession(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: slow })
  }
  if (file) {
    await page.goto(`${base}/setup?room=own`)
    await page.getByTestId('import').setInputFiles(file)
    await page
      .getByText(/Merged:|Imported|Last export/)
      .first()
      .waitFor({ timeout: 120_000 })
    await page.goto(`${base}/`)
  } else await page.goto(`${base}/?room=demo`)
  await page.getByRole('article').first().waitFor({ timeout: 240_000 })
  await page.waitForTimeout(SETTLES_MS)
  const opening = await taken(page)
  const tasks = [...opening.map(ms => ({ view: 'opening', ms })), ...(await walk(page))]
  const limit = slow > 1 ? 200 : 50
  const over = tasks.filter(t => t.ms > limit)
  console.log(
    `walk: ${name}${slow > 1 ? `, CPU slowed ${slow} times` : ''}: ${over.length === 0 ? `no task over ${limit} ms` : `tasks over ${limit} ms: ${over.map(t => `${t.view} ${t.ms}`).join(', ')}`}`,
  )
  await context.close()
}

/** Tasks that hold up the page in a walk through all views, of the demo and of a room of 25 broods. Needs a build. */
export const benchWalk = (): Promise<void> =>
  served('walk', PORT, async (browser, base) => {
    const { records, entries } = largeRoom(NOW)
    const file = join(mkdtempSync(join(tmpdir(), 'renatus-')), 'room.json')
    writeFileSync(file, writeRoomFile({ exportedAt: NOW, by: 'bench', records, entries, kept: [] }))
    for (const slow of [1, 4]) {
      await walked(browser, base, 'demo', slow)
      await walked(browser, base, '25 broods, 40 cultures', slow, file)
    }
  })
