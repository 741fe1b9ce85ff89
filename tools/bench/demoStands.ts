import type { Browser } from '@playwright/test'
import { DESK, served } from './served'

const PORT = 3182
/** A spring morning, and one in the weeks after a turn of the clocks. */
const MORNINGS = ['2026-03-24T05:34:00.000Z', '2026-12-01T05:34:00.000Z']
const TIMES = 5
const WANTED_MS = 2000

/**
 * Sees when the first stop is put into the page, and stands; as text, since it runs there. Asking for every
 * frame until then would have the browser draw them all.
 */
const WATCH = `new MutationObserver((_, watcher) => {
  const stop = document.querySelector('article')
  if (!stop) return
  watcher.disconnect()
  const look = () => {
    if (stop.offsetHeight > 0) window.stoodAt = performance.now()
    else requestAnimationFrame(look)
  }
  look()
}).observe(document, { childList: true, subtree: true })`

/** Milliseconds from the navigation until the first stop of a demo room stands that was never made there. */
async function stands(browser: Browser, base: string, morning: string): Promise<number> {
  const context = await browser.newContext(DESK)
  const page = await context.newPage()
  await page.clock.setFixedTime(new Date(morning))
  await page.addInitScript(WATCH)
  await page.goto(`${base}/?room=demo`)
  await page.getByRole('article').first().waitFor({ timeout: 120_000 })
  const ms = await page.evaluate<number>('window.stoodAt')
  await context.close()
  return ms
}

/** How long the demo room takes to be made and to stand, in a browser that was never there. Needs a build. */
export const benchDemoStands = (): Promise<void> =>
  served('demo room', PORT, async (browser, base) => {
    const found: number[][] = MORNINGS.map(() => [])
    for (let i = 0; i < TIMES; i++)
      for (const [m, morning] of MORNINGS.entries())
        found[m]!.push(await stands(browser, base, morning))
    for (const [m, all] of found.entries()) {
      const ms = all.map(Math.round).sort((a, b) => a - b)
      const day = MORNINGS[m]!.slice(0, 10)
      const span = `${ms[0]} to ${ms.at(-1)} (${WANTED_MS} wanted)`
      console.log(`demo room on ${day}: stands in ${ms[TIMES >> 1]} ms, ${span}`)
    }
  })
