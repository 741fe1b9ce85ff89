import { defineConfig } from '@playwright/test'

const port = Number(process.env.E2E_PORT ?? 3187)

/** Drives the production build in Debian's Chromium. The flags keep it from looking for a network that is not there. */
export default defineConfig({
  testDir: 'tests/e2e',
  // One more than there are cores of: a test waits for its page about a fifth of its time.
  workers: 3,
  fullyParallel: true,
  timeout: 300_000,
  // A test that needs a second try is a fault of the app or of the test.
  retries: 0,
  expect: { timeout: 30_000 },
  reporter: [['list']],
  use: {
    // What does not stand after a minute and a half does not come: no test waits for it to its own end.
    actionTimeout: 90_000,
    // What is fetched for later takes a quarter of a test's time: those that live by it ask for it.
    serviceWorkers: 'block',
    baseURL: `http://localhost:${port}`,
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    // What slides in costs a frame each time: whoever asked for less sees none of it.
    contextOptions: { reducedMotion: 'reduce' },
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    url: `http://localhost:${port}/api/health`,
    env: { PORT: String(port), NITRO_SHUTDOWN_TIMEOUT: '500' },
    reuseExistingServer: false,
  },
})
