import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { chromium, type Page } from '@playwright/test'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { makeId } from '@renatus/core/records/id'
import { randomStream } from '@renatus/core/math/random'
import { demoAt } from '../rooms/demoAt'
import { yearsOf } from '../rooms/yearsOf'

const SERVER = '.output/server/index.mjs'
const PORT = 3941
const DEBUG_PORT = 9341
const base = `http://localhost:${PORT}`
/** Entries of one import: all of them are there afterwards, or none. So many are stored by chapters, fewer as rows. */
const IMPORTED = [400, 6000] as const

type Phase = 'write' | 'import' | 'snapshot'
const PHASES: readonly Phase[] = ['write', 'write', 'write', 'import', 'snapshot']
interface Seen {
  notes: string[]
  records: number
  broken: number
}

const waitFor = async (test: () => Promise<boolean>) => {
  for (let n = 0; n < 200; n++) {
    if (await test().catch(() => false)) return
    await new Promise(r => setTimeout(r, 50))
  }
  throw new Error('it did not come up')
}

/** A browser of its own process group over one profile, so that it can be killed as a dead battery does. */
async function start(profile: string): Promise<{ page: Page; kill: () => Promise<void> }> {
  const browser: ChildProcess = spawn(
    process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    [
      `--user-data-dir=${profile}`,
      `--remote-debugging-port=${DEBUG_PORT}`,
      ...['--no-sandbox', '--disable-gpu', '--no-first-run', 'about:blank'],
    ],
    { detached: true, stdio: 'ignore' },
  )
  const gone = new Promise<void>(done => browser.once('exit', () => done()))
  await waitFor(async () => (await fetch(`http://127.0.0.1:${DEBUG_PORT}/json/version`)).ok)
  const driver = await chromium.connectOverCDP(`http://127.0.0.1:${DEBUG_PORT}`)
  const page = await driver.contexts()[0]!.newPage()
  return {
    page,
    kill: async () => {
      process.kill(-browser.pid!, 'SIGKILL')
      await gone
      await driver.close().catch(() => {})
    },
  }
}

/** What stands on the disk, read without the app. */
const read = (page: Page): Promise<Seen> =>
  page.evaluate(
    () =>
      new Promise<Seen>((done, failed) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => failed(asked.error ?? new Error('the database does not open'))
        asked.onsuccess = () => {
          const db = asked.result
          const t = db.transaction(['entries', 'chapters', 'records'])
          const entries = t.objectStore('entries').getAll()
          const chapters = t.objectStore('chapters').getAll()
          const records = t.objectStore('records').count()
          t.oncomplete = () => {
            db.close()
            const past = (chapters.result as { entries: unknown[] }[]).flatMap(c => c.entries)
            const rows = [...past, ...(entries.result as unknown[])] as {
              id?: string
              kind?: string
              data?: { text?: string }
            }[]
            const notes = rows.flatMap(e => (e.kind === 'note' ? [e.data?.text ?? ''] : []))
            const broken = rows.filter(e => !e.id || !e.kind || !e.data).length
            done({ notes, records: records.result, broken })
          }
        }
      }),
  )

interface Store {
  write(drafts: object[]): Promise<{ ok: boolean }>
  save(drafts: object[]): Promise<object[]>
  db: { name: string }
}
/** Writes notes one after another until it is killed; each is called out once it is acknowledged. */
const writeOn = (page: Page, mark: string) =>
  page.evaluate(async name => {
    const app = (
      window as unknown as { useNuxtApp(): { $pinia: { _s: Map<string, Store> } } }
    ).useNuxtApp()
    const room = app.$pinia._s.get('room')!
    for (let n = 0; ; n++) {
      const text = `${name} ${n}`
      const done = await room.write([
        { kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } },
      ])
      const { acked } = window as unknown as { acked(text: string): void }
      if (done.ok) acked(text)
    }
  }, mark)

async function setUpRoom(page: Page): Promise<void> {
  await page.goto(`${base}/?room=own`)
  await page.getByRole('button', { name: 'Set up your room' }).click()
  await page.getByRole('button', { name: 'Open the room' }).click()
  await page
    .getByRole('heading', { name: /round$/ })
    .first()
    .waitFor()
}

/** The room's own file with many notes more. */
async function fileWith(page: Page, mark: string, notes: number): Promise<Buffer> {
  await page.goto(`${base}/setup#data`)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the room' }).click(),
  ])
  const room = JSON.parse(readFileSync((await download.path())!, 'utf8')) as {
    exportedAt: string
    entries: object[]
  }
  for (let n = 0; n < notes; n++) {
    const chance = Uint8Array.from(
      { length: 10 },
      (_, i) => (i * 37 + n * 11 + n / 7 + (n >> 8)) % 256,
    )
    const id = makeId(Date.parse(room.exportedAt) - 1_000_000 + n, chance)
    const about = { act: id, by: 'bench', at: room.exportedAt, supersedes: null, answers: null }
    const said = {
      kind: 'note',
      subject: { type: 'room', id: 'x' },
      data: { text: `${mark} ${n}` },
    }
    room.entries.push({ id, ...about, ...said })
  }
  return Buffer.from(JSON.stringify(room))
}

/** Presses the button; where it does not come, what stands there instead is told. */
async function check(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Check my room' })
  await button.click().catch(async (e: unknown) => {
    const stands = await page.locator('body').innerText()
    throw new Error(`No button to check the room, but: ${stands.slice(0, 2000)}`, { cause: e })
  })
}

/**
 * Kills the browser in the middle of what it does, again and again over one profile: what was acknowledged is there
 * afterwards, an import is whole or not there, and the room opens.
 * @param kills how often
 */
export async function killTimes(kills: number): Promise<void> {
  if (!existsSync(SERVER)) return console.log('Kills: no build in .output, left out')
  const env = { ...process.env, PORT: String(PORT) }
  const server = spawn(process.execPath, [SERVER], { env, stdio: 'ignore' })
  await waitFor(async () => (await fetch(`${base}/api/health`)).ok)
  const profile = mkdtempSync(join(tmpdir(), 'renatus-kills-'))
  const chance = randomStream(7)
  const acked = new Set<string>()
  const faults: string[] = []
  const done: Record<Phase, number> = { write: 0, import: 0, snapshot: 0 }
  try {
    const first = await start(profile)
    await setUpRoom(first.page)
    await first.kill()
    for (let n = 0; n < kills; n++) {
      const { page, kill } = await start(profile)
      await page.exposeFunction('acked', (text: string) => acked.add(text))
      const phase = PHASES[n % PHASES.length]!
      const mark = `${phase} ${n}`
      const notes = IMPORTED[Math.floor(n / PHASES.length) % IMPORTED.length]!
      if (phase === 'import') {
        const buffer = await fileWith(page, mark, notes)
        const file = { name: 'room.json', mimeType: 'application/json', buffer }
        await page.getByTestId('import').setInputFiles(file)
        await new Promise(r => setTimeout(r, chance.integer(0, notes > 1000 ? 2500 : 500)))
      } else {
        await page.goto(`${base}/setup`)
        await page.getByRole('heading', { name: 'Setup' }).waitFor()
        if (phase === 'snapshot') await check(page)
        void writeOn(page, mark).catch(() => {})
        await new Promise(r => setTimeout(r, chance.integer(200, 1700)))
      }
      await kill()
      done[phase]++
      const after = await start(profile)
      await after.page.goto(`${base}/api/health`)
      const seen = await read(after.page).catch((e: unknown) => String(e))
      await after.kill()
      if (typeof seen === 'string') {
        faults.push(`kill ${n} (${phase}): ${seen}`)
        break
      }
      const there = new Set(seen.notes)
      const lost = [...acked].filter(t => !there.has(t))
      if (lost.length > 0) faults.push(`kill ${n} (${phase}): lost ${lost.slice(0, 3).join(', ')}`)
      if (seen.broken > 0 || seen.records === 0) faults.push(`kill ${n}: ${JSON.stringify(seen)}`)
      const imported = seen.notes.filter(t => t.startsWith(`${mark} `)).length
      if (phase === 'import' && imported !== 0 && imported !== notes)
        faults.push(`kill ${n}: ${imported} of ${notes} imported`)
    }
  } finally {
    server.kill()
    rmSync(profile, { recursive: true, force: true })
  }
  console.log(
    `\nKills: ${done.write + done.import + done.snapshot} (${done.write} in writes, ${done.import} in imports, ${done.snapshot} in checks), ${acked.size} acknowledged writes, ${faults.length} faults`,
  )
  for (const f of faults) console.log(`  ${f}`)
}

/** Version of the browser's database that stands, and how much is in it. */
interface Stood {
  version: number
  records: number
  entries: number
}

/** Puts a room of format 6 where the app of that time kept it. */
const plant = (page: Page, room: { records: object[]; entries: object[] }) =>
  page.evaluate(
    ({ records, entries }) =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open('renatus', 60)
        asked.onerror = () => failed(asked.error ?? new Error('not planted'))
        asked.onupgradeneeded = () => {
          const db = asked.result
          const stored = db.createObjectStore('records', { keyPath: 'id' })
          stored.createIndex('type', 'type')
          const log = db.createObjectStore('entries', { keyPath: 'id' })
          for (const key of ['at', 'kind', 'act', 'answers']) log.createIndex(key, key)
          const kept = db.createObjectStore('kept', { keyPath: 'n', autoIncrement: true })
          kept.createIndex('record.id', 'record.id')
          db.createObjectStore('meta', { keyPath: 'key' })
          for (const r of records) stored.put(r)
          for (const e of entries) log.put(e)
        }
        asked.onsuccess = () => {
          asked.result.close()
          done()
        }
      }),
    room,
  )
const stood = (page: Page): Promise<Stood> =>
  page.evaluate(
    () =>
      new Promise<Stood>((done, failed) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => failed(asked.error ?? new Error('the database does not open'))
        asked.onsuccess = () => {
          const db = asked.result
          const t = db.transaction(['records', 'entries'])
          const [records, entries] = ['records', 'entries'].map(n => t.objectStore(n).count())
          t.oncomplete = () => {
            db.close()
            done({ version: db.version, records: records!.result, entries: entries!.result })
          }
        }
      }),
  )

/**
 * Kills the browser while a database of an older version is brought up: it is of one version or the other, whole, and the
 * next visit goes on.
 */
export async function killUpgrades(kills: number): Promise<void> {
  if (!existsSync(SERVER)) return
  const fixture = new URL('../../tests/fixtures/room-6.json.gz', import.meta.url)
  const room = JSON.parse(gunzipSync(readFileSync(fixture)).toString('utf8')) as {
    records: object[]
    entries: object[]
  }
  const env = { ...process.env, PORT: String(PORT) }
  const server = spawn(process.execPath, [SERVER], { env, stdio: 'ignore' })
  await waitFor(async () => (await fetch(`${base}/api/health`)).ok)
  const chance = randomStream(11)
  const faults: string[] = []
  let caught = 0
  for (let n = 0; n < kills; n++) {
    const profile = mkdtempSync(join(tmpdir(), 'renatus-upgrade-'))
    const first = await start(profile)
    await first.page.goto(`${base}/api/health`)
    await plant(first.page, room)
    void first.page.goto(`${base}/setup?room=own`).catch(() => {})
    await new Promise(r => setTimeout(r, chance.integer(300, 5000)))
    await first.kill()
    const second = await start(profile)
    await second.page.goto(`${base}/api/health`)
    const between = await stood(second.page)
    if (between.version === 60) caught++
    if (between.entries < room.entries.length || between.records < room.records.length)
      faults.push(`kill ${n}: ${JSON.stringify(between)} after the kill`)
    await second.page.goto(`${base}/setup?room=own`)
    const well = second.page.getByRole('button', { name: 'Check my room' })
    await well.click({ timeout: 30_000 }).catch(() => faults.push(`kill ${n}: it does not open`))
    const found = second.page.getByTestId('check')
    await found.waitFor({ timeout: 30_000 }).catch(() => {})
    const said = await found.innerText({ timeout: 1000 }).catch(() => 'nothing')
    if (!said.startsWith('All is well')) faults.push(`kill ${n}: ${said.slice(0, 200)}`)
    await second.kill()
    rmSync(profile, { recursive: true, force: true })
  }
  server.kill()
  console.log(
    `Kills of upgrades from format 6: ${kills}, ${caught} before it was done, ${faults.length} faults`,
  )
  for (const f of faults) console.log(`  ${f}`)
}

/** Entries of a room whose log is folded into a checkpoint, and of the way to it. */
const LONG = 9000
/**
 * Kills the browser while a long log is folded into its checkpoint: the room opens, and folding agrees with the whole log.
 */
export async function killCheckpoints(kills: number): Promise<void> {
  if (!existsSync(SERVER)) return
  const demo = demoAt(new Date().toISOString(), 'Europe/Berlin')
  const exportedAt = new Date().toISOString()
  const years = { exportedAt, by: 'bench', kept: [], ...yearsOf(demo, LONG) }
  const buffer = Buffer.from(writeRoomFile(years))
  const env = { ...process.env, PORT: String(PORT) }
  const server = spawn(process.execPath, [SERVER], { env, stdio: 'ignore' })
  await waitFor(async () => (await fetch(`${base}/api/health`)).ok)
  const profile = mkdtempSync(join(tmpdir(), 'renatus-checkpoints-'))
  const chance = randomStream(13)
  const faults: string[] = []
  let folded = 0
  try {
    const first = await start(profile)
    await first.page.goto(`${base}/setup?room=own#data`)
    const file = { name: 'room.json', mimeType: 'application/json', buffer }
    await first.page.getByTestId('import').setInputFiles(file)
    await first.page.getByText(/^Merged:/).waitFor({ timeout: 60_000 })
    await first.kill()
    for (let n = 0; n < kills; n++) {
      const { page, kill } = await start(profile)
      await page.goto(`${base}/api/health`)
      await dropDerived(page)
      void page.goto(`${base}/setup?room=own`).catch(() => {})
      await new Promise(r => setTimeout(r, chance.integer(500, 9000)))
      await kill()
      const after = await start(profile)
      await after.page.goto(`${base}/api/health`)
      if ((await dropDerived(after.page, false)) > 0) folded++
      await after.page.goto(`${base}/setup?room=own`)
      await after.page
        .getByRole('button', { name: 'Check my room' })
        .click({ timeout: 60_000 })
        .catch(() => faults.push(`kill ${n}: it does not open`))
      const found = after.page.getByTestId('check')
      await found.waitFor({ timeout: 60_000 }).catch(() => {})
      const said = await found.innerText({ timeout: 1000 }).catch(() => 'nothing')
      if (!said.startsWith('All is well')) faults.push(`kill ${n}: ${said.slice(0, 200)}`)
      await after.kill()
    }
  } finally {
    server.kill()
    rmSync(profile, { recursive: true, force: true })
  }
  console.log(
    `Kills while ${years.entries.length} entries are folded into a checkpoint: ${kills}, ${folded} of them with one stored, ${faults.length} faults`,
  )
  for (const f of faults) console.log(`  ${f}`)
}

/** How much that was worked out is stored; thrown away, so that it is worked out anew, unless it is only counted. */
const dropDerived = (page: Page, drop = true): Promise<number> =>
  page.evaluate(
    away =>
      new Promise<number>((done, failed) => {
        const asked = indexedDB.open('renatus')
        asked.onerror = () => failed(asked.error ?? new Error('the database does not open'))
        asked.onsuccess = () => {
          const db = asked.result
          const t = db.transaction('derived', 'readwrite')
          const count = t.objectStore('derived').count()
          if (away) t.objectStore('derived').clear()
          t.oncomplete = () => {
            db.close()
            done(count.result)
          }
        }
      }),
    drop,
  )
