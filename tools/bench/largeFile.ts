import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { makeId } from '@renatus/core/records/id'
import type { Entry } from '@renatus/core/records/entries'
import { demoAt } from '../rooms/demoAt'
import { yearsOf } from '../rooms/yearsOf'
import { served } from './served'

const NOW = '2026-03-24T05:34:00.000Z'
const PORT = 3942
const ENTRIES = 100_000
/** Entries that another device has written meanwhile. */
const NEWER = 500

interface Watched {
  longest: number
}

/** Tasks of the page that held it up while something ran. */
const watch = (page: Page) =>
  page.evaluate(() => {
    const kept = window as unknown as Watched
    kept.longest = 0
    new PerformanceObserver(list => {
      for (const e of list.getEntries()) kept.longest = Math.max(kept.longest, e.duration)
    }).observe({ type: 'longtask' })
  })
const longest = (page: Page) =>
  page.evaluate(() => {
    const kept = window as unknown as Watched
    const ms = kept.longest
    kept.longest = 0
    return Math.round(ms)
  })

function files(folder: string) {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const years = yearsOf(demo, ENTRIES)
  const whole = { exportedAt: NOW, by: 'bench', kept: [], ...years }
  const like = years.entries.find(e => e.kind === 'note') ?? years.entries[0]!
  const newer = Array.from({ length: NEWER }, (_, n): Entry => {
    const id = makeId(
      Date.parse(NOW) + n,
      Uint8Array.from({ length: 10 }, (__, i) => i),
    )
    return { ...like, id, act: id, supersedes: null, answers: null }
  })
  const paths = [join(folder, 'years.json'), join(folder, 'newer.json')] as const
  writeFileSync(paths[0], writeRoomFile(whole))
  writeFileSync(paths[1], writeRoomFile({ ...whole, entries: [...years.entries, ...newer] }))
  return { paths, entries: years.entries.length, broods: years.records.filter(isBrood).length }
}
const isBrood = (r: { type: string }) => r.type === 'brood'

/** A room of ten years in a browser: how long its file takes in and out, and what holds the page up meanwhile. */
export async function benchLargeFile(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'renatus-large-'))
  try {
    const { paths, entries, broods } = files(folder)
    const mb = (statSync(paths[0]).size / 1e6).toFixed(0)
    console.log(`\nA room of ten years: ${entries} entries, ${broods} broods, ${mb} MB`)
    await served('Ten years as a file', PORT, async (_, base) => {
      // A profile on the disk, as people have it: what is kept in memory alone is several times slower.
      const options = { executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium' }
      const context = await chromium.launchPersistentContext(join(folder, 'profile'), {
        ...options,
        serviceWorkers: 'block',
        args: ['--no-sandbox', '--disable-gpu'],
      })
      const page = context.pages()[0] ?? (await context.newPage())
      await page.clock.install({ time: new Date(NOW) })
      await page.goto(`${base}/setup?room=own#data`)
      await page.getByTestId('import').waitFor({ state: 'attached' })
      await watch(page)
      const timed = async (name: string, act: () => Promise<unknown>) => {
        await longest(page)
        const from = performance.now()
        await act()
        const s = (performance.now() - from) / 1000
        console.log(
          `  ${name.padEnd(40)} ${s.toFixed(1)} s, longest task of the page ${await longest(page)} ms`,
        )
      }
      const take = (path: string) => async () => {
        await page.getByTestId('import').setInputFiles(path)
        await page.getByText(/^Merged:/).waitFor({ timeout: 180_000 })
      }
      await timed('import into an empty browser', take(paths[0]))
      await page.waitForTimeout(40_000)
      await timed('export', async () => {
        const download = page.waitForEvent('download', { timeout: 180_000 })
        await page.getByRole('button', { name: 'Export the room' }).click()
        await download
      })
      await timed(`merge with ${NEWER} newer entries`, take(paths[1]))
      await page.waitForTimeout(40_000)
      await timed('check of everything', async () => {
        await page.getByRole('button', { name: 'Check my room' }).click()
        await page.getByTestId('check').waitFor({ timeout: 180_000 })
      })
      console.log(`  ${(await page.getByTestId('check').innerText()).slice(0, 300)}`)
      await context.close()
    })
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
