import { expect, test, type Page } from '@playwright/test'
import { faults, visit } from './person'

const VIEWS = [
  '/',
  '/broods',
  '/bench',
  '/shelf',
  '/shelf/start?food=moina',
  '/gel',
  '/gel/ingredients',
  '/firstaid',
  '/thermometers',
  '/decapsulate',
  '/weigh',
  '/stores',
  '/trials',
  '/trials/new',
  '/practice?food=moina',
  '/methods',
  '/log',
  '/setup',
  '/walk',
]

/** Sizes of type on the page, in px; drawings and labels that are printed have their own. */
const sizesOf = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('body *')]
      .filter(e => [...e.childNodes].some(n => n.nodeType === 3 && n.textContent?.trim()))
      .filter(e => e.offsetParent !== null && !e.closest('svg, .label-sheet, .stop-drawing'))
      .map(e => getComputedStyle(e).fontSize),
  )

/** What a thumb would miss: buttons, links that look like buttons, fields below 48 px. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll<HTMLElement>(
        'button, a.btn, nav a, summary, input:not([type=checkbox]):not([type=radio]):not([type=file]), select',
      ),
    ]
      .filter(
        e =>
          e.offsetParent !== null &&
          e.getBoundingClientRect().height > 0 &&
          e.getBoundingClientRect().height < 47.5,
      )
      .map(
        e =>
          `${e.tagName} ${e.textContent?.trim().slice(0, 30)} ${e.getBoundingClientRect().height}`,
      ),
  )

/** What no width may do: a page that moves sideways. */
const sideways = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)

/** Each way of counting, with something in it. */
async function countWays(page: Page, look: (where: string) => Promise<void>) {
  await visit(page, '/count')
  for (let i = 0; i < 3; i++) await page.getByTestId('tap').click()
  await page.getByRole('button', { name: 'Next drop' }).click()
  for (const way of ['Drops', 'Picture', 'Stick or colour']) {
    await page.getByLabel('Sample of').selectOption({
      label: way === 'Stick or colour' ? 'Green water' : 'Brine shrimp nauplii',
    })
    await page.getByRole('tab', { name: way }).click()
    if (way === 'Picture') {
      await page.getByRole('button', { name: 'Practice picture' }).click()
      await expect(page.getByTestId('in-picture')).toBeVisible({ timeout: 60_000 })
    }
    await look(way)
  }
}

// Contrast hangs on the theme, what is cut and reached on the width: two of the four pairs tell all.
for (const [colorScheme, width] of [
  ['light', 1280],
  ['dark', 390],
] as const) {
  test(`axe finds nothing in the ${colorScheme} theme at ${width}, and nothing overflows${width === 390 ? ' or is too small for a thumb' : ''}`, async ({
    browser,
  }) => {
    test.setTimeout(480_000)
    const context = await browser.newContext({
      colorScheme,
      hasTouch: width === 390,
      timezoneId: 'Europe/Berlin',
      locale: 'en-GB',
      baseURL: test.info().project.use.baseURL,
      serviceWorkers: 'block',
    })
    const page = await context.newPage()
    await page.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
    const errors: string[] = []
    // What hangs on neither theme nor width is asked once.
    const rules = width === 390 ? undefined : ['color-contrast', 'scrollable-region-focusable']
    const sizes = new Set<string>()
    page.on('pageerror', e => errors.push(e.message))
    const look = async (where: string) => {
      expect(await faults(page, `${where} ${width}`, rules)).toEqual([])
      expect(await sideways(page), `${where} at ${width} scrolls sideways`).toBeLessThanOrEqual(0)
      if (width === 390) expect(await tooSmall(page), where).toEqual([])
      for (const size of await sizesOf(page)) sizes.add(size)
    }
    await page.goto('/?room=demo')
    await expect(page.getByRole('article').first()).toBeVisible({ timeout: 60_000 })
    await visit(page, '/bench')
    const harvest = await page.locator('a[href^="/harvest/"]').first().getAttribute('href')
    await visit(page, '/broods')
    const sheet = await page
      .getByRole('link', { name: 'Scarlet badis', exact: true })
      .getAttribute('href')
    await visit(page, '/gel')
    const batch = await page.getByRole('link', { name: 'Cook Gudgeon agar' }).getAttribute('href')
    const diet = await page
      .getByRole('link', { name: 'Formula for it' })
      .first()
      .getAttribute('href')
    await visit(page, '/shelf')
    const culture = await page.getByTestId('culture-Leaf jar 1').getAttribute('href')
    await page.setViewportSize({ width, height: width === 390 ? 844 : 800 })
    for (const path of [
      ...VIEWS,
      harvest!,
      sheet!,
      culture!,
      culture!.replace('/shelf/', '/shelf/harvest/'),
      culture!.replace('/shelf/', '/labels?ids='),
      '/methods/infusoria/scalded-leaf',
      '/broods?new=1',
      batch!,
      diet!,
    ]) {
      await visit(page, path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      if (path === sheet) await expect(page.getByTestId('next-change')).toBeVisible()
      if (path === culture) {
        await expect(page.getByTestId('look-0')).toBeVisible({ timeout: 60_000 })
        await page.getByRole('button', { name: 'Something else' }).click()
      }
      if (path.startsWith('/shelf/harvest'))
        await expect(page.getByTestId('drawn')).toBeVisible({ timeout: 60_000 })
      if (path === diet)
        await expect(page.getByTestId('composition')).toBeVisible({ timeout: 60_000 })
      if (path === '/bench') await expect(page.locator('canvas').first()).toBeVisible()
      await look(path)
    }
    await countWays(page, look)
    expect([...sizes].sort(), 'sizes of type').toHaveLength(Math.min(6, sizes.size))
    expect(errors).toEqual([])
    await context.close()
  })
}

test('over plain http from another host it works and says what is missing', async ({ browser }) => {
  const port = new URL(test.info().project.use.baseURL!).port
  // A name that is not localhost is no secure context, as a phone on the same network sees it.
  const launched = await browser.browserType().launch({
    ...test.info().project.use.launchOptions,
    args: [
      ...(test.info().project.use.launchOptions?.args ?? []),
      '--host-resolver-rules=MAP loft.test 127.0.0.1',
    ],
  })
  const page = await launched.newPage()
  await page.goto(`http://loft.test:${port}/?room=own`)
  expect(await page.evaluate(() => [window.isSecureContext, typeof crypto.randomUUID])).toEqual([
    false,
    'undefined',
  ])
  await page.getByRole('button', { name: 'Set up your room' }).click()
  await page.getByRole('button', { name: 'Open the room' }).click()
  await page.getByRole('link', { name: 'Setup' }).click()
  await expect(page.getByText('This page came over plain http')).toBeVisible()
  await page.getByRole('link', { name: 'Hatch bench' }).click()
  await page.getByRole('button', { name: 'Start a hatch by hand' }).click()
  await page.getByRole('button', { name: 'Log the start' }).click()
  await expect(page.getByTestId('in-bottle')).toBeVisible()
  await launched.close()
})

test('an unknown address under /api is a 404, not a page', async ({ request }) => {
  expect((await request.get('/api/nothing')).status()).toBe(404)
})
