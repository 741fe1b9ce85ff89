import { expect, test } from '@playwright/test'
import { begin } from './person'
import { createServer, type Server } from 'node:http'
import { existsSync, readFileSync, statSync } from 'node:fs'
import { extname, join } from 'node:path'

/** Serves the built files, with a service worker that can be made to look newer. */
const PORT = 3201
const PUBLIC = '.output/public'
const TYPES: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.woff2': 'font/woff2',
  '.webmanifest': 'application/manifest+json',
}
// One server for all of them, one after another.
test.describe.configure({ mode: 'default' })
let server: Server
let suffix = ''
/** What stands there instead of the service worker; null for the one that was built. */
let instead: string | null = null

test.beforeAll(async () => {
  server = createServer((request, response) => {
    const path = new URL(request.url!, 'http://x').pathname
    const wanted = join(PUBLIC, path)
    const file =
      path !== '/' && existsSync(wanted) && statSync(wanted).isFile()
        ? wanted
        : join(PUBLIC, 'index.html')
    response.setHeader('content-type', TYPES[extname(file)] ?? 'application/octet-stream')
    const built = () => readFileSync(file, 'utf8') + suffix
    response.end(path === '/sw.js' ? (instead ?? built()) : readFileSync(file))
  })
  await new Promise<void>(resolve => server.listen(PORT, resolve))
})
test.afterAll(() => {
  server.close()
})
test.use({ baseURL: `http://localhost:${PORT}`, serviceWorkers: 'allow' })

test('a new version is offered, never forced while somebody types', async ({ page }) => {
  await begin(page)
  await page.getByRole('button', { name: 'Open the room' }).click()
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready
  })
  await page.reload()
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
    .toBe(true)
  await page.goto('/log')
  const note = page.getByLabel('Write a note')
  await note.fill('half a sent')
  suffix = '\n// newer'
  await page.evaluate(async () => {
    await (await navigator.serviceWorker.getRegistration())!.update()
  })
  await expect(page.getByText('A new version is here.')).toBeVisible()
  await note.focus()
  await expect(page.getByRole('button', { name: 'Update now' })).toBeDisabled()
  await expect(note).toHaveValue('half a sent')
  await note.blur()
  await page.getByRole('heading', { name: 'Log' }).click()
  await page.getByRole('button', { name: 'Update now' }).click()
  await expect(page.getByText('A new version is here.')).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible()
})

const NO_SCRIPT = 'this is no script'
const NO_ROOM = "addEventListener('install', e => e.waitUntil(Promise.reject(new Error('full'))))"

test('an app that the device could not keep is not said to open without the network', async ({
  page,
}) => {
  instead = NO_SCRIPT
  await begin(page)
  await page.getByRole('button', { name: 'Open the room' }).click()
  for (const broken of [NO_SCRIPT, NO_ROOM]) {
    instead = broken
    await page.goto('/setup')
    await expect(page.getByText('The app could not be kept on this device')).toBeVisible()
  }
  // Mended, it is brought at the next visit.
  instead = null
  await page.reload()
  await expect(page.getByText('The app is kept on this device')).toBeVisible({ timeout: 30_000 })
})
