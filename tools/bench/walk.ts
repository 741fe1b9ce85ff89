import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, CDPSession, Page } from '@playwright/test'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { largeRoom } from '../rooms/manyRooms'
import { DESK, served } from './served'

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

/** A task on the page's thread, by the clock and by what the processor gave it: workers and other machines take the rest, ms. */
interface Task {
  view: string
  clockMs: number
  ownMs: number
}
/** An event as the browser traces it, us. */
interface Traced {
  name: string
  ph: string
  pid: number
  tid: number
  dur?: number
  tdur?: number
}
const threadOf = (e: Traced) => `${e.pid} ${e.tid}`

/** The thread that lays the page out. */
function pageThread(events: readonly Traced[]): string | null {
  const layouts = new Map<string, number>()
  for (const e of events.filter(e => e.name === 'Layout'))
    layouts.set(threadOf(e), (layouts.get(threadOf(e)) ?? 0) + 1)
  return [...layouts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
}

/** What runs on the page's thread while something is done. */
async function tasksOf(wire: CDPSession, view: string, act: () => Promise<void>): Promise<Task[]> {
  const events: Traced[] = []
  const take = (part: { value: object[] }) => void events.push(...(part.value as Traced[]))
  wire.on('Tracing.dataCollected', take)
  const categories = 'devtools.timeline,toplevel'
  await wire.send('Tracing.start', { transferMode: 'ReportEvents', categories })
  await act()
  const ended = new Promise<void>(resolve => wire.once('Tracing.tracingComplete', () => resolve()))
  await wire.send('Tracing.end')
  await ended
  wire.off('Tracing.dataCollected', take)
  const thread = pageThread(events)
  return events
    .filter(e => e.name === 'ThreadControllerImpl::RunTask' && threadOf(e) === thread)
    .map(e => ({ view, clockMs: (e.dur ?? 0) / 1000, ownMs: (e.tdur ?? 0) / 1000 }))
}
/** Goes to a view by the router of the page, and does not wait for its answer: where it ends is seen in `walk`. */
const visit = (page: Page, path: string) =>
  page.evaluate(`void window.useNuxtApp().$router.push(${JSON.stringify(path)})`)

async function walk(page: Page, wire: CDPSession): Promise<Task[]> {
  const found: Task[] = []
  for (const view of VIEWS) {
    const seen = async () => {
      await visit(page, view)
      await page.waitForTimeout(view === '/ahead' ? 4 * SETTLES_MS : SETTLES_MS)
    }
    found.push(...(await tasksOf(wire, view, seen)))
    if (!page.url().includes(view)) throw new Error(`walk: ${page.url()} instead of ${view}`)
  }
  return found
}
const listed = (tasks: readonly Task[], limit: number, of: 'ownMs' | 'clockMs') =>
  tasks
    .filter(t => t[of] > limit)
    .map(t => `${t.view} ${t[of].toFixed(0)}`)
    .join(', ') || 'none'

async function walked(browser: Browser, base: string, name: string, slow: number, file?: string) {
  const context = await browser.newContext(DESK)
  const page = await context.newPage()
  const wire = await context.newCDPSession(page)
  if (slow > 1) await wire.send('Emulation.setCPUThrottlingRate', { rate: slow })
  if (file) {
    await page.goto(`${base}/setup?room=own`)
    await page.getByTestId('import').setInputFiles(file)
    await page
      .getByText(/Merged:|Imported|Last export/)
      .first()
      .waitFor({ timeout: 120_000 })
  }
  const opened = async () => {
    await page.goto(file ? `${base}/` : `${base}/?room=demo`)
    await page.getByRole('article').first().waitFor({ timeout: 240_000 })
    await page.waitForTimeout(SETTLES_MS)
  }
  const tasks = [...(await tasksOf(wire, 'opening', opened)), ...(await walk(page, wire))]
  const limit = slow > 1 ? 200 : 50
  const speed = slow > 1 ? `, CPU slowed ${slow} times` : ''
  console.log(
    `walk: ${name}${speed}: tasks over ${limit} ms of its own: ${listed(tasks, limit, 'ownMs')}; by the clock: ${listed(tasks, limit, 'clockMs')}`,
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
