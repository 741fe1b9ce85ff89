import type { RandomStream } from '@renatus/core/math/random'

/** Values that have broken programs before: nothing, too much, too long, of another kind, of another time. */
const NASTY: readonly unknown[] = [
  null,
  '',
  0,
  -1,
  1e9,
  1e308,
  0.1 + 0.2,
  true,
  [],
  {},
  '2099-01-01',
  '2099-01-01T00:00:00Z',
  '1899-12-31T23:59:60Z',
  '2026-02-30',
  'Z'.repeat(5000),
  'Z'.repeat(26),
  '<img src=x onerror=alert(1)>',
  '\u0000\u202e\ud800',
  '../../etc/passwd',
  'NaN',
  '=1+1',
]
const pick = <T>(chance: RandomStream, list: readonly T[]): T =>
  list[chance.integer(0, list.length - 1)]!

/** Every place of a document that holds something: the thing that holds it, and the key. */
function placesOf(value: unknown, found: [Record<string, unknown>, string][] = []) {
  if (typeof value !== 'object' || value === null) return found
  for (const [key, inner] of Object.entries(value)) {
    found.push([value as Record<string, unknown>, key])
    placesOf(inner, found)
  }
  return found
}

/** A document with one to three places changed: replaced, taken out, taken from elsewhere, doubled. */
export function mutateJson<T>(chance: RandomStream, document: T): T {
  const copy = structuredClone(document)
  for (let n = chance.integer(1, 3); n > 0; n--) {
    const places = placesOf(copy)
    if (places.length === 0) return copy
    const [holder, key] = pick(chance, places)
    const act = chance.integer(0, 9)
    if (act < 5) holder[key] = pick(chance, NASTY)
    else if (act < 7) delete holder[key]
    else if (act < 9) {
      const [other, from] = pick(chance, places)
      holder[key] = structuredClone(other[from])
    } else if (Array.isArray(holder)) holder.push(structuredClone(holder[Number(key)]))
    else holder[`__proto__${key}`] = 1
  }
  return copy
}

/** A text with one to four wounds: letters changed, a piece cut out, doubled or moved, an end torn off. */
export function mutateText(chance: RandomStream, text: string): string {
  let out = text
  for (let n = chance.integer(1, 4); n > 0; n--) {
    const at = chance.integer(0, Math.max(0, out.length - 1))
    const end = Math.min(out.length, at + chance.integer(1, 40))
    const piece = out.slice(at, end)
    const wounds = [
      () => out.slice(0, at) + String.fromCharCode(chance.integer(0, 0x2fff)) + out.slice(at + 1),
      () => out.slice(0, at) + out.slice(end),
      () => out.slice(0, at) + piece + piece + out.slice(end),
      () => out.slice(0, at) + String(pick(chance, NASTY)) + out.slice(end),
      () => out.slice(0, at),
      () => piece + out,
    ]
    out = pick(chance, wounds)()
  }
  return out
}

/** Bytes with one to eight changed, or an end torn off. */
export function mutateBytes(chance: RandomStream, bytes: Uint8Array): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(bytes)
  for (let n = chance.integer(1, 8); n > 0; n--)
    out[chance.integer(0, out.length - 1)] = chance.integer(0, 255)
  return chance.next() < 0.2 ? out.slice(0, chance.integer(0, out.length)) : out
}
