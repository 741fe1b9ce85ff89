import { expect, test, type Page } from '@playwright/test'
import { pickFish, setUp, visit } from './person'

/** The app's own clock is set; that of the browser stays, and its zones with it. */
const at = (page: Page, instant: string) =>
  page.addInitScript(`globalThis.renatusNow = () => ${Date.parse(instant)}`)

test('a room keeps its own hours on a device of another zone: rounds, dates, what is written', async ({
  page,
  browser,
  baseURL,
}) => {
  await setUp(page)
  await page.goto('/setup#data')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the room' }).click()
  const file = await (await download).path()

  // Half past six in Berlin, ten in the evening of the day before in Los Angeles.
  const there = await browser.newContext({
    timezoneId: 'America/Los_Angeles',
    serviceWorkers: 'block',
  })
  const device = await there.newPage()
  await at(device, '2026-03-25T05:34:00Z')
  await device.goto(`${baseURL}/setup?room=own`)
  await device.getByTestId('import').setInputFiles(file)
  await expect(device.getByRole('heading', { name: 'Room', exact: true })).toBeVisible()
  await device.goto(`${baseURL}/`)
  await expect(device.getByRole('heading', { name: 'Morning round' })).toBeVisible()
  await expect(device.getByText('Wed 25 Mar').first()).toBeVisible()
  await expect(device.getByText('06:34').first()).toBeVisible()

  await device.goto(`${baseURL}/broods?new=1`)
  await device.getByLabel('Number of fry').fill('200')
  await pickFish(device, 'angel', 'Freshwater angelfish (Pterophyllum scalare)')
  await device.getByRole('button', { name: 'Save the brood' }).click()
  await expect(device.getByTestId('per-meal').first()).toBeVisible()
  await expect(device.getByText(/25 Mar/).first()).toBeVisible()
  await expect(device.getByText(/24 Mar/)).toHaveCount(0)

  // What is started stands in the log with the room's hour, and is pulled at a round of the room.
  await device.goto(`${baseURL}/`)
  const hatch = device.getByRole('article').filter({ hasText: /Start\s+Cone 1/ })
  await hatch.getByRole('button', { name: 'Done' }).click()
  await expect(device.getByTestId('undo-line')).toBeVisible()
  await visit(device, '/bench')
  await expect(device.getByText(/(06:30|19:00)/).first()).toBeVisible()
  await visit(device, '/log')
  await expect(device.getByText(/06:3\d/).first()).toBeVisible()

  // An hour of the next round: the clock is moved, not the browser.
  await at(device, '2026-03-25T18:10:00Z')
  await device.goto(`${baseURL}/`)
  await expect(device.getByRole('heading', { name: 'Evening round' })).toBeVisible()
  await expect(device.getByText('19:10').first()).toBeVisible()
  await there.close()
})
