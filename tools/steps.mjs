/** Shared by the entry scripts. Plain Node: nothing is installed yet when they start. */
import { spawn, spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))

/** Runs a command in the project folder; ends this process with its code when it fails. */
export function run(command, args, env = {}) {
  const started = Date.now()
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...env },
  })
  if (status !== 0) {
    console.error(`\nFailed: ${command} ${args.join(' ')}`)
    process.exit(status ?? 1)
  }
  console.log(`[${((Date.now() - started) / 1000).toFixed(0)} s] ${command} ${args.join(' ')}`)
}

/** Code with which a process ends; null where it was killed. */
const ended = child => new Promise(resolve => child.on('exit', resolve))

/** Runs rows of commands beside each other, so that no core waits; what fails ends everything. */
export async function runBeside(rows) {
  await Promise.all(
    rows.map(async row => {
      for (const [command, ...args] of row) {
        const started = Date.now()
        const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1' }
        const status = await ended(spawn(command, args, { cwd: root, stdio: 'inherit', env }))
        if (status !== 0) {
          console.error(`\nFailed: ${command} ${args.join(' ')}`)
          process.exit(status ?? 1)
        }
        console.log(
          `[${((Date.now() - started) / 1000).toFixed(0)} s] ${command} ${args.join(' ')}`,
        )
      }
    }),
  )
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Node.js 20.19 or newer is needed, this is ${process.versions.node}.`)
    process.exit(1)
  }
}

/** Installs the packages of the lock file, unless they are there already. */
export function install() {
  if (existsSync(`${root}/node_modules/.package-lock.json`) && process.env.CI !== 'true') return
  run('npm', ['ci', '--no-audit', '--no-fund'])
}

const HEADLESS = '/usr/bin/chromium-headless-shell'
const FETCH_HEADLESS =
  'apt-get update && apt-get install -y --no-install-recommends chromium-headless-shell'
/**
 * Debian's Chromium without its windows, for the tests: a third quicker. Fetched when this is root, while all else
 * goes on: it is mostly waited for. Where it cannot be had the whole one does.
 */
export async function findHeadless() {
  if (process.env.CHROMIUM) return process.env.CHROMIUM
  if (!existsSync(HEADLESS) && process.getuid?.() === 0) {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    await ended(spawn('sh', ['-c', FETCH_HEADLESS], { stdio: 'inherit', env }))
  }
  return existsSync(HEADLESS) ? HEADLESS : findChromium()
}

/** Debian's Chromium, through apt when it is missing and this is root. */
export function findChromium() {
  const found = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].find(
    path => path && existsSync(path),
  )
  if (found) return found
  if (process.getuid?.() !== 0) {
    console.error(
      'Chromium is missing. Install it first: sudo apt-get update && sudo apt-get install -y chromium\nOr set CHROMIUM to the path of one.',
    )
    process.exit(1)
  }
  run('apt-get', ['update'])
  run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], {
    DEBIAN_FRONTEND: 'noninteractive',
  })
  return '/usr/bin/chromium'
}
