/** npm run screenshots: serves the production build, opens the demo room at a frozen date, writes docs/screenshots/*.png at 1280x800 (one phone view). */
import { chromium } from '@playwright/test'
import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { findChromium, root, run } from './steps.mjs'

const PORT = 3177
const AT = new Date('2026-03-24T05:34:00Z')
const SHOTS = [
  { file: 'round.png', path: '/' },
  { file: 'walk.png', path: '/walk', theme: 'dark', width: 390, height: 844, act: walkOn },
  { file: 'broods.png', path: '/broods' },
  { file: 'brood.png', path: 'brood', wait: '[data-testid=next-change]' },
  { file: 'bench.png', path: '/bench', wait: 'canvas' },
  { file: 'warmth.png', path: '/thermometers', act: liveProbe },
  {
    file: 'shelf.png',
    path: '/shelf',
    wait: '[data-testid="culture-Leaf jar 2"]',
    act: page => page.waitForTimeout(6000),
  },
  {
    file: 'culture.png',
    path: '/shelf',
    wait: '[data-testid="culture-Oar bucket"]',
    act: openCulture,
  },
  { file: 'start.png', path: '/shelf/start?food=moina', act: startMoina },
  { file: 'method.png', path: '/methods/moina/yeast-and-spirulina' },
  { file: 'count-picture.png', path: '/count', act: countPicture },
  { file: 'ahead.png', path: '/ahead', wait: '[data-testid=decision-0]' },
  { file: 'gel.png', path: '/gel' },
  { file: 'gel-formula.png', path: '/gel', wait: '[data-testid=cover]', act: openFormula },
  { file: 'stores.png', path: '/stores', wait: '[data-testid=shopping]' },
  { file: 'trials.png', path: '/trials', act: openTrial },
  { file: 'log.png', path: '/log' },
  { file: 'setup.png', path: '/setup' },
  { file: 'practice.png', path: '/practice', act: practiseOne },
]

/** The third stop of the walk. */
async function walkOn(page) {
  const main = page.locator('.stop-answers .btn-main')
  await main.click()
  for (let i = 0; i < 2; i++) {
    await page.waitForTimeout(800)
    await page.keyboard.press('ArrowRight')
  }
  await page.waitForTimeout(800)
}
/** A thermostat that is stuck on, tried at speed. */
async function liveProbe(page) {
  await page.getByLabel('Scenario').selectOption('thermostat-stuck-on')
  await page.getByLabel('Speed').selectOption('600')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await page.waitForTimeout(5000)
}
async function openTrial(page) {
  await page.getByRole('link', { name: /wide sieve/ }).click()
  await page.getByTestId('answer').filter({ hasText: 'minutes' }).waitFor()
}
async function practiseOne(page) {
  await page.getByRole('button', { name: 'Begin A bucket at its limit' }).click()
  for (let day = 1; day <= 14; day++) {
    await page.getByLabel('And then').selectOption(day % 2 ? 'feed' : 'wait')
    await page.getByRole('button', { name: `On to day ${day}`, exact: true }).click()
  }
  await page.getByRole('button', { name: /Look at it/ }).click()
  await page.getByTestId('seen').waitFor()
}
async function startMoina(page) {
  await page.getByText('Yeast with spirulina', { exact: true }).click()
  await page.waitForTimeout(2500)
}
async function openCulture(page) {
  await page.getByTestId('culture-Oar bucket').click()
  await page.getByTestId('look-0').waitFor()
  await page.waitForTimeout(1500)
}
async function openFormula(page) {
  await page.getByRole('link', { name: 'Formula for it' }).first().click()
  await page.getByTestId('composition').waitFor()
  await page
    .getByRole('heading', { name: 'The mix' })
    .evaluate(e => e.scrollIntoView({ block: 'start' }))
}
async function countPicture(page) {
  await page.getByRole('tab', { name: 'Picture' }).click()
  const field = await page.request.get(`${base}/api/camera/4711`)
  await page
    .getByTestId('picture-file')
    .setInputFiles({ name: 'drop.png', mimeType: 'image/png', buffer: await field.body() })
  await page.getByTestId('in-picture').waitFor()
  await page
    .getByRole('tab', { name: 'Picture' })
    .evaluate(e => e.scrollIntoView({ block: 'start' }))
}

if (!existsSync(`${root}/.output/server/index.mjs`)) run('npm', ['run', '-s', 'build'])
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  cwd: root,
  env: { ...process.env, PORT: String(PORT) },
  stdio: 'ignore',
})
const base = `http://localhost:${PORT}`
for (
  let i = 0;
  i < 100 &&
  !(await fetch(`${base}/api/health`).then(
    r => r.ok,
    () => false,
  ));
  i++
)
  await new Promise(resolve => setTimeout(resolve, 100))
const browser = await chromium.launch({
  executablePath: findChromium(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
try {
  for (const shot of SHOTS) {
    const context = await browser.newContext({
      viewport: { width: shot.width ?? 1280, height: shot.height ?? 800 },
      colorScheme: shot.theme ?? 'light',
      timezoneId: 'Europe/Berlin',
      locale: 'en-GB',
      serviceWorkers: 'block',
    })
    const page = await context.newPage()
    await page.clock.install({ time: AT })
    await page.goto(`${base}/?room=demo`)
    await page.getByRole('article').first().waitFor({ timeout: 60_000 })
    // The clock that has just ended is answered, so that the view itself is seen.
    const seen = page.getByRole('button', { name: /^Seen/ })
    while ((await seen.count()) > 0) {
      await seen
        .first()
        .click({ timeout: 3000 })
        .catch(() => {}) // it may be answered while it is looked for
      await page.waitForTimeout(200)
    }
    if (shot.path === 'brood') {
      await page.goto(`${base}/broods`)
      await page.getByRole('link', { name: 'Scarlet badis', exact: true }).waitFor()
    }
    const links = {
      brood: () => page.getByRole('link', { name: 'Scarlet badis', exact: true }),
    }
    const link = links[shot.path]?.()
    const path = link ? await link.getAttribute('href') : shot.path
    if (path !== '/') await page.goto(`${base}${path}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    if (shot.wait) await page.locator(shot.wait).first().waitFor({ timeout: 90_000 })
    await shot.act?.(page)
    await page.waitForTimeout(600)
    await page.screenshot({ path: `${root}/docs/screenshots/${shot.file}` })
    console.log(`docs/screenshots/${shot.file}`)
    await context.close()
  }
} finally {
  await browser.close()
  server.kill()
}
