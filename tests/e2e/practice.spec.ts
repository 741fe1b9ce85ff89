import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { faults, setUp, visit } from './person'

/** Everything of the real room: nothing of an exercise may touch it. */
const roomOf = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => reject(asked.error)
        asked.onsuccess = () => {
          const db = asked.result
          const tx = db.transaction(['records', 'entries'])
          const counts = ['records', 'entries'].map(t => tx.objectStore(t).count())
          tx.oncomplete = () => {
            db.close()
            resolve(counts.reduce((n, c) => n + c.result, 0))
          }
        }
      }),
  )

/** Takes all exercises off the device. */
const forget = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('renatus-practice')
        asked.onerror = () => reject(asked.error)
        asked.onsuccess = () => {
          const db = asked.result
          const tx = db.transaction('games', 'readwrite')
          tx.objectStore('games').clear()
          tx.oncomplete = () => {
            db.close()
            resolve()
          }
        }
      }),
  )

async function nextDays(page: Page, days: number, each?: (day: number) => Promise<void>) {
  for (let day = 0; day < days; day++) {
    await each?.(day)
    await page.getByRole('button', { name: `On to day ${day + 1}`, exact: true }).click()
  }
}

test("a beginner's evening: looks, a jar, a brood, the account and what was learned", async ({
  page,
}) => {
  test.setTimeout(240_000)
  await setUp(page)
  const before = await roomOf(page)
  await visit(page, '/practice')
  await expect(page.getByTestId('next')).toContainText('Not tried yet: “Milky or clear”')
  await page.getByLabel('Who practises').fill('Ada')
  expect(await faults(page, 'practice')).toEqual([])

  // Three looks; left, and taken up again where it was.
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  const say = async () => {
    await page.locator('label').filter({ hasText: 'building' }).click()
    await page.getByLabel('How sure').selectOption('quite sure')
    await page.getByRole('button', { name: 'That is what it is' }).click()
  }
  for (let n = 1; n <= 3; n++) {
    await expect(page.getByText(`Vessel ${n} of 10`)).toBeVisible()
    await say()
  }
  await visit(page, '/practice')
  await page.getByRole('link', { name: 'Go on: Milky or clear' }).click()
  for (let n = 4; n <= 10; n++) {
    await expect(page.getByText(`Vessel ${n} of 10`)).toBeVisible()
    await say()
  }
  await expect(page.getByTestId('goal')).toHaveText(/\d+.%/, { timeout: 60_000 })
  expect(await faults(page, 'account')).toEqual([])

  // One jar: looked at, drawn from, and one day at a time.
  await visit(page, '/practice')
  await page.getByRole('button', { name: 'Begin The bucket outdoors' }).click()
  await nextDays(page, 20, async day => {
    if (day !== 6) return
    await page.getByRole('button', { name: /Look at it/ }).click()
    await expect(page.getByTestId('seen')).toBeVisible()
    await page.locator('label').filter({ hasText: 'ready' }).click()
    await page.getByLabel('Draw for the mouths').selectOption('33 % of it')
    await page.getByLabel('And then').selectOption('leave it')
    await expect(page.getByText('3 min today')).toBeVisible()
    expect(await faults(page, 'a day of an exercise')).toEqual([])
  })
  await expect(page.getByTestId('goal')).toHaveText(/\d+.%/, { timeout: 60_000 })
  await expect(
    page.getByRole('heading', { name: 'Decisions, by what you could know' }),
  ).toBeVisible()

  await expect(page.getByRole('img', { name: /days on which you said what it was/ })).toBeVisible()
  expect(await faults(page, 'what was true')).toEqual([])

  // One brood: two jars and a box are started when it seems right.
  await visit(page, '/practice')
  await page.getByRole('button', { name: 'Begin Only one jar' }).click()
  await nextDays(page, 26, async day => {
    if (day === 2) {
      // What the day has no minutes for cannot be decided.
      await page.getByLabel('And then').nth(1).selectOption('start')
      await page.getByLabel('And then').nth(2).selectOption('start')
      await page.getByRole('button', { name: /Look at it/ }).click()
      await expect(page.getByRole('alert')).toContainText('the day has 20')
      await expect(page.getByRole('button', { name: /On to day/ })).toBeDisabled()
      await page.getByLabel('And then').nth(2).selectOption('wait')
      await expect(page.getByText(/1.coin of 6 spent/)).toBeVisible()
    }
    if (day >= 11) await page.getByLabel('Draw for the mouths').first().selectOption('5 % of it')
  })
  await expect(page.getByTestId('goal')).toHaveText(/\d+.%/, { timeout: 90_000 })
  const took = page.getByRole('group', { name: 'What it took' })
  await expect(took.getByRole('row', { name: /^Coins 1/ })).toBeVisible()
  await expect(took.getByRole('columnheader')).toHaveCount(6)

  // What was learned stands by the name, and the room is as it was.
  await visit(page, '/practice')
  await expect(page.getByText('Naming the stage')).toBeVisible()
  await expect(page.getByText(/over 11 sayings/)).toBeVisible()
  await expect(page.getByRole('group', { name: 'What was taken for what' })).toBeVisible()
  expect(await faults(page, 'what was learned')).toEqual([])
  await page.getByLabel('Who practises').fill('Somebody else')
  await expect(page.getByTestId('next')).toContainText('Not tried yet')
  expect(await roomOf(page)).toBe(before)
})

test("the mouths' own water is tested and changed; practice goes to a file and comes back", async ({
  page,
}) => {
  await setUp(page)
  await visit(page, '/practice')
  await page.getByRole('button', { name: 'Begin The first brood' }).click()
  await expect(page.getByText('Nothing of the last meal lies on its floor.')).toBeVisible()
  await page.getByRole('button', { name: /Test its water/ }).click()
  await expect(page.getByTestId('tank-test')).toContainText(/Ammonia nitrogen: 0.mg\/L/)
  await page.getByLabel('At the tank').selectOption('change half of its water')
  await expect(page.getByText('5 of 20 min today')).toBeVisible()
  expect(await faults(page, 'the tank of an exercise')).toEqual([])
  await nextDays(page, 1)
  await expect(page.getByText('5 min so far')).toBeVisible()

  await visit(page, '/practice')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export all practice' }).click()
  const file = await (await download).path()
  const bring = page.getByTestId('practice-file')
  const buffer = Buffer.from('[{"id":"x"}]')
  await bring.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer })
  await expect(page.getByText('There is no practice in this file')).toBeVisible()
  await bring.setInputFiles(file)
  await expect(page.getByText('0 exercises came, 1 was here already.')).toBeVisible()
  // On a device that has none of it yet.
  await forget(page)
  await page.goto('/practice')
  await expect(page.getByRole('link', { name: /^Go on/ })).toHaveCount(0)
  await page.getByTestId('practice-file').setInputFiles(file)
  await expect(page.getByText('1 exercise came.')).toBeVisible()
  await page.getByRole('link', { name: 'Go on: The first brood' }).click()
  await expect(page.getByText('Day 1 of 34.')).toBeVisible()

  // What was played by other rules is told as it ended, and not lived again.
  const [mine] = JSON.parse(readFileSync(file, 'utf8')) as object[]
  const result = { goal: 0.8, fixed: 0.7, advice: 0.9, sayings: [] }
  const over = { decisions: [{ day: 33 }], endedAt: '2026-03-17T07:00:00.000Z', result }
  const older = Buffer.from(JSON.stringify([{ ...mine, id: 'OLDER', version: 1, ...over }]))
  await visit(page, '/practice')
  await page
    .getByTestId('practice-file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: older })
  await expect(page.getByText('1 exercise came.')).toBeVisible()
  await visit(page, '/practice/OLDER')
  await expect(page.getByText(/rules of an older version.*You reached 80/)).toBeVisible()
})

test('an answer that is no number is refused; an exercise that is not there says so', async ({
  page,
}) => {
  await setUp(page)
  await visit(page, '/practice')
  await page.getByRole('button', { name: 'Begin Filling a tray' }).click()
  await page.getByLabel('Your answer').fill('much')
  await page.getByRole('button', { name: 'That is it' }).click()
  await expect(page.getByText('The answer cannot be “much”')).toBeVisible()
  for (let n = 1; n <= 5; n++) {
    await page.getByLabel('Your answer').fill('100,5')
    await page.getByRole('button', { name: 'That is it' }).click()
  }
  await expect(page.getByTestId('goal')).toHaveText(/\d+.%/, { timeout: 60_000 })
  await visit(page, '/practice/NOTHERE')
  await expect(page.getByText('It is not kept on this device')).toBeVisible()
})

test('the loft has somebody who has practised for two weeks', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=demo')
  await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
  await visit(page, '/practice')
  await expect(page.getByLabel('Who practises')).toHaveValue('Late shift')
  await expect(page.getByText(/over 40 sayings/)).toBeVisible()
  // From an exercise to what it is about.
  await page.getByRole('button', { name: 'Begin A box of oats' }).click()
  await expect(page.getByText('See your own:').getByRole('link').first()).toBeVisible()
})
