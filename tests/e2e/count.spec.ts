import { expect, test, type Page } from '@playwright/test'
import { encodePng, Image } from 'image-js'
import { longestHold, Person, setUp } from './person'

async function openCount(page: Page, room: 'demo' | 'own' = 'own') {
  if (room === 'own') await setUp(page)
  else {
    await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
    await page.goto('/?room=demo')
    await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
  }
  const me = new Person(page)
  await me.go('Count')
  await expect(page.getByRole('heading', { name: 'Count', level: 1 })).toBeVisible()
  return me
}
const grey = (width: number, height: number, value: number) =>
  Buffer.from(
    encodePng(
      new Image(width, height, {
        colorModel: 'GREY',
        data: new Uint8Array(width * height).fill(value),
      }),
    ),
  )
const give = (page: Page, buffer: Buffer, name = 'drop.png', mimeType = 'image/png') =>
  page.getByTestId('picture-file').setInputFiles({ name, mimeType, buffer })

test('drops are tapped or keyed, outlive a reload, and what is written down teaches the room', async ({
  page,
}) => {
  const me = await openCount(page, 'demo')
  const pad = page.getByTestId('tap')
  for (let i = 0; i < 7; i++) await me.tap(pad)
  await pad.press('Enter')
  for (let i = 0; i < 10; i++) await pad.press('+')
  await pad.press('-')
  await pad.press('Enter')
  await page.reload()
  await expect(page.getByRole('button', { name: 'Drop 2: 9. Count it again.' })).toBeVisible()
  for (let i = 0; i < 8; i++) await me.tap(pad)
  // 24 animals in 3 drops of 0.05 mL; the exact interval of 24 is 15.4 to 35.7.
  await expect(page.getByTestId('per-ml')).toHaveText('160')
  await expect(
    page.getByText('Between 100 and 240 with 95 % certainty, from 24 in 3 drops.'),
  ).toBeVisible()
  await expect(page.getByTestId('more-drops')).toContainText('more drops like these')
  await me.press('Write down 3 drops')
  await expect(page.getByTestId('undo-line')).toContainText('the count is written down')
  await me.go('Setup')
  const learned = page.getByTestId('learned')
  await expect(learned.getByText(/from \d\d counted bottles/).first()).toBeVisible({
    timeout: 60_000,
  })
  // What is learned meanwhile may move the button from under the thumb: it is held again then.
  await expect(async () => {
    await me.hold(/Forget what was learned of Spring tin/)
    await expect(page.getByTestId('undo-line')).toContainText('Spring tin: forgotten', {
      timeout: 2000,
    })
  }).toPass({ timeout: 30_000 })
  await expect(learned.getByText('Spring tin')).toBeHidden({ timeout: 60_000 })
  await me.press(/^Undo/)
  await expect(learned.getByText('Spring tin')).toBeVisible({ timeout: 60_000 })
  await me.go('Log')
  await expect(page.getByText('24 nauplii in 3 × 0.05 mL').first()).toBeVisible()
})

test('a picture is counted near its hidden truth, and marks are struck out and added by hand and by key', async ({
  page,
}) => {
  const me = await openCount(page)
  await page.getByRole('tab', { name: 'Picture' }).click()
  const truth = (
    (await (await page.request.get('/api/camera/4711/truth')).json()) as { animals: number }
  ).animals
  await give(page, await (await page.request.get('/api/camera/4711')).body())
  const shown = page.getByTestId('in-picture')
  await expect(shown).toBeVisible({ timeout: 60_000 })
  const counted = Number(await shown.textContent())
  expect(Math.abs(counted / truth - 1)).toBeLessThanOrEqual(0.2)
  // The cross starts in the middle: the second Enter strikes out what the first added or found there.
  const picture = page.getByTestId('picture')
  await picture.press('Enter')
  const after = Number(await shown.textContent())
  expect(Math.abs(after - counted)).toBeGreaterThanOrEqual(1)
  await picture.press('Enter')
  await expect(shown).toHaveText(String(counted))
  await me.press(`Write down ${counted}`)
  await expect(page.getByTestId('undo-line')).toBeVisible()
  await me.press('Practice picture')
  await expect(shown).toBeVisible({ timeout: 60_000 })
  await me.press('Show what was in it')
  await expect(page.getByTestId('truth')).toContainText('There were')
})

test('a blank, a foreign and a forty megapixel picture get an answer each, and the page stays awake', async ({
  page,
}) => {
  await openCount(page)
  await page.getByRole('tab', { name: 'Picture' }).click()
  await give(page, grey(300, 200, 200))
  await expect(page.getByRole('alert')).toContainText('Nothing stands out')
  await give(page, Buffer.from('no picture at all'), 'notes.txt', 'text/plain')
  await expect(page.getByRole('alert')).toContainText('no picture this device can read')
  const large = grey(8000, 5000, 180)
  const looking = page.getByRole('status').filter({ hasText: 'Looking at the picture' })
  const held = await longestHold(page, async () => {
    await give(page, large)
    await expect(looking).toBeVisible()
    await expect(page.getByRole('alert')).toContainText('Nothing stands out', { timeout: 30_000 })
  })
  // Decoded on the page it would be nearly all of the time.
  expect(held).toBeLessThan(0.5)
  expect((await page.request.get('/api/camera/0')).status()).toBe(400)
})

test('green water is read by stick and by colour, and a count of the same water sets the stick right', async ({
  page,
}) => {
  const me = await openCount(page)
  await page.getByLabel('Sample of').selectOption({ label: 'Green water' })
  await page.getByLabel('The end vanishes at').fill('20')
  // (90 / 20 - 0.3) / 0.2 = 21 mg/L.
  await expect(page.getByText('21 mg dry matter per litre')).toBeVisible()
  await page.getByLabel('The end vanishes at').fill('0')
  await expect(page.getByRole('alert')).toContainText('Depth cannot be “0”')
  await page.getByLabel('The end vanishes at').fill('20')
  await me.press('Write it down')
  await page.getByRole('tab', { name: 'Cells by eye' }).click()
  await page.getByLabel('One drop').fill('0.001')
  for (let i = 0; i < 40; i++) await me.press('Ten more')
  await me.press('Write down 1 drop')
  await page.getByRole('tab', { name: 'Stick or colour' }).click()
  await page.getByLabel('The end vanishes at').fill('20')
  await expect(page.getByText('Set right by 1 count of the same water')).toBeVisible({
    timeout: 60_000,
  })
  await page.getByLabel('A picture of a glass').check()
  const half = new Uint8Array(400 * 300).map((_v, i) => (i % 400 < 200 ? 240 : 120))
  await give(page, Buffer.from(encodePng(new Image(400, 300, { colorModel: 'GREY', data: half }))))
  const picture = page.getByTestId('picture')
  const box = (await picture.boundingBox())!
  await picture.click({ position: { x: box.width * 0.25, y: box.height / 2 } })
  await picture.click({ position: { x: box.width * 0.75, y: box.height / 2 } })
  // -ln(120 / 240) / (0.2 x 0.1 m) = 35 mg/L.
  await expect(page.getByText('35 mg dry matter per litre')).toBeVisible()
})

test('a pipette is weighed, and its drop is offered where drops are counted; nonsense is refused in words', async ({
  page,
}) => {
  const me = await openCount(page)
  await me.go('Setup')
  const section = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Pipettes and spoons' }) })
  await section.getByRole('button', { name: 'Add' }).click()
  await section.getByLabel('Name').fill('Thin pipette')
  await section.getByRole('button', { name: 'Save' }).click()
  await section.getByRole('button', { name: 'Weigh: Thin pipette' }).click()
  await section.getByLabel('Drops').fill('50')
  await section.getByLabel('Water, g').fill('none')
  await section.getByRole('button', { name: 'Log it' }).click()
  await expect(section.getByRole('alert')).toContainText('Water cannot be “none”')
  await section.getByLabel('Water, g').fill('1.6')
  await section.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByTestId('learned')).toContainText('0.0329 mL', { timeout: 60_000 })
  await me.go('Count')
  await me.press(/Thin pipette: 0.0329 mL/)
  await expect(page.getByLabel('One drop')).toHaveValue('0.0329')
})
