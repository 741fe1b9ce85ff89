import { expect, test, type Page } from '@playwright/test'
import { readFileSync, writeFileSync } from 'node:fs'
import { addBrood, setUp } from './person'

const importFile = (
  page: Page,
  name: string,
  content: string,
  info: { outputPath(name: string): string },
) => {
  const path = info.outputPath(name)
  writeFileSync(path, content)
  return page.getByTestId('import').setInputFiles(path)
}

async function exportText(page: Page): Promise<string> {
  await page.goto('/setup')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/^renatus-my-fishroom-\d{4}-\d\d-\d\d\.json$/)
  return readFileSync((await download.path())!, 'utf8')
}

test('export, import into an empty browser, and see the same; merge names its conflicts', async ({
  page,
  browser,
}, info) => {
  await setUp(page)
  await addBrood(page)
  await page.goto('/')
  const whole = async (p: typeof page) => {
    await expect(p.getByRole('article')).toHaveCount(2)
    for (const name of ['The day', 'In hand'])
      await expect(p.getByRole('heading', { name })).toBeVisible()
    await expect(p.getByRole('button', { name: 'Done' })).toHaveCount(2)
    return p.getByRole('main').innerText()
  }
  const round = await whole(page)
  const text = await exportText(page)

  const other = await browser.newContext({ timezoneId: 'Europe/Berlin', locale: 'en-GB' })
  const second = await other.newPage()
  await second.clock.install({ time: new Date('2026-03-17T05:35:00Z') })
  await second.goto('/setup')
  await importFile(second, 'room.json', text, info)
  await expect(second.getByText(/Merged:/)).toBeVisible()
  await second.getByRole('link', { name: 'Round' }).click()
  await expect(second.getByRole('heading', { name: 'Morning round' })).toBeVisible()
  await whole(second)
  await expect.poll(() => second.getByRole('main').innerText()).toBe(round)

  // Both change the same tank; the second device changes it later.
  await page.getByRole('button', { name: 'Change Tank 1' }).click()
  await page.getByLabel('Volume').fill('30')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('30 L, 26 °C')).toBeVisible()
  const mine = await exportText(page)
  await second.goto('/setup')
  await second.clock.fastForward(120_000)
  await second.getByRole('button', { name: 'Change Tank 1' }).click()
  await second.getByLabel('Volume').fill('40')
  await second.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(second.getByText('40 L, 26 °C')).toBeVisible()
  await importFile(second, 'mine.json', mine, info)
  await expect(second.getByText('1 conflict')).toBeVisible()
  await expect(second.getByText('40 L, 26 °C')).toBeVisible()
  await second.getByRole('button', { name: 'Restore' }).first().click()
  await expect(second.getByText('30 L, 26 °C')).toBeVisible()
  await other.close()
})

test("a broken, foreign, newer, empty, huge or other room's file is refused, and nothing is changed", async ({
  page,
}, info) => {
  await setUp(page)
  const text = await exportText(page)
  const cases: [string, string, RegExp][] = [
    [
      'broken.json',
      text.replace('"litres":2', '"litres":"two"'),
      /damaged at “records\.\d+\.litres”/,
    ],
    ['foreign.json', '{"hello":"world"}', /not a room file/],
    ['newer.json', text.replace(/"version":\d+/, '"version": 99'), /newer Renatus \(format 99/],
    ['empty.json', '', /is empty/],
    ['half.json', text.slice(0, text.length / 2), /no readable JSON/],
    ['huge.json', 'x'.repeat(65 * 1024 * 1024), /65 MB; a room is at most 64 MB/],
  ]
  for (const [name, content, message] of cases) {
    await importFile(page, name, content, info)
    await expect(page.getByRole('alert').filter({ hasText: message })).toContainText(
      'Nothing was changed here.',
    )
  }
  const roomId =
    /"type":"room"/.test(text) &&
    (JSON.parse(text).records.find((r: { type: string }) => r.type === 'room').id as string)
  await importFile(
    page,
    'other.json',
    text
      .replaceAll(roomId as string, '00000000000000000000000000')
      .replace('My fishroom', 'Elsewhere'),
    info,
  )
  await expect(
    page.getByRole('alert').filter({ hasText: 'another room (“Elsewhere”)' }),
  ).toContainText('nothing was changed')
  expect(JSON.parse(await exportText(page)).records).toEqual(JSON.parse(text).records)
})

test('the export is asked for weekly, and storage is asked for and its refusal shown', async ({
  page,
}) => {
  await setUp(page)
  await addBrood(page)
  await page.goto('/log')
  await page.getByLabel('Write a note').fill('first day')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('first day')).toBeVisible()
  await page.clock.setSystemTime(new Date('2026-03-26T05:40:00Z'))
  await page.goto('/')
  const asked = page.getByText('Export the room this week.')
  await expect(asked).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export it now' }).click(),
  ])
  expect(file.suggestedFilename()).toMatch(/^renatus-my-fishroom-.*json$/)
  await expect(asked).toHaveCount(0)
  await page.evaluate(() => {
    navigator.storage.persist = () => Promise.resolve(false)
  })
  await page.getByRole('link', { name: 'Setup' }).click()
  await page.getByRole('button', { name: 'Ask it to keep the data' }).click()
  await expect(page.getByRole('alert')).toContainText('The browser refused')
  await expect(page.getByText('Two devices are two databases.')).toBeVisible()
})

test('a correction supersedes, an undo strikes out, and the log keeps both', async ({ page }) => {
  await setUp(page)
  await addBrood(page)
  await page.getByRole('link', { name: 'Freshwater angelfish' }).click()
  await page.getByRole('button', { name: 'Count the fry' }).click()
  await page.getByLabel('Fry counted').fill('150')
  await page.getByRole('button', { name: 'Log it' }).last().click()
  await expect(page.getByTestId('undo-line')).toBeVisible()
  await page.goto('/log')
  const counted = page.locator('[data-kind="brood.counted"]')
  await counted.getByRole('button', { name: 'Correct' }).click()
  await page.getByLabel('Fry', { exact: true }).fill('-3')
  await page.getByRole('button', { name: 'Correct' }).click()
  await expect(page.getByRole('alert')).toContainText('Fry cannot be “-3”')
  await page.getByLabel('Fry', { exact: true }).fill('140')
  await page.getByRole('button', { name: 'Correct' }).click()
  await expect(counted).toHaveCount(2)
  await expect(page.getByText('struck out')).toHaveCount(1)
  await page.goto('/broods')
  await expect(page.getByText('About 140 fry')).toBeVisible()
  await page.goto('/log')
  await counted.filter({ hasText: '(correction)' }).getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Taken back').first()).toBeVisible()
  await page.goto('/broods')
  await expect(page.getByText('About 150 fry')).toBeVisible()
})
