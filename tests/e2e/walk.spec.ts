import { expect, test, type Page } from '@playwright/test'
import { allStopsStand, faults } from './person'

const MORNING = '2026-03-24T05:34:00Z'
/** Longer than it takes until a tap is believed again. */
const SETTLED_MS = 450

async function demoMorning(page: Page) {
  await page.clock.install({ time: new Date(MORNING) })
  await page.goto('/?room=demo')
  await expect(page.getByTestId('round-lead')).toHaveText(/\d+ stops?/, { timeout: 60_000 })
  const [, stops] = /(\d+) stop/.exec(await page.getByTestId('round-lead').innerText())!
  await allStopsStand(page)
  const ends = await page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll('main article')].map(
        a => a.getBoundingClientRect().bottom + scrollY,
      ),
    ),
  )
  await page.getByRole('link', { name: 'Walk it' }).click()
  await expect(page.getByRole('article', { name: 'Have at hand' })).toBeVisible()
  return { stops: Number(stops), ends }
}
const sentence = (page: Page) => page.locator('.walk .sentence').first()
const isAt = (page: Page, text: string) =>
  expect(sentence(page)).toHaveText(text.replace(/\s+/g, ' ').trim(), {
    timeout: 60_000,
    useInnerText: true,
  })
const end = (page: Page) => page.getByRole('article', { name: 'The end of the round' })
const main = (page: Page) => page.locator('.stop-answers .btn-main')
const whereabouts = (page: Page) => page.locator('.walk-head').innerText()

/** Waits until another stop, or the end, is on the screen, and taps count again. */
async function onTo(page: Page, before: string) {
  await expect
    .poll(async () => ((await end(page).count()) ? 'end' : sentence(page).innerText()), {
      intervals: [50],
    })
    .not.toBe(before)
  await page.waitForTimeout(SETTLED_MS)
}

test.describe('with a thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('the morning of the demo: a tap a stop, no typing, and nothing is asked twice', async ({
    page,
  }) => {
    const { stops } = await demoMorning(page)
    expect(stops).toBeGreaterThan(8)
    await expect(page.getByText('Have at hand:')).toBeVisible()
    expect(await faults(page, 'what to fetch')).toEqual([])
    let taps = 1
    await main(page).tap()
    await page.waitForTimeout(SETTLED_MS)
    const seen: string[] = []
    while (!(await end(page).count())) {
      const text = await sentence(page).innerText()
      seen.push(text)
      // Done is the lower third, and what stands above it does not run off the screen.
      const box = (await main(page).boundingBox())!
      expect(box.height).toBeGreaterThan(844 * 0.28)
      expect(box.y + box.height).toBeLessThanOrEqual(844)
      const wide = await page.evaluate(() => document.documentElement.scrollWidth)
      expect(wide).toBeLessThanOrEqual(390)
      if (seen.length === 2) expect(await faults(page, 'a stop')).toEqual([])
      await main(page).tap()
      taps++
      await onTo(page, text)
      expect(seen.length).toBeLessThan(30)
    }
    expect(taps / seen.length).toBeLessThanOrEqual(1.5)
    expect(new Set(seen).size).toBe(seen.length)
    expect(seen.length).toBeGreaterThanOrEqual(stops)
    await expect(end(page)).toContainText('The round is done')
    await expect(end(page)).toContainText(/\d+ stops done, in \d+ minutes?\. The next round is/)
    expect(await faults(page, 'the end')).toEqual([])
    await main(page).tap()
    await expect(page.getByTestId('round-lead')).toHaveText('Nothing is due.')
  })

  test('a double tap ends one stop, a swipe none, and undo goes back to its stop', async ({
    page,
  }) => {
    await demoMorning(page)
    await main(page).tap()
    await page.waitForTimeout(SETTLED_MS)
    const first = await sentence(page).innerText()
    const box = (await main(page).boundingBox())!
    await page.touchscreen.tap(box.x + 100, box.y + 100)
    await page.touchscreen.tap(box.x + 100, box.y + 100)
    await onTo(page, first)
    await expect(page.locator('.walk-head')).toContainText('2 of')
    const second = await sentence(page).innerText()
    // A finger that comes down on Done and moves on to the left goes on; it does nothing.
    await swipe(page, -160)
    await expect(page.locator('.walk-head')).toContainText('3 of')
    await swipe(page, 160)
    await isAt(page, second)
    await page.getByRole('button', { name: /^Undo/ }).tap()
    await expect(page.locator('.walk-head')).toContainText('1 of')
    await isAt(page, first)
    // On its side, and with text twice as large, everything can be reached.
    await page.setViewportSize({ width: 844, height: 390 })
    await expect(main(page)).toBeInViewport({ ratio: 0.9 })
    await expect(sentence(page)).toBeInViewport()
    await page.setViewportSize({ width: 390, height: 844 })
    await page.evaluate(() => (document.documentElement.style.fontSize = '32px'))
    for (const part of [main(page), sentence(page)]) {
      await part.scrollIntoViewIfNeeded()
      await expect(part).toBeInViewport()
    }
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  })
})

/** A finger down on Done, moved, and lifted. */
async function swipe(page: Page, by: number) {
  const box = (await main(page).boundingBox())!
  const client = await page.context().newCDPSession(page)
  const at = (x: number) => [{ x, y: box.y + 40 }]
  const from = box.x + box.width / 2
  await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from) })
  for (const part of [0.25, 0.5, 0.75, 1])
    await client.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: at(from + by * part),
    })
  // It comes to rest before it is lifted: a made-up fling would swallow the next tap.
  await page.waitForTimeout(200)
  await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(from + by) })
  await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  await page.waitForTimeout(SETTLED_MS)
}

test('by keys: on, back, more and done; left and come back to, it stands at the same stop', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  const { stops, ends } = await demoMorning(page)
  // The list of a morning fits into two screens of a laptop.
  expect(stops).toBeLessThanOrEqual(12)
  expect(ends).toBeLessThanOrEqual(1600)
  await page.keyboard.press('Enter')
  await page.waitForTimeout(SETTLED_MS)
  const first = await sentence(page).innerText()
  await page.keyboard.press('ArrowRight')
  await expect.poll(() => whereabouts(page)).toContain('2 of')
  await page.waitForTimeout(SETTLED_MS)
  await page.keyboard.press('PageUp')
  await isAt(page, first)
  await page.waitForTimeout(SETTLED_MS)
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-more]')).toHaveText('Less')
  await page.keyboard.press('Enter')
  await onTo(page, first)
  const second = await sentence(page).innerText()
  // Not answered, and left: by a reload, and for another view.
  await page.reload()
  await isAt(page, second)
  await page.getByRole('link', { name: 'List' }).click()
  await page.getByRole('link', { name: 'Walk it' }).click()
  await isAt(page, second)
  await page.waitForTimeout(SETTLED_MS)
  // To the end over what is left open, and on from there.
  for (let i = 0; i < 40 && !(await end(page).count()); i++) {
    await page.keyboard.press('ArrowRight')
    await page.waitForTimeout(SETTLED_MS)
  }
  await expect(end(page)).toContainText(/\d+ stops still open/)
  await expect(end(page)).toContainText('1 stop done')
  await page.keyboard.press('Enter')
  await expect(end(page)).toHaveCount(0)
  await expect(sentence(page)).toBeVisible()
})

test('read aloud: off at first; then every stop is said, and a foot does the rest', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const said: string[] = []
    Object.assign(window, { said })
    const voice = {
      speak: (u: { text: string }) => void said.push(u.text),
      cancel() {},
      pause() {},
    }
    Object.defineProperty(window, 'speechSynthesis', { value: { ...voice, getVoices: () => [] } })
  })
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said)
  await demoMorning(page)
  expect(await said()).toEqual([])
  await page.getByRole('button', { name: 'Read aloud' }).click()
  await page.locator('h1').focus()
  await page.waitForTimeout(SETTLED_MS)
  const done: string[] = []
  await page.keyboard.press('Enter')
  await page.waitForTimeout(SETTLED_MS)
  for (let i = 0; i < 4; i++) {
    const text = await sentence(page).innerText()
    done.push(text)
    await page.keyboard.press('Enter')
    await onTo(page, text)
  }
  const heard = await said()
  expect(heard.length).toBeGreaterThan(done.length)
  // Numbers and units are spoken otherwise than they are written: the end of a sentence is not.
  const words = done
    .map(t => /[a-z]+,? [a-z]+,? [a-z]+[.?]$/.exec(t.replace(/\s+/g, ' '))?.[0])
    .filter(Boolean)
  expect(words.length).toBeGreaterThan(0)
  expect(words.filter(end => heard.some(h => h.includes(end!)))).not.toEqual([])
  expect(heard.join(' ')).toMatch(/\d millilitres/)
  expect(heard.join(' ')).not.toMatch(/\d mL/)
})
