import { createHash } from 'node:crypto'
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  writeFileSync,
} from 'node:fs'
import { join } from 'node:path'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import type { Instant } from '@renatus/core/time/localDate'
import { demoRoom } from '../../demo/demoRoom'
import { livedLoft } from '../../demo/livedLoft'

/** Tests, tools and the build are called in the project's own folder. */
const root = process.cwd()
/** The day that is lived for all others: it lies far from any change of the clock, and UTC has none. */
const LIVED = { today: '2026-03-03', timeZone: 'UTC' }

/** What the loft is made of: another code lives another loft. */
function stamp(): string {
  const hash = createHash('sha256')
  for (const folder of ['core', 'demo']) {
    const files = readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    for (const file of files.filter(f => f.endsWith('.ts') || f.endsWith('.json')).sort()) {
      if (file.includes('node_modules')) continue
      hash.update(file).update(readFileSync(join(root, folder, file)))
    }
  }
  return hash.digest('hex').slice(0, 16)
}

let text: string | null = null

/** The loft as JSON: lived once for a state of the code, then read from the cache of the packages. */
export function loftText(): string {
  if (text !== null) return text
  const folder = join(root, 'node_modules/.cache/renatus')
  const file = join(folder, `loft-${stamp()}.json`)
  if (existsSync(file)) return (text = readFileSync(file, 'utf8'))
  text = JSON.stringify(livedLoft(LIVED.today, LIVED.timeZone))
  mkdirSync(folder, { recursive: true })
  // Several processes may live it at once: each writes its own, and the last name wins.
  const own = `${file}.${process.pid}`
  writeFileSync(own, text)
  renameSync(own, file)
  return text
}

/** The demo room at an instant, for tests and benches. */
export const demoAt = (now: Instant, timeZone: string): RoomFile =>
  demoRoom(loftText(), now, timeZone).file
