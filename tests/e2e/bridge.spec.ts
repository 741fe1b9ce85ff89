import { expect, test } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { createServer, type Server } from 'node:http'
import { addBrood, setUp, visit } from './person'

/** A bridge as docs/instruments.md describes it, and a server that is told of it. */
const PORT = 3198
const BRIDGE_PORT = 3197
const FROM = Date.parse('2026-03-17T05:34:00Z')
let server: ChildProcess
let bridge: Server

const reading = (minute: number, value: unknown = 24 + (minute % 5) / 10) =>
  `data: ${JSON.stringify({ at: new Date(FROM + minute * 60_000).toISOString(), value, unit: 'C' })}\n\n`
/** Fifty minutes, with what a real cable does: text, a reading twice, one of the past, a jump. */
const LINES = [
  ...Array.from({ length: 10 }, (_, i) => reading(i)),
  'data: cable loose\n\n',
  reading(9),
  reading(3),
  reading(10, 'warm'),
  ...Array.from({ length: 40 }, (_, i) => reading(i + 11)),
]

test.use({ baseURL: `http://localhost:${PORT}` })
test.beforeAll(async () => {
  bridge = createServer((_, res) => {
    res.writeHead(200, { 'content-type': 'text/event-stream' })
    let next = 0
    const beat = setInterval(() => {
      if (next < LINES.length) res.write(LINES[next++])
    }, 20)
    res.on('close', () => clearInterval(beat))
  }).listen(BRIDGE_PORT)
  server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      RENATUS_BRIDGE: `http://127.0.0.1:${BRIDGE_PORT}/stream`,
    },
    stdio: 'ignore',
  })
  await expect
    .poll(() =>
      fetch(`http://localhost:${PORT}/api/health`).then(
        r => r.ok,
        () => false,
      ),
    )
    .toBe(true)
})
test.afterAll(() => {
  server.kill('SIGKILL')
  bridge.closeAllConnections()
  bridge.close()
})

test('a real thermometer is written down by the quarter of an hour, whatever its cable does', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await setUp(page)
  await addBrood(page)
  await visit(page, '/thermometers')
  await page.getByLabel('Instrument').selectOption('bridge')
  await page.getByRole('checkbox').first().check()
  await page.getByRole('button', { name: /^Start/ }).click()
  await expect(page.getByTestId('live-c')).toBeVisible()
  await expect(page.getByText('4 lines of the stream said nothing new')).toBeVisible()
  // The last minutes are written when it is stopped.
  await expect(page.getByText(/at .*07:24/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await visit(page, '/log')
  // At once, and at the 15th, 30th and 45th minute after: never one entry a reading.
  await expect(page.locator('[data-kind$=".course"]')).toHaveCount(5)
})
