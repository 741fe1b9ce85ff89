import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import QRCode from 'qrcode'
import config from '../../playwright.config'

const NOW = '2026-03-24T05:34:00Z'
const FILM = join(mkdtempSync(join(tmpdir(), 'renatus-')), 'label.y4m')
const SIZE = { w: 640, h: 480 }
/** Pixels of a module of the code, and white around it. */
const MODULE = 8
const EDGE = 40

/** One grey picture of a code on white, as the film that stands in for a camera. */
function film(text: string): Buffer {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' })
  const luma = Buffer.alloc(SIZE.w * SIZE.h, 235)
  for (let y = 0; y < modules.size * MODULE; y++)
    for (let x = 0; x < modules.size * MODULE; x++)
      if (modules.get(Math.floor(y / MODULE), Math.floor(x / MODULE)))
        luma[(y + EDGE) * SIZE.w + x + EDGE] = 16
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

test('a label that is held before the camera opens its vessel', async ({ page }) => {
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
