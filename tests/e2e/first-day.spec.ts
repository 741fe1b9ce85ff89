import { expect, test } from '@playwright/test'
import { at, Person } from './person'

/** From an empty room to a fed tank, through the real interface, counted like a person counts. */
test('a new room: from a brood to a fed tank', async ({ page }) => {
  const me = new Person(page)
  await page.clock.install({ time: new Date('2026-03-17T05:35:00Z') })
  await page.goto('/?room=own')
  await me.press(/^Set up your room/)

  await test.step('set up in at most 12 inputs', async () => {
    await expect(page.getByRole('heading', { name: 'Set up your room' })).toBeVisible()
    await me.fill('Name of the room', 'Boiler cellar')
    await me.fill(/Water it takes/, '2')
    await me.fill(/A second one/, '1.5')
    await me.choose('Salt in the bag', 'Coarse or rock salt')
    await me.fill(/Name of the lot/, 'Red tin')
    await me.fill(/Share that hatches/, '75')
    await me.fill(/Grams left/, '80')
    await me.fill(/Price of these grams/, '24')
    await me.press('Open the room')
    await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
    expect(me.inputs).toBeLessThanOrEqual(12)
  })

  await test.step('add a brood that swims free tomorrow', async () => {
    await me.tap(page.getByRole('link', { name: 'Add a brood' }))
    await me.pickFish('scalare', 'Freshwater angelfish (Pterophyllum scalare)')
    await me.fill('Number of fry', '250')
    await me.fill('Date', '2026-03-18')
    await me.choose('That date is', 'expected')
    await me.fill('Name of the tank', 'Bench tank')
    await me.press('Save the brood')
    await expect(page.getByText(/swims free in 1 day/)).toBeVisible()
    await expect(page.getByTestId('urgency')).toContainText(
      'First meal in 1 day: brine shrimp nauplii',
    )
  })

  await test.step('the round says what to start, with reasons that recompute', async () => {
    await me.go('Round')
    await expect(
      page
        .getByRole('article')
        .filter({ hasText: /Start\s+Cone 1/ })
        .first(),
    ).toBeVisible()
    await expect(page.getByTestId('salt-g').first()).toHaveText('50 g')
    await me.press(/^Why .* g\?/)
    const why = page.getByTestId('why-cysts').first()
    const inputs = Object.fromEntries(
      await why
        .locator('tr')
        .evaluateAll(rows =>
          rows.map(r => [
            (r as HTMLElement).dataset.key!,
            Number((r as HTMLElement).dataset.value),
          ]),
        ),
    )
    const formula = (await why.getAttribute('data-formula'))!
    const recomputed = Function(
      ...Object.keys(inputs),
      `return ${formula}`,
    )(...Object.values(inputs)) as number
    const shown = parseFloat((await page.getByTestId('cysts-g').first().textContent())!)
    expect(shown).toBeGreaterThan(0)
    expect(Math.ceil(recomputed * 10 - 0.01) / 10).toBeCloseTo(shown, 5)
    // What is read on the screen is what was computed with.
    for (const row of await why.locator('tr').all()) {
      const text = (await row.locator('td').textContent())!.replace(/,/g, '')
      expect(parseFloat(text)).toBeCloseTo(
        Number(await row.getAttribute('data-value')),
        Math.abs(parseFloat(text)) > 1000 ? -1 : 3,
      )
    }
  })

  await test.step('Not now changes the proposal, Undo brings it back', async () => {
    await me.press('Not now')
    await expect(page.getByRole('article').filter({ hasText: /Start\s+Cone 1/ })).toHaveCount(0)
    await me.press(/^Undo/)
    await expect(
      page
        .getByRole('article')
        .filter({ hasText: /Start\s+Cone 1/ })
        .first(),
    ).toBeVisible()
  })

  await test.step('Differs logs what really went in', async () => {
    await me.press('Differs')
    await me.fill('Salt, g', '2 tbsp + 1 tsp')
    await me.press('Log the start')
    await expect(page.getByTestId('undo-line')).toContainText('Cone 1 is started')
    await expect(page.getByTestId('clock-culture')).toBeVisible()
  })

  await test.step('the clock survives a reload', async () => {
    await page.reload()
    await expect(page.getByTestId('clock-culture')).toContainText('Cone 1 to first pull')
  })

  await test.step('the bench shows the curve and what is in the bottle', async () => {
    await me.go('Hatch bench')
    await expect(page.getByTestId('in-bottle')).toBeVisible()
    await expect(page.locator('canvas')).toBeVisible()
    await expect(
      page.getByText(/Pull it \w+ \d\d:\d\d: later is too late for the fry/),
    ).toBeVisible()
    await expect(page.getByTestId('mixing-result')).toContainText('50 g')
  })

  await test.step('harvest when it is due: count, feed, chill the rest', async () => {
    await at(page, '2026-03-18T05:40:00Z')
    await me.go('Round')
    await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
    await me.tap(page.getByRole('link', { name: 'Differs, or count' }))
    await me.press(/Air is off/)
    await me.tap(page.getByRole('radio', { name: /I counted/ }))
    await me.fill('Nauplii counted', '160')
    await expect(page.getByTestId('harvest-total')).toContainText('107,000')
    await me.press('Log the harvest')
    await expect(page.getByTestId('undo-line')).toContainText('Cone 1')
    const meal = page.getByRole('article').filter({ hasText: /Feed\s+Bench tank/ })
    await expect(meal).toContainText('brine shrimp nauplii from Cup of Cone 1')
    await me.tap(meal.getByRole('button', { name: 'Done' }))
    await expect(page.getByTestId('undo-line')).toContainText('Bench tank is fed')
    await expect(meal).toHaveCount(0)
  })

  await test.step('the lot has learned, and everything is in the log', async () => {
    await me.go('Setup')
    await expect(
      page.getByTestId('learned').getByRole('listitem').filter({ hasText: 'Red tin' }),
    ).toContainText('where the tin says 75 %, from 1 counted bottle')
    await expect(
      page
        .getByText(/Red tin/)
        .first()
        .locator('..'),
    ).not.toContainText('hatches 75')
    await me.go('Log')
    for (const kind of ['culture.started', 'culture.harvested', 'tank.fed'])
      await expect(page.locator(`[data-kind="${kind}"]`).first()).toBeVisible()
    await expect(page.getByText(/36\.8\sg salt/)).toBeVisible()
  })

  await test.step('the evening meal comes from the fridge', async () => {
    await at(page, '2026-03-18T18:05:00Z')
    await me.go('Round')
    const meal = page.getByRole('article').filter({ hasText: /Feed\s+Bench tank/ })
    await expect(meal).toBeVisible()
    await me.tap(meal.getByRole('button', { name: 'Done' }))
    await expect(page.getByTestId('undo-line')).toContainText('Bench tank is fed')
  })

  expect(me.interactions).toBeLessThanOrEqual(60)
  console.log(`first day: ${me.inputs} inputs, ${me.interactions} interactions`)
})
