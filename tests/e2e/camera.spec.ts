import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import QRCode from 'qrcode'
import config from '../../playwright.config'

const NOW = '2026-03-24T05:34:00Z'
const FILM = join(mkdtempSync(join(tmpdir(), 'renatus-')), 'label.y4m')
/** What a phone sees at arm's length: 0.6 m away, 65 degrees wide, 1920 pixels. */
const SIZE = { w: 1920, h: 1080 }
const PX_PER_MM = SIZE.w / (2 * 600 * Math.tan((65 / 2) * (Math.PI / 180)))
const CODE_MM = 33
/** Looks across a pixel, so that edges come out grey as a lens makes them. */
const PARTS = 4

/** One grey picture of a code of 33 mm on white, as the film that stands in for a camera. */
function film(text: string): Buffer {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' })
  const side = CODE_MM * PX_PER_MM
  const from = {
    x: Math.floor((SIZE.w - side) / 2) + 0.3,
    y: Math.floor((SIZE.h - side) / 2) + 0.6,
  }
  const dark = (x: number, y: number) => {
    const column = Math.floor(((x - from.x) / side) * modules.size)
    const row = Math.floor(((y - from.y) / side) * modules.size)
    const inside = Math.min(row, column) >= 0 && Math.max(row, column) < modules.size
    return inside && modules.get(row, column) ? 1 : 0
  }
  const luma = Buffer.alloc(SIZE.w * SIZE.h, 235)
  for (let y = Math.floor(from.y); y <= from.y + side; y++)
    for (let x = Math.floor(from.x); x <= from.x + side; x++) {
      let sum = 0
      for (let i = 0; i < PARTS ** 2; i++)
        sum += dark(x + (i % PARTS) / PARTS, y + Math.floor(i / PARTS) / PARTS)
      luma[y * SIZE.w + x] = 235 - Math.round((sum / PARTS ** 2) * 200)
    }
  const chroma = Buffer.alloc((SIZE.w * SIZE.h) / 2, 128)
  const head = `YUV4MPEG2 W${SIZE.w} H${SIZE.h} F10:1 Ip A1:1 C420jpeg\nFRAME\n`
  return Buffer.concat([Buffer.from(head), luma, chroma])
}

const launch = config.use!.launchOptions!
test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  permissions: ['camera'],
  launchOptions: {
    ...launch,
    args: [
      ...launch.args!,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${FILM}`,
    ],
  },
})

test('a label at arm’s length before the camera opens its vessel', async ({ page }) => {
  await page.clock.install({ time: new Date(NOW) })
  await page.goto('/shelf?room=demo')
  const card = page.locator('main a[href^="/shelf/0"]').first()
  const href = (await card.getAttribute('href'))!
  writeFileSync(FILM, film(`http://192.168.1.20:3000${href}`))
  await page.getByRole('button', { name: /^(Ask|Find)/ }).tap()
  await page.getByRole('button', { name: /label/i }).tap()
  await expect(page.getByText('Hold the label before the camera.')).toBeVisible()
  await expect(page).toHaveURL(new RegExp(href))
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
})
