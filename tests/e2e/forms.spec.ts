import { expect, test } from '@playwright/test'
import { addBrood, setUp, visit } from './person'

test('forms: a number by thumb, a message that goes with its value, Escape, and no emptied form on the way back', async ({
  page,
}) => {
  await setUp(page)
  await visit(page, '/bench')
  const start = page.getByRole('button', { name: 'Start a hatch by hand' })
  await start.click()
  const cysts = page.getByLabel('Cysts, g')
  const more = page.locator(`[aria-controls="${await cysts.getAttribute('id')}"]`).last()
  await cysts.fill('1')
  await more.click()
  await expect(cysts).toHaveValue('1.1')
  await cysts.fill('a lot')
  // What is not understood is not thrown away by a thumb.
  await more.click()
  await expect(cysts).toHaveValue('a lot')
  await page.getByRole('button', { name: 'Log the start' }).click()
  const refused = page.getByRole('alert').filter({ hasText: 'Cysts' })
  await expect(refused).toBeVisible()
  await cysts.fill('1')
  await expect(refused).toHaveCount(0)
  await page.keyboard.press('Escape')
  await expect(cysts).toHaveCount(0)
  await expect(start).toBeFocused()

  await visit(page, '/broods')
  await addBrood(page)
  await page.goBack()
  await expect(page.getByLabel('Number of fry')).toHaveCount(0)
  await visit(page, '/broods')
  await page
    .getByRole('link', { name: /angelfish/i })
    .first()
    .click()
  const change = page.getByRole('button', { name: 'Change', exact: true })
  await change.click()
  await expect(page.getByLabel('Number of fry')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByLabel('Number of fry')).toHaveCount(0)
  await expect(change).toBeFocused()
})

test('a press does what it was begun on, also where the page pushes it away meanwhile', async ({
  page,
}) => {
  await setUp(page)
  await visit(page, '/bench')
  const start = page.getByRole('button', { name: 'Start a hatch by hand' })
  const pushedBy = (px: number) =>
    page.evaluate(h => {
      document.querySelector<HTMLElement>('#main')!.style.paddingTop = `${h}px`
    }, px)
  await start.hover()
  await page.mouse.down()
  await pushedBy(300)
  await page.mouse.up()
  await expect(page.getByLabel('Cysts, g')).toBeVisible()

  // A pointer that leaves takes its press back, as ever.
  await page.keyboard.press('Escape')
  await expect(page.getByLabel('Cysts, g')).toHaveCount(0)
  await start.hover()
  await page.mouse.down()
  await pushedBy(0)
  await page.mouse.move(5, 300)
  await page.mouse.up()
  await page.keyboard.press('Tab')
  await expect(page.getByLabel('Cysts, g')).toHaveCount(0)
})
