import { expect, test } from '@playwright/test'
import ICAL from 'ical.js'
import { readFileSync } from 'node:fs'
import { addBrood, setUp } from './person'

test('a clock survives closing the page, ends unseen, is listed, flashes the title, and leaves as a calendar alarm', async ({
  page,
  context,
}) => {
  await setUp(page)
  await addBrood(page, '800')
  await page.goto('/')
  await page.getByRole('button', { name: 'Done' }).first().click()
  await page.getByTestId('clock-culture').click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar alarm' }).click(),
  ])
  const event = new ICAL.Event(
    new ICAL.Component(
      ICAL.parse(readFileSync((await download.path())!, 'utf8')) as never,
    ).getFirstSubcomponent('vevent')!,
  )
  const ends = event.startDate.toJSDate()
  await page.close()

  const later = await context.newPage()
  await later.clock.install({ time: new Date(ends.getTime() + 3 * 3_600_000) })
  await later.goto('/')
  const ended = later.getByRole('status', { name: 'Clocks that have ended' })
  await expect(ended).toContainText('to first pull')
  await expect(ended).toContainText('3 h')
  await later.clock.runFor(2500)
  await expect.poll(() => later.title()).toMatch(/^(Now: Cone|Renatus)/)
  await later.clock.runFor(1000)
  const titles = new Set<string>()
  for (let i = 0; i < 4; i++) {
    titles.add(await later.title())
    await later.clock.runFor(1000)
  }
  expect([...titles].some(t => t.startsWith('Now: '))).toBe(true)
  await ended.getByRole('button', { name: /Seen/ }).click()
  await expect(ended).toHaveCount(0)
  await expect.poll(() => later.title()).toBe('Renatus')
})

test('a clock that ends while the page is open sounds', async ({ page }) => {
  await page.addInitScript(() => {
    const w = window as unknown as { beeps: number }
    w.beeps = 0
    const start = OscillatorNode.prototype.start
    OscillatorNode.prototype.start = function (when?: number) {
      w.beeps++
      return start.call(this, when)
    }
  })
  await setUp(page)
  await page.goto('/bench')
  await page.getByRole('button', { name: 'Start a hatch by hand' }).click()
  await page.getByRole('button', { name: 'Log the start' }).click()
  await page.getByRole('link', { name: 'Harvest', exact: true }).click()
  await page.getByRole('button', { name: /Air is off/ }).click()
  await expect(page.getByTestId('clock-harvest')).toContainText('10 min')
  await page.clock.fastForward(10 * 60_000 + 2000)
  await expect(page.getByRole('status', { name: 'Clocks that have ended' })).toContainText(
    'shells rising',
  )
  await expect
    .poll(async () => {
      await page.clock.runFor(1000)
      return page.evaluate(() => (window as unknown as { beeps: number }).beeps)
    })
    .toBeGreaterThan(0)
})

test('a clock that was set back is pointed out', async ({ page }) => {
  await setUp(page)
  await addBrood(page)
  await page.getByRole('link', { name: 'Freshwater angelfish' }).click()
  await page.getByRole('button', { name: 'Count the fry' }).click()
  await page.getByLabel('Fry counted').fill('150')
  await page.getByRole('button', { name: 'Log it' }).last().click()
  await expect(page.getByTestId('undo-line')).toBeVisible()
  await page.clock.setSystemTime(new Date('2026-03-10T05:40:00Z'))
  await page.goto('/')
  await expect(page.getByRole('alert')).toContainText('Check this device’s clock.')
})
