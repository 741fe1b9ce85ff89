import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { chromium, type Browser } from '@playwright/test'

const TRIES = 100

/** A page at a table, in the zone of the loft; nothing is fetched for later while something is measured. */
export const DESK = {
  viewport: { width: 1280, height: 800 },
  timezoneId: 'Europe/Berlin',
  serviceWorkers: 'block',
} as const

export const aBrowser = (): Promise<Browser> =>
  chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })

/** The built app on a port and a browser beside it, for as long as some work takes; left out where nothing is built. */
export async function served(
  name: string,
  port: number,
  work: (browser: Browser, base: string) => Promise<void>,
): Promise<void> {
  if (!existsSync('.output/server/index.mjs'))
    return console.log(`${name}: no build in .output, left out (npm run build)`)
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
  })
  const base = `http://localhost:${port}`
  const stands = () =>
    fetch(`${base}/api/health`).then(
      r => r.ok,
      () => false,
    )
  for (let i = 0; i < TRIES && !(await stands()); i++)
    await new Promise(resolve => setTimeout(resolve, 100))
  const browser = await aBrowser()
  try {
    await work(browser, base)
  } finally {
    await browser.close()
    server.kill()
  }
}
