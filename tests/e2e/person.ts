import axe from 'axe-core'
import { expect, type Locator, type Page } from '@playwright/test'

/** Counts what a person does: every tap, and every field they fill in. */
export class Person {
  inputs = 0
  interactions = 0
  constructor(readonly page: Page) {}

  async fill(label: string | RegExp, value: string) {
    this.inputs++
    this.interactions++
    await this.page.getByLabel(label, typeof label === 'string' ? { exact: true } : {}).fill(value)
  }

  async choose(label: string | RegExp, option: string) {
    this.inputs++
    this.interactions++
    await this.page.getByLabel(label).selectOption({ label: option })
  }

  /** Types part of a name and takes the fish from the list. */
  async pickFish(text: string, option: string) {
    this.inputs++
    this.interactions += 2
    await pickFish(this.page, text, option)
  }

  async tap(target: Locator) {
    this.interactions++
    await target.click()
  }

  async press(name: string | RegExp) {
    await this.tap(this.page.getByRole('button', { name }).first())
  }

  async go(name: string) {
    await this.tap(this.page.getByRole('navigation', { name: 'Views' }).getByRole('link', { name }))
  }

  /** What destroys is held down. */
  async hold(name: string | RegExp) {
    this.interactions++
    const button = this.page.getByRole('button', { name }).first()
    await button.scrollIntoViewIfNeeded({ timeout: 10_000 })
    // What has just moved takes no press for half a second: it is waited for, as by a click.
    await button.hover()
    await this.page.mouse.down()
    await this.page.waitForTimeout(1500)
    await this.page.mouse.up()
  }
}

/** The fish picker: part of a name, then the option. */
export async function pickFish(page: Page, text: string, option: string) {
  await page.getByRole('combobox', { name: 'Fish' }).fill(text)
  await page.getByRole('option', { name: option }).click()
}

interface Nuxt {
  $router: { push(to: string): Promise<unknown>; currentRoute: { value: { path: string } } }
  hooks: { hookOnce(name: string, then: () => void): void }
}

/**
 * Goes to a view as a link does: what the page has read stays read. A reload has tests of its own.
 * The view before it stands until the new one does: only then a key that is pressed is of the new one.
 */
export async function visit(page: Page, path: string) {
  await page.evaluate(async to => {
    const app = (window as unknown as { useNuxtApp(): Nuxt }).useNuxtApp()
    const stands = new Promise<void>(done => app.hooks.hookOnce('page:finish', done))
    const from = app.$router.currentRoute.value.path
    await app.$router.push(to)
    if (app.$router.currentRoute.value.path !== from) await stands
  }, path)
}

/**
 * What axe finds on the page, in words. A document takes it in once, however often it is asked.
 * @param rules only these, where the others were asked of the same page already
 */
export async function faults(page: Page, where: string, rules?: string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  const violations = await page.evaluate(
    async only => {
      const { axe: asked } = window as unknown as { axe: typeof axe }
      const { violations } = await asked.run({ resultTypes: ['violations'], ...only })
      return violations.map(v => `${v.id} ${v.nodes.map(n => n.html.slice(0, 120)).join(' | ')}`)
    },
    rules ? { runOnly: rules } : {},
  )
  return violations.map(v => `${where}: ${v}`)
}

/**
 * The longest time for which the page did nothing else, as a share of what some work took:
 * near 1 where the page did it itself, on a machine of any speed.
 */
export async function longestHold(page: Page, work: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const held: number[] = []
    Object.assign(window, { held })
    new PerformanceObserver(list => list.getEntries().forEach(e => held.push(e.duration))).observe({
      type: 'longtask',
    })
  })
  const begun = Date.now()
  await work()
  const took = Date.now() - begun
  const held = await page.evaluate(() => (window as unknown as { held: number[] }).held)
  return Math.max(0, ...held) / took
}

/** Freezes the page's clock at an instant; it runs on from there. */
export async function at(page: Page, instant: string) {
  await page.clock.setSystemTime(new Date(instant))
}

/** An empty room is opened, and its form asked for. */
export async function begin(page: Page, address = '/?room=own') {
  await page.goto(address)
  await page.getByRole('button', { name: 'Set up your room' }).click()
}

/** Sets up a plain room by accepting every default. */
export async function setUp(page: Page, instant = '2026-03-17T05:34:00Z') {
  await page.clock.install({ time: new Date(instant) })
  await begin(page)
  await page.getByRole('button', { name: 'Open the room' }).click()
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible()
}

/** Adds a brood of 5 mm fry that feed now. */
export async function addBrood(page: Page, fry = '200') {
  // As a link goes: what was tapped just before is still written.
  await visit(page, '/broods?new=1')
  await page.getByLabel('Number of fry').fill(fry)
  await pickFish(page, 'angel', 'Freshwater angelfish (Pterophyllum scalare)')
  await page.getByRole('button', { name: 'Save the brood' }).click()
  await expect(page.getByTestId('per-meal').first()).toBeVisible()
}

/** Waits until as many stops stand as the round says: each is drawn in its turn. */
export async function allStopsStand(page: Page) {
  const lead = page.getByTestId('round-lead')
  await expect(lead).toHaveText(/stops?, about|Nothing is due/, { timeout: 60_000 })
  await expect
    .poll(async () => {
      const said = Number(/(\d+) stop/.exec(await lead.innerText())?.[1] ?? 0)
      return (await page.getByRole('article').count()) - said
    })
    .toBe(0)
}
