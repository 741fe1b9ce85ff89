import { expect, test } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { setUp } from './person'

/** After the first load the app works with the server killed. It needs a server of its own to kill. */
const PORT = 3199
let server: ChildProcess

test.beforeAll(async () => {
  server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, PORT: String(PORT) },
    stdio: 'ignore',
  })
  for (let i = 0; i < 100; i++) {
    if (
      await fetch(`http://localhost:${PORT}/api/health`).then(
        r => r.ok,
        () => false,
      )
    )
      return
    await new Promise(resolve => setTimeout(resolve, 100))
  }
})
test.afterAll(() => {
  server.kill()
})
test.use({ baseURL: `http://localhost:${PORT}` })

test('works with the server killed, and keeps what is done there', async ({ page }) => {
  await setUp(page)
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready
  })
  await expect
    .poll(() => page.evaluate(async () => (await caches.keys()).length))
    .toBeGreaterThan(0)
  await page.reload()
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
    .toBe(true)
  server.kill('SIGKILL')
  await expect
    .poll(() =>
      fetch(`http://localhost:${PORT}/api/health`).then(
        () => true,
        () => false,
      ),
    )
    .toBe(false)
  await page.goto('/bench')
  await expect(page.getByRole('heading', { name: 'Hatch bench' })).toBeVisible()
  await page.getByRole('button', { name: 'Start a hatch by hand' }).click()
  await page.getByRole('button', { name: 'Log the start' }).click()
  // The form draws a curve too: only the bench's own words say that it was written.
  await expect(page.getByText('1 hatch running.')).toBeVisible()
  await page.goto('/log')
  await expect(page.locator('[data-kind="culture.started"]')).toHaveCount(1)
  const font = await page.evaluate(() =>
    document.fonts.check('16px "Atkinson Hyperlegible Next Variable"'),
  )
  expect(font).toBe(true)
})
