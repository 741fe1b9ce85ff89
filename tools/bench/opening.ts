import type { Browser, Page } from '@playwright/test'
import { demoAt } from '../rooms/demoAt'
import { yearsOf } from '../rooms/yearsOf'
import { DESK, served } from './served'

const NOW = '2026-03-24T05:34:00.000Z'
const PORT = 3180
const SIZES = [1_000, 100_000]
/** Time for a plan and the last readings, once the log has been folded and learned from, ms. */
const SETTLES_MS = 25_000
const TIMES = 5

type Marks = Record<'round' | 'shelf' | 'log' | 'done', number>

const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!

/** The database of an empty room is made once somebody reaches for the page. */
async function begun(page: Page): Promise<void> {
  await page.mouse.move(20, 20)
  await page.waitForFunction(async () => {
    const known = await indexedDB.databases()
    return known.some(d => d.name === 'renatus' && (d.version ?? 0) > 1)
  })
  await page.waitForTimeout(500)
}

/** Puts a room into the database of the page, in lots: no form is asked to read a file of a hundred megabytes. */
async function fill(page: Page, size: number): Promise<void> {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const all = yearsOf(demo, size)
  const from = size < demo.entries.length ? demo.entries.length - size : 0
  const entries = size < demo.entries.length ? demo.entries.slice(from) : all.entries
  const put = (store: string, items: readonly unknown[]) =>
    page.evaluate(
      ([name, text]) =>
        new Promise<void>((resolve, reject) => {
          const asked = indexedDB.open('renatus')
          asked.onerror = () => reject(asked.error)
          asked.onsuccess = () => {
            const db = asked.result
            const tx = db.transaction(name!, 'readwrite')
            for (const item of JSON.parse(text!) as unknown[]) tx.objectStore(name!).put(item)
            tx.oncomplete = () => {
              db.close()
              resolve()
            }
            tx.onerror = () => reject(tx.error)
          }
        }),
      [store, JSON.stringify(items)] as const,
    )
  const LOT = 10_000
  await put('records', all.records)
  for (let i = 0; i < entries.length; i += LOT) await put('entries', entries.slice(i, i + LOT))
}

/** Waits until the log was folded and learned from: it is opened as on any other morning. */
async function settled(page: Page, long: boolean): Promise<void> {
  const keys = () =>
    page.evaluate(
      () =>
        new Promise<string[]>(resolve => {
          const asked = indexedDB.open('renatus')
          asked.onsuccess = () => {
            const db = asked.result
            const tx = db.transaction(['derived', 'meta'])
            const derived = tx.objectStore('derived').getAllKeys()
            const meta = tx.objectStore('meta').getAllKeys()
            tx.oncomplete = () => {
              db.close()
              resolve([...derived.result, ...meta.result] as string[])
            }
          }
        }),
    )
  const wanted = long ? ['learned', 'working log'] : ['learned']
  while (!(await keys().then(found => wanted.every(k => found.includes(k)))))
    await page.waitForTimeout(1000)
  await page.waitForTimeout(SETTLES_MS)
}

/** Milliseconds from asking for a view until it stands. */
async function timed(act: () => Promise<unknown>, stands: () => Promise<unknown>): Promise<number> {
  const from = performance.now()
  await act()
  await stands()
  return performance.now() - from
}

/** Once through the views, and one stop done. */
async function measure(page: Page, base: string): Promise<Marks> {
  const article = () => page.getByRole('article').first().waitFor({ timeout: 120_000 })
  const link = (path: string) =>
    page.evaluate(`void window.useNuxtApp().$router.push(${JSON.stringify(path)})`)
  const round = await timed(() => page.goto(`${base}/?room=own`), article)
  const shelf = await timed(
    () => link('/shelf'),
    () => page.getByRole('heading', { name: 'Shelf', exact: true }).waitFor(),
  )
  const log = await timed(
    () => link('/log'),
    () => page.locator('li[data-kind]').first().waitFor(),
  )
  await link('/')
  await article()
  const stops = await page.getByRole('article').count()
  const button = page.getByRole('button', { name: 'Done' }).first()
  const done = await timed(
    () => button.click(),
    () => page.waitForFunction(n => document.querySelectorAll('article').length !== n, stops),
  )
  return { round, shelf, log, done }
}

interface Stands {
  size: number
  page: Page
  marks: Marks[]
}

/** A room with a log of some size, folded and learned from. */
async function stand(browser: Browser, base: string, size: number): Promise<Stands> {
  const context = await browser.newContext(DESK)
  const page = await context.newPage()
  await page.clock.setFixedTime(new Date(NOW))
  await page.goto(`${base}/?room=own`)
  await page.getByText('Set up your room').first().waitFor()
  await begun(page)
  await fill(page, size)
  await page.goto(`${base}/?room=own`)
  await settled(page, size > 3000)
  return { size, page, marks: [] }
}

const middle = ({ marks }: Stands, key: keyof Marks) => median(marks.map(m => m[key]))

/**
 * Opening a room, its views, and Done until the list has changed: by entries in the log. The rooms take turns, since a
 * machine is not as fast in one minute as in the next. Needs a build.
 */
export const benchOpening = (): Promise<void> =>
  served('opening', PORT, async (browser, base) => {
    const rooms: Stands[] = []
    for (const size of SIZES) rooms.push(await stand(browser, base, size))
    for (let i = 0; i < TIMES; i++)
      for (const room of rooms) room.marks.push(await measure(room.page, base))
    for (const room of rooms) {
      const of = (key: keyof Marks) =>
        `${middle(room, key).toFixed(0)} ms (x ${(middle(room, key) / middle(rooms[0]!, key)).toFixed(1)})`
      const views = `round ${of('round')}, shelf ${of('shelf')}, log ${of('log')}`
      const done = `done until the list has changed ${of('done')}`
      console.log(`opening, log of ${room.size} entries: ${views}, ${done}`)
    }
  })
