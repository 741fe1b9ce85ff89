import { CASES, figures, median, readyErrors } from '../../tests/core/estimation/figures'
import { WORLDS } from '../../tests/core/estimation/sloppy'

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

/** A ready day that is nearer than the card's by less than this among a few vessels is looked at again with many. */
const NEARER = 0.85
const MANY = 240

/** The same in rooms that do not keep to the book, and by eyes that see everything a grade too well. */
export function benchUnlike(cultures = 60): void {
  for (const [name, world] of Object.entries(WORLDS)) {
    const all = TEN.map(([food, method]) => figures(food, method, cultures, world))
    const sum = (pick: (f: (typeof all)[number]) => readonly [number, number]) =>
      percent(
        all.reduce((s, f) => s + pick(f)[0], 0),
        all.reduce((s, f) => s + pick(f)[1], 0),
      )
    const worse = TEN.filter(([food, method], i) => {
      if (all[i]!.error <= NEARER * all[i]!.cardError) return false
      const { own, card } = readyErrors(food, method, MANY, world)
      console.log(
        `unlike: ${name.padEnd(15)} ${food} again with ${MANY} vessels: ready day off by ${own.toFixed(2)} d, the card by ${card.toFixed(2)} d`,
      )
      return own > card + 1e-9
    }).map(([food]) => food)
    console.log(
      `unlike: ${name.padEnd(15)} 80 % band holds the truth in ${sum(f => [f.held, f.readings])}; ready said wrongly ${sum(f => f.wrongReady)}; ready day worse than the card's for ${worse.length === 0 ? 'none' : worse.join(', ')}`,
    )
  }
}
