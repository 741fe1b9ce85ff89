import { expect, test, type Page } from '@playwright/test'
import { at, faults, setUp, visit } from './person'

const row = (page: Page, name: string) => page.locator(`[data-store="${name}"]`)

test('the list of the demo is bought, comes in the round, and is used up', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=demo')
  await expect(page.getByRole('article').first()).toBeVisible()
  await visit(page, '/stores')
  const list = page.getByTestId('shopping')
  await expect(page.getByTestId('larder-lead')).toContainText('to buy in the next 8 weeks')
  await expect(list).toContainText('Fine oatmeal: 2 packs of 500 g, 2.20 €')
  await expect(row(page, 'Fine oatmeal')).toContainText('50 g')
  await expect(row(page, 'Fine oatmeal')).toContainText('order by Wed 8 Apr')
  expect(await faults(page, 'stores')).toEqual([])

  // The table says what the page says.
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a table' }).click()
  const csv = await (await saved).createReadStream()
  const text = await new Response(csv as unknown as BodyInit).text()
  expect(text).toContain('2026-04-08,2026-04-10,Fine oatmeal,2,500,g,2.2,corner shop')

  await page.getByRole('button', { name: 'Ordered: Fine oatmeal' }).click()
  await expect(list).not.toContainText('Fine oatmeal')
  await expect(page.getByTestId('coming')).toContainText('Fine oatmeal, to come on')
  await page.getByRole('button', { name: 'It has come: Fine oatmeal' }).click()
  await expect(row(page, 'Fine oatmeal')).toContainText(/1\.1.kg/)
  await expect(page.getByTestId('coming')).toHaveCount(0)
  // Counted in two taps: what was reckoned gives way.
  await page.getByRole('button', { name: 'Count: Fine oatmeal' }).click()
  await row(page, 'Fine oatmeal').getByLabel('Left now, g').fill('0,0')
  await row(page, 'Fine oatmeal').getByRole('button', { name: 'Log it' }).click()
  await expect(row(page, 'Fine oatmeal')).toContainText('is used up')
  await expect(list).toContainText('Fine oatmeal')

  // A pump is written down over its months; prices are read as people write them.
  await page.getByRole('button', { name: 'Equipment bought: Equipment' }).click()
  await page.getByLabel('What', { exact: true }).fill('Pump')
  await page.getByLabel('For how much, €').fill('€ 24,00')
  await page.getByLabel('Months it should last').fill('12')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByText('Mar 2026')).toBeVisible()
  await expect(page.locator('#money')).toContainText('things')
})

test('brine is mixed ahead, fills the bottle, and runs down; nonsense is refused in words', async ({
  page,
}) => {
  await setUp(page)
  await visit(page, '/stores')
  const add = async (of: string, more: Record<string, string> = {}) => {
    await page.getByRole('button', { name: 'Add a thing' }).click()
    await page.getByLabel('It is').selectOption({ label: of })
    for (const [label, text] of Object.entries(more)) await page.getByLabel(label).fill(text)
    await page.getByRole('button', { name: 'Save' }).click()
  }
  await page.getByRole('button', { name: 'Add a thing' }).click()
  await page.getByLabel('It is').selectOption({ label: 'Salt' })
  await page.getByLabel('A pack holds').fill('0')
  await page.getByLabel('A pack costs').fill('cheap')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('A pack cannot be “0”')).toBeVisible()
  await expect(page.getByText('Price of a pack cannot be “cheap”')).toBeVisible()
  await page.getByLabel('A pack holds').fill('1000')
  await page.getByLabel('A pack costs').fill('€ 1,20')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(row(page, 'Salt')).toContainText('nobody has counted it')
  await page.getByRole('button', { name: 'Bought: Salt' }).click()
  await row(page, 'Salt').getByRole('button', { name: 'Log it' }).click()
  await expect(row(page, 'Salt')).toContainText('1 kg')

  await add('Stock brine', { 'Its salt, g/L': '50' })
  await page.getByRole('button', { name: 'Mix: Stock brine' }).click()
  await page.getByLabel('Litres mixed').fill('4')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(row(page, 'Salt')).toContainText('800 g')
  await expect(row(page, 'Stock brine')).toContainText('4 L')

  await visit(page, '/bench')
  await page.getByRole('button', { name: 'Start a hatch by hand' }).click()
  await expect(
    page.getByRole('checkbox', { name: /Filled with 1 L of Stock brine, 1 L water/ }),
  ).toBeChecked()
  await page.getByRole('button', { name: 'Log the start' }).click()
  await expect(page.getByText('1 hatch running.')).toBeVisible()
  await visit(page, '/stores')
  await expect(row(page, 'Stock brine')).toContainText('3 L')
  await expect(row(page, 'Salt')).toContainText('800 g')
  // The working box beside the tin.
  await page.getByRole('button', { name: /^Fill a box: / }).click()
  await page.getByLabel('Grams into the box').fill('5')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByText('5 g of it in a box cool and dry')).toBeVisible()

  // Salt that is counted as nearly gone is asked for in the round.
  await page.getByRole('button', { name: 'Count: Salt' }).click()
  await row(page, 'Salt').getByLabel('Left now, g').fill('20')
  await row(page, 'Salt').getByRole('button', { name: 'Log it' }).click()
  await at(page, '2026-03-17T18:00:00Z')
  await visit(page, '/')
  await expect(page.getByText(/Order salt: what is left lasts/)).toBeVisible()
})
