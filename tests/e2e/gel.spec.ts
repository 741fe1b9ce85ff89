import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { at, Person, setUp, visit } from './person'

test('a brood’s diet is formulated, cooked, boxed, fed and runs out, while the clock moves', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await setUp(page, '2026-03-17T05:34:00Z')
  // Corydoras of 12 days: they feed at the bottom, and take gel.
  await page.goto('/broods?new=1')
  await page.getByLabel('Number of fry').fill('80')
  await page.getByRole('combobox', { name: 'Fish' }).fill('cory')
  await page.getByRole('option', { name: /cory/ }).first().click()
  await page.getByLabel('The date is of').selectOption({ label: 'free swimming' })
  await page.getByLabel('Date', { exact: true }).fill('2026-02-20')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('per-meal').first()).toBeVisible()

  // A formula for it: targets by its size, an impossible one first, whose remedy is taken.
  await visit(page, '/gel')
  await page.getByText('1 brood without gel today').click()
  await page.getByRole('link', { name: 'Formula for it' }).first().click()
  await page.getByRole('button', { name: 'Begin with a usual larder' }).click()
  await expect(page.getByTestId('composition')).toBeVisible({ timeout: 60_000 })
  await page.getByLabel('Protein at least, %').fill('80')
  await page.getByLabel('Protein at most, %').fill('90')
  await expect(page.getByRole('alert')).toContainText('No mix of these keeps every target')
  await page.getByRole('button', { name: 'Widen the targets just so far' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
  await page.getByLabel('Protein at least, %').fill('95')
  await expect(page.getByRole('alert')).toContainText('Turn them round')
  await page.getByRole('button', { name: 'Back to the proposed targets' }).click()
  await page.getByLabel('least cost').check()
  await expect(page.getByTestId('formula').getByRole('row')).not.toHaveCount(0)
  await page.getByLabel('Name of the diet').fill('Cory agar')
  await page.getByRole('button', { name: 'Keep this diet' }).click()
  await expect(page.getByTestId('mix-Cory agar')).toContainText('own formula')

  // A tray, and half of the day in gel.
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByLabel('Name').fill('Bead tray')
  await page.getByLabel('Cells').fill('8')
  for (const side of ['Length of one', 'Width of one', 'Depth of one'])
    await page.getByLabel(side).fill('7')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('8 cells')).toBeVisible()
  await page.getByText('1 brood without gel today').click()
  await page.getByLabel(/^Gel in the day of/).selectOption({ label: 'half' })
  await expect(page.getByTestId('cover')).toContainText('is wanted today, and no box holds any')

  // The round asks for a batch; it is cooked by its steps, and boxed.
  await visit(page, '/')
  await page
    .getByRole('article')
    .filter({ hasText: 'Cook gel' })
    .getByRole('link', { name: 'Step by step' })
    .click()
  await expect(page.getByTestId('batch-sheet')).toContainText('Agar')
  const water = page.getByRole('checkbox', { name: /bring to the boil/ })
  await expect(water).toBeDisabled()
  for (const box of await page.getByLabel('Read and ready').all()) await box.check()
  await water.check()
  await expect(page.getByTestId('clock-gel-mix')).toBeVisible()
  await page.getByRole('textbox', { name: 'Box' }).fill('Green box')
  await page.getByRole('button', { name: 'It is in the box' }).click()
  const box = page.getByTestId('box-Green box')
  await expect(box).toContainText('8 pieces')

  // Morning after morning: out of the box into the tub, out of the tub into the tank, until it is empty.
  let left = 8
  let days = 0
  for (; left > 0 && days < 8; days++) {
    await at(page, `2026-03-${18 + days}T05:34:00Z`)
    await page.goto('/')
    const tub = page.getByRole('article').filter({ hasText: 'into the day’s tub' })
    const asked = Number(
      (await tub.locator('.amount').innerText()).replace('½', '.5').replace(/[^\d.]/g, ''),
    )
    expect(asked).toBeGreaterThan(0)
    await tub.getByRole('button', { name: 'Done' }).click()
    await expect(tub).toHaveCount(0)
    const tank = page
      .getByRole('article')
      .filter({ hasText: /of gel out of/ })
      .first()
    await expect(tank).toContainText('piece')
    await tank.getByRole('button', { name: 'Done' }).click()
    await expect(
      page.getByRole('article').filter({ hasText: /pieces? of gel out of/ }),
    ).toHaveCount(0)
    left = Math.max(0, left - asked)
    await visit(page, '/gel')
    if (left > 0) await expect(box).toContainText(`${String(left).replace('.5', '½')} piece`)
    else await expect(box).toHaveCount(0)
  }
  expect(left).toBe(0)
  expect(days).toBeGreaterThan(1)
  // What is left lies long enough to be taken out, and the next batch is asked for.
  await at(page, `2026-03-${18 + days}T05:34:00Z`)
  await page.goto('/')
  await expect(
    page.getByRole('article').filter({ hasText: 'no box holds a piece for today' }),
  ).toBeVisible()
  await expect(page.getByText(/Take out what is left of the gel food/)).toBeVisible()
  await visit(page, '/log')
  for (const kind of ['Gel cooked', 'Taken out for the day', 'Tank fed'])
    await expect(page.getByRole('listitem').getByText(kind, { exact: true }).first()).toBeVisible()
})

test('forwards, backwards and by days; what cannot be is refused in words', async ({ page }) => {
  const me = new Person(page)
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=demo')
  await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
  await visit(page, '/gel')
  await expect(page.getByTestId('cover')).toContainText('lasts 4 days')
  await page.getByRole('link', { name: 'Cook Harbour powder' }).click()
  await expect(page.getByTestId('powder')).toHaveText(/8.2/)
  await page.getByLabel('Flat bag, small').fill('3')
  await expect(page.getByTestId('water')).toHaveText(/16\d/)
  await page.getByLabel('Bead mould').fill('many')
  await expect(page.getByRole('alert')).toContainText('Bead mould cannot be “many”')
  await page.getByLabel('By powder left').check()
  await page.getByLabel('Into').first().selectOption({ label: 'Flat bag, small, 60 mL' })
  await expect(page.getByTestId('fill-said')).toContainText('of powder are left')
  await page.getByLabel('By days').check()
  await page.getByLabel('Days to last').fill('30')
  await expect(page.getByTestId('fill-said')).toContainText('Medaka, second batch')
  await page.getByText(/Parts, air and loss/).click()
  await page.getByLabel(/^Water on one part/).fill('0')
  await expect(page.getByRole('alert')).toContainText('Parts of water cannot be “0”')
  await page.getByLabel(/^Water on one part/).fill('')
  await page.getByLabel('Pieces weigh in all, g').fill('900')
  await page.getByRole('button', { name: 'It is in the box' }).click()
  await expect(page.getByRole('alert')).toContainText('more than went in')

  await visit(page, '/gel')
  await me.press('Add a ready powder')
  await page.getByLabel('Name').fill('Odd')
  await page.getByLabel('Protein').fill('140')
  await me.press('Save')
  await expect(page.getByRole('alert')).toContainText('Protein cannot be “140”: enter 0 to 100 %.')
  await page.getByLabel('Protein').fill('90')
  await me.press('Save')
  await expect(page.getByRole('alert')).toContainText('more than the whole')
  await me.press('Cancel')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByLabel('Known by').selectOption({ label: 'the volume it takes' })
  await page.getByLabel('It takes').fill('0')
  await me.press('Save')
  await expect(page.getByText('Volume of the tray cannot be “0”')).toBeVisible()
})

test('ingredients go out as a table and come back; a table that is not understood changes nothing', async ({
  page,
}) => {
  await setUp(page)
  await page.goto('/gel/ingredients')
  const take = (name: string, text: string) =>
    page
      .getByTestId('ingredients-file')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  await take('odd.csv', 'name,protein,fat,fibre,ash\nMud,1,1,1,1\n')
  await expect(page.getByRole('alert')).toContainText('Line 1: “moisture” is missing')
  await take('odd.csv', 'name,protein,fat,fibre,ash,moisture\nMud,140,1,1,1,1\nSand,1,x,1,1,1\n')
  await expect(page.getByRole('alert')).toContainText('Line 2, column “protein”: “140”')
  await expect(page.getByRole('alert')).toContainText('Line 3, column “fat”: “x”')
  await take(
    'good.csv',
    '\uFEFFname;protein;fat;fibre;ash;moisture;price_per_kg\nBloodworm, frozen;5,2;0,6;0,1;0,5;91,5;18,5\n',
  )
  await expect(page.getByText('1 ingredient taken in.')).toBeVisible()
  await expect(page.getByText('Bloodworm, frozen')).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the table (CSV)' }).click(),
  ])
  const text = readFileSync((await file.path())!, 'utf8')
  expect(text).toContain('"Bloodworm, frozen",5.2,0.6,0.1,0.5,91.5,18.5')
  await take('back.csv', text)
  await expect(page.getByText(/^28 ingredients taken in/)).toBeVisible()
})
