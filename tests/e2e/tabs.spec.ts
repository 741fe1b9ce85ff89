import { expect, test } from '@playwright/test'
import { addBrood, begin, setUp } from './person'

test('two tabs: what one does the other shows, and nothing is done twice', async ({
  page,
  context,
}) => {
  await setUp(page)
  await addBrood(page, '800')
  await page.goto('/')
  const second = await context.newPage()
  await second.clock.install({ time: new Date('2026-03-17T05:35:00Z') })
  await second.goto('/')
  const start = second.getByRole('article').filter({ hasText: /Start\s+Cone/ })
  await expect(start.first()).toBeVisible()
  await page.getByRole('button', { name: 'Done' }).first().click()
  await expect(second.getByTestId('clock-culture')).toBeVisible()
  await second.goto('/log')
  await expect(second.locator('[data-kind="culture.started"]')).toHaveCount(1)
})

test('Undo stands at the stop for ten seconds, then in the log', async ({ page }) => {
  await setUp(page)
  await addBrood(page, '800')
  await page.goto('/')
  await page.getByRole('button', { name: 'Done' }).first().click()
  await expect(page.getByTestId('undo-line')).toContainText('Undo (')
  const button = page.getByTestId('undo-line').getByRole('button')
  const side = async () => {
    const box = await button.boundingBox()
    return box ? Math.min(box.width, box.height) : 0
  }
  await expect.poll(side).toBeGreaterThanOrEqual(48)
  await page.clock.fastForward(11_000)
  await expect(page.getByTestId('undo-line')).toHaveCount(0)
  await page.goto('/log')
  await page.locator('[data-kind="culture.started"]').getByRole('button', { name: 'Undo' }).click()
  // What is written is seen before the page is left.
  await expect(page.getByTestId('clock-culture')).toHaveCount(0)
  await page.goto('/')
  await expect(page.getByTestId('clock-culture')).toHaveCount(0)
})

test('what destroys is held: a tap does nothing', async ({ page }) => {
  await setUp(page)
  await addBrood(page)
  await page.getByRole('link', { name: 'Freshwater angelfish' }).click()
  const end = page.getByRole('button', { name: /End the brood/ })
  await end.click()
  await expect(page.getByTestId('per-meal').first()).toBeVisible()
  await end.focus()
  await page.keyboard.down('Enter')
  await page.clock.runFor(1500)
  await page.keyboard.up('Enter')
  await expect(page.getByText('No brood yet.')).toBeVisible()
})

test('iodised salt, soft water, US measures: each has its answer', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-17T05:34:00Z') })
  await begin(page)
  await page.getByRole('radio', { name: /US gallons/ }).click()
  await page.getByLabel(/iodine/).check()
  await page.getByLabel(/Water it takes/).fill('0')
  await page.getByRole('button', { name: 'Open the room' }).click()
  await expect(page.getByRole('alert')).toContainText('Hatch vessel cannot be “0”')
  await page.getByLabel(/Water it takes/).fill('half a gallon')
  await page.getByRole('button', { name: 'Open the room' }).click()
  await page.getByRole('link', { name: 'Setup' }).click()
  await page.getByLabel(/The water is soft/).check()
  await page.getByRole('button', { name: 'Save the room' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await addBrood(page, '800')
  await page.goto('/')
  const start = page.getByRole('article').filter({ hasText: /Start\s+Cone 1/ })
  await expect(start).toContainText('8 cups water')
  await expect(start).toContainText('baking soda first')
  await start.getByText(/cautions/).click()
  await expect(start).toContainText('marked as iodised')
})
