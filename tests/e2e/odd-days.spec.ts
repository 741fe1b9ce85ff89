import { expect, test } from '@playwright/test'
import { addBrood, at, pickFish, setUp } from './person'

test('two days away: overdue bottle first, nothing made up for, and it says so', async ({
  page,
}) => {
  await setUp(page)
  await addBrood(page, '8000')
  await page.goto('/')
  await page.getByRole('button', { name: 'Done' }).first().click()
  // What was done is stored before the page is left.
  await expect(page.getByTestId('undo-line')).toBeVisible()
  await at(page, '2026-03-18T05:40:00Z')
  await page.goto('/')
  await page.getByRole('link', { name: 'Differs, or count' }).click()
  await page.getByRole('radio', { name: /Thin/ }).check()
  await page.getByLabel('For the freezer at once, mL').fill('9000')
  await page.getByLabel('Cubes').fill('0')
  await page.getByRole('button', { name: 'Log the harvest' }).click()
  await expect(page.getByRole('alert')).toContainText('Cubes cannot be “0”')
  await page.getByLabel('Cubes').fill('6')
  await page.getByRole('button', { name: 'Log the harvest' }).click()
  await expect(page.getByRole('alert')).toContainText('The cup holds')
  await page.getByLabel('For the freezer at once, mL').fill('100')
  await page.getByRole('button', { name: 'Log the harvest' }).click()
  await expect(page.getByText(/6 cubes/).first()).toBeVisible()

  await at(page, '2026-03-20T18:10:00Z')
  await page.goto('/')
  await expect(page.getByText(/\d rounds without a meal logged\./)).toBeVisible()
  await expect(page.getByText(/Empty\s+Cone 1/)).toBeVisible()
  await expect(page.getByText(/Feed\s+Tank 1/)).toContainText('frozen nauplii')
  await page
    .getByRole('article')
    .filter({ hasText: /Empty\s+Cone 1/ })
    .getByRole('button', { name: 'Done' })
    .click()
  await expect(page.getByText(/Empty\s+Cone 1/)).toHaveCount(0)
})

test('over a daylight-saving night the harvest still falls on the morning round, an hour of hatching less', async ({
  page,
}) => {
  await setUp(page, '2026-03-28T06:05:00Z')
  await addBrood(page, '8000')
  await page.goto('/')
  await expect(page.getByRole('article').filter({ hasText: /Start\s+Cone 1/ })).toContainText(
    'tomorrow 06:30',
  )
  await page
    .getByRole('button', { name: /^Why .* g\?/ })
    .first()
    .click()
  // 28 March 06:30 to 29 March 06:30 is 24 h on the wall and 23 h in the bottle.
  await expect(page.getByTestId('why-hours-to-the-first-pull').first()).toContainText('23 h')
})

test('own values of a fish are checked, and a tank too cold is refused with a remedy', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/setup')
  const fish = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'My fish' }) })
  await fish.getByRole('button', { name: 'Add' }).click()
  await fish.getByLabel('Copy of').selectOption({ label: 'Zebrafish (Danio rerio)' })
  await expect(fish.getByLabel(/Length at first feeding/)).toHaveValue('3.8')
  await fish.getByLabel('Name', { exact: true }).fill('Moss dwarf')
  await fish.getByLabel(/Length at day 14/).fill('3')
  await fish.getByRole('button', { name: 'Save' }).click()
  await expect(fish.getByText(/The lengths must grow/)).toBeVisible()
  await fish.getByLabel(/Length at day 14/).fill('6')
  await fish.getByRole('button', { name: 'Save' }).click()
  await expect(fish.getByText('copied from Zebrafish')).toBeVisible()
  await page.goto('/broods?new=1')
  await pickFish(page, 'moss', 'Moss dwarf')
  await page.getByLabel('Number of fry').fill('-3')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(
    page.getByText('Number of fry cannot be “-3”: enter a whole number, 1 to 100,000.'),
  ).toBeVisible()
  await page.getByLabel('Number of fry').fill('10000000')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByText(/Number of fry cannot be “10000000”/)).toBeVisible()
  await page.getByLabel('Number of fry').fill('60')
  await page.getByLabel(/^Temperature/).fill('3')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByText(/Temperature of the tank cannot be “3”/)).toBeVisible()
  await page.getByLabel(/^Temperature/).fill('25')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByRole('heading', { name: 'Moss dwarf' })).toBeVisible()
})

test('the mixing sheet works both ways, with any salt and spoon', async ({ page }) => {
  await setUp(page)
  await page.goto('/bench')
  const result = page.getByTestId('mixing-result')
  await page.getByLabel('Water, L').fill('3')
  await page.getByLabel('Salt wanted, g/L').fill('20')
  await expect(result).toContainText('60 g')
  await page.getByRole('radio', { name: 'Recipe to g/L' }).click()
  await page.getByLabel('Spoons').selectOption({ label: 'US spoons and cups' })
  await page.getByLabel('Water, L').fill('2')
  await page.getByLabel('tbsp', { exact: true }).fill('3')
  // 3 US tablespoons of fine salt in 2 L: 3 x 14.787 x 1.22 / 2.
  await expect(result).toContainText('27.1 g/L')
  await page
    .getByRole('combobox', { name: 'Salt', exact: true })
    .selectOption({ label: 'Coarse or rock salt' })
  await expect(result).toContainText('23.3 g/L')
  await page.getByLabel('Water, L').fill('0')
  await expect(page.getByRole('alert')).toContainText('Water cannot be “0”')
})
