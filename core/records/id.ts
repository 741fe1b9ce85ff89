/** Crockford's base 32: no letters that look like digits. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'

/**
 * A time-ordered id of 26 characters: 10 of time in ms, 16 of chance. Needs no secure context.
 * @param ms time, ms since 1970
 * @param chance 10 random bytes
 */
export function makeId(ms: number, chance: Uint8Array): string {
  let time = ''
  for (let left = Math.max(0, Math.floor(ms)), i = 0; i < 10; i++) {
    time = ALPHABET[left % 32]! + time
    left = Math.floor(left / 32)
  }
  let tail = ''
  let buffer = 0
  let bits = 0
  for (const byte of chance.subarray(0, 10)) {
    buffer = (buffer << 8) | byte
    bits += 8
    while (bits >= 5) {
      bits -= 5
      tail += ALPHABET[(buffer >> bits) & 31]
    }
    buffer &= (1 << bits) - 1
  }
  return time + tail
}

/** The instant an id was made, ms. */
export function idTime(id: string): number {
  let ms = 0
  for (const c of id.slice(0, 10)) ms = ms * 32 + ALPHABET.indexOf(c)
  return ms
}
