/** Numbers that words stumble over. */
export const NUMBERS = [0, 1, 2, 1.5]
const COUNTED =
  'wipe|piece|cube|vessel|day|hour|minute|stop|tank|cup|round|worm|week|fry|tray|pull|hatch|entry|drop|bottle|start|look|jar|meal'

/** What no sentence may hold, and what it is called. */
const SLIPS: readonly (readonly [string, RegExp])[] = [
  ['one of many', new RegExp(`(?<![\\d.,/½¼¾-])1[\\s\\u00a0](${COUNTED})s\\b`)],
  [
    'one of many',
    /(?<![\d.,/½¼¾-])1[\s\u00a0](pinches|hatches|boxes|entries|nauplii|paramecia|larvae|rotifers|crumbs|cells)\b/,
  ],
  [
    'many of one',
    new RegExp(
      `(?<![\\d.,/])(?:[02-9]|\\d{2,}|1[½¼¾]|1\\.5)[\\s\\u00a0](${COUNTED.replace('fry|', '')})\\b(?![s-])`,
    ),
  ],
  ['a word twice', /\b([a-z]{3,})\s\1\b/i],
  ['an ISO date', /\d{4}-\d{2}-\d{2}/],
  ['digits nobody measures', /\d\.\d{4,}/],
  ['what code says', /undefined|NaN|\bnull\b|\[object|Infinity/],
  ['a blank before a stop', / {2,}| [.,;:](?!\d)/],
  ['two stops', /\.\.|,\.|:\./],
  ['no time at all', /\bin 0[\s\u00a0](days|hours|minutes)\b/],
  ['a little of a', /a little of a\b/],
]
export const slipsIn = (text: string) => SLIPS.filter(([, s]) => s.test(text)).map(([name]) => name)

/** Every number below is made this one; names, dates and what is looked up stay. */
const KEEP = new Set(['tended', 'wanted', 'source', 'brood', 'tank', 'vessel', 'measures', 'lot'])
export function withNumbers<T>(value: T, n: number): T {
  if (typeof value === 'number') return n as T
  if (Array.isArray(value)) return value.map(v => withNumbers<unknown>(v, n)) as T
  if (value === null || typeof value !== 'object' || value instanceof Map) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, v]) => [key, KEEP.has(key) ? v : withNumbers<unknown>(v, n)]),
  ) as T
}
