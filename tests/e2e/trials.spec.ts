import { expect, test, type Page } from '@playwright/test'
import { at, faults, Person, setUp, visit } from './person'

const LEAVES = ['lettuce', 'banana peel', 'straw', 'hay']
const DAY_MS = 86_400_000
const START = Date.parse('2026-03-17T05:34:00Z')

/** Which label is in which arm, as the sheet says it to whoever sets them up. */
async function labels(page: Page): Promise<Map<string, string>> {
  const of = new Map<string, string>()
  for (const name of LEAVES) {
    const arm = page.getByTestId('set-up').locator(`[data-arm="${name}"]`)
    for (const text of await arm.locator('.amount').allInnerTexts()) of.set(text, name)
  }
  return of
}

/** One look at a jar, by the buttons: milky, or clear with many specks. */
async function look(page: Page, label: string, isClear: boolean) {
  await page.locator(`[data-member="${label}"]`).getByRole('link', { name: label }).click()
  await expect(page.getByRole('heading', { name: new RegExp(`^${label}`) })).toBeVisible({
    timeout: 60_000,
  })
  const first = page.getByTestId('look-0')
  await first.click({ timeout: 60_000 })
  const form = page.getByRole('region', { name: 'Look' }).locator('form')
  for (const select of await form.locator('select').all()) await select.selectOption('')
  await form.getByLabel('Cloudiness').selectOption(isClear ? 'clear' : 'milky')
  await form.getByLabel('What moves').selectOption(isClear ? 'swarming' : 'a few specks')
  await form.getByRole('button', { name: 'This is what I see' }).click()
  await expect(form).toHaveCount(0)
  await page.goBack()
}

test('which leaf clears first: from the question to the answer that is remembered', async ({
  page,
}) => {
  test.setTimeout(300_000)
  const person = new Person(page)
  // The sums of a trial come late, while a slow thumb lies on the button.
  const late: (() => void)[] = []
  await page.route('**/*trial.worker*', route => void late.push(() => void route.continue()))
  await setUp(page)
  await visit(page, '/trials')
  await page.getByRole('link', { name: 'Plan a trial' }).click()

  // Nonsense is refused by name.
  await person.fill('In your words', 'Which leaf clears first?')
  await page.getByLabel('Food', { exact: true }).selectOption('Infusoria')
  await page.getByLabel('How many ways').selectOption('4')
  await page.getByRole('button', { name: 'Deal places and labels' }).hover()
  await page.mouse.down()
  await expect.poll(() => late.length).toBeGreaterThan(0)
  for (const go of late) go()
  await expect(page.getByTestId('power')).toContainText('3 each find a difference of 1.5 times')
  await page.mouse.up()
  await expect(page.getByRole('alert').filter({ hasText: 'Way 1 is empty' }).first()).toBeVisible()
  for (const [i, leaf] of LEAVES.entries()) await person.fill(`Way ${i + 1}`, leaf)
  await person.fill('Way 2', 'Lettuce')
  await page.getByRole('button', { name: 'Deal places and labels' }).click()
  await expect(page.getByText('Way 2 is there twice').first()).toBeVisible()
  await person.fill('Way 2', LEAVES[1]!)
  await person.fill('Vessels each', '2')
  await expect(page.getByTestId('power')).toContainText('2 each find a difference of 1.5 times')
  await page.getByLabel('Top', { exact: true }).check()
  await page.getByLabel('Bottom', { exact: true }).check()
  expect(await faults(page, 'plan of a trial')).toEqual([])
  await page.getByRole('button', { name: 'Deal places and labels' }).click()

  const armOf = await labels(page)
  expect(armOf.size).toBe(8)
  await page.getByRole('button', { name: 'All 8 are started' }).click()
  await expect(page.getByRole('heading', { name: 'Which leaf clears first?' })).toBeVisible()
  await expect(page.getByTestId('answer')).toHaveText('It says nothing yet.')
  // Who looks is not told.
  await expect(page.locator('article')).not.toContainText('lettuce')

  // Lettuce is clear on the fourth day, the others on the eighth; a jar of hay is knocked over.
  const spilled = [...armOf].find(([, leaf]) => leaf === 'hay')![0]
  for (const [day, clear] of [
    [4, ['lettuce']],
    [8, LEAVES],
  ] as const) {
    await at(page, new Date(START + day * DAY_MS).toISOString())
    for (const [label, leaf] of armOf)
      if (label !== spilled) await look(page, label, (clear as readonly string[]).includes(leaf))
  }
  await page.getByRole('button', { name: `Lost: ${spilled}` }).click()
  await page.getByLabel(/What happened/).fill('knocked over')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.locator(`[data-member="${spilled}"]`)).toContainText('lost: knocked over')
  const answer = page.getByTestId('answer')
  await expect(answer).toContainText('Lettuce is ready first', { timeout: 60_000 })
  expect(await faults(page, 'trial')).toEqual([])

  // One was seen clear on a day of its own: what is typed goes before what is read.
  const straw = [...armOf].find(([, leaf]) => leaf === 'straw')![0]
  await page.getByRole('button', { name: `Measured: ${straw}` }).click()
  await page.getByLabel(/Ready on day/).fill('soon')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByText('“soon” cannot be read')).toBeVisible()
  await page.getByLabel(/Ready on day/).fill('7,5')
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.locator(`[data-member="${straw}"]`)).toContainText(/7\.5.days, by hand/)

  await page.getByRole('button', { name: 'End it and keep the answer' }).click()
  await expect(page.getByText('in this room, 1 each, spring 2026')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'As they were dealt' })).toBeVisible()
  console.log(await answer.innerText())

  // It stands where the same choice comes up.
  await visit(page, '/methods/infusoria/scalded-leaf')
  await expect(page.getByTestId('found-here')).toContainText('Lettuce is ready first')
  await visit(page, '/shelf/start?food=infusoria')
  await expect(page.getByTestId('found-here')).toContainText('Lettuce is ready first')
  await visit(page, '/trials')
  await expect(page.locator('#found')).toContainText('Lettuce is ready first')
})
