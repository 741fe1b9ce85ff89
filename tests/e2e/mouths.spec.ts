import { readFileSync, writeFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { at, Person, pickFish, setUp } from './person'

/** A brood of small fry in a room that keeps only brine shrimp. */
async function small(page: Page, more: { event?: string; date?: string; kind?: string } = {}) {
  await setUp(page)
  await page.goto('/broods?new=1')
  await pickFish(page, 'small fry', 'Small fry, any')
  if (more.event) await page.getByLabel('The date is of').selectOption({ label: more.event })
  if (more.kind) await page.getByLabel('That date is').selectOption({ label: more.kind })
  if (more.date) await page.getByLabel('Date', { exact: true }).fill(more.date)
  await page.getByRole('button', { name: 'Save the brood' }).click()
}

test('a mouth too small: the alarm names what would close the gap, keeping it closes it, and the round feeds it', async ({
  page,
}) => {
  const me = new Person(page)
  await small(page)
  await expect(page.getByTestId('urgency')).toContainText('Nothing here fits its mouth today.')
  await expect(page.getByTestId('urgency')).toContainText('would close it')
  await page.getByRole('link', { name: 'Small fry, any' }).click()
  await expect(page.getByRole('img', { name: /nothing fits from day 0/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep Infusoria' }).click()
  await expect(page.getByRole('img', { name: /infusoria from day 0/ })).toBeVisible()
  await expect(page.getByTestId('next-change')).toContainText('Brine shrimp nauplii from day')
  // Ticked, and nothing of it stands here: the round feeds nothing from thin air, and says how to close the gap.
  await me.go('Round')
  await expect(page.getByRole('article').filter({ hasText: /Feed\s+Tank 1/ })).toHaveCount(0)
  const hungry = page.getByRole('article').filter({ hasText: 'Tank 1' })
  await expect(hungry).toContainText('nothing that fits and stands ready')
  await hungry.getByRole('link', { name: 'Start infusoria' }).click()
  await page.getByRole('radio', { name: /^Scalded leaf/ }).check()
  await page.getByLabel('Started days ago').fill('12')
  await page.getByRole('button', { name: /started$/ }).click()
  await expect(page.getByRole('heading', { name: /(is|are) started$/ })).toBeVisible()
  await me.go('Round')
  const tank = page.getByRole('article').filter({ hasText: /Feed\s+Tank 1/ })
  await expect(tank).toContainText('of infusoria from Infusoria 1', { timeout: 60_000 })
  // What really went in.
  await tank.getByRole('button', { name: 'Differs' }).click()
  await tank.getByLabel(/What went in: infusoria/).fill('-2')
  await tank.getByRole('button', { name: 'Log it' }).last().click()
  await expect(tank.getByRole('alert')).toContainText('cannot be “-2”')
  await tank.getByLabel(/What went in: infusoria/).fill('5000')
  await tank.getByRole('button', { name: 'Log it' }).last().click()
  await expect(tank.getByRole('alert')).toContainText('Infusoria 1 gives')
  await tank.getByLabel(/What went in: infusoria/).fill('12')
  await tank.getByRole('button', { name: 'Log it' }).last().click()
  await expect(page.getByTestId('undo-line')).toContainText('Tank 1 is fed')
  await expect(tank).toHaveCount(0)
  // A quarter of an hour later the bellies tell, in one tap.
  const bellies = page.getByRole('group', { name: /^Bellies of/ })
  await expect(bellies).toContainText('from 06:')
  await bellies.getByRole('button', { name: 'Full' }).click()
  await expect(page.getByTestId('undo-line')).toContainText('bellies full')
  await expect(bellies).toHaveCount(0)
  await me.go('Log')
  await expect(page.locator('[data-kind="tank.fed"]')).toContainText(/12.mL/)
  await expect(page.locator('[data-kind="brood.bellies"]')).toContainText('full after infusoria')
})

test('eggs: dates follow temperature and what was seen; spawn in the far past and dates ahead are refused', async ({
  page,
}) => {
  await small(page, { event: 'spawning', date: '2026-03-16' })
  await expect(
    page.getByText(/Eggs, hatch about Thu 19 Mar; swims free in 5 days, Sun 22 Mar, give or take/),
  ).toBeVisible()
  await page.getByRole('link', { name: 'Small fry, any' }).click()
  await page.getByRole('button', { name: 'Read the thermometer' }).click()
  await page.getByLabel(/Temperature of the tank/).fill('22')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByText(/swims free in [6-8] days/)).toBeVisible()
  await at(page, '2026-03-19T06:00:00Z')
  await page.reload()
  await page.getByRole('button', { name: 'They hatched today' }).click()
  await expect(page.getByText(/Living on yolk since Thu 19 Mar/)).toBeVisible()
  await page.getByTestId('undo-line').getByRole('button', { name: /Undo/ }).click()
  await expect(page.getByText(/Eggs, hatch about/)).toBeVisible()
  await page.getByRole('button', { name: 'Change' }).click()
  await page.getByLabel('Date', { exact: true }).fill('2019-03-16')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(
    page.getByText(/Date cannot be “2019-03-16”: enter a day within 400 days of today/),
  ).toBeVisible()
  await page.getByLabel('Date', { exact: true }).fill('2026-03-25')
  // A day that lies ahead is expected; who says otherwise is asked.
  const kind = page.getByLabel('That date is')
  await expect(kind).toHaveValue('expected')
  await kind.selectOption('seen')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByText(/and seen: it lies ahead/)).toBeVisible()
})

test('the demo room: six broods, ladder redrawn by sliders, lengths before and after, a shrinking length doubted, split and undone', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=demo')
  await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
  await page.goto('/broods')
  await expect(page.getByTestId('urgency')).toHaveCount(6)
  await page.getByRole('link', { name: 'Scarlet badis', exact: true }).click()
  await expect(page.getByTestId('next-change')).toBeVisible()
  const next = await page.getByTestId('next-change').textContent()
  await page.getByRole('slider', { name: 'Temperature, degrees from now' }).fill('4')
  await expect(page.getByRole('complementary', { name: 'What if' })).toContainText('instead of')
  expect(await page.getByTestId('next-change').textContent()).toBe(next)
  await page.getByRole('button', { name: 'Back' }).click()

  const rate = page.getByRole('row', { name: /Growth rate/ })
  await expect(rate).toContainText('from 2 measurings')
  await page.getByLabel('Lengths measured, mm').fill('3.1')
  await page.getByRole('button', { name: 'Log it', exact: true }).click()
  await expect(page.getByText(/fry do not shrink/)).toBeVisible()
  await page.getByLabel('Lengths measured, mm').fill('7.9 8.1')
  await page.getByRole('button', { name: 'Log it', exact: true }).click()
  await expect(rate).toContainText('from 3 measurings')

  await page.getByRole('button', { name: 'Belly check' }).click()
  await page.getByRole('button', { name: 'Empty' }).click()
  await expect(page.getByText(/Last look Tue 24 Mar: empty/)).toBeVisible()

  await page.getByRole('button', { name: 'Split over tanks' }).click()
  await page.getByLabel('Fry that go to the other tank').fill('900')
  await page.getByRole('button', { name: 'Log it', exact: true }).last().click()
  await expect(page.getByRole('alert')).toContainText(
    'are in the tank; count them if there are more',
  )
  await page.getByLabel('Fry that go to the other tank').fill('20')
  await page.getByRole('button', { name: 'Log it', exact: true }).last().click()
  await page.getByRole('link', { name: 'All broods' }).click()
  await expect(page.getByRole('article')).toHaveCount(7)
  await page.getByTestId('undo-line').getByRole('button', { name: /Undo/ }).click()
  await expect(page.getByRole('article')).toHaveCount(6)
})

test('wishes: forbid, pin, another school; and an unknown fish in an imported file is asked about, nothing else is lost', async ({
  page,
}, info) => {
  await small(page)
  // Saved before it is left.
  await expect(page.getByRole('link', { name: 'Small fry, any' })).toBeVisible()
  await page.goto('/setup')
  await page.getByLabel('Infusoria').check()
  await page.getByLabel('Vinegar eels').check()
  await page
    .getByRole('navigation', { name: 'Views' })
    .getByRole('link', { name: 'Broods' })
    .click()
  await page.getByRole('link', { name: 'Small fry, any' }).click()
  await expect(page.getByRole('img', { name: /vinegar eels from day 0/ })).toBeVisible()
  await page.getByLabel('Infusoria for this brood').selectOption('not here')
  await expect(page.getByRole('img', { name: /infusoria/ })).toHaveCount(0)
  await page.getByLabel('Vinegar eels for this brood').selectOption('half of the day for 14 days')
  await expect(page.getByText('until day 14')).toBeVisible()
  await page.getByRole('radio', { name: /Straight to nauplii/ }).check()
  await expect(page.getByTestId('urgency')).toContainText('Nothing here fits its mouth today')

  await page.goto('/setup')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('button', { name: /Export/ })
      .first()
      .click(),
  ])
  const file = JSON.parse(readFileSync((await download.path())!, 'utf8')) as {
    records: { type: string; speciesId?: string; updatedAt: string }[]
  }
  const brood = file.records.find(r => r.type === 'brood')!
  Object.assign(brood, { speciesId: 'moon-fish', updatedAt: '2026-03-30T00:00:00Z' })
  const path = info.outputPath('unknown.json')
  writeFileSync(path, JSON.stringify(file))
  await page.locator('input[type=file]').setInputFiles(path)
  await expect(page.getByText('Merged:')).toBeVisible()
  await page.goto('/broods')
  await expect(page.getByTestId('urgency')).toContainText('This fish is not known here')
  await page.getByRole('link', { name: 'Small fry, any' }).click()
  await expect(page.getByRole('alert')).toContainText(
    '“moon-fish” is a fish this version does not know',
  )
})
