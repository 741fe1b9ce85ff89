/** npm run fuzz [-- MINUTES [SEED [TARGET]]]: gives everything that takes something from outside what it should not get. */
import { fuzz } from './fuzz'
import { headless } from './targets/headless'
import { pictures } from './targets/pictures'
import { roomFiles } from './targets/roomFiles'
import { serverRoutes } from './targets/serverRoutes'
import { ingredientTables, loggerFiles } from './targets/tables'
import type { Target } from './target'

const [minutes = 3, seed = 1] = process.argv.slice(2, 4).map(Number)
const only = process.argv[4] ?? ''
/** Room files are what matters most. */
const SHARES: readonly [Target | null, number][] = [
  [roomFiles(), 0.5],
  [headless(), 0.2],
  [ingredientTables(), 0.08],
  [loggerFiles(), 0.08],
  [pictures(), 0.04],
  [await serverRoutes(), 0.1],
]
const targets = SHARES.filter(([t]) => t !== null && t.name.includes(only)) as [Target, number][]
const shares = targets.reduce((sum, [, s]) => sum + s, 0)
let bad = 0
for (const [target, share] of targets) {
  const until = Date.now() + (minutes * 60_000 * share) / shares
  const { tried, taken, refused, faults } = await fuzz(target, seed, () => Date.now() < until)
  await target.end?.()
  bad += faults.length
  console.log(
    `${target.name.padEnd(24)} ${tried} tried, ${refused} refused, ${taken} taken, ${faults.length} faults`,
  )
  const told = new Set<string>()
  for (const f of faults) {
    if (told.has(f.what) || told.size >= 8) continue
    told.add(f.what)
    console.log(`  seed ${f.seed}: ${f.what}\n    ${f.input.slice(0, 300)}`)
  }
}
process.exitCode = bad > 0 ? 1 : 0
