import type { Browser, Page } from '@playwright/test'
import { DESK, served } from './served'

const NOW = '2026-03-24T05:34:00.000Z'
const PORT = 3181
/** A person is not faster than this; sooner a tap is taken for the second half of a double one, ms. */
const BETWEEN_MS = 1200
/** What is wanted from the tap until the next stop stands, ms, by how many times the CPU is slowed. */
const WANTED_MS: Readonly<Record<number, number>> = { 1: 100, 4: 300 }

/** Taps Done and waits in the page until the next stop has been painted; as text, since it runs there. */
const TAP = `new Promise(resolve => {
  const shown = () => document.querySelector('.walk-head p')?.textContent ?? 'end'
  const before = shown()
  const from = performance.now()
  const look = () =>
    requestAnimationFrame(() =>
      shown() === before ? look() : requestAnimationFrame(() => resolve(performance.now() - from)),
    )
  look()
  document.querySelector('.stop-answers .btn-main').click()
})`
const tap = (page: Page) => page.evaluate<number>(TAP)

async function walked(browser: Browser, base: string, slow: number) {
  const context = await browser.newContext({ ...DESK, viewport: { width: 390, height: 844 } })
  const page = await context.newPage()
  await page.clock.install({ time: new Date(NOW) })
  await page.goto(`${base}/?room=demo`)
  await page.getByRole('link', { name: 'Walk it' }).click({ timeout: 240_000 })
  await page.getByRole('button', { name: 'I have it all' }).click()
  await page.waitForTimeout(BETWEEN_MS)
  if (slow > 1) {
    const wire = await context.newCDPSession(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: slow })
  }
  const ms: number[] = []
  const end = page.getByRole('article', { name: 'The end of the round' })
  while (!(await end.count()) && ms.length < 40) {
    ms.push(await tap(page))
    await page.waitForTimeout(BETWEEN_MS * slow)
  }
  const sorted = ms.map(Math.round).sort((a, b) => a - b)
  console.log(
    `taps: demo's morning${slow > 1 ? `, CPU slowed ${slow} times` : ''}: ${sorted.length} stops, half within ${sorted[sorted.length >> 1]} ms, the slowest ${sorted.at(-1)} (${WANTED_MS[slow]} wanted)`,
  )
  await context.close()
}

/** From a tap on Done until the next stop of the walk stands, the write included. Needs a build. */
export const benchTaps = (): Promise<void> =>
  served('taps', PORT, async (browser, base) => {
    for (const slow of [1, 4]) await walked(browser, base, slow)
  })
