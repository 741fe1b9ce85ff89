import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { VIEWS } from '../../app/words/nav'
import { visit } from './person'

/** A server of a test's own, to be killed: after the first load the app works without it. */
async function serve(port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
  })
  await expect.poll(() => answers(port)).toBe(true)
  return server
}
const answers = (port: number) =>
  fetch(`http://localhost:${port}/api/health`).then(
    r => r.ok,
    () => false,
  )
async function kill(server: ChildProcess, port: number) {
  server.kill('SIGKILL')
  await expect.poll(() => answers(port)).toBe(false)
}
test.use({ serviceWorkers: 'allow' })

const ready = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready
  })
const controlled = (page: Page) =>
  expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)

/** A plain room at the address of a server of this test's own. */
async function openAt(page: Page, port: number) {
  await page.clock.install({ time: new Date('2026-03-17T05:34:00Z') })
  await page.goto(`http://localhost:${port}/?room=own`)
  await page.getByRole('button', { name: 'Set up your room' }).click()
  await page.getByRole('button', { name: 'Open the room' }).click()
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
}

test('works with the server killed, and keeps what is done there', async ({ page }) => {
  const port = 3199
  const server = await serve(port)
  await openAt(page, port)
  await ready(page)
  await page.reload()
  await controlled(page)
  await kill(server, port)
  await page.goto(`http://localhost:${port}/bench`)
  await expect(page.getByRole('heading', { name: 'Hatch bench' })).toBeVisible()
  await page.getByRole('button', { name: 'Start a hatch by hand' }).click()
  await page.getByRole('button', { name: 'Log the start' }).click()
  // The form draws a curve too: only the bench's own words say that it was written.
  await expect(page.getByText('1 hatch running.')).toBeVisible()
  await page.goto(`http://localhost:${port}/log`)
  await expect(page.locator('[data-kind="culture.started"]')).toHaveCount(1)
  const font = await page.evaluate(() =>
    document.fonts.check('16px "Atkinson Hyperlegible Next Variable"'),
  )
  expect(font).toBe(true)
})

test('the server dies after the first load: every view, plan, formula, practice, files out and in go on', async ({
  page,
}, info) => {
  const port = 3198
  const server = await serve(port)
  await openAt(page, port)
  await ready(page)
  await controlled(page)
  await kill(server, port)
  const failures = page.locator('[data-failure]')

  for (const { to } of VIEWS) {
    await visit(page, to)
    await expect(page).toHaveURL(new RegExp(`${to}$`))
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  }
  await expect(failures).toHaveCount(0)

  // Corydoras of 12 days: something to plan for, and to cook for.
  await visit(page, '/broods?new=1')
  await page.getByLabel('Number of fry').fill('80')
  await page.getByRole('combobox', { name: 'Fish' }).fill('cory')
  await page.getByRole('option', { name: /cory/ }).first().click()
  await page.getByLabel('The date is of').selectOption({ label: 'free swimming' })
  await page.getByLabel('Date', { exact: true }).fill('2026-03-05')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('per-meal').first()).toBeVisible()
  await visit(page, '/ahead')
  await expect(page.getByTestId('decision-0')).toBeVisible({ timeout: 90_000 })
  await visit(page, '/gel')
  await page.getByText('1 brood without gel today').click()
  await page.getByRole('link', { name: 'Formula for it' }).first().click()
  await page.getByRole('button', { name: 'Begin with a usual larder' }).click()
  await expect(page.getByTestId('composition')).toBeVisible({ timeout: 60_000 })
  await visit(page, '/practice')
  await page.getByLabel('Who practises').fill('Ada')
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.getByText('Vessel 1 of 10')).toBeVisible()

  await visit(page, '/setup')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  const path = info.outputPath('room.json')
  await file.saveAs(path)
  expect(JSON.parse(readFileSync(path, 'utf8')).format).toBe('renatus-room')
  await page.getByTestId('import').setInputFiles(path)
  await expect(page.getByText('Merged: 0 new records, 0 new entries')).toBeVisible()
  await expect(failures).toHaveCount(0)

  // A later visit by whatever address.
  for (const address of [
    '/gel/ingredients',
    '/methods/infusoria/scalded-leaf',
    '/walk',
    '/count',
  ]) {
    await page.goto(`http://localhost:${port}${address}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  }
  await expect(failures).toHaveCount(0)
})
