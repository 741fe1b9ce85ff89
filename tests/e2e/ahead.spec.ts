import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import ICAL from 'ical.js'
import { allStopsStand, faults, visit } from './person'

const PLAN_MS = 90_000
test.describe.configure({ timeout: 300_000 })

async function demo(page: Page) {
  await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
  await page.goto('/?room=demo')
  await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
}
/** Waits until the planner has answered the present facts. */
async function planned(page: Page) {
  await visit(page, '/ahead')
  await expect(page.getByTestId('decision-0')).toBeVisible({ timeout: PLAN_MS })
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: PLAN_MS })
}
/** Sets the day on which the hoped spawn is expected. */
async function spawn(page: Page, on: string) {
  await visit(page, '/broods')
  await page.getByRole('link', { name: 'Scarlet badis, next spawn' }).click()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.getByLabel('Date', { exact: true }).fill(on)
  const save = page.getByRole('button', { name: 'Save the brood' })
  await save.click()
  // The form goes once it is written.
  await expect(save).toHaveCount(0)
}
/** Clean to axe, and nothing overflows. */
async function clean(page: Page) {
  expect(await faults(page, new URL(page.url()).pathname)).toEqual([])
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0)
}
async function calendar(page: Page) {
  await visit(page, '/sheet')
  const button = page.getByRole('button', { name: 'Calendar (.ics)' })
  await expect(button).toBeEnabled({ timeout: 30_000 })
  // What is still being reckoned moves what a finger is on: a person waits until the sheet stands.
  const sheet = page.getByRole('article')
  await expect
    .poll(async () => {
      const before = await sheet.innerText()
      await page.waitForTimeout(500)
      return before === (await sheet.innerText())
    })
    .toBe(true)
  const [file] = await Promise.all([page.waitForEvent('download'), button.click()])
  const root = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')) as unknown[])
  return root.getAllSubcomponents('vevent').map(v => ({
    uid: String(v.getFirstPropertyValue('uid')),
    title: String(v.getFirstPropertyValue('summary')),
    at: new ICAL.Event(v).startDate.toJSDate().toISOString(),
    sequence: Number(v.getFirstPropertyValue('sequence') ?? 0),
  }))
}

test('the demo plan tells its story; kept, it stands in the round; a spawn that moves moves starts, round and calendar', async ({
  page,
}) => {
  await demo(page)
  await planned(page)
  // A spawn is hoped for, and what it needs first is decided by tomorrow.
  const hoped = page.getByTestId('change').filter({ hasText: 'Scarlet badis, next spawn' })
  await expect(hoped.first()).toBeVisible()
  await expect(page.getByTestId('decision-4')).toBeVisible()
  await expect(page.getByTestId('cover-Scarlet badis, next spawn')).toContainText('swims free')
  await clean(page)
  await page.getByTestId('change').first().getByText(/^Why/).click()
  await expect(page.getByTestId('change').first()).toContainText(
    /ready after \d+ days, nine in ten within \d+; \d+ in 100 fail\. (One vessel|\d+ vessels): /,
  )

  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByTestId('undo-line')).toContainText('The plan is kept.')
  // The same facts, the same plan: nothing to change.
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: PLAN_MS })
  await expect(page.getByTestId('change')).toHaveCount(0)
  const before = await calendar(page)
  // Every line it starts from stands in the room: nothing is ordered.
  expect(before.some(e => /^Start \d+ vessels? of/.test(e.title))).toBe(true)
  expect(before.some(e => e.title.startsWith('Order a starter of'))).toBe(false)

  await visit(page, '/')
  // At this round, or among what waits where its minutes are up.
  const starts = page
    .locator('main article, main details li')
    .filter({ hasText: /^\s*Start \d+ vessels? of/ })
  await allStopsStand(page)
  await expect(starts).not.toHaveCount(0)
  const todays = await starts.allTextContents()

  // The fish take their time: the foods that spoil move with them.
  await spawn(page, '2026-04-18')
  await planned(page)
  const changes = page.getByTestId('change')
  await expect(changes.first()).toBeVisible({ timeout: PLAN_MS })
  await expect(
    changes.filter({ hasText: 'Scarlet badis, next spawn swims free 20 days later' }).first(),
  ).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What would change' })).toBeVisible()
  await page.getByRole('button', { name: 'Take all' }).click()
  // The line of the first keeping may still stand: the list goes when the second is written.
  await expect(page.getByRole('button', { name: 'Take all' })).toHaveCount(0)
  await expect(page.getByTestId('undo-line')).toContainText('The plan is kept.')

  const after = await calendar(page)
  const moved = after.filter(a => before.some(b => b.uid === a.uid && b.at !== a.at))
  const fresh = after.filter(
    a =>
      !before.some(b => b.uid === a.uid) && !a.uid.startsWith('hatch') && !a.uid.startsWith('pull'),
  )
  expect(moved.length + fresh.length).toBeGreaterThan(0)
  for (const m of moved.filter(e => !e.uid.startsWith('clock')))
    expect(m.sequence).toBeGreaterThan(before.find(b => b.uid === m.uid)!.sequence)
  await visit(page, '/')
  await allStopsStand(page)
  // What is for the others today stays as it was; nothing comes on top of it.
  expect(await starts.count()).toBeLessThanOrEqual(todays.length)
  expect(todays.length).toBeGreaterThan(0)
})

test('a start is moved by keys and its cover seen at once; days away give a sheet that is ticked by name', async ({
  page,
}) => {
  // Four weeks: what a phone looks ahead by choice.
  await page.addInitScript(() => localStorage.setItem('renatus.ahead.days', '28'))
  await demo(page)
  await planned(page)
  const pin = page.getByTestId('ahead-picture').getByRole('slider').first()
  const panel = page.getByRole('region', { name: 'Selected start' })
  const from = Number(await pin.getAttribute('aria-valuenow'))
  await pin.focus()
  await pin.press('ArrowRight')
  await pin.press('ArrowRight')
  await expect(pin).toHaveAttribute('aria-valuenow', String(from + 2))
  await panel.getByRole('button', { name: 'One more' }).click()
  await page.clock.runFor(1000)
  await expect(panel.getByText('The cover below is as it would be.')).toBeVisible({
    timeout: PLAN_MS,
  })
  // Another school is held in the hand like another day, and judged at once.
  const school = panel.getByLabel('School')
  const schools = await school.getByRole('option').all()
  const [, other] = await Promise.all(schools.slice(0, 2).map(o => o.getAttribute('value')))
  await school.selectOption(other!)
  await page.clock.runFor(1000)
  await expect(panel.getByText('The cover below is as it would be.')).toBeVisible({
    timeout: PLAN_MS,
  })
  await panel.getByRole('button', { name: 'Keep it so' }).click()
  await expect(page.getByTestId('undo-line')).toContainText('The start is pinned there.')
  // What is selected is told in words: a brood, a food.
  const picture = page.getByTestId('ahead-picture')
  await picture.getByRole('button', { name: 'Scarlet badis, next spawn' }).click()
  await expect(page.getByRole('region', { name: 'Selected brood' })).toContainText('swims free')
  await picture.getByRole('button', { name: 'Moina' }).click()
  await expect(page.getByRole('region', { name: 'Selected food' })).toContainText('gives until')

  const form = page.getByRole('region', { name: 'What if' })
  await form.getByLabel('for days').fill('90')
  await form.getByRole('button', { name: 'Ask' }).click()
  await expect(form.getByRole('alert')).toContainText('Days away cannot be “90”: enter 1 to 30')
  await form.getByLabel('for days').fill('4')
  await form.getByRole('button', { name: 'Ask' }).click()
  await expect(page.getByTestId('what-if')).toBeVisible({ timeout: PLAN_MS })
  await expect(page.getByText(/^As it would be: nobody is here for 4 days from/)).toBeVisible()
  await expect(picture.getByRole('slider').first()).toBeDisabled()
  await page.getByRole('button', { name: 'Back to the plan' }).click()
  await expect(page.getByTestId('what-if')).toHaveCount(0)
  await expect(picture.getByRole('slider').first()).toBeEnabled()
  await form.getByRole('button', { name: 'Ask' }).click()
  await page.getByRole('link', { name: 'Sheet for whoever looks after it' }).click()
  await expect(page.getByRole('heading', { name: 'Never' })).toBeVisible({ timeout: PLAN_MS })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.emulateMedia({ colorScheme: 'dark' })
  await clean(page)
  const line = page.getByRole('checkbox').first()
  await line.click()
  await expect(page.getByRole('alert')).toContainText('Write your name first')
  await page.getByLabel('Ticked by').fill('Nan')
  await line.check()
  await expect(page.getByText(/^Nan, today/)).toBeVisible()
  await visit(page, '/log')
  await expect(page.getByText(/Ticked by Nan\./).first()).toBeVisible()
})
