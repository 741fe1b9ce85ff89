import { expect, test, type Page } from '@playwright/test'
import { addDays } from '@renatus/core/time/localDate'
import { allStopsStand, pickFish, setUp, visit } from './person'

const FIRST = '2026-03-17'
const DAYS = 11
const CLOCKS = { morning: '05:40', evening: '18:05' } as const
type Half = keyof typeof CLOCKS
/** Rounds at which nobody came. */
const MISSED = new Set(['5 evening', '6 morning'])
/** The answer of a tap that ends a stop as it is proposed. */
const TAPS = /^(Done|As drawn|Yes, today|It is here|Ordered|Cooked|Seen to)$/

const stopsOf = (page: Page) => page.getByRole('article')
/** Text of the first stop; nothing where none is left. */
const textOf = (page: Page) =>
  page.evaluate(() => document.querySelector<HTMLElement>('main article')?.innerText ?? '')

/** Ends the first stop with one tap, and waits until it is gone. */
async function endFirst(page: Page): Promise<string> {
  const text = await textOf(page)
  await stopsOf(page).first().getByRole('button', { name: TAPS }).last().click()
  await expect.poll(() => textOf(page), { message: `gone: ${text}` }).not.toBe(text)
  return text
}

/** Does what a round says, stop by stop, until nothing is due. */
async function live(page: Page, name: RegExp): Promise<string[]> {
  const done: string[] = []
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  await allStopsStand(page)
  while ((await stopsOf(page).count()) > 0) {
    done.push(await endFirst(page))
    expect(done.length, done.join('\n---\n')).toBeLessThan(20)
    await expect(page.getByRole('alert')).toHaveCount(0)
  }
  await expect(page.getByText('Nothing is due.')).toBeVisible()
  return done
}

async function setUpTwoBroods(page: Page) {
  await setUp(page)
  await visit(page, '/setup')
  await page.getByLabel('Paramecium', { exact: true }).check()
  await visit(page, '/broods?new=1')
  await pickFish(page, 'angel', 'Freshwater angelfish (Pterophyllum scalare)')
  await page.getByLabel('Number of fry').fill('300')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('per-meal').first()).toBeVisible()
  await visit(page, '/broods?new=1')
  await pickFish(page, 'small fry', 'Small fry, any')
  await page.getByLabel('The date is of').selectOption({ label: 'spawning' })
  await page.getByLabel('That date is').selectOption({ label: 'expected' })
  await page.getByLabel('Date', { exact: true }).fill('2026-03-20')
  await page.getByLabel('Tank', { exact: true }).selectOption({ label: 'A new tank' })
  await page.getByLabel('Name of the tank').fill('Second tank')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('urgency')).toHaveCount(2)
}

/** Somebody comes to a round: the page stands open since the last one, or is opened anew after some days. */
async function come(page: Page, day: number, half: Half) {
  const wanted = Date.parse(`${addDays(FIRST, day)}T${CLOCKS[half]}:00Z`)
  await page.clock.fastForward(wanted - (await page.evaluate(() => Date.now())))
  if (half === 'morning' && (day < 4 || day % 4 === 0)) await page.goto('/')
  else await visit(page, '/')
}

/** Eleven days by the buttons: two broods, a food that is not there, a missed round, a crash, an order. */
test('eleven days can be lived by one tap a stop, and what is fed stands in the room', async ({
  page: opened,
  context,
}) => {
  test.setTimeout(480_000)
  opened.setDefaultTimeout(15_000)
  let page = opened
  await setUpTwoBroods(page)
  const said: Record<string, string[]> = {}
  let hasParamecium = false
  let beforeItDied = ''

  for (let day = 0; day < DAYS; day++) {
    for (const half of ['morning', 'evening'] as const satisfies Half[]) {
      const key = `${day} ${half}`
      if (MISSED.has(key)) continue
      await come(page, day, half)

      if (key === '1 morning') {
        // Ticked and not there: said, and ordered with one tap.
        const wanted = page.getByRole('complementary', { name: 'Beside the round' })
        await expect(wanted).toContainText('Wanted and not here')
        await wanted.getByRole('button', { name: 'Order a starter' }).first().click()
        await expect(page.getByTestId('undo-line')).toContainText(/[Oo]rdered/)
      }
      if (key === '6 evening')
        await expect(page.getByText(/2 rounds without a meal logged\./)).toBeVisible()
      if (key === '3 morning') {
        // The page dies right after a tap: what was tapped stands, and is not asked again.
        await allStopsStand(page)
        const text = await endFirst(page)
        beforeItDied = text
        await page.close()
        page = await context.newPage()
        await page.clock.install({ time: new Date(`${addDays(FIRST, day)}T05:45:00Z`) })
        await page.goto('/')
        await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
        await page.waitForTimeout(500)
        for (const other of await stopsOf(page).allInnerTexts()) expect(other).not.toBe(text)
      }

      said[key] = await live(page, half === 'morning' ? /^Morning/ : /^Evening/)
      const fed = said[key].filter(t => /^Feed\s/m.test(t)).join('\n')
      if (!hasParamecium) expect(fed, key).not.toMatch(/of paramecium/)

      if (said[key].some(t => /Has the starter of paramecium come/.test(t))) {
        await page.goto('/shelf/start?food=paramecium')
        await page.getByRole('radiogroup', { name: 'School' }).getByRole('radio').first().check()
        await page.getByRole('button', { name: /started$/ }).click()
        await expect(page.getByRole('heading', { name: /(is|are) started$/ })).toBeVisible()
        hasParamecium = true
      }
    }
  }

  const all = [...Object.values(said).flat(), beforeItDied]
  expect(hasParamecium).toBe(true)
  expect(all.some(t => /Have they spawned/.test(t))).toBe(true)
  expect(all.filter(t => /^Harvest\s/m.test(t)).length).toBeGreaterThan(5)
  // From the second day on the fry that feed are fed at every round that was lived.
  const meals = Object.entries(said).filter(([, t]) => t.some(x => /Feed\s+Tank 1/.test(x)))
  expect(meals.length).toBeGreaterThan(2 * DAYS - MISSED.size - 5)
  expect(all.some(t => /Ordered/.test(t) && /tab/.test(t))).toBe(false)
})
