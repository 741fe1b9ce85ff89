import { expect, test, type Browser } from '@playwright/test'

/** On the wire, packed as the server packs it: page, scripts, styles, fonts, helper threads. */
const MOST_KB = 180
/** Scripts of the page for a first round: 83 in 414 kB when they were crumbs and the reckoning came along. */
const MOST_FILES = 30
const MOST_ROUND_KB = 310

/** Bytes that a first visit fetches until nothing more is asked for. */
async function fetched(browser: Browser, address: string) {
  // The service worker brings the rest for later visits: it is no part of the first.
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const page = await context.newPage()
  const wire = await context.newCDPSession(page)
  await wire.send('Network.enable')
  const names = new Map<string, string>()
  const bytes = new Map<string, number>()
  wire.on('Network.requestWillBeSent', e => names.set(e.requestId, e.request.url))
  wire.on('Network.loadingFinished', e => bytes.set(e.requestId, e.encodedDataLength))
  await page.goto(address, { waitUntil: 'networkidle' })
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await context.close()
  return [...bytes].map(([id, size]) => ({ name: names.get(id) ?? id, size }))
}

test('a first visit to an empty room fetches little, and nothing of what other views need', async ({
  browser,
  baseURL,
}) => {
  const files = await fetched(browser, `${baseURL}/?room=own`)
  const kb = files.reduce((s, f) => s + f.size, 0) / 1000
  const largest = [...files].sort((a, b) => b.size - a.size).slice(0, 30)
  console.log(
    `first load: ${kb.toFixed(0)} kB in ${files.length} files (at most ${MOST_KB}); ${largest.map(f => `${f.name.split('/').at(-1)} ${(f.size / 1000).toFixed(0)}`).join(', ')}`,
  )
  expect(kb).toBeLessThanOrEqual(MOST_KB)
  expect(files.some(f => /worker|\.wasm|loft/.test(f.name))).toBe(false)
})

test('the first round of a room comes in few files, without what reckons it', async ({
  browser,
  baseURL,
}) => {
  const files = await fetched(browser, `${baseURL}/?room=demo`)
  const scripts = files.filter(f => /_nuxt\/.*\.js$/.test(f.name) && !/worker/.test(f.name))
  const kb = scripts.reduce((s, f) => s + f.size, 0) / 1000
  console.log(`first round: ${kb.toFixed(0)} kB of scripts in ${scripts.length} files`)
  expect(scripts.length).toBeLessThanOrEqual(MOST_FILES)
  expect(kb).toBeLessThanOrEqual(MOST_ROUND_KB)
})
