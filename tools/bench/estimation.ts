import { estimate } from '@renatus/core/estimation/estimate'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import { CASES, figures, median } from '../../tests/core/estimation/figures'
import { sloppyCulture, WORLDS } from '../../tests/core/estimation/sloppy'

const percent = (n: number, of: number) =>
  of === 0 ? '-' : `${Math.round((100 * n) / of)} % of ${of}`
/** Ten foods in all families. */
const TEN = [
  ...CASES,
  ['paramecium', 'boiled-grain'],
  ['grindal-worm', 'coir'],
  ['rotifer', 'paste'],
  ['daphnia-magna', 'green-water'],
] as const
const WEEKS_8 = 56
const CULTURES = 80

/** Vessels whose truth the filter does not see, one food of each family. */
export function benchReading(cultures = 120): void {
  const all = CASES.map(([food, method]) => {
    const f = figures(food, method, cultures)
    console.log(
      `estimate ${food.padEnd(15)} 80 % band holds the truth in ${percent(f.held, f.readings)}; ready day off by ${f.error.toFixed(2)} d, the card by ${f.cardError.toFixed(2)} d; failed flagged ${percent(...f.failed)}, healthy ${percent(...f.healthy)}`,
    )
    return f
  })
  const sum = (pick: (f: (typeof all)[number]) => readonly [number, number]) =>
    percent(
      all.reduce((s, f) => s + pick(f)[0], 0),
      all.reduce((s, f) => s + pick(f)[1], 0),
    )
  const errors = all.flatMap(f => f.errors)
  console.log(
    `estimate all foods       80 % band holds the truth in ${sum(f => [f.held, f.readings])}; ready day off by ${median(errors.map(e => e.own)).toFixed(2)} d, the card by ${median(errors.map(e => e.card)).toFixed(2)} d; failed flagged ${sum(f => f.failed)}, healthy ${sum(f => f.healthy)}`,
  )
}

/** The same in rooms that do not keep to the book, and by eyes that see everything a grade too well. */
export function benchUnlike(cultures = 20): void {
  for (const [name, world] of Object.entries(WORLDS)) {
    const all = TEN.map(([food, method]) => figures(food, method, cultures, world))
    const sum = (pick: (f: (typeof all)[number]) => readonly [number, number]) =>
      percent(
        all.reduce((s, f) => s + pick(f)[0], 0),
        all.reduce((s, f) => s + pick(f)[1], 0),
      )
    const worse = all.filter(f => f.error > f.cardError + 1e-9).map(f => f.food)
    console.log(
      `unlike: ${name.padEnd(15)} 80 % band holds the truth in ${sum(f => [f.held, f.readings])}; ready said wrongly ${sum(f => f.wrongReady)}; ready day worse than the card's for ${worse.length === 0 ? 'none' : worse.join(', ')}`,
    )
  }
}

/** How long a reading takes: anew, and with what is remembered of the one before. */
export function benchReadingTime(): void {
  const time = (run: () => void) => {
    const from = performance.now()
    run()
    return performance.now() - from
  }
  for (const [food, method] of CASES) {
    const k = sloppyCulture(food, method, food === 'brine-shrimp' ? 3 : WEEKS_8, 4)
    const sixty = Array.from(
      { length: 60 },
      (_, i) => k.observations[Math.floor((i * k.observations.length) / 60)]!,
    )
    const anew = time(() => estimate(k.subject, sixty, k.atH, undefined, false))
    const { memory } = estimate(k.subject, sixty.slice(0, -1), k.atH, undefined, false)
    const one = time(() => estimate(k.subject, sixty, k.atH, memory, false))
    console.log(
      `estimate ${food.padEnd(15)} 60 entries anew ${anew.toFixed(0)} ms, one more entry ${one.toFixed(0)} ms`,
    )
  }
  const room = Array.from({ length: CULTURES }, (_, i) => {
    const [food, method] = CASES[i % CASES.length]!
    return sloppyCulture(food, method, food === 'brine-shrimp' ? 3 : WEEKS_8, 100 + i)
  })
  const memories: ReplayMemory[] = []
  const anew = time(() =>
    room.forEach(k => {
      memories.push(
        estimate(k.subject, k.observations.slice(0, -1), k.atH, undefined, false).memory,
      )
    }),
  )
  const again = time(() =>
    room.forEach((k, i) => estimate(k.subject, k.observations, k.atH, memories[i], false)),
  )
  console.log(
    `estimate ${CULTURES} cultures of 8 weeks (${room.reduce((s, k) => s + k.observations.length, 0)} entries) anew ${(anew / 1000).toFixed(1)} s, each with one more entry ${(again / 1000).toFixed(1)} s`,
  )
}
