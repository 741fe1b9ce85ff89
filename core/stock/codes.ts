/** Letters that are told apart on wet tape: no I beside L, no O beside Q, no V beside U. */
const LETTERS = 'ABCDEFGHJKLMNPRSTUWXYZ'

const clean = (s: string) =>
  s
    .toUpperCase()
    .normalize('NFD')
    .replace(/[^A-Z]/g, '')

/**
 * Three letters for the tape of a vessel: as near to its name as is still free.
 * @param taken codes of vessels that are in use; more than ten thousand are never given out at a time
 */
export function codeFor(name: string, taken: ReadonlySet<string>): string {
  const words = name
    .split(/[^\p{L}]+/u)
    .map(clean)
    .filter(Boolean)
  const letters = [...clean(name)].filter(l => LETTERS.includes(l))
  const tries = [
    words
      .map(w => w[0])
      .join('')
      .slice(0, 3),
    (words[0] ?? '').slice(0, 3),
    `${(words[0] ?? '').slice(0, 2)}${(words[1] ?? '').slice(0, 1)}`,
    ...letters.flatMap((a, i) =>
      letters.slice(i + 1).flatMap((b, j) => letters.slice(i + j + 2).map(c => a + b + c)),
    ),
  ]
  const free = (code: string) =>
    code.length === 3 && [...code].every(l => LETTERS.includes(l)) && !taken.has(code)
  const found = tries.find(free)
  if (found) return found
  const first = letters[0] ?? 'A'
  for (const lead of [first, ...LETTERS]) {
    for (const b of LETTERS) for (const c of LETTERS) if (free(lead + b + c)) return lead + b + c
  }
  return `${first}${first}${first}`
}
