/** Spaces, control signs and what has no width: who reads the address does not see them. */
const UNSEEN = /[\p{C}\p{Z}]/gu
/** Spellings undone one in another are nobody's slip. */
const MOST_LAYERS = 4

function decoded(path: string): string {
  let text = path
  for (let i = 0; i < MOST_LAYERS; i++) {
    let next: string
    try {
      next = decodeURIComponent(text)
    } catch {
      return text
    }
    if (next === text) return text
    text = next
  }
  return text
}

/**
 * Whether an address means the server's routes in another spelling than theirs: capitals, doubled or turned slashes, dots,
 * letters written as numbers, signs that nobody sees. The page must not answer there: a script would take it for data.
 */
export function isMisspeltApi(path: string): boolean {
  const plain = path.split(/[?#]/)[0] ?? ''
  const parts = decoded(plain)
    .replaceAll('\\', '/')
    .split('/')
    .map(part => part.split(';')[0]!.replace(UNSEEN, '').toLowerCase())
    .filter(part => part !== '' && part !== '.')
  const resolved: string[] = []
  for (const part of parts) {
    if (part === '..') resolved.pop()
    else resolved.push(part)
  }
  const means = parts[0] === 'api' || resolved[0] === 'api'
  return means && !isPlainApi(plain)
}

/** As the routes are written: small letters, single slashes, nothing encoded. */
const isPlainApi = (path: string): boolean =>
  /^\/api\/[^%\\;]+$/.test(path) && !path.includes('//') && !path.includes('/.')
