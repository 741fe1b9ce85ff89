import { request as httpRequest } from 'node:http'
import { expect, test } from '@playwright/test'
import { demoAt } from '../../tools/rooms/demoAt'
import { addBrood, setUp, visit } from './person'

// One after the other: they are one client, and a client has one plan at a time.
test.describe.configure({ mode: 'default' })

const NOW = '2026-03-24T05:34:00.000Z'
const question = {
  days: 14,
  certainty: 0.9,
  pins: [],
  onlyPinned: false,
  whatIf: { shift: {}, fry: {}, warmerC: 0, lost: [], away: null },
}
const demo = demoAt(NOW, 'Europe/Berlin')
const roomOf = (over: object = {}) => ({ ...demo, ...over })

test('every answer says what may run, that nothing is guessed and that nobody frames it; files are packed and kept', async ({
  request,
  page,
}) => {
  const home = await request.get('/')
  const policy = home.headers()['content-security-policy']!
  expect(policy).toContain("frame-ancestors 'none'")
  expect(policy).toContain("object-src 'none'")
  const scripts = policy.split('; ').find(p => p.startsWith('script-src'))!
  expect(scripts).not.toContain('unsafe-inline')
  expect(scripts).toMatch(/'sha256-/)
  for (const path of ['/', '/api/health', '/manifest.webmanifest']) {
    const headers = (await request.get(path)).headers()
    expect(headers['x-content-type-options'], path).toBe('nosniff')
    expect(headers['referrer-policy'], path).toBe('no-referrer')
  }
  const script = /src="(\/_nuxt\/[^"]+\.js)"/.exec(await home.text())![1]!
  const packed = await request.get(script, { headers: { 'accept-encoding': 'br' } })
  expect(packed.headers()['content-encoding']).toBe('br')
  expect(packed.headers()['cache-control']).toContain('immutable')
  expect(home.headers()['cache-control']).toBe('no-cache')
  // The frame stands before any script: name and first lines are in the page itself.
  expect(await home.text()).toContain('Opening the room')
  const refused: string[] = []
  page.on('console', m => {
    if (/Content Security Policy/.test(m.text())) refused.push(m.text())
  })
  await page.goto('/?room=own')
  await expect(page.getByRole('heading', { name: 'No room yet' })).toBeVisible()
  expect(refused).toEqual([])
})

test('a plan is made off the server’s own thread, bad rooms are refused in words, and one client has one at a time', async ({
  request,
}) => {
  test.setTimeout(120_000)
  const plan = (room: object, now = NOW) =>
    request.post('/api/plan', { data: { room, now, question }, timeout: 110_000 })
  let isPlanned = false
  const first = plan(roomOf()).finally(() => {
    isPlanned = true
  })
  await new Promise(r => setTimeout(r, 700))
  expect((await request.get('/api/health')).ok()).toBe(true)
  // Planned on its own thread the server would answer this after the plan only.
  expect(isPlanned).toBe(false)
  const second = await plan(roomOf())
  expect(second.status()).toBe(429)
  expect(second.headers()['retry-after']).toBe('5')
  const answer = await first
  expect(answer.status(), await answer.text()).toBe(200)
  expect((await answer.json()).cover.length).toBeGreaterThan(0)

  for (const [room, now] of [
    [roomOf({ kept: [null] }), NOW],
    [roomOf({ records: [] }), NOW],
    [{ version: 7 }, NOW],
    [roomOf(), 'yesterday'],
    [roomOf({ entries: [null] }), NOW],
  ] as const) {
    const bad = await plan(room, now)
    expect(bad.status()).toBe(400)
    expect((await bad.json()).data.message.length).toBeGreaterThan(3)
  }
})

test('a body without a length is cut off where a room ends, and a client that leaves frees its place', async ({
  request,
  baseURL,
}) => {
  test.setTimeout(180_000)
  const { port } = new URL(baseURL!)
  const status = await new Promise<number | string>(resolve => {
    const req = httpRequest({ host: 'localhost', port, path: '/api/plan', method: 'POST' }, res =>
      resolve(res.statusCode ?? 0),
    )
    req.on('error', (e: NodeJS.ErrnoException) => resolve(e.code ?? 'error'))
    const part = Buffer.alloc(1024 * 1024, 0x20)
    let sent = 0
    const more = () => {
      while (sent < 90) {
        sent++
        if (!req.write(part)) {
          req.once('drain', more)
          return
        }
      }
      req.end()
    }
    more()
  })
  expect([413, 'ECONNRESET', 'EPIPE']).toContain(status)
  const gone = new AbortController()
  const leaving = fetch(`${baseURL}/api/plan`, {
    method: 'POST',
    signal: gone.signal,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ room: roomOf(), now: NOW, question: { ...question, days: 120 } }),
  }).then(
    r => r.status,
    () => 'left',
  )
  await new Promise(r => setTimeout(r, 1500))
  gone.abort()
  expect(await leaving).toBe('left')
  await expect
    .poll(
      async () =>
        (await request.post('/api/plan', { data: { room: {}, now: NOW, question } })).status(),
      { timeout: 60_000 },
    )
    .toBe(400)
})

test('a hundred plans at once: all but one of a client are refused, and health answers meanwhile', async ({
  baseURL,
}) => {
  // One body for all: what is asked here is the server, not how fast this test writes.
  const body = Buffer.from(JSON.stringify({ room: roomOf(), now: NOW, question }))
  const headers = { 'content-type': 'application/json' }
  const plan = () =>
    fetch(`${baseURL}/api/plan`, { method: 'POST', headers, body }).then(
      r => r.status,
      // Refused while it was still sending: the socket was closed under it.
      () => 429,
    )
  const plans = Array.from({ length: 100 }, plan)
  await new Promise(r => setTimeout(r, 300))
  const begun = Date.now()
  expect((await fetch(`${baseURL}/api/health`)).ok).toBe(true)
  const ms = Date.now() - begun
  console.log(`health under a hundred plans: ${ms} ms`)
  expect(ms).toBeLessThan(5000)
  const statuses = await Promise.all(plans)
  expect(statuses.filter(s => s === 200).length).toBeGreaterThanOrEqual(1)
  expect(statuses.filter(s => s === 429).length).toBeGreaterThanOrEqual(90)
  expect(statuses.filter(s => s !== 429 && s !== 200)).toEqual([])
})

test('no address that means a route answers with the page, however it is spelt', async ({
  baseURL,
}) => {
  const { port } = new URL(baseURL!)
  // Sent as they are: a client would put them right.
  const answer = (path: string) =>
    new Promise<[number, string]>((done, failed) => {
      httpRequest({ host: 'localhost', port, path }, res => {
        res.resume()
        done([res.statusCode ?? 0, res.headers['content-type'] ?? ''])
      })
        .on('error', failed)
        .end()
    })
  for (const path of [
    ...[
      '/api',
      '//api',
      '/api%00',
      '/api/',
      '/API/health',
      '/Api/plan',
      '//api/health',
      '/%61pi/health',
    ],
    ...['/api%2fhealth', '/x/../api/nothing', '/api/nothing', '/api/box/x', '/API/BOX'],
  ]) {
    const [status, type] = await answer(path)
    expect([status, /html/.test(type)], path).toEqual([404, false])
  }
  expect((await answer('/api/health'))[0]).toBe(200)
})

test('the server plans for a weak phone, refuses what is no room, and says so', async ({
  page,
  request,
}) => {
  const bad = await request.post('/api/plan', {
    data: { room: { version: 5, format: 'renatus-room' }, now: NOW, question: {} },
  })
  expect(bad.status()).toBe(400)
  expect(await bad.json()).toMatchObject({
    data: { message: expect.stringContaining('question') as never },
  })
  await setUp(page)
  await addBrood(page)
  await visit(page, '/setup')
  await page.getByLabel(/on the server this app came from/).check()
  const asked = page.waitForRequest(r => r.url().endsWith('/api/plan'))
  await visit(page, '/ahead')
  expect((await asked).method()).toBe('POST')
  await expect(page.locator('[data-testid^=cover-]').first()).toBeVisible({ timeout: 90_000 })
  // The server is out of reach: nothing is lost, and it says what to do.
  await page.route('**/api/plan', route => route.abort())
  await page.getByLabel('Certainty').selectOption({ label: '80 %' })
  await expect(page.getByRole('alert')).toContainText(
    'The server does not answer. Nothing was lost',
  )
})
