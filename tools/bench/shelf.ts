import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { demoAt } from '../rooms/demoAt'
import { DESK, served } from './served'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { entry, type Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import type { CultureRecord } from '@renatus/core/records/records'
import { addHours } from '@renatus/core/time/localDate'

const NOW = '2026-03-24T05:34:00.000Z'
const PORT = 3178
const VESSELS = 120
const LONG_LOG = 2000
const id = (n: number) => makeId(3_000_000 + n, new Uint8Array(10))

/** The demo room with so many cultures, one of them with a log of so many entries. */
function crowded(): string {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const models = demo.records.filter((r): r is CultureRecord => r.type === 'culture')
  const cultures = Array.from({ length: VESSELS }, (_, i): CultureRecord => ({
    ...models[i % models.length]!,
    id: id(i),
    name: `Vessel ${i + 1}`,
    code: null,
    setId: null,
    logged: false,
    startedAt: addHours(NOW, -24 * (3 + (i % 20))),
  }))
  const log = Array.from({ length: LONG_LOG }, (_, i): Entry =>
    entry.parse({
      id: id(10_000 + i),
      act: id(10_000 + i),
      at: addHours(cultures[0]!.startedAt, (i + 1) * (71 / LONG_LOG)),
      by: 'bench',
      supersedes: null,
      subject: { type: 'culture', id: id(0) },
      ...(i % 40 === 0
        ? { kind: 'culture.looked', data: { cultureId: id(0), signs: { movers: 1 } } }
        : { kind: 'note', data: { text: `note ${i}` } }),
    }),
  )
  return writeRoomFile({
    exportedAt: NOW,
    by: 'bench',
    records: [
      ...demo.records.filter(r => r.type !== 'culture' && r.type !== 'rolling-set'),
      ...cultures,
    ],
    entries: [...demo.entries.filter(e => !e.kind.startsWith('culture.')), ...log],
    kept: [],
  })
}

async function trace(page: Page, work: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const w = window as unknown as { long: number[] }
    w.long = []
    new PerformanceObserver(list =>
      w.long.push(...list.getEntries().map(e => Math.round(e.duration))),
    ).observe({ type: 'longtask' })
  })
  await work()
  return page.evaluate(() => (window as unknown as { long: number[] }).long)
}
const drawn = (page: Page) =>
  page.evaluate(
    () => (globalThis as unknown as { renatusDrawn: { vessels: number } }).renatusDrawn.vessels,
  )

/** What 120 vessels cost on the page: tasks over 50 ms in a scroll, vessels drawn anew for nothing, and a culture with a long log opened. Needs a build. */
export const benchShelf = (): Promise<void> =>
  served('shelf', PORT, async (browser, base) => {
    const page = await (await browser.newContext(DESK)).newPage()
    await page.clock.setFixedTime(new Date(NOW))
    const file = join(mkdtempSync(join(tmpdir(), 'renatus-')), 'room.json')
    writeFileSync(file, crowded())
    await page.goto(`${base}/setup?room=own`)
    await page.getByTestId('import').setInputFiles(file)
    await page
      .getByText(/Merged:|Imported|Last export/)
      .first()
      .waitFor({ timeout: 60_000 })
    await page.goto(`${base}/shelf`)
    await page.getByTestId(`culture-Vessel ${VESSELS}`).waitFor({ timeout: 60_000 })
    const opened = Date.now()
    await page.getByText('Reading them.').waitFor({ state: 'hidden', timeout: 300_000 })
    console.log(
      `shelf: ${VESSELS} vessels read in ${((Date.now() - opened) / 1000).toFixed(1)} s in the worker; drawn ${await drawn(page)} times`,
    )
    const before = await drawn(page)
    const long = await trace(page, async () => {
      await page.mouse.move(640, 500)
      for (let i = 0; i < 60; i++) {
        await page.mouse.wheel(0, i < 30 ? 250 : -250)
        await page.waitForTimeout(30)
      }
    })
    console.log(
      `shelf: scrolled down and up: ${long.length === 0 ? 'no task over 50 ms' : `tasks over 50 ms: ${long.join(', ')}`}; ${(await drawn(page)) - before} vessels drawn anew`,
    )
    // As text: a transpiled function carries helpers the page does not have.
    const ms = Number(
      await page.evaluate(`new Promise((resolve) => {
      const from = performance.now()
      document.querySelector('[data-testid="culture-Vessel 1"]').click()
      requestAnimationFrame(function look() {
        const open = document.querySelector('h1')?.textContent.includes('Vessel 1') && [...document.querySelectorAll('h2')].some(h => h.textContent.includes('Log of this vessel'))
        if (open) resolve(performance.now() - from)
        else requestAnimationFrame(look)
      })
    })`),
    )
    console.log(`shelf: a culture with ${LONG_LOG} entries shows in ${ms.toFixed(0)} ms`)
  })
