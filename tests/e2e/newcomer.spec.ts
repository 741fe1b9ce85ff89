import { expect, test, type Page } from '@playwright/test'
import { faults, pickFish, setUp, visit } from './person'

interface Hoped {
  text: string
  fish: string
  fry: string
  of: 'spawning' | 'free swimming'
  on: string
  tank?: string
}

/** A brood by the three things somebody knows: what fish, how many, when. */
async function add(page: Page, b: Hoped) {
  await visit(page, '/broods?new=1')
  await pickFish(page, b.text, b.fish)
  await page.getByLabel('Number of fry').fill(b.fry)
  await page.getByLabel('The date is of').selectOption({ label: b.of })
  await page.getByLabel('That date is').selectOption({ label: 'expected' })
  await page.getByLabel('Date', { exact: true }).fill(b.on)
  if (b.tank) {
    await page.getByLabel('Tank', { exact: true }).selectOption({ label: 'A new tank' })
    await page.getByLabel('Name of the tank').fill(b.tank)
  }
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('urgency').first()).toBeVisible()
}

/** An empty room, nothing ticked: gouramis hoped for in ten days, gudgeons that swim free tomorrow. */
test('what fish, how many, when: a plan stands at once, and its first start stands in the round', async ({
  page,
}) => {
  await setUp(page, '2026-03-24T05:34:00Z')
  await add(page, {
    text: 'pearl or',
    fish: 'Pearl or blue gourami (Trichopodus)',
    fry: '150',
    of: 'spawning',
    on: '2026-04-03',
  })
  await add(page, {
    text: 'peacock',
    fish: 'Peacock gudgeon (Tateurndina ocellicauda)',
    fry: '60',
    of: 'free swimming',
    on: '2026-03-25',
    tank: 'Second',
  })
  await page.getByRole('link', { name: 'What would close it' }).first().click()
  await expect(page.getByTestId('decision-1')).toBeVisible({ timeout: 60_000 })
  await expect(page.getByText(/^8 weeks: \d+ vessels? in \d+ starts?/)).toBeVisible()
  // Before the spawn, which is hoped for on 3 April: few vessels, in few starts, and nothing to order.
  // The list has its turn after the lists above it: what is counted must stand first.
  await expect(page.getByTestId('change').first()).toBeVisible()
  const early = (await page.getByTestId('change').allInnerTexts()).filter(t =>
    /on \w+ (\d+ Mar|[123] Apr)/.test(t),
  )
  const vessels = early.reduce((n, t) => n + Number(/(\d+) vessel/.exec(t)![1]), 0)
  expect(early.length).toBeGreaterThan(0)
  expect(early.length).toBeLessThanOrEqual(4)
  expect(vessels).toBeLessThanOrEqual(8)
  await expect(page.getByText('Order a starter')).toHaveCount(0)
  await expect(page.getByText('would be new here')).toContainText('Infusoria')
  // What is to be done today is said first.
  await expect(page.getByTestId('decision-0')).toContainText('Today')
  expect(await faults(page, '/ahead')).toEqual([])

  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByTestId('undo-line')).toContainText('The plan is kept.')
  await visit(page, '/setup')
  await expect(page.getByLabel('Infusoria', { exact: true })).toBeChecked()
  await visit(page, '/')
  await expect(page.getByText(/\d+ stops?, about \d+ minutes/)).toBeVisible()
  const [, minutes] = /about (\d+) minutes/.exec(
    await page.getByText(/\d+ stops?, about \d+ minutes/).innerText(),
  )!
  expect(Number(minutes)).toBeLessThanOrEqual(40)
  // The hatch that is started today is there when the gudgeons swim free.
  await expect(page.getByRole('article').filter({ hasText: /Start\s*Cone/ })).toBeVisible()
  await page.getByText('Morning round, tomorrow').click()
  await expect(page.getByText(/Feed 1 tank with brine shrimp nauplii/).first()).toBeVisible()

  // With nothing left to do, what the plan asks for next is said where one looks first.
  const next = page.getByText(/^The plan next: \w{3} \d+ \w{3}, start \d+ vessels? of /)
  await expect(next).toHaveCount(0)
  const textOfFirst = () =>
    page.evaluate(() => document.querySelector<HTMLElement>('main article')?.innerText ?? '')
  for (let text = await textOfFirst(); text !== ''; text = await textOfFirst()) {
    await page.getByRole('article').first().getByRole('button', { name: 'Not now' }).click()
    await expect.poll(textOfFirst).not.toBe(text)
  }
  await expect(next).toBeVisible()
})

test('begun with a fish alone: the room has nothing else, says so, and asks for what a hatch takes at the bench', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=own')
  await page.getByRole('button', { name: /^Begin with your fish/ }).click()
  await pickFish(page, 'peacock', 'Peacock gudgeon (Tateurndina ocellicauda)')
  await page.getByLabel('Number of fry').fill('60')
  await page.getByLabel('That date is').selectOption({ label: 'expected' })
  await page.getByLabel('Date', { exact: true }).fill('2026-04-03')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('urgency').first()).toBeVisible()
  await visit(page, '/')
  await expect(page.getByTestId('round-lead')).toBeVisible({ timeout: 60_000 })
  // Nothing stands here: that is a stop, from today on, and each way out of it is a button.
  const provide = page.getByRole('article').filter({ hasText: 'Provide for Peacock gudgeon' })
  await expect(provide).toContainText('swims free on Fri 3 Apr')
  await expect(provide).toContainText(/Order frozen nauplii.*fed from Thu 26 Mar/s)
  expect(await faults(page, 'a first food')).toEqual([])
  await visit(page, '/ahead')
  await expect(page.getByTestId('decision-0')).toContainText(/Get\s+what a hatch takes/, {
    timeout: 60_000,
  })
  await visit(page, '/')
  await provide.getByRole('link', { name: 'Hatch brine shrimp nauplii' }).click()
  await expect(page.getByText('To hatch brine shrimp Renatus must know')).toBeVisible()
  expect(await faults(page, '/bench')).toEqual([])
  for (const [kind, called] of [
    ['Hatch vessels', 'Cone 1'],
    ['Salt', 'Kitchen salt'],
    ['Cysts', 'Spring tin'],
  ] as const) {
    const section = page
      .locator('section')
      .filter({ has: page.getByRole('heading', { name: kind, exact: true }) })
      .last()
    await section.getByRole('button', { name: 'Add', exact: true }).click()
    await section.getByLabel(/^Name/).fill(called)
    await section.getByRole('button', { name: /^(Save|Add it)/ }).click()
    await expect(page.getByRole('heading', { name: kind, exact: true })).toHaveCount(0)
  }
  await expect(page.getByText('To hatch brine shrimp Renatus must know')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Start a hatch by hand' })).toBeVisible()
  await visit(page, '/')
  await expect(page.getByTestId('round-lead')).toBeVisible()
  await expect(provide).toHaveCount(0)
})
