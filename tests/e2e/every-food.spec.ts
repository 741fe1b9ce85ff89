import { expect, test, type Page } from '@playwright/test'
import { foods } from '@renatus/core/foods/index'
import { Person, setUp, visit } from './person'

/** Foods that grow in vessels of the shelf; a hatch is driven on its bench, in first-day.spec.ts. */
const grown = foods.filter(f => f.profile.family !== 'hatch')
/** Days after which one of each is in use, roughly: what is asked here is the way, not the day. */
const agoOf = (id: string) =>
  ({
    'mosquito-larva': 6,
    'green-water': 7,
    'marine-phytoplankton': 8,
    'infusoria': 9,
    'rotifer': 9,
    'paramecium': 9,
    'microworm': 8,
    'banana-worm': 8,
    'walter-worm': 8,
  })[id] ?? 30

/** What a life through the interface hangs on: foods that share it walk the same ways. */
const wayOf = (f: (typeof foods)[number]) => {
  const { feed } = f.methods[0]!
  return [f.profile.family, f.profile.portion?.unit, feed === null, feed?.foodId].join()
}
/** One of each way lives whole; of the others the start is their own. */
const whole = new Set([...new Map(grown.map(f => [wayOf(f), f.profile.id])).values()])

async function open(page: Page) {
  const more = page.getByRole('button', { name: 'Something else' })
  if ((await more.count()) > 0) await more.click()
}

/** Start, look, feed, split, harvest, renew: the whole life of a vessel through the interface. */
async function life(page: Page, food: (typeof foods)[number]) {
  const me = new Person(page)
  await visit(page, `/shelf/start?food=${food.profile.id}`)
  await page.getByRole('radiogroup', { name: 'School' }).getByRole('radio').first().check()
  const school = page.getByRole('radiogroup', { name: 'School' }).locator('label').first()
  if (whole.has(food.profile.id))
    await expect(school).toContainText('Ready in', { timeout: 60_000 })
  await page.getByLabel('Started days ago').fill(String(agoOf(food.profile.id)))
  await me.press('It is started')
  await expect(page.getByRole('heading', { name: 'It is started' })).toBeVisible()
  if (!whole.has(food.profile.id)) return
  await page.getByRole('link', { name: `${food.profile.name} 1` }).click()

  await page.getByTestId('look-0').click({ timeout: 60_000 })
  await me.press('This is what I see')
  await expect(page.getByTestId('undo-line')).toContainText('the look is written down')

  await open(page)
  if (food.methods[0]!.feed) {
    const feed = page.getByRole('article', { name: 'Feed' })
    await expect(feed).toContainText(food.methods[0]!.feed.what)
    // What is still cloudy with food is fed only against advice. The look is being read meanwhile, and may change that advice.
    await expect(async () => {
      if ((await feed.getByText('Better not.').count()) > 0) await me.hold(/^Feed all the same/)
      else await feed.getByRole('button', { name: 'Feed: done' }).click({ timeout: 2000 })
      await expect(page.getByTestId('undo-line')).toContainText('fed.', { timeout: 2000 })
    }).toPass({ timeout: 30_000 })
  }

  await open(page)
  const split = page.getByRole('article', { name: 'Split' })
  await split.getByRole('button', { name: 'Split', exact: true }).click()
  await split.getByRole('button', { name: 'It is split' }).click()
  await expect(page.getByTestId('undo-line')).toContainText(`split into ${food.profile.name} 2`)

  await open(page)
  await page
    .getByRole('link', { name: /^Harvest/ })
    .first()
    .click()
  await page.getByLabel(/^Beside the tanks/).fill('5', { timeout: 60_000 })
  await expect(async () => {
    if ((await page.getByRole('button', { name: /^Harvest all the same/ }).count()) > 0)
      await me.hold(/^Harvest all the same/)
    else
      await page.getByRole('button', { name: 'Log harvest and feeding' }).click({ timeout: 2000 })
    await expect(page.getByTestId('undo-line')).toContainText('the harvest is written down', {
      timeout: 2000,
    })
  }).toPass({ timeout: 30_000 })

  await page.getByTestId('look-0').waitFor({ timeout: 60_000 })
  await open(page)
  await page
    .getByRole('article', { name: 'Renew' })
    .getByRole('button', { name: 'Renew: done' })
    .click()
  await expect(page.getByTestId('undo-line')).toContainText('renewed')
  for (const kind of ['Culture started', 'Look', 'Drawn from', 'Culture tended'])
    await expect(page.getByRole('listitem').getByText(kind, { exact: true }).first()).toBeVisible()
}

for (const part of [0, 1]) {
  test(`each food from its start to its renewal, part ${part + 1}`, async ({ page }) => {
    test.setTimeout(480_000)
    await setUp(page)
    expect(whole.size).toBeGreaterThan(6)
    for (const food of grown.filter((_f, i) => i % 2 === part))
      await test.step(food.profile.name, () => life(page, food))
    await visit(page, '/shelf')
    const mine = grown.filter((_f, i) => i % 2 === part)
    const split = mine.filter(f => whole.has(f.profile.id))
    await expect(page.getByText(`${mine.length + split.length} cultures`)).toBeVisible()
  })
}
