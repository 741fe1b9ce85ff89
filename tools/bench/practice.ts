import { goalOf } from '@renatus/core/practice/game'
import { playThrough, practise, PLAYERS, type PlayerName } from '@renatus/core/practice/practise'
import { scenarios } from '@renatus/core/practice/scenarios/index'
import type { Scenario } from '@renatus/core/practice/scenario'

const NAMES = Object.keys(PLAYERS) as PlayerName[]
const median = (xs: readonly number[]) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)]!
const mean = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / xs.length

function goals(s: Scenario, name: PlayerName, seeds: number): number[] {
  return Array.from({ length: seeds }, (_, i) =>
    s.kind === 'look' || s.kind === 'hands'
      ? practise(s, i + 1, name).outcome.goal
      : goalOf(playThrough(s, i + 1, PLAYERS[name])),
  )
}

/** Who reaches what, over many seeds: `PRACTICE_SEEDS=200 npm run bench` for the figures of the docs. */
export function benchPractice(): void {
  const seeds = Number(process.env.PRACTICE_SEEDS ?? 6)
  console.log(`\nPractice: mean (median) of the goal over ${seeds} seeds`)
  let [better, worse] = [0, 0]
  for (const s of scenarios) {
    const of = new Map(NAMES.map(n => [n, goals(s, n, seeds)]))
    const say = (n: PlayerName) =>
      `${n} ${mean(of.get(n)!).toFixed(2)} (${median(of.get(n)!).toFixed(2)})`
    const [advice, fixed] = [mean(of.get('advice')!), mean(of.get('fixed')!)]
    if (advice > fixed) better++
    if (advice < 0.95 * fixed) worse++
    console.log(`  ${s.id.padEnd(18)} ${NAMES.map(say).join('  ')}`)
  }
  console.log(
    `  advice beats fixed days in ${better} of ${scenarios.length}; worse by over 5 %: ${worse}`,
  )
}
