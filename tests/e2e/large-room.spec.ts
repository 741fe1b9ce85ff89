import { expect, test } from '@playwright/test'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import type { AnyRecord } from '@renatus/core/records/records'
import { largeRoom } from '../../tools/rooms/manyRooms'

const NOW = '2026-03-24T05:34:00.000Z'
const LONGEST = 60
const cut = (text: string) => text.slice(0, LONGEST)

/** Names as long as a name may be. */
function longNamed(r: AnyRecord): AnyRecord {
  if (r.type === 'room')
    return { ...r, name: cut('The long cellar under the old ropewalk behind the harbour inn') }
  if (r.type !== 'tank') return r
  return { ...r, name: cut(`${r.name} of the long low rack beside the window to the harbour`) }
}

/** Nothing but what the page has fetched by itself: a service worker may not have come so far. */
test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  serviceWorkers: 'block',
})

test('25 broods with names of 60 letters are walked offline, on its side too', async ({
  page,
  context,
}) => {
  const { records, entries } = largeRoom(NOW)
  const file = writeRoomFile({
    exportedAt: NOW,
    by: 'test',
    records: records.map(longNamed),
    entries,
    kept: [],
  })
  await page.clock.install({ time: new Date(NOW) })
  await page.goto('/setup')
  const room = { name: 'room.json', mimeType: 'application/json', buffer: Buffer.from(file) }
  await page.getByTestId('import').setInputFiles(room)
  await expect(page.getByText(/Merged:|Imported|Last export/).first()).toBeVisible()
  await page.goto('/')
  await expect(page.getByTestId('round-lead')).toHaveText(/\d\d stops/, { timeout: 120_000 })
  await page.getByRole('link', { name: 'Walk it' }).tap()
  await page.getByRole('button', { name: 'I have it all' }).tap()
  await page.waitForLoadState('networkidle')
  await context.setOffline(true)
  const sentence = page.locator('.walk .sentence').first()
  const done = page.locator('.stop-answers .btn-main')
  for (const size of [
    { width: 390, height: 844 },
    { width: 844, height: 390 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size)
    await expect(done).toBeInViewport({ ratio: 0.9 })
    await expect(sentence).toBeInViewport()
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    expect(wide).toBeLessThanOrEqual(size.width)
    const before = await sentence.innerText()
    await page.waitForTimeout(450)
    await done.tap()
    await expect(sentence).not.toHaveText(before, { useInnerText: true })
  }
  // The room is marked and copied a while after the last tap.
  await page.clock.fastForward(40_000)
  await page.waitForTimeout(500)
  await expect(page.locator('[data-failure]')).toHaveCount(0)
  await test.step('what is told above a stop leaves its answers in sight', async () => {
    await page.evaluate(() => void Promise.reject(new Error('thrown by nobody we know')))
    await expect(page.locator('[data-failure=bug]')).toBeVisible()
    for (const size of [
      { width: 844, height: 390 },
      { width: 390, height: 844 },
      { width: 1280, height: 800 },
    ]) {
      await page.setViewportSize(size)
      await expect(done).toBeInViewport({ ratio: 0.9 })
    }
  })
  await expect(page.locator('.walk-head')).toContainText('4 of')
})
